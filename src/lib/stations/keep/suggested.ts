import type { SetupFacts } from '$core/facts/setup';
import type { Unit } from '$core/calculation/fields';
import type { RedressCycle } from '$core/route/stations/keep/redress-cycle';
import { surfaceSpeedMps } from '$core/spec/speed';

export type What = 'ground-on' | 'redressed' | 'taken-off' | 'worn-out';

/** What the one press says. */
export const ACTIONS: Readonly<Record<What, string>> = {
	'ground-on': 'Part done',
	redressed: 'Redressed',
	'taken-off': 'Take it off',
	'worn-out': 'Scrap it'
};

/** What is most likely true when a person books: the next part, or the redress that comes next, where it falls and with what was taken last. */
export function suggested(
	facts: SetupFacts,
	loop: RedressCycle,
	runUm: number | null,
	what: What,
	figure: (value: number, unit: Unit) => string
): { targetMps: number; fields: Record<'partsGround' | 'inPartMm' | 'takenUm', string> } {
	const wheel = facts.wheel!;
	const targetMps = Math.min(
		surfaceSpeedMps(wheel.newDiameterMm, facts.machine.spindleRpm),
		wheel.ratedMps ?? Number.POSITIVE_INFINITY
	);
	const none = { partsGround: '0', inPartMm: '', takenUm: '' };
	if (what === 'ground-on') return { targetMps, fields: { ...none, partsGround: '1' } };
	if (what !== 'redressed') return { targetMps, fields: none };
	const takenUm = facts.sums.lastTakenUm ?? runUm;
	const at = loop.missedMm === null ? loop.next : null;
	return {
		targetMps,
		fields: {
			partsGround: String(at ? at.part - loop.part : 0),
			inPartMm: at ? figure(at.atMm, 'mm') : loop.inPartMm > 0 ? figure(loop.inPartMm, 'mm') : '',
			takenUm: takenUm === null ? '' : figure(takenUm, 'um')
		}
	};
}
