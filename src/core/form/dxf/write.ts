import { type Segment, centreOf } from '../profile/segment.js';

const DIGITS = 12;
const n = (mm: number): string => {
	const text = mm.toFixed(DIGITS);
	return Number(text) === 0 ? text.replace('-', '') : text;
};
const pairs = (list: readonly [number, string][]): string =>
	list.map(([code, value]) => `${code}\n${value}\n`).join('');
const RAD = Math.PI / 180;

/** A chain as a drawing in text form: lines and arcs only, millimetres, what old readers know. */
export function writeDxf(chain: readonly Segment[], layer: string): string {
	const drawn = chain.map((segment) => {
		if (segment.kind === 'line')
			return pairs([
				[0, 'LINE'],
				[8, layer],
				[10, n(segment.z0Mm)],
				[20, n(-segment.x0Mm)],
				[11, n(segment.z1Mm)],
				[21, n(-segment.x1Mm)]
			]);
		const centre = centreOf(segment);
		const angle = (z: number, x: number): number =>
			(Math.atan2(-(x - centre.xMm), z - centre.zMm) / RAD + 360) % 360;
		const [first, last] = [angle(segment.z0Mm, segment.x0Mm), angle(segment.z1Mm, segment.x1Mm)];
		// Arcs of a drawing turn counter-clockwise; a convex one is run the other way.
		const [from, to] = segment.side === 'convex' ? [last, first] : [first, last];
		return pairs([
			[0, 'ARC'],
			[8, layer],
			[10, n(centre.zMm)],
			[20, n(-centre.xMm)],
			[40, n(segment.radiusMm)],
			[50, n(from)],
			[51, n(to)]
		]);
	});
	return [
		pairs([
			[0, 'SECTION'],
			[2, 'HEADER'],
			[9, '$ACADVER'],
			[1, 'AC1009'],
			[9, '$INSUNITS'],
			[70, '4'],
			[0, 'ENDSEC'],
			[0, 'SECTION'],
			[2, 'ENTITIES']
		]),
		...drawn,
		pairs([
			[0, 'ENDSEC'],
			[0, 'EOF']
		])
	].join('');
}
