import { mulberry32 } from '../numeric/random.js';

/** A patch of a wheel face and the dress that is made on it: lengths in um but for those that say mm. */
export interface Patch {
	grainSizeUm: number;
	grainsPerMm2: number;
	count: number;
	tipRadiusUm: number | null;
	flatWidthUm: number;
	depthUm: number;
	leadUm: number;
	passes: number;
	wheelDiameterMm: number;
	equivalentDiameterMm: number;
	speedRatio: number;
	fractureFactor: number;
	widthMm: number;
	lengthMm: number;
	seed: number;
}
/** What one profile came to. */
export interface Profile {
	raUm: number;
	rzUm: number;
	flatSharePercent: number;
	activePerMm2: number;
	fracturedShare: number;
}

/** What can be drawn of a patch: its grains as they came out of the dress, and the profile they leave on the work. */
export interface PatchSeen {
	grains: { yMm: number; zUm: number; sizeUm: number; flatUm: number; active: boolean }[];
	/** Of the work, in um about its mean line, one value every 2 um. */
	profileUm: number[];
}

const STEP_UM = 2;
const SEED_STEP = 7919;
/** Largest worn flat and the round of a grain's tip, as shares of the grain; how far below the dress a grain still counts, in um. */
const [MAX_FLAT, TIP_ROUND, ACTIVE_UM] = [0.08, 0.1, 3];
const PARTS = 5;

/** How much higher the tip stands at a distance from its middle; endless beyond it. */
function tipHeight(p: Patch): (x: number) => number {
	const [r, w] = [p.tipRadiusUm, p.flatWidthUm];
	const low = r === null ? 0 : Math.sqrt(r * r - (w * w) / 4);
	return (x) => (x <= w / 2 ? 0 : r === null || x > r ? Infinity : low - Math.sqrt(r * r - x * x));
}

/** The work ground by a patch that was dressed: each grain that stands out leaves its mark, the highest counts. */
export function groundProfile(p: Patch, m: number, seen?: PatchSeen): Profile {
	const rnd = mulberry32((p.seed + SEED_STEP * m) >>> 0);
	const { grainSizeUm: g, depthUm: a, leadUm: s, passes } = p;
	const phases = Array.from({ length: passes }, () => rnd() * s);
	const T = tipHeight(p);
	const base = -passes * a;
	const cells = Math.floor((1000 * p.widthMm) / STEP_UM + 0.5);
	const heights = new Float64Array(cells).fill(base - TIP_ROUND * g);
	let [hits, breaks, active, flatArea] = [0, 0, 0, 0];
	for (let i = 0; i < p.count; i++) {
		const y = (rnd() - 0.5) * p.lengthMm;
		const z = rnd() * 1000 * p.widthMm;
		const k = rnd();
		const [u1, u2] = [rnd(), rnd()];
		const normal = Math.sqrt(-2 * Math.log(u1 + 1e-12)) * Math.cos(2 * Math.PI * u2);
		const d = g * Math.min(1.45, Math.max(0.55, 1 + 0.15 * normal));
		const rho = d / 2;
		let top = rho - k * g;
		let flat = 0;
		// The wheel as it leaves truing: what stood out was worn level.
		if (top > 0) {
			top = 0;
			flat = MAX_FLAT * d;
		}
		for (let pass = 0; pass < passes; pass++) {
			const [uf, ue] = [rnd(), rnd()];
			const zt = z - phases[pass]! - (s * y) / (Math.PI * p.wheelDiameterMm);
			// A grain wider than the lead is met by the bottom of a track.
			const off = Math.max(0, Math.abs(zt - s * Math.floor(zt / s + 0.5)) - rho);
			const limit = -(pass + 1) * a + Math.min(T(off), a);
			const c = top - limit;
			if (c <= 0) continue;
			hits++;
			const chip = c * Math.min(s, d);
			if (uf < 1 - Math.exp(-chip / (2 * d))) {
				breaks++;
				top = limit + p.fractureFactor * Math.sqrt(chip) * Math.log(1 - ue + 1e-12);
				flat = 0;
			} else {
				flat = Math.min(MAX_FLAT * d, Math.sqrt(flat * flat + 0.2 * d * c));
				top = limit - 0.004 * d * ue;
			}
		}
		seen?.grains.push({ yMm: y, zUm: z, sizeUm: d, flatUm: flat, active: top >= base - ACTIVE_UM });
		if (top < base - TIP_ROUND * g) continue;
		if (top >= base - ACTIVE_UM) active++;
		if (top > base - ACTIVE_UM) flatArea += Math.PI * flat * flat;
		// The path of a grain over the work lifts its mark beside the lowest point (parabola).
		const sink = (1000 * (y / p.speedRatio) ** 2) / p.equivalentDiameterMm;
		const reach = flat + Math.sqrt(2 * TIP_ROUND * d * TIP_ROUND * g);
		const end = Math.min(cells, Math.floor((z + reach) / STEP_UM) + 1);
		for (let j = Math.max(0, Math.floor((z - reach) / STEP_UM)); j < end; j++) {
			const beside = Math.max(Math.abs((j + 0.5) * STEP_UM - z) - flat, 0);
			const height = top - (beside * beside) / (2 * TIP_ROUND * d) - sink;
			if (height > heights[j]!) heights[j] = height;
		}
	}
	const area = p.widthMm * p.lengthMm;
	const rest = levelled(heights);
	seen?.profileUm.push(...rest);
	return {
		...roughness(rest),
		flatSharePercent: (100 * flatArea) / 1e6 / area,
		activePerMm2: active / area,
		fracturedShare: hits ? breaks / hits : 0
	};
}

/** The work, the negative of the profile that stood out, its line taken away. */
function levelled(heights: Float64Array): Float64Array {
	const n = heights.length;
	const middle = (n - 1) / 2;
	let [sum, along, squares] = [0, 0, 0];
	for (let i = 0; i < n; i++) {
		sum += heights[i]!;
		along += (i - middle) * heights[i]!;
		squares += (i - middle) ** 2;
	}
	const slope = squares ? along / squares : 0;
	return heights.map((height, i) => -(height - sum / n - slope * (i - middle)));
}

/** Ra and Rz of a profile about its line. */
function roughness(rest: Float64Array): { raUm: number; rzUm: number } {
	const n = rest.length;
	const part = Math.floor(n / PARTS);
	let rz = 0;
	for (let k = 0; k < PARTS; k++) {
		let [low, high] = [Infinity, -Infinity];
		for (let i = k * part; i < (k + 1) * part; i++) {
			low = Math.min(low, rest[i]!);
			high = Math.max(high, rest[i]!);
		}
		rz += (high - low) / PARTS;
	}
	return { raUm: rest.reduce((t, r) => t + Math.abs(r), 0) / n, rzUm: rz };
}
