import {
	between,
	choice,
	from0,
	mm,
	number,
	over0,
	seconds,
	um,
	whole,
	metresPerMin
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { mmPerSecond, strokesAcross } from '../set/stroke-count.js';

/** What is left of a stock that is no pass of its own: it joins the last one. */
const JOINS_UM = 0.05;
const FINISH_UM = 2.5;
/** Deeper than this is heavy in reciprocating work; a thousandth of an inch, 25.4, is not. */
const HEAVY_UM = 26;

export interface TrialPass {
	kind: 'rough' | 'finish' | 'spark-out';
	infeedUm: number;
	commandedUm: number;
	removedUm: number;
	residualUm: number;
}

/** Full bites, then what is left as one smaller one. */
function bites(stockUm: number, biteUm: number): number[] {
	if (stockUm <= 0) return [];
	const full = Math.floor(stockUm / biteUm + SLACK);
	const list = Array.from({ length: full }, () => biteUm);
	const rest = stockUm - full * biteUm;
	if (rest <= JOINS_UM && full > 0) list[full - 1]! += Math.max(0, rest);
	else if (rest > 0) list.push(rest);
	return list;
}

/** A trial surface in small steps: how many, how long, and how many passes with no feed until what was bent away is ground. */
export const trialSchedule = defineCalculation({
	id: 'prove.trial-schedule',
	worse: { roughInfeedUm: 'up', infeedLimitUm: 'down', sparkOutPasses: 'down' },
	title: 'Trial schedule',
	about:
		'Rough passes, fine passes and passes with no feed. Machine and work bend: of every cut a share is left behind, and spark-out takes it.',
	source: 'First-order stiffness lag (textbook machine dynamics); infeeds and the lag are guidelines.',
	formulas: [
		'removed += (1 - lag)(commanded - removed)',
		'spark-out = ceil(ln(target/residual)/ln lag)',
		'strokes = 1, or ceil((work - wheel)/cross feed) + 1',
		'pass = strokes ((length + 2 over-travel)/table speed + turnaround)'
	],
	fields: [
		choice('kind', 'Table to and fro, or the whole depth in one', ['reciprocating', 'creep-feed'], {
			default: 'reciprocating',
			label: 'Grinding'
		}),
		um('stockUm', 'To be ground off', { ...over0(10000), required: true, label: 'Stock' }),
		um('roughInfeedUm', 'Each rough pass', { ...between(0.5, 2000), required: true, label: 'Rough infeed' }),
		um('finishInfeedUm', 'Each fine pass; 2.5 or the rough one when empty', {
			...between(0.1, 2000),
			label: 'Fine infeed'
		}),
		um('infeedLimitUm', 'Heavy above this; 26 to and fro, none in creep feed', {
			...over0(2000),
			label: 'Infeed, caution above',
			advanced: true
		}),
		um('finishStockUm', 'Of the stock, taken finely', { ...from0(10000), default: 10, label: 'Fine stock' }),
		number('lag', 'Share of the wanted cut that bending leaves behind', {
			...between(0, 0.95),
			default: 0.3,
			guideline: true,
			label: 'Left behind, share'
		}),
		um('residualTargetUm', 'May be left at the end', { ...over0(1000), default: 0.5, label: 'Left at most' }),
		whole('sparkOutPasses', 'Worked out when empty', { ...from0(10000), label: 'Passes with no feed' }),
		mm('workLengthMm', 'Along the table', { ...over0(100000), required: true, label: 'Work, length' }),
		mm('workWidthMm', 'Across', { ...over0(100000), required: true, label: 'Work, width' }),
		mm('wheelWidthMm', 'Of its face', { ...over0(10000), required: true, label: 'Wheel, width' }),
		mm('crossFeedMm', 'A stroke; a third of the wheel when empty', {
			...over0(10000),
			label: 'Cross feed'
		}),
		mm('overTravelMm', 'At each end', { ...from0(10000), default: 25, label: 'Over-travel' }),
		metresPerMin('tableSpeedMPerMin', 'Of the table', {
			...over0(1000),
			required: true,
			label: 'Table speed'
		}),
		seconds('turnaroundS', 'At each end', { ...from0(600), default: 0.5, label: 'Turning round' })
	],
	outputs: [
		{ name: 'passCount', about: 'Passes', main: true },
		{ name: 'timeS', unit: 's', about: 'Takes' },
		{ name: 'roughCount', about: 'Rough passes' },
		{ name: 'finishCount', about: 'Fine passes' },
		{ name: 'sparkOutCount', about: 'Passes with no feed' },
		{ name: 'sparkOutNeeded', about: 'Of them needed' },
		{ name: 'strokesPerPass', about: 'Strokes a pass' },
		{ name: 'passTimeS', unit: 's', about: 'A pass takes' },
		{ name: 'residualBeforeSparkOutUm', unit: 'um', about: 'Left before spark-out' },
		{ name: 'residualUm', unit: 'um', about: 'Left at the end' },
		{ name: 'removedUm', unit: 'um', about: 'Ground off' },
		{ name: 'passes', about: 'Pass by pass' }
	],
	example: {
		stockUm: 48,
		roughInfeedUm: 10,
		workLengthMm: 100,
		workWidthMm: 15,
		wheelWidthMm: 20,
		tableSpeedMPerMin: 15
	},
	compute(values) {
		const finishInfeedUm = values.finishInfeedUm ?? Math.min(FINISH_UM, values.roughInfeedUm);
		if (finishInfeedUm > values.roughInfeedUm)
			throw new InputFault(
				'finishInfeedUm',
				'inconsistent',
				`Fine infeed ${finishInfeedUm} µm is larger than the rough one, ${values.roughInfeedUm} µm. Enter a smaller one.`
			);
		const fineStock = Math.min(values.finishStockUm, values.stockUm);
		const rough = bites(values.stockUm - fineStock, values.roughInfeedUm);
		const fine = bites(fineStock, finishInfeedUm);
		const passes: TrialPass[] = [];
		let [commandedUm, removedUm] = [0, 0];
		const pass = (kind: TrialPass['kind'], infeedUm: number) => {
			commandedUm += infeedUm;
			removedUm += (1 - values.lag) * (commandedUm - removedUm);
			passes.push({ kind, infeedUm, commandedUm, removedUm, residualUm: commandedUm - removedUm });
		};
		for (const bite of rough) pass('rough', bite);
		for (const bite of fine) pass('finish', bite);
		const residualBeforeSparkOutUm = commandedUm - removedUm;
		const sparkOutNeeded =
			values.lag === 0 || residualBeforeSparkOutUm <= values.residualTargetUm + SLACK
				? 0
				: Math.max(
						0,
						Math.ceil(
							Math.log(values.residualTargetUm / residualBeforeSparkOutUm) / Math.log(values.lag) - SLACK
						)
					);
		const sparkOutCount = values.sparkOutPasses ?? sparkOutNeeded;
		for (let i = 0; i < sparkOutCount; i++) pass('spark-out', 0);
		const strokesPerPass = strokesAcross(
			values.workWidthMm,
			values.wheelWidthMm,
			values.crossFeedMm ?? values.wheelWidthMm / 3
		);
		const passTimeS =
			strokesPerPass *
			((values.workLengthMm + 2 * values.overTravelMm) / mmPerSecond(values.tableSpeedMPerMin) +
				values.turnaroundS);
		const limitUm = values.infeedLimitUm ?? (values.kind === 'reciprocating' ? HEAVY_UM : Infinity);
		const findings = new Findings()
			.caution(
				'infeed-over-guideline',
				values.roughInfeedUm > limitUm + SLACK,
				`A rough infeed of ${values.roughInfeedUm} µm is heavy; up to ${limitUm} µm is usual.`
			)
			.caution(
				'spark-out-short',
				sparkOutCount < sparkOutNeeded,
				`${sparkOutNeeded} passes with no feed are needed until only ${values.residualTargetUm} µm is left.`
			);
		return {
			roughCount: rough.length,
			finishCount: fine.length,
			sparkOutCount,
			sparkOutNeeded,
			passCount: passes.length,
			strokesPerPass,
			passTimeS,
			timeS: passes.length * passTimeS,
			residualBeforeSparkOutUm,
			residualUm: commandedUm - removedUm,
			removedUm,
			passes,
			...findings.judged()
		};
	}
});
