import { decide } from './engine.js';
import type { Decision } from './decision.js';
import type { SetupFacts } from './facts.js';
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
export function stateOf(f: StopFacts): SetupFacts['state'] {
	return hardStops(f).length ? 'stopped' : f.state;
}

/** When a wheel that grinds is dressed next; empty where nobody has said. */
function nextRedress(f: SetupFacts): string {
	const until = untilNext(redressCycle(f), (v) => show(f)(v, 'mm'));
	return until === null ? '' : `redress ${until}`;
}

/** How a setup stands: a lock-out, then what stops it, then whether it is released, then the station it is at. */
export function setupStatus(f: SetupFacts, d: Decision = decide(f)): SetupStatus {
	if (f.state === 'finished') return { state: 'open', word: 'Finished', next: '' };
	if (f.machine.lockedOut) return { state: 'stop', word: 'Locked out', next: 'work the incident through' };
	if (d.blocked.length || d.stations.some((s) => s.state === 'blocked'))
		return { state: 'stop', word: 'Stopped', next: d.next };
	if (f.state === 'released') {
		const due = redressDue(f);
		return due
			? { state: 'caution', word: 'Redress due', next: dueWords(due) }
			: { state: 'ok', word: 'Ready to grind', next: nextRedress(f) };
	}
	const waits = d.stations.some((s) => s.lines.some((l) => l.needsReason));
	return {
		state: waits ? 'caution' : 'now',
		word: d.stations.find((s) => s.id === d.current)!.name,
		next: d.next
	};
}
