import { expect } from 'chai';
import type { Field } from '../../src/core/calculation/fields.js';
import { STATIONS } from '../../src/core/route/station-names.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { SHOP_KINDS } from '../../src/core/shop/kinds.js';
import { unsound } from '../../src/lib/server/json.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { row, rows } from '../../src/lib/server/storage/pool.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import { shopItems } from '../../src/lib/server/shop/shop.js';
import { NOW } from './fuzz/good.js';
import { knock } from './fuzz/knock.js';
import { type Door, doors } from './fuzz/routes.js';
import { send } from './fuzz/send.js';
import { ask, base, cookieOf } from './fixtures.js';

const MANY = Number(process.env.UNCINUS_FUZZ ?? 2000);
const SEED = Number(process.env.UNCINUS_FUZZ_SEED ?? 1);
const WHO = ['', 'Mara Okonjo', 'Ines Falk', 'Piet Aalders'];
/** After these a session is over or locked, and another one is opened. */
const ENDS = /sign-out|sign-in|\/api\/(lock|unlock|account|people)/;

/** The version a setup has now, where the request was to carry it. */
async function current(path: string, body: Buffer): Promise<Buffer> {
	const text = body.toString();
	if (!text.includes(`"version":${NOW}`)) return body;
	const id = Number(/\/api\/setups\/(\d{1,9})\//.exec(path)?.[1] ?? 0);
	const v = (await row<{ version: number }>('SELECT version FROM setups WHERE id = ?', [id]))?.version ?? 1;
	return Buffer.from(text.replace(`"version":${NOW}`, `"version":${v}`));
}

/** Rows of the shop as a form would have made them. */
async function rowsAreSound(): Promise<void> {
	for (const kind of SHOP_KINDS)
		for (const t of await shopItems(kind)) checked(kind.fields as readonly Field[], t);
	for (const { id } of await rows<{ id: number }>('SELECT id FROM setups')) {
		const { facts, unreadable } = (await loadSetup(id))!;
		expect(unreadable, `setup ${id}`).to.deep.equal([]);
		checked(BRIEF_FIELDS, {
			...facts.brief,
			machineId: facts.machine.id,
			units: facts.units,
			route: facts.route.code
		});
	}
	for (const [table, column] of [
		['records', 'entered'],
		['records', 'input'],
		['drafts', 'body'],
		['incidents', 'facts'],
		['guidelines', 'body'],
		['form_profiles', 'segments']
	] as const)
		for (const r of await rows<{ text: string }>(
			`SELECT ${column} AS text FROM ${table} WHERE ${column} IS NOT NULL`
		)) {
			expect(unsound(JSON.parse(r.text)), `${table}.${column}`).to.equal(null);
			expect(r.text.length).to.be.below(512 * 1024);
		}
}

/** Pages that show what was kept. */
async function pagesOpen(all: readonly Door[], cookie: string): Promise<void> {
	const ids = async (sql: string) => (await rows<{ k: string | number }>(sql)).map((r) => String(r.k));
	const of: Record<string, string[]> = {
		'/setups/[id]/[station]': (await ids('SELECT id AS k FROM setups')).flatMap((id) =>
			STATIONS.map((s) => `/setups/${id}/${s}`)
		),
		'/rack/[number]': (await ids('SELECT number AS k FROM wheels')).map(
			(n) => `/rack/${encodeURIComponent(n)}`
		),
		'/incidents/[id]': (await ids('SELECT id AS k FROM incidents')).map((n) => `/incidents/${n}`),
		'/log/[id]': (await ids('SELECT MAX(id) AS k FROM records GROUP BY station, step, calculation')).map(
			(n) => `/log/${n}`
		)
	};
	const plain = all.filter((d) => d.method === 'GET' && !d.path.includes('[') && !d.path.includes('__data'));
	for (const path of [...plain.map((d) => d.path), ...Object.values(of).flat()]) {
		if (path.startsWith('/api/')) continue;
		const { status } = await ask(path, { cookie });
		expect(status, path).to.be.below(500);
	}
}

describe(`${MANY} requests that no page would send, seed ${SEED}`, () => {
	it('are answered without a fault of ours, leave only what a form could have made, and every page still opens', async function () {
		this.timeout(120_000 + MANY * 60);
		const all = doors();
		expect(all.length).to.be.above(70);
		const cookies = await Promise.all(WHO.map(async (name) => (name ? cookieOf(name) : '')));
		const faults: string[] = [];
		const counts: Record<number, number> = {};
		for (let n = 0; n < MANY; n++) {
			const k = knock(all, SEED, n, base());
			if (k.body) k.body = await current(k.path, k.body);
			const { status, text } = await send(base(), k, cookies[k.who]!);
			counts[Math.floor(status / 100)] = (counts[Math.floor(status / 100)] ?? 0) + 1;
			if (status === 0 || status >= 500)
				faults.push(
					`${n}: ${k.method} ${k.path.slice(0, 120)} as ${WHO[k.who] || 'nobody'} ${JSON.stringify(k.headers)} ${String(k.body ?? '').slice(0, 300)} -> ${status} ${text.slice(0, 200)}`
				);
			if (ENDS.test(k.path) && WHO[k.who]) cookies[k.who] = await cookieOf(WHO[k.who]!);
		}
		if (process.env.UNCINUS_FUZZ)
			process.stdout.write(`    answered by hundreds: ${JSON.stringify(counts)}\n`);
		expect(faults.slice(0, 20), `${faults.length} of ${MANY}`).to.deep.equal([]);
		expect(counts[2] ?? 0, JSON.stringify(counts)).to.be.above(MANY / 10);
		await rowsAreSound();
		await pagesOpen(all, await cookieOf('Mara Okonjo'));
	});
});
