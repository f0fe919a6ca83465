import type { Unit } from '../calculation/fields.js';
import { quantity } from '../quantity/format.js';
import { type Recorded, reasonsOf } from './evidence.js';
import type { SetupFacts } from '../facts/setup.js';

/** A value in the units of the setup. */
export const show = (facts: SetupFacts) => (v: number | null | undefined, unit: Unit) =>
	quantity(v ?? null, unit, facts.units);

/** What a failed step says, in its own words; what is said otherwise when nothing failed. */
/** A value of a gate line that quotes a sentence. */
export function recordedText(
	from: Pick<Recorded, 'parts'> | { output: object } | null,
	otherwise: string
): string {
	const reasons = reasonsOf(from);
	const worstOf = (severity: string) => reasons.find((reason) => reason.severity === severity)?.message;
	return worstOf('stop') ?? worstOf('caution') ?? otherwise;
}
