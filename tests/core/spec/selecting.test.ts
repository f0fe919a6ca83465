import { expect } from 'chai';
import fc from 'fast-check';
import { alternativesOf } from '../../../src/core/spec/alternatives.js';
import { ABRASIVE_LETTERS, BOND_LETTERS } from '../../../src/core/spec/families.js';
import { fepaSection } from '../../../src/core/spec/fepa-section.js';
import { formatMarking } from '../../../src/core/spec/format-marking.js';
import { F_GRITS, SIEVE_SIZES } from '../../../src/core/spec/grit-tables.js';
import { SHIPPED } from '../../../src/core/spec/guidelines.js';
import { readingInWords, withReading } from '../../../src/core/spec/marking-pick.js';
import { markingSpans } from '../../../src/core/spec/marking-spans.js';
import { markingParts } from '../../../src/core/spec/marking-words.js';
import { MATERIAL_SYNONYMS, findMaterials } from '../../../src/core/spec/material-words.js';
import { nearestExcluded } from '../../../src/core/spec/nearest-excluded.js';
import { orderLine, speedToOrder } from '../../../src/core/spec/order-line.js';
import { parseMarking } from '../../../src/core/spec/parse-marking.js';
import { MATERIAL_NAMES } from '../../../src/core/spec/recommend-tables.js';
import { recommend } from '../../../src/core/spec/recommend.js';
import { conventionalSection } from '../../../src/core/spec/shape-section.js';
import { SHAPE_NUMBERS, SHAPE_TYPES } from '../../../src/core/spec/shape-tables.js';
import { example, refuses } from '../examples.js';

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

describe('wheels cut through', () => {
	it('draws every ISO 603 type, even from nothing, and says what is missing', () => {
		for (const type of SHAPE_NUMBERS) {
			const s = conventionalSection(type, {})!;
			expect(s.missing).to.deep.equal([...SHAPE_TYPES[type]!.letters]);
			expect(s.parts[0]!.points.length).to.be.at.least(4);
			for (const [z, r] of s.parts[0]!.points) {
				expect(z).to.be.within(-1e-9, s.widthMm + 1e-9);
				expect(r).to.be.within(0, s.diameterMm / 2 + 1e-9);
			}
		}
		expect(conventionalSection('99', {})).to.equal(null);
	});
	it('keeps the sizes it is given', () => {
		const s = conventionalSection('5', {
			diameterMm: 300,
			thicknessMm: 40,
			boreMm: 76.2,
			recessDiameterMm: 150,
			recessDepthMm: 13
		})!;
		expect(s.missing).to.deep.equal([]);
		expect(s.parts[0]!.points).to.deep.include([27, 75]);
		expect(s.labels.find((l) => l.letter === 'P')).to.deep.include({ valueMm: 150 });
	});
	it('draws every superabrasive shape', () => {
		for (const core of ['1', '2', '3', '4', '6', '9', '11', '12', '14'])
			for (const rim of ['A', 'E', 'EE', 'F', 'FF', 'V', 'Q'])
				for (const position of ['1', '2', '3', '9']) {
					const s = fepaSection(
						{ core, rim, position },
						{ diameterMm: 150, thicknessMm: 10, rimDepthMm: 4, boreMm: 20 }
					);
					expect(
						s.parts.some((p) => p.kind === 'abrasive'),
						core + rim + position
					).to.equal(true);
					expect(s.missing).to.deep.equal([]);
					for (const p of s.parts)
						for (const [z, r] of p.points) {
							expect(Number.isFinite(z)).to.equal(true);
							expect(r).to.be.within(0, 75 + 1e-9);
						}
				}
	});
});

describe('choosing', () => {
	it('finds a material by everyday words', () => {
		expect(findMaterials('bearing')[0]!.material).to.equal('steel-hardened');
		expect(findMaterials('Tungsten  carbide')[0]!.material).to.equal('carbide');
		expect(findMaterials('18/8')[0]!.material).to.equal('stainless-austenitic');
		expect(findMaterials('cheese')).to.deep.equal([]);
		expect(Object.keys(MATERIAL_SYNONYMS).sort()).to.deep.equal([...MATERIAL_NAMES].sort());
	});
	it('offers two other wheels for every job, none of them the first choice', () => {
		for (const material of MATERIAL_NAMES)
			for (const burnProne of [true, false]) {
				const wish = recommend.run({ material, operation: 'surface', targetRaUm: 0.5, burnProne });
				const others = alternativesOf(wish, burnProne);
				expect(others, material).to.have.length(2);
				for (const o of others) {
					expect(o.marking).not.to.equal(wish.marking);
					expect(o.brings).to.have.length.above(5);
				}
			}
	});
	it('orders by the next usual speed', () => {
		expect(speedToOrder(300, 2300)).to.equal(40);
		expect(
			orderLine({
				marking: 'WA 80 J 7 V',
				diameterMm: 305,
				widthMm: 32,
				boreMm: 76.2,
				spindleRpm: 2300,
				quantity: 2
			})
		).to.equal('2 x 1-305x32x76.2 WA 80 J 7 V, marked for at least 40 m/s');
		expect(
			orderLine({
				marking: 'D126 B C75',
				diameterMm: 300,
				widthMm: 10,
				boreMm: 20,
				spindleRpm: 9000,
				quantity: 1
			})
		).to.match(/at least 9000 rpm/);
	});
	it('names the nearest of those ruled out, never a scrapped one', () => {
		const out = [
			{ id: 'a', codes: ['scrapped'] },
			{ id: 'b', codes: ['rated-speed-too-low', 'bore-mismatch'] },
			{ id: 'c', codes: ['quarantined'] },
			{ id: 'd', codes: ['bore-mismatch'] },
			{ id: 'e', codes: ['expired'] }
		];
		expect(nearestExcluded(out).map((x) => x.id)).to.deep.equal(['c', 'd', 'e']);
		expect(
			nearestExcluded(
				[...out, { id: 'f', codes: ['bore-too-small'] }, { id: 'g', codes: ['bore-mismatch'] }],
				3,
				(x) => (x.id === 'g' ? 90 : 10)
			).map((x) => x.id)
		).to.deep.equal(['c', 'g', 'd']);
	});
});

describe("the shop's own tables", () => {
	const job = { material: 'steel-hardened', operation: 'surface', targetRaUm: 0.8 };
	const row = { ...SHIPPED.materials.find((m) => m.material === 'steel-hardened')!, grades: 'LKJIFNKG' };
	it('move the recommendation and are named in it', () => {
		expect(recommend.run(job)).to.include({ grade: 'H', tablesVersion: 0 });
		expect(recommend.run({ ...job, tables: { version: 3, materials: [row] } })).to.include({
			grade: 'L',
			tablesVersion: 3
		});
		expect(
			recommend.run({
				...job,
				tables: { version: 4, operations: [{ ...SHIPPED.operations[0]!, structure: 12 }] }
			}).structure
		).to.equal(12);
		expect(
			recommend.run({
				...job,
				tables: { version: 0, materials: SHIPPED.materials, operations: SHIPPED.operations }
			})
		).to.deep.equal(recommend.run(job));
	});
	it('are refused where they cannot be', () => {
		refuses(
			'spec.recommend',
			{ ...job, tables: { materials: [{ ...row, grades: 'LK' }] } },
			'tables.materials.0.grades',
			'not-allowed'
		);
		refuses(
			'spec.recommend',
			{ ...job, tables: { materials: [{ ...row, material: 'cheese' }] } },
			'tables.materials.0.material',
			'unknown-choice'
		);
	});
	const rank = {
		today: '2030-06-01',
		job: { family: 'alumina-white', gritMeanUm: 185, grade: 'I', structure: 8, bond: 'V', minWidthMm: 20 },
		machine: { maxDiameterMm: 255, maxWidthMm: 30, boreMm: 76.2, spindleRpm: 2300 },
		candidates: [
			{
				id: 'K',
				family: 'alumina-white',
				gritMeanUm: 185,
				grade: 'L',
				structure: 8,
				bond: 'V',
				diameterMm: 240,
				widthMm: 25,
				boreMm: 76.2,
				minDiameterMm: 150,
				newDiameterMm: 250,
				ratedSpeedMps: 35
			}
		]
	};
	it('weights change the points and must add up to one', () => {
		example(
			'spec.rank-rack',
			{ ...rank, weights: { abrasive: 0, grit: 0, grade: 1, bond: 0, life: 0, structure: 0, size: 0 } },
			{ 'ranked.0.scorePoints': 0 }
		);
		refuses('spec.rank-rack', { ...rank, weights: { grade: 0.9 } }, 'weights', 'inconsistent');
	});
});
