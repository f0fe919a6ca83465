import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';
const deg = fc.integer({ min: 0, max: 359 });
const amount = fc.integer({ min: 50, max: 900 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
type Found = { unbalanceGmm: number; heavyAngleDeg: number; lightAngleDeg: number };

describe('balance.update-estimate', () => {
	type Est = Found & {
		sigmaMajorGmm: number;
		sigmaMinorGmm: number;
		innovations: number[];
		presentUnbalanceGmm: number;
	};
	const release = (more: object) => ({ sigmaMomentGmm: 20, ...more });
	it('never becomes less certain, and turning everything turns the answer', () =>
		fc.assert(
			fc.property(
				fc.array(fc.record({ restAngleDeg: deg, amount }), { minLength: 1, maxLength: 6 }),
				deg,
				(list, by) => {
					const at = (n: number, turn: number) =>
						run<Est>('balance.update-estimate', {
							observations: list.slice(0, n).map((o) =>
								release({
									restAngleDeg: o.restAngleDeg + turn,
									unbalanceGmm: o.amount,
									sigmaUnbalanceGmm: 30
								})
							)
						});
					for (let n = 2; n <= list.length; n++)
						expect(at(n, 0).sigmaMajorGmm).to.be.at.most(at(n - 1, 0).sigmaMajorGmm + 1e-6);
					const [one, other] = [at(list.length, 0), at(list.length, by)];
					expect(other.unbalanceGmm).to.be.closeTo(one.unbalanceGmm, 1e-4 * (1 + one.unbalanceGmm));
				}
			)
		));
	it('a wheel that stays is balanced by the weights that are on it', () => {
		const out = run<Est>('balance.update-estimate', {
			observations: [release({ stays: true, weights: [{ massG: 5, radiusMm: 60, angleDeg: 200 }] })]
		});
		expect(out.unbalanceGmm).to.be.closeTo(300, 0.1);
		expect(apart(out.heavyAngleDeg, 20)).to.be.below(0.1);
		expect(out.presentUnbalanceGmm).to.be.below(0.1);
	});
	it('finds out a release that does not fit, and names what is missing', () => {
		const seen = (heavy: number) =>
			release({ restAngleDeg: heavy, unbalanceGmm: 400, sigmaUnbalanceGmm: 20 });
		expect(
			codes(run('balance.update-estimate', { observations: [seen(10), seen(12), seen(200)] }))
		).to.include('surprise');
		refuses(
			'balance.update-estimate',
			{ observations: [release({})] },
			'observations.0.restAngleDeg',
			'missing'
		);
		refuses(
			'balance.update-estimate',
			{ observations: [release({ restAngleDeg: 3, unbalanceGmm: 100 })] },
			'observations.0.sigmaUnbalanceGmm',
			'missing'
		);
		refuses('balance.update-estimate', { observations: [] }, 'observations', 'too-few');
	});
});
