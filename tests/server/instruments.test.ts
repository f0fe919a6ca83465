import { createServer } from 'node:net';
import { expect } from 'chai';
import { startStandIns } from '../../src/command/stand-ins.js';
import {
	type InstrumentRow,
	type Told,
	instrumentByCode,
	instrumentsOf,
	listenTo
} from '../../src/lib/server/instruments/instruments.js';
import { instrumentAddress } from '../../src/lib/server/instruments/hosts.js';
import { listenTogether, openLines } from '../../src/lib/server/instruments/hub.js';
import { refusedWith } from './fixtures.js';

const DIAL: InstrumentRow = {
	code: 'DI-9',
	kind: 'dial',
	host: '',
	port: null,
	seed: 4,
	level: 10,
	swing: 3,
	multiple: 1,
	failure: 'none'
};
let standIns: Awaited<ReturnType<typeof startStandIns>>;
before(async () => {
	standIns = await startStandIns();
	process.env.UNCINUS_STAND_INS = String(standIns.port);
	process.env.UNCINUS_INSTRUMENT_HOSTS = '127.0.0.1';
});
after(async () => {
	delete process.env.UNCINUS_STAND_INS;
	delete process.env.UNCINUS_INSTRUMENT_HOSTS;
	await standIns.stop();
});

/** Listens until something told fits; everything told before is given with it. */
function until(i: InstrumentRow, fits: (t: Told) => boolean): Promise<Told[]> {
	return new Promise((done) => {
		const told: Told[] = [];
		const stop = listenTo(i, (t) => {
			told.push(t);
			if (fits(t)) {
				stop();
				done(told);
			}
		});
	});
}

describe('instruments on the line', () => {
	it('the demo shop has one of each kind', async () => {
		for (const kind of ['dial', 'tachometer', 'presetter', 'vibration'] as const)
			expect(await instrumentsOf(kind), kind).to.have.length(1);
		await refusedWith('not-found', instrumentByCode('none'));
	});
	it('a stand-in is read in its own unit', async () => {
		const told = await until(DIAL, (t) => t.lines > 8);
		expect(told.at(-1)).to.include({ state: 'reading' });
		expect(told.at(-1)!.value).to.be.within(6, 14);
	});
	it('half lines are put together', async () => {
		for (const t of await until({ ...DIAL, failure: 'half-lines' }, (x) => x.lines > 5))
			if (t.lines) expect(t.state).to.equal('reading');
	});
	it('rubbish and the wrong unit are said and never a reading', async () => {
		for (const [failure, state, says] of [
			['rubbish', 'rubbish', /no reading/],
			['wrong-unit', 'wrong-unit', /degC/]
		] as const) {
			const told = await until({ ...DIAL, failure }, (t) => t.lines > 3);
			for (const t of told) expect(t.value).to.equal(null);
			expect(told.at(-1)).to.include({ state });
			expect(told.at(-1)!.says).to.match(says);
		}
	});
	it('one that drops out says so, and that is the last of it', async () =>
		expect((await until({ ...DIAL, failure: 'drop' }, (t) => t.state === 'dropped')).at(-1)).to.include({
			says: 'dropped out',
			value: null
		}));
	it('one that sends nothing says so', async () =>
		expect(
			(await until({ ...DIAL, failure: 'silent' }, (t) => t.says === 'sends nothing')).at(-1)!.value
		).to.equal(null)).timeout(10_000);
	it('ten thousand lines a second are told some sixteen times a second', async () => {
		const told = await until({ ...DIAL, failure: 'flood' }, (t) => t.lines > 8000);
		expect(told.length).to.be.below(told.at(-1)!.lines / 100);
		expect(told.at(-1)!.state).to.equal('reading');
	});
	it('binary from a real address, and an address nobody answers at', async () => {
		const server = createServer((s) => {
			s.on('error', () => undefined);
			s.write(Buffer.from(Array.from({ length: 4000 }, (_, i) => (i * 37) % 256)));
			s.write('\n12.5 um\n');
		});
		const port = await new Promise<number>((r) =>
			server.listen(0, '127.0.0.1', () => r((server.address() as { port: number }).port))
		);
		const told = await until(
			{ ...DIAL, host: '127.0.0.1', port },
			(t) => t.lines > 0 && t.state === 'reading'
		);
		expect(told.at(-1)!.value).to.equal(12.5);
		await new Promise((r) => server.close(r));
		expect(
			(await until({ ...DIAL, host: '127.0.0.1', port }, (t) => t.state === 'unreachable')).at(-1)!.says
		).to.match(/does not answer/);
	});
	it('two who watch share one connection, and the last to leave ends it', async () => {
		let connections = 0;
		const server = createServer((c) => {
			connections++;
			c.on('error', () => undefined);
			const timer = setInterval(() => c.write('12.5 um\n'), 20);
			c.on('close', () => clearInterval(timer));
		});
		const port = await new Promise<number>((r) =>
			server.listen(0, '127.0.0.1', () => r((server.address() as { port: number }).port))
		);
		const i = { ...DIAL, host: '127.0.0.1', port };
		const heard = (): { stop: () => void; first: Promise<Told> } => {
			let stop = () => undefined as void;
			const first = new Promise<Told>((r) => {
				stop = listenTogether(i, (t) => t.lines > 0 && r(t));
			});
			return { stop, first };
		};
		const [a, b] = [heard(), heard()];
		await Promise.all([a.first, b.first]);
		expect(connections).to.equal(1);
		expect(openLines()).to.equal(1);
		a.stop();
		expect(openLines()).to.equal(1);
		b.stop();
		expect(openLines()).to.equal(0);
		await new Promise<void>((r) => server.close(() => r()));
	});
	it('an address no instrument can have is not connected to', async () => {
		for (const host of [
			'127.0.0.2',
			'localhost',
			'0.0.0.0',
			'169.254.169.254',
			'::1',
			'::ffff:127.0.0.3',
			'fe80::1'
		])
			expect(await instrumentAddress(host), host).to.equal(null);
		expect(await instrumentAddress('192.168.7.20')).to.equal('192.168.7.20');
		const told = await until({ ...DIAL, host: '127.0.0.2', port: 9 }, (t) => t.state === 'unreachable');
		expect(told.at(-1)!.says).to.match(/no instrument can have/);
	});
});
