import { example } from '../examples.js';

describe('mount, special mounts: worked examples', () => {
	it('mount.pack 1', () =>
		example(
			'mount.pack',
			{
				arbor: {
					seatDiameterMm: 31.74,
					seatLengthMm: 60,
					threadEndMm: 84,
					nutThicknessMm: 14,
					maxSpeedRpm: 6500
				},
				requestedRpm: 5600,
				items: [
					{ kind: 'spacer', thicknessMm: 18, boreMm: 31.76 },
					{
						kind: 'wheel',
						name: 'face',
						thicknessMm: 15,
						boreMm: 31.755,
						diameterMm: 125,
						maxSpeedRpm: 6100,
						rimBackOffsetMm: -6,
						rimWidthMm: 10
					},
					{ kind: 'spacer', thicknessMm: 9, boreMm: 31.76 },
					{ kind: 'wheel', name: 'flute', thicknessMm: 14, boreMm: 31.75, diameterMm: 150, maxSpeedMps: 42 },
					{ kind: 'washer', thicknessMm: 6, boreMm: 31.8 }
				]
			},
			{
				verdict: 'stop',
				codes: ['pack-overspeed'],
				'positions.1.rimBackMm': 12,
				'positions.3.backMm': 42,
				stackLengthMm: 62,
				nutEngagementMm: 14,
				maxSpeedRpm: 5347.61,
				limitedBy: 'flute'
			},
			5e-6
		));
	it('mount.quill 1', () =>
		example(
			'mount.quill',
			{
				overhangMm: 50,
				quillDiameterMm: 10,
				wheelMassG: 18,
				normalForceN: 15,
				quillMaxRpm: 50000,
				runRpm: 36000,
				wheelRatedRpm: 45000,
				originalDiameterMm: 20,
				currentDiameterMm: 18.6,
				minimumDiameterMm: 13,
				originalWidthMm: 20,
				currentWidthMm: 20,
				minimumWidthMm: 12,
				nextDressDepthUm: 10,
				grindDirectionSign: 1,
				dressDirectionSign: 1,
				workBoreMm: 25
			},
			{
				verdict: 'ok',
				stiffnessNPerUm: 2.42688,
				deflectionUm: 6.18077,
				effectiveMassG: 25.2663,
				firstBendingHz: 1559.82,
				criticalSpeedRpm: 93588.9,
				criticalRatio: 0.384661,
				remainingDressCount: 280,
				quillGapMm: 4.29,
				surfaceSpeedMps: 35.0602
			},
			5e-6
		));
	it('mount.glue 1', () =>
		example(
			'mount.glue',
			{
				done: { scuffed: true, degreased: true, mixed: true, coated: true, spread: true },
				temperatureC: 28,
				baseCureH: 16,
				potLifeMin: 20,
				mixToBondMin: 5,
				elapsedH: 12,
				wheelHoleMm: 6.2,
				studMm: 6,
				bondLengthMm: 12,
				wheelDiameterMm: 20,
				tangentialForceN: 45
			},
			{
				verdict: 'ok',
				requiredCureH: 11.3137,
				remainingCureH: 0,
				bondGapMm: 0.1,
				bondAreaMm2: 226.195,
				bondShearMPa: 0.663146,
				bondSafetyFactor: 15.0796
			},
			5e-6
		));
	it('mount.lifting 1', () =>
		example(
			'mount.lifting',
			{ diameterMm: 450, boreMm: 127, thicknessMm: 50, method: 'hand', reachMm: 350, handHeightMm: 1000 },
			{
				verdict: 'stop',
				codes: ['hoist-needed'],
				massKg: 16.8332,
				recommendedLimitKg: 15.1964,
				liftingIndex: 1.10771
			},
			5e-6
		));
	it('mount.tool-post 1', () =>
		example(
			'mount.tool-post',
			{
				centreOffsetMm: 0.4,
				workDiameterMm: 28,
				wheelDiameterMm: 60,
				runRpm: 7400,
				ratedRpm: 8500,
				waysCovered: true,
				wheelClearOfChuck: true
			},
			{
				verdict: 'caution',
				codes: ['off-centre'],
				axisDistanceMm: 44,
				diameterErrorUm: 3.63629,
				maxOffsetForToleranceMm: 0.29665,
				surfaceSpeedMps: 23.2478
			},
			5e-6
		));
});
