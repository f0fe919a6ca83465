import { example } from '../examples.js';

describe('true: worked examples of the whole chapter', () => {
	it('true.runout 1', () =>
		example(
			'true.runout',
			{ readingsUm: [212, 236, 251, 240, 214, 185, 166, 178] },
			{
				meanUm: 210.25,
				eccentricityUm: 41.2982,
				highSpotAngleDeg: 93.3935,
				eccentricTirUm: 82.5964,
				tirUm: 85.0,
				harmonics: [
					{ order: 2, amplitudeUm: 2.37171, angleDeg: 9.21747 },
					{ order: 3, amplitudeUm: 1.92623, angleDeg: 106.195 }
				],
				residualTirUm: 7.21878,
				residualRmsUm: 2.21759,
				dominantOrder: 1,
				verdict: 'caution',
				codes: ['runout-above-limit']
			},
			5e-6
		));
	it('true.runout 2', () =>
		example(
			'true.runout',
			{ readingsUm: [40, 10, -22, -5, 31, 20], anglesDeg: [0, 65, 130, 190, 255, 310], limitTirUm: 80 },
			{
				meanUm: 11.1099,
				eccentricityUm: 25.953,
				highSpotAngleDeg: 323.348,
				eccentricTirUm: 51.906,
				tirUm: 62.0,
				harmonics: [],
				residualTirUm: 26.6761,
				residualRmsUm: 9.31774,
				dominantOrder: 1,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('true.pencil-touch 1', () =>
		example(
			'true.pencil-touch',
			{ fromAngleDeg: 305, toAngleDeg: 25, advanceUm: 40 },
			{
				arcDeg: 80.0,
				highSpotAngleDeg: 345.0,
				eccentricityUm: 170.973,
				tirUm: 341.945,
				verdict: 'caution',
				codes: ['runout-above-limit']
			},
			5e-6
		));
	it('true.face-runout 1', () =>
		example(
			'true.face-runout',
			{ readingsUm: [0, 26, 60, 84, 86, 62, 25, 2], measuringRadiusMm: 110, flangeContactDiameterMm: 92 },
			{
				meanUm: 43.125,
				wobbleUm: 45.5997,
				highSpotAngleDeg: 158.271,
				tirUm: 86.0,
				tiltUmPerMm: 0.414543,
				tiltDeg: 0.0237515,
				residualTirUm: 2.13388,
				residualRmsUm: 0.832484,
				shimThicknessUm: 38.1379,
				shimAngleDeg: 338.271,
				shimAllowed: true,
				verdict: 'caution',
				codes: ['shim-only-with-care', 'wobble-above-limit']
			},
			5e-6
		));
	it('true.reclock 1', () =>
		example(
			'true.reclock',
			{ eccentricityUm: 140, highSpotAngleDeg: 215, boreClearanceUm: 160, seatAngleDeg: 180, massKg: 6.4 },
			{
				moveUm: 133.698,
				moveAngleDeg: 33.3204,
				seatOffsetUm: 80.0,
				seatAngleDeg: 66.6408,
				remainingBestUm: 7.46996,
				remainingWorstUm: 7.46996,
				remainingTirUm: 14.9399,
				rotate: null,
				balanceChangeGmm: 855.666,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('true.reclock 2', () =>
		example(
			'true.reclock',
			{
				eccentricityUm: 55,
				highSpotAngleDeg: 300,
				boreClearanceUm: 30,
				seatOffsetUm: 0,
				hubEccentricityUm: 12,
				hubHighSpotAngleDeg: 310
			},
			{
				moveUm: 15.0,
				moveAngleDeg: 120.0,
				seatOffsetUm: 15.0,
				seatAngleDeg: 120.0,
				remainingBestUm: 40.0,
				remainingWorstUm: 40.0,
				remainingTirUm: 80.0,
				rotate: { turnAngleDeg: 192.763, seatOffsetUm: 15.0, seatAngleDeg: 310.0, remainingUm: 16.2326 },
				balanceChangeGmm: null,
				verdict: 'caution',
				codes: ['remaining-runout']
			},
			5e-6
		));
	it('true.plan 1', () =>
		example(
			'true.plan',
			{
				runoutTirUm: 310,
				allowanceUm: 30,
				wheelDiameterMm: 356,
				wheelWidthMm: 32,
				speedRpm: 1650,
				leadUm: 120,
				minDiameterMm: 205,
				ratedSpeedMps: 35
			},
			{
				radialStockUm: 340.0,
				roughPasses: 12,
				roughInfeedUm: 24.1667,
				finishPasses: 5,
				finishInfeedUm: 10.0,
				sparkOutPasses: 4,
				totalPasses: 21,
				traverseMmPerMin: 198.0,
				strokeMm: 42.0,
				timePerPassS: 13.7273,
				timeS: 288.273,
				speedMps: 30.7562,
				diameterAfterMm: 355.63,
				remainingRadialMm: 75.315,
				volumeRemovedMm3: 6617.53,
				contactPathM: 6259.82,
				dressAfter: true,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('true.pre-balance-rule 1', () =>
		example(
			'true.pre-balance-rule',
			{ wheelDiameterMm: 406, wheelWidthMm: 50 },
			{
				sizeClass: 'large',
				preBalance: 'rough',
				sizeRatio: 3.66302,
				steps: ['rough-balance', 'mount', 'true', 'balance-assembly', 'remount', 'dress'],
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
});
