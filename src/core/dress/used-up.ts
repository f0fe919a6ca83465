import { choice, from0, mm, over0 } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';

/** Dressed on its periphery a wheel loses diameter, on the face of its rim it loses depth of rim. */
export const SURFACE = choice('surface', 'Rim, or the face of a cup or dish', ['periphery', 'face'], {
	default: 'periphery',
	label: 'Dressed on'
});
/** Radial width of a rim that is dressed on its face. */
export const RIM_WIDTH = mm('rimWidthMm', 'Radial width of the rim; for a face', {
	...over0(1000),
	advanced: true
});
/** Sizes of a rim that is dressed on its face. */
export const FACE_FIELDS = [
	RIM_WIDTH,
	mm('rimDepthMm', 'Abrasive left; for a face', { ...over0(500), advanced: true }),
	mm('rimDepthMinMm', 'Not below this; for a face', {
		...from0(500),
		default: 0,
		label: 'Least rim depth',
		advanced: true
	})
] as const;

type Sizes = {
	surface: 'periphery' | 'face';
	wheelDiameterMm: number;
	wheelWidthMm: number | null;
	wheelMinDiameterMm: number | null;
	rimWidthMm: number | null;
	rimDepthMm: number | null;
	rimDepthMinMm: number;
};
/** What is dressed: how wide it is, and what is used up by it. */
export interface Rim {
	face: boolean;
	widthMm: number;
	depthMm: number;
	leastMm: number;
}

/** Twice the rim width fits on the wheel. @throws InputFault `inconsistent` on the rim width */
export function checkRimWidth(rimWidthMm: number, wheelDiameterMm: number): void {
	if (2 * rimWidthMm > wheelDiameterMm)
		throw new InputFault(
			'rimWidthMm',
			'inconsistent',
			`A rim ${rimWidthMm} mm wide does not fit on a wheel of ${wheelDiameterMm} mm.`
		);
}

/** Sizes of what is dressed, by the surface. @throws InputFault for what is missing or cannot be */
export function checkRim(v: Sizes): Rim {
	if (v.surface === 'face') {
		needed(v, FACE_FIELDS.slice(0, 2), 'A face is described by its rim.');
		checkRimWidth(v.rimWidthMm!, v.wheelDiameterMm);
		if (v.rimDepthMinMm >= v.rimDepthMm!)
			throw new InputFault(
				'rimDepthMinMm',
				'inconsistent',
				`Least rim depth ${v.rimDepthMinMm} mm is not below the depth today, ${v.rimDepthMm} mm.`
			);
		return { face: true, widthMm: v.rimWidthMm!, depthMm: v.rimDepthMm!, leastMm: v.rimDepthMinMm };
	}
	needed(v, [{ name: 'wheelWidthMm' }, { name: 'wheelMinDiameterMm', label: 'Scrap diameter' }], 'Enter it.');
	if (v.wheelMinDiameterMm! >= v.wheelDiameterMm)
		throw new InputFault(
			'wheelMinDiameterMm',
			'inconsistent',
			`Scrap diameter ${v.wheelMinDiameterMm} mm is not below the diameter today, ${v.wheelDiameterMm} mm.`
		);
	return { face: false, widthMm: v.wheelWidthMm!, depthMm: 0, leastMm: v.wheelMinDiameterMm! };
}

/** What is left after so much was taken off: diameter on the periphery, depth of rim on a face. */
export function wornOf(
	rim: Rim,
	diameterMm: number,
	takenUm: number
): { diameterAfterMm: number; rimDepthAfterMm: number | null } {
	return rim.face
		? { diameterAfterMm: diameterMm, rimDepthAfterMm: rim.depthMm - takenUm / 1000 }
		: { diameterAfterMm: diameterMm - (2 * takenUm) / 1000, rimDepthAfterMm: null };
}
