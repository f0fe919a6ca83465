import { defineCalculation } from '../calculation/define.js';
import { text } from '../calculation/field/index.js';
import { readDxf } from './dxf/read.js';
import { writeDxf } from './dxf/write.js';
import { JOINED_MM, SEGMENTS, chainOf, mustJoin } from './profile/chain.js';
import { type Segment, pointAt } from './profile/segment.js';

const PLACES = 9;

/** A form as a drawing that others read. */
export const dxfOf = defineCalculation({
	id: 'form.write-dxf',
	title: 'Give out a drawing',
	about: 'The form as a DXF in text form, millimetres, lines and arcs only; read back and compared.',
	source: 'The text form of drawing exchange files.',
	formulas: ['X = z, Y = -x'],
	fields: [SEGMENTS, text('layer', 'Letters, digits, _ and -', { default: 'PROFILE', maxLength: 60 })],
	outputs: [
		{ name: 'text', about: 'Drawing', main: true },
		{ name: 'counts', about: 'Lines and arcs' },
		{ name: 'roundTripErrorUm', unit: 'um', about: 'Off when read back' }
	],
	example: {
		segments: [
			{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 8.8, x1Mm: 0 },
			{ kind: 'line', z0Mm: 8.8, x0Mm: 0, z1Mm: 10, x1Mm: 1.2 }
		]
	},
	compute(values) {
		const chain = chainOf(values.segments);
		mustJoin(chain);
		const layer = values.layer.replace(/[^A-Za-z0-9_-]/g, '') || 'PROFILE';
		const out = writeDxf(chain, layer);
		const back = readDxf(out, {
			unit: 'auto',
			layer: null,
			origin: 'as-drawn',
			joinToleranceMm: JOINED_MM
		}).chain;
		return {
			text: out,
			counts: {
				lines: chain.filter((segment) => segment.kind === 'line').length,
				arcs: chain.filter((segment) => segment.kind === 'arc').length
			},
			roundTripErrorUm: 1000 * apart(chain, back)
		};
	}
});

/** How far two chains lie apart, nine places on each segment, in mm. */
function apart(a: readonly Segment[], b: readonly Segment[]): number {
	return a.reduce((most, segment, i) => {
		for (let k = 0; k < PLACES; k++) {
			const [p, q] = [pointAt(segment, k / (PLACES - 1)), pointAt(b[i]!, k / (PLACES - 1))];
			most = Math.max(most, Math.hypot(p.zMm - q.zMm, p.xMm - q.xMm));
		}
		return most;
	}, 0);
}
