import type { Segment } from '../profile/segment.js';
import { type Entity, type Group, dxfFault, numberOf } from './groups.js';

/** Kinds that draw no line of the form: passed over without a word. */
const SILENT = ['POINT', 'TEXT', 'MTEXT', 'DIMENSION', 'VIEWPORT', 'SEQEND', 'VERTEX'];
const CLOSED = 1;
const RAD = Math.PI / 180;

const last = (e: Entity, code: number): Group | undefined =>
	e.groups.findLast((group) => group.code === code);
const valueOf = (e: Entity, code: number): number => {
	const g = last(e, code);
	if (!g) throw dxfFault('bad-number', `A ${e.kind} lacks its group code ${code}. Save the drawing again.`);
	return numberOf(g);
};
const optional = (e: Entity, code: number): number | null => {
	const g = last(e, code);
	return g ? numberOf(g) : null;
};
const layerOf = (e: Entity): string => last(e, 8)?.value ?? '0';
/** Drawn from the other side: its X runs the other way. */
const flipped = (e: Entity): boolean => (optional(e, 230) ?? 1) < 0;

/** Drawing X is along the axis, drawing Y is out of the wheel. */
const line = (x0: number, y0: number, x1: number, y1: number): Segment => ({
	kind: 'line',
	// Added to nothing a minus nothing is plain nothing.
	z0Mm: x0 + 0,
	x0Mm: 0 - y0,
	z1Mm: x1 + 0,
	x1Mm: 0 - y1
});

/** A stretch with a bulge, tan(sweep/4), counter-clockwise is plus; its side is the same whichever way it is run. */
function bulged(x0: number, y0: number, x1: number, y1: number, bulge: number): Segment {
	if (bulge === 0) return line(x0, y0, x1, y1);
	if (Math.abs(bulge) > 1 + 1e-9) throw overHalf();
	const radiusMm = (Math.hypot(x1 - x0, y1 - y0) * (1 + bulge * bulge)) / (4 * Math.abs(bulge));
	return { ...line(x0, y0, x1, y1), kind: 'arc', radiusMm, side: bulge < 0 ? 'convex' : 'concave' };
}
const overHalf = () =>
	dxfFault('undercut', 'An arc of the drawing turns over half a circle: no dresser can go round it.');

function arcOf(e: Entity): Segment {
	const [x, y, r] = [valueOf(e, 10), valueOf(e, 20), valueOf(e, 40)];
	const [from, to] = [valueOf(e, 50), valueOf(e, 51)];
	if (r <= 0) throw dxfFault('bad-number', 'An arc of the drawing has no radius. Save the drawing again.');
	const turn = (((to - from) % 360) + 360) % 360 || 360;
	if (turn > 180 + 1e-9) throw overHalf();
	const side = flipped(e) ? -1 : 1;
	const at = (deg: number): [number, number] => [
		side * (x + r * Math.cos(deg * RAD)),
		y + r * Math.sin(deg * RAD)
	];
	const [[x0, y0], [x1, y1]] = [at(from), at(from + turn)];
	// Counter-clockwise as drawn; from the other side it turns the other way.
	return { ...line(x0, y0, x1, y1), kind: 'arc', radiusMm: r, side: side > 0 ? 'concave' : 'convex' };
}

interface Vertex {
	x: number;
	y: number;
	bulge: number;
}
function polyline(vertices: readonly Vertex[], closed: boolean, flip: boolean): Segment[] {
	const all = closed && vertices.length > 1 ? [...vertices, vertices[0]!] : vertices;
	const side = flip ? -1 : 1;
	return all
		.slice(1)
		.map((v, i) => bulged(side * all[i]!.x, all[i]!.y, side * v.x, v.y, side * all[i]!.bulge));
}

/** Vertices of a light polyline: each begins with its X. */
function lightVertices(e: Entity): Vertex[] {
	const out: Vertex[] = [];
	for (const group of e.groups) {
		if (group.code === 10) out.push({ x: numberOf(group), y: 0, bulge: 0 });
		const now = out.at(-1);
		if (now && group.code === 20) now.y = numberOf(group);
		if (now && group.code === 42) now.bulge = numberOf(group);
	}
	return out;
}

/** Lines and arcs of the drawing, in its own units, and what was passed over, counted by kind. */
export function drawnOf(entities: readonly Entity[], layer: string | null) {
	const segments: Segment[] = [];
	const passed = new Map<string, number>();
	entities.forEach((entity, i) => {
		if (layer !== null && entity.kind !== 'VERTEX' && layerOf(entity) !== layer) return;
		if (entity.kind === 'LINE')
			segments.push(line(valueOf(entity, 10), valueOf(entity, 20), valueOf(entity, 11), valueOf(entity, 21)));
		else if (entity.kind === 'ARC') segments.push(arcOf(entity));
		else if (entity.kind === 'LWPOLYLINE')
			segments.push(...polyline(lightVertices(entity), closedOf(entity), flipped(entity)));
		else if (entity.kind === 'POLYLINE')
			segments.push(...polyline(verticesAfter(entities, i), closedOf(entity), flipped(entity)));
		else if (!SILENT.includes(entity.kind)) passed.set(entity.kind, (passed.get(entity.kind) ?? 0) + 1);
	});
	const skipped = [...passed]
		.map(([type, count]) => ({ type, count }))
		.sort((a, b) => (a.type < b.type ? -1 : 1));
	return { segments, skipped };
}
const closedOf = (e: Entity): boolean => ((optional(e, 70) ?? 0) & CLOSED) !== 0;

/** Vertices that follow the head of an old polyline. */
function verticesAfter(entities: readonly Entity[], head: number): Vertex[] {
	const out: Vertex[] = [];
	for (let i = head + 1; entities[i]?.kind === 'VERTEX'; i++) {
		const e = entities[i]!;
		out.push({ x: valueOf(e, 10), y: valueOf(e, 20), bulge: optional(e, 42) ?? 0 });
	}
	return out;
}
