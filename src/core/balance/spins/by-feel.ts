import { fold360, len, wrap180 } from '../../numeric/angles.js';
import { gauss } from '../../numeric/random.js';
import { type MadeUpWheel, type SpinSettings, release, resultant, streamOf } from './made-up-wheel.js';

const CLOSEST_DEG = 12;

/** By feel, one weight at a time: shifted away from the heavy mark, a little less each time the mark jumps across. */
export function nudge(s: SpinSettings, w: MadeUpWheel, i: number): number {
	const rng = streamOf(s, i, 1);
	const at: [number, number] = [0, 180];
	let step = 15;
	let before: number | null = null;
	let last: { weight: number; sense: number } | null = null;
	for (let spin = 1; spin <= s.maxSpins; spin++) {
		const now = resultant(w, at);
		if (len(now) <= w.toleranceGmm) return spin;
		const start = 360 * rng();
		const [read, setting] = [gauss(rng), gauss(rng)];
		const seen = release(s, w, now, start);
		if (!seen.turnings.length) continue;
		const mark = fold360(seen.restDeg + s.readNoiseDeg * read);
		if (before !== null && Math.abs(wrap180(mark - before)) > 90) step = Math.max(2, step / 2);
		before = mark;
		const away = (k: number) => (wrap180(at[k]! - mark) >= 0 ? 1 : -1);
		const nearest = Math.abs(wrap180(at[1] - mark)) < Math.abs(wrap180(at[0] - mark)) ? 1 : 0;
		const reverses: boolean = last !== null && last.weight === nearest && last.sense === -away(nearest);
		const first: number = reverses ? 1 - nearest : nearest;
		for (const k of [first, 1 - first]) {
			const place = at[k]! + away(k) * step + s.settingNoiseDeg * setting;
			if (Math.abs(wrap180(place - at[1 - k]!)) < CLOSEST_DEG) continue;
			last = { weight: k, sense: away(k) };
			at[k] = place;
			break;
		}
	}
	return s.maxSpins + 1;
}

/** By feel, skilled: the pair stands symmetrically about an axis and is opened or closed by halving. */
export function spread(s: SpinSettings, w: MadeUpWheel, i: number): number {
	const rng = streamOf(s, i, 2);
	let at: [number, number] = [0, 180];
	let axis: number | null = null;
	let [x, lo, hi, shift] = [45, 0, 90, 10];
	let side: number | null = null;
	for (let spin = 1; spin <= s.maxSpins; spin++) {
		const now = resultant(w, at);
		if (len(now) <= w.toleranceGmm) return spin;
		const start = 360 * rng();
		const [read, one, two] = [gauss(rng), gauss(rng), gauss(rng)];
		const seen = release(s, w, now, start);
		if (!seen.turnings.length) continue;
		const mark = fold360(seen.restDeg + s.readNoiseDeg * read);
		if (axis === null) axis = mark;
		else {
			const d = wrap180(mark - axis);
			if (Math.abs(d) < 45) {
				hi = x;
				if (hi - lo < 1) lo = Math.max(0, lo - 5);
				x = (lo + hi) / 2;
			} else if (Math.abs(d) > 135) {
				lo = x;
				if (hi - lo < 1) hi = Math.min(90, hi + 5);
				x = (lo + hi) / 2;
			} else {
				const sense = Math.sign(d);
				if (side !== null && sense !== side) shift = Math.max(1, shift / 2);
				side = sense;
				axis += sense * shift;
			}
		}
		at = [axis + 180 - x + s.settingNoiseDeg * one, axis + 180 + x + s.settingNoiseDeg * two];
	}
	return s.maxSpins + 1;
}
