import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { toClientFacts } from '../../../src/core/route/client-facts.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { scanned } from '../../../src/core/form/stand-ins/scanner.js';
import { chainOf } from '../../../src/core/form/profile/chain.js';
import { cameOut, noseCorrectionUm } from '../../../src/core/route/stations/form/correction.js';
import { compareMeasured } from '../../../src/core/form/compare-measured.js';
import { did, faults, line, recordOf } from '../../shared/setup-in-memory.js';
import { ALIGN, CORNER, FLANK, PASSES, PROGRAM, RADIUS, atForm, shaped } from './on-form.js';

const ROLL = {
	rollSpeedRpm: 3920,
	contactDirection: 'with',
	feedUmPerRev: 0.5,
	// The corner is 2.4 mm deep, and the wheel does not carry it yet.
	totalDepthUm: 2400,
	dwellRevs: 10,
	carriesForm: true
};
/** A form made a little off and measured on a coupon, as the scanner reads it. */
function coupon(segments: typeof FLANK, noseErrorUm: number): [number, number][] {
	const points = scanned(chainOf(segments), {
		count: 120,
		noseErrorUm,
		shiftZMm: 0.05,
		shiftXMm: -0.02,
		turnDeg: 0,
		wearUm: 0,
		sigmaUm: 0.2,
		seed: 3
	});
	return points.map((p) => [p.zMm, -p.xMm]);
}
const ready = (f: SetupFacts) => did(f, 'form', 'align', ALIGN);
const onCorner = () =>
	ready(
		did(
			did(shaped(atForm(), 'radius', CORNER), 'form', 'radius', RADIUS),
			'form',
			'passes',
			PASSES,
			'deep stock, taken in one go'
		)
	);
const formed = (f: SetupFacts, more = {}) =>
	did(f, 'form', 'formed', { soundEven: true, diameterAfterMm: 289.5, ...more });

describe('form: dressed and proved', () => {
	it('is dressed only when all is set, and opens Dress once the coupon is within tolerance', () => {
		expect(refuse(shaped(atForm(), 'radius', CORNER), 'form', 'formed')!.code).to.equal('form.set-0');
		const f = formed(onCorner());
		expect(f.wheel!.diameterMm).to.equal(289.5);
		expect(line(f, 'form', 'formed')!.state).to.equal('ok');
		expect(refuse(f, 'dress', 'method')!.code).to.equal('form.proved');
		const proved = did(f, 'form', 'coupon', { points: coupon(CORNER, 1) });
		expect(line(proved, 'form', 'proved')!.state).to.equal('ok');
		expect(refuse(proved, 'dress', 'method')).to.equal(null);
	});
	it('a coupon out of tolerance waits for a reason; dressed again it wants another coupon', () => {
		const f = did(formed(onCorner()), 'form', 'coupon', { points: coupon(CORNER, 80) });
		expect(line(f, 'form', 'proved')).to.include({ state: 'caution', needsReason: true });
		const again = formed(f, { diameterAfterMm: 289.3 });
		expect(line(again, 'form', 'proved')).to.include({
			state: 'open',
			value: 'dressed since: grind another coupon'
		});
	});
	it('uneven to hear is dressed again', () => {
		expect(line(formed(onCorner(), { soundEven: false }), 'form', 'formed')).to.include({
			state: 'open',
			value: 'not even: dress again'
		});
	});
	it('the release knows its error and its tolerance', () => {
		const f = did(formed(onCorner()), 'form', 'coupon', { points: coupon(CORNER, 1) });
		const proof = recordOf(f, 'form', 'coupon')!;
		expect(proof.input.toleranceUm).to.equal(10);
		expect(Number(proof.output.maxAbsUm)).to.be.within(0.2, 10);
	});
	it('a straight dress never takes a form off', () => {
		const f = did(formed(onCorner()), 'form', 'coupon', { points: coupon(CORNER, 1) });
		const method = { seen: 'just-trued', method: 'single-point' };
		const e = faults('inconsistent', 'form', () => did(f, 'dress', 'method', method));
		expect(e.message).to.match(/carries the form "Port plate"; a straight dress would take it off/);
		did(f, 'dress', 'method', { ...method, form: 'radius' });
	});
	it('truing again takes the form with it', () => {
		const f = formed(onCorner());
		const unbalanced = f.stations.filter((s) => s !== 'balance');
		const mount = { ...f.mount!, weightCount: 0 };
		const trued = did({ ...f, stations: unbalanced, mount }, 'true', 'after', {
			readingsUm: [3, 4, 5, 6, 5, 4, 3, 2, 1, 1, 2, 2],
			diameterAfterMm: 289,
			spunDry: true
		});
		expect(line(trued, 'form', 'fits')!.state).to.equal('open');
	});
});

describe('form: on its page', () => {
	it('is sent once, and decides the same', () => {
		const planned = did(shaped(atForm('cnc'), 'program', FLANK), 'form', 'passes', PASSES);
		const f = did(planned, 'form', 'program', PROGRAM);
		const page = toClientFacts(f);
		expect(decide(page)).to.deep.equal(decide(f));
		const sent = JSON.stringify(page.records.filter((r) => r.station === 'form'));
		expect(sent.length).to.be.below(
			0.6 * JSON.stringify(f.records.filter((r) => r.station === 'form')).length
		);
		expect(recordOf(page, 'form', 'shape')!.entered.segments).to.deep.equal(FLANK);
		// What is written anew on the page is the same program.
		const again = did(page, 'form', 'program', PROGRAM);
		expect(recordOf(again, 'form', 'program')!.output).to.deep.equal(recordOf(f, 'form', 'program')!.output);
	});
});

describe('form: the roll and the program', () => {
	it('a roll of another form is refused until somebody has looked', () => {
		const f = shaped(atForm('cnc'), 'roll', CORNER, { name: 'Port plates' });
		const e = faults('inconsistent', 'carriesForm', () =>
			did(f, 'form', 'roll', { ...ROLL, carriesForm: false })
		);
		expect(e.message).to.equal(
			'R-02 carries "port plate"; this form is "Port plates". Take the roll that carries it.'
		);
		const set = did(f, 'form', 'roll', ROLL);
		expect(line(set, 'form', 'set')).to.include({ state: 'ok', value: 'R-02, 3920 rpm' });
		// Its profile is the mirror: round outward becomes hollow.
		expect(recordOf(set, 'form', 'roll', 'form.mirror')!.output).to.deep.include({ minConcaveRadiusMm: 2.4 });
		expect(line(set, 'form', 'reach')).to.equal(undefined);
	});
	it('a roll above its speed is a stop', () => {
		const f = did(shaped(atForm('cnc'), 'roll', CORNER), 'form', 'roll', { ...ROLL, rollSpeedRpm: 7000 });
		expect(line(f, 'form', 'set')!.state).to.equal('stop');
		expect(refuse(did(f, 'form', 'align', ALIGN), 'form', 'formed')!.code).to.equal('form.set');
	});
	it('the program runs the passes that were planned, and is written anew when they change', () => {
		const f = shaped(atForm('cnc'), 'program', FLANK);
		expect(refuse(f, 'form', 'program')!.code).to.equal('form.passes');
		const planned = did(f, 'form', 'passes', PASSES);
		const passes = Number(recordOf(planned, 'form', 'passes')!.output.passCount);
		const written = did(planned, 'form', 'program', PROGRAM);
		const out = recordOf(written, 'form', 'program')!;
		expect(out.output.passCount).to.equal(passes);
		expect(out.output.text).to.match(/^\(PORT PLATE, DRAFT, DRY RUN FIRST\)/);
		expect(line(written, 'form', 'set')!.state).to.equal('ok');
		expect(
			line(did(written, 'form', 'passes', { ...PASSES, finishPasses: 3 }), 'form', 'set')!.state
		).to.equal('open');
	});
	it('a program that would go through the wheel is never written', () => {
		const f = did(shaped(atForm('cnc'), 'program', FLANK), 'form', 'passes', PASSES);
		expect(() => did(f, 'form', 'program', { ...PROGRAM, direction: 'minus-z', leadMm: 2 })).to.throw(
			/not recorded|wheel/
		);
	});
	it('beside a form narrower than its wheel there is abrasive: where the wheel ends has to be said', () => {
		const f = did(shaped(atForm('cnc'), 'program', FLANK), 'form', 'passes', PASSES);
		const e = faults('missing', 'faceFromMm', () => did(f, 'form', 'program', { feedMmPerMin: 100 }));
		expect(e.message).to.match(/The wheel is 32 mm wide, the form 18 mm/);
		faults('missing', 'faceToMm', () => did(f, 'form', 'program', { feedMmPerMin: 100, faceFromMm: -7 }));
		faults('inconsistent', 'faceToMm', () => did(f, 'form', 'program', { ...PROGRAM, faceToMm: 20 }));
		// On a wheel as wide as its form nothing has to be said.
		did({ ...f, wheel: { ...f.wheel!, widthMm: 18 } }, 'form', 'program', { feedMmPerMin: 100 });
	});
	it('what the coupon tells of the nose goes back into the path', () => {
		const ARCS = [
			{ ...CORNER[0]!, z0Mm: 0, x0Mm: 2, z1Mm: 2, x1Mm: 0, radiusMm: 2 },
			{ ...CORNER[1]!, z0Mm: 2, x0Mm: 0, z1Mm: 8, x1Mm: 0 }
		];
		const out = compareMeasured.run({
			segments: ARCS,
			points: coupon(ARCS, 6),
			source: 'coupon',
			fit: 'translation'
		});
		const chain = chainOf(ARCS);
		const by = noseCorrectionUm(chain, cameOut(out.arcs))!;
		// The nose is 6 µm larger than the path was written for.
		expect(by).to.be.closeTo(6, 0.5);
		expect(noseCorrectionUm(chain, [])).to.equal(null);
	});
});
