import { FirstOf } from '../numeric/first-of.js';

/** Why a wheel is ruled out, and whether anything could be done about it: what cannot be helped comes last. */
const HOPE: Readonly<Record<string, number>> = {
	held: 1,
	'bore-mismatch': 3,
	'too-wide': 4,
	'too-large': 5,
	'rated-speed-too-low': 6,
	'worn-out': 7,
	expired: 8,
	quarantined: 2,
	'rating-unknown': 9
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
	const first = new FirstOf<{ x: T; trouble: number; points: number }>(
		most,
		(a, b) => a.trouble - b.trouble || b.points - a.points || (a.x.id < b.x.id ? -1 : 1)
	);
	for (const x of excluded) {
		const trouble = troubleOf(x.codes);
		// Points are worked out for the few that may be among them.
		if (trouble <= (first.last?.trouble ?? Infinity) && trouble < Infinity)
			first.offer({ x, trouble, points: points(x) });
	}
	return first.list.map(({ x }) => x);
}

/**
 * How much it would take; infinite where nothing helps. Lists of reasons are shared by many wheels, so each is
 * added up once.
 * @example troubleOf(['too-wide', 'expired']) // 12
 */
export function troubleOf(codes: readonly string[]): number {
	let sum = known.get(codes);
	if (sum === undefined) {
		const never = codes.includes('scrapped') || codes.includes('bore-too-small');
		sum = never ? Infinity : codes.reduce((s, c) => s + (HOPE[c] ?? 50), 0);
		known.set(codes, sum);
	}
	return sum;
}
const known = new WeakMap<readonly string[], number>();
