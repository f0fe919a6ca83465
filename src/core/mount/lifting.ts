import { choice, deg, from0, kg, mm, over0, kgPerM3 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const GRIP = { good: 1, fair: 0.95, poor: 0.9 } as const;
const PAIR = 1.5;
const HEAVY = 0.8;

/** Whether a wheel may be lifted by hand, by two, or only by a hoist. */
export const mountLifting = defineCalculation({
	id: 'mount.lifting',
	worse: {
		massKg: 'up',
		diameterMm: 'up',
		boreMm: 'down',
		thicknessMm: 'up',
		densityKgPerM3: 'up',
		handLimitKg: 'down',
		reachMm: 'up',
		handHeightMm: 'none',
		travelMm: 'up',
		twistDeg: 'up'
	},
	title: 'Lift a wheel',
	about:
		'What one person may lift as they have to hold it: far out, high, turned, badly gripped. Beyond that two, or the hoist.',
	source:
		'Revised NIOSH lifting equation without its frequency term; one and a half times for two people is a guideline.',
	formulas: [
		'limit = hand limit x reach x height x travel x twist x grip',
		'reach 250/H; height 1 - 0.0003 |V - 750|; travel 0.82 + 45/D; twist 1 - 0.0032 A',
		'mass = density pi/4 (D^2 - d^2) T'
	],
	fields: [
		kg('massKg', 'Weighed; from its size when empty', over0(5000)),
		mm('diameterMm', 'When it is not weighed', over0(3000)),
		mm('boreMm', 'When it is not weighed', from0(3000)),
		mm('thicknessMm', 'When it is not weighed', over0(2000)),
		kgPerM3('densityKgPerM3', 'When it is not weighed', {
			...over0(20000),
			default: 2300,
			label: 'Density',
			advanced: true
		}),
		choice('method', 'One, two, or a hoist', ['hand', 'two-person', 'hoist'], {
			required: true,
			label: 'Lifted by'
		}),
		kg('handLimitKg', 'Of your shop; many set 20', {
			...over0(23),
			guideline: true,
			label: 'By hand, at most',
			default: 23
		}),
		mm('reachMm', 'Hands from the ankles', { ...over0(1500), default: 250, label: 'Reach' }),
		mm('handHeightMm', 'Above the floor', { ...from0(2500), default: 750, label: 'Height of the hands' }),
		mm('travelMm', 'Up or down', { ...from0(2500), default: 250, label: 'Lifted by' }),
		deg('twistDeg', 'Shoulders against feet', { ...from0(180), default: 0, label: 'Turned by' }),
		choice('grip', 'How it can be held', ['good', 'fair', 'poor'], { default: 'good' }),
		kg('hoistCapacityKg', 'Marked on it', { ...over0(100000), label: 'The hoist carries' })
	],
	outputs: [
		{ name: 'allowedKg', unit: 'kg', about: 'Allowed this way', main: true },
		{ name: 'massKg', unit: 'kg', about: 'The wheel' },
		{ name: 'recommendedLimitKg', unit: 'kg', about: 'One person, as held' },
		{ name: 'liftingIndex', about: 'Wheel over that limit' },
		{ name: 'multipliers', about: 'What takes off' }
	],
	example: {
		diameterMm: 450,
		boreMm: 127,
		thicknessMm: 50,
		method: 'hand',
		reachMm: 350,
		handHeightMm: 1000
	},
	compute(values) {
		const size = (['diameterMm', 'boreMm', 'thicknessMm'] as const).find((f) => values[f] === null);
		if (values.massKg === null && size)
			throw new InputFault(size, 'missing', 'Weigh the wheel, or enter its diameter, bore and thickness.');
		if (values.diameterMm !== null && values.boreMm !== null && values.boreMm >= values.diameterMm)
			throw new InputFault(
				'boreMm',
				'above-maximum',
				`Bore ${values.boreMm} mm is not smaller than the diameter ${values.diameterMm} mm.`
			);
		if (values.method === 'hoist' && values.hoistCapacityKg === null)
			throw new InputFault(
				'hoistCapacityKg',
				'missing',
				'What the hoist carries is missing. Read it off its plate.'
			);
		const massKg =
			values.massKg ??
			values.densityKgPerM3 *
				(Math.PI / 4) *
				(values.diameterMm! ** 2 - values.boreMm! ** 2) *
				values.thicknessMm! *
				1e-9;
		const multipliers = {
			reach: values.reachMm > 630 ? 0 : 250 / Math.max(values.reachMm, 250),
			height: values.handHeightMm > 1750 ? 0 : 1 - 0.0003 * Math.abs(values.handHeightMm - 750),
			travel: values.travelMm > 1750 ? 0 : Math.min(1, 0.82 + 45 / Math.max(values.travelMm, 250)),
			twist: values.twistDeg > 135 ? 0 : 1 - 0.0032 * values.twistDeg,
			grip: GRIP[values.grip]
		};
		const recommendedLimitKg =
			values.handLimitKg *
			multipliers.reach *
			multipliers.height *
			multipliers.travel *
			multipliers.twist *
			multipliers.grip;
		const hoist = values.method === 'hoist';
		const allowedKg = hoist
			? values.hoistCapacityKg!
			: values.method === 'two-person'
				? PAIR * recommendedLimitKg
				: recommendedLimitKg;
		const findings = new Findings()
			.stop(
				'hoist-needed',
				!hoist && massKg > allowedKg,
				`${massKg.toFixed(1)} kg is more than ${values.method === 'hand' ? 'one person' : 'two people'} should lift this way, ${allowedKg.toFixed(1)} kg. Use the hoist.`
			)
			.caution(
				'heavy',
				!hoist && massKg > HEAVY * allowedKg && massKg <= allowedKg,
				`${massKg.toFixed(1)} kg of ${allowedKg.toFixed(1)} kg: close to the limit. Bring it nearer to the body, or use the hoist.`
			)
			.stop(
				'hoist-capacity',
				hoist && massKg > allowedKg,
				`${massKg.toFixed(1)} kg is more than the hoist carries, ${allowedKg.toFixed(0)} kg.`
			);
		return {
			massKg,
			recommendedLimitKg,
			allowedKg,
			liftingIndex: recommendedLimitKg > 0 ? massKg / recommendedLimitKg : null,
			multipliers,
			...findings.judged()
		};
	}
});
