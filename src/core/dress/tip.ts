import { from0, over0, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { NumberField } from '../calculation/fields.js';
import { Findings } from '../calculation/verdict.js';
import { referenceDepthUm } from './normal-dress.js';

/** The two fields that describe a diamond's tip. */
export const TIP_FIELDS = [
	um('tipRadiusUm', 'Round of the tip', { ...over0(20000), label: 'Tip radius' }),
	um('flatWidthUm', 'Flat worn on the tip', { ...from0(20000), default: 0, label: 'Worn flat' })
] as const satisfies readonly NumberField[];

/** @throws InputFault when neither a radius nor a flat is there, or the flat does not fit on the tip. */
export function checkTip(tipRadiusUm: number | null, flatWidthUm: number): void {
	if (tipRadiusUm === null && flatWidthUm === 0)
		throw new InputFault(
			'tipRadiusUm',
			'missing',
			'Tip radius is missing. Enter the radius of the tip, or the width of its flat.'
		);
	if (tipRadiusUm !== null && flatWidthUm >= 2 * tipRadiusUm)
		throw new InputFault(
			'flatWidthUm',
			'inconsistent',
			`A flat of ${flatWidthUm} µm does not fit on a tip of ${tipRadiusUm} µm radius. Measure it again or turn the diamond.`
		);
}

export interface TipCut {
	tipRadiusUm: number | null;
	flatWidthUm: number;
	depthUm: number;
	leadUm: number;
	abrasive: string;
	/** Mean grain, where it is known. */
	grainSizeUm?: number | null;
	/** Passes with no feed after the last cutting one. */
	idlePasses?: number;
}

function bandOf(U: number): string {
	return U < 1
		? 'thread'
		: U < 2
			? 'open'
			: U < 3
				? 'rough'
				: U < 5
					? 'general'
					: U < 8
						? 'finish'
						: U < 10
							? 'very-fine'
							: 'dull';
}

/**
 * Active width of a tip at a depth: the chord of its circle, or its flat. Exact circle geometry.
 * @example activeWidthUm(250, 0, 20) // 195.95918
 */
export function activeWidthUm(tipRadiusUm: number | null, flatWidthUm: number, depthUm: number): number {
	if (tipRadiusUm === null) return flatWidthUm;
	const r = tipRadiusUm;
	const H = r - Math.sqrt(r * r - (flatWidthUm * flatWidthUm) / 4) + depthUm;
	return H >= r ? 2 * r : 2 * Math.sqrt(2 * r * H - H * H);
}

function ridgeUm(r: number | null, w: number, a: number, s: number): number {
	if (s <= w) return 0;
	if (r === null || s / 2 >= r) return a;
	return Math.min(a, Math.sqrt(r * r - (w * w) / 4) - Math.sqrt(r * r - (s * s) / 4));
}

/** What kind of dress a sharpness index and an overlap make (guideline). */
export function dressClassOf(sharpnessIndex: number, overlap: number): string {
	const S = sharpnessIndex;
	return S < 0.25 || overlap >= 10 ? 'dull' : S < 0.6 ? 'fine' : S < 1.6 ? 'general' : 'open-sharp';
}

/**
 * How densely the tracks of a diamond lie and whether the dress breaks grains or polishes them. Defined once, used by every
 * station that speaks of overlap or of a dull dress.
 */
export function overlapOf(cut: TipCut) {
	const { tipRadiusUm: r, flatWidthUm: w, depthUm: a, leadUm: s } = cut;
	const b = activeWidthUm(r, w, a);
	const ref = referenceDepthUm(cut.abrasive, cut.grainSizeUm);
	const U = b / s;
	// Each idle pass lays another set of tracks between the old ones.
	const all = U * (1 + (cut.idlePasses ?? 0));
	const S = (4 / all) * (a / ref);
	const classReasons = [
		all < 3 ? 'overlap-low' : all < 5 ? 'overlap-medium' : all < 10 ? 'overlap-high' : 'overlap-very-high'
	];
	if (a <= 0.375 * ref) classReasons.push('depth-shallow');
	else if (a >= ref) classReasons.push('depth-deep');
	return {
		activeWidthUm: b,
		overlapRatio: U,
		effectiveOverlapRatio: all,
		overlapBand: bandOf(U),
		scallopHeightUm: ridgeUm(r, w, a, s),
		scallopApproxUm: r === null ? null : (s * s) / (8 * r),
		referenceDepthUm: ref,
		sharpnessIndex: S,
		dressClass: dressClassOf(S, all),
		classReasons,
		leads: { roughUm: b / 2.5, generalUm: b / 4, finishUm: b / 6 }
	};
}

/** The bite is deeper than the tip is round. */
export function judgeTip(
	findings: Findings,
	cut: Pick<TipCut, 'tipRadiusUm' | 'flatWidthUm' | 'depthUm'>
): Findings {
	const swallowed =
		cut.tipRadiusUm !== null &&
		cut.tipRadiusUm - Math.sqrt(cut.tipRadiusUm ** 2 - cut.flatWidthUm ** 2 / 4) + cut.depthUm >=
			cut.tipRadiusUm;
	return findings.caution('depth-exceeds-tip-radius', swallowed, 'The bite is deeper than the tip is round.');
}

/** The dress polishes the grains. */
export const judgeDull = (findings: Findings, dressClass: string): Findings =>
	findings.caution(
		'dressed-dull',
		dressClass === 'dull',
		'This dress polishes the grains instead of breaking them. Traverse faster or bite deeper; for a finer finish take a finer grit.'
	);

/** A lead longer than a grain leaves grains untouched. */
export const judgeGrain = (findings: Findings, leadUm: number, grainUm: number | null): Findings =>
	findings.caution(
		'lead-exceeds-grain',
		grainUm !== null && leadUm > grainUm,
		'The lead is longer than a grain: grains are missed.'
	);

/** Some of the face is never touched in one pass. */
export const judgeThread = (findings: Findings, overlapRatio: number): Findings =>
	findings.caution(
		'thread-on-wheel',
		overlapRatio < 1,
		'The lead is wider than the diamond: it cuts a thread into the wheel. Traverse slower.'
	);

/** The cautions every dress with a fixed tip can earn. */
export function judgeOverlap(findings: Findings, cut: TipCut, o: ReturnType<typeof overlapOf>): Findings {
	// Where the dress is dull that is said first: whatever else is wrong with it, the wheel will not cut.
	return judgeThread(judgeTip(judgeDull(findings, o.dressClass), cut), o.overlapRatio);
}
