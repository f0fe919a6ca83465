import {
	between,
	deg,
	from0,
	kgM2,
	mm,
	over0,
	seconds,
	degPerS,
	mmPerM,
	viscousDrag
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { gauss, mulberry32 } from '../numeric/random.js';
import { DISCS, DISCS_WHY, angle, gmm, journal, kg, seed, standType } from './shared-fields.js';
import { Roll, type StandModel, bottomOf, phiOf } from './stand-physics.js';

const TURNINGS_TOLD = 200;
/** A wheel let go on its stand: the stand-in of the real one. */
export const simulateStand = defineCalculation({
	id: 'balance.simulate-stand',
	worse: {
		massKg: 'down',
		inertiaKgM2: 'up',
		unbalanceGmm: 'up',
		rollingArmMm: 'down',
		viscousNmS: 'up',
		slopeMmPerM: 'none',
		startSpeedDegPerS: 'none',
		maxTimeS: 'down',
		railHalfLengthMm: 'down'
	},
	title: 'Simulated stand',
	about:
		'A wheel with a known unbalance is let go and rolls, swings and rests as a real one does; readings as a person would take them come from the seed.',
	source:
		'Lagrange equation of a disc rolling without slip, Coulomb and viscous friction; classical Runge-Kutta.',
	formulas: [
		"(J0 - 2 U rho cos phi) phi'' = -U g sin phi - m g rho slope - s Mf - c phi' - U rho sin phi phi'^2",
		'Mf = m g arm'
	],
	fields: [
		{ ...kg('massKg', 'Everything that rolls'), required: true },
		kgM2('inertiaKgM2', 'About the axis', { ...over0(5000), required: true }),
		{ ...gmm('unbalanceGmm', 'Hidden in the wheel'), required: true },
		{ ...angle('heavyAngleDeg', 'Hidden in the wheel'), required: true },
		standType,
		...DISCS,
		journal,
		mm('rollingArmMm', 'Rolling friction; hard clean edges (guideline)', { ...from0(1), default: 0.004 }),
		viscousDrag('viscousNmS', 'Grows with speed', {
			...from0(1e6),
			default: 0,
			advanced: true,
			label: 'Viscous friction'
		}),
		mmPerM('slopeMmPerM', '+ when the rails rise to the right', {
			...between(-200, 200),
			default: 0,
			label: 'Slope'
		}),
		{ ...angle('startBottomAngleDeg', 'Let go with this at the bottom'), required: true, label: 'Let go at' },
		degPerS('startSpeedDegPerS', '+ when the bottom angle grows', {
			...between(-720, 720),
			default: 0,
			advanced: true,
			label: 'Pushed'
		}),
		seconds('stepS', 'Of the integration', { ...between(0.0005, 0.1), default: 0.02, advanced: true }),
		seconds('maxTimeS', 'Given up after', { ...between(1, 3600), default: 600, advanced: true }),
		mm('railHalfLengthMm', 'From the middle', over0(1e5)),
		seed,
		deg('readNoiseDeg', 'Of a chalk mark', { ...from0(180), default: 0 }),
		seconds('timeNoiseS', 'Of the stopwatch', { ...from0(60), default: 0 })
	],
	work: {
		field: 'stepS',
		says: 'Time and step: take a longer step or a shorter time.',
		steps: (values) => values.maxTimeS / values.stepS,
		most: 2e6
	},
	outputs: [
		{ name: 'readRestAngleDeg', unit: 'deg', about: 'Read at rest', main: true },
		{ name: 'readPeriodS', unit: 's', about: 'Timed swing' },
		{ name: 'restAngleDeg', unit: 'deg', about: 'Rests at' },
		{ name: 'periodS', unit: 's', about: 'Swing' },
		{ name: 'timeS', unit: 's', about: 'Took' },
		{ name: 'settled', about: 'Came to rest' },
		{ name: 'turningCount', about: 'Turning points' },
		{ name: 'turnings', about: 'Turning points' },
		{ name: 'travelMm', unit: 'mm', about: 'Rolled' },
		{ name: 'frictionGmm', unit: 'gmm', about: 'Friction hides' },
		{ name: 'deadBandDeg', unit: 'deg', about: 'May rest this far off' }
	],
	example: {
		massKg: 7.5,
		inertiaKgM2: 0.066,
		unbalanceGmm: 420,
		heavyAngleDeg: 250,
		arborRadiusMm: 12,
		startBottomAngleDeg: 210,
		seed: 11,
		readNoiseDeg: 2,
		timeNoiseS: 0.2
	},
	compute(values) {
		const discs = values.standType === 'discs';
		if (discs) needed(values, DISCS, DISCS_WHY);
		const model: StandModel = {
			massKg: values.massKg,
			inertiaKgM2: values.inertiaKgM2,
			unbalanceKgM: values.unbalanceGmm / 1e6,
			rhoM: values.arborRadiusMm / 1000,
			rollingArmM: values.rollingArmMm / 1000,
			viscousNmS: values.viscousNmS,
			slope: values.slopeMmPerM / 1000,
			discInertiaKgM2: discs
				? values.discInertiaKgM2! * (values.arborRadiusMm / values.discRadiusMm!) ** 2
				: null
		};
		if (!Roll.possible(model))
			throw new InputFault(
				'unbalanceGmm',
				'above-maximum',
				`${values.unbalanceGmm} g mm is more than a wheel of this inertia can have. Check mass, inertia and unbalance.`
			);
		const roll = new Roll(
			model,
			phiOf(values.heavyAngleDeg, values.startBottomAngleDeg),
			-values.startSpeedDegPerS * DEG
		).run(values.stepS, values.maxTimeS);
		const [first, , third] = roll.turnings;
		const periodS = first && third ? third.timeS - first.timeS : null;
		const restAngleDeg = bottomOf(values.heavyAngleDeg, roll.phi);
		const travelMm = discs ? 0 : values.arborRadiusMm * roll.excursion;
		const frictionGmm = 1000 * values.massKg * values.rollingArmMm;
		const rng = mulberry32(values.seed);
		const [g1, g2] = [gauss(rng), gauss(rng)];
		const findings = new Findings()
			.stop(
				'runs-off-rails',
				values.railHalfLengthMm !== null && travelMm > values.railHalfLengthMm,
				`It rolls ${travelMm.toFixed(0)} mm, further than the rails reach. Let it go nearer to its heavy side, or level the stand.`
			)
			.caution('not-settled', !roll.settled, 'It had not come to rest when the time was up.');
		return {
			settled: roll.settled,
			restAngleDeg,
			timeS: roll.t,
			turningCount: roll.turnings.length,
			turnings: roll.turnings.slice(0, TURNINGS_TOLD).map((turning) => ({
				timeS: turning.timeS,
				bottomAngleDeg: bottomOf(values.heavyAngleDeg, turning.phi)
			})),
			periodS,
			travelMm,
			frictionGmm,
			deadBandDeg:
				values.unbalanceGmm <= frictionGmm ? 180 : Math.asin(frictionGmm / values.unbalanceGmm) / DEG,
			readRestAngleDeg: restAngleDeg + values.readNoiseDeg * g1,
			readPeriodS: periodS === null ? null : periodS + values.timeNoiseS * g2,
			...findings.judged()
		};
	}
});
