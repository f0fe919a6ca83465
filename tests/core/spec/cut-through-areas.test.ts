import { expect } from 'chai';
import { fepaSection } from '../../../src/core/spec/fepa-section.js';
import { type Point, type Section, conventionalSection } from '../../../src/core/spec/shape-section.js';

/** Area of an outline, by the shoelace formula. */
const area = (points: readonly Point[]): number =>
	Math.abs(
		points.reduce((sum, [z, r], i) => {
			const [z2, r2] = points[(i + 1) % points.length]!;
			return sum + (z * r2 - z2 * r) / 2;
		}, 0)
	);
const areas = (s: Section, kind: 'core' | 'abrasive') =>
	s.parts.filter((p) => p.kind === kind).map((p) => area(p.points));
const at = (s: Section, letter: string) => s.labels.find((l) => l.letter === letter)!.at;

/** Radii 100, 20, 50, 70, 50; everything else as its letter says. */
const SIZES = {
	diameterMm: 200,
	thicknessMm: 40,
	boreMm: 40,
	rimWidthMm: 20,
	recessDiameterMm: 100,
	recessDepthMm: 10,
	secondRecessDepthMm: 8,
	backThicknessMm: 12,
	smallDiameterMm: 140,
	insideFlatDiameterMm: 100,
	edgeThicknessMm: 6
};

describe('a wheel cut through has the area its sizes give', () => {
	const straight = 40 * (100 - 20);
	const wanted: Record<string, number> = {
		1: straight,
		2: 40 * 20,
		5: straight - 10 * (50 - 20),
		6: 12 * (100 - 20) + (40 - 12) * 20,
		7: straight - (10 + 8) * (50 - 20),
		11: 40 * 85 - 12 * 20 - 28 * 65,
		12: 34 * 85 + 6 * 100 - 12 * 20 - 28 * 65,
		27: 7.2 * 34 + 6 * 100 - 6 * 20 - 7.2 * 31,
		41: straight
	};
	for (const [type, mm2] of Object.entries(wanted))
		it(`type ${type}`, () => {
			const s = conventionalSection(type, SIZES)!;
			expect(areas(s, 'abrasive')[0]).to.be.closeTo(mm2, 1e-9);
			expect(s.widthMm).to.be.closeTo(type === '27' ? 13.2 : 40, 1e-9);
			expect(s).to.include({ diameterMm: 200 }).and.deep.include({ missing: [] });
		});
	it('has each size where it is measured', () => {
		const recessed = conventionalSection('7', SIZES)!;
		expect(['D', 'T', 'H', 'P', 'F', 'G'].map((l) => at(recessed, l))).to.deep.equal([
			[40, 100],
			[40, -100],
			[20, 20],
			[40, 50],
			[30, 35],
			[8, -35]
		]);
		const dish = conventionalSection('12', SIZES)!;
		expect(['W', 'E', 'J', 'K', 'U'].map((l) => at(dish, l))).to.deep.equal([
			[40, 90],
			[12, 35],
			[0, -70],
			[12, -50],
			[40, -100]
		]);
		expect(at(conventionalSection('27', SIZES)!, 'U')).to.deep.equal([13.2, -90]);
	});
	it('draws usual proportions where a size is missing, and says which', () => {
		const s = (type: string) => conventionalSection(type, { diameterMm: 200, boreMm: 40 })!;
		expect(areas(s('1'), 'abrasive')[0], 'an eighth of the diameter thick').to.be.closeTo(24 * 80, 1e-9);
		expect(areas(s('2'), 'abrasive')[0]).to.be.closeTo(80 * 16, 1e-9);
		expect(areas(s('5'), 'abrasive')[0]).to.be.closeTo(24 * 80 - 7.2 * 30, 1e-9);
		expect(areas(s('6'), 'abrasive')[0]).to.be.closeTo(20 * 80 + 60 * 16, 1e-9);
		expect(areas(s('7'), 'abrasive')[0]).to.be.closeTo(24 * 80 - 13.2 * 30, 1e-9);
		expect(areas(s('12'), 'abrasive')[0]).to.be.closeTo(18 * 75 + 6 * 100 - 10.8 * 20 - 13.2 * 62, 1e-9);
		expect(s('27').widthMm).to.be.closeTo(17.6, 1e-9);
		expect(s('5').missing).to.deep.equal(['T', 'P', 'F']);
	});
});

describe('a superabrasive wheel cut through has the area its sizes give', () => {
	const cut = (core: string, rim: string, position: string, more: object = {}) =>
		fepaSection(
			{ core, rim, position },
			{ diameterMm: 200, thicknessMm: 10, rimDepthMm: 8, boreMm: 40, ...more }
		);
	it('the rim by its form', () => {
		const rim = (form: string) => areas(cut('1', form, '1'), 'abrasive')[0]!;
		const pointed = 10 * 3 + (10 * 5) / 2;
		expect([rim('A'), rim('E'), rim('EE'), rim('V')]).to.deep.equal([80, pointed, 40, 55]);
		for (const round of ['F', 'FF']) expect(rim(round)).to.be.closeTo(30 + (Math.PI * 25) / 2, 0.5);
		expect(rim('Q'), 'one that is not known is drawn square').to.equal(80);
	});
	it('a thin layer under a pointed or rounded rim ends where the layer does', () => {
		const thin = (form: string) => areas(cut('1', form, '1', { rimDepthMm: 2 }), 'abrasive')[0]!;
		expect(thin('E')).to.equal(10);
		expect(thin('V')).to.equal(10);
		expect(thin('F')).to.be.closeTo((Math.PI * 5 * 2) / 2, 0.2);
	});
	it('the core by its shape', () => {
		const hub = 92 * 0.55 - 20;
		const wanted: Record<string, [number, number]> = {
			1: [10 * 72, 10],
			3: [10 * 72 + 8 * hub, 18],
			4: [10 * 72 + 8 * ((92 * 1.55) / 2 - 20), 18],
			9: [4 * (92 * 0.8 - 20) + 10 * 92 * 0.2, 10],
			14: [10 * 72 + 14 * hub, 24]
		};
		for (const [core, [mm2, width]] of Object.entries(wanted)) {
			const s = cut(core, 'A', '1');
			expect(areas(s, 'core')[0], core).to.be.closeTo(mm2, 1e-9);
			expect(s.widthMm, core).to.be.closeTo(width, 1e-9);
		}
		expect(areas(cut('2', 'A', '1'), 'core'), 'a ring is all abrasive').to.deep.equal([]);
		expect(areas(cut('2', 'A', '1'), 'abrasive')).to.deep.equal([800]);
	});
	it('a cup carries its rim on its open side', () => {
		const wanted: Record<string, number> = {
			6: 5 * 14 + 3 * 66,
			11: 5 * 87.5 - 3 * 20 - 2 * 73.5,
			12: 5 * 80 - 3 * 20 - 2 * 66
		};
		for (const [core, mm2] of Object.entries(wanted)) {
			const s = cut(core, 'A', '2');
			expect(areas(s, 'core')[0], core).to.be.closeTo(mm2, 1e-9);
			expect(areas(s, 'abrasive')[0], core).to.be.closeTo(70, 1e-9);
		}
	});
	it('a layer on one side, on both, or on the corner', () => {
		expect(areas(cut('1', 'A', '2'), 'abrasive')).to.deep.equal([56]);
		expect(areas(cut('1', 'A', '3'), 'abrasive')).to.deep.equal([56, 56]);
		expect(areas(cut('1', 'A', '9'), 'abrasive')).to.deep.equal([64]);
		for (const place of ['2', '3', '9'])
			expect(areas(cut('1', 'A', place), 'core'), place).to.deep.equal([800]);
	});
	it('says what grinds, what it is called, and where each size is measured', () => {
		expect(cut('1', 'A', '1')).to.deep.include({
			name: 'plain disc, square rim, on the rim',
			faces: ['periphery']
		});
		expect(cut('3', 'V', '9')).to.deep.include({
			name: 'hub on one side, bevelled rim, on the corner',
			faces: ['side']
		});
		expect(cut('7', 'Z', '8').name).to.equal('core 7, rim Z, place 8');
		const side = cut('1', 'A', '2');
		expect(['D', 'X', 'H', 'T'].map((l) => at(cut('1', 'A', '1'), l))).to.deep.equal([
			[10, 100],
			[10, 96],
			[5, 20],
			[10, -100]
		]);
		expect(at(side, 'X')).to.deep.equal([6, 93]);
	});
	it('draws usual proportions where a size is missing, and says which', () => {
		const bare = (core: string) =>
			fepaSection(
				{ core, rim: 'A', position: '1' },
				{ diameterMm: null, thicknessMm: null, rimDepthMm: null, boreMm: null }
			);
		expect(bare('1')).to.deep.include({ missing: ['D', 'T', 'X', 'H'], diameterMm: 150, widthMm: 12 });
		expect(bare('6').widthMm).to.equal(45);
		expect(areas(bare('1'), 'abrasive')[0]).to.be.closeTo(12 * 4.5, 1e-9);
		expect(areas(bare('1'), 'core')[0]).to.be.closeTo(12 * (75 - 4.5 - 15), 1e-9);
		expect(
			areas(cut('1', 'A', '1', { rimDepthMm: 95 }), 'abrasive')[0],
			'a layer leaves a core'
		).to.be.closeTo(900, 1e-9);
	});
});
