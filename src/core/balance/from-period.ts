import {
	between,
	choice,
	deg,
	from0,
	kg as kgField,
	kgM2,
	list,
	mm,
	over0,
	seconds,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { DISCS, DISCS_WHY, angle, journal, kg, standType } from './shared-fields.js';
import { agm, readSwing } from './swing.js';

const G0 = 9.80665;
/** From which its inertia follows, taken as a ring. */
const WHEEL_SIZES = [
	kgField('wheelMassKg', 'Wheel alone', over0(5000)),
	mm('wheelDiameterMm', 'Wheel diameter', between(5, 2000)),
	mm('boreDiameterMm', 'Wheel bore', from0(2000))
] as const;

/** Unbalance from the time of a swing on level edges or discs: one stopwatch gives the amount, the marks the direction. */
export const fromPeriod = defineCalculation({
	id: 'balance.from-period',
	worse: { timeS: 'down', timeErrorS: 'up' },
	title: 'Unbalance from the swing',
	about:
		'Time one full swing, there and back. A heavy wheel swings fast, a nearly balanced one slowly; the marks show where the heavy side is.',
	source:
		'Lagrange equation of a disc rolling without slip; exact pendulum period (arithmetic-geometric mean).',
	formulas: [
		'T0 = T agm(1, cos(amplitude/2))',
		'edges: U = (J + m rho^2)/(g T0^2/(4 pi^2) + 2 rho)',
		'discs: U = (J + Jd (rho/rd)^2) 4 pi^2/(g T0^2)',
		'heavy side = (b1 + 2 b2 + b3)/4',
		'uncertain by 2 U dt/t'
	],
	fields: [
		{ ...kg('massKg', 'Everything that rolls'), required: true },
		kgM2('inertiaKgM2', "About the axis; or else the wheel's sizes", over0(5000)),
		...WHEEL_SIZES,
		kgM2('extraInertiaKgM2', 'Flanges and arbor', { ...from0(5000), default: 0 }),
		standType,
		...DISCS,
		journal,
		seconds('timeS', 'Time of all swings', {
			...over0(3600),
			required: true,
			label: 'Full swing, there and back'
		}),
		whole('swings', 'Full swings timed', { ...between(1, 100), default: 1 }),
		seconds('timeErrorS', 'How well the stopwatch was pressed', {
			...from0(60),
			default: 0.2,
			advanced: true
		}),
		list(
			'turningAnglesDeg',
			'Face angles at the bottom at three turning points in a row',
			{ ...angle('mark', 'Face angle'), required: true },
			{ minItems: 3, maxItems: 3, label: 'Turning marks' }
		),
		deg('amplitude1Deg', 'First swing to one side', over0(175)),
		deg('amplitude2Deg', 'Last swing to that side', over0(175)),
		choice('dampingKind', 'Rolling friction, or thick', ['coulomb', 'viscous'], {
			default: 'coulomb',
			advanced: true
		}),
		{ ...angle('restAngleDeg', 'Face angle that ended at the bottom'), label: 'Rested heavy side down at' }
	],
	outputs: [
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance', main: true },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Light side' },
		{ name: 'uncertaintyGmm', unit: 'gmm', about: 'Uncertain by' },
		{ name: 'eccentricityUm', unit: 'um', about: 'Centre of mass off by' },
		{ name: 'frictionGmm', unit: 'gmm', about: 'Hidden by friction' },
		{ name: 'deadBandDeg', unit: 'deg', about: 'May rest this far off' },
		{ name: 'amplitudeDeg', unit: 'deg', about: 'Amplitude' },
		{ name: 'smallPeriodS', unit: 's', about: 'Small-swing period' },
		{ name: 'effectiveInertiaKgM2', unit: 'kgm2', about: 'Inertia with rolling' },
		{ name: 'dampingRatio', about: 'Damping ratio' }
	],
	example: {
		massKg: 8.2,
		inertiaKgM2: 0.078,
		arborRadiusMm: 14,
		timeS: 19.4,
		turningAnglesDeg: [96, 172, 104]
	},
	compute(values) {
		const inertia = inertiaOf(values);
		if (values.standType === 'discs') needed(values, DISCS, DISCS_WHY);
		const swing = readSwing(values);
		const rho = values.arborRadiusMm / 1000;
		let T0 = (values.timeS / values.swings) * agm(1, Math.cos((swing.amplitudeDeg / 2) * DEG));
		let dampingRatio = 0;
		if (values.dampingKind === 'viscous' && swing.ratio < 1) {
			const delta = -Math.log(swing.ratio);
			dampingRatio = delta / Math.sqrt(4 * Math.PI ** 2 + delta ** 2);
			T0 *= Math.sqrt(1 - dampingRatio ** 2);
		}
		const edges = values.standType === 'edges';
		const effectiveInertiaKgM2 = edges
			? inertia + values.massKg * rho ** 2
			: inertia + values.discInertiaKgM2! * (values.arborRadiusMm / values.discRadiusMm!) ** 2;
		const stiffness = (G0 * T0 ** 2) / (4 * Math.PI ** 2);
		const unbalanceGmm =
			1e6 * (edges ? effectiveInertiaKgM2 / (stiffness + 2 * rho) : effectiveInertiaKgM2 / stiffness);
		const deadBandDeg = values.dampingKind === 'coulomb' ? swing.lossDeg / 4 : 0;
		const uncertaintyGmm = (2 * unbalanceGmm * values.timeErrorS) / values.timeS;
		const findings = new Findings()
			.caution(
				'swing-too-large',
				swing.amplitudeDeg > 60,
				'Swings wider than 60 degrees time badly. Wait until it swings less.'
			)
			.caution(
				'timing-coarse',
				uncertaintyGmm > 0.1 * unbalanceGmm,
				'The stopwatch is too coarse for this swing. Time several swings together.'
			)
			.caution(
				'damping-heavy',
				swing.ratio < 0.3,
				'The swing dies quickly: clean the stand and the journals.'
			);
		return {
			unbalanceGmm,
			eccentricityUm: unbalanceGmm / values.massKg,
			heavyAngleDeg: swing.heavyAngleDeg,
			lightAngleDeg: swing.heavyAngleDeg === null ? null : fold360(swing.heavyAngleDeg + 180),
			effectiveInertiaKgM2,
			amplitudeDeg: swing.amplitudeDeg,
			smallPeriodS: T0,
			dampingRatio,
			deadBandDeg,
			frictionGmm: unbalanceGmm * Math.sin(deadBandDeg * DEG),
			uncertaintyGmm,
			...findings.judged()
		};
	}
});

/**
 * Inertia of a wheel taken as a ring, with its flanges and arbor, in kg m2.
 * @example wheelInertia(4, 300, 76.2, 0.01) // 0.05790322
 */
export const wheelInertia = (massKg: number, diameterMm: number, boreMm: number, extraKgM2: number): number =>
	(massKg * ((diameterMm / 2000) ** 2 + (boreMm / 2000) ** 2)) / 2 + extraKgM2;

function inertiaOf(values: {
	massKg: number;
	inertiaKgM2: number | null;
	wheelMassKg: number | null;
	wheelDiameterMm: number | null;
	boreDiameterMm: number | null;
	extraInertiaKgM2: number;
}): number {
	if (values.wheelMassKg !== null && values.wheelMassKg > values.massKg)
		throw new InputFault(
			'wheelMassKg',
			'above-maximum',
			`The wheel, ${values.wheelMassKg} kg, cannot weigh more than everything that rolls, ${values.massKg} kg.`
		);
	if (
		values.boreDiameterMm !== null &&
		values.wheelDiameterMm !== null &&
		values.boreDiameterMm >= values.wheelDiameterMm
	)
		throw new InputFault(
			'boreDiameterMm',
			'above-maximum',
			`Bore ${values.boreDiameterMm} mm is not smaller than the diameter ${values.wheelDiameterMm} mm.`
		);
	if (values.inertiaKgM2 !== null) return values.inertiaKgM2;
	needed(values, WHEEL_SIZES, "Enter the inertia, or the wheel's mass, diameter and bore.");
	return wheelInertia(
		values.wheelMassKg!,
		values.wheelDiameterMm!,
		values.boreDiameterMm!,
		values.extraInertiaKgM2
	);
}
