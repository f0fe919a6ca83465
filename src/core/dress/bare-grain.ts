import { between, percent } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { GRAIN } from './overlap.js';
import { judgeProtrusion } from './protrusion.js';

/** Below this share of the grain the bond rubs (guideline). */
const LOW_PERCENT = 15;

/** How far the grains stand proud, as it was seen under the glass after opening or erosion. */
export const bareGrain = defineCalculation({
	id: 'dress.bare-grain',
	worse: { barePercent: 'none' },
	title: 'Bare grain',
	about: 'Whether the grains stand proud enough to cut and not so far that they fall out.',
	source: 'Geometry; 15 to 35 % of the grain is a guideline, half of it the most.',
	formulas: ['h = share x grain'],
	fields: [
		percent('barePercent', 'Of the grain, under the glass', {
			...between(0, 100),
			required: true,
			label: 'Bare grain'
		}),
		{ ...GRAIN, required: true }
	],
	outputs: [{ name: 'protrusionUm', unit: 'um', about: 'Grain stands proud', main: true }],
	example: { barePercent: 22, grainSizeUm: 64 },
	compute(values) {
		const findings = judgeProtrusion(new Findings(), values.barePercent).caution(
			'protrusion-low',
			values.barePercent < LOW_PERCENT,
			'Hardly any grain stands proud: the bond rubs. Open it further, or erode a pass for bare grain.'
		);
		return { protrusionUm: (values.barePercent / 100) * values.grainSizeUm, ...findings.judged() };
	}
});
