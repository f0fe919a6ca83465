import { choice } from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import { dailyStart } from '../set/daily-start.js';
import { SHIFTS, type Shift } from '../set/shift.js';
import { type GateLine, line } from './gate.js';
import type { Refusal } from './hard-stops.js';
import type { SetupFacts } from '../facts/setup.js';
import { type Result, single } from './result.js';
import { compute } from './compute-step.js';

/** What is looked at before a machine starts, for one shift of one machine. */
export const MORNING_FIELDS = [
	choice('shift', 'Of today', SHIFTS, { required: true, label: 'Shift' }),
	...dailyStart.fields
] as const;
/** Under this station and step it is kept; it belongs to a machine and to no setup. */
export const MORNING = { station: 'machine', step: 'morning' } as const;

/** A machine's newest morning sheet. */
export interface Morning {
	recordId: number;
	day: string;
	shift: Shift;
	mayStart: boolean;
	/** Names of the items that are open, in the words of the sheet. */
	open: readonly string[];
	by: string;
	atMs: number;
}

/** A sheet worked out with the shop's own limits. @throws InputFault */
export const morningOf = (
	facts: Parameters<typeof compute>[0],
	{ shift: _shift, ...v }: Values<typeof MORNING_FIELDS>
): Result<ReturnType<typeof dailyStart.run>> => single(compute(facts, dailyStart, v));

/** Items as they are named in a sentence. */
export const ITEM_WORDS: Readonly<Record<string, string>> = {
	guardClosed: 'guard',
	dresserReturned: 'dresser returned',
	magnetHolds: 'magnet',
	chuckStoned: 'chuck stoned',
	extractionOn: 'extraction',
	lubeLevelPct: 'oil level',
	lubePulls: 'oil pulls',
	concentrationPct: 'coolant concentration',
	coolantLevelPct: 'coolant level',
	hydraulicPressureBar: 'hydraulic pressure',
	warmUpMin: 'warm-up',
	handwheelChecked: 'handwheels',
	tableStops: 'table stops'
};

type Asked = Pick<SetupFacts, 'morning' | 'morningWanted' | 'today' | 'machine'>;

/** Why this machine does not start today: its sheet says so, or there is none and the shop asks for one. */
function unsafe(f: Asked): string | null {
	const m = f.morning?.day === f.today ? f.morning : null;
	if (m && !m.mayStart)
		return `${f.machine.code} does not start: ${m.open.join(', ')} on this morning's sheet. Put it right and fill in the sheet again.`;
	if (!m && f.morningWanted)
		return `${f.machine.code} has no morning sheet of today, and this shop asks for one before it starts. Fill it in from its card on the Floor.`;
	return null;
}

/** What protects people is open on today's sheet, or nobody looked: nothing that turns the wheel is recorded until it is put right. Never overridden. */
export function mayNotStart(f: Asked): Refusal | null {
	const message = unsafe(f);
	return message === null ? null : { code: 'morning-sheet', message };
}

/** The morning sheet as a line of the gate, where the machine has one. */
export function morningLine(f: Asked & Pick<SetupFacts, 'state'>): GateLine[] {
	const morning = f.morning;
	if (f.state === 'finished') return [];
	const own = { key: 'morning', title: 'Morning sheet', recordId: morning?.recordId ?? null };
	const stops = unsafe(f);
	if (stops !== null) return [line({ ...own, state: 'stop', value: stops })];
	if (!morning) return [];
	if (morning.day !== f.today) return [line({ ...own, state: 'caution', value: 'not filled in today' })];
	return [
		line({
			...own,
			state: morning.open.length ? 'caution' : 'ok',
			value: morning.open.length ? `open: ${morning.open.join(', ')}` : `${morning.shift}, ${morning.by}`
		})
	];
}
