import { type Segment, boundsOf, chordOf, reversed } from '../profile/segment.js';
import { dxfFault } from './groups.js';

interface End {
	segment: number;
	/** Its end rather than its beginning. */
	end: boolean;
	z: number;
	x: number;
}

/** Ends that lie within the tolerance of each other are one node: a grid of cells as wide as it finds them. */
function nodesOf(segments: readonly Segment[], toleranceMm: number): number[][] {
	const ends: End[] = segments.flatMap((s, segment) => [
		{ segment, end: false, z: s.z0Mm, x: s.x0Mm },
		{ segment, end: true, z: s.z1Mm, x: s.x1Mm }
	]);
	const cell = Math.max(toleranceMm, 1e-9);
	const cells = new Map<string, { node: number; z: number; x: number }[]>();
	let count = 0;
	const nodes = segments.map(() => [-1, -1]);
	for (const end of ends) {
		const [i, j] = [Math.floor(end.z / cell), Math.floor(end.x / cell)];
		let node = -1;
		for (let a = i - 1; a <= i + 1 && node < 0; a++)
			for (let b = j - 1; b <= j + 1 && node < 0; b++)
				node =
					cells.get(`${a},${b}`)?.find((c) => Math.hypot(c.z - end.z, c.x - end.x) <= toleranceMm + 1e-9)
						?.node ?? -1;
		if (node < 0) node = count++;
		const key = `${i},${j}`;
		cells.set(key, [...(cells.get(key) ?? []), { node, z: end.z, x: end.x }]);
		nodes[end.segment]![end.end ? 1 : 0] = node;
	}
	return nodes;
}

/**
 * One chain from loose pieces, begun at the loose end that lies farther left; small gaps are closed by moving the next start.
 * @throws InputFault `branched`, `closed` or `disjoint` on `text`
 */
export function joined(
	loose: readonly Segment[],
	toleranceMm: number
): { chain: Segment[]; closedGapMaxMm: number } {
	const segments = loose.filter((segment) => chordOf(segment) > 1e-9);
	if (!segments.length)
		throw dxfFault('no-entities', 'The drawing holds no line or arc on that layer. Check the layer.');
	const nodes = nodesOf(segments, toleranceMm);
	const at = new Map<number, number[]>();
	nodes.forEach((pair, i) => pair.forEach((n) => at.set(n, [...(at.get(n) ?? []), i])));
	if ([...at.values()].some((l) => l.length > 2))
		throw dxfFault(
			'branched',
			'More than two lines meet in one place: a face is one line from edge to edge. Take the others out.'
		);
	const zAt = (i: number, n: number): number => (nodes[i]![0] === n ? segments[i]!.z0Mm : segments[i]!.z1Mm);
	const ends = [...at].filter(([, l]) => l.length === 1).map(([n, l]) => ({ n, z: zAt(l[0]!, n) }));
	if (!ends.length)
		throw dxfFault(
			'closed',
			'The line of the drawing is closed. Leave out its back: a face goes from edge to edge.'
		);
	let node = ends.reduce((a, b) => (b.z < a.z ? b : a)).n;
	const chain: Segment[] = [];
	const used = new Set<number>();
	let closedGapMaxMm = 0;
	for (;;) {
		const i = at.get(node)!.find((k) => !used.has(k));
		if (i === undefined) break;
		used.add(i);
		const forward = nodes[i]![0] === node;
		const s = forward ? { ...segments[i]! } : reversed(segments[i]!);
		node = nodes[i]![forward ? 1 : 0]!;
		const before = chain.at(-1);
		if (before) {
			closedGapMaxMm = Math.max(closedGapMaxMm, Math.hypot(s.z0Mm - before.z1Mm, s.x0Mm - before.x1Mm));
			[s.z0Mm, s.x0Mm] = [before.z1Mm, before.x1Mm];
			// An arc that was moved by less than the tolerance still has to reach over its chord.
			if (s.kind === 'arc') s.radiusMm = Math.max(s.radiusMm, chordOf(s) / 2);
		}
		chain.push(s);
	}
	if (used.size < segments.length)
		throw dxfFault(
			'disjoint',
			`The drawing holds ${segments.length - used.size} pieces that do not hang on the line. Join them, or raise the tolerance.`
		);
	return { chain, closedGapMaxMm };
}

/** Moved so that its leftmost and its shallowest places lie at 0. */
export function normalised(chain: readonly Segment[]): Segment[] {
	const b = chain.map(boundsOf);
	const [z, x] = [Math.min(...b.map((o) => o.zMin)), Math.min(...b.map((o) => o.xMin))];
	return chain.map((segment) => ({
		...segment,
		z0Mm: segment.z0Mm - z,
		z1Mm: segment.z1Mm - z,
		x0Mm: segment.x0Mm - x,
		x1Mm: segment.x1Mm - x
	}));
}
