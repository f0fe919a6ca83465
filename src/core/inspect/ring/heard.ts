import type { Reason, Verdict } from '../../calculation/verdict.js';
import type { Group, Spectrum } from './peaks.js';

/** How a recording is judged, and what it is compared with. */
export interface ListenSettings {
	minTaps: number;
	bandLowHz: number;
	clearQ: number;
	dullQ: number;
	tapAnglesDeg: readonly number[] | null;
	expectedFrequencyHz: number | null;
	baseline: { frequencyHz: number; q: number } | null;
}
export interface Note {
	frequencyHz: number;
	levelDb: number;
	q: number;
	dampingRatio: number | null;
	splitPct: number;
}
export type Ring = 'clear' | 'doubtful' | 'dull' | 'unusable-recording';
export interface RingResult {
	ring: Ring;
	releases: false;
	peak: number;
	clippedFraction: number;
	tapCount: number;
	onsetsS: number[];
	snrDb: number | null;
	modes: Note[];
	mainFrequencyHz: number | null;
	q: number | null;
	dampingRatio: number | null;
	decayTimeS: number | null;
	splitPct: number | null;
	splitResolvablePct: number | null;
	frequencyShiftPct: number | null;
	tapQ: number[];
	tapFrequencyHz: number[];
	pairCovered: boolean | null;
	verdict: Verdict;
	reasons: Reason[];
}
/** What a drawing of the recording needs beside the result. */
interface Trace {
	segments: [number, number][];
	taps: Spectrum[];
	average: Spectrum;
	main: Group;
	energy: Float64Array;
	noise: number;
}
export interface Heard {
	result: RingResult;
	trace: Trace | null;
}
