import { holdSpeed } from '../../../keep/hold-speed.js';
import { redressInterval } from '../../../keep/redress-interval.js';
import { partOf, reasonsOf } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate } from '../station.js';
import { againLine, againStep } from '../dress/again.js';
import { dueWords, redressDue } from './due.js';
import { intervalStep } from './interval.js';
import { type RedressCycle, redressCycle } from './redress-cycle.js';
import { keepStep } from './booking.js';

/** When the form is redressed, in words. @example intervalWords({ mode: 'between-parts', partsPerRedress: 4, redressesPerPart: 0.25 }) // "every 4 parts" */
export const intervalWords = (o: {
	mode: string;
	partsPerRedress: number;
	redressesPerPart: number;
}): string =>
	o.mode === 'inside-part'
		? `${o.redressesPerPart} ${o.redressesPerPart === 1 ? 'time' : 'times'} in each part`
		: `every ${o.partsPerRedress} ${o.partsPerRedress === 1 ? 'part' : 'parts'}`;

/** How far it is to the next redress, in infeed or in parts, with the given way to write a length; null where nobody has said when. */
export function untilNext(cycle: RedressCycle, mm: (value: number) => string): string | null {
	if (cycle.next && cycle.lengthMm !== null && cycle.sinceMm !== null)
		return `in ${mm(cycle.lengthMm - cycle.sinceMm)} of infeed`;
	if (cycle.next) return `part ${cycle.next.part} at ${mm(cycle.next.atMm)}`;
	if (cycle.everyMm !== null && cycle.sinceMm !== null)
		return `in ${mm(cycle.everyMm - cycle.sinceMm)} of infeed`;
	if (cycle.everyParts === null) return null;
	const parts = cycle.everyParts - cycle.sinceParts;
	return `in ${parts} ${parts === 1 ? 'part' : 'parts'}`;
}

/** While it grinds: when it is redressed next. */
function dueLine(facts: SetupFacts): GateLine[] {
	if (facts.state !== 'released') return [];
	const due = redressDue(facts);
	const q = show(facts);
	const until = untilNext(redressCycle(facts), (value) => q(value, 'mm'));
	if (due) return [line({ key: 'due', title: 'Redress due now', state: 'caution', value: dueWords(due) })];
	return until ? [line({ key: 'due', title: 'Next redress', state: 'ok', value: until })] : [];
}

/** The speed it was booked with. */
function speedLine(facts: SetupFacts, entry: Parameters<typeof partOf>[0]): GateLine[] {
	const speed = partOf(entry, holdSpeed);
	if (!speed || speed.verdict === 'stop') return [];
	const q = show(facts);
	// That it will not be held down to scrap is told with the speeds to come.
	const held = !reasonsOf(speed).some((reason) => reason.code === 'speed-not-held');
	return [
		line({
			key: 'speed',
			title: held ? 'Speed held' : 'Speed not held',
			state: held ? 'ok' : 'caution',
			recordId: speed.id,
			value: `${q(speed.output.speedMps, 'm/s')} at ${q(speed.output.speedRpm, 'rpm')}`
		})
	];
}

/** The diameter is written down. What was stopped was not booked. */
export const keepGate: Gate = (facts, evidence) => {
	const entry = evidence.step(keepStep);
	const interval = facts.stations.includes('form')
		? partOf(evidence.step(intervalStep), redressInterval)
		: null;
	return [
		...dueLine(facts),
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
			value:
				entry?.verdict === 'stop'
					? recordedText(entry, '')
					: `${facts.sums.partsGround} parts, ${show(facts)(facts.wheel?.diameterMm, 'mm')}`,
			waiting: 'parts as they are ground'
		}),
		...speedLine(facts, entry)
	];
};
