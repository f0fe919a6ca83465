import type { OutputOf } from '$core/calculation/define';
import type { Field } from '$core/calculation/fields';
import type { runout } from '$core/true/runout';
import type { Entry } from '$lib/ui/fields/entry.svelte';

export type RunoutOut = OutputOf<typeof runout>;
const blank = (n: number): string[] => Array.from({ length: n }, () => '');
/** At least so many empty places to read into. */
export function withPlaces<L extends readonly Field[]>(entry: Entry<L>, n = 12): Entry<L> {
	if (readingsOf(entry).length < 8) entry.typed.readingsUm = blank(n);
	return entry;
}
/** The readings as typed, place by place. */
export const readingsOf = (entry: Entry): string[] => {
	const typed = entry.typed.readingsUm;
	return Array.isArray(typed) ? typed.map((t) => (typeof t === 'string' ? t : '')) : [];
};
export const filledOf = (entry: Entry): number =>
	readingsOf(entry).filter((reading) => reading.trim() !== '').length;
export const placesOf = (entry: Entry): number => readingsOf(entry).length;
/** Which way the wheel is turned from one reading to the next. */
export const turnedOf = (entry: Entry): 'counter-clockwise' | 'clockwise' =>
	entry.typed.wheelTurned === 'clockwise' ? 'clockwise' : 'counter-clockwise';

interface Round {
	readingsUm?: number[];
	dialCounts?: 'up' | 'down';
}
/** The readings as drawn: + stands out, whichever way the dial counts. */
export function drawnOf(entry: { result: { values: Round } } & Entry): number[] {
	const { readingsUm, dialCounts } = (entry as { result: { values: Round } }).result.values;
	const places = placesOf(entry);
	if (filledOf(entry) !== places || readingsUm?.length !== places) return [];
	return readingsUm.map((r) => (dialCounts === 'down' ? -r : r));
}
