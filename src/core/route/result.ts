import type { Calculation } from '../calculation/define.js';
import type { Reason, Verdict } from '../calculation/verdict.js';

/** What a judged output carries; one that judges nothing has neither. */
export interface Judged {
	verdict?: Verdict;
	reasons?: readonly Reason[];
}

/** One calculation made for a step, with what went in and came out. */
export interface Computed<O extends object = object> {
	calculation: string;
	input: Record<string, unknown>;
	output: O & Judged;
}

/** What a step comes to: its result, which the page shows and others refer to, and what stands beside it. */
export interface Result<O extends object = object> {
	main: Computed<O>;
	secondary: readonly Computed[];
}

/** A result with nothing beside it. */
export const single = <O extends object>(main: Computed<O>): Result<O> => ({ main, secondary: [] });
/** Everything that was computed for a step, its result first. */
export const all = (result: Result): Computed[] => [result.main, ...result.secondary];
/** Every finding of a step. */
export const findingsOf = (result: Result): Reason[] => all(result).flatMap((c) => c.output.reasons ?? []);
/** What a calculation came to within a step; null where the step did not make it. */
export function outputOf<O extends object>(
	result: Result | null,
	calculation: Pick<Calculation, 'id'> & { run(input: unknown): O }
): (O & Judged) | null {
	const found = result && all(result).find((c) => c.calculation === calculation.id);
	// The id says which calculation made it, and with it what came out.
	return (found?.output as (O & Judged) | undefined) ?? null;
}
