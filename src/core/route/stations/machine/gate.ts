import { spindleRunout } from '../../../mount/spindle-runout.js';
import { partOf } from '../../evidence.js';
import { line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate } from '../station.js';
import { recommissionStep, spindleStep } from './steps.js';

/** The machine before any wheel is on it: safe to wake, or its spindle found true. */
export const machineGate: Gate = (facts, evidence) => {
	if (facts.route.machineAsks === 'wake') {
		const woken = evidence.step(recommissionStep);
		return [
			line({
				key: 'awake',
				title: 'Safe to wake',
				from: woken,
				value: recordedText(woken, 'guard, stops, direction, pressure'),
				waiting: 'looked over dead first'
			})
		];
	}
	const runout = evidence.step(spindleStep);
	const worstUm = partOf(runout, spindleRunout)?.output.worstUm;
	return [
		line({
			key: 'runout',
			title: 'Spindle runs true',
			from: runout,
			value: recordedText(runout, `${show(facts)(worstUm, 'um')} at the worse of taper and flange`),
			waiting: 'dial indicator, no wheel on'
		})
	];
};
