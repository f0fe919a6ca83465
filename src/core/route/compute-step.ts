import type { Calculation, OutputOf } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import type { Field, Values } from '../calculation/fields.js';
import { withLimits } from '../calculation/limits.js';
import type { Reason } from '../calculation/verdict.js';
import type { Step } from './define-step.js';
import type { Guidelines } from '../facts/shop.js';
import type { SetupFacts } from '../facts/setup.js';
import { type Computed, type Result, findingsOf } from './result.js';

/**
 * Computes a step. What is wrong with a figure the person did not type is said as such: it comes from what the shop keeps.
 * @throws InputFault
 */
export function computeStep<L extends readonly Field[], O extends object>(
	step: Step<L, O>,
	facts: SetupFacts,
	values: Values<L>
): Result<O> {
	try {
		return step.compute(facts, values);
	} catch (error) {
		if (!(error instanceof InputFault) || !OUT_OF_RANGE.includes(error.code)) throw error;
		const typed = step.fields.some((field) => field.name === error.field.split('.')[0]);
		throw typed ? error : new InputFault(error.field, error.code, `${error.message} ${FROM_THE_SHOP}`);
	}
}
const OUT_OF_RANGE: readonly string[] = ['below-minimum', 'above-maximum'];
const FROM_THE_SHOP =
	'It comes from what the shop keeps of wheel, mount, dresser or machine; put it right there.';

/** The stop that forbids recording this step as done, if there is one. */
export function forbidden(step: Pick<Step, 'notAgainstStop'>, result: Result | null): Reason | null {
	if (!step.notAgainstStop || !result) return null;
	return findingsOf(result).find((finding) => finding.severity === 'stop') ?? null;
}

/** Where no figure of the shop counts. */
export const AS_SHIPPED = { guidelines: { limits: {} } } as const;

/** Runs a calculation for a step, with the shop's own guideline figures where nothing else is given; they go into the record with the rest. */
export function compute<
	C extends Pick<Calculation, 'id' | 'fields'> & { run(input: unknown, system?: SetupFacts['units']): object }
>(
	facts: { guidelines: Pick<Guidelines, 'limits'>; units?: SetupFacts['units'] },
	calculation: C,
	given: object
): Computed<OutputOf<C>> {
	const input = withLimits(facts.guidelines.limits, calculation, given, facts.units);
	return { calculation: calculation.id, input, output: calculation.run(input, facts.units) as OutputOf<C> };
}
