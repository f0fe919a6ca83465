import { UNLESS_STOPPED, line } from '../../gate.js';
import { said } from '../../say.js';
import type { Gate } from '../station.js';
import { againLine, againStep } from '../dress/again.js';
import { keepStep } from './steps.js';

/** The diameter is written down. What was stopped was not booked. */
export const keepGate: Gate = (_facts, evidence) => {
	const entry = evidence.step(keepStep);
	return [
		...againLine(evidence.step(againStep)),
		line({
			key: 'entry',
			title: 'Booked in the ledger',
			from: entry,
			accepts: UNLESS_STOPPED,
			value: entry?.verdict === 'stop' ? said(entry, '') : `${entry?.entered.diameterAfterMm ?? ''} mm`,
			waiting: 'diameter and parts'
		})
	];
};
