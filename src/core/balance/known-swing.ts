import {
	between,
	deg,
	from0,
	grams,
	kg as kgField,
	mm,
	over0,
	seconds,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { agm } from './swing.js';

const G0 = 9.80665;

/** How a mount turns, found on the stand itself: its rolling radius from the way it rolls, its inertia from one swing with a known mass. */
export const knownSwing = defineCalculation({
	id: 'balance.known-swing',
	worse: {
		massKg: 'up',
		knownMassG: 'down',
		knownRadiusMm: 'none',
		arborRadiusMm: 'up',
		timeS: 'down',
		swings: 'up',
		amplitudeDeg: 'up',
		timeErrorS: 'up'
	},
	title: 'Inertia from one swing',
	about:
		'Balance the mount on level edges, fix one known mass, let it swing and take the time. What it weighs and how slowly it swings tell its inertia; how far it rolls in a turn tells its rolling radius.',
	source:
		'Lagrange equation of a disc rolling without slip; exact pendulum period (arithmetic-geometric mean), solved for the inertia.',
	formulas: [
		'rolling radius = way/(2 pi turns)',
		'T0 = T agm(1, cos(amplitude/2))',
		'J + M rho^2 = m r (g T0^2/(4 pi^2) + 2 rho), M with the known mass',
		'mount = J - m r^2'
	],
	fields: [
		kgField('massKg', 'Mount and balancing arbor, without the known mass', {
			...over0(5000),
			required: true,
			label: 'Weighs'
		}),
		grams('knownMassG', 'Weighed, fixed to it', { ...over0(1e5), required: true, label: 'Known mass' }),
		mm('knownRadiusMm', 'From the axis to its middle', {
			...over0(1000),
			required: true,
			label: 'At radius'
		}),
		mm('arborRadiusMm', 'Half the arbor where it rolls, by the calliper', {
			...over0(500),
			label: 'Arbor radius'
		}),
		mm('rolledMm', 'Instead: along the edges, over whole turns', {
			...over0(20000),
			label: 'Rolled'
		}),
		whole('turns', 'Whole turns it rolled', { ...between(1, 100), default: 1 }),
		seconds('timeS', 'Time of all swings', {
			...over0(3600),
			required: true,
			label: 'Full swing, there and back'
		}),
		whole('swings', 'Full swings timed', { ...between(1, 100), default: 1 }),
		deg('amplitudeDeg', 'To one side, about the middle of the timing', { ...from0(170), default: 0 }),
		seconds('timeErrorS', 'How well the stopwatch was pressed', {
			...from0(60),
			default: 0.2,
			advanced: true
		})
	],
	outputs: [
		{ name: 'inertiaKgM2', unit: 'kgm2', about: 'Inertia of the mount', main: true },
		{ name: 'uncertaintyKgM2', unit: 'kgm2', about: 'Uncertain by' },
		{ name: 'rollingRadiusMm', unit: 'mm', about: 'Rolling radius' },
		{ name: 'smallPeriodS', unit: 's', about: 'Small-swing period' }
	],
	example: {
		massKg: 4.2,
		knownMassG: 100,
		knownRadiusMm: 90,
		arborRadiusMm: 14,
		timeS: 7.9,
		swings: 2,
		amplitudeDeg: 30
	},
	compute(values) {
		const given = [values.arborRadiusMm, values.rolledMm].filter((x) => x !== null).length;
		if (given === 0)
			throw new InputFault(
				'arborRadiusMm',
				'missing',
				'Arbor radius is missing. Measure it, or say how far it rolled in whole turns.'
			);
		if (given === 2)
			throw new InputFault(
				'rolledMm',
				'give-one-of',
				'Arbor radius and way were both given. Enter one; the other follows.'
			);
		const rollingRadiusMm = values.arborRadiusMm ?? values.rolledMm! / (2 * Math.PI * values.turns);
		const rho = rollingRadiusMm / 1000;
		const known = values.knownMassG / 1000;
		const r = values.knownRadiusMm / 1000;
		const smallPeriodS = (values.timeS / values.swings) * agm(1, Math.cos((values.amplitudeDeg / 2) * DEG));
		const stiffness = (G0 * smallPeriodS ** 2) / (4 * Math.PI ** 2);
		const inertiaKgM2 =
			known * r * (stiffness + 2 * rho) - (values.massKg + known) * rho ** 2 - known * r ** 2;
		if (inertiaKgM2 <= 0)
			throw new InputFault(
				'timeS',
				'inconsistent',
				`A full swing of ${Number((values.timeS / values.swings).toFixed(2))} s is too quick for this mass at this radius: nothing is left for the mount. Time it again.`
			);
		const uncertaintyKgM2 = (2 * known * r * stiffness * values.timeErrorS) / values.timeS;
		const findings = new Findings()
			.caution(
				'swing-too-large',
				values.amplitudeDeg > 60,
				'Swings wider than 60 degrees time badly. Wait until it swings less.'
			)
			.caution(
				'timing-coarse',
				uncertaintyKgM2 > 0.1 * inertiaKgM2,
				'The stopwatch is too coarse for this swing. Time several swings together, or take a smaller mass.'
			);
		return { inertiaKgM2, uncertaintyKgM2, rollingRadiusMm, smallPeriodS, ...findings.judged() };
	}
});
