import type { RingResult } from './listen.js';

export interface TapNote {
	tap: number;
	hz: number;
	q: number;
	lower: boolean;
	higher: boolean;
	shorter: boolean;
}
const MIN_PCT = 1;

/** Each tap against the rest: its note against the middle one, how long it rings against the longest. */
export function tapNotes(r: Pick<RingResult, 'tapFrequencyHz' | 'tapQ' | 'splitResolvablePct'>): TapNote[] {
	const sorted = [...r.tapFrequencyHz].sort((a, b) => a - b);
	const top = sorted.at(-1) ?? 0;
	const bottom = sorted[0] ?? 0;
	const apart = top > 0 && (100 * (top - bottom)) / top > Math.max(MIN_PCT, r.splitResolvablePct ?? 0);
	// Two notes: each tap belongs to the nearer one; the smaller group is what stands out.
	const low = r.tapFrequencyHz.map((hz) => apart && hz - bottom < top - hz);
	const few = low.filter(Boolean).length * 2 <= low.length;
	const longest = Math.max(0, ...r.tapQ);
	return r.tapFrequencyHz.map((hz, i) => ({
		tap: i + 1,
		hz,
		q: r.tapQ[i] ?? 0,
		lower: apart && few && low[i]!,
		higher: apart && !few && !low[i]!,
		shorter: (r.tapQ[i] ?? 0) < 0.5 * longest
	}));
}

const list = (n: readonly number[]): string =>
	n.length === 1 ? `Tap ${n[0]}` : `Taps ${n.slice(0, -1).join(', ')} and ${n.at(-1)}`;
/** Which taps stand out, in a sentence each. */
export function tapWords(r: Pick<RingResult, 'tapFrequencyHz' | 'tapQ' | 'splitResolvablePct'>): string {
	const notes = tapNotes(r);
	const of = (pick: (t: TapNote) => boolean, says: string): string[] => {
		const n = notes.filter(pick).map((note) => note.tap);
		return n.length
			? [
					`${list(n)} ${n.length === 1 ? says.replace('sound ', 'sounds ').replace('ring ', 'rings ') : says}.`
				]
			: [];
	};
	return [
		...of((t) => t.lower, 'sound lower than the rest'),
		...of((t) => t.higher, 'sound higher than the rest'),
		...of((t) => t.shorter, 'ring shorter than the rest')
	].join(' ');
}
