import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const LIFE = {
	diameterMm: 300,
	minDiameterMm: 250,
	redressUm: 40,
	partsPerRedress: 12,
	partsSinceRedress: 2,
	partsPerDay: 60,
	fromDate: '2026-05-04',
	wheelCost: 300,
	redressTimeMin: 3,
	labourCostPerHour: 50
};
describe('keep.life-forecast', () => {
	it('a wheel of six hundred redresses', () =>
		example('keep.life-forecast', LIFE, {
			redressesLeft: 625,
			partsLeft: 7510,
			daysLeft: 125.1667,
			lastDate: '2026-10-26',
			orderBy: '2026-09-29',
			usableRadiusLeftUm: 25000,
			wheelCostPerPart: 0.04,
			labourCostPerPart: 0.2083333,
			costPerPart: 0.2483333,
			verdict: 'ok',
			codes: []
		}));
	it('redressed inside a part, the wheel is counted in parts all the same', () =>
		example(
			'keep.life-forecast',
			{ ...LIFE, partsPerRedress: 0, partsSinceRedress: 0, redressesPerPart: 3, partDepthMm: 6 },
			{
				partsLeft: 208,
				radiusUsedPerPartUm: 120,
				infeedLeftMm: 1248,
				costPerPart: (300 * 120) / 25000 + 3 * 0.05 * 50
			}
		));
	it('a deeper redress never leaves more parts', () =>
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 1, max: 500 }), (a, more) => {
				const parts = (redressUm: number) =>
					run<{ partsLeft: number }>('keep.life-forecast', { ...LIFE, redressUm }).partsLeft;
				expect(parts(a + more)).to.be.at.most(parts(a));
			})
		));
	it('refuses what does not go together', () => {
		refuses('keep.life-forecast', { ...LIFE, newDiameterMm: 299 }, 'newDiameterMm', 'inconsistent');
		refuses('keep.life-forecast', { ...LIFE, minDiameterMm: 300 }, 'minDiameterMm', 'inconsistent');
		refuses('keep.life-forecast', { ...LIFE, partsPerRedress: 0 }, 'redressesPerPart', 'missing');
		refuses('keep.life-forecast', { ...LIFE, redressesPerPart: 2 }, 'redressesPerPart', 'inconsistent');
		refuses('keep.life-forecast', { ...LIFE, partsSinceRedress: 13 }, 'partsSinceRedress', 'inconsistent');
		refuses('keep.life-forecast', { ...LIFE, workdays: [8] }, 'workdays.0', 'above-maximum');
		refuses('keep.life-forecast', { ...LIFE, fromDate: '2026-02-30' }, 'fromDate', 'not-a-date');
	});
});
limits('keep.life-forecast', { ...LIFE, newDiameterMm: 400 }, [
	{
		code: 'at-minimum-diameter',
		severity: 'stop',
		not: [{ diameterMm: 250.001 }],
		yes: [{ diameterMm: 250 }]
	},
	{
		code: 'last-dress',
		severity: 'caution',
		not: [{ diameterMm: 250.08 }, { diameterMm: 250 }],
		yes: [{ diameterMm: 250.079 }, { diameterMm: 250.08, reserveUm: 1 }]
	},
	{
		code: 'order-now',
		severity: 'caution',
		not: [{ leadTimeDays: 119 }],
		yes: [{ leadTimeDays: 120 }, { diameterMm: 250.08 }]
	}
]);
