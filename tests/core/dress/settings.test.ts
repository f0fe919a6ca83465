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
		not: [{}, { ratedSpeedMps: 28.798 }, { ratedSpeedRpm: 2200 }],
		yes: [{ ratedSpeedMps: 28.797 }, { ratedSpeedRpm: 2199 }]
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
	{ code: 'depth-too-great', severity: 'stop', not: [{ depthUm: 102 }], yes: [{ depthUm: 102.1 }] },
	{
		code: 'depth-heavy',
		severity: 'caution',
		not: [{ depthUm: 51 }, { depthUm: 102.1 }, { depthUm: 60, abrasive: 'cbn' }],
		yes: [{ depthUm: 51.1 }, { depthUm: 102 }]
	},
	{
		code: 'depth-heavy-superabrasive',
		severity: 'caution',
		not: [{ depthUm: 10.2, abrasive: 'cbn' }, { depthUm: 20 }, { depthUm: 102.1, abrasive: 'cbn' }],
		yes: [
			{ depthUm: 10.3, abrasive: 'cbn' },
			{ depthUm: 10.3, abrasive: 'diamond' }
		]
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
			side(3, { surfaceMotion: 'up' }),
			side(0.34, { wheelDiameterMm: 20 })
		],
		yes: [
			at(0.1),
			radius(0.51),
			side(0.51),
			{ offsetMm: -0.1, rotation: 'counter-clockwise' },
			radius(0.51, { centreToleranceMm: 0.8 }),
			side(0.36, { wheelDiameterMm: 20 })
		]
	},
	{
		code: 'dresser-too-near-centre',
		severity: 'caution',
		not: [at(-3.49), at(0.1), radius(0), { wheelDiameterMm: 20, offsetMm: -1 }],
		yes: [at(-3.48), at(0), { wheelDiameterMm: 20, offsetMm: -0.9 }]
	},
	{
		code: 'dresser-far-past-centre',
		severity: 'caution',
		not: [at(-25.88), side(-30), { wheelDiameterMm: 40, offsetMm: -5.17 }],
		yes: [at(-25.89), { wheelDiameterMm: 40, offsetMm: -5.18 }]
	},
	{
		code: 'dresser-off-centre',
		severity: 'caution',
		not: [
			at(-15),
			radius(0.447),
			radius(-0.447),
			side(-9),
			radius(0.6),
			radius(0.1, { centreToleranceMm: 0.1 }),
			radius(-1.94, { formRadiusMm: 5 }),
			radius(-0.89, { formErrorAllowedUm: 4 })
		],
		yes: [
			radius(0.448),
			radius(-0.448),
			radius(0.11, { centreToleranceMm: 0.1 }),
			radius(-1.95, { formRadiusMm: 5 }),
			radius(-0.9, { formErrorAllowedUm: 4 }),
			radius(-2.01, { formErrorAllowedUm: 1000 })
		]
	},
	{
		code: 'size-shift-only',
		severity: 'caution',
		not: [side(-0.5), side(0.4), at(-15), radius(-9), side(-0.9, { centreToleranceMm: 1 })],
		yes: [side(-0.51), side(0.51, { surfaceMotion: 'up' })]
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
			recommendedOffsetMm: -8.715574
		});
		example(
			'dress.dresser-position',
			{ ...PLACE, rotation: 'counter-clockwise' },
			{ pastCentreMm: -5, side: 'ingoing', recommendedOffsetMm: 8.715574 }
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
	it('a radius is out of form by what its depth and the centre differ', () => {
		const shift = (z: number) => Math.sqrt(z * z + 4) - z;
		const form = (more: object, formErrorUm: number | null) =>
			example('dress.dresser-position', { ...PLACE, ...more }, { formErrorUm });
		form(radius(-2, { formRadiusMm: 20 }), 1000 * (shift(80) - shift(100)));
		form(radius(-2), 1000 * shift(100));
		form(side(-2), null);
		form(at(-2), null);
		refuses(
			'dress.dresser-position',
			{ ...PLACE, ...radius(0, { formRadiusMm: 100 }) },
			'formRadiusMm',
			'inconsistent'
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
