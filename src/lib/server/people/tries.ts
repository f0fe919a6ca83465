import { row, write } from '../db/pool.js';

/** Wrong ones that cost nothing; then each one doubles the wait. */
const FREE = 3;
const FREE_OF_AN_ADDRESS = 6;
const LONGEST_S = 30;
/** After so long without a wrong one it begins anew. */
const FORGOTTEN_MIN = 30;

/**
 * Wrong PINs are counted by account and address. Where somebody has signed in before, only wrong ones from that very place make them
 * wait; all other places share one count. So nobody can lock somebody out from somewhere else, or a shop by trying every name, and
 * guessing from many places at once is as slow as from one.
 */
const bucketOf = async (userId: number, address: string): Promise<{ own: string; known: boolean }> => {
	const known = await row('SELECT user_id FROM known_addresses WHERE user_id = ? AND address = ?', [
		userId,
		placeOf(address)
	]);
	return { own: known ? `${userId} at ${placeOf(address)}` : `${userId} elsewhere`, known: !!known };
};
const ofAddress = (address: string): string => `at ${placeOf(address)}`;

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

const waitOf = async (bucket: string): Promise<number> => {
	const t = await row<{ wait_s: number }>(
		'SELECT TIMESTAMPDIFF(MICROSECOND, UTC_TIMESTAMP(3), wait_until) / 1000000 AS wait_s FROM sign_in_tries WHERE bucket = ?',
		[bucket]
	);
	return t && t.wait_s > 0 ? Math.max(1, Math.ceil(Number(t.wait_s))) : 0;
};

/** Seconds somebody has to wait at this address before the next try; 0 for none. */
export async function waitFor(userId: number, address: string): Promise<number> {
	const { own, known } = await bucketOf(userId, address);
	// Others at the same place who tried many names do not make somebody wait who is known there.
	return Math.max(await waitOf(own), known ? 0 : await waitOf(ofAddress(address)));
}

async function count(bucket: string, free: number): Promise<void> {
	await write(
		`INSERT INTO sign_in_tries (bucket, failed, wait_until, at) VALUES (?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))
		 ON DUPLICATE KEY UPDATE failed = IF(at < UTC_TIMESTAMP(3) - INTERVAL ${FORGOTTEN_MIN} MINUTE, 1, LEAST(failed + 1, 60000)), at = UTC_TIMESTAMP(3),
		 wait_until = UTC_TIMESTAMP(3) + INTERVAL IF(failed <= ${free}, 0, LEAST(${LONGEST_S}, POW(2, LEAST(failed - ${free} - 1, 10)))) SECOND`,
		[bucket]
	);
}

/** A wrong PIN. */
export async function failed(userId: number, address: string): Promise<void> {
	const { own } = await bucketOf(userId, address);
	await count(own, FREE);
	await count(ofAddress(address), FREE_OF_AN_ADDRESS);
}

/** The right one: this account begins anew here, and is known here from now on. */
export async function succeeded(userId: number, address: string): Promise<void> {
	const { own } = await bucketOf(userId, address);
	await write('DELETE FROM sign_in_tries WHERE bucket = ?', [own]);
	await write(
		'INSERT INTO known_addresses (user_id, address, at) VALUES (?, ?, UTC_TIMESTAMP(3)) ON DUPLICATE KEY UPDATE at = VALUES(at)',
		[userId, placeOf(address)]
	);
}
