import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/** Answers at once and does nothing else: what it is late by is the machine's own noise, in the same minutes. */
const IDLE = `
const server = require('node:http').createServer((_, answer) => answer.end('ok'));
server.listen(0, '127.0.0.1', () => process.send(server.address().port));
process.on('disconnect', () => process.exit());`;

/** An address of a process that does nothing, and how to end it. */
export async function idleProcess(): Promise<{ base: string; end: () => void }> {
	const child = spawn(process.execPath, ['-e', IDLE], { stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
	const [port] = (await once(child, 'message')) as [number];
	return { base: `http://127.0.0.1:${port}`, end: () => child.kill() };
}

/** In a thread of its own, so that what this process does itself is not taken for silence of the application. */
const WATCHER = `
const { parentPort, workerData } = require('node:worker_threads');
const { Agent, get } = require('node:http');
const agent = new Agent({ keepAlive: true });
let over = false;
parentPort.on('message', () => { over = true; });
const ask = (url) => new Promise((done, fail) => {
	const begun = performance.now();
	get(url, { agent }, (r) => r.resume().on('end', () => done(performance.now() - begun))).on('error', fail);
});
const watch = async (url) => {
	let longest = 0;
	while (!over) { longest = Math.max(longest, await ask(url)); await new Promise((r) => setTimeout(r, 5)); }
	return longest;
};
(async () => {
	await Promise.all(workerData.map(ask));
	parentPort.postMessage('ready');
	parentPort.postMessage(await Promise.all(workerData.map(watch)));
	agent.destroy();
	parentPort.close();
})();`;

/** Asks for each address without a pause while the work goes on; the longest answer of each, in ms. */
export async function longestWaits(urls: string[], work: () => Promise<unknown>): Promise<number[]> {
	const watcher = new Worker(WATCHER, { eval: true, workerData: urls });
	const next = () => new Promise<unknown>((done, fail) => watcher.once('message', done).once('error', fail));
	await next();
	const longest = next();
	await work().finally(() => watcher.postMessage('over'));
	return (await longest) as number[];
}
