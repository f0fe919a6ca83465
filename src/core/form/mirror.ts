import { defineCalculation } from '../calculation/define.js';
import { SEGMENTS, SUMMARY_OUTPUTS, chainOf, shownChain, summaryOf } from './profile/chain.js';
import type { Segment } from './profile/segment.js';

/** The profile that meets this one: every depth counted from the deepest, convex and concave change places. */
export function mirrored(chain: readonly Segment[]): Segment[] {
	const deepest = summaryOf(chain).maxXMm;
	return chain.map((segment) => {
		const place = { ...segment, x0Mm: deepest - segment.x0Mm, x1Mm: deepest - segment.x1Mm };
		return place.kind === 'line' ? place : { ...place, side: place.side === 'convex' ? 'concave' : 'convex' };
	});
}

/** The part, or the form roll, that belongs to a wheel; or the wheel that belongs to a part. */
export const mirror = defineCalculation({
	id: 'form.mirror',
	title: 'Turned over',
	about: 'The part or the form roll that belongs to a wheel, and the wheel that belongs to a part.',
	source: 'First principles.',
	formulas: ['x becomes the deepest x - x; convex becomes concave'],
	fields: [SEGMENTS],
	outputs: [
		{ name: 'depthMm', unit: 'mm', fine: true, about: 'Depth', main: true },
		...SUMMARY_OUTPUTS.filter((o) => o.name !== 'depthMm')
	],
	example: {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		]
	},
	compute: (values) => shownChain(mirrored(chainOf(values.segments)))
});
