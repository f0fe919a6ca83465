import { InputFault } from '../../calculation/fault.js';
import type { Point } from '../profile/segment.js';

const MIN_POINTS = 5;

/** Points out of a table z,x; a first line without numbers is a heading; semicolons or tabs allow decimal commas. @throws InputFault `bad-number` on `csv` */
function pointsOfTable(csv: string): Point[] {
	const lines = csv.split(/\r\n|\n|\r/).map((l) => l.trim());
	const out: Point[] = [];
	lines.forEach((line, i) => {
		if (!line) return;
		const wide = /[;\t]/.test(line);
		const cells = line.split(wide ? /[;\t]/ : ',').map((c) => (wide ? c.trim().replace(',', '.') : c.trim()));
		const [z, x] = cells.slice(0, 2).map((cell) => (cell === '' ? NaN : Number(cell)));
		if (z !== undefined && x !== undefined && Number.isFinite(z) && Number.isFinite(x))
			out.push({ zMm: z, xMm: x });
		else if (out.length || i > 0)
			throw new InputFault(
				'csv',
				'bad-number',
				`Line ${i + 1} (${line.slice(0, 30)}) is not two numbers. Write z,x on each line.`
			);
	});
	return out;
}

/** The points that were measured, however they were given. @throws InputFault `missing` or `too-few-points` on `points` */
export function measuredPoints(points: readonly (readonly number[])[] | null, csv: string | null): Point[] {
	if (points === null && !csv?.trim())
		throw new InputFault('points', 'missing', 'No points yet. Paste them, load a table or read them.');
	const all = points === null ? pointsOfTable(csv!) : points.map(([z, x]) => ({ zMm: z!, xMm: x! }));
	if (all.length < MIN_POINTS)
		throw new InputFault(
			'points',
			'too-few-points',
			`${all.length} points tell nothing of a form. Measure ${MIN_POINTS} at least.`
		);
	return all;
}
