import { between, number, over0, um, roughnessUm } from '../calculation/field/index.js';
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
	'grit-finer-than-needed': 'The grit is finer than this finish needs: it cuts less and runs hotter.',
	'rougher-as-measured':
		'Measured rougher than asked, though grit and dress should give it. What was measured counts: spark out, look at the diamond, then shorten the lead.',
	'grit-too-coarse-as-measured':
		'Measured rougher than asked, and a lead short enough would polish the grains. Take a finer grit.',
	'finer-as-measured': 'Measured finer than asked: good as it is. A longer lead would cut cooler.'
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
const [DEEPEST, MIN_SHARP, MAX_OVERLAP] = [1.5, 0.15, 8];

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
	const sharp = Math.max((MIN_SHARP * width * ordinary) / depthUm, width / MAX_OVERLAP);
	const leadUm = Math.min(width / aim.overlap, grainUm, Math.max(byLaw, sharp));
	return { depthUm, leadUm, overlap: width / leadUm };
}

/** Nothing has to be changed. */
const GOOD_AS_IT_IS: readonly string[] = ['right-grit-dressed-sharp', 'finer-as-measured'];
/** Measured this much under what is asked is finer, not just as asked (guideline). */
const FINER = 0.7;

/**
 * What a measured finish says, where it says more than the figures of grit and dress: rougher than asked whatever they promise, or good
 * although they promise too much. Null where nothing was measured, or where it agrees. The lead that gives the finish follows from what
 * was measured: roughness goes with its root.
 */
function asMeasured(
	values: { measuredRaUm: number | null; targetRaUm: number; leadUm: number; dressDepthUm: number },
	widthUm: number,
	expected: string
): {
	diagnosis: string;
	finer: boolean;
	dress: { depthUm: number; leadUm: number; overlap: number } | null;
} | null {
	if (values.measuredRaUm === null) return null;
	const share = values.measuredRaUm / values.targetRaUm;
	const as = (leadUm: number) => ({ depthUm: values.dressDepthUm, leadUm, overlap: widthUm / leadUm });
	if (share <= 1 + 1e-9) {
		if (share < FINER) return { diagnosis: 'finer-as-measured', finer: false, dress: as(values.leadUm) };
		const open = ['right-grit-dressed-open', 'grit-too-coarse-dressed-sharp'].includes(expected);
		return open ? { diagnosis: 'right-grit-dressed-sharp', finer: false, dress: as(values.leadUm) } : null;
	}
	if (!['right-grit-dressed-sharp', 'grit-finer-than-needed'].includes(expected)) return null;
	const leadUm = values.leadUm / share ** 2;
	return leadUm >= widthUm / MAX_OVERLAP
		? { diagnosis: 'rougher-as-measured', finer: false, dress: as(leadUm) }
		: { diagnosis: 'grit-too-coarse-as-measured', finer: true, dress: null };
}

/** The next finer grit that is kept; the finest where there is none. F numbers rise as grains get smaller. */
const finerThan = (grit: number, stock: readonly number[]): number =>
	[...stock].sort((a, b) => a - b).find((g) => g > grit) ?? Math.max(...stock);

/** Wrong grit or wrong dress? */
export const diagnoseFinish = defineCalculation({
	id: 'spec.diagnose-finish',
	worse: { tipRadiusUm: 'none', leadUm: 'none', measuredRaUm: 'up' },
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
		roughnessUm('targetRaUm', 'Roughness on the drawing', {
			...between(0.012, 25),
			required: true,
			label: 'Ra wanted'
		}),
		number('gritNumber', 'Its F number', { required: true, label: 'Grit on the machine' }),
		um('dressDepthUm', 'Bite per pass', { ...over0(500), required: true, label: 'Dressing depth' }),
		um('leadUm', 'Diamond travel per wheel turn', { ...over0(5000), required: true, label: 'Lead' }),
		...TIP_FIELDS,
		STOCKED_GRITS,
		roughnessUm('measuredRaUm', 'On the trial cut; counts before what the dress should give', {
			...over0(1000),
			label: 'Ra measured'
		})
	],
	outputs: [
		{ name: 'diagnosis', about: 'What it is', main: true },
		{ name: 'gritPosition', about: 'The grit is' },
		{ name: 'grainUm', unit: 'um', about: 'Its grain' },
		{ name: 'naturalRaUm', unit: 'um-Ra', about: 'Ra it gives dressed sharp' },
		{ name: 'raAsDressedUm', unit: 'um-Ra', about: 'Ra as dressed now (trend)' },
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
		{ name: 'recommendedRaUm', unit: 'um-Ra', about: 'Ra then' },
		{ name: 'normalLeadUm', unit: 'um', about: 'Lead of the normal dress' },
		{ name: 'normalDepthUm', unit: 'um', about: 'Depth of the normal dress' },
		{ name: 'referenceDepthUm', unit: 'um', about: 'An ordinary bite' }
	],
	example: { targetRaUm: 0.45, gritNumber: 46, dressDepthUm: 5, leadUm: 10, tipRadiusUm: 350 },
	compute(values) {
		const grainUm = F_GRITS.get(values.gritNumber);
		if (grainUm === undefined)
			throw new InputFault(
				'gritNumber',
				'unknown-choice',
				`Grit ${values.gritNumber} is not an F size. Use a size of the series, such as 46, 60 or 80.`
			);
		checkTip(values.tipRadiusUm, values.flatWidthUm);
		const stock = stockOf(values.stockedGrits);
		const overlap = overlapOf({
			...values,
			depthUm: values.dressDepthUm,
			abrasive: 'alumina',
			grainSizeUm: grainUm
		});
		const natural = naturalRaUm(grainUm);
		const under = values.targetRaUm < (1 - FINISH_BAND) * natural * (1 - 1e-9);
		const over = values.targetRaUm > (1 + FINISH_BAND) * natural * (1 + 1e-9);
		const gritPosition = under ? 'too-coarse' : over ? 'finer-than-needed' : 'right';
		const dull = overlap.dressClass === 'dull';
		const expected = under
			? dull
				? 'grit-too-coarse-dressed-dull'
				: 'grit-too-coarse-dressed-sharp'
			: dull
				? 'fine-grit-dressed-dull'
				: over
					? 'grit-finer-than-needed'
					: overlap.overlapRatio < 2
						? 'right-grit-dressed-open'
						: 'right-grit-dressed-sharp';
		const seen = asMeasured(values, overlap.activeWidthUm, expected);
		const diagnosis = seen?.diagnosis ?? expected;
		const recommendedGrit = seen
			? seen.finer
				? finerThan(values.gritNumber, stock)
				: values.gritNumber
			: gritPosition === 'right' && stock.includes(values.gritNumber)
				? values.gritNumber
				: finishGrit.run({ targetRaUm: values.targetRaUm, stockedGrits: stock }).bestGrit;
		const better = seen?.dress ?? advise(values.targetRaUm, F_GRITS.get(recommendedGrit)!, values);
		const findings = new Findings()
			.caution(diagnosis, !GOOD_AS_IT_IS.includes(diagnosis), SAYS[diagnosis] ?? '')
			.remark('finer-as-measured', diagnosis === 'finer-as-measured', SAYS['finer-as-measured']!)
			.caution('grit-finer-than-needed', dull && over, SAYS['grit-finer-than-needed']!)
			.caution(
				'dress-near-dull',
				overlap.overlapBand === 'very-fine' && !dull,
				'The tracks lie very close: a little slower and the wheel is dull.'
			)
			.caution(
				'lead-exceeds-active-width',
				overlap.overlapRatio < 1 - 1e-9,
				'The lead is wider than the diamond: it cuts a thread into the wheel.'
			)
			.caution(
				'lead-exceeds-grain',
				values.leadUm > grainUm * (1 + 1e-9),
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
			activeWidthUm: overlap.activeWidthUm,
			overlapRatio: overlap.overlapRatio,
			overlapBand: overlap.overlapBand,
			sharpnessIndex: overlap.sharpnessIndex,
			dressClass: overlap.dressClass,
			raAsDressedUm: raAsDressed(grainUm, values.leadUm, values.dressDepthUm),
			normalLeadUm: normalLeadUm(grainUm),
			normalDepthUm: normalDepthUm(grainUm),
			referenceDepthUm: overlap.referenceDepthUm,
			heatIndex: (overlap.overlapRatio / 4) * (20 / values.dressDepthUm) ** 0.25 * Math.sqrt(260 / grainUm),
			recommendedGrit,
			recommendedDepthUm: better.depthUm,
			recommendedLeadUm: better.leadUm,
			recommendedOverlapRatio: better.overlap,
			recommendedRaUm:
				seen && !seen.finer
					? values.measuredRaUm! * Math.sqrt(better.leadUm / values.leadUm)
					: raAsDressed(F_GRITS.get(recommendedGrit)!, better.leadUm, better.depthUm),
			...findings.judged()
		};
	}
});
