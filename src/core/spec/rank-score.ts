import { ABRASIVE_FAMILIES, abrasiveGroup } from './families.js';

/** Guideline weights of the score; they add up to one. */
export const WEIGHTS = {
	abrasive: 0.25,
	grit: 0.25,
	grade: 0.2,
	bond: 0.1,
	life: 0.1,
	structure: 0.05,
	size: 0.05
} as const;
export type Part = keyof typeof WEIGHTS;
export const PARTS = Object.keys(WEIGHTS) as Part[];

const UNKNOWN = 0.25;
const FRIABLE = ['alumina-white', 'alumina-pink', 'alumina-ruby', 'alumina-mono', 'alumina-ceramic'];
/** Held between 0 and 1. @example clamp01(1.2) // 1 */
export const clamp01 = (x: number): number => Math.min(1, Math.max(0, x));

export interface JobWish {
	family: string;
	alternativeFamilies: string[];
	gritMeanUm: number;
	grade: string | null;
	structure: number | null;
	bond: string | null;
	minWidthMm: number | null;
}
export interface WheelFacts {
	family: string | null;
	gritMeanUm: number | null;
	grade: string | null;
	structure: number | null;
	bond: string | null;
	diameterMm: number;
	widthMm: number;
	minDiameterMm: number;
	newDiameterMm: number;
}

function abrasiveScore(job: JobWish, family: string | null): number {
	if (family === null) return UNKNOWN;
	if (family === job.family) return 1;
	if (FRIABLE.includes(family) && FRIABLE.includes(job.family)) return 0.85;
	if (job.alternativeFamilies.includes(family)) return 0.7;
	const known = (f: string) => (ABRASIVE_FAMILIES as readonly string[]).includes(f);
	const conventional = (f: string) => known(f) && !['cbn', 'diamond'].includes(f);
	return conventional(family) &&
		conventional(job.family) &&
		abrasiveGroup(family) === abrasiveGroup(job.family)
		? 0.6
		: 0;
}

function gradeScore(wanted: string | null, grade: string | null): number {
	if (wanted === null) return 1;
	if (grade === null) return UNKNOWN;
	const harder = grade.charCodeAt(0) - wanted.charCodeAt(0);
	return Math.max(0, harder > 0 ? 1 - harder / 3 : 1 - -harder / 5);
}

/** Seven parts, each 0 to 1: what is unknown on the wheel counts a quarter, what the job does not ask counts full. */
export function scoreParts(job: JobWish, w: WheelFacts, maxDiameterMm: number): Record<Part, number> {
	const grit =
		w.gritMeanUm === null
			? UNKNOWN
			: clamp01(1 - Math.abs(Math.log(w.gritMeanUm / job.gritMeanUm)) / Math.LN2);
	const bond = job.bond === null ? 1 : w.bond === null ? UNKNOWN : w.bond === job.bond ? 1 : 0;
	const structure =
		job.structure === null
			? 1
			: w.structure === null
				? UNKNOWN
				: clamp01(1 - Math.abs(w.structure - job.structure) / 6);
	const size =
		clamp01(w.diameterMm / maxDiameterMm) *
		(job.minWidthMm === null ? 1 : Math.min(1, w.widthMm / job.minWidthMm));
	const life = clamp01((w.diameterMm - w.minDiameterMm) / (w.newDiameterMm - w.minDiameterMm));
	return {
		abrasive: abrasiveScore(job, w.family),
		grit,
		grade: gradeScore(job.grade, w.grade),
		bond,
		life,
		structure,
		size
	};
}

/** Points out of 100: every part by its weight. */
export function scorePoints(
	parts: Record<Part, number>,
	weights: Readonly<Record<Part, number>> = WEIGHTS
): number {
	return 100 * PARTS.reduce((sum, part) => sum + weights[part] * parts[part], 0);
}
