import { queryRows, rows } from '../storage/pool.js';

const LONG = 3;
/** A text is rare when some three bytes of it stand in at most so many wheels. */
const RARE = 2000;
/** So many threes of a text are looked at; one rare one is enough. */
const LOOKED_AT = 8;

/** The threes of a text as the rack is searched by it. @example threesOf('F42 b') // ["f42","42 ","2 b"] */
export function threesOf(text: string): Buffer[] {
	const bytes = Buffer.from(text.toLowerCase());
	const all = Array.from({ length: Math.max(0, bytes.length - LONG + 1) }, (_, i) =>
		bytes.subarray(i, i + LONG)
	);
	return [...new Map(all.map((b) => [b.toString('hex'), b])).values()];
}

/**
 * Numbers of every wheel that may hold a text, if it is rare: some of them may hold its parts only, so the text itself is still looked for.
 * Null where it is short or common; then reading on from the first match costs less.
 */
export async function candidatesByTrigram(text: string): Promise<number[] | null> {
	const threes = threesOf(text).slice(0, LOOKED_AT);
	if (!threes.length) return null;
	const counts = await queryRows<{ at: number; n: number }>(
		threes
			.map(
				(_, i) =>
					`SELECT ${i} AS at, COUNT(*) AS n FROM (SELECT 1 FROM wheel_grams WHERE gram = ? LIMIT ${RARE + 1}) x${i}`
			)
			.join(' UNION ALL '),
		threes
	);
	const rarest = counts
		.map((c) => ({ at: Number(c.at), n: Number(c.n) }))
		.reduce((a, b) => (b.n < a.n ? b : a));
	if (rarest.n > RARE) return null;
	const found = await rows<{ id: number }>('SELECT wheel_id AS id FROM wheel_grams WHERE gram = ?', [
		threes[rarest.at]!
	]);
	return found.map((w) => w.id);
}
