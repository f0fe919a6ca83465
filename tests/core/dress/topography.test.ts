import { expect } from 'chai';
import { topography } from '../../../src/core/dress/topography.js';
import { mulberry32 } from '../../../src/core/numeric/random.js';
import { example, refuses } from '../examples.js';

const PATCH = { grainSizeUm: 205, tipRadiusUm: 230, depthUm: 19, leadUm: 62, seed: 7, profiles: 4 };
const of = (more: object = {}) => topography.run({ ...PATCH, ...more });

describe('dress.topography: a simulated patch', () => {
	it('is drawn with the generator that is told', () =>
		expect(mulberry32(12345)()).to.equal(0.9797282677609473));
	it('comes out as worked by hand from the same numbers', () =>
		example(
			'dress.topography',
			{ ...PATCH, profiles: 2, compareWith: { leadUm: 20, depthUm: 6 } },
			{
				raUm: 0.75607,
				rzUm: 5.9292,
				flatSharePercent: 0.22258,
				activePerMm2: 8.4375,
				fracturedShare: 0.83915,
				grainVolumePercent: 48,
				grainsPerMm2: 21.814,
				grainsSimulated: 524,
				patchLengthMm: 12,
				ratioTo: {
					raUm: 4.9755,
					rzUm: 3.9191,
					flatSharePercent: 0.30786,
					activePerMm2: 0.72321,
					fracturedShare: 3.602
				}
			},
			5e-4
		));
	it('is the same again for a seed, another one for another', () => {
		expect(of()).to.deep.equal(of());
		expect(of({ seed: 8 }).raUm).not.to.equal(of().raUm);
	});
	it('shows what a dress does, whatever the seed', () => {
		for (const seed of [1, 2, 3]) {
			const run = (more: object) => of({ seed, profiles: 8, ...more });
			const usual = run({});
			const fine = run({ grainSizeUm: 100 });
			expect(fine.raUm, 'a finer grit is smoother').to.be.below(usual.raUm);
			expect(fine.activePerMm2, 'and has more grains that cut').to.be.above(usual.activePerMm2);
			expect(run({ leadUm: 120 }).raUm, 'a longer lead is rougher').to.be.above(usual.raUm);
			expect(run({ depthUm: 30 }).raUm, 'a deeper bite is rougher').to.be.above(run({ depthUm: 8 }).raUm);
			expect(run({ structureNumber: 14 }).raUm, 'an open structure is rougher').to.be.above(
				run({ structureNumber: 4 }).raUm
			);
			const dull = run({ leadUm: 15, depthUm: 4 });
			expect(dull.raUm, 'a dull dress is smoother').to.be.below(usual.raUm);
			expect(dull.flatSharePercent, 'with far more flats').to.be.above(3 * usual.flatSharePercent);
		}
	});
	it('keeps to twenty thousand grains on a shorter patch', () => {
		const many = of({ grainSizeUm: 20, patchWidthMm: 0.5, patchLengthMm: 200, profiles: 1 });
		expect(many.grainsSimulated).to.equal(20000);
		expect(many.patchLengthMm).to.be.closeTo(20000 / (many.grainsPerMm2 * 0.5), 0.001);
		expect(of({ concentrationPercent: 100 }).grainVolumePercent).to.equal(25);
	});
	it('compares with what is given in its place, and says whose fault a fault is', () => {
		const against = (compareWith: object) => of({ compareWith }).ratioTo as Record<string, number>;
		expect(against({})).to.deep.equal({
			raUm: 1,
			rzUm: 1,
			flatSharePercent: 1,
			activePerMm2: 1,
			fracturedShare: 1
		});
		expect(against({ grainSizeUm: 100 }).raUm).to.be.above(1);
		expect(of().ratioTo).to.equal(null);
		const no = (v: object, field: string, code: string) =>
			refuses('dress.topography', { ...PATCH, ...v }, field, code);
		no({ compareWith: { depthUm: 0 } }, 'compareWith.depthUm', 'below-minimum');
		no({ compareWith: { flatWidthUm: 460 } }, 'compareWith.flatWidthUm', 'inconsistent');
		no({ tipRadiusUm: null }, 'tipRadiusUm', 'missing');
		no({ flatWidthUm: 460 }, 'flatWidthUm', 'inconsistent');
	});
});
