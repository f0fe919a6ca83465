import { offsetPath } from '../../src/core/form/profile/offset-path.js';
import type { Segment } from '../../src/core/form/profile/segment.js';
import { medianMs } from './median.js';
import type { Ratio } from './ratio.js';

/** Ribs side by side: every joint is a corner or a hollow. */
const ribs = (count: number): Segment[] =>
	Array.from({ length: count }, (_, i) => ({
		kind: 'line',
		z0Mm: i * 0.1,
		x0Mm: i % 2 ? 0.08 : 0,
		z1Mm: (i + 1) * 0.1,
		x1Mm: i % 2 ? 0 : 0.08
	}));
const NOSE_MM = 0.03;

/** How the path of a tool grows with its form. */
export async function benchForm(): Promise<Ratio[]> {
	const [few, many] = [ribs(2000), ribs(20000)];
	const fewMs = await medianMs(() => void offsetPath(few, NOSE_MM), 9);
	const manyMs = await medianMs(() => void offsetPath(many, NOSE_MM), 5);
	return [
		{
			name: 'path of a form, ten times as long',
			value: manyMs / fewMs / 10,
			unit: 'times',
			aim: 'aim: at most 1.3',
			of: `ten times the path over 2 000 segments (${fewMs.toFixed(0)} ms and ${manyMs.toFixed(0)} ms)`
		}
	];
}
