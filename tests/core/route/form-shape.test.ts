import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { checkRoute } from '../../../src/core/route/templates.js';
import { did, faults, line, recordOf, worked } from '../../shared/setup-in-memory.js';
import { CORNER, FLANK, HOLLOW, atForm, shaped } from './on-form.js';
import { METAL } from './on-dress.js';

describe('form: the shape', () => {
	it('comes after balancing and before dressing', () => {
		const f = atForm();
		expect(decide(f).current).to.equal('form');
		expect(refuse(f, 'dress', 'method')!.message).to.match(/^Form comes first: form fits the wheel/i);
		expect(refuse(f, 'form', 'sine')!.code).to.equal('form.fits');
		expect(refuse(worked('balance.swing'), 'form', 'shape')!.code).to.equal('not-on-route');
		expect(() => checkRoute(['brief', 'select', 'inspect', 'mount', 'run-in', 'dress', 'form', 'keep'], []))
			.to.throw()
			.with.property('message', 'Form comes before Dress, always.');
	});
	it('says what the wheel and the tip allow', () => {
		const f = shaped(atForm(), 'sine', FLANK);
		expect(line(f, 'form', 'fits')).to.include({ state: 'ok', value: '2.55 mm deep, 54.9 mm of abrasive' });
		expect(line(f, 'form', 'reach')).to.include({ state: 'ok', value: '0 µm left, 1 µm allowed' });
		expect(line(f, 'form', 'set-1')!.title).to.equal('Set: Flank 23°, falling to the right');
	});
	it('keeps the form in the library', () => {
		const f = shaped(atForm(), 'radius', CORNER);
		expect(recordOf(f, 'form', 'shape')!.entered).to.include({ name: 'Port plate', way: 'radius' });
	});
	it('a corner that the tip leaves is said with its amount and waits for a reason', () => {
		const V = [
			{ ...FLANK[0]!, z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 2 },
			{ ...FLANK[0]!, z0Mm: 5, x0Mm: 2, z1Mm: 10, x1Mm: 0 }
		];
		const f = shaped(atForm('cnc'), 'program', V);
		// A sharp hollow of opening w leaves rho (1/sin(w/2) - 1).
		const w = Math.PI - 2 * Math.atan(2 / 5);
		const leftUm = 200 * (1 / Math.sin(w / 2) - 1);
		expect(recordOf(f, 'form', 'shape', 'form.tool-path')!.output.unreachedMaxUm).to.be.closeTo(leftUm, 1e-6);
		expect(line(f, 'form', 'reach')).to.include({ state: 'caution', needsReason: true });
		expect(
			line(
				did(f, 'form', 'shape', recordOf(f, 'form', 'shape')!.entered, 'the part has a relief'),
				'form',
				'reach'
			)
		).to.include({
			state: 'caution',
			needsReason: false
		});
	});
	it('deeper than the abrasive is a stop that nobody gets past', () => {
		const f = shaped(atForm('power-feed', { rimDepthMm: 2 }), 'sine', FLANK, {});
		expect(line(f, 'form', 'fits')!.state).to.equal('stop');
		expect(refuse(f, 'form', 'sine')!.message).to.match(/^Stopped: The form goes 2.547 mm deep, 2.000 mm/);
		const again = did(f, 'form', 'shape', recordOf(f, 'form', 'shape')!.entered, 'it will do today');
		expect(refuse(again, 'form', 'sine')!.code).to.equal('form.fits');
	});
	it('a flank too steep for the stone is a stop, whatever reason is written', () => {
		const steep = [{ ...FLANK[0]! }, { ...FLANK[1]!, z1Mm: 13, x1Mm: 2 }];
		const f = shaped(atForm('cnc'), 'program', steep, { dresserCode: 'D-9' });
		expect(line(f, 'form', 'fits')!.value).to.match(/steepest flank is 63.4°, this stone reaches 58.0°/);
		expect(refuse(f, 'form', 'passes')!.code).to.equal('form.fits');
	});
	it('another shape takes the standing from what was set for the one before', () => {
		const f = did(shaped(atForm('cnc'), 'program', FLANK), 'form', 'passes', {
			roughDepthUm: 20,
			finishDepthUm: 5,
			feedMmPerMin: 100
		});
		expect(line(f, 'form', 'passes')!.state).to.equal('ok');
		expect(line(shaped(f, 'program', FLANK, { toleranceUm: 8 }), 'form', 'passes')!.state).to.equal('open');
	});
});

describe('form: what it is made by', () => {
	const bad = (way: string, segments: typeof FLANK, f = atForm(), more = {}) =>
		faults('inconsistent', /way|dresserCode/, () => shaped(f, way, segments, more)).message;
	it('a sine dresser makes flanks, and needs one', () => {
		expect(bad('sine', CORNER)).to.equal(
			'The form has 1 arc; a sine dresser makes flanks only. Choose another way.'
		);
		expect(bad('sine', [FLANK[0]!])).to.match(/no flank/);
		expect(bad('radius', FLANK)).to.match(/no arc/);
	});
	it('a program needs axes that are controlled', () => {
		expect(bad('program', CORNER)).to.equal('The axes of SG-9 are not controlled. Choose another way.');
	});
	it('what the shop does not have is said', () => {
		const bare = atForm('cnc', {}, { dressers: [], dresser: null });
		expect(bad('roll', CORNER, bare)).to.equal(
			'This shop has no driven form roll or crush roll in use. Choose another way.'
		);
		faults('unknown-choice', 'dresserCode', () =>
			shaped(atForm(), 'radius', CORNER, { dresserCode: 'SF-1' })
		);
	});
	it('diamond never touches diamond, sparks never a bond that does not conduct', () => {
		expect(bad('radius', HOLLOW, atForm('cnc', METAL))).to.match(/^Diamond on diamond/);
		expect(bad('wire', CORNER, atForm('cnc'))).to.match(/does not conduct/);
		const wire = shaped(atForm('cnc', METAL), 'wire', CORNER.slice(1));
		// Half the wire and its gap.
		expect(recordOf(wire, 'form', 'shape', 'form.tool-path')!.output.offsetMm).to.be.closeTo(0.15, 1e-12);
	});
});
