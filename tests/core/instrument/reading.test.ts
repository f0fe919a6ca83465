import { expect } from 'chai';
import fc from 'fast-check';
import { Instrument, LineCutter, readLine } from '../../../src/core/instrument/reading.js';
import { FAILURES, type Simulated, simulatedLines } from '../../../src/core/instrument/simulate.js';

/** Bytes as a connection hands them on: characters cut in two are put together before the lines are. */
const decoded = () => {
	const decoder = new TextDecoder();
	return (part: Uint8Array) => decoder.decode(part, { stream: true });
};
const bytes = (text: string) => new TextEncoder().encode(text);
const lines = (s: Partial<Simulated>, n: number): string[] => {
	const g = simulatedLines({
		kind: 'dial',
		seed: 1,
		level: 10,
		swing: 5,
		multiple: 1,
		failure: 'none',
		...s
	});
	return Array.from({ length: n }, () => g.next().value);
};
const value = (text: string, kind: Parameters<typeof readLine>[1]) => {
	const r = readLine(text, kind);
	return 'value' in r ? r.value : r.problem;
};

describe('instruments: one line', () => {
	it('is a value with its unit, in mm or inches, with an angle or a name', () => {
		expect(value('12.4 um', 'dial')).to.equal(12.4);
		expect(value('DI-1: +0,005 mm @ 90 deg', 'dial')).to.be.closeTo(5, 1e-9);
		expect(value('0.001 in', 'dial')).to.be.closeTo(25.4, 1e-9);
		expect(value('2296 rpm', 'tachometer')).to.equal(2296);
		expect(readLine('3 um @ 361.5', 'dial')).to.deep.equal({ value: 3, angleDeg: 1.5 });
	});
	it('without a unit, or with another one, it is no reading', () => {
		for (const text of ['12.4', '12.4 rpm', '20 degC', '5 kg'])
			expect(value(text, 'dial'), text).to.equal('wrong-unit');
		expect(value('12 um', 'tachometer')).to.equal('wrong-unit');
	});
	it('rubbish is rubbish, whatever it is', () => {
		for (const text of ['', 'OL', '--', '1.2.3 um', '\u0000\u0001', '12 um 13 um', 'NaN um', '9'.repeat(80)])
			expect(value(text, 'dial'), text).to.equal('rubbish');
		fc.assert(
			fc.property(fc.string({ maxLength: 300, unit: 'binary' }), (text) => {
				const r = readLine(text, 'dial');
				expect('value' in r ? Number.isFinite(r.value) : r.says.length > 0).to.equal(true);
			}),
			{ numRuns: 300 }
		);
	});
});

describe('instruments: the stream', () => {
	it('comes to the same lines in whatever pieces it arrives', () =>
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 60 }), (cuts) => {
				const all = lines({}, 12);
				const stream = bytes(`${all.join('\r\n')}\r\n`);
				const cutter = new LineCutter();
				const read = decoded();
				const got: string[] = [];
				let at = 0;
				for (let i = 0; at < stream.length; i++) {
					const n = cuts[i % cuts.length]!;
					got.push(...cutter.add(read(stream.slice(at, at + n))));
					at += n;
				}
				expect(got).to.deep.equal(all);
			})
		));
	it('a line that never ends is cut off, not kept for ever', () => {
		const cutter = new LineCutter();
		let got = 0;
		for (let i = 0; i < 1000; i++) got += cutter.add('x'.repeat(100)).length;
		expect(got).to.be.above(300);
		expect(new Instrument('dial').add(cutter.add('\n5 um\n').slice(-1))).to.include({
			state: 'reading',
			value: 5
		});
	});
	it('says the newest reading, and takes it away when the next is none', () => {
		const i = new Instrument('dial');
		expect(i.now().state).to.equal('waiting');
		expect(i.add(['5 um', '6 um'])).to.include({ state: 'reading', value: 6, lines: 2 });
		expect(i.add(['what'])).to.include({ state: 'rubbish', value: null });
		expect(i.add(['7 degC'])).to.include({ state: 'wrong-unit', value: null });
	});
	it('notices a point that has left the surface', () =>
		expect(
			new Instrument('dial').add(lines({ failure: 'stuck' }, 80).map((l) => l.replace(/^\S+/, '10.00')))
		).to.include({ state: 'stuck' }));
});

describe('instruments: the stand-ins', () => {
	it('a dial swings by twice its eccentricity over a turn', () => {
		const turn = lines({ swing: 8 }, 50).map((l) => value(l, 'dial') as number);
		expect(Math.max(...turn) - Math.min(...turn)).to.be.closeTo(16, 0.7);
	});
	it('a tachometer reads near its speed, or a multiple of it', () => {
		for (const multiple of [0.5, 1, 2, 0])
			for (const l of lines({ kind: 'tachometer', level: 2300, multiple }, 20))
				expect(value(l, 'tachometer')).to.be.closeTo(2300 * multiple, 5 * multiple + 1e-9);
	});
	it('the same seed sends the same lines', () => {
		for (const failure of FAILURES)
			expect(lines({ failure, seed: 9 }, 30)).to.deep.equal(lines({ failure, seed: 9 }, 30));
	});
	it('what they send when they go wrong is told apart', () => {
		expect(value(lines({ failure: 'rubbish' }, 3)[2]!, 'dial')).to.equal('rubbish');
		expect(value(lines({ failure: 'wrong-unit' }, 1)[0]!, 'dial')).to.equal('wrong-unit');
		expect(
			Math.max(...lines({ failure: 'spike', swing: 1 }, 80).map((l) => value(l, 'dial') as number))
		).to.be.above(300);
		for (const kind of ['presetter', 'vibration'] as const)
			expect(value(lines({ kind }, 1)[0]!, kind)).to.be.a('number');
	});
});

describe('instruments: a point that does not move', () => {
	/** Readings one after the other, each with its angle or none. */
	const fed = (list: [number, number | null][]) =>
		new Instrument('dial').add(list.map(([v, a]) => (a === null ? `${v} um` : `${v} um @ ${a}`)));
	const turning = (n: number): [number, number][] => Array.from({ length: n }, (_, i) => [10, (6 * i) % 360]);
	it('is stuck after sixty more of the same while the wheel turns', () => {
		expect(fed(turning(60))).to.include({ state: 'reading', says: '', lines: 60 });
		expect(fed(turning(61)).state).to.equal('stuck');
		expect(fed(turning(61)).says).to.match(/point on the surface/);
	});
	it('is not stuck while the wheel stands, or where no angle is sent', () => {
		expect(fed(Array.from({ length: 100 }, () => [10, 90])).state).to.equal('reading');
		expect(fed(Array.from({ length: 100 }, () => [10, null])).state).to.equal('reading');
	});
	it('is forgiven by one other reading, or by rubbish', () => {
		expect(fed([...turning(61), [11, 3], ...turning(5)]).state).to.equal('reading');
		const dial = new Instrument('dial');
		dial.add(turning(61).map(([v, a]) => `${v} um @ ${a}`));
		expect(dial.add(['~~~'])).to.include({ state: 'rubbish', value: null });
		expect(dial.add(['10 um @ 5']).state).to.equal('reading');
		expect(dial.now()).to.include({ state: 'reading', value: 10, angleDeg: 5, lines: 63 });
	});
	it('is counted on while the wheel pauses', () => {
		const pause: [number, number][] = Array.from({ length: 20 }, () => [10, 90]);
		expect(fed([...turning(31), ...pause, ...turning(35)]).state).to.equal('stuck');
	});
});

describe('instruments: lines of any length', () => {
	it('a line as long as may be is kept, a longer one is cut, blanks are none', () => {
		const cutter = new LineCutter();
		expect(cutter.add(`${'a'.repeat(200)}`)).to.deep.equal([]);
		expect(cutter.add('\n  \n\r\n')).to.deep.equal(['a'.repeat(200)]);
		expect(cutter.add('b'.repeat(250))).to.deep.equal(['b'.repeat(200)]);
		expect(cutter.add(`${'c'.repeat(250)}\nd\n`)).to.deep.equal(['c'.repeat(200), 'd']);
	});
	it('shows of a line only its beginning, and only what can be printed', () => {
		const r = readLine(`\u0007${'z'.repeat(40)}`, 'dial');
		expect(r).to.deep.equal({ problem: 'rubbish', says: `sends "?${'z'.repeat(23)}", which is no reading` });
	});
});
