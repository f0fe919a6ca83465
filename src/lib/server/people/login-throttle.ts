import { type Runner, places, row, rows, transaction, write } from '../storage/pool.js';

/** Wrong ones that cost nothing; then each one doubles the wait. */
const FREE = 3;
const FREE_OF_AN_ADDRESS = 6;
const SHORTEST_S = 5;
const LONGEST_S = 30;
/** So many may stand before one account, or one place, to be looked at; more are sent away unseen. */
const IN_LINE = 20;
/** After so long without a wrong one it begins anew. */
const FORGOTTEN_MIN = 30;

/**
 * Wrong PINs are counted by account and address. Where somebody has signed in before, only wrong ones from that very place make them
 * wait; all other places share one count. So nobody can lock somebody out from somewhere else, or a shop by trying every name, and
 * guessing from many places at once is as slow as from one.
 */
async function bucketsOf(userId: number, address: string, on: Runner): Promise<Bucket[]> {
	const place = placeOf(address);
	const known = await row(
		'SELECT user_id FROM known_addresses WHERE user_id = ? AND address = ?',
		[userId, place],
		on
	);
	// Others at the same place who tried many names do not make somebody wait who is known there.
	if (known) return [{ bucket: `${userId} at ${place}`, free: FREE }];
	return [
		{ bucket: `${userId} elsewhere`, free: FREE },
		{ bucket: `at ${place}`, free: FREE_OF_AN_ADDRESS }
	];
}
interface Bucket {
	bucket: string;
	free: number;
}

/** A person has one address of the older kind, and a whole network of the newer: it counts as one place. */
export function placeOf(address: string): string {
	const plain = address.replace(/^::ffff:/, '').slice(0, 45);
	if (!plain.includes(':')) return plain;
	const [head = '', tail = ''] = plain.split('::');
	const left = head ? head.split(':') : [];
	const right = tail ? tail.split(':') : [];
	const all = plain.includes('::')
		? [...left, ...Array.from({ length: Math.max(0, 8 - left.length - right.length) }, () => '0'), ...right]
		: left;
	return `${all
		.slice(0, 4)
		.map((p) => p || '0')
		.join(':')}::/64`;
}

/** Counts a try before it is looked at, its account and its place locked together: the seconds to wait instead, 0 to go on. */
const counted = (userId: number, address: string): Promise<number> =>
	transaction(async (on) => {
		const all = await bucketsOf(userId, address, on);
		for (const { bucket } of all)
			await write(
				`INSERT INTO sign_in_tries (bucket, failed, wait_until, at) VALUES (?, 0, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))
				 ON DUPLICATE KEY UPDATE bucket = VALUES(bucket)`,
				[bucket],
				on
			);
		const waits = await rows<{ wait_s: number }>(
			`SELECT TIMESTAMPDIFF(MICROSECOND, UTC_TIMESTAMP(3), wait_until) / 1000000 AS wait_s FROM sign_in_tries
			 WHERE bucket IN (${places(all)})`,
			all.map((b) => b.bucket),
			on
		);
		const wait = Math.max(...waits.map((w) => Number(w.wait_s)));
		if (wait > 0) return Math.ceil(wait);
		for (const { bucket, free } of all)
			await write(
				`UPDATE sign_in_tries SET failed = IF(at < UTC_TIMESTAMP(3) - INTERVAL ${FORGOTTEN_MIN} MINUTE, 1, LEAST(failed + 1, 60000)), at = UTC_TIMESTAMP(3),
				 wait_until = UTC_TIMESTAMP(3) + INTERVAL IF(failed <= ${free}, 0, LEAST(${LONGEST_S}, ${SHORTEST_S} * POW(2, LEAST(failed - ${free} - 1, 10)))) SECOND
				 WHERE bucket = ?`,
				[bucket],
				on
			);
		return 0;
	});

/** The right one: this account begins anew here and is known here from now on; what was counted of it at this place is taken back. */
const takenBack = (userId: number, address: string): Promise<void> =>
	transaction(async (on) => {
		const [own, place] = await bucketsOf(userId, address, on);
		await write('DELETE FROM sign_in_tries WHERE bucket = ?', [own!.bucket], on);
		if (place)
			await write(
				'UPDATE sign_in_tries SET failed = GREATEST(failed, 1) - 1, wait_until = UTC_TIMESTAMP(3) WHERE bucket = ?',
				[place.bucket],
				on
			);
		if (userId === NOBODY) return;
		await write(
			'INSERT INTO known_addresses (user_id, address, at) VALUES (?, ?, UTC_TIMESTAMP(3)) ON DUPLICATE KEY UPDATE at = VALUES(at)',
			[userId, placeOf(address)],
			on
		);
	});

/** Nobody has this number: tries of the first code are counted under it. */
export const NOBODY = 0;

/** How many stand in line, by account and by place. */
const inLine = new Map<string, number>();
/** One after the other, so that many at once wait for each other and not at the database. */
let line: Promise<unknown> = Promise.resolve();

async function queued<T>(userId: number, address: string, work: () => Promise<T>): Promise<T | null> {
	const keys = [`${userId}`, placeOf(address)];
	if (keys.some((key) => (inLine.get(key) ?? 0) >= IN_LINE)) return null;
	for (const k of keys) inLine.set(k, (inLine.get(k) ?? 0) + 1);
	const own = line.catch(() => undefined).then(work);
	line = own;
	try {
		return await own;
	} finally {
		for (const k of keys) {
			const left = inLine.get(k)! - 1;
			if (left) inLine.set(k, left);
			else inLine.delete(k);
		}
	}
}

/** What became of a try: looked at, or sent away for so many seconds. */
export type Tried = { right: boolean } | { waitS: number };

/**
 * The only way a PIN or the first code is looked at: counted first, in the database, and taken back when it was right. So many at the
 * same moment get no more looks than one after the other, wherever each of them is answered.
 * @throws DatabaseDown
 */
export async function lookedAt(
	userId: number,
	address: string,
	isRight: () => Promise<boolean>
): Promise<Tried> {
	const waitS = await queued(userId, address, () => counted(userId, address));
	if (waitS !== 0) return { waitS: waitS ?? SHORTEST_S };
	const right = await isRight();
	if (right) await takenBack(userId, address);
	return { right };
}

/** What is said to whoever has to wait. @example waitWords(1) // "Wait 1 second, then try again." */
export const waitWords = (s: number): string =>
	`Wait ${s} ${s === 1 ? 'second' : 'seconds'}, then try again.`;
