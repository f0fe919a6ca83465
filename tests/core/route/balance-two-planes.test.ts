import { expect } from 'chai';
import fc from 'fast-check';
import { type Vec, add, angleOf, len, vec } from '../../../src/core/numeric/angles.js';
import { times } from '../../../src/core/numeric/complex.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { showsCouple } from '../../../src/core/route/stations/balance/two-planes.js';
import { WHEEL, did, faults, line } from '../../shared/setup-in-memory.js';
import { atBalance, backOnSpindle, found } from './at-balance.js';

/** A made-up machine: what an unbalance in plane k shakes in plane i, mm/s a g mm. */
const SHAKES: readonly (readonly [Vec, Vec])[] = [
	[vec(0.004, 30), vec(0.0015, 80)],
	[vec(0.0012, 200), vec(0.005, 10)]
];
const read = (u: readonly [Vec, Vec]) =>
	SHAKES.map(([a, b]) => {
		const v = add(times(a, u[0]), times(b, u[1]));
		return { ampMmPerS: len(v), phaseDeg: angleOf(v) };
	});
const trial = vec(200, 90);
const runs = (u: readonly [Vec, Vec]) => ({
	initial: read(u),
	afterTrial1: read([add(u[0], trial), u[1]]),
	afterTrial2: read([u[0], add(u[1], trial)]),
	trial1Gmm: 200,
	trial1AngleDeg: 90,
	trial2Gmm: 200,
	trial2AngleDeg: 90
});

describe('Balance: two planes', () => {
	const wide = (f: SetupFacts): SetupFacts => ({
		...f,
		machine: { ...f.machine, maxWidthMm: 200 },
		wheel: { ...f.wheel!, widthMm: 180 }
	});
	const turning = () => wide(backOnSpindle(did(atBalance(), 'balance', 'stays')));
	const couple: [Vec, Vec] = [vec(180, 40), vec(150, 220)];

	it('is for packs and wheels wider than half their diameter', () => {
		const wheel = { ...WHEEL, diameterMm: 100 };
		expect(showsCouple({ wheel: { ...wheel, widthMm: 50 }, companions: [] })).to.equal(false);
		expect(showsCouple({ wheel: { ...wheel, widthMm: 51 }, companions: [] })).to.equal(true);
		expect(showsCouple({ wheel, companions: [{ wheel }] as never })).to.equal(true);
	});
	it('on the stand the line says what is not seen', () => {
		const rested = turning();
		expect(line(rested, 'balance', 'inside')!.value).to.match(/couple unbalance is not seen$/);
		const narrow = { ...rested, wheel: { ...rested.wheel!, widthMm: 32 } };
		expect(line(narrow, 'balance', 'inside')!.value).to.not.match(/couple/);
	});
	it('two trials tell both corrections; put there and read again, it is inside', () => {
		const measured = did(turning(), 'balance', 'planes', runs(couple));
		const told = found(measured, 'planes', 'balance.two-planes').corrections as unknown as {
			gmm: number;
			angleDeg: number;
		}[];
		expect(told[0]!.gmm).to.be.closeTo(180, 1e-6);
		expect(told[0]!.angleDeg).to.be.closeTo(220, 1e-6);
		expect(told[1]!.angleDeg).to.be.closeTo(40, 1e-6);
		const made = did(measured, 'balance', 'planes-made', { made: told });
		expect(line(made, 'balance', 'second')!.state).to.equal('open');
		const small: [Vec, Vec] = [vec(4, 10), vec(3, 100)];
		const again = did(made, 'balance', 'planes', { initial: read(small) });
		const left = found(again, 'planes', 'balance.two-planes').corrections as unknown as { gmm: number }[];
		expect(left.map((c) => c.gmm).map((x) => Number(x.toFixed(6)))).to.deep.equal([4, 3]);
		expect(line(again, 'balance', 'inside')).to.include({ state: 'ok' });
		expect(line(again, 'balance', 'inside')!.value).to.match(/^8 g·mm, limit/);
	});
	it('what one trial told holds for every reading after it', () => {
		const measured = did(turning(), 'balance', 'planes', runs(couple));
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 60, noNaN: true }),
				fc.integer({ min: 0, max: 359 }),
				(gmm, deg) => {
					const f = did(measured, 'balance', 'planes', {
						initial: read([vec(gmm, deg), vec(gmm / 2, deg + 77)])
					});
					const told = found(f, 'planes', 'balance.two-planes').corrections as unknown as { gmm: number }[];
					expect(told[0]!.gmm).to.be.closeTo(gmm, 1e-6 * gmm + 1e-9);
					expect(told[1]!.gmm).to.be.closeTo(gmm / 2, 1e-6 * gmm + 1e-9);
				}
			),
			{ numRuns: 25 }
		);
	});
	it('without trials nothing is told, and half of them is none', () => {
		faults('missing', 'afterTrial1', () => did(turning(), 'balance', 'planes', { initial: read(couple) }));
		const measured = did(turning(), 'balance', 'planes', runs(couple));
		const { afterTrial2: _two, ...half } = runs(couple);
		faults('missing', 'afterTrial2', () => did(measured, 'balance', 'planes', half));
		faults('inconsistent', 'made', () =>
			did(turning(), 'balance', 'planes-made', {
				made: [
					{ gmm: 1, angleDeg: 0 },
					{ gmm: 1, angleDeg: 0 }
				]
			})
		);
	});
});
