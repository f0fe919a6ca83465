import { choice, from0, over0, um, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { TIP_FIELDS, checkTip, judgeOverlap, overlapOf } from './tip.js';

export const ABRASIVE_GROUP = choice(
	'abrasive',
	'Grain of the wheel',
	['alumina', 'silicon-carbide', 'cbn', 'diamond'],
	{ default: 'alumina' }
);
export const DEPTH = um('depthUm', 'Bite per pass', {
	...over0(1000),
	required: true,
	label: 'Depth each pass'
});
export const GRAIN = um('grainSizeUm', 'Mean grain; tells what an ordinary bite is', over0(5000));
export const IDLE_PASSES = whole('idlePasses', 'After the last cutting pass; they dull', {
	...from0(1000),
	default: 0,
	label: 'Passes with no feed'
});
export const LEAD = um('leadUm', 'Diamond travel per wheel turn', { ...over0(20000), label: 'Lead' });

interface LeadOrTraverse {
	leadUm: number | null;
	traverseMmPerMin: number | null;
	wheelSpeedRpm: number;
}

/** Lead and traverse say the same thing; one of them is given. @throws InputFault where neither is, or both */
export function leadAndTraverse(v: LeadOrTraverse): { leadUm: number; traverseMmPerMin: number } {
	if (v.leadUm === null && v.traverseMmPerMin === null)
		throw new InputFault('leadUm', 'missing', 'Lead is missing. Enter the lead or the traverse.');
	if (v.leadUm !== null && v.traverseMmPerMin !== null)
		throw new InputFault(
			'traverseMmPerMin',
			'inconsistent',
			'Lead and traverse were both given. Enter one; the other follows.'
		);
	return {
		leadUm: v.leadUm ?? (1000 * v.traverseMmPerMin!) / v.wheelSpeedRpm,
		traverseMmPerMin: v.traverseMmPerMin ?? (v.leadUm! * v.wheelSpeedRpm) / 1000
	};
}

/** How densely the tracks of the diamond lie. */
export const overlap = defineCalculation({
	id: 'dress.overlap',
	worse: { tipRadiusUm: 'none', depthUm: 'none', leadUm: 'none', idlePasses: 'up' },
	title: 'Overlap',
	about:
		'How often the diamond passes over each spot, the ridge it leaves, and whether the dress comes out open, general, fine or dull.',
	source: 'Circle geometry (first principles); sharpness index and classes are guidelines.',
	formulas: [
		'H = r - sqrt(r^2 - w^2/4) + a',
		'active width b = 2 sqrt(2 r H - H^2)',
		'overlap U = b/lead',
		'with idle passes U_eff = U (1 + idle passes)',
		'sharpness S = (4/U_eff)(a/a_ref)',
		'a_ref = 0.12 grain, 3 to 25 um; 20 um without a grain; 3 um for diamond and boron nitride',
		'ridge = sqrt(r^2 - w^2/4) - sqrt(r^2 - s^2/4)'
	],
	fields: [...TIP_FIELDS, DEPTH, { ...LEAD, required: true }, ABRASIVE_GROUP, GRAIN, IDLE_PASSES],
	between: {
		after: 'flatWidthUm',
		test: (v) => checkTip(v.tipRadiusUm as number | null, v.flatWidthUm as number)
	},
	outputs: [
		{ name: 'overlapRatio', about: 'Overlap', main: true },
		{ name: 'dressClass', about: 'What kind of dress' },
		{ name: 'effectiveOverlapRatio', about: 'Overlap with the idle passes' },
		{ name: 'overlapBand', about: 'Band of the overlap' },
		{ name: 'activeWidthUm', unit: 'um', about: 'Width the tip cuts' },
		{ name: 'referenceDepthUm', unit: 'um', about: 'An ordinary bite' },
		{ name: 'sharpnessIndex', about: 'Sharpness index' },
		{ name: 'scallopHeightUm', unit: 'um', about: 'Ridge between tracks' },
		{ name: 'scallopApproxUm', unit: 'um', about: 'Ridge, rule of thumb' },
		{ name: 'classReasons', about: 'Why this kind' },
		{ name: 'leads.roughUm', unit: 'um', about: 'Lead for a rough dress' },
		{ name: 'leads.generalUm', unit: 'um', about: 'Lead for a general dress' },
		{ name: 'leads.finishUm', unit: 'um', about: 'Lead for a fine dress' }
	],
	example: { tipRadiusUm: 275, depthUm: 16, leadUm: 58 },
	compute(values) {
		const o = overlapOf(values);
		return { ...o, ...judgeOverlap(new Findings(), values, o).judged() };
	}
});
