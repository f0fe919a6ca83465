import { example } from '../examples.js';

describe('form: worked examples of the settings', () => {
	it('form.sine-stack 1', () =>
		example(
			'form.sine-stack',
			{ angleDeg: 28.5, pinDistanceMm: 100, baseStackMm: 15, stackErrorUm: 1, faceLengthMm: 10 },
			{
				differenceMm: 47.71588,
				lowerStackMm: 15,
				upperStackMm: 62.71588,
				angleErrorDeg: 0.0006519648,
				angleErrorArcsec: 2.347073,
				formErrorUm: 0.1137893,
				complementAngleDeg: 61.5,
				complementDifferenceMm: 87.88171,
				complementErrorArcsec: 4.322771,
				angleFromStackDeg: null,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('form.sine-stack 2', () =>
		example(
			'form.sine-stack',
			{ angleDeg: 72, pinDistanceMm: 100, stackErrorUm: 1, faceLengthMm: 10, formToleranceUm: 0.2 },
			{
				differenceMm: 95.10565,
				angleErrorArcsec: 6.674869,
				formErrorUm: 0.3236068,
				complementDifferenceMm: 30.9017,
				complementErrorArcsec: 2.168797,
				verdict: 'caution',
				codes: ['angle-steep', 'form-error-over-tolerance']
			},
			5e-6
		));
	it('form.block-stack 1', () =>
		example(
			'form.block-stack',
			{ setId: 'metric-103', targetMm: 47.715 },
			{
				blocksMm: [25, 20.5, 1.21, 1.005],
				blockCount: 4,
				totalMm: 47.715,
				errorUm: 0,
				exact: true,
				verdict: 'ok'
			},
			5e-6
		));
	it('form.block-stack 2', () =>
		example(
			'form.block-stack',
			{ setId: 'metric-87', targetMm: 19.081, baseBlocksMm: [10], wearBlockMm: 1, wearBlockCount: 2 },
			{
				blocksMm: [20, 5, 1.08, 1.001],
				blockCount: 4,
				totalMm: 29.081,
				errorUm: 0,
				baseTotalMm: 10,
				differenceMm: 19.081
			},
			5e-6
		));
	it('form.block-stack 3', () =>
		example(
			'form.block-stack',
			{ blocksMm: [5, 8, 12.5], targetMm: 18, maxBlocks: 2 },
			{
				blocksMm: [12.5, 5],
				totalMm: 17.5,
				errorUm: -500,
				exact: false,
				verdict: 'stop',
				codes: ['wrong-stack']
			},
			5e-6
		));
	it('form.radius-setting 1', () =>
		example(
			'form.radius-setting',
			{
				method: 'engraved-constant',
				constantMm: 45.72,
				wheelRadiusMm: 4,
				side: 'convex',
				tipRadiusMm: 0.25,
				fromDeg: -45,
				toDeg: 90,
				measuredRadiusMm: 4.012
			},
			{
				method: 'engraved-constant',
				stackMm: 41.72,
				tipCentreRadiusMm: 4.25,
				sweepDeg: 135,
				arcLengthMm: 9.424778,
				from: { angleFromRadialDeg: -45, zMm: -2.828427, xMm: 1.171573 },
				to: { angleFromRadialDeg: 90, zMm: 4, xMm: 4 },
				correctedStackMm: 41.732,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('form.radius-setting 2', () =>
		example(
			'form.radius-setting',
			{ method: 'height-gauge', constantMm: 70, wheelRadiusMm: 0.5, side: 'concave', tipRadiusMm: 0.4 },
			{ stackMm: 70.5, tipCentreRadiusMm: 0.1, verdict: 'stop', codes: ['concave-smaller-than-tip'] },
			5e-6
		));
	it('form.radius-setting 3', () =>
		example(
			'form.radius-setting',
			{
				method: 'height-gauge',
				constantMm: 80,
				wheelRadiusMm: 4,
				side: 'convex',
				toDeg: 60,
				axisOffsetUm: 120,
				envelope: { wheelDiameterMm: 200, chuckHeightMm: 90, pivotHeightMm: 95, headMaxMm: 300 },
				slide: { drawingAngleDeg: 30, angleFrom: 'radial', flankSide: 'right', faceMm: 8, strokeMm: 12 }
			},
			{
				stackMm: 76,
				axisRadiusErrorUm: 1.799595,
				tangentErrorDeg: 1.718358,
				envelope: { tipHeightMm: 181, spindleHeightMm: 281, spindleHeightClearMm: 286, headroomMm: 14 },
				slide: { slideAngleDeg: 60, signedSlideAngleDeg: 60, wheelSide: 'right', strokeNeededMm: 16 },
				verdict: 'stop',
				codes: ['slide-too-short']
			},
			5e-6
		));
	it('form.centre-error 1', () =>
		example(
			'form.centre-error',
			{ wheelDiameterMm: 200, offsetMm: 1.5, depthMm: 6, toleranceUm: 1 },
			{
				trueWheelRadiusMm: 100.0112,
				sizeErrorUm: 11.24937,
				actualDepthMm: 5.999282,
				formErrorUm: -0.7179561,
				allowedOffsetMm: 1.770344,
				verdict: 'ok'
			},
			5e-6
		));
	it('form.centre-error 2', () =>
		example(
			'form.centre-error',
			{ wheelDiameterMm: 200, offsetMm: -2, depthMm: 6 },
			{ formErrorUm: -1.276188, verdict: 'stop', codes: ['dresser-on-ingoing-side'] },
			5e-6
		));
});
