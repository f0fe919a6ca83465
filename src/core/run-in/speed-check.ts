import { choice, from0, mm, mps, over0, percent, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { limitRpm as limitOf, overLimit, shownLimit } from '../spec/limit-rpm.js';
import { surfaceSpeedMps } from '../spec/speed.js';

/** Under this share of the limit a reading is a slip or a spindle that runs at a fraction of its speed. */
const FAR_BELOW = 0.2;
const MULTIPLES = [0.5, 2, 3, 4];

/** Tachometer against the wheel's limit: a worn wheel never earns more rpm. */
export const speedCheck = defineCalculation({
	id: 'run-in.speed-check',
	worse: {
		ratedRpm: 'down',
		measuredRpm: 'none',
		commandedRpm: 'none',
		cautionPct: 'down',
		mismatchPct: 'down'
	},
	title: 'Speed check',
	about: 'The tachometer against the label: the lower of marked rpm and marked m/s at the original diameter.',
	source: 'Circular motion (first principles); the limit stays that of the new wheel.',
	formulas: ['limit = least of marked rpm and v 60000/(pi D when new)', 'percent = 100 measured/limit'],
	fields: [
		rpm('ratedRpm', 'On the wheel', { ...over0(500000), label: 'Marked rpm' }),
		mps('ratedSpeedMps', 'On the wheel', { ...over0(500), label: 'Marked speed' }),
		mm('originalDiameterMm', 'When new; needed with a marked m/s', over0(3000)),
		mm('currentDiameterMm', 'Measured', { ...over0(3000), label: 'Diameter today' }),
		rpm('measuredRpm', 'Reading', { ...from0(1000000), required: true, label: 'Tachometer' }),
		rpm('commandedRpm', 'What the machine is set to', { ...over0(500000), label: 'Set speed' }),
		choice('stage', 'Bare spindle or with the wheel on', ['before-wheel', 'after-wheel'], { required: true }),
		percent('cautionPct', 'Caution above this share of the limit', {
			...over0(100),
			guideline: true,
			label: 'Close to the limit from',
			default: 99,
			advanced: true
		}),
		percent('mismatchPct', 'Reading may differ from the set speed by this', {
			...over0(100),
			guideline: true,
			label: 'Reading off by',
			default: 2,
			advanced: true
		})
	],
	outputs: [
		{ name: 'marginPct', unit: '%', about: 'Spare', main: true },
		{ name: 'limitRpm', unit: 'rpm', about: 'Highest allowed' },
		{ name: 'percentOfRated', unit: '%', about: 'Of the limit' },
		{ name: 'tachMultiple', about: 'The reading looks like a multiple' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Rim speed' },
		{ name: 'stage', about: 'When it was read' }
	],
	example: { ratedRpm: 2260, commandedRpm: 2200, measuredRpm: 2191, stage: 'before-wheel' },
	compute(values) {
		if (values.ratedRpm === null && values.ratedSpeedMps === null)
			throw new InputFault(
				'ratedRpm',
				'missing',
				'Marked rpm is missing. Enter the rpm or the m/s printed on the wheel.'
			);
		if (values.ratedSpeedMps !== null && values.originalDiameterMm === null)
			throw new InputFault(
				'originalDiameterMm',
				'missing',
				'Original diameter is missing. It turns the marked m/s into rpm.'
			);
		if (
			values.currentDiameterMm !== null &&
			values.originalDiameterMm !== null &&
			values.currentDiameterMm > values.originalDiameterMm
		)
			throw new InputFault(
				'currentDiameterMm',
				'above-maximum',
				`Diameter today ${values.currentDiameterMm} mm is larger than when new, ${values.originalDiameterMm} mm.`
			);
		// One of the two marks is there, so there is a limit; without a marked m/s no diameter is needed for it.
		const limitRpm = limitOf({
			ratedMps: values.ratedSpeedMps,
			ratedRpm: values.ratedRpm,
			newDiameterMm: values.originalDiameterMm ?? 0
		})!;
		const over = overLimit(values.measuredRpm, limitRpm);
		const percentOfRated = (100 * values.measuredRpm) / limitRpm;
		const share = values.commandedRpm === null ? null : values.measuredRpm / values.commandedRpm;
		const tachMultiple =
			share === null ? null : (MULTIPLES.find((m) => Math.abs(share / m - 1) <= 0.03 + 1e-12) ?? null);
		const diameter = values.currentDiameterMm ?? values.originalDiameterMm;
		const findings = new Findings()
			.stop(
				'overspeed',
				over,
				`${values.measuredRpm} rpm is above the ${shownLimit(limitRpm)} rpm this wheel allows. Do not run it.`
			)
			.caution(
				'near-rated',
				percentOfRated > values.cautionPct && !over,
				'Almost no spare below the limit; a tachometer and the mains are only good to about that.'
			)
			.stop(
				'no-reading',
				values.measuredRpm === 0,
				'The tachometer shows nothing: that proves nothing. Read it again.'
			)
			.caution(
				'far-below',
				values.commandedRpm === null && values.measuredRpm > 0 && values.measuredRpm < FAR_BELOW * limitRpm,
				'Far below what this wheel allows. Read it again, or say what the machine is set to.'
			)
			.caution(
				'tach-multiple',
				tachMultiple !== null,
				`The reading is ${tachMultiple} times the set speed: count the marks, check the pulley.`
			)
			.caution(
				'speed-mismatch',
				share !== null &&
					tachMultiple === null &&
					values.measuredRpm > 0 &&
					Math.abs(share - 1) * 100 > values.mismatchPct + 1e-9,
				'The reading does not agree with the set speed. Find out why.'
			);
		return {
			limitRpm,
			percentOfRated,
			marginPct: 100 - percentOfRated,
			tachMultiple,
			stage: values.stage,
			surfaceSpeedMps: diameter === null ? null : surfaceSpeedMps(diameter, values.measuredRpm),
			...findings.judged()
		};
	}
});
