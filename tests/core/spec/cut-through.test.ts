import { expect } from 'chai';
import { fepaSection } from '../../../src/core/spec/fepa-section.js';
import { conventionalSection } from '../../../src/core/spec/shape-section.js';
import { SHAPE_NUMBERS, SHAPE_TYPES } from '../../../src/core/spec/shape-tables.js';

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
