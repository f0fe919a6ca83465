/** A stack found: its blocks, largest first, and how far it is from what was wanted, in the units of the sizes. */
export interface Stack {
	blocks: number[];
	error: number;
}

/** Combinations of so many of the sizes (largest first), ranked so that the greatest list comes first. */
interface Combinations {
	/** Their sums by rank. */
	sums: Float64Array;
	/** Index of the largest block of each, by rank. */
	firsts: Uint8Array;
	/** Rank of the first combination whose largest block is at this index or smaller. */
	from: Int32Array;
	/** Sum and rank in one number, sorted: by sum, and within a sum the greatest list first. */
	keys: Float64Array;
	count: number;
}

function countOf(n: number, k: number): number {
	let c = 1;
	for (let i = 0; i < k; i++) c = (c * (n - i)) / (i + 1);
	return Math.round(c);
}

/** Index sets of so many, the greatest list of sizes first; `visit` may end it by returning true. */
function each(n: number, k: number, visit: (picked: readonly number[]) => boolean | void): void {
	const picked = Array.from({ length: k }, (_, i) => i);
	if (k > n) return;
	for (;;) {
		if (visit(picked)) return;
		let i = k - 1;
		while (i >= 0 && picked[i] === n - k + i) i--;
		if (i < 0) return;
		picked[i]!++;
		for (let j = i + 1; j < k; j++) picked[j] = picked[j - 1]! + 1;
	}
}

function combinations(sizes: readonly number[], k: number): Combinations {
	const n = sizes.length;
	const count = countOf(n, k);
	const sums = new Float64Array(count);
	const firsts = new Uint8Array(count);
	const keys = new Float64Array(count);
	let rank = 0;
	each(n, k, (p) => {
		let sum = 0;
		for (const i of p) sum += sizes[i]!;
		sums[rank] = sum;
		firsts[rank] = p[0] ?? 0;
		keys[rank] = sum * count + rank;
		rank++;
	});
	keys.sort();
	const from = new Int32Array(n + 1).fill(count);
	for (let r = count - 1; r >= 0; r--) from[firsts[r]!] = r;
	for (let i = n - 1; i >= 0; i--) from[i] = Math.min(from[i]!, from[i + 1]!);
	return { sums, firsts, from, keys, count };
}

/** Place of the first key that is not under the one asked for. */
function lowerBound(keys: Float64Array, key: number): number {
	let [low, high] = [0, keys.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (keys[middle]! < key) low = middle + 1;
		else high = middle;
	}
	return low;
}

/**
 * The smaller half that brings a sum nearest to what is needed, all of its blocks smaller than the ones already taken: its rank, or -1
 * where none is nearer than `best`. Among equally near ones the greatest list.
 */
function nearest(c: Combinations, needed: number, after: number, best: number): number {
	const first = c.from[after + 1] ?? c.count;
	if (first >= c.count) return -1;
	let [found, error] = [-1, best];
	const take = (rank: number) => {
		const off = Math.abs(c.sums[rank]! - needed);
		if (off < error || (off === error && found >= 0 && rank < found)) [found, error] = [rank, off];
	};
	const FEW = 64;
	if (c.count - first <= FEW) {
		for (let r = first; r < c.count; r++) take(r);
		return found;
	}
	const sumAt = (place: number) => Math.floor(c.keys[place]! / c.count);
	/** The greatest list with this sum whose blocks are small enough. */
	const inSum = (sum: number): number => {
		const place = lowerBound(c.keys, sum * c.count + first);
		return place < c.count && sumAt(place) === sum ? c.keys[place]! - sum * c.count : -1;
	};
	let up = lowerBound(c.keys, needed * c.count);
	let down = up - 1;
	while (up < c.count) {
		const sum = sumAt(up);
		if (sum - needed > error || (sum - needed === error && found < 0)) break;
		const rank = inSum(sum);
		if (rank >= 0) {
			take(rank);
			break;
		}
		up = lowerBound(c.keys, (sum + 1) * c.count);
	}
	while (down >= 0) {
		const sum = sumAt(down);
		if (needed - sum > error || (needed - sum === error && found < 0)) break;
		const rank = inSum(sum);
		if (rank >= 0) {
			take(rank);
			break;
		}
		down = lowerBound(c.keys, sum * c.count) - 1;
	}
	return found;
}

/** Blocks of a combination by its rank. */
function blocksAt(sizes: readonly number[], k: number, rank: number): number[] {
	let r = 0;
	let out: number[] = [];
	each(sizes.length, k, (p) => {
		if (r++ === rank) {
			out = p.map((i) => sizes[i]!);
			return true;
		}
	});
	return out;
}

/** The best stack of exactly so many blocks: nearest, then the greatest list; null where nothing is nearer than `best`. */
function ofCount(
	sizes: readonly number[],
	n: number,
	target: number,
	half: (k: number) => Combinations,
	best: number
): Stack | null {
	if (n > sizes.length) return null;
	// The larger half is taken in the order of its lists; the smaller half is looked up.
	const [upper, lower] = [Math.ceil(n / 2), Math.floor(n / 2)];
	const small = half(lower);
	const most = sizes.slice(0, lower).reduce((s, b) => s + b, 0);
	let found: { upper: number[]; rank: number; error: number } | null = null;
	let error = best;
	each(sizes.length, upper, (p) => {
		let sum = 0;
		for (const i of p) sum += sizes[i]!;
		const needed = target - sum;
		if (lower === 0) {
			if (Math.abs(needed) < error)
				[found, error] = [{ upper: [...p], rank: 0, error: sum - target }, Math.abs(needed)];
			return error === 0;
		}
		if (needed + error <= 0 || most < needed - error) return false;
		const rank = nearest(small, needed, p.at(-1)!, error);
		if (rank < 0) return false;
		const off = small.sums[rank]! - needed;
		if (Math.abs(off) < error) [found, error] = [{ upper: [...p], rank, error: off }, Math.abs(off)];
		return error === 0;
	});
	const f = found as { upper: number[]; rank: number; error: number } | null;
	return (
		f && {
			blocks: [...f.upper.map((i) => sizes[i]!), ...(lower ? blocksAt(sizes, lower, f.rank) : [])],
			error: f.error
		}
	);
}

/**
 * The stack for a height from the sizes given, one of each: within the tolerance the fewest blocks, then the nearest, then the list that
 * is greatest, largest block first; where none is within it, the nearest of all, then the fewest. Searched by halves: every larger half
 * against the sorted smaller ones, so the number of blocks is the true minimum. Null where there is no block at all.
 */
export function findStack(
	given: readonly number[],
	target: number,
	tolerance: number,
	maxBlocks: number
): Stack | null {
	const sizes = [...new Set(given)].sort((a, b) => b - a);
	const halves = new Map<number, Combinations>();
	const half = (k: number): Combinations => {
		const known = halves.get(k) ?? combinations(sizes, k);
		halves.set(k, known);
		return known;
	};
	let best: Stack | null = null;
	for (let n = 1; n <= maxBlocks; n++) {
		const found = ofCount(sizes, n, target, half, best ? Math.abs(best.error) : Infinity);
		if (found) best = found;
		if (best && Math.abs(best.error) <= tolerance) return best;
	}
	return best;
}
