import { from0, mm, mps, over0, percent, rpm, sfpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { mpsOf, rpmForSpeed, sfpmOf, surfaceSpeedMps } from './speed.js';

/** What the stated speed comes out as, against the true one, when one of the usual slips was made. */
const SLIPS: readonly (readonly [string, number])[] = [
	['radius-for-diameter', 0.5],
	['diameter-doubled', 2],
	['pi-left-out', 1 / Math.PI],
	['per-minute-read-as-per-second', 60],
	['per-second-read-as-per-minute', 1 / 60],
	['feet-read-as-metres', 1 / 0.3048],
	['metres-read-as-feet', 0.3048],
	['metres-per-second-read-as-feet-per-minute', 0.3048 / 60],
	['feet-per-minute-read-as-metres-per-second', 60 / 0.3048],
	['inches-read-as-feet', 12],
	['divided-by-twelve-twice', 1 / 12],
	['millimetre-diameter-read-as-inches', 25.4],
	['inch-diameter-read-as-millimetres', 1 / 25.4]
];
const WITHIN = 0.03;

/** The slip whose ratio lies nearest, when it lies near enough. */
function likelySlip(ratio: number): string | null {
	if (ratio <= 0) return null;
	const [name, listed] = [...SLIPS].sort(
		(a, b) => Math.abs(Math.log(ratio / a[1])) - Math.abs(Math.log(ratio / b[1]))
	)[0]!;
	return Math.abs(ratio / listed - 1) <= WITHIN * (1 + 1e-9) ? name : null;
}

/** Can what somebody quotes be true? */
export const speedStatement = defineCalculation({
	id: 'spec.speed-statement',
	worse: {
		diameterMm: 'none',
		statedRpm: 'none',
		statedSpeedMps: 'none',
		tolerancePercent: 'down',
		ratedSpeedMps: 'down'
	},
	title: 'Check a quoted speed',
	about:
		'Diameter, rpm and surface speed quoted together: do they agree, by how much not, and which slip would explain it.',
	source: 'v = pi D n/60000 (first principles); list of common slips.',
	formulas: [
		'computed = pi D n/60000',
		'mismatch % = 100 (stated/computed - 1)',
		'implied rpm = stated 60000/(pi D)',
		'implied diameter = stated 60000/(pi n)'
	],
	fields: [
		mm('diameterMm', 'As quoted', { ...over0(3000), required: true }),
		rpm('statedRpm', 'As quoted', { ...over0(500000), required: true, label: 'Quoted rpm' }),
		mps('statedSpeedMps', 'One of the two', { ...over0(5000), label: 'Quoted m/s' }),
		sfpm('statedSpeedSfpm', 'One of the two', { ...over0(1000000), label: 'Quoted ft/min' }),
		percent('tolerancePercent', 'Agrees within', { ...from0(50), default: 3, advanced: true }),
		mps('ratedSpeedMps', 'On the wheel', { ...over0(500), label: 'Marked speed' })
	],
	outputs: [
		{ name: 'computedSpeedMps', unit: 'm/s', about: 'What the rpm gives', main: true },
		{ name: 'computedSpeedSfpm', unit: 'sfpm', about: 'In feet per minute' },
		{ name: 'statedSpeedMps', unit: 'm/s', about: 'As quoted' },
		{ name: 'mismatchPercent', unit: '%', about: 'Off by' },
		{ name: 'impliedRpm', unit: 'rpm', about: 'Rpm that would make it true' },
		{ name: 'impliedDiameterMm', unit: 'mm', about: 'Diameter that would make it true' },
		{ name: 'likelySlip', about: 'Likely slip' }
	],
	example: { diameterMm: 90, statedRpm: 5600, statedSpeedMps: 13.1 },
	compute(values) {
		if (values.statedSpeedMps === null && values.statedSpeedSfpm === null)
			throw new InputFault(
				'statedSpeedMps',
				'missing',
				'Quoted speed is missing. Enter it in m/s or in ft/min.'
			);
		if (values.statedSpeedMps !== null && values.statedSpeedSfpm !== null)
			throw new InputFault(
				'statedSpeedSfpm',
				'inconsistent',
				'Two speeds were given. Enter only the one that was quoted.'
			);
		const statedSpeedMps = values.statedSpeedMps ?? mpsOf(values.statedSpeedSfpm!);
		const computedSpeedMps = surfaceSpeedMps(values.diameterMm, values.statedRpm);
		const mismatchPercent = 100 * (statedSpeedMps / computedSpeedMps - 1);
		const off = Math.abs(mismatchPercent) > values.tolerancePercent * (1 + 1e-9) + 1e-12;
		const slip = off ? likelySlip(statedSpeedMps / computedSpeedMps) : null;
		const above = (speed: number) =>
			values.ratedSpeedMps !== null && speed > values.ratedSpeedMps * (1 + 1e-9);
		const findings = new Findings()
			.caution(
				'speed-statement-mismatch',
				off,
				`At ${values.diameterMm} mm and ${values.statedRpm} rpm the rim runs ${computedSpeedMps.toFixed(2)} m/s, not ${statedSpeedMps.toFixed(2)} m/s.`
			)
			.stop(
				'over-rated-speed',
				above(computedSpeedMps),
				`${computedSpeedMps.toFixed(1)} m/s is above the ${values.ratedSpeedMps} m/s marked on the wheel. Do not run it.`
			)
			.stop(
				'stated-speed-over-rating',
				above(statedSpeedMps) && slip === null,
				`The quoted speed is above the ${values.ratedSpeedMps} m/s marked on the wheel. Find out which figure is true before it runs.`
			);
		return {
			computedSpeedMps,
			computedSpeedSfpm: sfpmOf(computedSpeedMps),
			statedSpeedMps,
			mismatchPercent,
			impliedRpm: rpmForSpeed(statedSpeedMps, values.diameterMm),
			impliedDiameterMm: (statedSpeedMps * 60000) / (Math.PI * values.statedRpm),
			likelySlip: slip,
			...findings.judged()
		};
	}
});
