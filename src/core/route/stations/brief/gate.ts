import { recommend } from '../../../spec/recommend.js';
import { TOLD } from './steps.js';
import { UNLESS_STOPPED, line } from '../../gate.js';
import type { Gate } from '../station.js';

/** The job is told once it has led to a recommendation, whatever that warns of. */
export const briefGate: Gate = (_facts, evidence) => {
	const told = evidence.of(recommend, 'brief', TOLD);
	return [
		line({
			key: 'job',
			title: 'The job is told',
			from: told,
			accepts: UNLESS_STOPPED,
			value: told?.output.marking ?? '',
			waiting: 'fill in the brief'
		})
	];
};
