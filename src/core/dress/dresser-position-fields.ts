import { between, choice, deg, from0, mm, over0, um } from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

export const POSITION_FIELDS = [
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
] as const;
export type Position = Values<typeof POSITION_FIELDS>;

/** A place that cannot be told, or that is not at the wheel. */
export function checkPlace(values: Position): void {
	const R = values.wheelDiameterMm / 2;
	const x = values.offsetMm;
	const rho = values.formRadiusMm;
	const atSide = values.setup === 'cylindrical-side';
	if (atSide && values.surfaceMotion === null)
		throw new InputFault('surfaceMotion', 'missing', 'Say which way the rim moves where the dresser stands.');
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
	if (rho !== null && rho >= R)
		throw new InputFault(
			'formRadiusMm',
			'inconsistent',
			`A radius of ${rho} mm is not below the radius of the wheel, ${R} mm.`
		);
}
