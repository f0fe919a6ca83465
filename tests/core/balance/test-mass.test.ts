import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';

const DEG = Math.PI / 180;
const deg = fc.integer({ min: 0, max: 359 });
const amount = fc.integer({ min: 50, max: 900 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
type Found = { unbalanceGmm: number; heavyAngleDeg: number; lightAngleDeg: number };

describe('a test mass', () => {
	it('two rests or more give back what is there', () =>
		fc.assert(
			fc.property(
				amount,
				deg,
				fc.integer({ min: 30, max: 150 }),
				fc.integer({ min: 1, max: 6 }),
				(U, heavy, off, massG) => {
					const rest = (w: number, at: number) =>
						Math.atan2(
							U * Math.sin(heavy * DEG) + w * Math.sin(at * DEG),
							U * Math.cos(heavy * DEG) + w * Math.cos(at * DEG)
						) / DEG;
					const runs = [
						{ massG: 0, restAngleDeg: rest(0, 0) },
						{ massG, radiusMm: 95, angleDeg: heavy + off, restAngleDeg: rest(massG * 95, heavy + off) },
						{ massG, radiusMm: 95, angleDeg: heavy - off, restAngleDeg: rest(massG * 95, heavy - off) }
					];
					fc.pre(apart(runs[1]!.restAngleDeg, heavy) > 3);
					const out = run<Found & { frictionGmm: number }>('balance.from-test-mass', {
						method: 'rest-angles',
						runs
					});
					expect(out.unbalanceGmm).to.be.closeTo(U, 1e-4 * U);
					expect(apart(out.heavyAngleDeg, heavy)).to.be.below(1e-3);
					expect(out.frictionGmm).to.be.below(1e-3 * U);
				}
			)
		));
	it('says what is missing and what tells nothing', () => {
		refuses(
			'balance.from-test-mass',
			{ method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 3.4 },
			'holdHighMassG',
			'missing'
		);
		refuses(
			'balance.from-test-mass',
			{ method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 4.4, holdHighMassG: 4 },
			'holdLowMassG',
			'above-maximum'
		);
		refuses('balance.from-test-mass', { method: 'rest-angles' }, 'runs', 'missing');
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 1 },
					{ massG: 0, restAngleDeg: 90 }
				]
			},
			'runs',
			'no-test-mass'
		);
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 72 },
					{ massG: 4, radiusMm: 95, angleDeg: 72, restAngleDeg: 72 }
				]
			},
			'runs',
			'no-information'
		);
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 72 },
					{ massG: 4, radiusMm: 95, restAngleDeg: 118 }
				]
			},
			'runs.1.angleDeg',
			'missing'
		);
		expect(
			codes(
				run('balance.from-test-mass', {
					method: 'hold',
					heavyAngleDeg: 72,
					radiusMm: 95,
					holdLowMassG: 0,
					holdHighMassG: 4
				})
			)
		).to.deep.equal(['stand-too-stiff']);
	});
});
