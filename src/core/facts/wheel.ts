import type { Verdict } from '../calculation/verdict.js';
import type { ListenSettings, RingResult } from '../inspect/ring/listen.js';
import type { WheelState } from '../shop/wheel-state.js';

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
	/** Held beside the leading wheel of a pack: looked over and rung at the rack. */
	inPack: boolean;
	/** The mount it stays on in the rack, balanced; null for a bare wheel. */
	keptOn: string | null;
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
