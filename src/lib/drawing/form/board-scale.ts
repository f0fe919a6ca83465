import { type Segment, boundsOf } from '$core/form/profile/segment';

/** Millimetres of the screen in a unit of a drawing. */
const MM_PER_UNIT = 25.4 / 96;

/** Where a place of a form lies on a drawing, stretched as it must be to be seen; the stretch is told with it. */
export interface BoardScale {
	z(mm: number): number;
	x(mm: number): number;
	/** The place that lies there on the drawing. */
	zAt(unit: number): number;
	xAt(unit: number): number;
	/** Units of the drawing in a millimetre, along the axis and into the wheel. */
	kz: number;
	kx: number;
	/** How much larger than life, across and deep. */
	across: number;
	deep: number;
	zMin: number;
	zMax: number;
	xMin: number;
	xMax: number;
}

/** Fits a chain into a box; a form as good as flat is not stretched without end. */
export function boardScale(
	chain: readonly Segment[],
	box: { left: number; top: number; width: number; height: number }
): BoardScale {
	const b = chain.map(boundsOf);
	const [zMin, zMax] = [Math.min(...b.map((o) => o.zMin)), Math.max(...b.map((o) => o.zMax))];
	const [xMin, xMax] = [Math.min(...b.map((o) => o.xMin)), Math.max(...b.map((o) => o.xMax))];
	const kz = box.width / Math.max(zMax - zMin, 1e-6);
	const kx = Math.min(box.height / Math.max(xMax - xMin, 1e-6), 40 * kz);
	return {
		z: (mm) => box.left + (mm - zMin) * kz,
		x: (mm) => box.top + (mm - xMin) * kx,
		zAt: (unit) => zMin + (unit - box.left) / kz,
		xAt: (unit) => xMin + (unit - box.top) / kx,
		kz,
		kx,
		across: kz * MM_PER_UNIT,
		deep: kx * MM_PER_UNIT,
		zMin,
		zMax,
		xMin,
		xMax
	};
}

const n = (value: number): string => value.toFixed(2);
/** A chain as a path of a drawing; arcs become ellipses where across and deep are stretched differently. */
export function drawnChain(chain: readonly Segment[], s: BoardScale, begun = false): string {
	const first = chain[0];
	if (!first) return '';
	const parts = chain.map((segment) => {
		const to = `${n(s.z(segment.z1Mm))} ${n(s.x(segment.x1Mm))}`;
		return segment.kind === 'line'
			? `L${to}`
			: `A${n(segment.radiusMm * s.kz)} ${n(segment.radiusMm * s.kx)} 0 0 ${segment.side === 'convex' ? 1 : 0} ${to}`;
	});
	return `${begun ? 'L' : 'M'}${n(s.z(first.z0Mm))} ${n(s.x(first.x0Mm))}${parts.join('')}`;
}

/** A stretch said in words: 28 : 1 across, 52 : 1 deep. */
export const stretchWords = (s: BoardScale): string => {
	const ratio = (value: number) =>
		value >= 1 ? `${value.toFixed(value < 10 ? 1 : 0)} : 1` : `1 : ${(1 / value).toFixed(1)}`;
	return Math.abs(s.across - s.deep) < 0.02 * s.across
		? `drawn ${ratio(s.across)}`
		: `drawn ${ratio(s.across)} across, ${ratio(s.deep)} deep`;
};
