import { from0, um, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { LedgerEvent } from '../../define-step.js';
import { DIAMETER_AFTER, checkDiameter } from '../../wheel-size.js';

/** What is measured of the wheel once it was trued, however its run-out is read. */
export const CUT_AWAY = [
	DIAMETER_AFTER,
	yesNo('spunDry', 'Coolant off, then run on until dry', { label: 'Spun dry' }),
	whole('passesDone', 'As counted', { ...from0(1000), label: 'Passes made' }),
	um('takenUm', 'On the radius, by the dial of the feed', { ...from0(10000), label: 'Really taken off' })
] as const;

/** What was measured afterwards can be, and a wet wheel was spun dry or not. @throws InputFault */
export function checkAfter(
	facts: SetupFacts,
	{ diameterAfterMm, spunDry }: { diameterAfterMm: number; spunDry: boolean | null }
): void {
	checkDiameter(facts, diameterAfterMm);
	if (facts.machine.wet && spunDry === null)
		throw new InputFault(
			'spunDry',
			'missing',
			'Spun dry is missing. Coolant off, let it run on until it is dry, then say so.'
		);
}

/** The line in the wheel's ledger. */
export function cutAway(v: {
	diameterAfterMm: number;
	takenUm: number | null;
	passesDone: number | null;
}): LedgerEvent {
	const passes = v.passesDone === null ? '' : ` in ${v.passesDone} passes`;
	return {
		kind: 'trued',
		diameterAfterMm: v.diameterAfterMm,
		note: v.takenUm === null ? null : `${v.takenUm} µm off the radius${passes}`
	};
}
