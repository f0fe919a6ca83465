import { redressInterval } from '../../../keep/redress-interval.js';
import { partOf } from '../../evidence.js';
import { UNLESS_STOPPED, line } from '../../gate.js';
import { said } from '../../say.js';
import type { Gate } from '../station.js';
import { againLine, againStep } from '../dress/again.js';
import { intervalStep } from './interval.js';
import { keepStep } from './steps.js';

/** When the form is redressed, in words. @example intervalWords({ mode: 'between-parts', partsPerRedress: 4, redressesPerPart: 0.25 }) // "every 4 parts" */
export const intervalWords = (o: {
	mode: string;
	partsPerRedress: number;
	redressesPerPart: number;
}): string =>
	o.mode === 'inside-part'
		? `${o.redressesPerPart} ${o.redressesPerPart === 1 ? 'time' : 'times'} in each part`
		: `every ${o.partsPerRedress} ${o.partsPerRedress === 1 ? 'part' : 'parts'}`;

/** The diameter is written down. What was stopped was not booked. */
export const keepGate: Gate = (facts, evidence) => {
	const entry = evidence.step(keepStep);
	const interval = facts.stations.includes('form')
		? partOf(evidence.step(intervalStep), redressInterval)
		: null;
	return [
		...againLine(evidence.step(againStep)),
		...(interval
			? [
					line({
						key: 'interval',
						title: 'Form redressed in time',
						from: interval,
						accepts: UNLESS_STOPPED,
						value: intervalWords(interval.output),
						waiting: ''
					})
				]
			: []),
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
