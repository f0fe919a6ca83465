import { spawn } from 'node:child_process';
import { freePort } from '../../src/command/system.js';
import { addressFromEnvironment } from '../../src/lib/server/storage/hosts.js';
import { endChild, startApplication } from '../../src/command/application.js';
import { medianMs } from './median.js';
import type { Ratio } from './ratio.js';

/** The application from its start to its first answer, against a bare start of what runs it. */
export async function benchStartAgain(): Promise<Ratio[]> {
	const bare = await medianMs(
		() => new Promise((r) => spawn(process.execPath, ['-e', '0'], { stdio: 'ignore' }).once('exit', r))
	);
	const times: number[] = [];
	for (let i = 0; i < 5; i++) {
		const port = await freePort(4473);
		const begun = performance.now();
		const app = await startApplication(addressFromEnvironment(), port, false, true);
		times.push(performance.now() - begun);
		await endChild(app);
	}
	const again = times.sort((a, b) => a - b)[2]!;
	return [
		{
			name: 'start again',
			value: again / bare,
			unit: 'times',
			aim: 'aim: at most 10',
			of: `a bare start of Node (${bare.toFixed(0)} ms; the application answers after ${again.toFixed(0)} ms, asked every 60 ms)`
		}
	];
}
