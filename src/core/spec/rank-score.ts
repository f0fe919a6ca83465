import { InputFault } from '../calculation/fault.js';
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

const isConventional = (f: string): boolean =>
	(ABRASIVE_FAMILIES as readonly string[]).includes(f) && f !== 'cbn' && f !== 'diamond';

function abrasiveScore(job: JobWish, family: string): number {
	if (family === job.family) return 1;
	if (FRIABLE.includes(family) && FRIABLE.includes(job.family)) return 0.85;
	if (job.alternativeFamilies.includes(family)) return 0.7;
	return isConventional(family) &&
		isConventional(job.family) &&
		abrasiveGroup(family) === abrasiveGroup(job.family)
		? 0.6
		: 0;
}

function gradeScore(wanted: string, grade: string): number {
	const harder = grade.charCodeAt(0) - wanted.charCodeAt(0);
	return Math.max(0, harder > 0 ? 1 - harder / 3 : 1 - -harder / 5);
}

/**
 * Scores one wheel after the other for a job: seven parts, each 0 to 1; what is unknown on the wheel counts a
 * quarter, what the job does not ask counts full.
 */
export function partsFor(job: JobWish, maxDiameterMm: number): (wheel: WheelFacts) => Record<Part, number> {
	const byFamily = new Map<string, number>();
	const { gritMeanUm, grade, bond, structure, minWidthMm } = job;
	return (wheel) => {
		let abrasive = wheel.family === null ? UNKNOWN : byFamily.get(wheel.family);
		if (abrasive === undefined) byFamily.set(wheel.family!, (abrasive = abrasiveScore(job, wheel.family!)));
		const size = minWidthMm === null ? 1 : Math.min(1, wheel.widthMm / minWidthMm);
		return {
			abrasive,
			grit:
				wheel.gritMeanUm === null
					? UNKNOWN
					: clamp01(1 - Math.abs(Math.log(wheel.gritMeanUm / gritMeanUm)) / Math.LN2),
			grade: grade === null ? 1 : wheel.grade === null ? UNKNOWN : gradeScore(grade, wheel.grade),
			bond: bond === null ? 1 : wheel.bond === null ? UNKNOWN : wheel.bond === bond ? 1 : 0,
			life: clamp01((wheel.diameterMm - wheel.minDiameterMm) / (wheel.newDiameterMm - wheel.minDiameterMm)),
			structure:
				structure === null
					? 1
					: wheel.structure === null
						? UNKNOWN
						: clamp01(1 - Math.abs(wheel.structure - structure) / 6),
			size: clamp01(wheel.diameterMm / maxDiameterMm) * size
		};
	};
}

/** The seven parts of one wheel. */
export const scoreParts = (job: JobWish, wheel: WheelFacts, maxDiameterMm: number): Record<Part, number> =>
	partsFor(job, maxDiameterMm)(wheel);

/** Points out of 100: every part by its weight. */
export function scorePoints(p: Record<Part, number>, w: Readonly<Record<Part, number>> = WEIGHTS): number {
	const materials = w.abrasive * p.abrasive + w.grit * p.grit + w.grade * p.grade + w.bond * p.bond;
	return 100 * (materials + w.life * p.life + w.structure * p.structure + w.size * p.size);
}

/** Better points first, to a millionth; then what has more life left, then the number. */
export function betterFirst(
	a: { id: string; scorePoints: number; life: number },
	b: { id: string; scorePoints: number; life: number }
): number {
	return (
		Math.round(b.scorePoints * 1e6) - Math.round(a.scorePoints * 1e6) ||
		b.life - a.life ||
		(a.id < b.id ? -1 : 1)
	);
}

/** @throws InputFault on a field whose weights do not add up to one */
export function addUpToOne(weights: Readonly<Record<string, number>>, field: string): void {
	const sum = Object.values(weights).reduce((a, b) => a + b, 0);
	if (Math.abs(sum - 1) > 1e-6)
		throw new InputFault(
			field,
			'inconsistent',
			`The weights add up to ${sum.toFixed(3)}. They must add up to 1.`
		);
}

/** The weights that count; a shop's own must add up to one. @throws InputFault */
export function weightsOf(
	given: Partial<Record<Part, number | null>> | null
): Readonly<Record<Part, number>> {
	if (!given) return WEIGHTS;
	const own = Object.fromEntries(PARTS.map((p) => [p, given[p] ?? WEIGHTS[p]])) as Record<Part, number>;
	addUpToOne(own, 'weights');
	return own;
}
