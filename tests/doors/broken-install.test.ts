import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import { ROOT } from '../../src/command/paths.js';
import { until } from '../../src/command/system.js';

/** Stands for the packager of the system, which a test does not order about: it takes as long as it is told to. */
const PACKAGER = `#!/bin/sh
for last; do :; done
echo "$last" >> "$FOLDER/orders"
until [ -e "$FOLDER/go-on" ]; do sleep 0.05; done
echo "$last" >> "$FOLDER/finished"
`;
const INSTALLS = `
import { installPackages } from './src/command/system.ts';
await Promise.all([installPackages('first-package'), installPackages('second-package')]);
`;

describe('an install that is broken off by Ctrl-C', () => {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-install-'));
	after(() => rmSync(folder, { recursive: true, force: true }));
	const lines = (name: string): string[] =>
		existsSync(join(folder, name)) ? readFileSync(join(folder, name), 'utf8').trim().split('\n') : [];
	const start = () =>
		spawn(process.execPath, ['--import=tsx', '--input-type=module', '-e', INSTALLS], {
			cwd: ROOT,
			env: { ...process.env, FOLDER: folder, PATH: `${folder}:${process.env.PATH}` },
			stdio: 'ignore',
			// A group of its own, as a command at a terminal has.
			detached: true
		});

	it('leaves the packager to finish what it is at, orders nothing more, and is finished by the next start', async () => {
		for (const name of ['apt-get', 'sudo']) writeFileSync(join(folder, name), PACKAGER, { mode: 0o755 });
		const first = start();
		const ended = once(first, 'close');
		await until(() => lines('orders').length > 0, 'The packager was not asked.');
		// A terminal sends Ctrl-C to everybody of the group.
		process.kill(-first.pid!, 'SIGINT');
		await ended;
		expect(lines('finished'), 'in the middle of it').to.deep.equal([]);
		writeFileSync(join(folder, 'go-on'), '');
		await until(() => lines('finished').length > 0, 'The packager was broken off.');
		expect(lines('finished')).to.deep.equal(['update']);
		const [code] = (await once(start(), 'close')) as [number];
		expect(code).to.equal(0);
		expect(lines('finished')).to.deep.equal(['update', 'update', 'first-package', 'second-package']);
		expect(lines('orders')).to.deep.equal(lines('finished'));
	});
});
