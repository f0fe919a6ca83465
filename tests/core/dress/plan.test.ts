import { expect } from 'chai';
import { dressPlan } from '../../../src/core/dress/plan.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const PLAN = {
	wheelDiameterMm: 250,
	wheelWidthMm: 20,
	wheelMinDiameterMm: 168,
	wheelSpeedRpm: 2000,
	roughStockUm: 60,
	roughDepthUm: 20,
	roughLeadUm: 150,
	finishStockUm: 10,
	finishDepthUm: 10,
	finishLeadUm: 60
};
const rough = (roughStockUm: number, roughDepthUm = roughStockUm) => ({ roughStockUm, roughDepthUm });
const scrap = (wheelMinDiameterMm: number) => ({ wheelMinDiameterMm });

limits('dress.plan', PLAN, [
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{}, { ratedSpeedMps: 26.18 }],
		yes: [{ ratedSpeedMps: 26.179 }]
	},
	{ code: 'below-minimum-diameter', severity: 'stop', not: [scrap(249.86)], yes: [scrap(249.87)] },
	{ code: 'depth-too-great', severity: 'stop', not: [rough(102), rough(204, 102)], yes: [rough(102.1)] },
	{
		code: 'depth-heavy',
		severity: 'caution',
		not: [rough(51), rough(102.1)],
		yes: [rough(51.1), rough(102)]
	},
	{
		code: 'lead-exceeds-grain',
		severity: 'caution',
		not: [{}, { grainSizeUm: 150 }, { ...rough(0, 20), grainSizeUm: 60 }],
		yes: [{ grainSizeUm: 149 }, { ...rough(0, 20), grainSizeUm: 59 }]
	},
	{ code: 'overtravel-short', severity: 'caution', not: [{ overTravelMm: 2 }], yes: [{ overTravelMm: 1.9 }] },
	{
		code: 'last-dress',
		severity: 'caution',
		not: [scrap(249.72), scrap(249.87)],
		yes: [scrap(249.73), scrap(249.86)]
	}
]);

describe('dress.plan: pass by pass', () => {
	it('the stock in equal bites, each with its time and the diameter after it', () => {
		const out = dressPlan.run({ ...PLAN, ...rough(50, 20), sparkOutPasses: 1 });
		expect(out.passes.map((p) => [p.kind, p.number])).to.deep.equal([
			['rough', 1],
			['rough', 2],
			['rough', 3],
			['finish', 1],
			['spark-out', 1]
		]);
		example(
			'dress.plan',
			{ ...PLAN, ...rough(50, 20), sparkOutPasses: 1 },
			{
				roughPasses: 3,
				finishPasses: 1,
				totalPasses: 5,
				totalDepthUm: 60,
				diameterAfterMm: 249.88,
				'passes.0.depthUm': 50 / 3,
				'passes.0.traverseMmPerMin': 300,
				'passes.0.timeS': 8,
				'passes.1.diameterAfterMm': 250 - 0.2 / 3,
				'passes.3.traverseMmPerMin': 120,
				'passes.3.timeS': 17,
				'passes.4.depthUm': 0,
				'passes.4.timeS': 15,
				timeS: 3 * 8 + 17 + 15
			}
		);
	});
	it('one way adds the run back; no fine pass, no fine lead', () => {
		const oneWay = {
			...PLAN,
			finishStockUm: 0,
			returnMode: 'one-way',
			returnMmPerMin: 600,
			sparkOutPasses: 1
		};
		example('dress.plan', oneWay, {
			finishPasses: 0,
			'passes.0.timeS': 6 + 3 + 2,
			'passes.3.kind': 'spark-out',
			'passes.3.leadUm': 150
		});
	});
	it('what is left of the wheel', () => {
		example('dress.plan', { ...PLAN, ...scrap(249.3) }, { dressesLeft: 4, lifeUsedPercent: 20 });
		example('dress.plan', { ...PLAN, ...scrap(249.87) }, { dressesLeft: 0 });
		example('dress.plan', PLAN, {
			volumeRemovedMm3: (Math.PI / 4) * (250 ** 2 - 249.86 ** 2) * 20,
			surfaceSpeedMps: 26.1799,
			surfaceSpeedAfterMps: 26.16526
		});
	});
	it('in words a person can follow', () => {
		expect(dressPlan.run({ ...PLAN, sparkOutPasses: 2 }).steps).to.deep.equal([
			'Touch off at the high place and zero there.',
			'3 passes of 20.0 µm, traverse 300 mm/min.',
			'1 pass of 10.0 µm, traverse 120 mm/min.',
			'2 passes with no feed, traverse 120 mm/min.',
			'Withdraw, let the coolant spin out, turn the diamond a little in its holder.'
		]);
		expect(dressPlan.run({ ...PLAN, ...rough(0, 20), returnMode: 'one-way' }).steps[1]).to.equal(
			'1 pass of 10.0 µm, traverse 120 mm/min, lift and run back.'
		);
	});
	it('refuses a plan that cannot be', () => {
		const no = (v: object, field: string, code: string) =>
			refuses('dress.plan', { ...PLAN, ...v }, field, code);
		no(scrap(250), 'wheelMinDiameterMm', 'inconsistent');
		no({ roughStockUm: 0, finishStockUm: 0 }, 'finishStockUm', 'inconsistent');
		no({ roughStockUm: 2000, roughDepthUm: 0.1 }, 'roughDepthUm', 'below-minimum');
		no({ finishStockUm: 2000, finishDepthUm: 0.1 }, 'finishDepthUm', 'below-minimum');
		no({ wheelDiameterMm: 20, wheelMinDiameterMm: 1, roughStockUm: 9991 }, 'roughStockUm', 'above-maximum');
		dressPlan.run({ ...PLAN, roughStockUm: 1000, roughDepthUm: 0.1 });
	});
});
