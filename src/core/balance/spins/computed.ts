import { InputFault } from '../../calculation/fault.js';
import { add, angleOf, len, vec } from '../../numeric/angles.js';
import { gauss } from '../../numeric/random.js';
import { type Seen, learn, startFrom } from '../estimate.js';
import { fromPeriod } from '../from-period.js';
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

const WIDEST_DEG = 60;
const NO_PRIOR_GMM = 1e5;

/** Amount and direction from the first groups of three turnings that swing narrowly enough; null when there is none. */
function fromMarks(
	s: SpinSettings,
	w: MadeUpWheel,
	seen: Release,
	reads: readonly number[],
	times: readonly number[]
): { unbalanceGmm: number; angleDeg: number } | null {
	const turnings = seen.turnings;
	const narrow = (g: number) =>
		(Math.abs(turnings[g + 1]!.phi - turnings[g]!.phi) +
			Math.abs(turnings[g + 2]!.phi - turnings[g + 1]!.phi)) /
			4 <=
		(WIDEST_DEG * Math.PI) / 180;
	let first = 0;
	while (first + 2 < turnings.length && !narrow(first)) first++;
	let [amount, n, sum] = [0, 0, { x: 0, y: 0 }];
	for (let q = 0; q < 3 && first + q + 2 < turnings.length; q++) {
		const g = first + q;
		try {
			const r = fromPeriod.run({
				massKg: w.massKg,
				inertiaKgM2: w.believedKgM2,
				arborRadiusMm: JOURNAL_MM,
				timeS: turnings[g + 2]!.timeS - turnings[g]!.timeS + s.timeNoiseS * times[q]!,
				turningAnglesDeg: [0, 1, 2].map((j) => seen.bottoms[g + j]! + s.readNoiseDeg * reads[q + j]!)
			});
			amount += r.unbalanceGmm;
			n++;
			sum = add(sum, vec(1, r.heavyAngleDeg!));
		} catch (error) {
			if (!(error instanceof InputFault)) throw error;
		}
	}
	return n ? { unbalanceGmm: amount / n, angleDeg: angleOf(sum) } : null;
}

/** Computed: marks and a stopwatch give the amount, every release is learnt from, two weights are set in closed form. */
export function computed(s: SpinSettings, w: MadeUpWheel, i: number): number {
	const rng = streamOf(s, i, 3);
	let at: number[] = [0, 180];
	let nominal: number[] = [0, 180];
	const belief = startFrom({ x: 0, y: 0 }, NO_PRIOR_GMM);
	let releases = 0;
	for (let spin = 1; spin <= s.maxSpins; spin++) {
		const now = resultant(w, at);
		if (len(now) <= w.toleranceGmm) return spin;
		const start = 360 * rng();
		const draw = (n: number) => Array.from({ length: n }, () => gauss(rng));
		const [reads, times, settings] = [draw(5), draw(3), draw(2)];
		const seen = release(s, w, now, start);
		const W = nominal.reduce((v, a) => add(v, vec(w.u, a)), { x: 0, y: 0 });
		const found = fromMarks(s, w, seen, reads, times);
		releases++;
		const o: Seen = found
			? {
					W,
					stays: false,
					restAngleDeg: found.angleDeg,
					unbalanceGmm: found.unbalanceGmm,
					sigmaMomentGmm: 0.03 * found.unbalanceGmm + 0.25 * w.frictionGmm,
					sigmaUnbalanceGmm: 0.03 * found.unbalanceGmm + 0.25 * w.frictionGmm
				}
			: {
					W,
					stays: false,
					restAngleDeg: seen.restDeg + s.readNoiseDeg * reads[0]!,
					unbalanceGmm: null,
					sigmaUnbalanceGmm: null,
					sigmaMomentGmm: w.frictionGmm
				};
		learn(belief, o);
		if (!found && releases === 1) continue;
		const U = { x: belief.x, y: belief.y };
		const placed = twoWeights.run({
			unbalanceGmm: len(U),
			heavyAngleDeg: angleOf(U),
			massG: w.u / TRACK_MM,
			radiusMm: TRACK_MM
		});
		nominal = placed.placements.map((placement) => placement.angleDeg);
		at = nominal.map((a, k) => a + s.settingNoiseDeg * settings[k]!);
	}
	return s.maxSpins + 1;
}
