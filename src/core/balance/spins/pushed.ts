import { InputFault } from '../../calculation/fault.js';
import { DEG, add, angleOf, len, vec } from '../../numeric/angles.js';
import { gauss } from '../../numeric/random.js';
import { type Seen, fromMarkedRelease, learn, startFrom } from '../estimate.js';
import { fromMarks } from '../from-marks.js';
import { twoWeights } from '../two-weights.js';
import {
	JOURNAL_MM,
	type MadeUpWheel,
	type Release,
	type SpinSettings,
	TRACK_MM,
	release,
	resultant,
	streamOf
} from './made-up-wheel.js';

const MARKS = 9;
const WIDEST_DEG = 60;
const NO_PRIOR_GMM = 1e5;
/** A gentle push, and how unevenly a hand gives it. */
const PUSH_DEG_PER_S = 10;
const PUSH_SPREAD = 0.25;

/** What nine marks and one stopwatch reading tell of a release, with the same noise as everybody's; null when it swung too little. */
function read(s: SpinSettings, w: MadeUpWheel, seen: Release, reads: readonly number[], time: number) {
	const turnings = seen.turnings;
	let first = 0;
	while (
		first + 1 < turnings.length &&
		Math.abs(turnings[first + 1]!.phi - turnings[first]!.phi) / 2 > WIDEST_DEG * DEG
	)
		first++;
	const marks = seen.bottoms
		.slice(first, first + MARKS)
		.map((bottom, j) => bottom + s.readNoiseDeg * reads[j]!);
	// A mark at the end of a dying swing that chalk has put on the wrong side is left out, as a person would.
	for (let n = marks.length; n >= 3;) {
		try {
			return fromMarks.run({
				massKg: w.massKg,
				inertiaKgM2: w.believedKgM2,
				arborRadiusMm: JOURNAL_MM,
				turningAnglesDeg: marks.slice(0, n),
				timeS: turnings[first + n - 1]!.timeS - turnings[first]!.timeS + s.timeNoiseS * time,
				readErrorDeg: s.readNoiseDeg,
				timeErrorS: s.timeNoiseS
			});
		} catch (error) {
			if (!(error instanceof InputFault)) throw error;
			const bad = /^turningAnglesDeg\.(\d+)$/.exec(error.field);
			n = bad ? Number(bad[1]) : 0;
		}
	}
	return null;
}

/**
 * Our own: a gentle push at every release, so that no release is lost on a wheel that stays or swings twice; nine marks instead
 * of five, one stopwatch reading over all of them, each weighed by what it is worth. With `pushed` false only the marks differ.
 */
export function pushedSwing(s: SpinSettings, w: MadeUpWheel, i: number, pushed = true): number {
	const rng = streamOf(s, i, 4);
	let at: number[] = [0, 180];
	let nominal: number[] = [0, 180];
	const belief = startFrom({ x: 0, y: 0 }, NO_PRIOR_GMM);
	let amounts = 0;
	for (let spin = 1; spin <= s.maxSpins; spin++) {
		const now = resultant(w, at);
		if (len(now) <= w.toleranceGmm) return spin;
		const start = 360 * rng();
		const draw = (n: number) => Array.from({ length: n }, () => gauss(rng));
		const [hand, reads, time, settings] = [gauss(rng), draw(MARKS), gauss(rng), draw(2)];
		const seen = release(s, w, now, start, pushed ? PUSH_DEG_PER_S * (1 + PUSH_SPREAD * hand) : 0);
		const W = nominal.reduce((v, a) => add(v, vec(w.u, a)), { x: 0, y: 0 });
		const found = read(s, w, seen, reads, time);
		const o: Seen = found
			? { W, stays: false, ...fromMarkedRelease(found, w.frictionGmm) }
			: {
					W,
					stays: false,
					restAngleDeg: seen.restDeg + s.readNoiseDeg * reads[0]!,
					unbalanceGmm: null,
					sigmaUnbalanceGmm: null,
					sigmaMomentGmm: w.frictionGmm
				};
		learn(belief, o);
		if (found) amounts++;
		if (!amounts) continue;
		const U = { x: belief.x, y: belief.y };
		nominal = twoWeights
			.run({ unbalanceGmm: len(U), heavyAngleDeg: angleOf(U), massG: w.u / TRACK_MM, radiusMm: TRACK_MM })
			.placements.map((placement) => placement.angleDeg);
		at = nominal.map((a, k) => a + s.settingNoiseDeg * settings[k]!);
	}
	return s.maxSpins + 1;
}
