import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Ratio } from './bench/ratio.js';
import { benchBalance } from './bench/balance.js';
import { benchStand } from './bench/stand.js';
import { benchCalc } from './bench/calc.js';
import { benchHistory, benchLog } from './bench/history.js';
import { benchPages, cookieOf } from './bench/pages.js';
import { benchForm } from './bench/form.js';
import { benchPatch } from './bench/patch.js';
import { benchRing } from './bench/ring.js';
import { benchRack } from './bench/rack.js';
import { benchSilence, freeWheel } from './bench/silence.js';
import { build } from './build.js';
import { startDatabase } from './database/mariadb.js';
import { shopOn } from './database/shop-on.js';
import { endChild, startApplication } from './application.js';
import { freePort, say } from './system.js';

const line = (r: Ratio): string =>
	`${r.name.padEnd(46)} ${r.value.toFixed(r.value < 10 ? 2 : 1).padStart(8)} ${r.unit.padEnd(8)} ${r.aim.padEnd(22)} ${r.of}`;

/** Speed as ratios taken in one run on one machine: nothing here passes or fails, it says where things stand. */
export async function bench(silenceOnly = false): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-bench-'));
	let database = await startDatabase(folder, await freePort(3517));
	let app: ReturnType<typeof spawn> | null = null;
	try {
		await shopOn(database, true);
		const { closeDatabase } = await import('../lib/server/db/pool.js');
		await build();
		const port = await freePort(4373);
		app = await startApplication(database.address, port, true, true);
		const base = `http://127.0.0.1:${port}`;
		const settle = async () => {
			await closeDatabase();
			await database.stop();
			database = await startDatabase(folder);
		};
		const silence = await benchSilence(base, await cookieOf(), await freeWheel());
		const ratios: Ratio[] = silenceOnly
			? silence
			: [
					...silence,
					...(await benchCalc()),
					...(await benchPatch()),
					...(await benchForm()),
					...(await benchRing()),
					...(await benchBalance()),
					...(await benchStand(base)),
					...(await benchPages(base)),
					...(await benchHistory(base, await cookieOf())),
					...(await benchRack(base, await cookieOf(), settle)),
					...(await benchLog())
				];
		await closeDatabase();
		process.stdout.write(`${ratios.map(line).join('\n')}\n`);
	} finally {
		if (app) await endChild(app);
		await database.stop();
		rmSync(folder, { recursive: true, force: true });
		say('');
	}
}

/** Kills, and what was lost: said, not judged. */
export async function benchKills(times: number): Promise<void> {
	if (!Number.isInteger(times) || times < 1 || times > 1000)
		throw new Error(`--kill ${times}: say how often, 1 to 1000.`);
	await build();
	const { killTrial } = await import('./kills.js');
	const t = await killTrial(times);
	const sorted = [...t.recoveryMs].sort((a, b) => a - b);
	process.stdout.write(
		`${t.kills} kills, ${t.acknowledged} records acknowledged, ${t.lost} lost, ${t.doubled} doubled; recovery median ${(sorted[sorted.length >> 1]! / 1000).toFixed(1)} s, longest ${(sorted.at(-1)! / 1000).toFixed(1)} s\n`
	);
	if (t.lost || t.doubled) process.exitCode = 1;
}
