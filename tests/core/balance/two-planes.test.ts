import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { DEG, type Vec, add, angleOf, len, vec } from '../../../src/core/numeric/angles.js';
import { times } from '../../../src/core/numeric/complex.js';
import { refuses } from '../examples.js';
import { limits } from '../limits.js';

type Matrix = [[Vec, Vec], [Vec, Vec]];
const UNIT: Matrix = [
	[vec(0.002, 20), vec(0.0006, -40)],
	[vec(0.0005, 80), vec(0.0018, -10)]
];
const answers = (A: Matrix, u: [Vec, Vec]): [Vec, Vec] => [
	add(times(A[0][0], u[0]), times(A[0][1], u[1])),
	add(times(A[1][0], u[0]), times(A[1][1], u[1]))
];
const read = (v: Vec) => ({ ampMmPerS: len(v), phaseDeg: angleOf(v) });
/** What two meters read of a rotor with these unbalances, as it is and with each trial. */
function runs(u: [Vec, Vec], t1: Vec, t2: Vec, A: Matrix = UNIT) {
	const list = (w: [Vec, Vec]) => answers(A, w).map(read);
	return {
		initial: list(u),
		afterTrial1: list([add(u[0], t1), u[1]]),
		afterTrial2: list([u[0], add(u[1], t2)]),
		trial1Gmm: len(t1),
		trial1AngleDeg: angleOf(t1),
		trial2Gmm: len(t2),
		trial2AngleDeg: angleOf(t2)
	};
}
const U: [Vec, Vec] = [vec(400, 30), vec(300, 200)];
const RUNS = runs(U, vec(500, 0), vec(500, 90));
const run = (input: object) =>
	calculation('balance.two-planes').run(input) as {
		corrections: { gmm: number; angleDeg: number }[];
		residualMmPerS: number[] | null;
		condition: number;
	};
const apart = (a: number, b: number) => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

limits('balance.two-planes', RUNS, [
	{ code: 'vibration-too-high', severity: 'stop', not: [{}], yes: [{ stopMmPerS: 0.5 }] },
	{
		code: 'trial-heavy',
		severity: 'caution',
		not: [{}, { speedRpm: 4000 }],
		yes: [{ speedRpm: 4300 }, { speedRpm: 1000, rotorMassKg: 5 }]
	},
	{ code: 'trial-weak', severity: 'caution', not: [{}], yes: [runs(U, vec(30, 0), vec(500, 90))] },
	{
		code: 'ill-conditioned',
		severity: 'caution',
		not: [{}],
		yes: [
			runs(U, vec(500, 0), vec(500, 90), [
				[vec(0.002, 20), vec(0.0019, 20)],
				[vec(0.0019, 20), vec(0.002, 20)]
			])
		]
	}
]);

describe('balance.two-planes', () => {
	it('finds what was put in, opposite, and says that nothing will be left', () =>
		fc.assert(
			fc.property(
				fc.tuple(fc.double({ min: 50, max: 800, noNaN: true }), fc.double({ min: 0, max: 359, noNaN: true })),
				fc.tuple(fc.double({ min: 50, max: 800, noNaN: true }), fc.double({ min: 0, max: 359, noNaN: true })),
				([m1, a1], [m2, a2]) => {
					const input = { ...runs([vec(m1, a1), vec(m2, a2)], vec(600, 10), vec(500, 250)), stopMmPerS: 7.1 };
					const { corrections } = run(input);
					expect(corrections[0]!.gmm).to.be.closeTo(m1, 1e-6 * m1);
					expect(apart(corrections[0]!.angleDeg, a1 + 180)).to.be.below(1e-4);
					expect(corrections[1]!.gmm).to.be.closeTo(m2, 1e-6 * m2);
					expect(apart(corrections[1]!.angleDeg, a2 + 180)).to.be.below(1e-4);
					const left = run({ ...input, made: corrections }).residualMmPerS!;
					expect(Math.max(...left)).to.be.below(1e-9);
				}
			)
		));
	it('a phase that counts against the face angles is turned round', () => {
		const turned = (list: { ampMmPerS: number; phaseDeg: number }[]) =>
			list.map((r) => ({ ...r, phaseDeg: -r.phaseDeg }));
		const against = {
			...RUNS,
			initial: turned(RUNS.initial),
			afterTrial1: turned(RUNS.afterTrial1),
			afterTrial2: turned(RUNS.afterTrial2),
			phaseSense: 'against'
		};
		expect(run(against).corrections).to.deep.equal(run(RUNS).corrections);
	});
	it('says nothing of what is left before anything was made', () =>
		expect(run(RUNS).residualMmPerS).to.equal(null));
	it('the condition is that of the matrix, whatever its phases', () => {
		const diagonal: Matrix = [
			[vec(0.004, 10), vec(0, 0)],
			[vec(0, 0), vec(0.001, 77)]
		];
		expect(run(runs(U, vec(500, 0), vec(500, 0), diagonal)).condition).to.be.closeTo(4, 1e-6);
		expect(Math.cos(60 * DEG)).to.be.closeTo(0.5, 1e-12);
	});
	it('refuses trials that do nothing, or the same', () => {
		refuses('balance.two-planes', { ...RUNS, afterTrial2: RUNS.initial }, 'afterTrial2', 'no-effect');
		refuses('balance.two-planes', { ...RUNS, afterTrial1: RUNS.initial }, 'afterTrial2', 'no-effect');
		refuses('balance.two-planes', { ...RUNS, initial: [RUNS.initial[0]] }, 'initial', 'too-few');
		refuses('balance.two-planes', { ...RUNS, trial1Gmm: 0 }, 'trial1Gmm', 'below-minimum');
	});
});
