import { from0, over0, um as umField, RUNOUT_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings, type Verdict } from '../calculation/verdict.js';

const um = <const N extends string>(name: N, label: string) =>
	umField(name, 'Dial indicator, turned by hand, full reading', { ...from0(5000), required: true, label });

/** Run-out of a bare spindle before a wheel goes on. */
export const spindleRunout = defineCalculation({
	id: 'mount.spindle-runout',
	worse: {
		taperRunoutUm: 'up',
		flangeRunoutUm: 'up',
		runoutAimUm: 'down',
		runoutLimitUm: 'down',
		taperLimitUm: 'down'
	},
	title: 'Run-out of the spindle',
	about:
		'Taper and flange with the dial indicator, no wheel on: dirt and burrs show here, and so does what a crash has done.',
	source: "Aim and limit are guidelines; the machine's own figures win.",
	formulas: ['caution over the aim, stop from the limit on'],
	fields: [
		um('taperRunoutUm', 'Taper'),
		um('flangeRunoutUm', 'Flange'),
		umField('runoutAimUm', 'Aim', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 5.08 },
			guideline: true,
			label: 'Run-out, aim',
			default: 5,
			advanced: true
		}),
		umField('runoutLimitUm', 'Limit', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 25.4 },
			guideline: true,
			label: 'Run-out, limit',
			default: 25,
			advanced: true
		}),
		umField('taperLimitUm', 'Of a taper or seat that was hit; no such limit when empty', {
			...over0(50),
			...RUNOUT_END,
			label: 'Run-out of the taper, limit',
			advanced: true
		})
	],
	outputs: [
		{ name: 'worstUm', unit: 'um', about: 'The worse of the two', main: true },
		{ name: 'taperState', about: 'Of the taper alone: ok, caution or stop' },
		{ name: 'flangeState', about: 'Of the flange alone: ok, caution or stop' }
	],
	example: { taperRunoutUm: 3, flangeRunoutUm: 14 },
	compute(values) {
		const worstUm = Math.max(values.taperRunoutUm, values.flangeRunoutUm);
		const where = values.taperRunoutUm >= values.flangeRunoutUm ? 'taper' : 'flange';
		const stateOf = (readingUm: number): Verdict =>
			readingUm >= values.runoutLimitUm ? 'stop' : readingUm > values.runoutAimUm ? 'caution' : 'ok';
		const worst = stateOf(worstUm);
		const hit = values.taperLimitUm !== null && values.taperRunoutUm > values.taperLimitUm;
		return {
			worstUm,
			taperState: hit ? 'stop' : stateOf(values.taperRunoutUm),
			flangeState: stateOf(values.flangeRunoutUm),
			...new Findings()
				.stop(
					'runout-over-limit',
					worst === 'stop',
					`The ${where} runs out ${worstUm} µm, limit ${values.runoutLimitUm} µm. The spindle is hurt: have it looked at.`
				)
				.stop(
					'taper-runout',
					hit && worst !== 'stop',
					`The taper runs out ${values.taperRunoutUm} µm after it was hit, limit ${values.taperLimitUm} µm. Clean and measure again; nothing is mounted on it like this.`
				)
				.caution(
					'runout-above-aim',
					worst === 'caution',
					`The ${where} runs out ${worstUm} µm, aim ${values.runoutAimUm} µm. Clean, stone off burrs, measure again.`
				)
				.judged()
		};
	}
});
