import { DEG, type Vec, add, angleOf, fold360, len, sub, vec, wrap180 } from '../numeric/angles.js';
import { type Track, allowedAngle, cyclicOrder, travels } from './weight-rules.js';

export interface Arrangement {
	angles: number[];
	travels: number[];
	total: number;
}

/** An angle worth trying, how far it is, and what the weight pulls there. */
interface Place {
	angle: number;
	cost: number;
	pull: Vec;
}

const GRID_DEG = 6;
const REFINE_TO_DEG = 0.002;
const KEPT = 5;
/** How much longer than the best so far an arrangement on the grid may be and still lead to the shortest. */
const SLACK_DEG = 4 * GRID_DEG;
const NONE: readonly number[] = [];

const sumAbs = (list: readonly number[]): number => list.reduce((s, t) => s + Math.abs(t), 0);

const acosDeg = (x: number): number => Math.acos(Math.max(-1, Math.min(1, x))) / DEG;

/** Both ways in which two weights can make a vector; a free pair (equal, vector zero) stands opposite at the given angle. */
function pairAngles(ui: number, uj: number, target: Vec, freeDeg: readonly number[]): [number, number][] {
	const c = len(target);
	if (c < 1e-9) return Math.abs(ui - uj) < 1e-9 ? freeDeg.map((f) => [f, f + 180]) : [];
	if (c > ui + uj + 1e-9 || c < Math.abs(ui - uj) - 1e-9) return [];
	const phi = angleOf(target);
	const xi = acosDeg((c * c + ui * ui - uj * uj) / (2 * c * ui));
	const xj = acosDeg((c * c + uj * uj - ui * ui) / (2 * c * uj));
	return [
		[phi - xi, phi + xj],
		[phi + xi, phi - xj]
	];
}

/** Search state for one pair solved in closed form while the other weights stand at chosen angles. */
class Search {
	readonly order: number[];
	readonly found: {
		pair: [number, number];
		others: number[];
		at: readonly number[];
		best: Arrangement;
	}[] = [];
	bound = Infinity;
	constructor(
		readonly track: Track,
		readonly target: Vec
	) {
		this.order = cyclicOrder(track);
	}

	/** Shortest way of a weight to an angle: no rule of the track makes it shorter. */
	private way(weight: number, angle: number): number {
		const f = fold360(angle - this.track.currentDeg[weight]!);
		return Math.min(f, 360 - f);
	}

	/** Best arrangement with the other weights fixed and no longer than `most` in all, or null. */
	solve(
		pair: [number, number],
		others: readonly number[],
		at: readonly number[],
		most = Infinity
	): Arrangement | null {
		let rest = this.target;
		let fixed = 0;
		for (let k = 0; k < others.length; k++) {
			const w = others[k]!;
			rest = sub(rest, vec(this.track.u[w]!, at[k]!));
			fixed += this.way(w, at[k]!);
		}
		return fixed > most ? null : this.solvePair(pair, others, at, rest, fixed, most);
	}

	/** The same, with what the pair must make and how far the others have gone worked out already. */
	private solvePair(
		pair: [number, number],
		others: readonly number[],
		at: readonly number[],
		rest: Vec,
		fixed: number,
		most: number
	): Arrangement | null {
		const { u, currentDeg } = this.track;
		const c = len(rest);
		if (c > u[pair[0]]! + u[pair[1]]! + 1e-9 || c < Math.abs(u[pair[0]]! - u[pair[1]]!) - 1e-9) return null;
		const free =
			c >= 1e-9
				? NONE
				: [
						currentDeg[pair[0]]!,
						currentDeg[pair[1]]! + 180,
						...this.track.forbidden.flatMap((z) => [
							z.from,
							z.from + z.width,
							z.from + 180,
							z.from + z.width + 180
						])
					];
		let best: Arrangement | null = null;
		for (const [a, b] of pairAngles(u[pair[0]]!, u[pair[1]]!, rest, free)) {
			if (fixed + this.way(pair[0], a) + this.way(pair[1], b) > Math.min(most, best?.total ?? Infinity))
				continue;
			const angles = new Array<number>(u.length);
			angles[pair[0]] = fold360(a);
			angles[pair[1]] = fold360(b);
			others.forEach((other, k) => {
				angles[other] = fold360(at[k]!);
			});
			const moved = travels(this.track, this.order, angles);
			if (!moved) continue;
			const total = sumAbs(moved);
			if (!best || total < best.total) best = { angles, travels: moved, total };
		}
		return best;
	}

	/** Angles worth trying for a weight: where it stands, a coarse grid, the edges of forbidden arcs; nearest first. */
	grid(weight: number): Place[] {
		const now = this.track.currentDeg[weight]!;
		const angles = [now, ...this.track.forbidden.flatMap((z) => [z.from, z.from + z.width])];
		for (let d = GRID_DEG; d <= 180; d += GRID_DEG) angles.push(now + d, now - d);
		const cost = (a: number) => {
			const f = fold360(a - now);
			return Math.min(f, 360 - f);
		};
		return angles
			.filter((angle) => allowedAngle(this.track, angle))
			.map((angle) => ({ angle, cost: cost(angle), pull: vec(this.track.u[weight]!, angle) }))
			.sort((x, y) => x.cost - y.cost);
	}

	private readonly grids = new Map<number, Place[]>();
	private gridOf(weight: number): Place[] {
		let g = this.grids.get(weight);
		if (!g) this.grids.set(weight, (g = this.grid(weight)));
		return g;
	}

	/** Every arrangement on the grid that may lead to the shortest; `can` is what the pair and the weights not yet placed can make. */
	coarse(
		pair: [number, number],
		others: number[],
		at: readonly number[] = [],
		rest = this.target,
		cost = 0,
		can = this.track.u.reduce((s, u) => s + u, 0)
	): void {
		if (at.length === others.length) {
			const best = this.solvePair(pair, others, at, rest, cost, this.bound + SLACK_DEG);
			if (!best) return;
			this.bound = Math.min(this.bound, best.total);
			this.found.push({ pair, others, at, best });
			return;
		}
		const weight = others[at.length]!;
		const left = can - this.track.u[weight]!;
		for (const g of this.gridOf(weight)) {
			if (cost + g.cost > this.bound + SLACK_DEG) break;
			const open = sub(rest, g.pull);
			// What the others cannot make whichever way they stand needs no look.
			if (len(open) > left + 1e-9) continue;
			this.coarse(pair, others, [...at, g.angle], open, cost + g.cost, left);
		}
	}

	/** Moves the other weights by ever smaller steps as long as the total shrinks. */
	refine(start: (typeof this.found)[number]): Arrangement {
		let { best, at } = start;
		for (let step = GRID_DEG / 2; step > REFINE_TO_DEG; step /= 2) {
			for (let improved = true; improved;) {
				improved = false;
				for (const offset of AROUND[at.length]!) {
					const there = [...at];
					for (let k = 0; k < there.length; k++) there[k]! += step * offset[k]!;
					const next = this.solve(start.pair, start.others, there, best.total);
					if (next && next.total < best.total - 1e-9) {
						best = next;
						at = there;
						improved = true;
					}
				}
			}
		}
		return best;
	}
}

/** Steps to every side, for no, one or two weights beside the pair. */
const AROUND: readonly (readonly (readonly number[])[])[] = [
	[],
	[[-1], [1]],
	[-1, 0, 1].flatMap((a) => [-1, 0, 1].map((b) => [a, b])).filter(([a, b]) => a !== 0 || b !== 0)
];

const beside = (a: Search['found'][number], b: Search['found'][number]): boolean =>
	a.pair[0] === b.pair[0] &&
	a.pair[1] === b.pair[1] &&
	a.at.every((angle, k) => Math.abs(wrap180(angle - b.at[k]!)) <= GRID_DEG + 1e-9);

/** Least total travel that makes the target vector, within the rules of the track; null when nothing is allowed. */
export function leastTravel(track: Track, target: Vec): Arrangement | null {
	const n = track.u.length;
	const search = new Search(track, target);
	for (let i = 0; i < n; i++)
		for (let j = i + 1; j < n; j++) {
			search.coarse(
				[i, j],
				track.u.map((_, k) => k).filter((k) => k !== i && k !== j)
			);
		}
	const starts: typeof search.found = [];
	for (const s of search.found.sort((a, b) => a.best.total - b.best.total)) {
		if (starts.length === KEPT) break;
		// One beside a better one leads to the same place.
		if (!starts.some((better) => beside(better, s))) starts.push(s);
	}
	return starts
		.map((start) => search.refine(start))
		.reduce<Arrangement | null>((best, a) => (!best || a.total < best.total ? a : best), null);
}

/** All weights packed side by side in their order, starting with the weight that gives the most. */
export function packed(track: Track): { resultant: number; anglesFor: (directionDeg: number) => number[] } {
	const order = cyclicOrder(track);
	const n = order.length;
	let best = { resultant: -1, start: 0, sum: { x: 0, y: 0 } as Vec };
	for (let start = 0; start < n; start++) {
		let sum: Vec = { x: 0, y: 0 };
		for (let k = 0; k < n; k++) sum = add(sum, vec(track.u[order[(start + k) % n]!]!, k * track.minGapDeg));
		if (len(sum) > best.resultant + 1e-9) best = { resultant: len(sum), start, sum };
	}
	return {
		resultant: best.resultant,
		anglesFor: (directionDeg) => {
			const angles = new Array<number>(n);
			for (let k = 0; k < n; k++)
				angles[order[(best.start + k) % n]!] = fold360(
					directionDeg - angleOf(best.sum) + k * track.minGapDeg
				);
			return angles;
		}
	};
}
