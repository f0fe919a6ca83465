import { type Piece, crossings, depthAt, sameCurve } from './pieces.js';

/** Stretches of the shallowest curves from left to right; between two of them nothing is touched. */
export type Envelope = Piece[];

/** Two places along z that are one. */
const ONE_MM = 1e-10;

function append(out: Envelope, piece: Piece, from: number, to: number): void {
	if (to - from <= ONE_MM) return;
	const last = out.at(-1);
	if (last && Math.abs(last.to - from) <= ONE_MM && sameCurve(last, piece)) last.to = to;
	else out.push(piece.from === from && piece.to === to ? piece : { ...piece, from, to });
}

/** The shallower of two envelopes everywhere. What of them lies beside the other is taken as it is: halves of a form meet at one place only. */
function merged(a: Envelope, b: Envelope): Envelope {
	const [left, right] = a[0]!.from <= b[0]!.from ? [a, b] : [b, a];
	let free = 0;
	while (free < left.length && left[free]!.to <= right[0]!.from) free++;
	const end = left.at(-1)!.to;
	let beyond = right.length;
	while (beyond > 0 && right[beyond - 1]!.from >= end) beyond--;
	const both = overlaid(left.slice(free), right.slice(0, beyond));
	// The left half is no longer needed as it was: what is free of the other stays where it stands.
	left.length = free;
	for (const p of both) append(left, p, p.from, p.to);
	for (let i = beyond; i < right.length; i++) append(left, right[i]!, right[i]!.from, right[i]!.to);
	return left;
}

/** The same where they lie over each other. */
function overlaid(a: Envelope, b: Envelope): Envelope {
	const cuts = [...a, ...b].flatMap((p) => [p.from, p.to]).sort((p, q) => p - q);
	const out: Envelope = [];
	let [i, j] = [0, 0];
	for (let k = 1; k < cuts.length; k++) {
		const [from, to] = [cuts[k - 1]!, cuts[k]!];
		if (to - from <= ONE_MM) continue;
		const middle = (from + to) / 2;
		while (i < a.length && a[i]!.to < middle) i++;
		while (j < b.length && b[j]!.to < middle) j++;
		const p = i < a.length && a[i]!.from < middle ? a[i]! : null;
		const q = j < b.length && b[j]!.from < middle ? b[j]! : null;
		if (!p || !q) {
			if (p ?? q) append(out, (p ?? q)!, from, to);
			continue;
		}
		const inner = crossings(p, q)
			.filter((crossing) => crossing > from + ONE_MM && crossing < to - ONE_MM)
			.sort((m, n) => m - n);
		const edges = [from, ...inner, to];
		for (let e = 1; e < edges.length; e++) {
			const at = (edges[e - 1]! + edges[e]!) / 2;
			append(out, depthAt(p, at) <= depthAt(q, at) ? p : q, edges[e - 1]!, edges[e]!);
		}
	}
	return out;
}

/**
 * The shallowest of many curves at every z: the deepest a nose can sit without cutting in. Put together by halves, so that ten times as
 * many curves take little more than ten times as long.
 */
export function envelopeOf(pieces: readonly Piece[]): Envelope {
	if (!pieces.length) return [];
	let level: Envelope[] = pieces.map((piece) => [{ ...piece }]);
	while (level.length > 1) {
		const next: Envelope[] = [];
		for (let i = 0; i < level.length; i += 2)
			next.push(level[i + 1] ? merged(level[i]!, level[i + 1]!) : level[i]!);
		level = next;
	}
	return level[0]!;
}

/** Depth of the envelope at a z, the shallower side where it jumps; null beside everything. */
export function envelopeAt(e: Envelope, z: number): number | null {
	let [low, high] = [0, e.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (e[middle]!.to < z - ONE_MM) low = middle + 1;
		else high = middle;
	}
	let found: number | null = null;
	for (let i = low; i < e.length && e[i]!.from <= z + ONE_MM; i++) {
		const x = depthAt(e[i]!, Math.max(e[i]!.from, Math.min(e[i]!.to, z)));
		found = found === null ? x : Math.min(found, x);
	}
	return found;
}
