import { expect } from 'chai';
import {
	type Condition,
	CONDITIONS,
	madeUpRing,
	soundOf
} from '../../../src/core/inspect/ring/conditions.js';
import {
	type Ring,
	type RingResult,
	listen,
	listening,
	qLimits
} from '../../../src/core/inspect/ring/listen.js';
import { ringPicture } from '../../../src/core/inspect/ring/picture.js';
import { TapCounter } from '../../../src/core/inspect/ring/tap-counter.js';
import { tapNotes, tapWords } from '../../../src/core/inspect/ring/tap-words.js';
import { TRAINED, TRAINED_LESSONS, drawWheel } from '../../../src/core/inspect/ring/trainer.js';

const ANGLES = [45, 315, 0, 270];
const settings = (bond = 'vitrified') => ({
	minTaps: 4,
	bandLowHz: 150,
	...qLimits(bond),
	tapAnglesDeg: ANGLES,
	expectedFrequencyHz: null,
	baseline: null
});
const rung = (condition: Condition, seed: number) =>
	soundOf(
		madeUpRing({
			condition,
			seed,
			frequencyHz: 700 + ((seed * 97) % 700),
			tapAnglesDeg: ANGLES,
			sampleRateHz: 8000,
			gapS: 0.5
		})
	);
const heard = (condition: Condition, seed: number): RingResult => {
	const s = rung(condition, seed);
	return listen(s.samples, s.sampleRateHz, settings(condition === 'organic' ? 'resin' : 'vitrified')).result;
};

/** How often each wheel must be, may be and must never be judged so, of all seeds. */
const SEEDS = 100;
const MUST: Readonly<
	Record<Condition, { seeds: number; mostly: Ring; atLeast: number; never: readonly Ring[] }>
> = {
	clear: { seeds: SEEDS, mostly: 'clear', atLeast: 0.98, never: ['dull', 'doubtful'] },
	split: { seeds: SEEDS, mostly: 'clear', atLeast: 0.97, never: ['dull', 'doubtful'] },
	cracked: { seeds: SEEDS, mostly: 'dull', atLeast: 0.6, never: ['clear'] },
	damped: { seeds: SEEDS, mostly: 'dull', atLeast: 0.98, never: ['clear', 'doubtful'] },
	noisy: { seeds: SEEDS, mostly: 'unusable-recording', atLeast: 1, never: ['clear', 'doubtful', 'dull'] },
	clipped: { seeds: SEEDS, mostly: 'unusable-recording', atLeast: 1, never: ['clear', 'doubtful', 'dull'] },
	silent: { seeds: SEEDS, mostly: 'unusable-recording', atLeast: 1, never: ['clear', 'doubtful', 'dull'] },
	organic: { seeds: 40, mostly: 'clear', atLeast: 0.97, never: ['dull'] },
	'badly-held': { seeds: 40, mostly: 'doubtful', atLeast: 0.9, never: ['dull'] }
};

describe('inspect: every kind of wheel, over many seeds', () => {
	for (const condition of CONDITIONS) {
		const m = MUST[condition];
		it(`${condition}: ${m.seeds} wheels`, function () {
			this.timeout(60_000);
			const count: Record<string, number> = {};
			for (let seed = 1; seed <= m.seeds; seed++) {
				const r = heard(condition, seed);
				count[r.ring] = (count[r.ring] ?? 0) + 1;
				expect(r.releases).to.equal(false);
			}
			for (const n of m.never) expect(count[n] ?? 0, `${n}: ${JSON.stringify(count)}`).to.equal(0);
			expect((count[m.mostly] ?? 0) / m.seeds, JSON.stringify(count)).to.be.at.least(m.atLeast);
		});
	}
	it('the same seed rings the same wheel, another seed another', () => {
		expect([...rung('cracked', 3).samples.slice(0, 6000)]).to.deep.equal([
			...rung('cracked', 3).samples.slice(0, 6000)
		]);
		expect(heard('cracked', 3).splitPct).not.to.equal(heard('cracked', 4).splitPct);
	});
});

describe('inspect: what is shown of a ring', () => {
	it('tells the taps that stand out', () => {
		const r = {
			splitResolvablePct: 0.3,
			tapFrequencyHz: [1000, 1000.2, 960, 1000.1, 1000, 999.9, 960.3, 1000],
			tapQ: [400, 390, 380, 150, 400, 400, 390, 395]
		};
		expect(
			tapNotes(r)
				.filter((t) => t.lower)
				.map((t) => t.tap)
		).to.deep.equal([3, 7]);
		expect(tapWords(r)).to.equal(
			'Taps 3 and 7 sound lower than the rest. Tap 4 rings shorter than the rest.'
		);
	});
	it('says nothing where all taps agree, or no tap was heard', () => {
		expect(
			tapWords({ splitResolvablePct: 0.3, tapFrequencyHz: [1000, 1000.4, 999.8], tapQ: [400, 390, 410] })
		).to.equal('');
		expect(tapWords({ splitResolvablePct: null, tapFrequencyHz: [], tapQ: [] })).to.equal('');
	});
	it('draws a recording with its taps, their notes and their decay, never more points than can be shown', () => {
		const s = rung('clear', 9);
		const all = listen(s.samples, s.sampleRateHz, settings());
		const p = ringPicture(s.samples, s.sampleRateHz, all);
		expect(p.low.length).to.equal(p.high.length);
		expect(p.taps.length).to.equal(4);
		for (const t of p.taps) {
			expect(t.notes.length).to.be.within(50, 220);
			expect(Math.max(...t.notes.map((n) => n.db))).to.equal(0);
			const strongest = t.notes.reduce((a, b) => (b.db > a.db ? b : a));
			expect(strongest.hz).to.be.closeTo(all.result.mainFrequencyHz!, 2);
			expect(t.decay[0]!.db).to.be.closeTo(0, 1e-9);
			expect(t.decay.at(-1)!.db).to.be.below(-3);
		}
	});
	it('draws what cannot be judged as far as it goes', () => {
		const s = rung('noisy', 2);
		const p = ringPicture(s.samples, s.sampleRateHz, listen(s.samples, s.sampleRateHz, settings()));
		expect(p.band).to.deep.equal([]);
		expect(Math.max(...p.high)).to.be.above(0.02);
	});
	it('tells how far it has come, always onward', () => {
		const s = rung('clear', 1);
		const shares = [...listening(s.samples, s.sampleRateHz, settings())];
		expect(shares.length).to.be.above(6);
		shares.forEach((v, i) => expect(v).to.be.within(i ? shares[i - 1]! : 0, 1));
		expect(shares.at(-1)).to.be.closeTo(1, 1e-9);
	});
	it('counts the taps while they come, in pieces of any size', () => {
		for (const size of [333, 2048])
			for (const seed of [1, 2, 3, 4, 5]) {
				const s = rung('clear', seed);
				const counter = new TapCounter(s.sampleRateHz);
				for (let i = 0; i < s.samples.length; i += size)
					counter.add(Float32Array.from(s.samples.slice(i, i + size)));
				expect(counter.taps, `seed ${seed}`).to.equal(4);
				expect(counter.loudest).to.be.above(0.2);
			}
		const silence = new TapCounter(8000);
		silence.add(new Float32Array(8000));
		expect(silence.taps).to.equal(0);
	});
});

describe('inspect: the ear trainer', () => {
	it('draws every kind about equally often, the same one for the same number', () => {
		const count: Record<string, number> = {};
		for (let seed = 0; seed < 1000; seed++) {
			const d = drawWheel(seed * 7919);
			count[d.condition] = (count[d.condition] ?? 0) + 1;
			expect(drawWheel(seed * 7919).condition).to.equal(d.condition);
		}
		for (const t of TRAINED) {
			expect(count[t], t).to.be.within(140, 260);
			expect(TRAINED_LESSONS[t]).to.have.length.above(20);
		}
	});
	it('plays what it says it plays', () => {
		for (let seed = 1; seed <= 12; seed++) {
			const d = drawWheel(seed);
			const s = soundOf(d.parts);
			const r = listen(s.samples, s.sampleRateHz, {
				...settings(d.condition === 'organic' ? 'resin' : 'vitrified'),
				tapAnglesDeg: null
			}).result;
			const codes = r.reasons.map((x) => x.code).filter((c) => c !== 'tap-coverage');
			if (d.condition === 'clear' || d.condition === 'organic')
				expect(codes, `${d.condition} ${seed}`).to.deep.equal([]);
			if (d.condition === 'damped') expect(codes[0]).to.be.oneOf(['low-q', 'no-tone']);
			if (d.condition === 'cracked') expect(codes[0]).to.be.oneOf(['mode-split', 'mode-split-large']);
			if (d.condition === 'badly-held') expect(codes).to.include('tap-inconsistent');
		}
	}).timeout(20_000);
});
