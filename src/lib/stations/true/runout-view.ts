import type { Entry, Typed } from '$lib/ui/fields/entry.svelte';

export interface RunoutOut {
	tirUm: number;
	eccentricityUm: number;
	eccentricTirUm: number;
	highSpotAngleDeg: number;
	residualTirUm: number;
	meanUm: number;
	dominantOrder: number;
	harmonics: { order: number; amplitudeUm: number; angleDeg: number }[];
	reasons: never[];
	verdict: string;
}
export const blank = (n: number): string[] => Array.from({ length: n }, () => '');
/** At least so many empty places to read into. */
export function withPlaces(entry: Entry, n = 12): Entry {
	if (((entry.typed.readingsUm ?? []) as Typed[]).length < 8) entry.typed.readingsUm = blank(n);
	return entry;
}
export const filledOf = (entry: Entry): number =>
	((entry.typed.readingsUm ?? []) as string[]).filter((r) => String(r).trim() !== '').length;
export const placesOf = (entry: Entry): number => ((entry.typed.readingsUm ?? []) as string[]).length;
/** The readings as drawn: + stands out, whichever way the dial counts. */
export const drawnOf = (entry: Entry): number[] => {
	const v = entry.result.values as { readingsUm?: number[]; dialCounts?: string };
	const n = placesOf(entry);
	return filledOf(entry) === n && v.readingsUm?.length === n
		? v.readingsUm.map((r) => (v.dialCounts === 'down' ? -r : r))
		: [];
};
