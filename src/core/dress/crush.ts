import {
	choice,
	from0,
	mm,
	mps,
	newtons,
	number,
	over0,
	rpm,
	um,
	newtonsPerMm,
	CRUSH_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { rpmForSpeed } from '../spec/speed.js';
import { BOND_FIELD, bondOf } from './bonds.js';
import { checkRadius } from './used-up.js';

/** Feed that is heavy; slip that is slip (guidelines). */
const [HEAVY_UM, SLIP] = [20, 0.02];

/** A hard roll pressed in with no slip breaks the grains out whole. */
export const crush = defineCalculation({
	id: 'dress.crush',
	worse: { feedUmPerRev: 'up', machineMinRpm: 'up' },
	title: 'Crush roll',
	about:
		'Wheel and roll turn together and slowly while the roll is pressed in: how fast, how long, with what force, and whether they really run together.',
	source:
		"Kinematics (first principles); speeds and feeds are guidelines, the force is the shop's own value.",
	formulas: [
		'n = 60000 v/(pi D)',
		'roll rpm = n D/d',
		'slip = measured/due - 1',
		'force = specific force x width'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('formWidthMm', 'Width of the form', { ...over0(1000), required: true }),
		BOND_FIELD,
		mm('rollDiameterMm', 'Diameter', { ...over0(1000), required: true, label: 'Roll diameter' }),
		mps('crushSpeedMps', 'Rim speed; 1 to 2 is usual', {
			...over0(2),
			...CRUSH_END,
			guideline: true,
			default: 1.5,
			label: 'Crushing speed'
		}),
		rpm('rollMeasuredRpm', 'To see whether it slips', { ...from0(200000), label: 'Roll, measured' }),
		um('feedUmPerRev', 'Radial, per turn of the wheel', {
			...over0(100),
			required: true,
			label: 'Feed a turn'
		}),
		um('totalDepthUm', 'Radial', { ...over0(10000), required: true, label: 'Taken off' }),
		number('dwellRevs', 'Turns of the wheel with no feed at the end', {
			...from0(1000),
			default: 5,
			label: 'Dwell, turns'
		}),
		newtonsPerMm('specificForceNPerMm', "The shop's own value, N/mm", {
			...over0(5000),
			label: 'Force a mm of width'
		}),
		newtons('spindleLimitN', 'Of the machine', { ...over0(1e6), label: 'Spindle takes' }),
		choice('drive', 'Who turns the other', ['wheel', 'roll'], { default: 'wheel', label: 'Driven' }),
		rpm('machineMinRpm', 'Slowest the driven spindle turns', { ...from0(200000), label: 'Slowest it turns' }),
		rpm('wheelMeasuredRpm', 'When the roll drives', { ...from0(200000), label: 'Wheel, measured' })
	],
	outputs: [
		{ name: 'drivenSpeedRpm', unit: 'rpm', about: 'Driven spindle turns', main: true },
		{ name: 'wheelSpeedRpm', unit: 'rpm', about: 'Wheel turns' },
		{ name: 'rollSpeedRpm', unit: 'rpm', about: 'Roll turns' },
		{ name: 'slipRatio', about: 'Slip' },
		{ name: 'speedRatio', about: 'Roll over wheel surface' },
		{ name: 'normalForceN', unit: 'N', about: 'Force' },
		{ name: 'feedRevs', about: 'Turns fed' },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'infeedMmPerMin', unit: 'mm/min', about: 'Infeed' },
		{ name: 'diameterAfterMm', unit: 'mm', about: 'Diameter after' }
	],
	example: {
		wheelDiameterMm: 400,
		formWidthMm: 20,
		bond: 'vitrified',
		rollDiameterMm: 100,
		feedUmPerRev: 5,
		totalDepthUm: 200
	},
	compute(values) {
		const D = values.wheelDiameterMm;
		checkRadius('totalDepthUm', values.totalDepthUm, D);
		const rollDrives = values.drive === 'roll';
		const n = rpmForSpeed(values.crushSpeedMps, D);
		const rollSpeedRpm = (n * D) / values.rollDiameterMm;
		const drivenSpeedRpm = rollDrives ? rollSpeedRpm : n;
		const [measured, due] = rollDrives
			? [values.wheelMeasuredRpm, n]
			: [values.rollMeasuredRpm, rollSpeedRpm];
		const slipRatio = measured === null ? null : measured / due - 1;
		const together = 1 + (slipRatio ?? 0);
		const speedRatio = !rollDrives ? together : together === 0 ? null : 1 / together;
		const normalForceN =
			values.specificForceNPerMm === null ? null : values.specificForceNPerMm * values.formWidthMm;
		const feedRevs = values.totalDepthUm / values.feedUmPerRev;
		const findings = new Findings()
			.stop(
				'bond-not-crushable',
				!bondOf(values.bond).crushable,
				'Only vitrified and crushable metal bonds are crushed; this bond tears or bends.'
			)
			.stop(
				'force-above-spindle-limit',
				normalForceN !== null && values.spindleLimitN !== null && normalForceN > values.spindleLimitN,
				`${normalForceN?.toFixed(0)} N is more than the spindle takes, ${values.spindleLimitN} N. Crush a narrower form at a time.`
			)
			.stop(
				'machine-cannot-turn-so-slowly',
				values.machineMinRpm !== null && drivenSpeedRpm < values.machineMinRpm,
				`It has to turn ${drivenSpeedRpm.toFixed(0)} rpm and turns ${values.machineMinRpm} at least. Let the roll drive the free wheel.`
			)
			.stop(
				'wheel-not-turning',
				rollDrives && values.wheelMeasuredRpm === 0,
				'The wheel stands while the roll turns: a flat is ground on it. Draw back.'
			)
			.caution(
				'isolate-wheel-drive',
				rollDrives,
				'The roll turns the wheel: lock the drive of the wheel out first.'
			)
			.caution('feed-heavy', values.feedUmPerRev > HEAVY_UM, 'A heavy feed for crushing.')
			.caution(
				'roll-slipping',
				slipRatio !== null && Math.abs(slipRatio) > SLIP,
				`They do not run together: ${(100 * (slipRatio ?? 0)).toFixed(0)} % off. Slip wears the roll.`
			);
		return {
			wheelSpeedRpm: n,
			rollSpeedRpm,
			drivenSpeedRpm,
			slipRatio,
			speedRatio,
			normalForceN,
			feedRevs,
			timeS: (60 * (feedRevs + values.dwellRevs)) / n,
			infeedMmPerMin: (values.feedUmPerRev * n) / 1000,
			diameterAfterMm: D - (2 * values.totalDepthUm) / 1000,
			...findings.judged()
		};
	}
});
