import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const POINT = {
	wheelDiameterMm: 250,
	wheelSpeedRpm: 2200,
	grainSizeUm: 215,
	abrasive: 'alumina',
	depthUm: 20,
	leadUm: 60,
	tipRadiusUm: 250,
	coolant: 'continuous'
};

limits('dress.single-point', POINT, [
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{}, { ratedSpeedMps: 28.798 }],
		yes: [{ ratedSpeedMps: 28.797 }]
	},
	{
		code: 'wrong-dresser-for-superabrasive',
		severity: 'stop',
		not: [{}, { abrasive: 'cbn' }, { abrasive: 'silicon-carbide' }],
		yes: [{ abrasive: 'diamond' }]
	},
	{
		code: 'superabrasive-wears-diamond',
		severity: 'caution',
		not: [{}, { abrasive: 'diamond' }],
		yes: [{ abrasive: 'cbn' }]
	},
	{ code: 'depth-too-great', severity: 'stop', not: [{ depthUm: 100 }], yes: [{ depthUm: 100.1 }] },
	{
		code: 'depth-heavy',
		severity: 'caution',
		not: [{ depthUm: 50 }, { depthUm: 100.1 }],
		yes: [{ depthUm: 50.1 }, { depthUm: 100 }]
	},
	{ code: 'lead-exceeds-grain', severity: 'caution', not: [{ leadUm: 215 }], yes: [{ leadUm: 215.1 }] },
	{
		code: 'coolant-intermittent',
		severity: 'caution',
		not: [{}, { coolant: 'none' }],
		yes: [{ coolant: 'intermittent' }]
	},
	{
		code: 'dry-no-extraction',
		severity: 'caution',
		not: [{}, { coolant: 'none', dustExtraction: true }],
		yes: [{ coolant: 'none' }]
	}
]);

describe('dress.single-point: lead or traverse', () => {
	it('either gives the other', () => {
		example('dress.single-point', POINT, { leadUm: 60, traverseMmPerMin: 132, leadPerGrainRatio: 60 / 215 });
		example(
			'dress.single-point',
			{ ...POINT, leadUm: null, traverseMmPerMin: 132 },
			{ leadUm: 60, traverseMmPerMin: 132 }
		);
	});
	it('one of them, not both', () => {
		refuses('dress.single-point', { ...POINT, leadUm: null }, 'leadUm', 'missing');
		refuses('dress.single-point', { ...POINT, traverseMmPerMin: 132 }, 'traverseMmPerMin', 'inconsistent');
	});
});

const PLACE = { setup: 'surface-below', wheelDiameterMm: 200, rotation: 'clockwise', offsetMm: -5 };
const at = (offsetMm: number) => ({ offsetMm });
const radius = (offsetMm: number, more: object = {}) => ({ setup: 'radius-dress', offsetMm, ...more });
const side = (offsetMm: number, more: object = {}) => ({
	setup: 'cylindrical-side',
	surfaceMotion: 'down',
	offsetMm,
	...more
});
const lean = (dragAngleDeg: number) => ({ dragAngleDeg });

limits('dress.dresser-position', PLACE, [
	{
		code: 'dresser-on-ingoing-side',
		severity: 'stop',
		not: [
			{},
			at(0),
			radius(0.5),
			side(0.5),
			{ offsetMm: 5, rotation: 'counter-clockwise' },
			side(-3),
			side(3, { surfaceMotion: 'up' })
		],
		yes: [
			at(0.1),
			radius(0.51),
			side(0.51),
			{ offsetMm: -0.1, rotation: 'counter-clockwise' },
			radius(0.81, { centreToleranceMm: 0.8 })
		]
	},
	{
		code: 'dresser-too-near-centre',
		severity: 'caution',
		not: [at(-3), at(0.1), radius(0), { wheelDiameterMm: 20, offsetMm: -1 }],
		yes: [at(-2.9), at(0), { wheelDiameterMm: 20, offsetMm: -0.9 }]
	},
	{
		code: 'dresser-far-past-centre',
		severity: 'caution',
		not: [at(-20), side(-30), { wheelDiameterMm: 40, offsetMm: -5.17 }],
		yes: [at(-20.1), { wheelDiameterMm: 40, offsetMm: -5.18 }]
	},
	{
		code: 'dresser-off-centre',
		severity: 'caution',
		not: [
			at(-15),
			radius(0.02),
			radius(-0.02),
			side(0.5),
			side(-0.5),
			radius(0.6),
			radius(0.1, { centreToleranceMm: 0.1 })
		],
		yes: [radius(0.03), radius(-0.03), side(-0.51)]
	},
	{ code: 'diamond-points-against-rotation', severity: 'stop', not: [{}, lean(0)], yes: [lean(-0.1)] },
	{
		code: 'drag-angle-small',
		severity: 'caution',
		not: [lean(5), lean(-1), radius(0, lean(0))],
		yes: [lean(4.9), lean(0)]
	},
	{ code: 'drag-angle-large', severity: 'caution', not: [lean(20)], yes: [lean(20.1)] }
]);

describe('dress.dresser-position: what it measures', () => {
	it('past centre is where the rim leaves, by the way the wheel turns', () => {
		example('dress.dresser-position', PLACE, {
			pastCentreMm: 5,
			side: 'outgoing',
			recommendedOffsetMm: -11.5
		});
		example(
			'dress.dresser-position',
			{ ...PLACE, rotation: 'counter-clockwise' },
			{ pastCentreMm: -5, side: 'ingoing', recommendedOffsetMm: 11.5 }
		);
		example('dress.dresser-position', { ...PLACE, ...at(0) }, { pastCentreMm: 0, side: 'centre' });
		example('dress.dresser-position', { ...PLACE, ...side(-1) }, { pastCentreMm: 1, contactClockDeg: null });
	});
	it('off centre the wheel stands higher, the radius grows, the feed bites less', () => {
		example(
			'dress.dresser-position',
			{ ...PLACE, ...at(-60) },
			{
				sagittaMm: 20,
				radialFeedFactor: 0.8,
				radiusErrorUm: 1000 * (Math.sqrt(13600) - 100),
				pastCentreDeg: 36.8699,
				contactClockDeg: 216.8699
			}
		);
	});
	it('wants to know which way the rim moves, and a place on the wheel', () => {
		refuses('dress.dresser-position', { ...PLACE, rotation: null }, 'rotation', 'missing');
		refuses(
			'dress.dresser-position',
			{ ...PLACE, ...side(0, { surfaceMotion: null }) },
			'surfaceMotion',
			'missing'
		);
		refuses('dress.dresser-position', { ...PLACE, ...at(100) }, 'offsetMm', 'above-maximum');
		refuses('dress.dresser-position', { ...PLACE, ...at(-100) }, 'offsetMm', 'below-minimum');
	});
});
