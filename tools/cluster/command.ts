import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { endChild } from '../../src/command/application.js';
import { build } from '../../src/command/build.js';
import { DATA } from '../../src/command/paths.js';
import { noteRunning, refuseWhileRunning } from '../../src/command/running.js';
import { alive, freePort, inWords, say } from '../../src/command/system.js';
import { Cluster } from './cluster.js';
import { inStep, statusOf } from './node.js';
import { startProxy } from './proxy.js';

const LOOKED_EVERY_MS = 1000;

/** One line for each change: which nodes are in step, which applications answer. */
async function standing(cluster: Cluster): Promise<string> {
	const nodes = await Promise.all(
		cluster.nodes.map(async (node, i) => {
			const s = await statusOf(node.owner);
			const is = inStep(s) ? 'in step' : (s.wsrep_local_state_comment ?? 'away').toLowerCase();
			return `${cluster.places[i]!.name} (process ${node.pid}) ${is}`;
		})
	);
	const applications = cluster.applications.map(
		(a, i) => `application ${i + 1} (process ${a.pid}) ${alive(a.pid!) ? 'answers' : 'away'}`
	);
	return [...nodes, ...applications].join('; ');
}

/** Starts whatever has ended again, one after the other, and says what changes, for as long as the command lives. */
async function watch(cluster: Cluster, over: () => boolean): Promise<void> {
	let said = '';
	while (!over()) {
		const now = await standing(cluster);
		if (now !== said) say((said = now));
		for (const [i, node] of cluster.nodes.entries())
			if (!over() && !alive(node.pid))
				await cluster.startAgain(i).catch((error: Error) => say(inWords(error)));
		for (const [i, app] of cluster.applications.entries())
			if (!over() && !alive(app.pid!))
				await cluster.startApplication(i).catch((error: Error) => say(inWords(error)));
		await new Promise((r) => setTimeout(r, LOOKED_EVERY_MS));
	}
}

/**
 * Three nodes, two applications and a proxy on one machine with the demo shop, to be shown and killed: what ends is started again.
 * Ctrl-C stops all of it.
 */
export async function cluster(o: { port: number }): Promise<void> {
	refuseWhileRunning(DATA);
	mkdirSync(DATA, { recursive: true });
	const folder = join(DATA, 'cluster');
	const port = await freePort(o.port);
	const done = noteRunning(DATA, 'start', port);
	let running: Cluster | null = null;
	let proxy: Awaited<ReturnType<typeof startProxy>> | null = null;
	let stopping = false;
	const stop = async (code: number) => {
		if (stopping) return;
		stopping = true;
		say('\nStopping ...');
		if (proxy) await endChild(proxy);
		await running?.end();
		done();
		process.exit(code);
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0));
	try {
		await build();
		say('Starting three nodes ...');
		running = await Cluster.start(folder, { withSetups: true, origin: `http://127.0.0.1:${port}` });
		proxy = await startProxy(folder, port, running.ports);
		process.stdout.write(`Uncinus is at http://127.0.0.1:${port}\n`);
		say(
			`Its applications: ${running.ports.map((p) => `http://127.0.0.1:${p}`).join(', ')}. Kill what you like (kill -9 and a process below); Ctrl-C stops everything.`
		);
		await watch(running, () => stopping);
	} catch (error) {
		say(inWords(error as Error));
		await stop(1);
	}
}
