import { defineCalculation } from '../calculation/define.js';
import { choice, from0, mm, text } from '../calculation/field/index.js';
import { Findings } from '../calculation/verdict.js';
import { readDxf } from './dxf/read.js';
import { SUMMARY_OUTPUTS, runsBack, shownChain } from './profile/chain.js';

const MAX_BYTES = 5_000_000;

/** The face of a wheel out of a drawing. */
export const parseDxf = defineCalculation({
	id: 'form.parse-dxf',
	title: 'Take in a drawing',
	about:
		'The section of the face out of a DXF in text form: lines, arcs and polylines joined into one chain, with what was passed over.',
	source: 'The text form of drawing exchange files; geometry of bulges from first principles.',
	formulas: ['z = X, x = -Y', 'bulge = tan(sweep/4), R = chord (1 + b^2)/(4 |b|)'],
	fields: [
		text('text', 'The file', { required: true, maxLength: MAX_BYTES, label: 'Drawing' }),
		choice('unit', 'Of the drawing; its own word when left to it', ['auto', 'mm', 'inch'], {
			default: 'auto'
		}),
		text('layer', 'All of them when left empty', { maxLength: 255 }),
		choice('origin', 'Where it lies', ['as-drawn', 'normalise'], { default: 'as-drawn' }),
		mm('joinToleranceMm', 'Between ends', { ...from0(1), default: 0.01, label: 'Gap closed' })
	],
	outputs: [
		{ name: 'depthMm', unit: 'mm', fine: true, about: 'Depth', main: true },
		...SUMMARY_OUTPUTS.filter((o) => o.name !== 'depthMm'),
		{ name: 'unit', about: 'Unit' },
		{ name: 'skipped', about: 'Passed over' },
		{ name: 'closedGapMaxMm', unit: 'mm', fine: true, about: 'Largest gap closed' }
	],
	example: {
		text: '0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n3\n21\n0\n0\nARC\n8\n0\n10\n3\n20\n-1.5\n40\n1.5\n50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n'
	},
	compute(values) {
		const read = readDxf(values.text, { ...values, layer: values.layer || null });
		const passed = read.skipped.map((s) => `${s.count} ${s.type}`).join(', ');
		const findings = new Findings()
			.caution(
				'unit-assumed-mm',
				read.assumed,
				'The drawing does not say its unit. Millimetres are assumed: check a measure.'
			)
			.caution(
				'entities-skipped',
				read.skipped.length > 0,
				`Passed over: ${passed}. Only lines, arcs and polylines are read.`
			)
			.stop(
				'undercut',
				read.chain.some(runsBack),
				'The line runs back along the axis: no dresser can go in under it.'
			);
		return {
			...shownChain(read.chain),
			unit: read.unit,
			skipped: read.skipped,
			closedGapMaxMm: read.closedGapMaxMm,
			...findings.judged()
		};
	}
});
