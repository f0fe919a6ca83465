import type { Values } from '../calculation/fields.js';
import type { Verdict } from '../calculation/verdict.js';
import type { System } from '../quantity/parse.js';
import type { ListenSettings, RingResult } from '../inspect/ring/listen.js';
import type { StationId } from './station-names.js';
import type { BriefFacts } from './stations/brief/steps.js';
import type { Sums } from './sums.js';
import type { ShopPoint } from '../prove/shop-points.js';
import type { WheelState } from '../shop/wheel-state.js';
import type { Morning } from './morning.js';
import type { RouteFacts } from './templates.js';
import type { Limits } from '../calculation/limits.js';
import type { DRESSER_FIELDS, DresserKind } from '../shop/dresser.js';
import type { Tables } from '../spec/guidelines.js';

export { STATIONS, STATION_NAMES, type StationId } from './station-names.js';

export interface MachineFacts {
	id: number;
	code: string;
	name: string;
	kind: string;
	balanceClass: string;
	spindleRpm: number;
	spindleRpmMin: number;
	spindleRpmMax: number;
	seatMm: number;
	maxDiameterMm: number;
	maxWidthMm: number;
	rotation: 'cw' | 'ccw';
	motorTorqueNm: number;
	wet: boolean;
	/** From switching off until it stood, as measured with a wheel on; never reckoned. */
	coastS: number | null;
	/** How slides and dresser are moved. */
	axes: 'by-hand' | 'power-feed' | 'cnc';
	/** One division of the infeed dial, and what it counts. */
	dialDivisionUm: number | null;
	dialReads: 'radius' | 'diameter';
	lockedOut: boolean;
}
export interface MountFacts {
	id: number;
	code: string;
	seatMm: number;
	flangeMm: number;
	recessMm: number;
	retention: 'single-nut' | 'flange-screws';
	threadHand: 'left' | 'right';
	screwCount: number | null;
	screwDiameterMm: number | null;
	torqueNm: number | null;
	massKg: number;
	inertiaKgM2: number;
	journalRadiusMm: number;
	trackRadiusMm: number | null;
	weightCount: number;
	weightMassG: number | null;
}
/** A dresser of the shop; of its data what its kind needs, the rest is left out. */
export type DresserFacts = { id: number; code: string; kind: DresserKind } & Partial<
	Values<typeof DRESSER_FIELDS>
>;
/** A tray of gauge blocks, and which of them stand in a stack of an open setup. */
export interface TrayFacts {
	code: string;
	blocksMm: readonly number[];
	inUse: readonly { blockMm: number; setupId: number }[];
}
export interface WheelFacts {
	id: number;
	number: string;
	marking: string;
	canonical: string;
	family: string | null;
	gritMeanUm: number | null;
	gritNumber: number | null;
	grade: string | null;
	structure: number | null;
	bond: string | null;
	bondFamily: string | null;
	concentrationPercent: number | null;
	diameterMm: number;
	widthMm: number;
	/** Abrasive left on the rim; null where nothing but grain is there. */
	rimDepthMm: number | null;
	/** Radial width of a rim that is dressed on its face; null for a wheel dressed on its periphery. */
	rimWidthMm: number | null;
	boreMm: number;
	newDiameterMm: number;
	minDiameterMm: number;
	massKg: number;
	/** Reckoned from size and density, not weighed. */
	massComputed: boolean;
	ratedMps: number | null;
	ratedRpm: number | null;
	expiresOn: string | null;
	shape: string;
	place: string;
	state: WheelState;
	stateReason: string | null;
	heldBy: number | null;
	/** Held beside the leading wheel of a pack: looked over and rung at the rack. */ inPack: boolean;
	/** The mount it stays on in the rack, balanced; null for a bare wheel. */
	keptOn: string | null;
}

/** One piece of evidence, as the gates see it. */
export interface RecordFacts<O extends object = Record<string, unknown>> {
	id: number;
	station: StationId;
	step: string;
	calculation: string;
	entered: Record<string, unknown>;
	input: Record<string, unknown>;
	output: O;
	verdict: Verdict;
	overrideReason: string | null;
	wheelId: number | null;
	by: string;
	atMs: number;
	/** The same for everything recorded in one go. */
	together: string;
}

/** Another wheel of the same pack, held from the rack, with its look and ring made there since the setup began. */
export interface Companion {
	wheel: WheelFacts;
	look: Found | null;
	ring: Found | null;
}
interface Found {
	id: number;
	verdict: Verdict;
	mayProceed: boolean;
}

/** A trial cut of this wheel or of one with the same marking: how it was dressed, how it cut, what it gave. */
export interface TrialCut {
	id: number;
	wheelNumber: string;
	atMs: number;
	leadUm: number;
	depthUm: number;
	specificRemovalMm2PerS: number;
	wheelSpeedMps: number;
	raUm: number;
	/** Taken out of what is learnt from; it stays in the list. */
	leftOut: boolean;
}

/** One earlier ring of a wheel, as kept. */
export interface PastRing {
	id: number;
	atMs: number;
	diameterMm: number;
	ring: RingResult['ring'];
	frequencyHz: number | null;
	q: number | null;
	modulusGPa: number | null;
	/** Made up, not recorded. */
	simulated: boolean;
	baseline: boolean;
}
/** A recording of the wheel's ring, judged by the server; `standing` until a lead clears the wheel after it. */
export interface RecordingFacts {
	id: number;
	setupId: number | null;
	atMs: number;
	by: string;
	source: 'microphone' | 'file' | 'simulator';
	seconds: number;
	standing: boolean;
	result: RingResult;
	settings: ListenSettings & { bond: string };
}

/** The shop's guideline figures where they differ from the shipped ones. */
export interface Guidelines {
	tables: Tables | null;
	weights: Record<string, number> | null;
	weightsVersion: number;
	/** Limits and usual values by calculation and field. */ limits: Limits;
	/** What symptoms and facts say of a trouble otherwise than shipped. */ points: readonly ShopPoint[];
}

/** What another setup has on this machine or on this mount, or what is kept on the mount in the rack. */
export interface Occupied {
	/** Null where the wheel is kept on the mount and no setup has it. */
	setupId: number | null;
	wheel: string;
	machine: string;
	/** The mount, where it is that one which is taken, on another machine. */
	mount: string | null;
}

/** Everything the route engine decides from. */
export interface SetupFacts {
	id: number;
	brief: BriefFacts;
	units: System;
	state: 'under-way' | 'released' | 'stopped' | 'finished';
	version: number;
	stations: StationId[];
	routeName: string;
	route: RouteFacts;
	machine: MachineFacts;
	/** Its newest morning sheet; null where nobody ever filled one in. */
	morning: Morning | null;
	/** The shop asks for a sheet of today before a machine starts. */
	morningWanted: boolean;
	mount: MountFacts | null;
	/** Every mount of the shop that is in use. */
	mounts: readonly MountFacts[];
	/** The one that belongs to this machine. */
	dresser: DresserFacts | null;
	/** Every dresser of the shop that is not worn out. */
	dressers: readonly DresserFacts[];
	/** Gauge blocks of the shop, tray by tray; none where the route has no form. */
	trays: readonly TrayFacts[];
	wheel: WheelFacts | null;
	companions: Companion[];
	/** Wheels of the rack that a submission names, as they stand at this moment; none on a page. */
	named: readonly WheelFacts[];
	/** Oldest first: every record of this setup, or, on a page, those that stand. */
	records: RecordFacts[];
	sums: Sums;
	/** Recordings of the wheel's ring, oldest first: every one that stands, and its rings over the years; stiffness of the others of its batch. */
	recordings: RecordingFacts[];
	pastRings: PastRing[];
	/** Chips that the last look at the wheel found, as they were entered. */
	chipsSeen: readonly unknown[];
	batchGPa: number[];
	/** Trial cuts with this marking, oldest first. */
	cuts: readonly TrialCut[];
	guidelines: Guidelines;
	incidentId: number | null;
	/** Its wheel stands on the spindle. */
	onSpindle: boolean;
	/** What stands there instead. */
	occupied: Occupied | null;
	/** Whether what is simulated may be recorded here: in the demo shop. */
	simulators: boolean;
	/** The shop, as it is called, and the time zone of its place; none was kept of what was finished before there was one. */
	shop: string;
	timeZone?: string;
	/** Why it was not gone on with, if it was given up. */
	givenUp: string | null;
	today: string;
	nowMs: number;
}
