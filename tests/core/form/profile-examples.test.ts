import { example } from '../examples.js';

describe('form: worked examples of profiles', () => {
	it('form.build-profile 1', () =>
		example(
			'form.build-profile',
			{ shape: 'concave-radius', widthMm: 10, radiusMm: 2, depthMm: 1.2 },
			{
				depthMm: 1.2,
				lengthMm: 10.97106,
				counts: { lines: 2, arcs: 1 },
				minConcaveRadiusMm: 2,
				maxFlankDeg: 66.42182,
				sectionAreaMm2: 3.170694
			},
			5e-6
		));
	it('form.build-profile 2', () =>
		example(
			'form.build-profile',
			{
				shape: 'multi-rib',
				pitchMm: 3,
				count: 2,
				includedAngleDeg: 60,
				depthMm: 1.5,
				crestRadiusMm: 0.2,
				rootRadiusMm: 0.3
			},
			{
				widthMm: 6,
				depthMm: 1.5,
				lengthMm: 9.249096,
				counts: { lines: 9, arcs: 8 },
				minConcaveRadiusMm: 0.3,
				minConvexRadiusMm: 0.2,
				sectionAreaMm2: 4.48925
			},
			5e-6
		));
	it('form.build-profile 3', () =>
		example(
			'form.build-profile',
			{ shape: 'free', text: '0,1; 3,1 r0.4; 4.5,0; 7,0 cv6; 9,2' },
			{
				depthMm: 2.131653,
				lengthMm: 10.14263,
				counts: { lines: 3, arcs: 2 },
				start: { zMm: 0, xMm: 1 },
				end: { zMm: 9, xMm: 2 }
			},
			5e-6
		));
	it('form.mirror 1', () =>
		example(
			'form.mirror',
			{
				segments: [
					{ kind: 'arc', z0Mm: 0.0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0.0, radiusMm: 1.5, side: 'convex' },
					{ kind: 'line', z0Mm: 1.5, x0Mm: 0.0, z1Mm: 12.0, x1Mm: 0.0 }
				]
			},
			{
				segments: [
					{
						kind: 'arc',
						z0Mm: 0,
						x0Mm: 0,
						z1Mm: 1.5,
						x1Mm: 1.5,
						radiusMm: 1.5,
						side: 'concave',
						zcMm: 1.5,
						xcMm: 0
					},
					{ kind: 'line', z0Mm: 1.5, x0Mm: 1.5, z1Mm: 12, x1Mm: 1.5 }
				],
				lengthMm: 12.85619,
				depthMm: 1.5,
				minConcaveRadiusMm: 1.5
			},
			5e-6
		));
	it('form.check-profile 1', () =>
		example(
			'form.check-profile',
			{
				segments: [
					{ kind: 'line', z0Mm: 0.0, x0Mm: 0.0, z1Mm: 3.16697, x1Mm: 0.0 },
					{ kind: 'arc', z0Mm: 3.16697, x0Mm: 0.0, z1Mm: 6.83303, x1Mm: 0.0, radiusMm: 2.0, side: 'concave' },
					{ kind: 'line', z0Mm: 6.83303, x0Mm: 0.0, z1Mm: 10.0, x1Mm: 0.0 }
				],
				tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
				wheelDiameterMm: 150,
				minDiameterMm: 140
			},
			{
				continuous: true,
				maxGapMm: 0,
				singleValued: true,
				minConcaveRadiusMm: 2,
				requiredConcaveRadiusMm: 0.2,
				maxFlankDeg: 66.4218,
				allowedFlankDeg: 58,
				depthMm: 1.199999,
				maxStockMm: 1.199999,
				usableStockMm: 5,
				widthMm: 10,
				lengthMm: 10.97106,
				verdict: 'stop',
				codes: ['flank-too-steep']
			},
			5e-6
		));
	it('form.sample 1', () =>
		example(
			'form.sample',
			{
				segments: [
					{ kind: 'arc', z0Mm: 0.0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0.0, radiusMm: 1.5, side: 'convex' },
					{ kind: 'line', z0Mm: 1.5, x0Mm: 0.0, z1Mm: 12.0, x1Mm: 0.0 }
				],
				chordToleranceUm: 20
			},
			{ pointCount: 7, polylineLengthMm: 12.84652 },
			5e-6
		));
	it('form.parse-dxf 1', () =>
		example(
			'form.parse-dxf',
			{
				text: '0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n3\n21\n0\n0\nARC\n8\n0\n10\n3\n20\n-1.5\n40\n1.5\n50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n'
			},
			{
				segments: [
					{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 3, x1Mm: 0 },
					{
						kind: 'arc',
						z0Mm: 3,
						x0Mm: 0,
						z1Mm: 4.5,
						x1Mm: 1.5,
						radiusMm: 1.5,
						side: 'convex',
						zcMm: 3,
						xcMm: 1.5
					}
				],
				lengthMm: 5.356194,
				widthMm: 4.5,
				depthMm: 1.5,
				counts: { lines: 1, arcs: 1 },
				verdict: 'ok'
			},
			5e-6
		));
	it('form.write-dxf 1', () =>
		example(
			'form.write-dxf',
			{
				segments: [
					{ kind: 'line', z0Mm: 0.0, x0Mm: 0.0, z1Mm: 8.8, x1Mm: 0.0 },
					{ kind: 'line', z0Mm: 8.8, x0Mm: 0.0, z1Mm: 10.0, x1Mm: 1.2 }
				]
			},
			{ counts: { lines: 2, arcs: 0 }, roundTripErrorUm: 0 },
			5e-6
		));
});
