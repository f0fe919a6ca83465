import type { System } from '../quantity/parse.js';
import type { Morning } from '../route/morning.js';
import type { StationId } from '../route/station-names.js';
import type { BriefFacts } from '../route/stations/brief/steps.js';
import type { Sums } from '../route/sums.js';
import type { RouteFacts } from '../route/templates.js';
import type { RecordFacts, TrialCut } from './records.js';
import type { DresserFacts, Guidelines, MachineFacts, MountFacts, Occupied, TrayFacts } from './shop.js';
import type { Companion, PastRing, RecordingFacts, WheelFacts } from './wheel.js';

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
	/** The shop, as it is called, and the time zone of its place. */
	shop: string;
	timeZone: string;
	/** Why it was not gone on with, if it was given up. */
	givenUp: string | null;
	today: string;
	nowMs: number;
}
