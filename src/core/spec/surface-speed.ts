import { choice, from0, inUnit, mps, over0, rpm, sfpm, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { limitRpm, overLimit, shownLimit } from './limit-rpm.js';
import { mpsOf, rpmForSpeed, sfpmOf, surfaceSpeedMps } from './speed.js';

const positive = <const N extends string>(name: N, unit: 'm/s' | 'rpm' | 'mm', max: number, about: string) =>
	inUnit(unit)(name, about, over0(max));

/** Ties rpm, surface speed and diameter together and holds them against wheel and machine limits. */
export const surfaceSpeed = defineCalculation({
	id: 'spec.surface-speed',
	worse: {
		diameterMm: 'down',
		speedRpm: 'none',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		machineMaxRpm: 'down',
		newDiameterMm: 'up',
		targetSpeedMps: 'up'
	},
	title: 'Surface speed',
	about: "rpm, m/s and ft/min at today's diameter, against the wheel's and the machine's limits.",
	source: 'Circular motion (first principles); both printed limits respected at every diameter.',
	formulas: [
		'v = pi D n / 60000',
		'surface ft/min = v x 60 / 0.3048',
		'limit = least of rated rpm and rated v x 60000/(pi D when new)',
		'max rpm = least of limit and machine rpm',
		'margin = 100 (1 - v / rated)'
	],
	fields: [
		{ ...positive('diameterMm', 'mm', 3000, 'Diameter today'), required: true },
		rpm('speedRpm', 'Spindle speed; give one of the three', from0(500000)),
		mps('speedMps', 'Rim speed; give one of the three', { ...from0(500), label: 'Surface speed' }),
		sfpm('speedSfpm', 'Rim speed; give one of the three', { ...from0(100000), label: 'Surface feet' }),
		positive('ratedSpeedMps', 'm/s', 500, 'Speed marked on the wheel'),
		positive('ratedSpeedRpm', 'rpm', 500000, 'rpm marked on the wheel'),
		positive('machineMaxRpm', 'rpm', 500000, 'Top speed of the spindle'),
		positive('newDiameterMm', 'mm', 3000, 'Diameter when new'),
		positive('targetSpeedMps', 'm/s', 500, 'Speed wanted at the rim'),
		yesNo(
			'aboveMarkedRpm',
			"The maker's word for this wheel is recorded: its m/s counts at today's diameter",
			{
				default: false,
				advanced: true,
				label: 'May turn above the marked rpm'
			}
		),
		choice('purpose', 'Run a wheel, or only convert figures', ['run', 'convert'], { default: 'run' })
	],
	outputs: [
		{ name: 'speedMps', unit: 'm/s', about: 'Surface speed', main: true },
		{ name: 'speedSfpm', unit: 'sfpm', about: 'Surface feet per minute' },
		{ name: 'speedRpm', unit: 'rpm', about: 'Spindle speed' },
		{ name: 'maxAllowedRpm', unit: 'rpm', about: 'Highest speed all limits allow' },
		{ name: 'targetRpm', unit: 'rpm', about: 'Holds the wanted speed at this diameter' },
		{ name: 'speedWhenNewMps', unit: 'm/s', about: 'Speed when the wheel was new' },
		{ name: 'speedLostPercent', unit: '%', about: 'Lost to wear' },
		{ name: 'marginPercent', unit: '%', about: 'Spare below the marked speed' }
	],
	example: { diameterMm: 198, newDiameterMm: 205, speedRpm: 2850, ratedSpeedMps: 32, targetSpeedMps: 30 },
	compute(values) {
		const given = (['speedRpm', 'speedMps', 'speedSfpm'] as const).filter((name) => values[name] !== null);
		if (given.length === 0)
			throw new InputFault(
				'speedRpm',
				'missing',
				'Speed is missing. Enter rpm, m/s or surface feet per minute.'
			);
		if (given.length > 1)
			throw new InputFault(
				given[1]!,
				'inconsistent',
				'Two speeds were given. Enter only one; the others follow.'
			);
		if (values.newDiameterMm !== null && values.newDiameterMm < values.diameterMm)
			throw new InputFault(
				'newDiameterMm',
				'inconsistent',
				`New diameter ${values.newDiameterMm} mm is smaller than the diameter today, ${values.diameterMm} mm. A wheel does not grow.`
			);
		const diameterMm = values.diameterMm;
		const speedMps =
			values.speedMps ??
			(values.speedSfpm !== null ? mpsOf(values.speedSfpm) : surfaceSpeedMps(diameterMm, values.speedRpm!));
		const speedRpm = values.speedRpm ?? rpmForSpeed(speedMps, diameterMm);
		const limit = limitRpm(
			{
				ratedMps: values.ratedSpeedMps,
				ratedRpm: values.ratedSpeedRpm,
				newDiameterMm: values.newDiameterMm ?? diameterMm
			},
			values.aboveMarkedRpm ? diameterMm : null
		);
		const maxAllowedRpm = limit === null ? null : Math.min(limit, values.machineMaxRpm ?? Infinity);
		const over = overLimit(speedRpm, limit);
		const rimOver = values.ratedSpeedMps !== null && speedMps > values.ratedSpeedMps * (1 + 1e-9);
		const targetRpm = values.targetSpeedMps === null ? null : rpmForSpeed(values.targetSpeedMps, diameterMm);
		const findings = new Findings()
			.stop(
				'over-rated-speed',
				over && rimOver,
				`${speedMps.toFixed(1)} m/s is above the ${values.ratedSpeedMps} m/s marked on the wheel. Do not run it.`
			)
			.stop(
				'over-rated-rpm',
				over && !rimOver,
				`${speedRpm.toFixed(1)} rpm is above the ${shownLimit(limit ?? 0)} rpm this wheel allows at any diameter. Do not run it.`
			)
			.stop(
				'rating-unknown',
				limit === null && values.purpose === 'run',
				'This wheel has no readable speed. Set it aside.'
			)
			.caution(
				'above-machine-rpm',
				overLimit(speedRpm, values.machineMaxRpm),
				`The spindle reaches only ${values.machineMaxRpm} rpm.`
			)
			.caution(
				'target-speed-unreachable',
				targetRpm !== null && overLimit(targetRpm, maxAllowedRpm),
				'The speed wanted cannot be held within the limits at this diameter.'
			)
			.caution(
				'below-target-speed',
				values.targetSpeedMps !== null && speedMps < 0.8 * values.targetSpeedMps * (1 - 1e-9),
				'The rim is more than a fifth slower than wanted: the wheel will act softer.'
			);
		return {
			speedMps,
			speedSfpm: values.speedSfpm ?? sfpmOf(speedMps),
			speedRpm,
			maxAllowedRpm,
			targetRpm,
			speedWhenNewMps: values.newDiameterMm === null ? null : surfaceSpeedMps(values.newDiameterMm, speedRpm),
			speedLostPercent: values.newDiameterMm === null ? null : 100 * (1 - diameterMm / values.newDiameterMm),
			marginPercent: values.ratedSpeedMps === null ? null : 100 * (1 - speedMps / values.ratedSpeedMps),
			...findings.judged()
		};
	}
});
