import { expect } from 'chai';
import { InputFault } from '../../src/core/calculation/fault.js';
import { type NewRecord, applySubmission } from '../../src/core/route/apply-submission.js';
import type { Effect } from '../../src/core/route/effect.js';
import { decide } from '../../src/core/route/engine.js';
import { weights } from '../../src/core/balance/weights.js';
import { Evidence } from '../../src/core/route/evidence.js';
import { NO_SUMS, sumsOf } from '../../src/core/route/sums.js';
import { MEASURED_BY } from '../../src/core/route/stations/balance/measured-by.js';
import type { DresserFacts, MountFacts } from '../../src/core/facts/shop.js';
import type { RecordFacts } from '../../src/core/facts/records.js';
import type { SetupFacts } from '../../src/core/facts/setup.js';
import type { StationId } from '../../src/core/route/station-names.js';
import type { WheelFacts } from '../../src/core/facts/wheel.js';
import type { GateLine } from '../../src/core/route/gate.js';
import { applyEffect } from '../../src/core/route/apply-effect.js';
import { GOOD } from './good-work.js';
import { linesOf } from '../../src/core/route/stations/index.js';

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
	concentrationPercent: null,
	diameterMm: 290,
	widthMm: 32,
	rimDepthMm: null,
	rimWidthMm: null,
	boreMm: 76.2,
	newDiameterMm: 300,
	minDiameterMm: 180,
	massKg: 4.6,
	massComputed: false,
	ratedMps: 40,
	ratedRpm: null,
	expiresOn: null,
	shape: '1',
	place: 'bay 1',
	state: 'available',
	stateReason: null,
	heldBy: null,
	inPack: false,
	keptOn: null
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
	torqueNm: 8,
	massKg: 4.2,
	inertiaKgM2: 0.012,
	journalRadiusMm: 15,
	trackRadiusMm: 55,
	weightCount: 3,
	weightMassG: 62
};

export const DIAMOND: DresserFacts = {
	id: 1,
	code: 'D-9',
	kind: 'single-point',
	tipRadiusUm: 250,
	flatWidthUm: 0,
	dressesSinceTurn: 3,
	turnEvery: 20
};

const MIDDAY = Date.UTC(2026, 5, 1, 12);
export function setup(more: Partial<SetupFacts> = {}): SetupFacts {
	return {
		id: 7,
		brief: {
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
			contactArea: null
		},
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
			coastS: null,
			drive: null,
			plateRpm: null,
			mainsHz: null,
			axes: 'power-feed',
			dialDivisionUm: 2.5,
			dialReads: 'radius',
			lockedOut: false
		},
		morning: null,
		morningWanted: false,
		mount: MOUNT,
		mounts: [MOUNT, { ...MOUNT, id: 2, code: 'F2' }, { ...MOUNT, id: 3, code: 'A9', seatMm: 31.75 }],
		dresser: DIAMOND,
		dressers: [DIAMOND],
		trays: [],
		wheel: null,
		companions: [],
		named: [],
		records: [],
		sums: NO_SUMS,
		recordings: [],
		chipsSeen: [],
		pastRings: [],
		batchGPa: [],
		cuts: [],
		guidelines: { tables: null, weights: null, weightsVersion: 1, limits: {}, points: [] },
		incidentId: null,
		onSpindle: false,
		occupied: null,
		simulators: true,
		shop: 'A test shop',
		timeZone: 'UTC',
		givenUp: null,
		today: '2026-06-01',
		nowMs: MIDDAY,
		...more
	};
}

/** Numbers the records that one step makes, and does what follows from it, as the server does. */
function kept(f: SetupFacts, { records, effects }: { records: NewRecord[]; effects: Effect[] }): SetupFacts {
	const first = (f.records.at(-1)?.id ?? 0) + 1;
	const numbered = records.map((r, i) => ({
		...r,
		id: first + i,
		by: 'Ines Falk',
		atMs: f.nowMs,
		together: `request-${first}`
	}));
	const after = { ...f, records: [...f.records, ...numbered], version: f.version + 1 };
	const changed = effects.reduce(applyEffect, after);
	return { ...changed, sums: sumsOf(changed.records, changed.wheel?.id ?? null) };
}

/** Records a step where the gates let it. @throws Error when they refuse, InputFault when a value is wrong */
export function did(
	f: SetupFacts,
	station: StationId,
	step: string,
	values: Record<string, unknown> = {},
	reason: string | null = null
): SetupFacts {
	// Whatever it names is on the rack, as it is held here, unless the test says otherwise.
	const held = [f.wheel, ...f.companions.map((c) => c.wheel)].filter((w) => w !== null);
	const named = f.named.length ? f.named : held;
	const done = applySubmission({ ...f, named }, { station, step, values, reason });
	if ('refusal' in done) throw new Error(`${done.refusal.code}: ${done.refusal.message}`);
	return kept(f, done);
}
/** Takes a wheel as Select does. */
export const took = (f: SetupFacts, wheel: WheelFacts = WHEEL): SetupFacts => ({
	...did({ ...f, named: [wheel] }, 'select', 'take', { wheelNumber: wheel.number }),
	named: []
});
/** So much later by the clock. */
export const later = (f: SetupFacts, seconds: number): SetupFacts => ({
	...f,
	nowMs: f.nowMs + 1000 * seconds
});

/** The weights set where they were told to be. */
export function weightsMoved(f: SetupFacts): SetupFacts {
	const told = Evidence.of(f).of(weights, 'balance', MEASURED_BY)!;
	return did(f, 'balance', 'move', { anglesDeg: told.output.placements.map((p) => p.angleDeg) });
}
/** Steps whose entry follows from what was computed before. */
const BY_WHAT_WAS_TOLD: Readonly<
	Record<string, (f: SetupFacts, values: Record<string, unknown>) => SetupFacts>
> = {
	'run-in.outcome': (f, values) => did(later(f, 900), 'run-in', 'outcome', values),
	'balance.move': weightsMoved
};
/** Everything of a toolroom setup, in order. */
export const WORK: readonly [string, (f: SetupFacts) => SetupFacts][] = [
	['brief.brief', (f) => did(f, 'brief', 'brief')],
	['select.take', (f) => took(f)],
	...GOOD.map(([station, step, values]): [string, (f: SetupFacts) => SetupFacts] => {
		const name = `${station}.${step}`;
		return [name, (f) => BY_WHAT_WAS_TOLD[name]?.(f, values) ?? did(f, station, step, values)];
	})
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
	linesOf(station, f, Evidence.of(f)).find((l) => l.key === key);
/** What a step came to the last time: its result, or the part one calculation made. */
export function recordOf(
	f: SetupFacts,
	station: StationId,
	step: string,
	calculation?: string
): RecordFacts | null {
	const parts = Evidence.of(f).named(station, step)?.parts ?? [];
	return (calculation ? parts.find((r) => r.calculation === calculation) : parts[0]) ?? null;
}
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
