import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const positive = <const N extends string>(name: N, unit: 'rpm' | 'mm' | 'kg' | 'Nm', max: number, about: string) => ({ name, kind: 'number', unit, min: 0, minOpen: true, max, required: true, about }) as const;

/** Guarded first start: nudge the motor on and off, then run empty and listen. */
export const runInPlan = defineCalculation({
	id: 'run-in.plan',
	title: 'First start',
	about: 'How to bring the wheel up in short nudges, how long it runs empty, how long it spins dry.',
	source: 'Rigid-body start-up (first principles); times and factors are guidelines.',
	formulas: ['I = m (R^2 + r^2)/2', 'power on = I (rpm/count)(2 pi/60)/(motor - drag)', 'coast down = I omega/drag'],
	fields: [
		positive('runRpm', 'rpm', 500000, 'Speed it will run at'), positive('ratedRpm', 'rpm', 500000, 'Limit of the wheel'), positive('diameterMm', 'mm', 3000, 'Diameter'),
		{ name: 'boreMm', kind: 'number', unit: 'mm', min: 0, max: 3000, required: true, about: 'Bore' }, positive('massKg', 'kg', 5000, 'Wheel mass'), positive('motorTorqueNm', 'Nm', 100000, 'Motor torque while starting'),
		{ name: 'dragTorqueNm', kind: 'number', unit: 'Nm', min: 0, max: 100000, about: 'Drag; a tenth of the motor when left empty' },
		{ name: 'firstRun', kind: 'boolean', required: true, label: 'First run', about: 'Of this wheel on this mount' }, { name: 'guardClosed', kind: 'boolean', required: true, label: 'Guard closed', about: 'And latched' }, { name: 'peopleClear', kind: 'boolean', required: true, label: 'Nobody in line', about: 'With the rim, in front or behind' },
		{ name: 'coolantUsed', kind: 'boolean', default: false, about: 'Ground wet' },
		{
			name: 'prerequisites', kind: 'list', default: [] as { id: string; verdict: 'ok' | 'caution' | 'stop' | 'missing' }[], maxItems: 40, advanced: true, about: 'What had to be shown before', item: {
				name: 'prerequisite', kind: 'object', required: true, about: 'One of them', fields: [{ name: 'id', kind: 'text', required: true, about: 'Which' }, { name: 'verdict', kind: 'choice', choices: ['ok', 'caution', 'stop', 'missing'], required: true, about: 'Its state' }]
			}
		},
		{ name: 'freeRunS', kind: 'number', guideline: true, label: 'Free run, shortest', unit: 's', min: 1, max: 36000, default: 60, advanced: true, about: 'Shortest free run (guideline)' },
		{ name: 'largeDiameterMm', kind: 'number', guideline: true, label: 'Large from', unit: 'mm', min: 0, minOpen: true, max: 3000, default: 400, advanced: true, about: 'Large from here (guideline)' }, { name: 'largeMassKg', kind: 'number', guideline: true, label: 'Heavy from', unit: 'kg', min: 0, minOpen: true, max: 5000, default: 20, advanced: true, about: 'Heavy from here (guideline)' },
		{ name: 'largeFactor', kind: 'number', guideline: true, label: 'Longer when large, times', min: 1, max: 20, default: 3, advanced: true, about: 'Longer for large wheels' }, { name: 'firstRunFactor', kind: 'number', guideline: true, label: 'Longer for a first run, times', min: 1, max: 20, default: 2, advanced: true, about: 'Longer for a first run' },
		{ name: 'spinDryS', kind: 'number', guideline: true, label: 'Spin dry for', unit: 's', min: 0, max: 36000, default: 120, advanced: true, about: 'Spin on after the coolant is off' }, { name: 'jogCount', kind: 'integer', guideline: true, label: 'Nudges', min: 2, max: 20, default: 4, about: 'Nudges' }
	],
	outputs: [
		{ name: 'freeRunS', unit: 's', about: 'Run empty', main: true }, { name: 'powerOnTotalS', unit: 's', about: 'Motor on in all' }, { name: 'coastDownS', unit: 's', about: 'Coasts to a stop in' }, { name: 'spinDryS', unit: 's', about: 'Spin dry' },
		{ name: 'inertiaKgM2', unit: 'kgm2', about: 'Inertia' }, { name: 'large', about: 'Counts as large' }, { name: 'steps', about: 'Order' }, { name: 'jogs', about: 'Nudges' }
	],
	example: { runRpm: 1450, ratedRpm: 1600, diameterMm: 406, boreMm: 127, massKg: 13, motorTorqueNm: 20, dragTorqueNm: 2, firstRun: true, guardClosed: true, peopleClear: true, coolantUsed: true },
	compute(v) {
		if (v.boreMm >= v.diameterMm) throw new InputFault('boreMm', 'above-maximum', `Bore ${v.boreMm} mm is not smaller than the diameter ${v.diameterMm} mm.`);
		const drag = v.dragTorqueNm ?? 0.1 * v.motorTorqueNm;
		if (drag >= v.motorTorqueNm) throw new InputFault('dragTorqueNm', 'above-maximum', `Drag ${drag} Nm is not below the motor's ${v.motorTorqueNm} Nm: it would never start.`);
		const large = v.diameterMm >= v.largeDiameterMm || v.massKg >= v.largeMassKg;
		const freeRunS = v.freeRunS * Math.max(large ? v.largeFactor : 1, v.firstRun ? v.firstRunFactor : 1, 1);
		const inertiaKgM2 = (v.massKg * ((v.diameterMm / 2000) ** 2 + (v.boreMm / 2000) ** 2)) / 2;
		const powerOnS = (inertiaKgM2 * (v.runRpm / v.jogCount) * ((2 * Math.PI) / 60)) / (v.motorTorqueNm - drag);
		const jogs = Array.from({ length: v.jogCount }, (_, i) => ({ number: i + 1, targetRpm: (v.runRpm * (i + 1)) / v.jogCount, powerOnS, coastS: i + 1 < v.jogCount ? 2 : 0 }));
		const states = v.prerequisites.map((p) => p.verdict);
		const findings = new Findings()
			.stop('overspeed', v.runRpm > v.ratedRpm, `${v.runRpm} rpm is above the ${v.ratedRpm} rpm this wheel allows.`)
			.stop('guard-open', !v.guardClosed, 'Close the guard first.')
			.stop('people-in-plane', !v.peopleClear, 'Nobody may stand in line with the rim. Wait.')
			.stop('prerequisite-stop', states.includes('stop'), 'An earlier check stopped this wheel.')
			.stop('prerequisite-missing', states.includes('missing'), 'An earlier check is missing.')
			.caution('prerequisite-caution', states.includes('caution'), 'An earlier check left a caution.');
		const steps = ['close-guard', 'stand-aside', 'jog-up', 'free-run', 'listen', 'stop-or-continue', ...(v.coolantUsed ? ['spin-dry'] : [])];
		return {
			steps, jogs, powerOnTotalS: powerOnS * v.jogCount, freeRunS, spinDryS: v.coolantUsed ? v.spinDryS : 0, inertiaKgM2,
			coastDownS: drag === 0 ? null : (inertiaKgM2 * v.runRpm * ((2 * Math.PI) / 60)) / drag, large, ...findings.judged()
		};
	}
});
