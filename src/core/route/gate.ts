import type { Verdict } from '../calculation/verdict.js';
import type { RecordFacts } from './facts.js';

export type LineState = 'ok' | 'now' | 'open' | 'caution' | 'stop';

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
}

/** A line met by a record: its verdict decides; a caution holds the gate until a reason is written. */
export function lineOf(
	key: string,
	title: string,
	record: RecordFacts | null,
	value: string,
	waiting: string,
	holds?: boolean
): GateLine {
	if (!record)
		return {
			key,
			title,
			state: 'open',
			value: waiting,
			recordId: null,
			needsReason: false,
			reason: null,
			step: null
		};
	const verdict: Verdict = record.verdict;
	const state: LineState =
		verdict === 'stop' ? 'stop' : holds === false ? 'open' : verdict === 'caution' ? 'caution' : 'ok';
	return {
		key,
		title,
		state,
		value,
		recordId: record.id,
		needsReason: state === 'caution' && record.overrideReason === null,
		reason: record.overrideReason,
		step: record.step
	};
}

/** A line that holds or not from plain facts, without a record of its own. */
export function plainLine(
	key: string,
	title: string,
	state: LineState,
	value: string,
	recordId: number | null = null
): GateLine {
	return { key, title, state, value, recordId, needsReason: false, reason: null, step: null };
}

export const passes = (line: GateLine): boolean =>
	line.state === 'ok' || (line.state === 'caution' && !line.needsReason);

/** The first open line is the one to work on now. */
export function markNow(lines: GateLine[]): GateLine[] {
	const first = lines.findIndex((l) => !passes(l));
	return lines.map((l, i) => (i === first && l.state === 'open' ? { ...l, state: 'now' } : l));
}
