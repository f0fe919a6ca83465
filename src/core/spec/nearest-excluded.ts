/** Why a wheel is ruled out, and whether anything could be done about it: what cannot be helped comes last. */
const HOPE: Readonly<Record<string, number>> = {
	held: 1,
	'bore-mismatch': 3,
	'bore-too-small': 70,
	'too-wide': 4,
	'too-large': 5,
	'rated-speed-too-low': 6,
	'worn-out': 7,
	expired: 8,
	quarantined: 2,
	'rating-unknown': 9,
	scrapped: 99
};
export const WHAT_WOULD: Readonly<Record<string, string>> = {
	held: 'the setup that holds it to let it go',
	'bore-too-small': 'nothing, a bore is never enlarged',
	'bore-mismatch': 'a bushing made for it, or a mount of its bore',
	'too-wide': 'a wider guard: another machine',
	'too-large': 'a larger guard: another machine',
	'rated-speed-too-low': 'a slower spindle: another machine',
	'worn-out': 'nothing, it is used up',
	expired: 'nothing, it is out of date',
	quarantined: "a new inspection and a lead's word",
	'rating-unknown': 'nothing, a wheel without a speed never runs',
	scrapped: 'nothing'
};

/** The wheels nearest to usable among those ruled out: least trouble first, then the better points. Scrapped ones are never offered, nor what nothing could help. */
export function nearestExcluded<T extends { id: string; codes: readonly string[] }>(
	excluded: readonly T[],
	most = 3,
	points: (x: T) => number = () => 0
): T[] {
	const trouble = (codes: readonly string[]) => codes.reduce((s, c) => s + (HOPE[c] ?? 50), 0);
	return excluded
		.filter((x) => !x.codes.includes('scrapped') && !x.codes.includes('bore-too-small'))
		.sort((a, b) => trouble(a.codes) - trouble(b.codes) || points(b) - points(a) || (a.id < b.id ? -1 : 1))
		.slice(0, most);
}
