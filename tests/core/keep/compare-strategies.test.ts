import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const TWO = {
	diameterMm: 300,
	minDiameterMm: 250,
	partDepthMm: 2,
	wheelCost: 300,
	labourCostPerHour: 50,
	a: { intervalMm: 5, redressUm: 40, redressTimeS: 60 },
	b: { intervalMm: 13, redressUm: 130, redressTimeS: 90 }
};
describe('keep.compare-strategies', () => {
	it('little and often against much and seldom', () =>
		example('keep.compare-strategies', TWO, {
			a: {
				partsPerRedress: 2,
				redresses: 625,
				partsPerWheel: 1252,
				lossAtRedressUm: null,
				redressHoursPerWheel: 10.41667,
				costPerPart: 0.6562833
			},
			b: {
				partsPerRedress: 6,
				redresses: 192,
				partsPerWheel: 1158,
				redressHoursPerWheel: 4.8,
				costPerPart: 0.4674007
			},
			better: 'b',
			savingPerPart: 0.1888826
		}));
	it('inside a part, and a wheel that does not last for one', () => {
		example(
			'keep.compare-strategies',
			{ ...TWO, partDepthMm: 12, lossUmPerMm: 2 },
			{ 'a.redressesPerPart': 3, 'a.partsPerWheel': 208, 'a.lossAtRedressUm': 8 }
		);
		example(
			'keep.compare-strategies',
			{ ...TWO, minDiameterMm: 299.9, partDepthMm: 12 },
			{ better: 'b', savingPerPart: null, 'a.costPerPart': null }
		);
	});
	it('a way that has something against it loses, though it is cheaper', () =>
		example('keep.compare-strategies', { ...TWO, lossUmPerMm: 4, formToleranceUm: 40 }, { better: 'a' }));
	it('turned round, the answer is turned round', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 3, max: 40 }),
				fc.integer({ min: 10, max: 200 }),
				(intervalMm, redressUm) => {
					const a = { intervalMm, redressUm, redressTimeS: 60 };
					const one = run<{ better: string }>('keep.compare-strategies', { ...TWO, a }).better;
					const other = run<{ better: string }>('keep.compare-strategies', { ...TWO, a: TWO.b, b: a }).better;
					expect(other).to.equal(one === 'equal' ? 'equal' : one === 'a' ? 'b' : 'a');
				}
			)
		));
	it('refuses a scrap diameter that is none', () =>
		refuses('keep.compare-strategies', { ...TWO, minDiameterMm: 300 }, 'minDiameterMm', 'inconsistent'));
});
limits('keep.compare-strategies', { ...TWO, lossUmPerMm: 10, formToleranceUm: 200 }, [
	{
		code: 'redress-shallower-than-wear-a',
		severity: 'caution',
		not: [{}],
		yes: [{ lossUmPerMm: 10.1 }]
	},
	{
		code: 'redress-shallower-than-wear-b',
		severity: 'caution',
		not: [{}],
		yes: [{ lossUmPerMm: 10.9 }]
	},
	{
		code: 'tolerance-exceeded-a',
		severity: 'caution',
		not: [{ formToleranceUm: 40 }],
		yes: [{ formToleranceUm: 39.9 }]
	},
	{
		code: 'tolerance-exceeded-b',
		severity: 'caution',
		not: [{ formToleranceUm: 120 }],
		yes: [{ formToleranceUm: 119.9 }]
	},
	{
		code: 'wheel-too-small-a',
		severity: 'caution',
		not: [{}],
		yes: [{ minDiameterMm: 299.9, partDepthMm: 20 }]
	},
	{
		code: 'wheel-too-small-b',
		severity: 'caution',
		not: [{}],
		yes: [{ minDiameterMm: 299.9, partDepthMm: 40 }]
	}
]);
