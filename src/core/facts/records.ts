import type { Verdict } from '../calculation/verdict.js';
import type { StationId } from '../route/station-names.js';

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
	/** On a page, which knows the steps of one station: what tells it from others of its step that stand beside it. */
	standsAs?: string | null;
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
