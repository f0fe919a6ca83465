import {
	between,
	from0,
	mm,
	over0,
	seconds,
	whole,
	metresPerMin,
	mmPerS2
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { position, touched } from './dial.js';
import { mmPerSecond, strokesAcross } from './stroke-count.js';

const WHEEL = [mm('wheelWidthMm', 'Of its face', { ...over0(10000), label: 'Wheel, width' })] as const;

/** Where the stops of the table stand, and how long it takes to go over the work. */
export const stroke = defineCalculation({
	id: 'set.stroke',
	worse: {
		overTravelMm: 'down',
		minOverTravelMm: 'up',
		tableSpeedMPerMin: 'up',
		accelerationMmPerS2: 'down',
		tableMinMm: 'up',
		tableMaxMm: 'down'
	},
	title: 'Stroke of the table',
	about:
		'Stops outside of the work at both ends, strokes a minute, passes in time, and whether it turns round over the work.',
	source: 'Kinematics (first principles); the least over-travel is a guideline.',
	formulas: [
		'stroke = work + 2 over-travel',
		'stroke time = stroke/speed + turnaround',
		'strokes = 1, or ceil((work - wheel)/cross feed) + 1',
		'turns round in v^2/(2 acceleration)'
	],
	fields: [
		touched('workStartMm', 'Work begins', 'Left end, on the scale of the table'),
		touched('workEndMm', 'Work ends', 'Right end'),
		mm('overTravelMm', 'Beyond the work at each end', { ...from0(1000), default: 25, label: 'Over-travel' }),
		mm('minOverTravelMm', 'At least', {
			...from0(1000),
			default: 10,
			guideline: true,
			label: 'Over-travel at least',
			advanced: true
		}),
		metresPerMin('tableSpeedMPerMin', 'Of the table', {
			...between(0.01, 100),
			required: true,
			label: 'Table speed'
		}),
		seconds('turnaroundS', 'At each end', { ...from0(60), default: 0.5, label: 'Turning round' }),
		mmPerS2('accelerationMmPerS2', 'Of the table', { ...over0(1e6), label: 'Acceleration' }),
		position('tableMinMm', 'Table, from', 'It goes no further left'),
		position('tableMaxMm', 'Table, to', 'It goes no further right'),
		mm('workWidthMm', 'Across', { ...over0(10000), label: 'Work, width' }),
		...WHEEL,
		mm('crossFeedMm', 'A stroke; a third of the wheel when empty', { ...over0(10000), label: 'Cross feed' }),
		whole('passes', 'Over all of it', { ...between(1, 100000), default: 1, label: 'Passes' })
	],
	outputs: [
		{ name: 'stopLeftMm', unit: 'mm', about: 'Left stop at', main: true },
		{ name: 'stopRightMm', unit: 'mm', about: 'Right stop at' },
		{ name: 'strokeMm', unit: 'mm', about: 'Stroke' },
		{ name: 'strokeTimeS', unit: 's', about: 'A stroke takes' },
		{ name: 'strokesPerMin', about: 'Strokes a minute' },
		{ name: 'strokesPerPass', about: 'Strokes a pass' },
		{ name: 'passTimeS', unit: 's', about: 'A pass takes' },
		{ name: 'timeS', unit: 's', about: 'All take' },
		{ name: 'reversalMm', unit: 'mm', about: 'Turns round in' },
		{ name: 'cuttingShare', about: 'Of the time it cuts' }
	],
	example: {
		workStartMm: 0,
		workEndMm: 150,
		tableSpeedMPerMin: 15,
		workWidthMm: 50,
		wheelWidthMm: 20,
		accelerationMmPerS2: 1500,
		passes: 8
	},
	compute(values) {
		if (values.workEndMm <= values.workStartMm)
			throw new InputFault(
				'workEndMm',
				'inconsistent',
				`The work ends at ${values.workEndMm} mm and begins at ${values.workStartMm} mm: that is no stroke. The right end is the larger one.`
			);
		if (values.workWidthMm !== null) needed(values, WHEEL, 'The width of the work is crossed with it.');
		const speed = mmPerSecond(values.tableSpeedMPerMin);
		const workMm = values.workEndMm - values.workStartMm;
		const strokeMm = workMm + 2 * values.overTravelMm;
		const strokeTimeS = strokeMm / speed + values.turnaroundS;
		const strokesPerPass =
			values.workWidthMm === null
				? 1
				: strokesAcross(
						values.workWidthMm,
						values.wheelWidthMm!,
						values.crossFeedMm ?? values.wheelWidthMm! / 3
					);
		const passTimeS = strokesPerPass * strokeTimeS;
		const stopLeftMm = values.workStartMm - values.overTravelMm;
		const stopRightMm = values.workEndMm + values.overTravelMm;
		const reversalMm =
			values.accelerationMmPerS2 === null ? null : speed ** 2 / (2 * values.accelerationMmPerS2);
		const findings = new Findings()
			.stop(
				'beyond-table-travel',
				(values.tableMinMm !== null && stopLeftMm < values.tableMinMm - SLACK) ||
					(values.tableMaxMm !== null && stopRightMm > values.tableMaxMm + SLACK),
				'The table does not go so far. Move the work, or take less over-travel.'
			)
			.caution(
				'over-travel-short',
				values.overTravelMm < values.minOverTravelMm - SLACK,
				`Run off the work by ${values.minOverTravelMm} mm or more at each end.`
			)
			.caution(
				'reverses-over-the-work',
				reversalMm !== null && reversalMm > values.overTravelMm + SLACK,
				'The table turns round over the work: its ends are ground slower and deeper. More over-travel, or a slower table.'
			);
		return {
			stopLeftMm,
			stopRightMm,
			strokeMm,
			strokeTimeS,
			strokesPerMin: 60 / strokeTimeS,
			strokesPerPass,
			passTimeS,
			timeS: values.passes * passTimeS,
			reversalMm,
			cuttingShare: workMm / speed / strokeTimeS,
			...findings.judged()
		};
	}
});
