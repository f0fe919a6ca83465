import {
	between,
	from0,
	group,
	mm,
	mmPerMin,
	mps,
	number,
	over0,
	seconds,
	um,
	yesNo,
	joulesPerMm3,
	litresPerMin,
	litresPerMinKw,
	litresPerMinMm,
	metresPerMin,
	watts
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK, ceilCount } from '../numeric/rounding.js';
import { mmPerSecond } from '../set/stroke-count.js';

/** Share of the spindle's power above which it is close to its limit. */
const NEAR = 0.8;

/** So many redresses inside one part are no plan. */
const MAX_REDRESSES = 1000;

/**
 * Depths at which the wheel is redressed inside a part: between passes only, and always before the last of them.
 * @example redressDepths(2, 5.95, 2.5) // [2,4,5.95]
 * @throws InputFault `below-minimum` on an interval that asks for more redresses than anybody makes
 */
export function redressDepths(depthMm: number, roughEndMm: number, intervalMm: number | null): number[] {
	if (intervalMm === null) return [];
	const stepMm = Math.max(1, Math.floor(intervalMm / depthMm + SLACK)) * depthMm;
	const at: number[] = [];
	let dressedMm = 0;
	while (roughEndMm - dressedMm > intervalMm + SLACK && dressedMm + stepMm < roughEndMm - SLACK) {
		dressedMm += stepMm;
		at.push(dressedMm);
		if (at.length > MAX_REDRESSES)
			throw new InputFault(
				'redressIntervalMm',
				'below-minimum',
				`Redress after ${intervalMm} mm is over ${MAX_REDRESSES} redresses in one part. Enter a longer interval.`
			);
	}
	return [...at, roughEndMm];
}

/** The whole depth in one slow pass: load of the spindle, coolant, redresses inside the part, against many light passes. */
export const creepFeed = defineCalculation({
	id: 'prove.creep-feed',
	worse: {
		depthMm: 'up',
		tableSpeedMmPerMin: 'up',
		widthMm: 'up',
		partDepthMm: 'up',
		finishDepthMm: 'down',
		specificEnergyJPerMm3: 'up',
		spindlePowerW: 'down',
		redressIntervalMm: 'down',
		coolantLPerMin: 'down'
	},
	title: 'Creep feed',
	about:
		'A deep, slow cut: what the spindle and the coolant have to bear, where inside the part the wheel is redressed, and the time against many light passes.',
	source:
		'Grinding kinematics (textbook); specific energy, force ratio and flows are guidelines. Forces compare set-ups, they do not certify them.',
	formulas: [
		'removal = depth x table speed x width',
		'power = specific energy x removal',
		'arc = sqrt(depth D)',
		'pass = (length + arc + 2 over-travel)/table speed',
		'a redress falls between two passes, and before the last'
	],
	fields: [
		mm('wheelDiameterMm', 'Today', { ...between(1, 2000), required: true }),
		mps('wheelSpeedMps', 'Of the rim', { ...over0(500), required: true }),
		mm('depthMm', 'Of one pass', { ...over0(30), required: true, label: 'Depth of a pass' }),
		mmPerMin('tableSpeedMmPerMin', 'Of the table', { ...over0(10000), required: true, label: 'Table speed' }),
		mm('widthMm', 'In the cut', { ...over0(10000), required: true, label: 'Width' }),
		mm('workLengthMm', 'Along the table', { ...over0(100000), required: true, label: 'Work, length' }),
		mm('partDepthMm', 'To be ground in all', { ...over0(200), required: true, label: 'Depth of the part' }),
		mm('finishDepthMm', 'Left for the last pass', { ...from0(5), default: 0.05, label: 'Finish cut' }),
		mm('overTravelMm', 'At each end', { ...from0(10000), default: 5, label: 'Over-travel' }),
		joulesPerMm3('specificEnergyJPerMm3', 'Of the cut', {
			...over0(1000),
			default: 50,
			guideline: true,
			label: 'Specific energy'
		}),
		number('normalRatio', 'Force across over force along', {
			...between(0.5, 10),
			default: 2,
			guideline: true,
			label: 'Force ratio',
			advanced: true
		}),
		watts('spindlePowerW', 'It may give', { ...over0(1e6), required: true, label: 'Spindle power' }),
		mm('redressIntervalMm', 'Infeed the form bears', { ...over0(1e6), label: 'Redress after' }),
		seconds('redressTimeS', 'Of one', { ...from0(100000), default: 0, label: 'A redress takes' }),
		litresPerMinMm('flowPerWidthLPerMinMm', 'Coolant for a mm of width', {
			...over0(1000),
			default: 1.5,
			guideline: true,
			label: 'Flow for width',
			advanced: true
		}),
		litresPerMinKw('flowPerPowerLPerMinKw', 'Coolant for a kW', {
			...over0(1000),
			default: 8,
			guideline: true,
			label: 'Flow for power',
			advanced: true
		}),
		litresPerMin('coolantLPerMin', 'The pump gives', { ...over0(100000), label: 'Coolant' }),
		yesNo('balancedSinceDress', 'By itself, after the last dress', {
			default: false,
			label: 'Balanced since the dress'
		}),
		group(
			'reciprocating',
			'Many light passes instead',
			[
				um('depthUm', 'Each', { ...over0(10000), default: 20, label: 'Depth' }),
				metresPerMin('tableSpeedMPerMin', 'Of the table', {
					...over0(1000),
					default: 15,
					label: 'Table speed'
				}),
				mm('overTravelMm', 'At each end', { ...from0(10000), default: 25, label: 'Over-travel' }),
				seconds('turnaroundS', 'At each end', { ...from0(600), default: 0.5, label: 'Turning round' })
			],
			{ default: {} as object, advanced: true }
		)
	],
	outputs: [
		{ name: 'load', about: 'Of the spindle', main: true },
		{ name: 'powerW', unit: 'W', about: 'Power' },
		{ name: 'specificRemovalMm2PerS', unit: 'mm2/s', about: 'Removal' },
		{ name: 'removalMm3PerS', unit: 'mm3/s', about: 'Removal' },
		{ name: 'tangentialForceN', unit: 'N', about: 'Force along' },
		{ name: 'normalForceN', unit: 'N', about: 'Force across' },
		{ name: 'contactLengthMm', unit: 'mm', about: 'Arc of contact' },
		{ name: 'equivalentThicknessUm', unit: 'um', about: 'Equivalent chip thickness' },
		{ name: 'passes', about: 'Passes' },
		{ name: 'passTimeS', unit: 's', about: 'A pass takes' },
		{ name: 'redressAtMm', unit: 'mm', about: 'Redress at' },
		{ name: 'redressesPerPart', about: 'Redresses a part' },
		{ name: 'timeS', unit: 's', about: 'A part takes' },
		{ name: 'energyJ', unit: 'J', about: 'Energy a part' },
		{ name: 'coolantNeedLPerMin', unit: 'l/min', about: 'Coolant needed' },
		{ name: 'maxTableSpeedMmPerMin', unit: 'mm/min', about: 'Table at most, 80 % load' },
		{ name: 'reciprocating', about: 'Many light passes' },
		{ name: 'timeRatio', about: 'Time against many light passes' }
	],
	example: {
		wheelDiameterMm: 400,
		wheelSpeedMps: 25,
		depthMm: 2,
		tableSpeedMmPerMin: 150,
		widthMm: 20,
		workLengthMm: 80,
		partDepthMm: 6,
		spindlePowerW: 11000,
		redressIntervalMm: 2.5,
		redressTimeS: 15
	},
	compute(values) {
		if (values.finishDepthMm > values.partDepthMm)
			throw new InputFault(
				'finishDepthMm',
				'inconsistent',
				`The finish cut, ${values.finishDepthMm} mm, is deeper than the part, ${values.partDepthMm} mm. Enter less.`
			);
		const speedMmPerS = values.tableSpeedMmPerMin / 60;
		const specificRemovalMm2PerS = values.depthMm * speedMmPerS;
		const removalMm3PerS = specificRemovalMm2PerS * values.widthMm;
		const powerW = values.specificEnergyJPerMm3 * removalMm3PerS;
		const load = powerW / values.spindlePowerW;
		const tangentialForceN = powerW / values.wheelSpeedMps;
		const contactLengthMm = Math.sqrt(values.depthMm * values.wheelDiameterMm);
		const roughEndMm = values.partDepthMm - values.finishDepthMm;
		const rough = ceilCount(roughEndMm, values.depthMm);
		const passes = rough + (values.finishDepthMm > 0 ? 1 : 0);
		const passTimeS = (values.workLengthMm + contactLengthMm + 2 * values.overTravelMm) / speedMmPerS;
		const redressAtMm = redressDepths(values.depthMm, roughEndMm, values.redressIntervalMm);
		const timeS = passes * passTimeS + redressAtMm.length * values.redressTimeS;
		const coolantNeedLPerMin = Math.max(
			values.flowPerWidthLPerMinMm * values.widthMm,
			(values.flowPerPowerLPerMinKw * powerW) / 1000
		);
		const light = lightPasses(values);
		const findings = new Findings()
			.stop(
				'over-spindle-power',
				load > 1 + SLACK,
				`It takes ${(powerW / 1000).toFixed(1)} kW, the spindle gives ${(values.spindlePowerW / 1000).toFixed(1)} kW. Less depth, or a slower table.`
			)
			.caution(
				'near-spindle-power',
				load > NEAR + SLACK && load <= 1 + SLACK,
				'Close to what the spindle gives; a wheel that goes dull takes more.'
			)
			.caution(
				'pass-beyond-interval',
				values.redressIntervalMm !== null &&
					Math.min(values.depthMm, roughEndMm) > values.redressIntervalMm + SLACK,
				'One pass is deeper than the form bears: it is lost within it. Take less depth, or dress while cutting.'
			)
			.caution(
				'dress-after-balancing',
				values.balancedSinceDress,
				'An automatic balance after the dress moves the axis it turns about. Give the wheel a conditioning dress.'
			)
			.caution(
				'coolant-short',
				values.coolantLPerMin !== null && values.coolantLPerMin < coolantNeedLPerMin - SLACK,
				`It needs ${coolantNeedLPerMin.toFixed(0)} l/min of coolant, the pump gives ${values.coolantLPerMin ?? 0}.`
			);
		return {
			specificRemovalMm2PerS,
			removalMm3PerS,
			powerW,
			load,
			tangentialForceN,
			normalForceN: values.normalRatio * tangentialForceN,
			contactLengthMm,
			equivalentThicknessUm: specificRemovalMm2PerS / values.wheelSpeedMps,
			passes,
			passTimeS,
			redressAtMm,
			redressesPerPart: redressAtMm.length,
			timeS,
			energyJ: values.specificEnergyJPerMm3 * values.partDepthMm * values.widthMm * values.workLengthMm,
			coolantNeedLPerMin,
			maxTableSpeedMmPerMin: (NEAR / load) * values.tableSpeedMmPerMin,
			reciprocating: light,
			timeRatio: timeS / light.timeS,
			...findings.judged()
		};
	}
});

/** The same stock to and fro, one stroke a pass. */
function lightPasses(v: {
	partDepthMm: number;
	workLengthMm: number;
	reciprocating: { depthUm: number; tableSpeedMPerMin: number; overTravelMm: number; turnaroundS: number };
}): {
	passes: number;
	timeS: number;
	specificRemovalMm2PerS: number;
} {
	const r = v.reciprocating;
	const passes = ceilCount(1000 * v.partDepthMm, r.depthUm);
	const speed = mmPerSecond(r.tableSpeedMPerMin);
	return {
		passes,
		timeS: passes * ((v.workLengthMm + 2 * r.overTravelMm) / speed + r.turnaroundS),
		specificRemovalMm2PerS: (r.depthUm / 1000) * speed
	};
}
