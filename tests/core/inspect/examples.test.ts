import { example } from '../examples.js';

describe('inspect: worked examples', () => {
	it('inspect.visual 1', () =>
		example(
			'inspect.visual',
			{
				bond: 'resin',
				crack: false,
				markingLegible: true,
				ratedSpeedMps: 50,
				todayDate: '2030-06-01',
				manufactureDate: '2027-06-20',
				chips: [{ sizeMm: 1.2, zone: 'rim' }]
			},
			{ verdict: 'caution', codes: ['chip-small', 'expires-soon'], daysToExpiry: 19, nextStep: 'ring-test' },
			5e-6
		));
	it('inspect.ring-applicability 1', () =>
		example(
			'inspect.ring-applicability',
			{ bond: 'magnesia', shape: 'cylinder', diameterMm: 450, massKg: 26 },
			{
				verdict: 'caution',
				codes: ['organic-muted'],
				applicability: 'limited',
				expectedSound: 'muted',
				method: 'stand'
			},
			5e-6
		));
	it('inspect.tap-plan 1', () =>
		example(
			'inspect.tap-plan',
			{ diameterMm: 205, boreMm: 50.8 },
			{
				tapRadiusMm: 67.5,
				'taps.1.wheelAngleDeg': 135,
				'taps.5.wheelAngleDeg': 90,
				pairCovered: true,
				verdict: 'ok'
			},
			5e-6
		));
	it('inspect.tap-plan 2', () =>
		example(
			'inspect.tap-plan',
			{ diameterMm: 205, boreMm: 50.8, basePositionsDeg: [45, 315], rotationsDeg: [0, 180] },
			{
				'taps.2.wheelAngleDeg': 225,
				'taps.3.wheelAngleDeg': 135,
				pairCovered: false,
				codes: ['pair-not-covered']
			},
			5e-6
		));
	it('inspect.ring-decision 1', () =>
		example(
			'inspect.ring-decision',
			{ applicability: 'limited', analysis: 'clear', ear: 'doubtful' },
			{ result: 'doubtful', verdict: 'caution', codes: ['ear-doubtful'], mayProceed: false },
			5e-6
		));
});
