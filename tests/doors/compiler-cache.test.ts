import { execFile } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { expect } from 'chai';
import { ROOT } from '../../src/command/paths.js';

const run = promisify(execFile);

describe('compiled sources kept by the command', () => {
	let shared = '';
	beforeEach(() => {
		shared = mkdtempSync(join(tmpdir(), 'uncinus-shared-'));
	});
	afterEach(() => rmSync(shared, { recursive: true, force: true }));
	const cache = () => join(shared, `tsx-${process.geteuid!()}`);
	const command = async () => {
		const { TSX_DISABLE_CACHE: _off, ...env } = process.env;
		const { stdout } = await run(join(ROOT, 'uncinus'), ['calc', '--list'], {
			env: { ...env, TMPDIR: shared }
		});
		expect(stdout).to.include('mount.fit-check');
	};

	it('lie in a folder for its owner alone', async () => {
		await command();
		expect(statSync(cache()).mode & 0o077).to.equal(0);
		expect(readdirSync(cache()).length).to.be.above(0);
	});
	it('are not read from a folder that others can write to', async () => {
		mkdirSync(cache());
		chmodSync(cache(), 0o777);
		await command();
		expect(readdirSync(cache())).to.deep.equal([]);
	});
	it('nor from one that is laid as a link', async () => {
		const elsewhere = join(shared, 'elsewhere');
		mkdirSync(elsewhere);
		symlinkSync(elsewhere, cache());
		await command();
		expect(readdirSync(elsewhere)).to.deep.equal([]);
	});
});
