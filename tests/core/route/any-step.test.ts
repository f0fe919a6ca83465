import { expect } from 'chai';
import fc from 'fast-check';
import { checkInput } from '../../../src/core/calculation/check.js';
import { InputFault } from '../../../src/core/calculation/fault.js';
import type { Field } from '../../../src/core/calculation/fields.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { all } from '../../../src/core/route/result.js';
import { notFinite } from '../../shared/finite.js';
import { STEPS } from '../../../src/core/route/steps.js';
import { completed, partMissing } from '../../../src/core/calculation/complete.js';
import { did, worked } from '../../shared/setup-in-memory.js';
import { CORNER, FLANK, PASSES, atForm, shaped } from './on-form.js';

/** Anything a field may hold, its edges more often than by chance. */
function anyOf(f: Field): fc.Arbitrary<unknown> {
	const value = ((): fc.Arbitrary<unknown> => {
		switch (f.kind) {
			case 'number': {
				const [lo, hi] = [f.min ?? -1e6, f.max ?? 1e6];
				const inside = (x: number): number => Math.min(hi, Math.max(lo, x));
				return fc.oneof(
					fc.constantFrom(lo, hi, inside(0), inside(1)),
					fc.double({ min: inside(-100), max: inside(400), noNaN: true }),
					fc.double({ min: lo, max: hi, noNaN: true })
				);
			}
			case 'integer':
				return fc.oneof(
					fc.constantFrom(f.min ?? 0, Math.min(f.max ?? 50, 50)),
					fc.integer({ min: f.min ?? -50, max: Math.min(f.max ?? 50, 100) })
				);
			case 'boolean':
				return fc.boolean();
			case 'choice':
				return fc.constantFrom(...f.choices);
			case 'text':
				return fc.oneof(
					fc.constantFrom('', '0411', 'x', '<b>1</b>', '1; DROP TABLE records'),
					fc.string({ maxLength: 30 })
				);
			case 'date':
				return fc.constantFrom('2026-06-01', '2020-02-29', '2026-02-30', 'tomorrow');
			case 'list':
				return fc.array(anyOf(f.item), { minLength: 0, maxLength: Math.min(f.maxItems ?? 12, 12) });
			default:
				return fc.record(Object.fromEntries(f.fields.map((g) => [g.name, anyOf(g)])));
		}
	})();
	return fc.oneof(
		{ arbitrary: value, weight: f.required ? 30 : 5 },
		{ arbitrary: fc.constantFrom(null, undefined, 'soon', -1, {}, []), weight: 1 }
	);
}
const UNTIL: Record<string, string | null> = {
	brief: null,
	machine: 'select.take',
	select: 'select.take',
	inspect: 'inspect.ring',
	mount: 'mount.tighten',
	'run-in': 'run-in.outcome',
	true: 'true.after',
	balance: 'balance.move',
	dress: 'dress.done',
	prove: 'prove.release',
	keep: null
};
/** A form for every way there is, its passes planned. */
const onForm: Record<string, () => SetupFacts> = {
	shape: () => atForm('cnc'),
	sine: () => shaped(atForm(), 'sine', FLANK),
	radius: () => shaped(atForm(), 'radius', CORNER),
	roll: () => shaped(atForm('cnc'), 'roll', CORNER),
	program: () => did(shaped(atForm('cnc'), 'program', FLANK), 'form', 'passes', PASSES)
};
const MADE = new Map<string, SetupFacts>();
function factsAt({ station, step }: { station: string; step: string }): SetupFacts {
	if (station !== 'form' && step !== 'interval') return worked(UNTIL[station] ?? null);
	const known = MADE.get(step) ?? (onForm[step] ?? onForm.program!)();
	MADE.set(step, known);
	return known;
}

describe('a step that nothing was typed for', () => {
	// Which check of the shop it is, or which trial cut, the page always says.
	for (const step of STEPS.filter((s) => !['take', 'check', 'leave-cut'].includes(s.step)))
		it(`${step.station}, ${step.step}: is previewed or names what is missing`, () => {
			try {
				const missing = partMissing(step.fields, {});
				if (missing) throw missing;
				step.compute(factsAt(step), completed(step.fields, {}));
			} catch (e) {
				if (!(e instanceof InputFault)) throw e;
				expect(e.message).to.not.match(/undefined|null|NaN|\[object/);
			}
		});
});

describe('whatever is sent to a step', () => {
	for (const step of STEPS.filter((s) => s.step !== 'take'))
		it(`${step.station}, ${step.step}: computes or names what is wrong, nothing else`, () =>
			fc.assert(
				fc.property(fc.record(Object.fromEntries(step.fields.map((f) => [f.name, anyOf(f)]))), (values) => {
					try {
						const result = step.compute(factsAt(step), checkInput(step.fields, values));
						for (const c of all(result)) expect(notFinite(c.output), c.calculation).to.deep.equal([]);
						step.event?.(factsAt(step), checkInput(step.fields, values));
					} catch (e) {
						if (!(e instanceof InputFault)) throw e;
						expect(e.message).to.be.a('string').with.length.above(8);
						expect(e.message).to.not.match(/undefined|NaN|\[object/);
					}
				}),
				{ numRuns: 60 }
			));
});
