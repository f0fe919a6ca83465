import { choice, from0, over0, seconds, yesNo, bar } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const yes = <const N extends string>(name: N, label: string, about: string) =>
	yesNo(name, about, { required: true, label });

/** Waking a grinder that has stood: guard, stops, direction and pressure before any wheel goes on. */
export const runInRecommission = defineCalculation({
	id: 'run-in.recommission',
	title: 'Wake an old grinder',
	about:
		'What comes first on a machine that has stood for long: look at it dead, set the stops close, try the emergency stop, see which way it turns without a wheel.',
	source: 'General safety practice; warm-up time is a guideline.',
	formulas: ['next = the first step not done'],
	fields: [
		yes('inspectedIsolated', 'Looked over with the power locked off', 'Belts, cables, oil, loose parts'),
		yes('stopsSetClose', 'Table stops set close', 'Short strokes first'),
		yes('guardSound', 'Guard sound', 'And it latches'),
		yes('wheelFitted', 'A wheel is on it', 'Now'),
		yes('hydraulic', 'Hydraulic table', 'Moved by oil'),
		choice('rotationSeen', 'Facing the nut', ['cw', 'ccw', 'not-tried'], {
			required: true,
			label: 'It turned'
		}),
		choice('rotationRequired', 'Facing the nut', ['cw', 'ccw'], { required: true, label: 'It has to turn' }),
		yesNo('threePhase', 'Motor', { default: true }),
		seconds('pumpRunS', 'Hydraulic', { ...from0(36000), default: 0, label: 'Pump has run' }),
		seconds('pumpWarmS', 'To warm the oil (guideline)', {
			...from0(36000),
			guideline: true,
			label: 'Pump warms for',
			default: 300,
			advanced: true
		}),
		bar('pressureBar', 'On the gauge', { ...from0(1000), label: 'Pressure' }),
		bar('pressureRequiredBar', 'By its manual', { ...over0(1000), label: 'Pressure wanted' }),
		choice(
			'tableMoves',
			'Where there is no gauge: warm, over its full stroke',
			['softly', 'jerks', 'not-fully'],
			{
				label: 'Table moves'
			}
		),
		choice('emergencyStop', 'Pressed with the motor on, no wheel', ['works', 'fails', 'not-tried'], {
			required: true
		})
	],
	outputs: [
		{ name: 'next', about: 'Do this now', main: true },
		{ name: 'rotationFix', about: 'To turn it round' },
		{ name: 'steps', about: 'In order' }
	],
	example: {
		inspectedIsolated: true,
		stopsSetClose: true,
		guardSound: true,
		wheelFitted: false,
		hydraulic: true,
		pressureRequiredBar: 14,
		rotationSeen: 'ccw',
		rotationRequired: 'cw',
		emergencyStop: 'works'
	},
	compute(values) {
		const { tableMoves, pressureBar, pressureRequiredBar } = values;
		if (values.hydraulic && pressureRequiredBar === null && tableMoves === null)
			throw new InputFault(
				'pressureRequiredBar',
				'missing',
				'The pressure it should have is missing. It stands in the manual or on the plate; where there is no gauge, say how the table moves.'
			);
		const turned = values.rotationSeen !== 'not-tried';
		const wrong = turned && values.rotationSeen !== values.rotationRequired;
		// A gauge that was read counts, however the table moves.
		const read = pressureBar !== null || tableMoves === null;
		const low =
			values.hydraulic &&
			read &&
			(pressureBar === null || (pressureRequiredBar !== null && pressureBar < pressureRequiredBar));
		const stiff = values.hydraulic && tableMoves !== null && tableMoves !== 'softly';
		const short = values.hydraulic && values.pumpRunS < values.pumpWarmS;
		const steps = [
			{ code: 'inspect-isolated', done: values.inspectedIsolated },
			{ code: 'check-guard', done: values.guardSound },
			{ code: 'set-stops-close', done: values.stopsSetClose },
			{ code: 'try-emergency-stop', done: values.emergencyStop === 'works' },
			{ code: 'check-rotation-without-wheel', done: turned && !wrong },
			...(values.hydraulic ? [{ code: 'build-pressure', done: !low && !stiff && !short }] : []),
			{ code: 'first-slow-stroke', done: false }
		];
		const findings = new Findings()
			.stop(
				'not-inspected-isolated',
				!values.inspectedIsolated,
				'Look it over with the power locked off first.'
			)
			.stop('guard-unsound', !values.guardSound, 'The guard is not sound. Nothing turns without it.')
			.stop(
				'emergency-stop-fails',
				values.emergencyStop === 'fails',
				'The emergency stop does not stop it. Lock it off and have it mended.'
			)
			.stop(
				'emergency-stop-untried',
				values.emergencyStop === 'not-tried',
				'Try the emergency stop before you need it.'
			)
			.stop('stops-not-set', !values.stopsSetClose, 'Set the table stops close: the first strokes are short.')
			.stop(
				'wheel-on-before-direction-check',
				values.wheelFitted && !turned,
				'Take the wheel off: the wrong direction would unwind its nut.'
			)
			.stop(
				'rotation-wrong',
				wrong,
				`It turns the wrong way. ${values.threePhase ? 'An electrician swaps two phases, with the power locked off.' : 'Ask an electrician.'}`
			)
			.stop('rotation-untried', !turned, 'See which way it turns, without a wheel.')
			.stop(
				'pressure-low',
				low,
				pressureBar === null
					? 'The pressure has not been read.'
					: `${pressureBar} bar; it needs ${pressureRequiredBar}.`
			)
			.stop(
				'table-moves-badly',
				stiff,
				tableMoves === 'jerks'
					? 'The table jerks: air or cold oil. Let the pump run, bleed it as its manual says, then try again.'
					: 'The table does not move its full stroke. Have the oil, the filter and the valves looked at.'
			)
			.caution(
				'pump-warm-up-short',
				short,
				`The pump has run ${values.pumpRunS} s of ${values.pumpWarmS} s: cold oil jerks the table.`
			);
		return {
			steps,
			next: steps.find((step) => !step.done)!.code,
			rotationFix: !wrong ? 'none' : values.threePhase ? 'swap-two-phases' : 'ask-electrician',
			...findings.judged()
		};
	}
});
