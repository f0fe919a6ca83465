import { expect } from 'chai';
import fc from 'fast-check';
import { ABRASIVE_LETTERS, BOND_LETTERS } from '../../../src/core/spec/families.js';
import { formatMarking } from '../../../src/core/spec/format-marking.js';
import { F_GRITS, SIEVE_SIZES } from '../../../src/core/spec/grit-tables.js';
import { readingInWords, withReading } from '../../../src/core/spec/marking-pick.js';
import { markingSpans } from '../../../src/core/spec/marking-spans.js';
import { markingParts } from '../../../src/core/spec/marking-words.js';
import { parseMarking } from '../../../src/core/spec/parse-marking.js';

describe('reading a marking back', () => {
	const read = (text: string) => parseMarking.run({ text });
	it('names every piece in the order in which it is printed', () => {
		expect(markingParts(read('72A54-K9VDR')).map((p) => `${p.field} ${p.token}`)).to.deep.equal([
			'maker 72',
			'abrasive A',
			'grit 54',
			'grade K',
			'structure 9',
			'bond V',
			'maker DR'
		]);
		expect(markingParts(read('1V1 160-9-20-5 B181 N V V200')).map((p) => p.field)).to.include.members([
			'shape',
			'size',
			'abrasive',
			'grit',
			'grade',
			'bond',
			'concentration'
		]);
		expect(markingParts(read('hello there')).every((p) => p.field === 'unknown')).to.equal(true);
	});
	it('colours what was typed without changing it', () => {
		for (const text of [
			'72A54-K9VDR',
			'wa 80 j 7 v',
			'1-300x40x76.2 WA 80 J 7 V 40 m/s',
			'SD 120 M 80 B - 5/32',
			'D 220 C60',
			'🙂🙂',
			'ملعب 60'
		]) {
			const spans = markingSpans(text, read(text));
			expect(
				spans
					.map((s) => s.text)
					.join('')
					.toLowerCase()
			).to.equal(text.trim().toLowerCase());
		}
		expect(
			markingSpans('wa 80 j 7 v', read('wa 80 j 7 v'))
				.filter((s) => s.field !== 'gap')
				.map((s) => `${s.field}:${s.text}`)
		).to.deep.equal(['abrasive:wa', 'grit:80', 'grade:j', 'structure:7', 'bond:v']);
	});
	it('finds a letter again where an earlier one is taken', () => {
		expect(
			markingSpans('1V1 160-9-20-5 B181 N V V200', read('1V1 160-9-20-5 B181 N V V200'))
				.filter((s) => s.field !== 'gap')
				.map((s) => `${s.field}:${s.text}`)
		).to.deep.equal([
			'shape:1V1',
			'size:160-9-20-5',
			'abrasive:B',
			'grit:181',
			'grade:N',
			'bond:V',
			'concentration:V200'
		]);
	});
	it('never fails on any text', () =>
		fc.assert(
			fc.property(fc.string({ minLength: 1, maxLength: 160, unit: 'grapheme' }), (text) => {
				if (!text.trim() || text.length > 160) return;
				const m = read(text);
				expect(markingSpans(text, m).length).to.be.at.least(0);
				for (const a of m.alternatives)
					for (const r of a.readings) {
						expect(readingInWords(a, r)).to.be.a('string');
						withReading(m, r);
					}
			}),
			{ numRuns: 300 }
		));
	it('a pick is laid over the reading', () => {
		const m = read('C30N41V');
		const next = withReading(m, m.alternatives[0]!.readings[0]!);
		expect([next.structure, next.structureRaw]).to.deep.equal([4, null]);
		expect(readingInWords(m.alternatives[0]!, m.alternatives[0]!.readings[0]!)).to.match(/structure 4/);
	});
	const conventional = fc.record({
		kind: fc.constant('conventional'),
		makerPrefix: fc.constantFrom('', '38', '7'),
		abrasive: fc
			.constantFrom(...Object.keys(ABRASIVE_LETTERS).filter((l) => l !== 'SA'))
			.map((letters) => ({ letters })),
		grit: fc.constantFrom(...F_GRITS.keys()).map((number) => ({ number })),
		grade: fc.constantFrom(...'DFGHIJKLMNOPQ'),
		structure: fc.integer({ min: 0, max: 16 }),
		bond: fc.constantFrom(...Object.keys(BOND_LETTERS)).map((letters) => ({ letters })),
		dimsMm: fc.constantFrom([], [300, 40, 76.2], [205, 13, 31.75]),
		maxSpeedMps: fc.constantFrom(null, 35, 50)
	});
	const superabrasive = fc.record({
		kind: fc.constant('superabrasive'),
		abrasive: fc.constantFrom({ letters: 'D' }, { letters: 'B' }),
		grit: fc.constantFrom(...SIEVE_SIZES.map((s) => s.code)).map((number) => ({ number, system: 'FEPA' })),
		grade: fc.constantFrom(...'JLNPR'),
		bond: fc.constantFrom('B', 'M', 'V').map((letters) => ({ letters })),
		concentration: fc.integer({ min: 25, max: 200 }).map((value) => ({ notation: 'C', value })),
		rimDepthMm: fc.constantFrom(null, 5, 2.5)
	});
	it('reading what was written gives the same wheel', () =>
		fc.assert(
			fc.property(fc.oneof(conventional, superabrasive), (spec) => {
				const { marking } = formatMarking.run(spec);
				const back = read(marking);
				if (back.verdict !== 'ok') return;
				expect(
					[back.abrasive!.letters, back.grit!.number, back.grade, back.bond!.letters],
					marking
				).to.deep.equal([spec.abrasive.letters, spec.grit.number, spec.grade, spec.bond.letters]);
				if ('structure' in spec)
					expect([back.structure, back.makerPrefix, back.dimsMm, back.maxSpeedMps], marking).to.deep.equal([
						spec.structure,
						spec.makerPrefix,
						spec.dimsMm,
						spec.maxSpeedMps
					]);
				else
					expect([back.concentration!.value, back.rimDepthMm], marking).to.deep.equal([
						spec.concentration.value,
						spec.rimDepthMm
					]);
				expect(formatMarking.run({ ...back, dimensions: undefined }).marking).to.equal(marking);
			}),
			{ numRuns: 800 }
		));
});
