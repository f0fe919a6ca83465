import { Evidence } from '../../../src/core/route/evidence.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { passes } from '../../../src/core/route/gate.js';
import { linesOf } from '../../../src/core/route/stations/index.js';
import { MOUNT, did, recordOf, WHEEL, setup, took } from '../../shared/setup-in-memory.js';
import { type Mounting } from '../../../src/core/route/templates.js';
import { SEEN } from '../../shared/good-work.js';

/** A setup at Mount, held in one of the ways, and what its gate says. */
export const held = (mounting: Mounting, more: Partial<SetupFacts> = {}): SetupFacts =>
	setup({ route: { ...setup().route, mounting }, ...more });
/** Looked over and rung; small or glued wheels are not rung. */
export function inspected(f: SetupFacts, wheel: WheelFacts = WHEEL, rung = true): SetupFacts {
	const looked = did(took(did(f, 'brief', 'brief'), wheel), 'inspect', 'look', SEEN);
	return did(
		looked,
		'inspect',
		'ring',
		{ taps: rung ? Array.from({ length: 8 }, () => 'clear') : [] },
		rung ? null : 'Too small to ring, looked at closely'
	);
}
export const keys = (f: SetupFacts) => linesOf('mount', f, Evidence.of(f)).map((l) => l.key);
export const open = (f: SetupFacts) =>
	linesOf('mount', f, Evidence.of(f))
		.filter((l) => !passes(l))
		.map((l) => l.key);
export const out = (f: SetupFacts, step: string, calculation?: string) =>
	recordOf(f, 'mount', step, calculation)!.output as Record<string, number>;

/** A mounted point, and the grinder that takes it. */
export const POINT: WheelFacts = {
	...WHEEL,
	number: '0701',
	shape: '52',
	diameterMm: 20,
	newDiameterMm: 20,
	widthMm: 25,
	boreMm: 6,
	minDiameterMm: 10,
	massKg: 0.03,
	ratedMps: null,
	ratedRpm: 34000
};
export const GRINDER = {
	...setup().machine,
	kind: 'internal',
	seatMm: 6,
	spindleRpm: 30000,
	spindleRpmMin: 9000,
	spindleRpmMax: 40000,
	maxDiameterMm: 40,
	maxWidthMm: 50,
	balanceClass: 'internal'
};
export const STICK = { id: 9, code: 'ST-9', kind: 'stick' as const };
const STATIONS = ['brief', 'select', 'inspect', 'mount', 'run-in', 'dress', 'prove', 'keep'] as const;
export const start = () =>
	did(
		held('point', {
			machine: GRINDER,
			stations: [...STATIONS],
			dressers: [STICK],
			dresser: null,
			mount: { ...MOUNT, seatMm: 6, retention: 'single-nut', weightCount: 0 }
		}),
		'brief',
		'brief'
	);
/** A point at Mount: told, taken, looked over. */
export const looked = (): SetupFacts => did(took(start(), POINT), 'inspect', 'look', SEEN);
