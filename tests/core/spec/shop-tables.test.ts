import { expect } from 'chai';
import { SHIPPED } from '../../../src/core/spec/guidelines.js';
import { recommend } from '../../../src/core/spec/recommend.js';
import { example, refuses } from '../examples.js';

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
