import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { nearestExcluded } from '../../../src/core/spec/nearest-excluded.js';
import { type RackRow, type RankAsked, rankMany } from '../../../src/core/spec/rank-many.js';
import { rankRack } from '../../../src/core/spec/rank-rack.js';
import { scoreParts, scorePoints } from '../../../src/core/spec/rank-score.js';

const ASKED: RankAsked = {
	today: '2030-06-01',
	job: {
		family: 'alumina-white',
		alternativeFamilies: ['alumina-ceramic'],
		gritMeanUm: 185,
		grade: 'I',
		structure: 8,
		bond: 'V',
		minWidthMm: 20
	},
	machine: {
		maxDiameterMm: 255,
		maxWidthMm: 30,
		boreMm: 76.2,
		boreToleranceMm: 0.2,
		bushingBoresMm: [127],
		spindleRpm: 2300
	},
	weights: null
};
const maybe = <T>(a: fc.Arbitrary<T>) => fc.option(a, { nil: null, freq: 6 });
const anyRow: fc.Arbitrary<Omit<RackRow, 'id'>> = fc.record({
	family: maybe(fc.constantFrom('alumina-white', 'alumina-pink', 'silicon-carbide', 'cbn')),
	gritMeanUm: maybe(fc.integer({ min: 60, max: 400 })),
	grade: maybe(fc.constantFrom('G', 'H', 'I', 'J', 'K', 'M')),
	structure: maybe(fc.integer({ min: 4, max: 12 })),
	bond: maybe(fc.constantFrom('V', 'B')),
	diameterMm: fc.integer({ min: 150, max: 260 }),
	widthMm: fc.integer({ min: 15, max: 35 }),
	boreMm: fc.constantFrom(76.2, 76.2, 76.4, 32, 127),
	minDiameterMm: fc.constantFrom(100, 150, 200),
	newDiameterMm: fc.constant(260),
	ratedSpeedMps: maybe(fc.constantFrom(25, 30, 35, 50)),
	ratedSpeedRpm: maybe(fc.constantFrom(2000, 3000)),
	state: fc.constantFrom('available', 'available', 'mounted', 'quarantined', 'scrapped'),
	expiresOn: maybe(fc.constantFrom('2029-12-31', '2031-01-01'))
});
const anyRack = fc
	.array(anyRow, { minLength: 1, maxLength: 60 })
	.map((rows) => rows.map((r, i): RackRow => ({ id: `W${i}`, ...r })));
const ALL = { best: 1000, excluded: 1000 };
const nobody = () => false;

describe('a large rack ranked', () => {
	it('comes out as the calculation does, wheel by wheel', () => {
		fc.assert(
			fc.property(anyRack, (rack) => {
				const [many, one] = [
					rankMany(ASKED, rack, nobody, ALL),
					rankRack.run({ ...ASKED, candidates: rack })
				];
				expect(many.best).to.deep.equal(one.ranked.map((r) => r.id));
				const byId = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1);
				expect(many.excluded).to.deep.equal([...one.excluded].sort(byId));
				expect(many.out).to.equal(one.excluded.length);
				expect(many.counts.reduce((s, [, n]) => s + n, 0)).to.equal(many.out);
				const points = ({ id }: { id: string }) =>
					scorePoints(
						scoreParts(
							ASKED.job,
							rack.find((w) => w.id === id)!,
							255
						)
					);
				const small = one.excluded.map((x) => ({
					id: x.id,
					codes: x.codes.map((c) =>
						c === 'bore-mismatch' && rack.find((w) => w.id === x.id)!.boreMm < 76.2 ? 'bore-too-small' : c
					)
				}));
				expect(many.near).to.deep.equal(nearestExcluded(small, 3, points));
			})
		);
	});
	it('what another setup holds is out, before everything else that is', () => {
		fc.assert(
			fc.property(anyRack, (rack) => {
				const free = rankMany(ASKED, rack, nobody, ALL).best;
				const taken = free[0];
				const many = rankMany(ASKED, rack, (id) => id === taken, ALL);
				expect(many.best).to.deep.equal(free.slice(1));
				if (taken !== undefined) expect(many.excluded[0]).to.deep.equal({ id: taken, codes: ['held'] });
			})
		);
	});
	it('says of a long list its beginning, and counts the rest', () => {
		const row = { ...fc.sample(anyRow, { numRuns: 1, seed: 4 })[0]!, ratedSpeedMps: 50, ratedSpeedRpm: null };
		const rack = Array.from({ length: 90 }, (_, i) => ({
			...row,
			id: `W${i + 100}`,
			state: i % 3 ? 'quarantined' : 'available',
			expiresOn: null,
			boreMm: 76.2,
			diameterMm: 240,
			widthMm: 25,
			minDiameterMm: 150
		}));
		const many = rankMany(ASKED, rack, nobody, { best: 5, excluded: 7 });
		expect(many.best).to.deep.equal(['W100', 'W103', 'W106', 'W109', 'W112']);
		expect(many.excluded.map((x) => x.id).slice(0, 3)).to.deep.equal(['W101', 'W102', 'W104']);
		expect([many.excluded.length, many.out]).to.deep.equal([7, 60]);
		expect(many.counts).to.deep.equal([['quarantined', 60]]);
	});
	it('counts as the shop weighs, and refuses weights that do not add up', () => {
		const weights = { abrasive: 1, grit: 0, grade: 0, bond: 0, life: 0, structure: 0, size: 0 };
		fc.assert(
			fc.property(anyRack, (rack) => {
				expect(rankMany({ ...ASKED, weights }, rack, nobody, ALL).best).to.deep.equal(
					rankRack.run({ ...ASKED, weights, candidates: rack }).ranked.map((r) => r.id)
				);
			})
		);
		expect(() => rankMany({ ...ASKED, weights: { ...weights, life: 1 } }, [], nobody, ALL)).to.throw(
			InputFault,
			/add up to 2/
		);
	});
});
