import { readFileSync, readdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import { accessOf } from '../../src/command/database/access.js';
import { OWNER } from '../../src/command/database/accounts.js';
import { addressOf, runningPid, stopDatabase } from '../../src/command/database/mariadb.js';
import { MIGRATIONS } from '../../src/command/paths.js';
import { alive, until } from '../../src/command/system.js';
import { ByCommand } from './by-command.js';

const AT = /Uncinus is at (http:\S+)/;
/** Numbers from 0 to 1 that a seed leads to, so that a run can be told again. */
function drawn(seed: number): () => number {
	let at = seed;
	return () => {
		at = (at * 1103515245 + 12345) % 2147483648;
		return at / 2147483648;
	};
}

describe('a first start that is broken off', () => {
	const folders: string[] = [];
	const place = () => {
		const folder = mkdtempSync(join(tmpdir(), 'uncinus-broken-start-'));
		folders.push(folder);
		return folder;
	};
	after(async () => {
		for (const f of folders) {
			await stopDatabase(f);
			// What was killed may write for a moment longer.
			rmSync(f, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
		}
	});
	/** What a whole shop has, as the owner of its tables sees it. */
	async function shop(
		folder: string
	): Promise<{ migrated: number; people: number; setups: number; loading: number }> {
		const { ownerPassword, port } = accessOf(folder)!;
		const c = await mysql.createConnection(addressOf(OWNER, ownerPassword, port));
		try {
			const [rows] = await c.query<RowDataPacket[]>(
				'SELECT (SELECT COUNT(*) FROM migrations) AS migrated, (SELECT COUNT(*) FROM users) AS people, (SELECT COUNT(*) FROM setups) AS setups, (SELECT COUNT(*) FROM loading) AS loading'
			);
			return rows[0] as Awaited<ReturnType<typeof shop>>;
		} finally {
			await c.end();
		}
	}

	const seed =
		process.env.UNCINUS_SEED === 'random'
			? (Date.now() % 100_000) + 1
			: Number(process.env.UNCINUS_SEED) || 1;
	it(`by Ctrl-C or a kill at moments drawn from ${seed}: the next start is whole`, async () => {
		const draw = drawn(seed);
		const all = readdirSync(MIGRATIONS).filter((n) => n.endsWith('.sql')).length;
		const empty = { migrated: all, people: 0, setups: 0, loading: 0 };
		for (const [what, withinMs] of [
			['start', 6000],
			['start', 6000],
			['demo', 18_000]
		] as const) {
			const folder = place();
			const [share, signal] = [draw(), draw() < 0.5 ? 'SIGINT' : 'SIGKILL'] as const;
			const story = `${what} broken off by ${signal} after ${Math.round(share * withinMs)} ms (seed ${seed})`;
			const broken = new ByCommand(folder, what, '--port', '4973');
			await new Promise((r) => setTimeout(r, share * withinMs));
			await broken.end(signal);
			const next = new ByCommand(folder, what, '--port', '4973');
			const [, at] = await next.says(AT).catch((e: Error) => {
				throw new Error(`${story}: ${e.message}`);
			});
			expect((await fetch(`${at}/health`)).status, story).to.equal(200);
			const found = await shop(folder);
			if (what === 'start') expect(found, story).to.deep.equal(empty);
			else {
				expect(found, story).to.include({ migrated: all, people: 4, loading: 0 });
				expect(found.setups, story).to.be.above(10);
			}
			await next.end();
			expect(runningPid(folder), `${story}: nothing is left running`).to.equal(null);
		}
	});
	it('an application that ends by itself is started again, and one that never stays up is not for ever', async () => {
		const folder = place();
		const command = new ByCommand(folder, 'start', '--port', '4973');
		const [, at] = await command.says(AT);
		for (let ends = 1; ends <= 4; ends++) {
			const pid = applicationOf(command.pid);
			process.kill(pid, 'SIGKILL');
			await until(() => !alive(pid), 'The application did not end.');
			if (ends < 4) {
				await command.says(new RegExp(`(The application answers again[^]*){${ends}}`));
				expect((await fetch(`${at}/health`)).status).to.equal(200);
			}
		}
		await command.says(/started again 3 times within a minute/);
		await command.says(/Stopping/);
		await until(() => !alive(command.pid), 'The command did not end.');
	});
});

/** The application that a command runs: its child. */
function applicationOf(command: number): number {
	for (const name of readdirSync('/proc').filter((n) => /^\d+$/.test(n)))
		try {
			const stat = readFileSync(`/proc/${name}/stat`, 'utf8');
			const parent = Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
			const line = readFileSync(`/proc/${name}/cmdline`, 'utf8');
			if (parent === command && line.includes('build/index.js')) return Number(name);
		} catch {
			/* it ended meanwhile */
		}
	throw new Error('The command runs no application.');
}
