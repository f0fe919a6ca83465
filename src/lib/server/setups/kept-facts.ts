import { createHash } from 'node:crypto';
import { closedFacts } from '../../../core/facts/kept.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { type Runner, places, queryRows, write } from '../storage/pool.js';
import { stored } from '../storage/stored.js';

/** Keeps facts under their hash, once; what is the same is not kept again. Returns the hash. */
export async function keepFacts(facts: object, on: Runner): Promise<string> {
	const text = JSON.stringify(facts);
	const hash = createHash('sha256').update(text).digest('hex');
	await write('INSERT IGNORE INTO kept_facts (hash, facts) VALUES (?, ?)', [hash, text], on);
	return hash;
}

/** What was kept under a hash; null when nothing was, or when it is not what was kept. */
export async function keptFacts<T>(hash: string | null, on?: Runner): Promise<T | null> {
	return hash === null ? null : ((await keptFactsOf<T>([hash], on)).get(hash) ?? null);
}

/** The same of several. */
export async function keptFactsOf<T>(hashes: readonly string[], on?: Runner): Promise<Map<string, T>> {
	if (!hashes.length) return new Map();
	const list = await queryRows<{ hash: string; facts: string }>(
		`SELECT hash, facts FROM kept_facts WHERE hash IN (${places(hashes)})`,
		[...hashes],
		on
	);
	return new Map(
		list.flatMap((k) => {
			const whole = createHash('sha256').update(k.facts).digest('hex') === k.hash;
			const facts = whole ? stored<T>(k.facts) : null;
			return facts ? [[k.hash, facts] as const] : [];
		})
	);
}

/** From now on this setup is shown as it is at this moment. */
export async function closeAs(facts: SetupFacts, on: Runner): Promise<void> {
	const hash = await keepFacts(closedFacts(facts), on);
	await write('UPDATE setups SET closed_facts = ? WHERE id = ?', [hash, facts.id], on);
}
