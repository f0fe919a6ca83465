import type { RawSegment } from '../form/profile/chain.js';
import type { BriefFacts } from './stations/brief/steps.js';
import type { SetupFacts } from '../facts/setup.js';
import type { TrialCut } from '../facts/records.js';
import type { WheelFacts } from '../facts/wheel.js';

/** What can be written in the ledger of a wheel. */
export type EventKind =
	| 'taken'
	| 'inspected'
	| 'mounted'
	| 'trued'
	| 'dressed'
	| 'redressed'
	| 'parked'
	| 'quarantined'
	| 'ground'
	| 'released'
	| 'scrapped';

/** What is left of a dresser: of a truing wheel its diameter, of a spool its wire. */
export interface DresserLeft {
	bodyDiameterMm?: number;
	spoolM?: number;
}

/** What a submission changes beside its records: a closed list, carried out by whoever keeps the shop. */
export type Effect =
	| { kind: 'take-wheel'; wheelId: number; number: string }
	/** Another mount carries the wheel. */
	| { kind: 'use-mount'; mountId: number }
	/** The mount a wheel stays on when it goes to the rack; null: it comes off it. */
	| { kind: 'keep-on-mount'; wheelId: number; mountId: number | null }
	/** The job as it is told now. */
	| { kind: 'brief'; brief: BriefFacts }
	/** The other wheels of the pack from now on, and no others. */
	| { kind: 'hold-wheels'; wheelIds: readonly number[] }
	| { kind: 'wheel-state'; wheelId: number; state: WheelFacts['state']; reason: string | null }
	| {
			kind: 'ledger';
			wheelId: number;
			event: EventKind;
			diameterAfterMm: number | null;
			/** What it lost elsewhere than on its diameter. */
			widthAfterMm?: number | null;
			rimDepthAfterMm?: number | null;
			note: string | null;
	  }
	/** One more dress made with it; what is left of it where that was told. */
	| { kind: 'count-dress'; dresserId: number; turned: boolean; left?: DresserLeft }
	/** A trial cut is learnt from; one that misleads is left out, or taken in again. */
	| { kind: 'keep-cut'; wheelId: number; cut: Omit<TrialCut, 'id' | 'wheelNumber' | 'atMs' | 'leftOut'> }
	| { kind: 'leave-cut'; cutId: number; leftOut: boolean }
	/** The form is kept in the shop's library, as a new version where it has changed. */
	| { kind: 'keep-form'; name: string; segments: readonly RawSegment[]; toleranceUm: number }
	/** Blocks of a tray that stand in a stack from now on; none: they are back. */
	| { kind: 'wring-blocks'; trayCode: string; setting: number; blocksMm: readonly number[] }
	/** Pictures taken for this look belong to its record. */
	| { kind: 'keep-pictures'; wheelId: number }
	/** The first clear ring of a wheel is what later ones are compared with. */
	| { kind: 'keep-baseline'; wheelId: number; recordingId: number }
	| { kind: 'state'; state: SetupFacts['state']; /** Why it was not gone on with. */ givenUp?: string };
