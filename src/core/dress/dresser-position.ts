import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { between, choice, deg, from0, mm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';

/** Which side of the wheel the diamond stands on, how far past centre, and how it leans. */
export const dresserPosition = defineCalculation({
	id: 'dress.dresser-position',
	title: 'Where the dresser stands',
	about:
		'On the leaving side, a little past centre, tip trailing. On the entering side the wheel drags it under: that is never allowed.',
	source: 'Plane geometry (first principles); the recommended band is a guideline.',
	formulas: [
		'past centre = -x for clockwise, +x for anticlockwise',
		'angle = asin(past/R)',
		'rise = R - sqrt(R^2 - x^2)',
		'band: min(3, 0.1 R) to min(20, R sin 15 deg)'
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
		mm('centreToleranceMm', 'On centre within this; 0.02, at the side 0.5', { ...from0(5), advanced: true })
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
		{ name: 'radiusErrorUm', unit: 'um', about: 'Wheel larger than meant' }
	],
	example: {
		setup: 'surface-below',
		wheelDiameterMm: 194,
		rotation: 'clockwise',
		offsetMm: -4.4,
		dragAngleDeg: 11
	},
	compute(v) {
		const R = v.wheelDiameterMm / 2;
		const x = v.offsetMm;
		const atSide = v.setup === 'cylindrical-side';
		if (atSide && v.surfaceMotion === null)
			throw new InputFault(
				'surfaceMotion',
				'missing',
				'Say which way the rim moves where the dresser stands.'
			);
		if (!atSide && v.rotation === null)
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
		const tolerance = v.centreToleranceMm ?? (atSide ? 0.5 : 0.02);
		const leftLeaves = atSide ? v.surfaceMotion === 'down' : v.rotation === 'clockwise';
		const past = (leftLeaves ? -x : x) || 0;
		const below = v.setup === 'surface-below';
		const lo = below ? Math.min(3, 0.1 * R) : 0;
		const hi = below ? Math.min(20, R * Math.sin(15 * DEG)) : tolerance;
		const pastCentreDeg = Math.asin(past / R) / DEG;
		const stopLine = below ? 0 : v.setup === 'radius-dress' ? -Math.max(tolerance, 0.5) : -tolerance;
		const ingoing = past < stopLine;
		const d = v.dragAngleDeg;
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
				!below && !ingoing && Math.abs(past) > tolerance,
				'Off centre: the form or the size will be wrong.'
			)
			.stop(
				'diamond-points-against-rotation',
				d < 0,
				'The tip leans into the rotation: it would dig in. Lean it the way the rim moves.'
			)
			.caution(
				'drag-angle-small',
				v.setup !== 'radius-dress' && d >= 0 && d < 5,
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
			radiusErrorUm: 1000 * (Math.sqrt(R * R + x * x) - R),
			recommendedOffsetMm: below ? ((leftLeaves ? -1 : 1) * (lo + hi)) / 2 : 0,
			recommendedMinMm: lo,
			recommendedMaxMm: hi,
			...findings.judged()
		};
	}
});
