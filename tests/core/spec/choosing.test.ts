import { expect } from 'chai';
import { alternativesOf } from '../../../src/core/spec/alternatives.js';
import { STANDARD_NAMES } from '../../../src/core/spec/material-names.js';
import { MATERIAL_SYNONYMS, findMaterials } from '../../../src/core/spec/material-words.js';
import { nearestExcluded } from '../../../src/core/spec/nearest-excluded.js';
import { orderLine, speedToOrder } from '../../../src/core/spec/order-line.js';
import { MATERIAL_NAMES } from '../../../src/core/spec/recommend-tables.js';
import { recommend } from '../../../src/core/spec/recommend.js';

describe('choosing', () => {
	it('finds a material by everyday words', () => {
		expect(findMaterials('bearing')[0]!.material).to.equal('steel-hardened');
		expect(findMaterials('Tungsten  carbide')[0]!.material).to.equal('carbide');
		expect(findMaterials('18/8')[0]!.material).to.equal('stainless-austenitic');
		expect(findMaterials('cheese')).to.deep.equal([]);
		expect(Object.keys(MATERIAL_SYNONYMS).sort()).to.deep.equal([...MATERIAL_NAMES].sort());
	});
	it('understands what standards call a material, whole before half', () => {
		for (const [name, material] of [
			['52100', 'steel-hardened'],
			['100Cr6', 'steel-hardened'],
			['1.2379', 'steel-hardened'],
			['d2', 'steel-hardened'],
			['M2', 'hss'],
			['hs 6-5-2', 'hss'],
			['440c', 'stainless-martensitic'],
			['316L', 'stainless-austenitic'],
			['GGG40', 'cast-iron-ductile'],
			['Ti-6Al-4V', 'titanium'],
			['4140', 'steel-soft']
		] as const)
			expect(findMaterials(name)[0]?.material, name).to.equal(material);
		expect(Object.keys(STANDARD_NAMES).sort()).to.deep.equal([...MATERIAL_NAMES].sort());
		const all = Object.values(STANDARD_NAMES).flat();
		expect(new Set(all).size, 'each name means one material').to.equal(all.length);
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
