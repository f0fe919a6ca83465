import { example } from '../examples.js';

describe('form: worked examples of path and passes', () => {
	it('form.tool-path 1', () =>
		example(
			'form.tool-path',
			{
				segments: [
					{ kind: 'arc', z0Mm: 0.0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0.0, radiusMm: 1.5, side: 'convex' },
					{ kind: 'line', z0Mm: 1.5, x0Mm: 0.0, z1Mm: 12.0, x1Mm: 0.0 }
				],
				tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
				sampleZMm: [0, 1, 6]
			},
			{
				offsetMm: 0.2,
				lengthMm: 13.17035,
				start: { zMm: -0.2, xMm: 1.5 },
				end: { zMm: 12, xMm: -0.2 },
				minXMm: -0.2,
				maxXMm: 1.5,
				sampleXMm: [0.7, -0.1248077, -0.2],
				unreachedMaxUm: 0,
				verdict: 'ok'
			},
			5e-6
		));
	it('form.tool-path 2', () =>
		example(
			'form.tool-path',
			{
				segments: [
					{ kind: 'line', z0Mm: 0.0, x0Mm: 0.0, z1Mm: 2.0, x1Mm: 0.0 },
					{ kind: 'line', z0Mm: 2.0, x0Mm: 0.0, z1Mm: 4.0, x1Mm: 2.0 },
					{ kind: 'line', z0Mm: 4.0, x0Mm: 2.0, z1Mm: 6.0, x1Mm: 0.0 },
					{ kind: 'line', z0Mm: 6.0, x0Mm: 0.0, z1Mm: 8.0, x1Mm: 0.0 }
				],
				tool: { kind: 'disc', tipRadiusMm: 0.3 },
				sampleZMm: [3, 4]
			},
			{
				lengthMm: 9.528093,
				sampleXMm: [0.5757359, 1.575736],
				unreachedMaxUm: 124.2641,
				unreachedAtZMm: 4,
				verdict: 'caution',
				codes: ['unreachable-concave']
			},
			5e-6
		));
	it('form.passes 1', () =>
		example(
			'form.passes',
			{
				segments: [
					{ kind: 'arc', z0Mm: 0.0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0.0, radiusMm: 1.5, side: 'convex' },
					{ kind: 'line', z0Mm: 1.5, x0Mm: 0.0, z1Mm: 12.0, x1Mm: 0.0 }
				],
				tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
				wheelDiameterMm: 160,
				roughDepthUm: 40,
				finishDepthUm: 10,
				feedMmPerMin: 100
			},
			{
				stockUm: 1500,
				roughCount: 37,
				roughEachUm: 40,
				finishCount: 2,
				sparkOutCount: 1,
				passCount: 40,
				pathLengthMm: 13.17035,
				timeS: 516.0885,
				removedVolumeMm3: 241.6925,
				smallestDiameterMm: 157,
				verdict: 'ok'
			},
			5e-6
		));
	it('form.passes 2', () =>
		example(
			'form.passes',
			{
				segments: [
					{ kind: 'line', z0Mm: 0, x0Mm: 2, z1Mm: 4, x1Mm: 2 },
					{ kind: 'line', z0Mm: 4, x0Mm: 2, z1Mm: 4, x1Mm: 0 },
					{ kind: 'line', z0Mm: 4, x0Mm: 0, z1Mm: 9, x1Mm: 0 }
				],
				wheelDiameterMm: 180,
				roughDepthUm: 30,
				finishDepthUm: 10,
				feedMmPerMin: 100
			},
			{
				roughCount: 66,
				'segmentBites.1': {
					index: 1,
					flankDeg: 90,
					roughBiteUm: 0,
					finishBiteUm: 0,
					dullLengthMm: 2,
					state: 'none',
					axialShiftUm: 10
				},
				crestUsedMm: 0,
				verdict: 'caution',
				codes: ['wall-not-dressed']
			},
			5e-6
		));
	it('form.gcode 1', () =>
		example(
			'form.gcode',
			{
				segments: [
					{ kind: 'arc', z0Mm: 0.0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0.0, radiusMm: 1.5, side: 'convex' },
					{ kind: 'line', z0Mm: 1.5, x0Mm: 0.0, z1Mm: 12.0, x1Mm: 0.0 }
				],
				tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
				feedMmPerMin: 50,
				title: 'left corner'
			},
			{
				text: '(LEFT CORNER)\n(TOOL OFFSET 0.2000 MM, 1 PASSES, X RADIUS)\n(X IS THE TOOL CENTRE)\n(WHEEL TURNING AND GUARDED, COOLANT ON OR OFF THROUGHOUT)\nG21 G40 G90 G94 G18\nG0 X5.2000\nG0 Z-2.2000\nG1 X-1.5000 F50.0000\nG1 Z-0.2000\nG2 X0.2000 Z1.5000 I0.0000 K1.7000\nG1 X0.2000 Z12.0000\nG1 Z14.0000\nG0 X5.2000\nM30\n',
				counts: { g1: 1, g2: 1, g3: 0 },
				feedLengthMm: 13.17035,
				first: { x: -1.5, z: -0.2 },
				last: { x: 0.2, z: 12 },
				bounds: { xMin: -1.5, xMax: 0.2, zMin: -0.2, zMax: 12 },
				verdict: 'ok'
			},
			5e-6
		));
	it('form.compare-measured 1', () =>
		example(
			'form.compare-measured',
			{
				segments: [
					{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
					{ kind: 'line', z0Mm: 5, x0Mm: 0, z1Mm: 10, x1Mm: 5 }
				],
				points: [
					[1.02, 0.031],
					[2.52, 0.029],
					[4.02, 0.03],
					[6.02, 1.03],
					[7.52, 2.53],
					[9.02, 4.03]
				],
				toleranceUm: 2
			},
			{
				usedCount: 6,
				rank: 2,
				appliedZMm: -0.02,
				appliedXMm: -0.03,
				maxAbsUm: 1,
				rmsUm: 0.5773503,
				verdict: 'ok'
			},
			5e-6
		));
});
