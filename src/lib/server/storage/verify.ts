import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { type Chained, chainName, linked, ownHash } from './chain.js';
import { type Runner, queryRows, row, rows } from './pool.js';
import { triggersAfter, triggersIn } from './triggers.js';

/** What was looked at, and what is not as it was kept, in words. */
export interface Verified {
	records: number;
	chains: number;
	wrong: string[];
}
const PAGE = 1000;
const MAX_TOLD = 20;

/**
 * Checks the evidence of a shop: every record against its hash, every chain against the one before and its end. It finds what was changed beside the application; it cannot find that somebody who may do
 * everything has made all of it anew, which an export taken before would show.
 */
export async function verifyRecords(on?: Runner): Promise<Verified> {
	const wrong: string[] = [];
	const ends = new Map<string, { hash: string; records: number }>();
	let records = 0;
	for (let after = 0; ;) {
		const page = await queryRows<Kept>(
			`SELECT ${COLUMNS} FROM records WHERE id > ? ORDER BY id LIMIT ${PAGE}`,
			[after],
			on
		);
		if (!page.length) break;
		for (const r of page) {
			const name = chainName(r);
			const before = ends.get(name) ?? { hash: '', records: 0 };
			// From one that is wrong it goes on as it is kept, so that each is told once.
			ends.set(name, { hash: r.chain ?? '', records: before.records + 1 });
			if (linked(before.hash, ownHash(r)) !== r.chain)
				wrong.push(`Record ${r.id} of ${name} is not as it was kept, or one before it is missing.`);
		}
		records += page.length;
		after = Number(page.at(-1)!.id);
	}
	const kept = await rows<{ name: string; hash: string; records: number }>(
		'SELECT name, hash, records FROM chains',
		[],
		on
	);
	for (const c of kept) {
		const end = ends.get(c.name);
		if (end?.hash !== c.hash || end.records !== c.records)
			wrong.push(`${c.name} should end after ${c.records} records; ${end?.records ?? 0} are there.`);
		ends.delete(c.name);
	}
	for (const name of ends.keys()) wrong.push(`${name} has records and no end.`);
	return { records, chains: kept.length, wrong: wrong.slice(0, MAX_TOLD) };
}

/** As the owner of the tables: triggers that are missing, changed or too many for what was migrated here; procedures and events, of which there are none. */
export async function wrongTriggers(migrations: string, on?: Runner): Promise<string[]> {
	const names = (await rows<{ name: string }>('SELECT name FROM migrations', [], on)).map((m) => m.name);
	const unknown = names.filter((n) => !/^\d{3}_\w+\.sql$/.test(n) || !existsSync(join(migrations, n)));
	if (unknown.length) return [`It was written by another version: ${unknown.join(', ')} is not known here.`];
	const [wanted, found] = [triggersAfter(migrations, names), await triggersIn(on)];
	const named = (t: string): string => t.slice(0, t.indexOf(':'));
	const programs = await row<{ n: number }>(
		'SELECT (SELECT COUNT(*) FROM information_schema.ROUTINES WHERE ROUTINE_SCHEMA = DATABASE()) + (SELECT COUNT(*) FROM information_schema.EVENTS WHERE EVENT_SCHEMA = DATABASE()) AS n',
		[],
		on
	);
	return [
		...wanted.filter((t) => !found.includes(t)).map((t) => `The trigger ${named(t)} is missing or changed.`),
		...found
			.filter((t) => !wanted.some((w) => named(w) === named(t)))
			.map((t) => `There is a trigger ${named(t)} that does not belong here.`),
		...(Number(programs?.n) ? ['There are procedures or events that do not belong here.'] : [])
	];
}

/** A record as its hash is made of it, with the one it was kept with. */
interface Kept extends Chained {
	id: number;
	chain: string | null;
}
const COLUMNS =
	'id, setup_id AS setupId, wheel_id AS wheelId, machine_id AS machineId, station, step, calculation, core_version AS coreVersion, entered, input, output, verdict, override_reason AS overrideReason, replaces_id AS replacesId, facts, user_id AS userId, entered_at AS enteredAt, at, request_key AS requestKey, ordinal, chain';
