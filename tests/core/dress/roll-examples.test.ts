import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of rolls and discs', () => {
	it('dress.rotary-plunge 1', () =>
		example(
			'dress.rotary-plunge',
			{
				wheelDiameterMm: 452,
				wheelWidthMm: 27,
				wheelSpeedRpm: 1265,
				rollDiameterMm: 131,
				rollWidthMm: 30,
				speedRatio: 0.77,
				feedUmPerRev: 0.45,
				totalDepthUm: 27,
				dwellRevs: 12
			},
			{
				surfaceSpeedMps: 29.938,
				rollSpeedRpm: 3360.8,
				rollSpeedMps: 23.053,
				speedRatio: 0.77,
				contactDirection: 'with',
				spindleSense: 'opposite',
				slipSpeedMps: 6.8858,
				attackAngleDeg: 7.8944e-5,
				infeedMmPerMin: 0.56925,
				feedRevs: 60,
				feedTimeS: 2.8458,
				dwellTimeS: 0.56917,
				totalTimeS: 3.415,
				removalRateMm3PerS: 363.75,
				powerW: null,
				diameterAfterMm: 451.95,
				relativeRoughness: 1.4508,
				dressClass: 'open-sharp',
				rpmRatio: 2.6568,
				nearFraction: null,
				clearRpmRatio: 2.6568,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.rotary-plunge 2', () =>
		example(
			'dress.rotary-plunge',
			{
				wheelDiameterMm: 452,
				wheelWidthMm: 27,
				wheelSpeedRpm: 1265,
				rollDiameterMm: 131,
				rollWidthMm: 30,
				rollSpeedRpm: 2620,
				contactDirection: 'against',
				feedUmPerRev: 0.45,
				totalDepthUm: 27
			},
			{
				surfaceSpeedMps: 29.938,
				rollSpeedRpm: 2620,
				rollSpeedMps: 17.971,
				speedRatio: -0.60027,
				contactDirection: 'against',
				spindleSense: 'same',
				slipSpeedMps: 47.909,
				attackAngleDeg: 1.1346e-5,
				infeedMmPerMin: 0.56925,
				feedRevs: 60,
				feedTimeS: 2.8458,
				dwellTimeS: 0,
				totalTimeS: 2.8458,
				removalRateMm3PerS: 363.75,
				powerW: null,
				diameterAfterMm: 451.95,
				relativeRoughness: 0.79103,
				dressClass: 'fine',
				rpmRatio: 2.0711,
				nearFraction: null,
				clearRpmRatio: 2.0711,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.rotary-plunge 3', () =>
		example(
			'dress.rotary-plunge',
			{
				wheelDiameterMm: 452,
				wheelWidthMm: 27,
				wheelSpeedRpm: 1265,
				rollDiameterMm: 131,
				rollWidthMm: 30,
				rollSpeedRpm: 3161,
				contactDirection: 'with',
				feedUmPerRev: 0.45,
				totalDepthUm: 27
			},
			{
				surfaceSpeedMps: 29.938,
				rollSpeedRpm: 3161,
				rollSpeedMps: 21.682,
				speedRatio: 0.72421,
				contactDirection: 'with',
				spindleSense: 'opposite',
				slipSpeedMps: 8.2566,
				attackAngleDeg: 6.5838e-5,
				infeedMmPerMin: 0.56925,
				feedRevs: 60,
				feedTimeS: 2.8458,
				dwellTimeS: 0,
				totalTimeS: 2.8458,
				removalRateMm3PerS: 363.75,
				powerW: null,
				diameterAfterMm: 451.95,
				relativeRoughness: 1.5387,
				dressClass: 'open-sharp',
				rpmRatio: 2.4988,
				nearFraction: '5/2',
				clearRpmRatio: 2.49,
				verdict: 'caution',
				codes: ['integer-rpm-ratio']
			},
			TOLERANCE
		));
	it('dress.rotary-traverse 1', () =>
		example(
			'dress.rotary-traverse',
			{
				wheelDiameterMm: 208,
				wheelWidthMm: 14,
				wheelSpeedRpm: 3540,
				abrasive: 'cbn',
				discDiameterMm: 104,
				speedRatio: 0.58,
				depthUm: 2.6,
				leadUm: 43,
				tipRadiusUm: 380
			},
			{
				surfaceSpeedMps: 38.554,
				discSpeedRpm: 4106.4,
				discSpeedMps: 22.361,
				speedRatio: 0.58,
				contactDirection: 'with',
				slipSpeedMps: 16.193,
				leadUm: 43,
				traverseMmPerMin: 152.22,
				activeWidthUm: 88.752,
				overlapRatio: 2.064,
				scallopHeightUm: 0.60871,
				contactLengthMm: 0.42458,
				slideLengthMm: 0.30745,
				passTimeS: 7.8833,
				relativeRoughness: 1.803,
				dressClass: 'open-sharp',
				rpmRatio: 1.16,
				nearFraction: null,
				clearRpmRatio: 1.16,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.crush 1', () =>
		example(
			'dress.crush',
			{
				wheelDiameterMm: 357,
				formWidthMm: 16,
				bond: 'vitrified',
				rollDiameterMm: 88,
				feedUmPerRev: 3,
				totalDepthUm: 240,
				specificForceNPerMm: 70,
				spindleLimitN: 2000
			},
			{
				wheelSpeedRpm: 80.246,
				rollSpeedRpm: 325.54,
				drivenSpeedRpm: 80.246,
				speedRatio: 1,
				slipRatio: null,
				feedRevs: 80,
				timeS: 63.554,
				infeedMmPerMin: 0.24074,
				normalForceN: 1120,
				diameterAfterMm: 356.52,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.crush 2', () =>
		example(
			'dress.crush',
			{
				wheelDiameterMm: 357,
				formWidthMm: 16,
				bond: 'vitrified',
				rollDiameterMm: 88,
				feedUmPerRev: 3,
				totalDepthUm: 240,
				machineMinRpm: 200
			},
			{
				wheelSpeedRpm: 80.246,
				rollSpeedRpm: 325.54,
				drivenSpeedRpm: 80.246,
				speedRatio: 1,
				slipRatio: null,
				feedRevs: 80,
				timeS: 63.554,
				infeedMmPerMin: 0.24074,
				normalForceN: null,
				diameterAfterMm: 356.52,
				verdict: 'stop',
				codes: ['machine-cannot-turn-so-slowly']
			},
			TOLERANCE
		));
	it('dress.crush 3', () =>
		example(
			'dress.crush',
			{
				wheelDiameterMm: 357,
				formWidthMm: 16,
				bond: 'vitrified',
				rollDiameterMm: 88,
				feedUmPerRev: 3,
				totalDepthUm: 240,
				drive: 'roll',
				machineMinRpm: 200,
				wheelMeasuredRpm: 79.5
			},
			{
				wheelSpeedRpm: 80.246,
				rollSpeedRpm: 325.54,
				drivenSpeedRpm: 325.54,
				speedRatio: 1.0094,
				slipRatio: -0.0092988,
				feedRevs: 80,
				timeS: 63.554,
				infeedMmPerMin: 0.24074,
				normalForceN: null,
				diameterAfterMm: 356.52,
				verdict: 'caution',
				codes: ['isolate-wheel-drive']
			},
			TOLERANCE
		));
});
