import { quantity } from '../quantity/format.js';
import type { Unit } from '../calculation/fields.js';
import type { RecordFacts, SetupFacts } from './facts.js';

/** A value in the units of the setup. */
export const show = (facts: SetupFacts) => (v: number | null | undefined, unit: Unit) =>
	quantity(v ?? null, unit, facts.units);
/** A number of what a record came to. */
export const out = (r: RecordFacts | null, name: string): number | null =>
	typeof r?.output[name] === 'number' ? (r.output[name] as number) : null;
/** What a failed record says, in its own words; the number stays beside it when there is one. */
export const said = (r: RecordFacts | null, otherwise: string): string => {
	const reasons = (r?.output.reasons ?? []) as { message: string; severity: string }[];
	return (
		reasons.find((x) => x.severity === 'stop')?.message ??
		reasons.find((x) => x.severity === 'caution')?.message ??
		otherwise
	);
};
