import { between, number, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { normalDepthUm, normalLeadUm } from '../dress/normal-dress.js';
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
 * How rough a dress leaves the part: the finish law as a ratio to the normal dress of the grain. It does not ask for the tip, which says
 * how dull the dress is and not how rough; that is why the dull trick appears to work.
 * @example raAsDressed(260, 55, 25) // 0.8
 */
export function raAsDressed(grainUm: number, leadUm: number, depthUm: number): number {
	const shorter = leadUm / normalLeadUm(grainUm);
	return naturalRaUm(grainUm) * Math.sqrt(shorter) * (depthUm / normalDepthUm(grainUm)) ** 0.25;
}

/** A bite deeper than so many ordinary ones of the grit is not advised; the sharpness and the overlap a dress should keep (guidelines). */
const [DEEPEST, LEAST_SHARP, MOST_OVERLAP] = [1.5, 0.15, 8];

/** Depth and lead for a finish with this grit: the finish law's own lead, but never so short that the dress polishes. */
function advise(
	targetRaUm: number,
	grainUm: number,
	tip: { tipRadiusUm: number | null; flatWidthUm: number }
) {
	const aim = aimFor(targetRaUm);
	const ordinary = normalDepthUm(grainUm);
	const depthUm = Math.min(aim.depthUm, DEEPEST * ordinary);
	const width = activeWidthUm(tip.tipRadiusUm, tip.flatWidthUm, depthUm);
	const byLaw =
		normalLeadUm(grainUm) * (targetRaUm / naturalRaUm(grainUm)) ** 2 * Math.sqrt(ordinary / depthUm);
	const sharp = Math.max((LEAST_SHARP * width * ordinary) / depthUm, width / MOST_OVERLAP);
	const leadUm = Math.min(width / aim.overlap, grainUm, Math.max(byLaw, sharp));
	return { depthUm, leadUm, overlap: width / leadUm };
}

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
		'normal dress: a_n = 0.12 d (3 to 25 um), s_n = 11 sqrt(a_n), at most d',
		'Ra as dressed = natural (lead/s_n)^0.5 (a/a_n)^0.25',
		'heat = (U/4) (20/a)^0.25 sqrt(260/d)',
		"lead = the law's own for the finish, held between b/U aimed for, one grain, and what would polish"
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
		{ name: 'recommendedOverlapRatio', about: 'Overlap then' },
		{ name: 'recommendedRaUm', unit: 'um', about: 'Ra then' },
		{ name: 'normalLeadUm', unit: 'um', about: 'Lead of the normal dress' },
		{ name: 'normalDepthUm', unit: 'um', about: 'Depth of the normal dress' },
		{ name: 'referenceDepthUm', unit: 'um', about: 'An ordinary bite' }
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
		const o = overlapOf({ ...v, depthUm: v.dressDepthUm, abrasive: 'alumina', grainSizeUm: grainUm });
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
		const recommendedGrit =
			gritPosition === 'right' && stock.includes(v.gritNumber)
				? v.gritNumber
				: finishGrit.run({ targetRaUm: v.targetRaUm, stockedGrits: stock }).bestGrit;
		const better = advise(v.targetRaUm, F_GRITS.get(recommendedGrit)!, v);
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
				better.overlap >= 10 * (1 - 1e-9),
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
			raAsDressedUm: raAsDressed(grainUm, v.leadUm, v.dressDepthUm),
			normalLeadUm: normalLeadUm(grainUm),
			normalDepthUm: normalDepthUm(grainUm),
			referenceDepthUm: o.referenceDepthUm,
			heatIndex: (o.overlapRatio / 4) * (20 / v.dressDepthUm) ** 0.25 * Math.sqrt(260 / grainUm),
			recommendedGrit,
			recommendedDepthUm: better.depthUm,
			recommendedLeadUm: better.leadUm,
			recommendedOverlapRatio: better.overlap,
			recommendedRaUm: raAsDressed(F_GRITS.get(recommendedGrit)!, better.leadUm, better.depthUm),
			...findings.judged()
		};
	}
});
