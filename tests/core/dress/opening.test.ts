import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const STICK = {
	wheelDiameterMm: 127,
	wheelWidthMm: 12,
	bond: 'resin',
	grainSizeUm: 100,
	concentrationPercent: 75,
	stickGrainSizeUm: 40,
	stickWidthMm: 13,
	stickHeightMm: 25
};
const bare = (protrusionPercent: number) => ({ protrusionPercent });
const presses = (...pressForcesN: number[]) => ({ pressForcesN });
limits('dress.stick', STICK, [
	{ code: 'grains-will-fall-out', severity: 'stop', not: [bare(49.9)], yes: [bare(50)] },
	{ code: 'protrusion-high', severity: 'caution', not: [bare(30), bare(50)], yes: [bare(30.1), bare(49.9)] },
	{ code: 'protrusion-low', severity: 'caution', not: [bare(15)], yes: [bare(14.9)] },
	{
		code: 'stick-too-coarse',
		severity: 'caution',
		not: [{ stickGrainSizeUm: 99.9 }],
		yes: [{ stickGrainSizeUm: 100 }]
	},
	{ code: 'plated-clean-only', severity: 'caution', not: [{}], yes: [{ bond: 'plated' }] },
	{
		code: 'not-open-yet',
		severity: 'caution',
		not: [{}, presses(100, 50), presses(100, 45, 35)],
		yes: [presses(100, 46, 35), presses(100, 36, 36), presses(100, 80, 80), presses(100, 90, 81)]
	}
]);
describe('dress.stick: when it is open', () => {
	it('is told by how far the effort fell and whether it settled', () => {
		const state = (list: number[], openState: string) =>
			example('dress.stick', { ...STICK, ...presses(...list) }, { openState });
		state([100, 30], 'unknown');
		state([100, 45, 35], 'open');
		state([100, 46, 35], 'opening');
		state([100, 80, 80], 'opening');
		state([100, 80.1, 80.1], 'glazed');
		refuses('dress.stick', { ...STICK, pressForcesN: [10, null] }, 'pressForcesN.1', 'missing');
		refuses(
			'dress.stick',
			{ ...STICK, wheelDiameterMm: 1, grainSizeUm: 5000, protrusionPercent: 20 },
			'grainSizeUm',
			'above-maximum'
		);
	});
});

const WIRE = {
	bond: 'metal',
	wheelDiameterMm: 98,
	wheelWidthMm: 5,
	grainSizeUm: 64,
	concentrationPercent: 100,
	runoutTirUm: 16,
	formStockUm: 90,
	finishStockUm: 12,
	wireDiameterMm: 0.25,
	gapUm: 18,
	roughCurrentA: 7,
	finishCurrentA: 1.6,
	wireFeedMPerMin: 7,
	spoolLengthM: 1900,
	flooded: true
};
const section = (Math.PI / 4) * 0.0625;
limits('dress.edm', WIRE, [
	{
		code: 'bond-not-conducting',
		severity: 'stop',
		not: [{}, { rimResistanceOhm: 5 }, { bond: 'crushable-metal' }, { bond: 'hybrid', rimResistanceOhm: 5 }],
		yes: [
			{ rimResistanceOhm: 5.1 },
			{ bond: 'hybrid' },
			{ bond: 'hybrid', rimResistanceOhm: 5.1 },
			{ bond: 'resin', rimResistanceOhm: 0 },
			{ bond: 'plated' }
		]
	},
	{ code: 'no-flood', severity: 'stop', not: [{}], yes: [{ flooded: false }] },
	{
		code: 'radius-too-small-for-wire',
		severity: 'stop',
		not: [{}, { smallestConcaveRadiusMm: 0.143 }],
		yes: [{ smallestConcaveRadiusMm: 0.1429 }]
	},
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{ ratedSpeedMps: 1 }, { wheelSpeedRpm: 3000, ratedSpeedRpm: 3000 }],
		yes: [
			{ wheelSpeedRpm: 3000, ratedSpeedMps: 15.39 },
			{ wheelSpeedRpm: 3000, ratedSpeedRpm: 2999 }
		]
	},
	{
		code: 'grains-will-fall-out',
		severity: 'stop',
		not: [bare(60), { ...bare(49), protrusionPass: true }],
		yes: [{ ...bare(50), protrusionPass: true }]
	},
	{
		code: 'protrusion-high',
		severity: 'caution',
		not: [bare(40), { ...bare(30), protrusionPass: true }],
		yes: [{ ...bare(31), protrusionPass: true }]
	},
	{ code: 'fire-watch', severity: 'caution', not: [{}], yes: [{ dielectric: 'oil' }] },
	{
		code: 'gap-outside-range',
		severity: 'caution',
		not: [{ gapUm: 10 }, { gapUm: 50 }],
		yes: [{ gapUm: 9.9 }, { gapUm: 50.1 }]
	},
	{
		code: 'wire-will-break',
		severity: 'caution',
		not: [{ roughCurrentA: 250 * section * 0.999 }],
		yes: [{ roughCurrentA: 250 * section * 1.001 }]
	},
	{
		code: 'wire-margin-thin',
		severity: 'caution',
		not: [{}, { roughCurrentA: 250 * section * 1.001 }],
		yes: [{ roughCurrentA: 250 * section * 0.999 }, { roughCurrentA: (250 * section) / 1.299 }]
	},
	{ code: 'spool-short', severity: 'caution', not: [{ spoolLengthM: 79.86 }], yes: [{ spoolLengthM: 79.8 }] },
	{
		code: 'wire-size-unusual',
		severity: 'caution',
		not: [{ wireDiameterMm: 0.1 }, { wireDiameterMm: 0.33 }],
		yes: [{ wireDiameterMm: 0.09 }, { wireDiameterMm: 0.34 }]
	}
]);
describe('dress.edm: stock', () => {
	it('the fine stock is a part of the whole, and some wheel is left', () => {
		refuses('dress.edm', { ...WIRE, finishStockUm: 91 }, 'finishStockUm', 'inconsistent');
		refuses('dress.edm', { ...WIRE, wheelDiameterMm: 10, formStockUm: 5000 }, 'formStockUm', 'above-maximum');
		example('dress.edm', { ...WIRE, finishStockUm: 90 }, { roughPasses: 1, finishPasses: 18 });
		example('dress.edm', { ...WIRE, spoolLengthM: 10 }, { spoolRemainingM: 10 - 79.851 });
	});
});
