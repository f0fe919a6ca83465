import { example } from '../examples.js';

describe('run-in: worked examples', () => {
	it('run-in.speed-check 1', () =>
		example(
			'run-in.speed-check',
			{ ratedRpm: 2260, commandedRpm: 2200, measuredRpm: 2191, stage: 'before-wheel' },
			{ verdict: 'ok', limitRpm: 2260, percentOfRated: 96.9469, marginPct: 3.0531, tachMultiple: null },
			5e-6
		));
	it('run-in.speed-check 2', () =>
		example(
			'run-in.speed-check',
			{
				ratedSpeedMps: 40,
				originalDiameterMm: 200,
				currentDiameterMm: 160,
				measuredRpm: 3790,
				stage: 'after-wheel'
			},
			{
				verdict: 'caution',
				codes: ['near-rated'],
				limitRpm: 3819.72,
				percentOfRated: 99.222,
				surfaceSpeedMps: 31.751
			},
			5e-6
		));
	it('run-in.plan 1', () =>
		example(
			'run-in.plan',
			{
				runRpm: 1450,
				ratedRpm: 1600,
				diameterMm: 406,
				boreMm: 127,
				massKg: 13,
				motorTorqueNm: 20,
				dragTorqueNm: 2,
				firstRun: true,
				guardClosed: true,
				peopleClear: true,
				coolantUsed: true
			},
			{
				verdict: 'ok',
				freeRunS: 180,
				inertiaKgM2: 0.294068,
				'jogs.0.powerOnS': 0.620172,
				powerOnTotalS: 2.48069,
				coastDownS: 22.3262,
				spinDryS: 120,
				large: true
			},
			5e-6
		));
	it('run-in.outcome 1', () =>
		example(
			'run-in.outcome',
			{
				requiredFreeRunS: 180,
				actualFreeRunS: 185,
				heard: 'normal',
				vibrationBareMmPerS: 0.6,
				vibrationMmPerS: 1.4
			},
			{ verdict: 'caution', codes: ['vibration-doubled'], vibrationRatio: 2.33333, mayContinue: true },
			5e-6
		));
});
