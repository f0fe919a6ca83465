import { expect } from 'chai';
import { calculation } from '../../src/core/calculations.js';

type Values = Record<string, unknown>;

/** A finding of a calculation and the very values around the figure at which it begins. */
export interface Limit {
	code: string;
	severity: 'caution' | 'stop';
	/** Values that do not earn it yet. */
	not: Values[];
	/** Values that do. */
	yes: Values[];
}

const findings = (id: string, input: Values) =>
	(calculation(id).run(input) as { reasons: { code: string; severity: string }[] }).reasons;

/** One test a limit: the finding appears for these values with its severity, and not for those. */
export function limits(id: string, base: Values, list: Limit[]): void {
	describe(`${id}: each finding begins at its figure`, () => {
		for (const { code, severity, not, yes } of list)
			it(code, () => {
				for (const v of not)
					expect(
						findings(id, { ...base, ...v }).map((f) => f.code),
						JSON.stringify(v)
					).not.to.include(code);
				for (const v of yes)
					expect(
						findings(id, { ...base, ...v })
							.filter((f) => f.code === code)
							.map((f) => f.severity),
						JSON.stringify(v)
					).to.deep.equal([severity]);
			});
	});
}
