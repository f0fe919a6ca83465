import { expect } from 'chai';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { MountFacts, SetupFacts, StationId, WheelFacts } from '../../../src/core/route/facts.js';
import type { GateLine } from '../../../src/core/route/gate.js';
import { linesOf } from '../../../src/core/route/lines.js';
import { stepOf } from '../../../src/core/route/steps.js';
import { takeWheel } from '../../../src/core/route/stations/select/steps.js';
import { type Computed, forbidden } from '../../../src/core/route/step.js';
import type { Verdict } from '../../../src/core/calculation/verdict.js';

/** A setup kept in memory: the deciding part of the application without a database, a server or a page. */
export const WHEEL: WheelFacts = {
	id: 11,
	number: '0411',
	marking: 'WA 80 H 8 V',
	canonical: 'WA 80 H 8 V',
	family: 'alumina-white',
	gritMeanUm: 185,
	gritNumber: 80,
	grade: 'H',
	structure: 8,
	bond: 'V',
	bondFamily: 'vitrified',
	diameterMm: 290,
	widthMm: 32,
	boreMm: 76.2,
	newDiameterMm: 300,
	minDiameterMm: 180,
	massKg: 4.6,
	ratedMps: 40,
	ratedRpm: null,
	expiresOn: null,
	shape: '1',
	place: 'bay 1',
	state: 'available',
	stateReason: null,
	heldBy: null,
	inPack: false
};
export const MOUNT: MountFacts = {
	id: 1,
	code: 'F1',
	seatMm: 76.2,
	flangeMm: 115,
	recessMm: 92,
	retention: 'flange-screws',
	threadHand: 'right',
	screwCount: 6,
	screwDiameterMm: 8,
	torqueNm: 12,
	massKg: 4.2,
	inertiaKgM2: 0.012,
	journalRadiusMm: 15,
	trackRadiusMm: 55,
	weightCount: 3,
	weightMassG: 62
};

const MIDDAY = Date.UTC(2026, 5, 1, 12);
export function setup(more: Partial<SetupFacts> = {}): SetupFacts {
	return {
		id: 7,
		part: 'Port plate',
		quantity: 12,
		material: 'steel-hardened',
		hardnessHrc: 60,
		operation: 'surface',
		targetRaUm: 0.6,
		minWidthMm: null,
		burnProne: false,
		interrupted: false,
		workDiameterMm: null,
		stockMm: null,
		depthUm: null,
		workSpeedMps: null,
		contactArea: null,
		units: 'mm',
		state: 'under-way',
		version: 1,
		stations: ['brief', 'select', 'inspect', 'mount', 'run-in', 'true', 'balance', 'dress', 'prove', 'keep'],
		routeName: 'Toolroom',
		route: { code: 'toolroom', version: 1, mounting: 'flange', machineAsks: 'spindle', checks: [] },
		machine: {
			id: 1,
			code: 'SG-9',
			name: 'Surface grinder',
			kind: 'surface',
			balanceClass: 'surface-toolroom',
			spindleRpm: 2300,
			spindleRpmMin: 2300,
			spindleRpmMax: 2300,
			seatMm: 76.2,
			maxDiameterMm: 300,
			maxWidthMm: 50,
			rotation: 'cw',
			motorTorqueNm: 20,
			wet: true,
			lockedOut: false
		},
		mount: MOUNT,
		dresser: {
			id: 1,
			code: 'D-9',
			kind: 'single-point',
			tipRadiusUm: 250,
			flatWidthUm: 0,
			dressesSinceTurn: 3,
			turnEvery: 20
		},
		wheel: null,
		companions: [],
		records: [],
		recordings: [],
		pastRings: [],
		batchGPa: [],
		guidelines: { tables: null, weights: null, weightsVersion: 1, limits: {} },
		incidentId: null,
		today: '2026-06-01',
		nowMs: MIDDAY,
		...more
	};
}

/** Numbers the records that one step makes, as the server does. */
function kept(
	f: SetupFacts,
	station: StationId,
	step: string,
	entered: Record<string, unknown>,
	computed: Computed[],
	wheelId: number | null,
	reason: string | null
): SetupFacts {
	const first = f.records.length + 1;
	const records = computed.map((c, i) => ({
		id: first + i,
		station,
		step,
		calculation: c.calculation,
		entered,
		input: c.input as Record<string, unknown>,
		output: c.output,
		verdict: (c.output.verdict ?? 'ok') as Verdict,
		overrideReason: c.output.verdict === 'caution' ? reason : null,
		wheelId,
		by: 'Ines Falk',
		atMs: f.nowMs,
		together: `request-${first}`
	}));
	return { ...f, records: [...f.records, ...records], version: f.version + 1 };
}

/** Records a step where the gates let it. @throws Error when they refuse, InputFault when a value is wrong */
export function did(
	f: SetupFacts,
	station: StationId,
	name: string,
	values: Record<string, unknown> = {},
	reason: string | null = null
): SetupFacts {
	const refused = refuse(f, station, name);
	if (refused) throw new Error(`${refused.code}: ${refused.message}`);
	const step = stepOf(station, name);
	const full = Object.fromEntries(
		step.fields.map((x) => [x.name, values[x.name] ?? ('default' in x ? x.default : null) ?? null])
	);
	const computed = step.compute(f, full as never);
	const never = forbidden(step, computed);
	if (never) throw new Error(`${never.code}: ${never.message}`);
	const after = kept(f, station, name, full, computed, f.wheel?.id ?? null, reason);
	const released =
		station === 'prove' && ['yes', 'with-reason'].includes(String(after.records.at(-1)!.output.released));
	const event = step.event?.(f, full as never) ?? null;
	return {
		...after,
		state: released ? 'released' : after.state,
		wheel:
			after.wheel && event?.diameterAfterMm
				? { ...after.wheel, diameterMm: event.diameterAfterMm }
				: after.wheel
	};
}
/** Takes a wheel as Select does. */
export function took(f: SetupFacts, wheel: WheelFacts = WHEEL): SetupFacts {
	const { computed } = takeWheel(f, [wheel], wheel.number);
	const after = { ...f, wheel: { ...wheel, state: 'mounted' as const, heldBy: f.id } };
	return kept(after, 'select', 'take', { wheelNumber: wheel.number }, [computed], wheel.id, null);
}
/** So much later by the clock. */
export const later = (f: SetupFacts, seconds: number): SetupFacts => ({
	...f,
	nowMs: f.nowMs + 1000 * seconds
});

export const SEEN = {
	crack: false,
	dropped: false,
	markingLegible: true,
	boreClean: true,
	facesClean: true,
	moisture: 'none',
	blotterState: 'fitted',
	chips: []
};
export const FLANGE = {
	backFlangeDiameterMm: 115,
	frontFlangeDiameterMm: 115,
	backRecessDiameterMm: 92,
	frontRecessDiameterMm: 92,
	clean: true,
	burred: false,
	runoutUm: 3,
	backBlotter: 'good',
	frontBlotter: 'good',
	blotterOuterMm: 120,
	blotterInnerMm: 77,
	blotterThicknessMm: 0.5
};
export const RIM = [20, 28, 36, 40, 38, 30, 20, 12, 6, 4, 8, 14];
export const RIM_AFTER = [3, 4, 5, 6, 5, 4, 3, 2, 1, 1, 2, 2];

/** The weights set where they were told to be. */
export function weightsMoved(f: SetupFacts): SetupFacts {
	const told = new Evidence(f).latestOf(
		'balance',
		['swing', 'marks', 'mass', 'rest', 'phase', 'runs'],
		'balance.weights'
	)!;
	return did(f, 'balance', 'move', {
		anglesDeg: (told.output.placements as { angleDeg: number }[]).map((p) => p.angleDeg)
	});
}
/** Everything of a toolroom setup, in order. */
export const WORK: readonly [string, (f: SetupFacts) => SetupFacts][] = [
	['brief.brief', (f) => did(f, 'brief', 'brief')],
	['select.take', (f) => took(f)],
	['inspect.look', (f) => did(f, 'inspect', 'look', SEEN)],
	['inspect.ring', (f) => did(f, 'inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') })],
	['mount.fit', (f) => did(f, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false })],
	['mount.flange', (f) => did(f, 'mount', 'flange', FLANGE)],
	['mount.thread', (f) => did(f, 'mount', 'thread')],
	['mount.tighten', (f) => did(f, 'mount', 'tighten', { done: true })],
	['run-in.speed', (f) => did(f, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' })],
	[
		'run-in.start',
		(f) => did(f, 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true })
	],
	['run-in.outcome', (f) => did(later(f, 900), 'run-in', 'outcome', { heard: 'normal' })],
	['true.runout', (f) => did(f, 'true', 'runout', { readingsUm: RIM })],
	[
		'true.after',
		(f) => did(f, 'true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 289.8, spunDry: true })
	],
	['balance.swing', (f) => did(f, 'balance', 'swing', { timeS: 16, restAngleDeg: 190 })],
	['balance.move', weightsMoved],
	['balance.stays', (f) => did(f, 'balance', 'stays')],
	['dress.position', (f) => did(f, 'dress', 'position', { offsetMm: -6, dragAngleDeg: 12 })],
	[
		'dress.settings',
		(f) =>
			did(f, 'dress', 'settings', {
				depthUm: 20,
				traverseMmPerMin: 200,
				coolant: 'continuous',
				passes: 3,
				dryPasses: 1
			})
	],
	['dress.done', (f) => did(f, 'dress', 'done', { soundEven: true, diameterAfterMm: 289.6 })],
	[
		'prove.release',
		(f) =>
			did(f, 'prove', 'release', {
				raUm: 0.55,
				burnSeen: false,
				chatterSeen: false,
				crackSeen: false,
				guardClosed: true,
				soundNormal: true
			})
	]
];
/** A setup worked up to and without this step; all of it without one. */
export function worked(until: string | null = null): SetupFacts {
	const known = MADE.get(until);
	if (known) return known;
	let f = setup();
	for (const [name, work] of WORK) {
		if (name === until) break;
		f = work(f);
	}
	MADE.set(until, f);
	return f;
}
/** Nothing changes a setup in place, so the same one serves every test. */
const MADE = new Map<string | null, SetupFacts>();

export const line = (f: SetupFacts, station: StationId, key: string): GateLine | undefined =>
	linesOf(station, f, new Evidence(f)).find((l) => l.key === key);
export const current = (f: SetupFacts): StationId => decide(f).current;
/** Expects a value to be refused, by field and word. */
export function faults(code: string, field: string | RegExp, work: () => unknown): InputFault {
	try {
		work();
	} catch (e) {
		if (!(e instanceof InputFault)) throw e;
		expect(e.code, e.message).to.equal(code);
		expect(e.field).to.match(field instanceof RegExp ? field : new RegExp(`^${field}$`));
		return e;
	}
	throw new Error(`It was taken; ${code} was expected.`);
}
