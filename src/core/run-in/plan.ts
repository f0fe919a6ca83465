import {
	between,
	choice,
	from0,
	group,
	inUnit,
	kg,
	list,
	mm,
	newtonMetres,
	number,
	over0,
	seconds,
	text,
	whole,
	yesNo,
	FREE_RUN_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

/** No shop runs a wheel for the first time for less. */
const FIRST_RUN_S = 60;

const positive = <const N extends string>(
	name: N,
	unit: 'rpm' | 'mm' | 'kg' | 'Nm',
	max: number,
	about: string
) => inUnit(unit)(name, about, { ...over0(max), required: true });

/** Guarded first start: nudge the motor on and off, then run empty and listen. */
export const runInPlan = defineCalculation({
	id: 'run-in.plan',
	worse: { runRpm: 'up', ratedRpm: 'down' },
	title: 'First start',
	about: 'How to bring the wheel up in short nudges, how long it runs empty, how long it spins dry.',
	source: 'Rigid-body start-up (first principles); times and factors are guidelines.',
	formulas: [
		'I = m (R^2 + r^2)/2',
		'power on = I (rpm/count)(2 pi/60)/(motor - drag)',
		'coast down = I omega/drag'
	],
	fields: [
		positive('runRpm', 'rpm', 500000, 'Speed it will run at'),
		positive('ratedRpm', 'rpm', 500000, 'Limit of the wheel'),
		positive('diameterMm', 'mm', 3000, 'Diameter'),
		mm('boreMm', 'Bore', { ...from0(3000), required: true }),
		positive('massKg', 'kg', 5000, 'Wheel mass'),
		positive('motorTorqueNm', 'Nm', 100000, 'Motor torque while starting'),
		newtonMetres('dragTorqueNm', 'Drag; a tenth of the motor when left empty', from0(100000)),
		yesNo('firstRun', 'Of this wheel on this mount', { required: true, label: 'First run' }),
		yesNo('guardClosed', 'And latched', { required: true, label: 'Guard closed' }),
		yesNo('peopleClear', 'With the rim, in front or behind', { required: true, label: 'Nobody in line' }),
		yesNo('coolantUsed', 'Ground wet', { default: false }),
		list(
			'prerequisites',
			'What had to be shown before',
			group(
				'prerequisite',
				'One of them',
				[
					text('id', 'Which', { required: true }),
					choice('verdict', 'Its state', ['ok', 'caution', 'stop', 'missing'], { required: true })
				],
				{ required: true }
			),
			{
				default: [] as { id: string; verdict: 'ok' | 'caution' | 'stop' | 'missing' }[],
				maxItems: 40,
				advanced: true
			}
		),
		seconds('freeRunS', 'Shortest free run (guideline)', {
			...FREE_RUN_END,
			guideline: true,
			label: 'Free run, shortest',
			default: 60,
			advanced: true
		}),
		mm('largeDiameterMm', 'Large from here (guideline)', {
			...over0(3000),
			guideline: true,
			label: 'Large from',
			default: 400,
			advanced: true
		}),
		kg('largeMassKg', 'Heavy from here (guideline)', {
			...over0(5000),
			guideline: true,
			label: 'Heavy from',
			default: 20,
			advanced: true
		}),
		number('largeFactor', 'Longer for large wheels', {
			...between(1, 20),
			guideline: true,
			label: 'Longer when large, times',
			default: 3,
			advanced: true
		}),
		number('firstRunFactor', 'Longer for a first run', {
			...between(1, 20),
			guideline: true,
			label: 'Longer for a first run, times',
			default: 2,
			advanced: true
		}),
		seconds('spinDryS', 'Spin on after the coolant is off', {
			...from0(36000),
			guideline: true,
			label: 'Spin dry for',
			default: 120,
			advanced: true
		}),
		whole('jogCount', 'Nudges', { ...between(2, 20), guideline: true, label: 'Nudges', default: 4 })
	],
	outputs: [
		{ name: 'freeRunS', unit: 's', about: 'Run empty', main: true },
		{ name: 'powerOnTotalS', unit: 's', about: 'Motor on in all' },
		{
			name: 'coastDownS',
			unit: 's',
			about: 'The wheel alone; with mount and rotor longer. Wait until it stands'
		},
		{ name: 'spinDryS', unit: 's', about: 'Spin dry' },
		{ name: 'inertiaKgM2', unit: 'kgm2', about: 'Inertia' },
		{ name: 'large', about: 'Counts as large' },
		{ name: 'steps', about: 'Order' },
		{ name: 'jogs', about: 'Nudges' }
	],
	example: {
		runRpm: 1450,
		ratedRpm: 1600,
		diameterMm: 406,
		boreMm: 127,
		massKg: 13,
		motorTorqueNm: 20,
		dragTorqueNm: 2,
		firstRun: true,
		guardClosed: true,
		peopleClear: true,
		coolantUsed: true
	},
	compute(values) {
		if (values.boreMm >= values.diameterMm)
			throw new InputFault(
				'boreMm',
				'above-maximum',
				`Bore ${values.boreMm} mm is not smaller than the diameter ${values.diameterMm} mm.`
			);
		const drag = values.dragTorqueNm ?? 0.1 * values.motorTorqueNm;
		if (drag >= values.motorTorqueNm)
			throw new InputFault(
				'dragTorqueNm',
				'above-maximum',
				`Drag ${drag} Nm is not below the motor's ${values.motorTorqueNm} Nm: it would never start.`
			);
		const large = values.diameterMm >= values.largeDiameterMm || values.massKg >= values.largeMassKg;
		const longer =
			values.freeRunS *
			Math.max(large ? values.largeFactor : 1, values.firstRun ? values.firstRunFactor : 1, 1);
		const freeRunS = values.firstRun ? Math.max(FIRST_RUN_S, longer) : longer;
		const inertiaKgM2 = (values.massKg * ((values.diameterMm / 2000) ** 2 + (values.boreMm / 2000) ** 2)) / 2;
		const powerOnS =
			(inertiaKgM2 * (values.runRpm / values.jogCount) * ((2 * Math.PI) / 60)) /
			(values.motorTorqueNm - drag);
		const jogs = Array.from({ length: values.jogCount }, (_, i) => ({
			number: i + 1,
			targetRpm: (values.runRpm * (i + 1)) / values.jogCount,
			powerOnS,
			coastS: i + 1 < values.jogCount ? 2 : 0
		}));
		const states = values.prerequisites.map((prerequisite) => prerequisite.verdict);
		const findings = new Findings()
			.stop(
				'overspeed',
				values.runRpm > values.ratedRpm,
				`${values.runRpm} rpm is above the ${values.ratedRpm} rpm this wheel allows.`
			)
			.stop('guard-open', !values.guardClosed, 'Close the guard first.')
			.stop('people-in-plane', !values.peopleClear, 'Nobody may stand in line with the rim. Wait.')
			.stop('prerequisite-stop', states.includes('stop'), 'An earlier check stopped this wheel.')
			.stop('prerequisite-missing', states.includes('missing'), 'An earlier check is missing.')
			.caution('prerequisite-caution', states.includes('caution'), 'An earlier check left a caution.');
		const steps = [
			'close-guard',
			'stand-aside',
			'jog-up',
			'free-run',
			'listen',
			'stop-or-continue',
			...(values.coolantUsed ? ['spin-dry'] : [])
		];
		return {
			steps,
			jogs,
			powerOnTotalS: powerOnS * values.jogCount,
			freeRunS,
			spinDryS: values.coolantUsed ? values.spinDryS : 0,
			inertiaKgM2,
			coastDownS: drag === 0 ? null : (inertiaKgM2 * values.runRpm * ((2 * Math.PI) / 60)) / drag,
			large,
			...findings.judged()
		};
	}
});
