import { decide } from './engine.js';
import type { Decision } from './decision.js';
import type { SetupFacts } from '../facts/setup.js';
import { show } from './gate-text.js';
import { untilNext } from './stations/keep/gate.js';
import { redressCycle } from './stations/keep/redress-cycle.js';
import { dueWords, redressDue } from './stations/keep/due.js';
import { type StopFacts, hardStops } from './hard-stops.js';

/** How a setup stands, in the words of the Floor. */
export interface SetupStatus {
	state: 'ok' | 'now' | 'open' | 'caution' | 'stop';
	word: string;
	/** What comes next; empty where nothing does. */
	next: string;
}

/** The word for a setup whose stations nobody looked at; what stops it is asked before what it was released for. */
export function stateOf(facts: StopFacts): SetupFacts['state'] {
	return hardStops(facts).length ? 'stopped' : facts.state;
}

/** When a wheel that grinds is dressed next; empty where nobody has said. */
function nextRedress(facts: SetupFacts): string {
	const until = untilNext(redressCycle(facts), (value) => show(facts)(value, 'mm'));
	return until === null ? '' : `redress ${until}`;
}

/** How a setup stands: a lock-out, then what stops it, then whether it is released, then the station it is at. */
export function setupStatus(facts: SetupFacts, decision: Decision = decide(facts)): SetupStatus {
	if (facts.state === 'finished') return { state: 'open', word: 'Finished', next: '' };
	if (facts.machine.lockedOut)
		return { state: 'stop', word: 'Locked out', next: 'work the incident through' };
	if (decision.blocked.length || decision.stations.some((station) => station.state === 'blocked'))
		return { state: 'stop', word: 'Stopped', next: decision.next };
	if (facts.state === 'released') {
		const due = redressDue(facts);
		return due
			? { state: 'caution', word: 'Redress due', next: dueWords(due) }
			: { state: 'ok', word: 'Ready to grind', next: nextRedress(facts) };
	}
	const waits = decision.stations.some((station) => station.lines.some((line) => line.needsReason));
	return {
		state: waits ? 'caution' : 'now',
		word: decision.stations.find((station) => station.id === decision.current)!.name,
		next: decision.next
	};
}
