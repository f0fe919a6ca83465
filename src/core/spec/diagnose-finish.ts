import { between, number, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { TIP_FIELDS, activeWidthUm, checkTip, overlapOf } from '../dress/tip.js';
import { STOCKED_GRITS, finishGrit, stockOf } from './finish-grit.js';
import { F_GRITS } from './grit-tables.js';
import { FINISH_BAND, naturalRaUm } from './natural-finish.js';

/** What to aim for, by the finish asked: overlap and depth (guideline). */
function aimFor(raUm: number): { overlap: number; depthUm: number } {
	if (raUm >= 1) return { overlap: 2.5, depthUm: 25 };
	return raUm >= 0.4 ? { overlap: 4, depthUm: 20 } : { overlap: 6, depthUm: 12 };
}

const REPEATING =
	'Fitting the finer wheel and repeating this dress will burn more, not less; change grit and dress together.';
const SAYS: Readonly<Record<string, string>> = {
	'grit-too-coarse-dressed-dull': `The grit is too coarse for this finish and the dress polishes it smooth. It looks right for a few parts, then burns and chatters. ${REPEATING}`,
	'fine-grit-dressed-dull': `The grit is fine enough; the dress is the fault. It polishes the grains. ${REPEATING}`,
	'grit-too-coarse-dressed-sharp':
		'The grit is too coarse for this finish. Take a finer one; do not slow the traverse instead.',
	'right-grit-dressed-open': 'The grit is right, the dress is open: quicker traverse than this finish likes.',
	'grit-finer-than-needed': 'The grit is finer than this finish needs: it cuts less and runs hotter.'
};

/**
 * How rough a dress leaves the part, as a trend: square root of lead, fourth root of depth.
 * @example raAsDressed(0.8, 3, 20) // 0.92376043
 */
export const raAsDressed = (natural: number, overlap: number, depthUm: number): number =>
	natural * Math.sqrt(4 / overlap) * (depthUm / 20) ** 0.25;

/** Wrong grit or wrong dress? */
export const diagnoseFinish = defineCalculation({
	id: 'spec.diagnose-finish',
	title: 'Wrong grit or wrong dress?',
	about:
		'Tells a coarse wheel dressed dull from a fine wheel still dressed dull, a right wheel dressed open, and one finer than needed; and says what to change.',
	source:
		'Natural finish of the grit (two shop observations), overlap and sharpness as at the dresser; trends in the usual powers of lead and depth. Guidelines; heat is a ranking, not a threshold.',
	formulas: [
		'natural Ra = 0.8 (d/260)^0.88',
		'Ra as dressed = natural sqrt(4/U) (a/20)^0.25',
		'heat = (U/4) (20/a)^0.25 sqrt(260/d)',
		'lead = least of b/U aimed for and one grain'
	],
	fields: [
		um('targetRaUm', 'Roughness on the drawing', {
			...between(0.012, 25),
			required: true,
			label: 'Ra wanted'
		}),
		number('gritNumber', 'Its F number', { required: true, label: 'Grit on the machine' }),
		um('dressDepthUm', 'Bite per pass', { ...over0(500), required: true, label: 'Dressing depth' }),
		um('leadUm', 'Diamond travel per wheel turn', { ...over0(5000), required: true, label: 'Lead' }),
		...TIP_FIELDS,
		STOCKED_GRITS
	],
	outputs: [
		{ name: 'diagnosis', about: 'What it is', main: true },
		{ name: 'gritPosition', about: 'The grit is' },
		{ name: 'grainUm', unit: 'um', about: 'Its grain' },
		{ name: 'naturalRaUm', unit: 'um', about: 'Ra it gives dressed sharp' },
		{ name: 'raAsDressedUm', unit: 'um', about: 'Ra as dressed now (trend)' },
		{ name: 'heatIndex', about: 'Heat, against F60 at overlap 4' },
		{ name: 'overlapRatio', about: 'Overlap now' },
		{ name: 'overlapBand', about: 'Band of the overlap' },
		{ name: 'dressClass', about: 'Kind of dress' },
		{ name: 'sharpnessIndex', about: 'Sharpness index' },
		{ name: 'activeWidthUm', unit: 'um', about: 'Width the tip cuts' },
		{ name: 'recommendedGrit', about: 'Grit to use' },
		{ name: 'recommendedDepthUm', unit: 'um', about: 'Depth to dress' },
		{ name: 'recommendedLeadUm', unit: 'um', about: 'Lead to dress' },
		{ name: 'recommendedOverlapRatio', about: 'Overlap then' }
	],
	example: { targetRaUm: 0.45, gritNumber: 46, dressDepthUm: 5, leadUm: 10, tipRadiusUm: 350 },
	compute(v) {
		const grainUm = F_GRITS.get(v.gritNumber);
		if (grainUm === undefined)
			throw new InputFault(
				'gritNumber',
				'unknown-choice',
				`Grit ${v.gritNumber} is not an F size. Use a size of the series, such as 46, 60 or 80.`
			);
		checkTip(v.tipRadiusUm, v.flatWidthUm);
		const stock = stockOf(v.stockedGrits);
		const o = overlapOf({ ...v, depthUm: v.dressDepthUm, abrasive: 'alumina' });
		const natural = naturalRaUm(grainUm);
		const under = v.targetRaUm < (1 - FINISH_BAND) * natural * (1 - 1e-9);
		const over = v.targetRaUm > (1 + FINISH_BAND) * natural * (1 + 1e-9);
		const gritPosition = under ? 'too-coarse' : over ? 'finer-than-needed' : 'right';
		const dull = o.dressClass === 'dull';
		const diagnosis = under
			? dull
				? 'grit-too-coarse-dressed-dull'
				: 'grit-too-coarse-dressed-sharp'
			: dull
				? 'fine-grit-dressed-dull'
				: over
					? 'grit-finer-than-needed'
					: o.overlapRatio < 2
						? 'right-grit-dressed-open'
						: 'right-grit-dressed-sharp';
		const aim = aimFor(v.targetRaUm);
		const recommendedGrit =
			gritPosition === 'right' && stock.includes(v.gritNumber)
				? v.gritNumber
				: finishGrit.run({ targetRaUm: v.targetRaUm, stockedGrits: stock }).bestGrit;
		const width = activeWidthUm(v.tipRadiusUm, v.flatWidthUm, aim.depthUm);
		const recommendedLeadUm = Math.min(width / aim.overlap, F_GRITS.get(recommendedGrit)!);
		const recommendedOverlapRatio = width / recommendedLeadUm;
		const findings = new Findings()
			.caution(diagnosis, diagnosis !== 'right-grit-dressed-sharp', SAYS[diagnosis] ?? '')
			.caution('grit-finer-than-needed', dull && over, SAYS['grit-finer-than-needed']!)
			.caution(
				'dress-near-dull',
				o.overlapBand === 'very-fine' && !dull,
				'The tracks lie very close: a little slower and the wheel is dull.'
			)
			.caution(
				'lead-exceeds-active-width',
				o.overlapRatio < 1 - 1e-9,
				'The lead is wider than the diamond: it cuts a thread into the wheel.'
			)
			.caution(
				'lead-exceeds-grain',
				v.leadUm > grainUm * (1 + 1e-9),
				'The lead is wider than a grain: some grains are never touched.'
			)
			.caution(
				'diamond-too-blunt',
				recommendedOverlapRatio >= 10 * (1 - 1e-9),
				'This tip is too blunt for the finish: turn or change the diamond.'
			);
		return {
			diagnosis,
			grainUm,
			naturalRaUm: natural,
			gritPosition,
			activeWidthUm: o.activeWidthUm,
			overlapRatio: o.overlapRatio,
			overlapBand: o.overlapBand,
			sharpnessIndex: o.sharpnessIndex,
			dressClass: o.dressClass,
			raAsDressedUm: raAsDressed(natural, o.overlapRatio, v.dressDepthUm),
			heatIndex: (o.overlapRatio / 4) * (20 / v.dressDepthUm) ** 0.25 * Math.sqrt(260 / grainUm),
			recommendedGrit,
			recommendedDepthUm: aim.depthUm,
			recommendedLeadUm,
			recommendedOverlapRatio,
			...findings.judged()
		};
	}
});
