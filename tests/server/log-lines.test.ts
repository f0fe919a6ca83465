import { Writable } from 'node:stream';
import { expect } from 'chai';
import { loggerTo } from '../../src/lib/server/http/logger.js';
import { rows } from '../../src/lib/server/storage/pool.js';
import { Refusals } from '../../src/lib/server/http/refusals.js';

/** What a log writes while something is told to it. */
function written(tell: (log: ReturnType<typeof loggerTo>) => void): string {
	let text = '';
	const level = process.env.UNCINUS_LOG;
	process.env.UNCINUS_LOG = 'info';
	try {
		tell(
			loggerTo(
				new Writable({
					write(chunk, _, done) {
						text += String(chunk);
						done();
					}
				})
			)
		);
	} finally {
		process.env.UNCINUS_LOG = level;
	}
	return text;
}

describe('the log', () => {
	it('keeps no values of a statement', async () => {
		const e = await rows("SELECT * FROM nowhere WHERE secret = 'PIN 471128'").catch((x: unknown) => x);
		const dup = Object.assign(new Error("Duplicate entry '471128' for key"), {
			code: 'ER_DUP_ENTRY',
			sqlState: '23000',
			sql: "INSERT INTO t VALUES ('471128')"
		});
		for (const err of [e, dup]) {
			const line = written((log) => log.error({ err, path: '/x' }, 'unexpected'));
			expect(line).to.match(/ER_(NO_SUCH_TABLE|DUP_ENTRY)/);
			expect(line).not.to.contain('471128');
			expect(line).not.to.match(/SELECT|INSERT/);
		}
	});
	it('keeps no PIN and no token, and no line over ten thousand characters', () => {
		const line = written((log) =>
			log.info(
				{ event: 'x', pin: '471128', token: 'abc', body: { pin: '471128' }, path: `/${'a'.repeat(90_000)}` },
				'm'
			)
		);
		expect(line).not.to.match(/471128|"abc"/);
		expect(line.length).to.be.below(10_000);
		const long = new Error('b'.repeat(90_000));
		expect(written((log) => log.error({ err: long }, 'm')).length).to.be.below(10_000);
	});
	it('of what is refused keeps ten short lines a minute, counts the rest, and never a stack', () => {
		const text = written((log) => {
			const refusals = new Refusals(log);
			for (let i = 0; i < 5000; i++) refusals.tell('405', `/x${i}`, i);
			refusals.tell('405', '/later', 61_000);
		});
		const lines = text.trim().split('\n');
		expect(lines).to.have.length(12);
		expect(text).to.contain('"more":4990').and.to.contain('/later');
		expect(text).not.to.match(/stack|\bat /);
	});
});
