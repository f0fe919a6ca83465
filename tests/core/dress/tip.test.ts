import { expect } from 'chai';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { Findings } from '../../../src/core/calculation/verdict.js';
import { activeWidthUm, checkTip, judgeOverlap, overlapOf } from '../../../src/core/dress/tip.js';
import { normalLeadUm, referenceDepthUm } from '../../../src/core/dress/normal-dress.js';

/** A worn flat of 100 µm, so that the overlap is 100 over the lead, and a depth of the reference. */
const flat = (overlap: number, depthUm = 20) =>
	overlapOf({ tipRadiusUm: null, flatWidthUm: 100, depthUm, leadUm: 100 / overlap, abrasive: 'alumina' });
const round = (depthUm: number, leadUm = 50) => ({
	tipRadiusUm: 250,
	flatWidthUm: 0,
	depthUm,
	leadUm,
	abrasive: 'alumina'
});
const codes = (cut: Parameters<typeof overlapOf>[0]) =>
	judgeOverlap(new Findings(), cut, overlapOf(cut))
		.judged()
		.reasons.map((r) => r.code);

describe('the tip of a diamond', () => {
	it('every band of overlap begins at its figure', () => {
		const bands: [number, string, string][] = [
			[1, 'thread', 'open'],
			[2, 'open', 'rough'],
			[3, 'rough', 'general'],
			[5, 'general', 'finish'],
			[8, 'finish', 'very-fine'],
			[10, 'very-fine', 'dull']
		];
		for (const [at, below, from] of bands) {
			expect(flat(at * 0.999).overlapBand, `below ${at}`).to.equal(below);
			expect(flat(at * 1.001).overlapBand, `from ${at}`).to.equal(from);
		}
	});
	it('the class follows the sharpness, and ten tracks over each other are always dull', () => {
		// Sharpness is 4/overlap at the reference depth.
		expect(flat(4 / 1.61).dressClass).to.equal('open-sharp');
		expect(flat(4 / 1.59).dressClass).to.equal('general');
		expect(flat(4 / 0.61).dressClass).to.equal('general');
		expect(flat(4 / 0.59).dressClass).to.equal('fine');
		expect(flat(8, 10.1).dressClass).to.equal('fine');
		expect(flat(8, 9.9).dressClass).to.equal('dull');
		expect(flat(9.99, 200).dressClass).to.equal('open-sharp');
		expect(flat(10.01, 200).dressClass).to.equal('dull');
		expect(flat(4).sharpnessIndex).to.be.closeTo(1, 1e-12);
	});
	it('says why: overlap and depth against the reference', () => {
		expect(flat(2.99).classReasons).to.include('overlap-low');
		expect(flat(3.01).classReasons).to.include('overlap-medium');
		expect(flat(5.01).classReasons).to.include('overlap-high');
		expect(flat(10.01).classReasons).to.include('overlap-very-high');
		expect(flat(4, 7.5).classReasons).to.include('depth-shallow');
		expect(flat(4, 7.6).classReasons).to.deep.equal(['overlap-medium']);
		expect(flat(4, 19.9).classReasons).to.deep.equal(['overlap-medium']);
		expect(flat(4, 20).classReasons).to.include('depth-deep');
	});
	it('a superabrasive is dressed against 3 µm', () => {
		expect([referenceDepthUm('cbn'), referenceDepthUm('diamond'), referenceDepthUm('alumina')]).to.deep.equal(
			[3, 3, 20]
		);
	});
	it('a conventional grain is dressed against a share of itself, from 3 to 25 µm', () => {
		const depths = [10, 25, 26, 100, 208, 209].map((g) => referenceDepthUm('alumina', g));
		expect(depths).to.deep.equal([3, 3, 3.12, 12, 24.96, 25]);
		expect([referenceDepthUm('alumina', null), referenceDepthUm('cbn', 200)]).to.deep.equal([20, 3]);
		expect(normalLeadUm(10), 'never longer than the grain').to.equal(10);
	});
	it('passes with no feed lay more tracks and dull', () => {
		const passes = (idlePasses: number) => overlapOf({ ...round(20, 50), idlePasses });
		expect(passes(1).effectiveOverlapRatio).to.be.closeTo(2 * passes(0).overlapRatio, 1e-9);
		expect(passes(1).sharpnessIndex).to.be.closeTo(passes(0).sharpnessIndex / 2, 1e-9);
		expect([passes(1).overlapRatio, passes(1).overlapBand]).to.deep.equal([
			passes(0).overlapRatio,
			passes(0).overlapBand
		]);
		expect([passes(0).dressClass, passes(1).dressClass, passes(3).dressClass]).to.deep.equal([
			'general',
			'fine',
			'dull'
		]);
	});
	it('cuts as wide as the chord of its circle, at most its whole width', () => {
		expect(activeWidthUm(250, 0, 20)).to.be.closeTo(2 * Math.sqrt(2 * 250 * 20 - 400), 1e-9);
		expect(activeWidthUm(250, 100, 0)).to.be.closeTo(100, 1e-9);
		expect(activeWidthUm(250, 0, 250)).to.equal(500);
		expect(activeWidthUm(250, 0, 400)).to.equal(500);
		expect(activeWidthUm(null, 80, 20)).to.equal(80);
	});
	it('leaves ridges between its tracks, never higher than the bite', () => {
		const ridge = (depthUm: number, leadUm: number) => overlapOf(round(depthUm, leadUm)).scallopHeightUm;
		expect(ridge(20, 50)).to.be.closeTo(250 - Math.sqrt(250 ** 2 - 25 ** 2), 1e-9);
		expect(ridge(0.5, 50)).to.equal(0.5);
		expect(ridge(20, 600), 'tracks apart').to.equal(20);
		expect(overlapOf({ ...round(20, 50), flatWidthUm: 60 }).scallopHeightUm, 'the flat wipes them').to.equal(
			0
		);
		expect(overlapOf(round(20, 50)).scallopApproxUm).to.equal(1.25);
		expect(flat(0.5).scallopHeightUm).to.equal(20);
		expect(flat(0.5).scallopApproxUm).to.equal(null);
	});
	it('proposes a lead for each purpose', () => {
		expect(flat(4).leads).to.deep.equal({ roughUm: 40, generalUm: 25, finishUm: 100 / 6 });
	});
	it('cautions for a bite over the round, a thread and a dull dress', () => {
		expect(codes(round(249.9))).not.to.include('depth-exceeds-tip-radius');
		expect(codes(round(250))).to.include('depth-exceeds-tip-radius');
		const wide = activeWidthUm(250, 0, 20);
		expect(codes(round(20, wide))).not.to.include('thread-on-wheel');
		expect(codes(round(20, wide * 1.001))).to.include('thread-on-wheel');
		expect(codes(round(20, wide / 9.9))).not.to.include('dressed-dull');
		expect(codes(round(20, wide / 10))).to.include('dressed-dull');
	});
	it('needs a radius or a flat, and a flat that fits on the tip', () => {
		expect(() => checkTip(null, 0)).to.throw(InputFault, /missing/);
		expect(() => checkTip(null, 1)).not.to.throw();
		expect(() => checkTip(100, 199)).not.to.throw();
		expect(() => checkTip(100, 200)).to.throw(InputFault, /does not fit/);
	});
});
