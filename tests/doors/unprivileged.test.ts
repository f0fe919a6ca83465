import { readFileSync, statSync } from 'node:fs';
import { expect } from 'chai';
import { appPid, ask } from './fixtures.js';

describe('the application', () => {
	it('runs as somebody who may do nothing else here, and does its work', async () => {
		const us = process.getuid!();
		const { uid } = statSync(`/proc/${appPid()}`);
		if (us === 0) expect(uid).not.to.equal(0);
		else expect(uid).to.equal(us);
		const groups = /^Groups:\s*(.*)$/m.exec(readFileSync(`/proc/${appPid()}/status`, 'utf8'))![1]!.trim();
		if (us === 0) expect(groups.split(/\s+/)).not.to.include('0');
		expect((await ask('/health')).status).to.equal(200);
	});
});
