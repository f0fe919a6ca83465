import { choice, from0, mmPerS, seconds, yesNo, VIBRATION_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

const time = <const N extends string>(name: N, max: number, about: string) =>
	seconds(name, about, from0(max));
const vibration = <const N extends string>(name: N, about: string) => mmPerS(name, about, from0(1000));

/** After the free run: what was heard decides whether to go on. */
export const runInOutcome = defineCalculation({
	id: 'run-in.outcome',
	worse: {
		requiredFreeRunS: 'up',
		actualFreeRunS: 'down',
		vibrationMmPerS: 'up',
		vibrationBareMmPerS: 'none',
		vibrationCautionMmPerS: 'down',
		vibrationStopMmPerS: 'down'
	},
	title: 'After the free run',
	about: 'Long enough, quiet, no smell, no shake: only then go on.',
	source: 'General safety practice; vibration limits in velocity rms are guidelines.',
	formulas: ['short by = required - actual', 'vibration ratio = with wheel / bare'],
	fields: [
		{ ...time('requiredFreeRunS', 36000, 'Planned'), minOpen: true, required: true },
		{ ...time('actualFreeRunS', 360000, 'Run'), required: true },
		choice('heard', 'What it sounded like', ['normal', 'rising', 'knock', 'rub', 'not-listened'], {
			required: true
		}),
		vibration('vibrationMmPerS', 'With the wheel'),
		vibration('vibrationBareMmPerS', 'Bare spindle'),
		{
			...vibration('vibrationCautionMmPerS', 'Caution from'),
			...VIBRATION_END,
			label: 'Vibration, caution from',
			minOpen: true,
			guideline: true,
			default: 1.8,
			advanced: true
		},
		{
			...vibration('vibrationStopMmPerS', 'Stop from'),
			...VIBRATION_END,
			label: 'Vibration, stop from',
			minOpen: true,
			guideline: true,
			default: 4.5,
			advanced: true
		},
		yesNo('smokeOrSmell', 'Smoke or a smell', { default: false }),
		yesNo('coolantUsed', 'Ground wet', { default: false }),
		{ ...time('requiredSpinDryS', 36000, 'Spin dry planned'), default: 0 },
		{ ...time('actualSpinDryS', 360000, 'Spun dry'), default: 0 }
	],
	outputs: [
		{ name: 'mayContinue', about: 'May go on', main: true },
		{ name: 'freeRunShortS', unit: 's', about: 'Short by' },
		{ name: 'vibrationRatio', about: 'Against the bare spindle' }
	],
	example: {
		requiredFreeRunS: 180,
		actualFreeRunS: 185,
		heard: 'normal',
		vibrationBareMmPerS: 0.6,
		vibrationMmPerS: 1.4
	},
	compute(values) {
		const ratio =
			values.vibrationMmPerS === null || !values.vibrationBareMmPerS
				? null
				: values.vibrationMmPerS / values.vibrationBareMmPerS;
		const freeRunShortS = Math.max(0, values.requiredFreeRunS - values.actualFreeRunS);
		const below = values.vibrationMmPerS !== null && values.vibrationMmPerS < values.vibrationStopMmPerS;
		const findings = new Findings()
			.stop(
				'abnormal-sound',
				['rising', 'knock', 'rub'].includes(values.heard),
				'That is not a healthy sound. Stop, isolate, take the wheel off.'
			)
			.stop('smoke-or-smell', values.smokeOrSmell, 'Smoke or a smell. Stop and isolate the machine.')
			.stop(
				'vibration',
				values.vibrationMmPerS !== null && values.vibrationMmPerS >= values.vibrationStopMmPerS,
				'It shakes too much. Stop and find out why.'
			)
			.caution(
				'vibration-high',
				below && values.vibrationMmPerS! >= values.vibrationCautionMmPerS,
				'More vibration than usual; balance will tell.'
			)
			.caution(
				'vibration-doubled',
				ratio !== null && ratio >= 2 && below,
				'The wheel more than doubled the vibration of the bare spindle.'
			)
			.stop(
				'free-run-short',
				freeRunShortS > 0,
				`The free run was ${Math.ceil(freeRunShortS)} s short. Let it run.`
			)
			.caution('not-listened', values.heard === 'not-listened', 'Nobody listened.')
			.caution(
				'spin-dry-short',
				values.coolantUsed && values.actualSpinDryS < values.requiredSpinDryS,
				'Not spun dry: coolant gathers at the bottom and unbalances the next start.'
			);
		return {
			freeRunShortS,
			vibrationRatio: ratio,
			mayContinue: findings.verdict !== 'stop',
			...findings.judged()
		};
	}
});
