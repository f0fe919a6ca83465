import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const SPEED = { ratedRpm: 2000, measuredRpm: 1900, commandedRpm: 1900, stage: 'before-wheel' };
const reads = (measuredRpm: number, commandedRpm: number | null = null) => ({ measuredRpm, commandedRpm });
/** Marked 30 m/s, 300 mm when new: 1909.86 rpm. */
const marked = (more: object = {}) => ({
	ratedRpm: null,
	ratedSpeedMps: 30,
	originalDiameterMm: 300,
	...more
});

limits('run-in.speed-check', SPEED, [
	{
		code: 'overspeed',
		severity: 'stop',
		not: [
			reads(2000),
			{ ...marked(), ...reads(1909) },
			{ ...marked(), ...reads(1909), currentDiameterMm: 250 }
		],
		yes: [reads(2001), { ...marked(), ...reads(1911) }, { ...marked({ ratedRpm: 2100 }), ...reads(1911) }]
	},
	{
		code: 'near-rated',
		severity: 'caution',
		not: [reads(1980), reads(2001), { ...reads(1950), cautionPct: 97.5 }],
		yes: [reads(1981), reads(2000), { ...reads(1951), cautionPct: 97.5 }]
	},
	{
		code: 'far-below',
		severity: 'caution',
		not: [reads(400), reads(0), reads(300, 300)],
		yes: [reads(399), reads(1)]
	},
	{ code: 'no-reading', severity: 'stop', not: [reads(1)], yes: [reads(0), reads(0, 1900)] },
	{
		code: 'tach-multiple',
		severity: 'caution',
		not: [reads(1000), reads(1000, 1000), reads(1060.1, 2000), reads(2.07 * 500, 500), reads(0, 1900)],
		yes: [
			reads(1030, 2000),
			reads(970, 2000),
			reads(1940, 1000),
			reads(1236, 400),
			reads(1600, 400),
			reads(1800, 450)
		]
	},
	{
		code: 'speed-mismatch',
		severity: 'caution',
		not: [
			reads(1900),
			reads(1938, 1900),
			reads(1862, 1900),
			reads(0, 1900),
			reads(950, 1900),
			{ ...reads(1805, 1900), mismatchPct: 5 }
		],
		yes: [reads(1939, 1900), reads(1861, 1900)]
	}
]);

describe('run-in.speed-check: what it says', () => {
	it('the lower of marked rpm and marked speed at the diameter when new', () => {
		example('run-in.speed-check', { ...SPEED, ...marked() }, { limitRpm: 1909.859 });
		example('run-in.speed-check', { ...SPEED, ...marked({ ratedRpm: 1800 }) }, { limitRpm: 1800 });
		example(
			'run-in.speed-check',
			{ ...SPEED, ...marked({ currentDiameterMm: 200 }) },
			{ limitRpm: 1909.859 }
		);
	});
	it('spare, share and rim speed at the diameter today, or when new', () => {
		example('run-in.speed-check', SPEED, {
			percentOfRated: 95,
			marginPct: 5,
			surfaceSpeedMps: null,
			tachMultiple: null,
			stage: 'before-wheel'
		});
		example(
			'run-in.speed-check',
			{ ...SPEED, originalDiameterMm: 300 },
			{ surfaceSpeedMps: (Math.PI * 0.3 * 1900) / 60 }
		);
		example(
			'run-in.speed-check',
			{ ...SPEED, originalDiameterMm: 300, currentDiameterMm: 280 },
			{ surfaceSpeedMps: (Math.PI * 0.28 * 1900) / 60 }
		);
	});
	it('a reading at twice, half, three or four times the set speed is named as such', () => {
		for (const [rpm, tachMultiple] of [
			[200, 0.5],
			[800, 2],
			[1200, 3],
			[1600, 4],
			[1000, null]
		] as const)
			example('run-in.speed-check', { ...SPEED, ...reads(rpm, 400) }, { tachMultiple });
	});
	it('refuses what it cannot judge', () => {
		refuses('run-in.speed-check', { ...SPEED, ratedRpm: null }, 'ratedRpm', 'missing');
		refuses(
			'run-in.speed-check',
			{ ...SPEED, ...marked({ originalDiameterMm: null }) },
			'originalDiameterMm',
			'missing'
		);
		refuses(
			'run-in.speed-check',
			{ ...SPEED, originalDiameterMm: 300, currentDiameterMm: 300.1 },
			'currentDiameterMm',
			'above-maximum'
		);
		example(
			'run-in.speed-check',
			{ ...SPEED, originalDiameterMm: 300, currentDiameterMm: 300 },
			{ verdict: 'ok' }
		);
		example('run-in.speed-check', { ...SPEED, currentDiameterMm: 300 }, { verdict: 'ok' });
	});
});
