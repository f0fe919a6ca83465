import { between, choice, from0, mm, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { dialFactor, dialReads, touched } from '../set/dial.js';

/** Where the wheel meets the work: by a slip of paper or by the first spark, and the dial's own way of counting. */
export const touchOff = defineCalculation({
	id: 'prove.touch-off',
	title: 'Touch off',
	about:
		'From the reading at which the paper is pulled or the first spark flies: the zero, where the trial begins a safe way short of it, and where the stock is gone.',
	source:
		'First principles. Thickness of the paper is yours to measure: one entered too large cuts into the work.',
	formulas: [
		'zero = reading + k paper, k = 1 or -1 by the dial, doubled on a diameter dial',
		'start = zero - k uncertainty/1000',
		'finish = zero + k stock/1000'
	],
	fields: [
		touched('readingMm', 'Reading', 'On the dial where it touched'),
		yesNo('readingGrowsInward', 'While the wheel comes in', { default: true, label: 'Dial grows inward' }),
		dialReads('dialReads'),
		choice('contact', 'How it was felt', ['paper', 'spark'], { default: 'paper', label: 'Touched by' }),
		mm('paperThicknessMm', 'Measured; thin paper 0.08, office paper nearer 0.10', {
			...between(0.01, 0.5),
			default: 0.08,
			label: 'Paper'
		}),
		um('uncertaintyUm', 'How far it may be off', {
			...from0(500),
			default: 10,
			guideline: true,
			label: 'Sure within'
		}),
		um('stockUm', 'To be ground off', { ...from0(100000), default: 0, label: 'Stock' }),
		choice('slipHeldBy', 'Wet on the work, or in the hand', ['stuck', 'hand'], {
			default: 'stuck',
			label: 'Paper is held'
		}),
		yesNo('wheelRunning', 'While it was touched', { required: true, label: 'Wheel was running' })
	],
	outputs: [
		{ name: 'zeroReadingMm', unit: 'mm', about: 'Zero on the dial', main: true },
		{ name: 'startReadingMm', unit: 'mm', about: 'Begin the trial at' },
		{ name: 'finishReadingMm', unit: 'mm', about: 'Stock is gone at' },
		{ name: 'gapAtReadingMm', unit: 'mm', about: 'Gap at the reading' },
		{ name: 'dialPerUm', about: 'mm on the dial for one µm of work' }
	],
	example: { readingMm: 12.4, stockUm: 60, wheelRunning: false },
	compute(values) {
		const k = (values.readingGrowsInward ? 1 : -1) * dialFactor(values.dialReads);
		const gapAtReadingMm = values.contact === 'paper' ? values.paperThicknessMm : 0;
		const zeroReadingMm = values.readingMm + k * gapAtReadingMm;
		const findings = new Findings()
			.stop(
				'fingers-near-wheel',
				values.contact === 'paper' && values.slipHeldBy === 'hand' && values.wheelRunning,
				'No fingers near a running wheel. Stick the paper to the work with a drop of coolant, or touch with the wheel stopped.'
			)
			.caution(
				'spark-needs-running-wheel',
				values.contact === 'spark' && !values.wheelRunning,
				'A wheel that stands throws no spark. Run it, guard shut, or use paper.'
			);
		return {
			gapAtReadingMm,
			zeroReadingMm,
			startReadingMm: zeroReadingMm - (k * values.uncertaintyUm) / 1000,
			finishReadingMm: zeroReadingMm + (k * values.stockUm) / 1000,
			dialPerUm: k / 1000,
			...findings.judged()
		};
	}
});
