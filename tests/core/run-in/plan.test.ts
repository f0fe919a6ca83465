import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BASE = {
	runRpm: 1450,
	ratedRpm: 1600,
	diameterMm: 300,
	boreMm: 127,
	massKg: 13,
	motorTorqueNm: 20,
	dragTorqueNm: 2,
	firstRun: false,
	guardClosed: true,
	peopleClear: true
};
const before = (...verdicts: string[]) => ({
	prerequisites: verdicts.map((verdict, i) => ({ id: `check-${i}`, verdict }))
});

limits('run-in.plan', BASE, [
	{ code: 'overspeed', severity: 'stop', not: [{ runRpm: 1600 }], yes: [{ runRpm: 1600.1 }] },
	{ code: 'guard-open', severity: 'stop', not: [{}], yes: [{ guardClosed: false }] },
	{ code: 'people-in-plane', severity: 'stop', not: [{}], yes: [{ peopleClear: false }] },
	{
		code: 'prerequisite-stop',
		severity: 'stop',
		not: [before('ok', 'caution', 'missing')],
		yes: [before('ok', 'stop')]
	},
	{
		code: 'prerequisite-missing',
		severity: 'stop',
		not: [before('ok', 'caution', 'stop')],
		yes: [before('missing', 'ok')]
	},
	{
		code: 'prerequisite-caution',
		severity: 'caution',
		not: [before('ok')],
		yes: [before('ok', 'caution')]
	}
]);

describe('run-in.plan: how long, how far', () => {
	it('runs longer for a large or heavy wheel, from the figure on, and for a first run', () => {
		const runs = (v: object, freeRunS: number, large: boolean) =>
			example('run-in.plan', { ...BASE, ...v }, { freeRunS, large });
		runs({ diameterMm: 399.9, massKg: 19.9 }, 60, false);
		runs({ diameterMm: 400 }, 180, true);
		runs({ massKg: 20 }, 180, true);
		runs({ firstRun: true }, 120, false);
		runs({ firstRun: true, massKg: 20 }, 180, true);
	});
	it('nudges evenly up to the speed, rests between, and spins dry only after coolant', () => {
		example(
			'run-in.plan',
			{ ...BASE, jogCount: 2, coolantUsed: true },
			{
				spinDryS: 120,
				'jogs.0.targetRpm': 725,
				'jogs.1.targetRpm': 1450,
				'jogs.0.coastS': 2,
				'jogs.1.coastS': 0,
				steps: ['close-guard', 'stand-aside', 'jog-up', 'free-run', 'listen', 'stop-or-continue', 'spin-dry']
			}
		);
		example('run-in.plan', BASE, { spinDryS: 0, 'jogs.length': 4, 'steps.length': 6 });
	});
	it('takes a tenth of the motor for drag, and never coasts down without any', () => {
		const i = (13 * (0.15 ** 2 + 0.0635 ** 2)) / 2;
		const omega = (1450 * 2 * Math.PI) / 60;
		example(
			'run-in.plan',
			{ ...BASE, dragTorqueNm: undefined },
			{ inertiaKgM2: i, coastDownS: (i * omega) / 2, powerOnTotalS: (i * omega) / 18 }
		);
		example('run-in.plan', { ...BASE, dragTorqueNm: 0 }, { coastDownS: null });
	});
	it('refuses a drag the motor cannot overcome and a bore as large as the wheel', () => {
		refuses('run-in.plan', { ...BASE, dragTorqueNm: 20 }, 'dragTorqueNm', 'above-maximum');
		refuses('run-in.plan', { ...BASE, boreMm: 300 }, 'boreMm', 'above-maximum');
	});
});
