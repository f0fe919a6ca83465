import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { featuresOf } from '../../../src/core/route/stations/form/features.js';
import { chainOf } from '../../../src/core/form/profile/chain.js';
import { did, faults, line, recordOf } from '../../shared/setup-in-memory.js';
import {
	ALIGN,
	CORNER,
	FLANK,
	HOLLOW,
	PASSES,
	RADIUS,
	SINE,
	TRAY,
	atForm,
	settingRecord,
	shaped
} from './on-form.js';

const flank = () => shaped(atForm(), 'sine', FLANK);
const corner = () => shaped(atForm(), 'radius', CORNER);

describe('form: the sine dresser', () => {
	it('the stacks as wrung give the flank', () => {
		const f = did(flank(), 'form', 'sine', SINE, 'nearest there is');
		const stack = settingRecord(f, 'sine', 1, 'form.wrung').output;
		expect(stack.differenceMm).to.be.closeTo(39.07, 1e-9);
		expect(stack.errorUm).to.be.closeTo(1000 * (39.07 - 100 * Math.sin((23 * Math.PI) / 180)), 1e-6);
		expect(settingRecord(f, 'sine', 1).output.angleFromStackDeg).to.be.closeTo(22.99808, 1e-4);
		expect(line(f, 'form', 'set-1')!.state).to.equal('caution');
	});
	it('an angle given from the radial line is set as its complement', () => {
		const f = did(
			flank(),
			'form',
			'sine',
			{ ...SINE, drawingAngleDeg: 67, angleFrom: 'radial' },
			'nearest there is'
		);
		expect(settingRecord(f, 'sine', 1).input.angleDeg).to.be.closeTo(23, 1e-9);
		const e = faults('inconsistent', 'drawingAngleDeg', () =>
			did(flank(), 'form', 'sine', { ...SINE, drawingAngleDeg: 67 })
		);
		expect(e.message).to.match(/given from the other line/);
	});
	it('the side is the one on the wheel: a drawing seen from the back is mirrored', () => {
		expect(
			faults('inconsistent', 'flankSide', () => did(flank(), 'form', 'sine', { ...SINE, flankSide: 'left' }))
				.message
		).to.match(/falls to the right/);
		did(flank(), 'form', 'sine', { ...SINE, flankSide: 'left', seenFrom: 'back' }, 'nearest there is');
	});
	it('from the square face the complement is built', () => {
		const f = did(
			flank(),
			'form',
			'sine',
			{ ...SINE, base: 'square-face', blocksMm: [75, 16, 1.05], stackToleranceUm: 3 },
			null
		);
		expect(settingRecord(f, 'sine', 1, 'form.wrung').input.targetMm).to.be.closeTo(92.0505, 1e-4);
	});
	it('each reminder is a line of the gate, and nothing is dressed while one is open', () => {
		for (const key of ['blocksOut', 'screwTight', 'slideCovered']) {
			const f = did(flank(), 'form', 'sine', { ...SINE, stackToleranceUm: 50, [key]: false });
			expect(line(f, 'form', 'set-1')!.state).to.equal('ok');
			expect(line(f, 'form', key)!.state).to.equal('open');
			expect(
				refuse(did(did(f, 'form', 'passes', PASSES), 'form', 'align', ALIGN), 'form', 'formed')!.code
			).to.equal(`form.${key}`);
			expect(line(did(f, 'form', 'sine', { ...SINE, stackToleranceUm: 50 }), 'form', key)!.state).to.equal(
				'ok'
			);
		}
	});
	it('blocks that are not there, or stand elsewhere, are refused one by one', () => {
		expect(
			faults('not-available', 'blocksMm.1', () =>
				did(flank(), 'form', 'sine', { ...SINE, blocksMm: [25, 11.51] })
			).message
		).to.equal('Tray M-1 has no block of 11.51 mm. Take one that is there.');
		const used = { ...flank(), trays: [{ ...TRAY, inUse: [{ blockMm: 25, setupId: 99 }] }] };
		expect(faults('not-available', 'blocksMm.0', () => did(used, 'form', 'sine', SINE)).message).to.equal(
			'The block of 25 mm stands in a stack of setup 99. Take another one.'
		);
		const own = { ...flank(), trays: [{ ...TRAY, inUse: [{ blockMm: 25, setupId: 7 }] }] };
		did(own, 'form', 'sine', SINE, 'nearest there is');
		faults('inconsistent', 'blocksMm.2', () =>
			did(flank(), 'form', 'sine', { ...SINE, blocksMm: [25, 11.5, 25] })
		);
		faults('unknown-choice', 'trayCode', () => did(flank(), 'form', 'sine', { ...SINE, trayCode: 'X' }));
	});
	it('each flank of a form is set by itself, alike ones once', () => {
		const zigzag = chainOf([
			{ ...FLANK[0]!, z0Mm: 0, x0Mm: 2, z1Mm: 2, x1Mm: 0 },
			{ ...FLANK[0]!, z0Mm: 2, x0Mm: 0, z1Mm: 4, x1Mm: 2 },
			{ ...FLANK[0]!, z0Mm: 4, x0Mm: 2, z1Mm: 6, x1Mm: 0 },
			{ ...FLANK[0]!, z0Mm: 6, x0Mm: 0, z1Mm: 8, x1Mm: 1 }
		]);
		expect(featuresOf(zigzag, 'sine').map(({ index, count }) => [index, count])).to.deep.equal([
			[0, 2],
			[1, 1],
			[3, 1]
		]);
		expect(featuresOf(zigzag, 'radius')).to.deep.equal([]);
	});
});

describe('form: the radius dresser', () => {
	it('the stack from the engraved constant, swung where the form begins and ends', () => {
		const f = did(corner(), 'form', 'radius', RADIUS);
		const out = settingRecord(f, 'radius', 0);
		expect(out.output.stackMm).to.be.closeTo(43.32, 1e-9);
		expect(out.input).to.include({ side: 'convex', wheelRadiusMm: 2.4, tipRadiusMm: 0.25 });
		expect(out.input.fromDeg).to.be.closeTo(-90, 1e-9);
		expect(out.input.toDeg).to.be.closeTo(0, 1e-9);
		expect(line(f, 'form', 'set-0')).to.include({ state: 'ok', value: 'stack off by 0 µm' });
	});
	it('what the coupon showed goes back into the stack', () => {
		const f = did(corner(), 'form', 'radius', {
			...RADIUS,
			measuredRadiusMm: 2.412,
			blocksMm: [25, 17, 1.33],
			stackToleranceUm: 5
		});
		expect(settingRecord(f, 'radius', 0).output.correctedStackMm).to.be.closeTo(43.332, 1e-9);
		expect(settingRecord(f, 'radius', 0, 'form.wrung').input.targetMm).to.be.closeTo(43.332, 1e-9);
	});
	it('a hollow too small for its tip is a stop; another tip makes it', () => {
		const hollow = { ...RADIUS, segmentIndex: 1, blocksMm: [25, 20, 1.02] };
		const f = shaped(atForm(), 'radius', HOLLOW, { dresserCode: 'RF-1' });
		const reasoned = did(f, 'form', 'shape', recordOf(f, 'form', 'shape')!.entered, 'tried on scrap');
		const stopped = did(reasoned, 'form', 'radius', hollow);
		expect(line(stopped, 'form', 'set-1')!.state).to.equal('stop');
		const tried = [
			['form', 'passes', PASSES],
			['form', 'align', ALIGN]
		] as const;
		const all = tried.reduce((g, [s, step, v]) => did(g, s, step, v), stopped);
		expect(refuse(all, 'form', 'formed')!.message).to.match(/cannot turn inside a hollow of 0.3 mm/);
		const sharp = did(shaped(stopped, 'radius', HOLLOW, { dresserCode: 'RF-2' }), 'form', 'radius', hollow);
		expect(line(sharp, 'form', 'set-1')!.state).to.equal('ok');
	});
	it('a swing beyond its stops is a stop', () => {
		const f = did(corner(), 'form', 'radius', { ...RADIUS, stopFromDeg: -80 });
		expect(line(f, 'form', 'set-0')!.state).to.equal('stop');
	});
});

describe('form: square and on centre', () => {
	it('the entering side is a stop that no reason opens', () => {
		const f = did(corner(), 'form', 'align', { ...ALIGN, offsetMm: -0.8 }, 'it has always stood so');
		expect(line(f, 'form', 'align')!.state).to.equal('stop');
		expect(decide(f).next).to.not.equal('Ready to grind');
		expect(line(did(f, 'form', 'align', ALIGN), 'form', 'align')!.state).to.equal('ok');
	});
	it('a dresser out of square is a caution with its taper', () => {
		const f = did(corner(), 'form', 'align', { ...ALIGN, readingUm: 60 });
		expect(line(f, 'form', 'align')).to.include({ state: 'caution', needsReason: true });
		expect(recordOf(f, 'form', 'align', 'form.squared')!.output.taperUm).to.be.closeTo(24, 1e-9);
	});
});
