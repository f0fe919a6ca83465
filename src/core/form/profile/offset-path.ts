import { InputFault } from '../../calculation/fault.js';
import { mustJoin, runsBack } from './chain.js';
import { type Envelope, envelopeAt, envelopeOf } from './envelope.js';
import { type Piece, depthAt, piecesOf } from './pieces.js';
import { type Segment, chordOf, tangentsOf } from './segment.js';

const SPLINTER_MM = 1e-4;

/** What the middle of a nose runs on, and the curve it was cut from. */
export interface OffsetPath {
	segments: Segment[];
	/** Deepest a nose may sit at a z; null beside the path. */
	at(z: number): number | null;
}

/** @throws InputFault `undercut` on the segment that runs back */
function mustNotRunBack(chain: readonly Segment[]): void {
	const k = chain.findIndex(runsBack);
	if (k >= 0)
		throw new InputFault(
			`segments.${k}`,
			'undercut',
			`Segment ${k + 1} runs back along the axis: no dresser can go in under it.`
		);
}

const isWall = (segment: Segment): boolean =>
	segment.kind === 'line' && Math.abs(segment.z1Mm - segment.z0Mm) < 1e-9;

/**
 * The path of the middle of a round nose along a form: the deepest a disc of its radius can sit without cutting in (grey-scale dilation,
 * textbook image morphology), kept as exact lines and arcs. Offset 0 gives the form itself.
 * @throws InputFault where the form is broken or runs back, or leaves no path for this nose
 */
export function offsetPath(chain: readonly Segment[], rho: number): OffsetPath {
	mustJoin(chain);
	mustNotRunBack(chain);
	if (rho === 0) {
		const own = plain(chain);
		return { segments: [...chain], at: (z) => envelopeAt(own, z) };
	}
	const [first, last] = [chain[0]!, chain.at(-1)!];
	const zs = first.z0Mm + rho * tangentsOf(first)[0].xMm;
	const ze = last.z1Mm + rho * tangentsOf(last)[1].xMm;
	if (chain.length === 1 && isWall(first)) {
		const wall: Segment = { kind: 'line', z0Mm: zs, x0Mm: first.x0Mm, z1Mm: zs, x1Mm: first.x1Mm };
		const top = Math.min(first.x0Mm, first.x1Mm);
		return { segments: [wall], at: (z) => (Math.abs(z - zs) < 1e-9 ? top : null) };
	}
	if (ze - zs <= 1e-9)
		throw new InputFault(
			'tool.tipRadiusMm',
			'no-path',
			`A nose of ${rho} mm has no way along so short a form. Take a sharper one.`
		);
	const envelope = envelopeOf(chain.flatMap((segment) => piecesOf(segment, rho)));
	const run = envelope
		.filter((p) => p.to > zs + 1e-10 && p.from < ze - 1e-10)
		.map((p): Piece => ({ ...p, from: Math.max(p.from, zs), to: Math.min(p.to, ze) }));
	const at = (z: number) => (z < zs - 1e-9 || z > ze + 1e-9 ? null : envelopeAt(envelope, z));
	const rising = isWall(first) && first.x1Mm < first.x0Mm;
	const falling = isWall(last) && last.x1Mm > last.x0Mm;
	const points: [number, number][] = [];
	if (rising) points.push([zs, first.x0Mm]);
	points.push([zs, at(zs)!]);
	return {
		segments: linked(run, points, [[ze, at(ze)!], ...(falling ? [[ze, last.x1Mm] as [number, number]] : [])]),
		at
	};
}

/** A form as an envelope of its own curves. */
const plain = (chain: readonly Segment[]): Envelope =>
	envelopeOf(chain.flatMap((segment) => piecesOf(segment, 0).filter((piece) => piece.to > piece.from)));

/** Stretches as segments, radial lines where they jump, splinters dropped and their neighbours joined. */
function linked(run: readonly Piece[], before: [number, number][], after: [number, number][]): Segment[] {
	const out: Segment[] = [];
	let [z, x] = before[0]!;
	const put = (segment: Segment) => {
		const joined = { ...segment, z0Mm: z, x0Mm: x };
		if (chordOf(joined) < SPLINTER_MM) return;
		out.push(joined);
		[z, x] = [joined.z1Mm, joined.x1Mm];
	};
	const line = ([z1Mm, x1Mm]: [number, number]) => put({ kind: 'line', z0Mm: z, x0Mm: x, z1Mm, x1Mm });
	before.slice(1).forEach(line);
	for (const p of run) {
		line([p.from, depthAt(p, p.from)]);
		const end = { z0Mm: p.from, x0Mm: depthAt(p, p.from), z1Mm: p.to, x1Mm: depthAt(p, p.to) };
		put(
			p.kind === 'line'
				? { kind: 'line', ...end }
				: { kind: 'arc', ...end, radiusMm: p.r, side: p.up ? 'convex' : 'concave' }
		);
	}
	after.forEach(line);
	// A splinter dropped at the very end leaves it a hair short: the last segment goes all the way.
	const last = out.at(-1);
	const goal = after.at(-1)!;
	if (last) [last.z1Mm, last.x1Mm] = goal;
	return out;
}
