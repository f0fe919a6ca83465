import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { between, choice, deg, from0, mm, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';

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
	fields: [
		choice(
			'setup',
			'Under the wheel, in a radius fixture, or at its side',
			['surface-below', 'radius-dress', 'cylindrical-side'],
			{ required: true, label: 'Where' }
		),
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		choice('surfaceMotion', 'Where the dresser stands; for the side only', ['down', 'up'], {
			label: 'Rim moves'
		}),
		choice('rotation', "Seen from the wheel's front", ['clockwise', 'counter-clockwise']),
		mm('offsetMm', 'Right positive, seen from the front; at the side: height above the spindle centre', {
			...between(-1000, 1000),
			required: true,
			label: 'Sideways from bottom centre'
		}),
		deg('dragAngleDeg', 'Positive when the tip points the way the rim moves', {
			...between(-45, 45),
			default: 12,
			label: 'Lean'
		}),
		mm('centreToleranceMm', 'On centre within this; 0.5 at the side, in a fixture from the form error', {
			...from0(5),
			advanced: true
		}),
		um('formErrorAllowedUm', 'In a radius fixture', {
			...over0(1000),
			guideline: true,
			default: 1,
			label: 'Form error allowed',
			advanced: true
		}),
		mm('formRadiusMm', 'Made on the wheel in a radius fixture', {
			...over0(1000),
			label: 'Radius made',
			advanced: true
		})
	],
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
		if (atSide && values.surfaceMotion === null)
			throw new InputFault(
				'surfaceMotion',
				'missing',
				'Say which way the rim moves where the dresser stands.'
			);
		if (!atSide && values.rotation === null)
			throw new InputFault(
				'rotation',
				'missing',
				'Rotation is missing. Say which way the wheel turns, seen from the front.'
			);
		if (Math.abs(x) >= R)
			throw new InputFault(
				'offsetMm',
				x < 0 ? 'below-minimum' : 'above-maximum',
				`${x} mm is outside the wheel. Its radius is ${R} mm.`
			);
		const rho = values.formRadiusMm;
		if (rho !== null && rho >= R)
			throw new InputFault(
				'formRadiusMm',
				'inconsistent',
				`A radius of ${rho} mm is not below the radius of the wheel, ${R} mm.`
			);
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
		const d = values.dragAngleDeg;
		const findings = new Findings()
			.stop(
				'dresser-on-ingoing-side',
				ingoing,
				'The diamond stands on the entering side: the wheel would drag it under. Move it to the leaving side.'
			)
			.caution(
				'dresser-too-near-centre',
				below && past >= 0 && past < lo,
				`Very near centre. Stand ${lo.toFixed(1)} to ${hi.toFixed(1)} mm past it.`
			)
			.caution(
				'dresser-far-past-centre',
				below && past > hi,
				`Far past centre. Stand ${lo.toFixed(1)} to ${hi.toFixed(1)} mm past it.`
			)
			.caution(
				'dresser-off-centre',
				fixture && !ingoing && Math.abs(past) > tolerance,
				`Off centre: the radius comes out ${(formErrorUm ?? 0).toFixed(1)} µm out of form.`
			)
			.caution(
				'size-shift-only',
				atSide && past > tolerance,
				`Off the height of the centre: the wheel comes out ${radiusErrorUm.toFixed(1)} µm larger on the radius, its form stays.`
			)
			.stop(
				'diamond-points-against-rotation',
				d < 0,
				'The tip leans into the rotation: it would dig in. Lean it the way the rim moves.'
			)
			.caution(
				'drag-angle-small',
				values.setup !== 'radius-dress' && d >= 0 && d < 5,
				'Hardly any lean. 10 to 15 degrees is usual.'
			)
			.caution('drag-angle-large', d > 20, 'A large lean. 10 to 15 degrees is usual.');
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
			...findings.judged()
		};
	}
});
