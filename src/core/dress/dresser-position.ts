import { defineCalculation } from '../calculation/define.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { POSITION_FIELDS, checkPlace } from './dresser-position-fields.js';
import { standingFindings } from './dresser-position-findings.js';

/** Past bottom centre, in degrees: near, best, far (guidelines); in mm, the nearest on a small wheel, and the usual tolerance at the side. */
const [NEAR_DEG, BEST_DEG, FAR_DEG] = [2, 5, 15];
const NEAREST_MM = 1;
const SIDE_MM = 0.5;
const LARGEST_TOLERANCE_MM = 2;

/** How far off centre a tip may stand in a radius fixture before the form is out by what is allowed. First principles. */
function fixtureTolerance(R: number, rho: number | null, allowedUm: number): number {
	const e = allowedUm / 1000;
	const offset = rho === null ? Math.sqrt(2 * e * R + e * e) : Math.sqrt((2 * e * R * (R - rho)) / rho);
	return Math.min(LARGEST_TOLERANCE_MM, offset);
}

/** Which side of the wheel the diamond stands on, how far past centre, and how it leans. */
export const dresserPosition = defineCalculation({
	id: 'dress.dresser-position',
	worse: { wheelDiameterMm: 'none', offsetMm: 'none', dragAngleDeg: 'none' },
	title: 'Where the dresser stands',
	about:
		'On the leaving side, a little past centre, tip trailing. On the entering side the wheel drags it under: that is never allowed.',
	source: 'Plane geometry (first principles); the recommended band is a guideline.',
	formulas: [
		'past centre = -x for clockwise, +x for anticlockwise',
		'angle = asin(past/R)',
		'rise = R - sqrt(R^2 - x^2)',
		'band: R sin 2 deg (1 mm at least) to R sin 15 deg, best at R sin 5 deg',
		'form error = [sqrt((R-rho)^2 + x^2) - (R-rho)] - [sqrt(R^2 + x^2) - R]'
	],
	fields: POSITION_FIELDS,
	outputs: [
		{ name: 'pastCentreMm', unit: 'mm', about: 'Past centre', main: true },
		{ name: 'side', about: 'Which side' },
		{ name: 'pastCentreDeg', unit: 'deg', about: 'Past centre' },
		{ name: 'recommendedOffsetMm', unit: 'mm', about: 'Recommended' },
		{ name: 'recommendedMinMm', unit: 'mm', about: 'Least past centre' },
		{ name: 'recommendedMaxMm', unit: 'mm', about: 'Most past centre' },
		{ name: 'contactClockDeg', unit: 'deg', about: 'Face angle of the contact' },
		{ name: 'sagittaMm', unit: 'mm', about: 'Contact higher than bottom centre' },
		{ name: 'radialFeedFactor', about: 'Depth per unit of downfeed' },
		{ name: 'radiusErrorUm', unit: 'um', about: 'Wheel larger than meant' },
		{ name: 'formErrorUm', unit: 'um', about: 'Radius out of form' }
	],
	example: {
		setup: 'surface-below',
		wheelDiameterMm: 194,
		rotation: 'clockwise',
		offsetMm: -4.4,
		dragAngleDeg: 11
	},
	compute(values) {
		const R = values.wheelDiameterMm / 2;
		const x = values.offsetMm;
		const atSide = values.setup === 'cylindrical-side';
		checkPlace(values);
		const rho = values.formRadiusMm;
		const below = values.setup === 'surface-below';
		const fixture = values.setup === 'radius-dress';
		const tolerance =
			values.centreToleranceMm ??
			(atSide ? SIDE_MM : fixture ? fixtureTolerance(R, rho, values.formErrorAllowedUm) : 0);
		const leftLeaves = atSide ? values.surfaceMotion === 'down' : values.rotation === 'clockwise';
		const past = (leftLeaves ? -x : x) || 0;
		const hi = below ? R * Math.sin(FAR_DEG * DEG) : tolerance;
		const lo = below ? Math.min(hi / 2, Math.max(NEAREST_MM, R * Math.sin(NEAR_DEG * DEG))) : 0;
		const pastCentreDeg = Math.asin(past / R) / DEG;
		// On a small wheel half a millimetre is a large angle: the entering side never allows more than two degrees.
		const slack = below ? 0 : Math.min(fixture ? SIDE_MM : tolerance, R * Math.sin(NEAR_DEG * DEG));
		const ingoing = past < -slack;
		const shift = (depth: number) => Math.hypot(depth, x) - depth;
		const radiusErrorUm = 1000 * shift(R);
		const formErrorUm = !fixture ? null : rho === null ? radiusErrorUm : 1000 * (shift(R - rho) - shift(R));
		return {
			side: Math.abs(past) <= 1e-9 ? 'centre' : past > 0 ? 'outgoing' : 'ingoing',
			pastCentreMm: past,
			pastCentreDeg,
			contactClockDeg: atSide ? null : fold360(180 - Math.asin(x / R) / DEG),
			sagittaMm: R - Math.sqrt(R * R - x * x),
			radialFeedFactor: Math.cos(pastCentreDeg * DEG),
			radiusErrorUm,
			formErrorUm,
			recommendedOffsetMm: below ? (leftLeaves ? -1 : 1) * Math.max(lo, R * Math.sin(BEST_DEG * DEG)) : 0,
			recommendedMinMm: lo,
			recommendedMaxMm: hi,
			...standingFindings(values, { past, lo, hi, tolerance, ingoing, radiusErrorUm, formErrorUm }).judged()
		};
	}
});
