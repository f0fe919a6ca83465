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

/** Width of a wheel dressed on its periphery. */
export const WHEEL_WIDTH = mm('wheelWidthMm', 'Width', over0(1000));

/** Width of what is dressed: of the wheel, or of the rim on a face. @throws InputFault where it is missing or cannot be */
export function dressedWidth(
	values: Pick<Sizes, 'surface' | 'wheelDiameterMm' | 'wheelWidthMm' | 'rimWidthMm'>
): number {
	if (values.surface === 'periphery') {
		needed(values, [WHEEL_WIDTH], 'Enter it.');
		return values.wheelWidthMm!;
	}
	needed(values, [RIM_WIDTH], 'A face is described by its rim.');
	if (2 * values.rimWidthMm! > values.wheelDiameterMm)
		throw new InputFault(
			'rimWidthMm',
			'inconsistent',
			`A rim ${values.rimWidthMm} mm wide does not fit on a wheel of ${values.wheelDiameterMm} mm.`
		);
	return values.rimWidthMm!;
}

/** @throws InputFault `inconsistent` for a scrap diameter that is not below the diameter today */
export function checkScrap(minDiameterMm: number, diameterMm: number): void {
	if (minDiameterMm >= diameterMm)
		throw new InputFault(
			'wheelMinDiameterMm',
			'inconsistent',
			`Scrap diameter ${minDiameterMm} mm is not below the diameter today, ${diameterMm} mm.`
		);
}

/** Half the wheel and more cannot be taken off it. @throws InputFault `above-maximum` on the field that says so */
export function checkRadius(field: string, takenUm: number, diameterMm: number): void {
	if (takenUm / 1000 >= diameterMm / 2)
		throw new InputFault(
			field,
			'above-maximum',
			`${takenUm} µm is no less than the wheel's radius, ${diameterMm / 2} mm. Enter what is really taken off.`
		);
}

/** Sizes of what is dressed, by the surface. @throws InputFault for what is missing or cannot be */
export function checkRim(values: Sizes): Rim {
	const widthMm = dressedWidth(values);
	if (values.surface === 'face') {
		needed(values, [FACE_FIELDS[1]], 'A face is described by its rim.');
		if (values.rimDepthMinMm >= values.rimDepthMm!)
			throw new InputFault(
				'rimDepthMinMm',
				'inconsistent',
				`Least rim depth ${values.rimDepthMinMm} mm is not below the depth today, ${values.rimDepthMm} mm.`
			);
		return { face: true, widthMm, depthMm: values.rimDepthMm!, leastMm: values.rimDepthMinMm };
	}
	needed(values, [{ name: 'wheelMinDiameterMm', label: 'Scrap diameter' }], 'Enter it.');
	checkScrap(values.wheelMinDiameterMm!, values.wheelDiameterMm);
	return { face: false, widthMm, depthMm: 0, leastMm: values.wheelMinDiameterMm! };
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
