import type { Verdict } from '../calculation/verdict.js';
import type { Basis } from './basis.js';

type LineState = 'ok' | 'now' | 'open' | 'caution' | 'stop';

/** One line of a gate: what must hold, its value against its limit, and the record it comes from. */
export interface GateLine {
	key: string;
	title: string;
	state: LineState;
	value: string;
	recordId: number | null;
	/** A caution that waits for somebody's written reason. */
	needsReason: boolean;
	reason: string | null;
	step: string | null;
	/** On what it rests; null where no record stands behind it, or the record needs none. */
	basis: Basis | null;
}

/** What a line is met by: a step as recorded, or one part of it. */
interface Proof {
	id: number;
	step: string;
	verdict: Verdict;
	overrideReason: string | null;
}

interface Common {
	key: string;
	title: string;
	/** What is shown once there is something to show. */
	value: string;
	/** On what this line rests, where its record rests on several things. */
	basis?: Basis;
}
/** Met by a record: its verdict decides; a caution holds the gate until a reason is written. */
interface Met extends Common {
	from: Proof | null;
	/** What is shown while there is no record. */
	waiting: string;
	/** Verdicts that let the line hold as they are, without a reason; `ok` alone when left out. A stop never does. */
	accepts?: readonly Exclude<Verdict, 'stop'>[];
	/** False keeps the line open although there is a record, unless that says stop. */
	holds?: boolean;
}
/** Holds or not from plain facts, without a record of its own. */
interface Stated extends Common {
	state: LineState;
	recordId?: number | null;
}

/** Verdicts a line may accept: any that is not a stop. */
export const UNLESS_STOPPED: readonly Exclude<Verdict, 'stop'>[] = ['ok', 'caution'];

/** The one way a gate line is made. */
export function line(o: Met | Stated): GateLine {
	const { key, title, value } = o;
	const plain = { key, title, value, needsReason: false, reason: null, step: null, basis: o.basis ?? null };
	if ('state' in o) return { ...plain, state: o.state, recordId: o.recordId ?? null };
	if (!o.from) return { ...plain, state: 'open', value: o.waiting, recordId: null };
	const { verdict, overrideReason } = o.from;
	const { accepts = ['ok'] } = o;
	const state =
		verdict === 'stop' ? 'stop' : o.holds === false ? 'open' : accepts.includes(verdict) ? 'ok' : verdict;
	return {
		...plain,
		state,
		recordId: o.from.id,
		needsReason: state === 'caution' && overrideReason === null,
		reason: overrideReason,
		step: o.from.step
	};
}

/** A line that does not hold anything up: it is right, or its caution was accepted. */
export const passes = (line: GateLine): boolean =>
	line.state === 'ok' || (line.state === 'caution' && !line.needsReason);

/** The first open line is the one to work on now. */
export function markNow(lines: GateLine[]): GateLine[] {
	const first = lines.findIndex((l) => !passes(l));
	return lines.map((l, i) => (i === first && l.state === 'open' ? { ...l, state: 'now' } : l));
}
