import { MAX_JSON } from './body-limits.js';

/** How many requests with a body may be under way at once: of one person, and from one place, which may be a whole shop. */
const MAX = {
	large: { person: 3, place: 12 },
	small: { person: 40, place: 200 }
} as const;

const taken = new Map<string, number>();
const change = (key: string, by: 1 | -1): void => {
	const now = (taken.get(key) ?? 0) + by;
	if (now > 0) taken.set(key, now);
	else taken.delete(key);
};

/**
 * A seat for a request that carries something, taken before anything of it is read. Null where one person, or one place, sends too much
 * at once; else how to give it back.
 */
export function takeSeat(person: number | null, place: string, bytes: number): (() => void) | null {
	const size = bytes > MAX_JSON ? 'large' : 'small';
	const keys: [string, number][] = [[`${size} from ${place}`, MAX[size].place]];
	if (person !== null) keys.push([`${size} of ${person}`, MAX[size].person]);
	if (keys.some(([key, most]) => (taken.get(key) ?? 0) >= most)) return null;
	for (const [key] of keys) change(key, 1);
	let given = false;
	return () => {
		if (given) return;
		given = true;
		for (const [key] of keys) change(key, -1);
	};
}
