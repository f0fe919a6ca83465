import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Ratio } from './ratio.js';
import { benchBalance } from './balance.js';
import { benchStand } from './stand.js';
import { benchCalc } from './calc.js';
import { benchFloor } from './floor.js';
import { benchHistory, benchLog } from './history.js';
import { benchPages, cookieOf } from './pages.js';
import { highestMb } from './memory.js';
import { benchForm } from './form.js';
import { benchPatch } from './patch.js';
import { benchRing } from './ring.js';
import { benchLongestTask } from './longest-task.js';
import { benchOperators } from './operators.js';
import { benchStartAgain } from './start-again.js';
import { benchRack } from './rack.js';
import { benchSilence, freeWheel } from './silence.js';
import { build } from '../../src/command/build.js';
import { startDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { endChild, startApplication } from '../../src/command/application.js';
import { freePort, say } from '../../src/command/system.js';

const line = (r: Ratio): string =>
	`${r.name.padEnd(46)} ${r.value.toFixed(r.value < 10 ? 2 : 1).padStart(8)} ${r.unit.padEnd(8)} ${r.aim.padEnd(22)} ${r.of}`;

/** What the application has needed at its highest. */
function highest(pid: number): Ratio {
	return {
		name: 'memory after heavy requests, at its highest',
		value: highestMb(pid),
		unit: 'MB',
		aim: 'aim: at most 400',
		of: 'the application with its threads'
	};
}

/** What there is to measure; rack and log come last, they grow what is kept a hundredfold. */
const parts = (
	base: string,
	pid: number,
	settle: () => Promise<void>
): Record<string, () => Promise<Ratio[]>> => ({
	silence: async () => benchSilence(base, await cookieOf(), await freeWheel(), () => highestMb(pid)),
	calc: benchCalc,
	patch: benchPatch,
	form: benchForm,
	ring: benchRing,
	balance: benchBalance,
	stand: () => benchStand(base),
	pages: () => benchPages(base),
	operators: () => benchOperators(base),
	start: benchStartAgain,
	task: async () => benchLongestTask(base, await cookieOf()),
	history: async () => benchHistory(base, await cookieOf(), pid),
	floor: async () => benchFloor(base, await cookieOf()),
	rack: async () => benchRack(base, await cookieOf(), settle),
	log: benchLog
});

/** Speed as ratios taken in one run on one machine: nothing here passes or fails, it says where things stand. */
export async function bench(only?: string): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-bench-'));
	let database = await startDatabase(folder, await freePort(3517));
	let app: ReturnType<typeof spawn> | null = null;
	const end = async () => {
		if (app) await endChild(app);
		await database.stop();
		rmSync(folder, { recursive: true, force: true });
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
		process.once(signal, () => void end().finally(() => process.exit(1)));
	try {
		await shopOn(database, true);
		const { closeDatabase } = await import('../../src/lib/server/storage/pool.js');
		await build();
		const port = await freePort(4373);
		app = await startApplication(database.address, port, true, true);
		const all = parts(`http://127.0.0.1:${port}`, app.pid!, async () => {
			await closeDatabase();
			await database.stop();
			database = await startDatabase(folder);
		});
		if (only !== undefined && !all[only])
			throw new Error(`--only ${only}: say one of ${Object.keys(all).join(', ')}.`);
		for (const [name, measure] of Object.entries(all))
			if (only === undefined || only === name)
				process.stdout.write(
					[...(await measure()), ...(name === 'silence' ? [highest(app.pid!)] : [])]
						.map((r) => `${line(r)}\n`)
						.join('')
				);
		await closeDatabase();
	} finally {
		await end();
		say('');
	}
}

/** Kills, and what was lost: said, not judged. */
export async function benchKills(times: number): Promise<void> {
	if (!Number.isInteger(times) || times < 1 || times > 1000)
		throw new Error(`--kill ${times}: say how often, 1 to 1000.`);
	await build();
	const { killTrial } = await import('../trial/kills.js');
	const t = await killTrial(times);
	const sorted = [...t.recoveryMs].sort((a, b) => a - b);
	process.stdout.write(
		`${t.kills} kills, ${t.acknowledged} records acknowledged, ${t.lost} lost, ${t.doubled} doubled; recovery median ${(sorted[sorted.length >> 1]! / 1000).toFixed(1)} s, longest ${(sorted.at(-1)! / 1000).toFixed(1)} s\n`
	);
	if (t.lost || t.doubled) process.exitCode = 1;
}

/** A cluster whose parts are killed while eight record: said, not judged. */
export async function benchCluster(): Promise<void> {
	await build();
	const { clusterTrial } = await import('../cluster/trial.js');
	const t = await clusterTrial(say);
	process.stdout.write(
		[
			...t.blows.map(
				(blow) =>
					`${blow.what} killed: longest wait for a record ${(blow.longestWaitMs / 1000).toFixed(1)} s (aim: 10)`
			),
			`${t.acknowledged} records acknowledged, ${t.lost} lost, ${t.doubled} doubled`,
			`${t.pairs} pairs on one setup through two applications, ${t.notOneOfThem} where not exactly one won`,
			`records at the nodes at the end: ${t.nodes.map((node) => node.records).join(', ')}`
		].join('\n') + '\n'
	);
	if (t.lost || t.doubled || t.notOneOfThem) process.exitCode = 1;
}
