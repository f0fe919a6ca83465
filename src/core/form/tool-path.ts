import { defineCalculation } from '../calculation/define.js';
import { between, from0, list, mm, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { SEGMENTS, chainOf, summaryOf } from './profile/chain.js';
import { offsetPath } from './profile/offset-path.js';
import { shownSegment } from './profile/segment.js';
import { unreached } from './profile/unreached.js';
import { TOOL, offsetOf } from './tool.js';

/** The path of the middle of a round nose or wire along a form, and what it cannot reach. */
export const toolPath = defineCalculation({
	id: 'form.tool-path',
	title: 'Path of the tool',
	about:
		'Where the middle of the nose runs so that it never cuts into the form, and how much is left in hollows it cannot reach.',
	source: 'Grey-scale dilation (textbook image morphology), kept as exact lines and arcs.',
	formulas: [
		'x_c(z) = min over the form within rho of z of [x - sqrt(rho^2 - (z - z_p)^2)]',
		'a sharp hollow of opening w leaves rho (1/sin(w/2) - 1)'
	],
	fields: [
		SEGMENTS,
		TOOL,
		um('unreachedToleranceUm', 'Left in a hollow', {
			...from0(10000),
			default: 1,
			guideline: true,
			label: 'May be left'
		}),
		list('sampleZMm', 'Along the axis', mm('z', 'Place', between(-5000, 5000)), {
			default: [] as number[],
			maxItems: 5000,
			label: 'Asked at'
		})
	],
	outputs: [
		{ name: 'unreachedMaxUm', unit: 'um', about: 'Left in a hollow', main: true },
		{ name: 'unreachedAtZMm', unit: 'mm', fine: true, about: 'Where' },
		{ name: 'offsetMm', unit: 'mm', fine: true, about: 'From the form' },
		{ name: 'lengthMm', unit: 'mm', fine: true, about: 'Length of the path' },
		{ name: 'minXMm', unit: 'mm', fine: true, about: 'Shallowest' },
		{ name: 'maxXMm', unit: 'mm', fine: true, about: 'Deepest' },
		{ name: 'start', fine: true, about: 'Begins' },
		{ name: 'end', fine: true, about: 'Ends' },
		{ name: 'sampleXMm', unit: 'mm', fine: true, about: 'At the places asked' },
		{ name: 'segments', fine: true, about: 'The path' }
	],
	example: {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		],
		tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
		sampleZMm: [0, 1, 6]
	},
	compute(values) {
		const chain = chainOf(values.segments);
		const rho = offsetOf(values.tool);
		const path = offsetPath(chain, rho);
		const summary = summaryOf(path.segments);
		const left = unreached(chain, path, rho);
		const sampleXMm = values.sampleZMm.map((z, k) => {
			const x = path.at(z);
			if (x === null)
				throw new InputFault(
					`sampleZMm.${k}`,
					'off-the-path',
					`${z} mm lies beside the path, which runs from ${summary.start.zMm.toFixed(4)} to ${summary.end.zMm.toFixed(4)} mm.`
				);
			return x;
		});
		const findings = new Findings().caution(
			'unreachable-concave',
			1000 * left.mm > values.unreachedToleranceUm + SLACK,
			`The nose leaves ${(1000 * left.mm).toFixed(1)} µm in a hollow at ${left.zMm.toFixed(3)} mm. Take a sharper one, or write why it may stay.`
		);
		return {
			offsetMm: rho,
			segments: path.segments.map(shownSegment),
			lengthMm: summary.lengthMm,
			start: summary.start,
			end: summary.end,
			minXMm: summary.minXMm,
			maxXMm: summary.maxXMm,
			sampleXMm,
			unreachedMaxUm: 1000 * left.mm,
			unreachedAtZMm: left.zMm,
			...findings.judged()
		};
	}
});
