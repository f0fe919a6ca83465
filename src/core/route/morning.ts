import { choice } from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import { dailyStart } from '../set/daily-start.js';
import { SHIFTS, type Shift } from '../set/shift.js';
import { type GateLine, line } from './gate.js';
import type { Refusal } from './hard-stops.js';
import type { SetupFacts, StationId } from './facts.js';
import { type Result, alone, compute } from './step.js';

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
): Result<ReturnType<typeof dailyStart.run>> => alone(compute(facts, dailyStart, v));

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

/** Where the spindle is started, or the wheel is brought to something. */
const STARTS: readonly StationId[] = ['run-in', 'true', 'form', 'dress', 'prove'];
const RUNS_FOR_BALANCE: readonly string[] = ['phase', 'runs', 'auto', 'restart'];
type Asked = Pick<SetupFacts, 'morning' | 'today' | 'machine'>;

/** Today's sheet says that this machine does not start. */
function unsafe(f: Asked): Morning | null {
	const m = f.morning;
	return m && m.day === f.today && !m.mayStart ? m : null;
}
const says = (f: Asked, m: Morning): string =>
	`${f.machine.code} does not start: ${m.open.join(', ')} on this morning's sheet. Put it right and fill in the sheet again.`;

/** What protects people is open on today's sheet: nothing that turns the wheel is recorded until it is put right. Never overridden. */
export function mayNotStart(f: Asked, station: StationId, step: string): Refusal | null {
	const starts = STARTS.includes(station) || (station === 'balance' && RUNS_FOR_BALANCE.includes(step));
	const m = starts ? unsafe(f) : null;
	return m && { code: 'morning-sheet', message: says(f, m) };
}

/** The morning sheet as a line of the gate, where the machine has one. */
export function morningLine(f: Asked & Pick<SetupFacts, 'state'>, station: StationId): GateLine[] {
	const m = f.morning;
	if (!m || f.state === 'finished' || !(STARTS.includes(station) || station === 'keep')) return [];
	const own = { key: 'morning', title: 'Morning sheet', recordId: m.recordId };
	if (m.day !== f.today) return [line({ ...own, state: 'caution', value: 'not filled in today' })];
	if (!m.mayStart) return [line({ ...own, state: 'stop', value: says(f, m) })];
	return [
		line({
			...own,
			state: m.open.length ? 'caution' : 'ok',
			value: m.open.length ? `open: ${m.open.join(', ')}` : `${m.shift}, ${m.by}`
		})
	];
}
