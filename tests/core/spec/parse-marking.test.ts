import { expect } from 'chai';
import fc from 'fast-check';
import { parseMarking } from '../../../src/core/spec/parse-marking.js';
import { ABRASIVE_LETTERS, BOND_LETTERS } from '../../../src/core/spec/families.js';
import { F_GRITS, SIEVE_SIZES } from '../../../src/core/spec/grit-tables.js';
import { example, refuses } from '../examples.js';

const read = (text: string, wanted: Record<string, unknown>) =>
	example('spec.parse-marking', { text }, wanted);

describe('spec.parse-marking', () => {
	it("reads a conventional marking with a maker's prefix and suffix", () =>
		read('72A54-K9VDR', {
			makerPrefix: '72',
			'abrasive.letters': 'A',
			'grit.number': 54,
			'grit.meanUm': 310,
			grade: 'K',
			structure: 9,
			'bond.letters': 'V',
			makerSuffix: 'DR',
			canonical: '72A 54 K 9 VDR',
			verdict: 'ok',
			codes: []
		}));
	it('offers three ways to split an unclear structure', () =>
		read('C30N41V', {
			structure: null,
			structureRaw: '41',
			'alternatives.0.readings': [
				{ structure: 4, makerCode: '1' },
				{ structure: null, makerCode: '41' },
				{ structure: 41, makerCode: '' }
			],
			canonical: 'C 30 N 41 V',
			codes: ['ambiguous-structure']
		}));
	it('reads a shape code, sizes and volume concentration', () =>
		read('1V1 160-9-20-5 B181 N V V200', {
			'dimensions.boreMm': 20,
			'dimensions.rimDepthMm': 5,
			'grit.meanUm': 165,
			grade: 'N',
			'bond.letters': 'V',
			'concentration.volPercent': 20,
			codes: []
		}));
	it('reads the mesh order with a rim depth in inch', () =>
		read('SD 120 M 80 B - 5/32', {
			dialect: 'us-mesh',
			makerPrefix: 'S',
			'grit.meanUm': 115.5,
			grade: 'M',
			'concentration.value': 80,
			'bond.family': 'resin',
			rimDepthMm: 3.96875,
			canonical: 'SD 120 M 80 B 5/32',
			codes: []
		}));
	it('offers mesh or micrometres for a bare number', () =>
		read('D 220 C60', {
			'alternatives.0.readings': [
				{ system: 'mesh', fepaCode: 76 },
				{ system: 'FEPA', fepaCode: 213 }
			],
			canonical: 'D 220 C60',
			codes: ['ambiguous-grain-size']
		}));
	it('offers grade or bond for one letter', () =>
		read('D46 K C60', {
			grade: 'K',
			bond: null,
			'alternatives.0.readings.1.bond': 'K',
			codes: ['ambiguous-letter']
		}));
	it("asks whether B is boron nitride or a maker's letter", () =>
		read('B54 J 7 V', {
			kind: 'superabrasive',
			codes: ['unknown-letters', 'ambiguous-kind'],
			'alternatives.0.readings.1.structure': 7
		}));
	it('reads sizes in inches by a fraction or their sign, and a speed in feet a minute', () => {
		for (const [text, dims] of [
			['12x1-1/4x3 38A60-K8VBE 6500 sfpm', [304.8, 31.75, 76.2]],
			['12 x 1 1/4 x 3 WA 60 K 8 V 6500 SFPM', [304.8, 31.75, 76.2]],
			['8"x1/2"x1-1/4" WA 60 K 8 V 6500 sfm', [203.2, 12.7, 31.75]],
			['1-7x1/2x1-1/4 WA 60 K 8 V 6500 fpm', [177.8, 12.7, 31.75]]
		] as const) {
			const read = parseMarking.run({ text });
			expect(read.dimsMm, text).to.deep.equal(dims);
			expect(read.maxSpeedMps, text).to.equal(33.02);
			expect(read.grade, text).to.equal('K');
		}
		expect(parseMarking.run({ text: '300x25x76.2 WA 60 K 8 V 35 m/s' })).to.deep.include({
			dimsMm: [300, 25, 76.2],
			maxSpeedMps: 35
		});
	});
	it('takes sizes, speeds and odd dashes', () =>
		read('1-300×40x76,2 wa 80 – j 7 v 40 m/s', {
			dimsMm: [300, 40, 76.2],
			maxSpeedMps: 40,
			canonical: '1-300x40x76.2 WA 80 J 7 V 40 m/s',
			codes: []
		}));
	it('reads a bond letter printed first', () =>
		read('VA60K7', { 'bond.letters': 'V', 'abrasive.letters': 'A', codes: ['bond-letter-first'] }));
	it("splits a grit with a maker's digit and names the nearest of an unknown one", () => {
		read('A601 K 7 V', { 'grit.number': 60, 'grit.makerDigit': '1', codes: ['grit-with-maker-digit'] });
		read('A 50 K 7 V', {
			'grit.system': 'unknown',
			'grit.meanUm': null,
			'alternatives.0.readings': [{ number: 54 }, { number: 46 }],
			codes: ['grit-not-in-series']
		});
	});
	it('keeps what it does not understand', () => {
		for (const text of ['hello there', '🙂🙂', 'ملعب 60', '???', '60']) {
			const out = parseMarking.run({ text });
			expect(out.kind, text).to.equal('unknown');
			expect(out.canonical).to.equal('');
			expect(out.unknown.join('')).to.have.length.above(0);
		}
	});
	it('lets an alias of the shop win', () =>
		example(
			'spec.parse-marking',
			{ text: 'SA 60 K 7 V', aliases: [{ token: 'sa', family: 'alumina-ceramic' }] },
			{ 'abrasive.family': 'alumina-ceramic', codes: [] }
		));
	it('refuses nothing, blanks and far too much', () => {
		refuses('spec.parse-marking', {}, 'text', 'missing');
		refuses('spec.parse-marking', { text: '   ' }, 'text', 'missing');
		refuses('spec.parse-marking', { text: 60 }, 'text', 'not-text');
		refuses('spec.parse-marking', { text: 'A'.repeat(10_000) }, 'text', 'above-maximum');
		refuses(
			'spec.parse-marking',
			{ text: 'A 60', aliases: [{ token: '1', family: 'alumina' }] },
			'aliases.0.token',
			'not-allowed'
		);
	});
	it('never fails on any text', () =>
		fc.assert(
			fc.property(fc.string({ minLength: 1, maxLength: 160, unit: 'grapheme' }), (text) => {
				if (text.trim() === '' || text.length > 160) return;
				expect(['ok', 'caution']).to.include(parseMarking.run({ text }).verdict);
			}),
			{ numRuns: 400 }
		));

	const conventional = fc
		.record({
			a: fc.constantFrom(...Object.keys(ABRASIVE_LETTERS).filter((l) => l !== 'SA')),
			g: fc.constantFrom(...F_GRITS.keys()),
			k: fc.constantFrom(...'DEFGHIJKLMNOPQ'),
			s: fc.option(fc.integer({ min: 0, max: 16 })),
			b: fc.constantFrom(...Object.keys(BOND_LETTERS))
		})
		.map((m) => `${m.a} ${m.g} ${m.k} ${m.s ?? ''} ${m.b}`);
	const diamond = fc
		.record({
			l: fc.constantFrom('D', 'B'),
			c: fc.constantFrom(...SIEVE_SIZES.map((s) => s.code)),
			g: fc.constantFrom(...'JLNPR'),
			b: fc.constantFrom('B', 'M', 'V'),
			n: fc.integer({ min: 25, max: 200 })
		})
		.map((m) => `${m.l}${m.c} ${m.g} ${m.b} C${m.n}`);
	it('reads its own canonical form back to the same thing', () =>
		fc.assert(
			fc.property(fc.oneof(conventional, diamond), (text) => {
				const once = parseMarking.run({ text });
				if (once.verdict !== 'ok') return;
				const again = parseMarking.run({ text: once.canonical });
				expect(again).to.deep.equal({ ...once, grit: { ...once.grit, label: again.grit!.label } });
			}),
			{ numRuns: 500 }
		));
});
