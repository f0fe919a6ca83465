import { inUnit, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

/** The fraction of a wave that damps most, and from where it feeds itself. */
export const [DAMPS, FEEDS] = [0.25, 0.5];
/** This near to whole waves the marks follow the wheel. */
const WHOLE = 0.02;
const spin = <const N extends string>(name: N, label: string, about: string) =>
	rpm(name, about, { ...over0(500000), label });

/** Waves of a frequency on something that turns. @example wavesOn(240, 1450) // 9.9310345 */
export const wavesOn = (hz: number, speedRpm: number): number => (60 * hz) / speedRpm;
const fractionOf = (waves: number): number => {
	const f = waves - Math.floor(waves);
	return 1 - f < SLACK ? 0 : f;
};

/** The speed nearest to this one, within a range, at which a quarter of a wave is left over; null where there is none. */
function quieter(hz: number, now: number, least: number, most: number): number | null {
	const below = Math.floor(wavesOn(hz, now) - DAMPS + SLACK);
	return (
		[below, below + 1]
			.filter((whole) => whole >= 0)
			.map((whole) => (60 * hz) / (whole + DAMPS))
			.filter((n) => n >= least - SLACK && n <= most + SLACK)
			.sort((a, b) => Math.abs(a - now) - Math.abs(b - now))[0] ?? null
	);
}

/** Chatter that cuts into the waves of the turn before: which small change of speed makes it die out. */
export const chatterSpeed = defineCalculation({
	id: 'prove.chatter-speed',
	worse: { wheelRpm: 'up', workRpm: 'none', workRpmMin: 'up', workRpmMax: 'down' },
	title: 'Out of the chatter',
	about:
		'Chatter that feeds on its own waves dies when the next turn meets them the other way round. The smallest change of speed that does it; then listen again.',
	source:
		'Regenerative chatter (textbook machine dynamics): the energy a wave gains from the one before goes as -sin(2 pi fraction). The frequency moves with speed, so this is a first try.',
	formulas: [
		'waves = 60 f/n',
		'fraction = waves - whole waves; 0.5 to 1 can feed itself, worst at 0.75, 0.25 damps most',
		'proposed n = 60 f/(whole + 0.25)'
	],
	fields: [
		inUnit('Hz')('chatterHz', 'From the chatter ruler, or by ear and phone', {
			...over0(20000),
			required: true,
			label: 'Chatter'
		}),
		{ ...spin('wheelRpm', 'Wheel speed', 'As it runs'), required: true },
		spin('workRpm', 'Work speed', 'As it runs; none on a table'),
		spin('workRpmMin', 'Work, slowest', 'As it runs when empty'),
		spin('workRpmMax', 'Work, fastest', 'As it runs when empty'),
		spin('wheelRpmMin', 'Wheel, slowest', 'As it runs when empty'),
		spin('wheelMaxRpm', 'Wheel, fastest', 'What the wheel allows; as it runs when empty')
	],
	outputs: [
		{ name: 'proposeWorkRpm', unit: 'rpm', about: 'Turn the work at', main: true },
		{ name: 'proposeWheelRpm', unit: 'rpm', about: 'Or the wheel at' },
		{ name: 'changePct', unit: '%', about: 'Changed by' },
		{ name: 'wavesWheel', about: 'Waves on the wheel' },
		{ name: 'fractionWheel', about: 'Left over of a wave, wheel' },
		{ name: 'wavesWork', about: 'Waves on the work' },
		{ name: 'fractionWork', about: 'Left over of a wave, work' }
	],
	example: {
		chatterHz: 240,
		wheelRpm: 1450,
		workRpm: 83,
		workRpmMin: 40,
		workRpmMax: 200
	},
	compute(values) {
		const range = (
			now: number,
			least: number | null,
			most: number | null,
			field: string
		): [number, number] => {
			if (least !== null && most !== null && least > most)
				throw new InputFault(
					field,
					'inconsistent',
					`The slowest, ${least} rpm, is above the fastest, ${most} rpm. Exchange them.`
				);
			return [least ?? Math.min(now, most ?? now), most ?? Math.max(now, least ?? now)];
		};
		if (values.workRpm === null && (values.workRpmMin !== null || values.workRpmMax !== null))
			throw new InputFault('workRpm', 'missing', 'Work speed is missing. Enter how fast it turns.');
		const wheelRange = range(values.wheelRpm, values.wheelRpmMin, values.wheelMaxRpm, 'wheelRpmMin');
		const wavesWheel = wavesOn(values.chatterHz, values.wheelRpm);
		const fractionWheel = fractionOf(wavesWheel);
		const wavesWork = values.workRpm === null ? null : wavesOn(values.chatterHz, values.workRpm);
		const fractionWork = wavesWork === null ? null : fractionOf(wavesWork);
		const proposeWorkRpm =
			values.workRpm === null
				? null
				: quieter(
						values.chatterHz,
						values.workRpm,
						...range(values.workRpm, values.workRpmMin, values.workRpmMax, 'workRpmMin')
					);
		const proposeWheelRpm =
			proposeWorkRpm === null ? quieter(values.chatterHz, values.wheelRpm, ...wheelRange) : null;
		const changePct =
			proposeWorkRpm !== null
				? 100 * (proposeWorkRpm / values.workRpm! - 1)
				: proposeWheelRpm !== null
					? 100 * (proposeWheelRpm / values.wheelRpm - 1)
					: null;
		const feeds = [fractionWheel, fractionWork].some((f) => f !== null && f > FEEDS + SLACK);
		const findings = new Findings()
			.caution(
				'follows-wheel',
				Math.abs(wavesWheel - Math.round(wavesWheel)) <= WHOLE + SLACK,
				'Whole waves on the wheel: it follows the wheel. Look at balance and dress before the speed.'
			)
			.caution(
				'no-better-speed',
				feeds && changePct === null,
				'It can feed itself, and no better speed is within reach. Dress sharper, cut narrower, or make it stiffer.'
			);
		return {
			wavesWheel,
			wavesWork,
			fractionWheel,
			fractionWork,
			proposeWorkRpm,
			proposeWheelRpm,
			changePct,
			...findings.judged()
		};
	}
});
