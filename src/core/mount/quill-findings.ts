import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import type { Quill } from './quill-fields.js';

/** What a quill may bend by, um, and be stressed with, MPa: caution over the first, stop over the second (guidelines). */
const BENDS_UM = [10, 100] as const;
const STRESS_MPA = [100, 300] as const;

/** What a quill and its wheel come to before they are judged. */
interface QuillFigures {
	criticalRatio: number;
	deflectionUm: number;
	bendingStressMPa: number;
	/** After the next dress. */
	nextDiameterMm: number;
	quillGapMm: number;
}

/** What a wheel on a quill is stopped or warned for. */
export function quillFindings(
	values: Quill,
	{ criticalRatio, deflectionUm, bendingStressMPa, nextDiameterMm, quillGapMm }: QuillFigures
): Findings {
	const bends = `It bends by ${deflectionUm.toFixed(0)} µm under this force: the bore comes out tapered, and small. Shorten it, or cut less.`;
	const strained = `${bendingStressMPa.toFixed(0)} MPa where it is clamped. A quill that breaks is thrown: shorten it, take a thicker one, or cut less.`;
	return new Findings()
		.stop(
			'quill-overspeed',
			values.runRpm > values.quillMaxRpm,
			`${values.runRpm} rpm is more than the quill may turn, ${values.quillMaxRpm}.`
		)
		.stop(
			'wheel-overspeed',
			values.runRpm > values.wheelRatedRpm,
			`${values.runRpm} rpm is more than the wheel may turn, ${values.wheelRatedRpm}.`
		)
		.stop(
			'near-critical',
			criticalRatio >= values.criticalStopRatio,
			`${(100 * criticalRatio).toFixed(0)} % of the critical speed: it would whirl. Shorten the quill, take a thicker one, or run slower.`
		)
		.caution(
			'critical-margin',
			criticalRatio >= values.criticalCautionRatio && criticalRatio < values.criticalStopRatio,
			`${(100 * criticalRatio).toFixed(0)} % of the critical speed, and the real one is lower.`
		)
		.stop('quill-bends', deflectionUm > BENDS_UM[1] + SLACK, bends)
		.caution('quill-bends', deflectionUm > BENDS_UM[0] + SLACK, bends)
		.stop('quill-stress', bendingStressMPa > STRESS_MPA[1] + SLACK, strained)
		.caution('quill-stress', bendingStressMPa > STRESS_MPA[0] + SLACK, strained)
		.stop(
			'below-minimum-diameter',
			nextDiameterMm < values.minimumDiameterMm - SLACK,
			`After the next dress it would be ${nextDiameterMm.toFixed(2)} mm, under its least diameter, ${values.minimumDiameterMm} mm.`
		)
		.stop(
			'below-minimum-width',
			values.currentWidthMm < values.minimumWidthMm,
			`${values.currentWidthMm} mm wide, under its least width, ${values.minimumWidthMm} mm.`
		)
		.stop(
			'dress-reaches-quill',
			quillGapMm < values.dressClearanceMm - SLACK,
			'The dresser would meet the quill.'
		)
		.stop(
			'direction-disagree',
			values.grindDirectionSign !== values.dressDirectionSign,
			'Grinding and dressing turn the wheel opposite ways. Set one of them right before it is dressed.'
		)
		.stop(
			'wheel-does-not-fit-bore',
			values.workBoreMm !== null && values.currentDiameterMm >= values.workBoreMm,
			'The wheel does not go into the bore.'
		)
		.caution(
			'wheel-large-for-bore',
			values.workBoreMm !== null &&
				values.currentDiameterMm > 0.8 * values.workBoreMm &&
				values.currentDiameterMm < values.workBoreMm,
			'Large for this bore: long contact, little coolant. Three quarters of the bore is usual.'
		);
}
