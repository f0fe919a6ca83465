import { expect } from 'chai';
import fc from 'fast-check';
import { anglesOf, runoutLimitUm } from '../../../src/core/route/stations/true/readings.js';
import { lastRunout } from '../../../src/core/route/stations/true/known-runout.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { current, did, faults, line, setup, worked, recordOf } from '../../shared/setup-in-memory.js';
import { RIM, RIM_AFTER } from '../../shared/good-work.js';

const atTrue = () => worked('true.runout');
const read = (readingsUm: number[], more: object = {}) =>
	did(atTrue(), 'true', 'runout', { readingsUm, ...more });
const out = (f: SetupFacts, step: string, calculation?: string) =>
	recordOf(f, 'true', step, calculation)!.output as Record<string, number>;
/** Readings of a rim that is off centre, highest at an angle. */
const offCentre = (um: number, atDeg: number, places = 12, sense = 1) =>
	Array.from(
		{ length: places },
		(_, k) => um * Math.cos(((sense * k * 360) / places - atDeg) * (Math.PI / 180))
	);

describe('True: reading the rim', () => {
	it('finds eccentricity and high spot whichever way the wheel is turned and wherever it begins', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 200, noNaN: true }),
				fc.integer({ min: 0, max: 359 }),
				fc.constantFrom('clockwise', 'counter-clockwise'),
				fc.integer({ min: 0, max: 359 }),
				fc.constantFrom(8, 12, 24),
				(um, atDeg, wheelTurned, startAngleDeg, places) => {
					const angles = anglesOf({ wheelTurned: wheelTurned as 'clockwise', startAngleDeg }, places);
					const f = read(
						angles.map((a) => um * Math.cos(((a - atDeg) * Math.PI) / 180)),
						{ wheelTurned, startAngleDeg }
					);
					expect(out(f, 'runout').eccentricityUm).to.be.closeTo(um, 1e-6 * um);
					const away = Math.abs(((out(f, 'runout').highSpotAngleDeg! - atDeg + 540) % 360) - 180);
					expect(away).to.be.below(1e-6);
				}
			),
			{ numRuns: 60 }
		));
	it('a dial that counts the other way puts the high spot opposite', () => {
		const up = out(read(offCentre(30, 60)), 'runout');
		const down = out(read(offCentre(30, 60), { dialCounts: 'down' }), 'runout');
		expect((down.highSpotAngleDeg! - up.highSpotAngleDeg! + 360) % 360).to.be.closeTo(180, 1e-6);
		expect(down.eccentricityUm).to.be.closeTo(up.eccentricityUm!, 1e-9);
	});
	it('a reading that stands out is asked about and never dropped', () => {
		const readingsUm = [...RIM];
		readingsUm[4] = 240;
		const fault = faults('odd-reading', 'readingsUm.4', () => read(readingsUm));
		expect(fault.message).to.match(
			/^Reading 5 is 240 µm; the others say about \d+ µm\. Read it again, or say that it is right\.$/
		);
		const kept = read(readingsUm, { oddKept: true });
		expect(recordOf(kept, 'true', 'runout')!.input.readingsUm).to.deep.equal(readingsUm);
		expect(out(kept, 'runout').tirUm).to.equal(236);
	});
	it('missing and doubled readings are named', () => {
		faults('too-few', 'readingsUm', () => read([1, 2]));
		faults('not-a-number', 'readingsUm.3', () => read([1, 2, 3, 'x' as never, 5, 6, 7, 8]));
	});
	it('keeps the rule about balancing first beside the readings, by the order of this route', () => {
		expect(recordOf(read(RIM), 'true', 'runout', 'true.pre-balance-rule')!.input).to.include({
			school: 'toolroom',
			hasBalanceWeights: true
		});
		const without = did(
			{
				...atTrue(),
				mount: { ...setup().mount!, weightCount: 0 },
				stations: setup().stations.filter((s) => s !== 'balance')
			},
			'true',
			'runout',
			{ readingsUm: RIM }
		);
		expect(recordOf(without, 'true', 'runout', 'true.pre-balance-rule')!.input).to.include({
			school: 'neutral-first'
		});
	});
});

describe('True: the gate', () => {
	it('a rim within its limit needs no truing and no drying', () => {
		const f = read(RIM_AFTER);
		expect(line(f, 'true', 'runs-true')).to.include({ state: 'ok' });
		expect(line(f, 'true', 'dry')!.value).to.match(/not wetted/);
		expect(current(f)).to.equal('balance');
	});
	it('one over its limit waits for truing', () => {
		const f = read(RIM);
		expect(lastRunout(f)).to.equal(36);
		expect(line(f, 'true', 'runs-true')).to.include({
			state: 'open',
			value: `36 µm now, limit ${runoutLimitUm(f)} µm`
		});
		expect(current(f)).to.equal('true');
	});
	it('trued but still out, or not spun dry, goes no further', () => {
		const again = (readingsUm: number[], spunDry: boolean) =>
			did(read(RIM), 'true', 'after', { readingsUm, diameterAfterMm: 289.8, spunDry });
		expect(current(again(RIM, true))).to.equal('true');
		expect(current(again(RIM_AFTER, false))).to.equal('true');
		expect(line(again(RIM_AFTER, false), 'true', 'dry')!.state).to.equal('open');
		expect(current(again(RIM_AFTER, true))).to.equal('balance');
	});
	it('what was taken off goes to the ledger, and a wheel does not grow', () => {
		faults('above-maximum', 'diameterAfterMm', () =>
			did(read(RIM), 'true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 290.1, spunDry: true })
		);
		faults('below-minimum', 'diameterAfterMm', () =>
			did(read(RIM), 'true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 76, spunDry: true })
		);
		expect(
			did(read(RIM), 'true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 289.7, spunDry: true }).wheel!
				.diameterMm
		).to.equal(289.7);
	});
	it('a pencil line counts as a reading of the rim, with less in it', () => {
		const f = did(atTrue(), 'true', 'pencil', { fromAngleDeg: 340, toAngleDeg: 20, advanceUm: 10 });
		expect(line(f, 'true', 'read')).to.include({ state: 'ok', value: 'pencil line' });
		expect(out(f, 'pencil').highSpotAngleDeg).to.be.closeTo(0, 1e-9);
		expect(lastRunout(f)).to.be.above(0);
	});
	it('a face that wobbles is a line of its own once it was read', () => {
		expect(line(read(RIM), 'true', 'face')).to.equal(undefined);
		const f = did(read(RIM), 'true', 'face', {
			readingsUm: offCentre(20, 90),
			readFace: 'back',
			measuringRadiusMm: 140,
			flangeContactDiameterMm: 100
		});
		expect(line(f, 'true', 'face')).to.include({ title: 'Face runs flat' });
	});
});

describe('True: the push and the plan follow from the readings', () => {
	it('nothing is pushed before the rim was read', () => {
		faults('inconsistent', 'boreClearanceUm', () => did(atTrue(), 'true', 'seat', { boreClearanceUm: 50 }));
	});
	it('a wheel that hangs in its play is pushed towards the low side, and never further than the play', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 2, max: 60, noNaN: true }),
				fc.integer({ min: 0, max: 359 }),
				fc.integer({ min: 0, max: 100 }),
				(um, atDeg, boreClearanceUm) => {
					const f = did(read(offCentre(um, atDeg)), 'true', 'seat', { boreClearanceUm });
					const push = out(f, 'seat');
					expect(push.moveUm).to.be.at.most(boreClearanceUm + 1e-9);
					if (push.moveUm! > 1e-6)
						expect(Math.abs(((push.moveAngleDeg! - atDeg + 360) % 360) - 180)).to.be.below(1e-6);
					expect(push.remainingBestUm).to.be.at.most(um + 1e-9);
				}
			),
			{ numRuns: 60 }
		));
	it('the plan takes its stock from the last readings, whatever was typed', () => {
		const f = did(read(RIM), 'true', 'plan', { runoutTirUm: 500 });
		expect(recordOf(f, 'true', 'plan')!.input.runoutTirUm).to.equal(36);
		expect(out(f, 'plan').radialStockUm).to.be.at.least(36);
		expect(out(f, 'plan').diameterAfterMm).to.be.below(f.wheel!.diameterMm);
	});
	it('more run-out never means less to take off', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 150, noNaN: true }),
				fc.double({ min: 1, max: 2, noNaN: true }),
				(um, more) => {
					const stock = (x: number) =>
						out(did(read(offCentre(x, 30)), 'true', 'plan', {}), 'plan').radialStockUm!;
					expect(stock(um * more)).to.be.at.least(stock(um) - 1e-9);
				}
			),
			{ numRuns: 40 }
		));
});

describe('True: by a pencil line', () => {
	const LONG = { fromAngleDeg: 10, toAngleDeg: 100, advanceUm: 40 };
	const AFTER = { diameterAfterMm: 289.7, spunDry: true };
	/** A line nearly all round tells of a rim that runs true. */
	const ROUND = { fromAngleDeg: 0, toAngleDeg: 355, advanceUm: 5 };

	it('is booked with the line struck again and the diameter, without an indicator', () => {
		const struck = did(atTrue(), 'true', 'pencil', LONG);
		const f = did(struck, 'true', 'after-pencil', { ...ROUND, ...AFTER });
		expect(f.wheel!.diameterMm).to.equal(289.7);
		expect(line(f, 'true', 'read')!.value).to.equal('pencil line');
		expect(line(f, 'true', 'dry')!.state).to.equal('ok');
		expect(current(f)).to.equal('balance');
		faults('above-maximum', 'diameterAfterMm', () =>
			did(struck, 'true', 'after-pencil', { ...ROUND, ...AFTER, diameterAfterMm: 291 })
		);
	});
	it('a rim that ran out and runs true now was trued: booked with its diameter before anything goes on', () => {
		const bad = did(atTrue(), 'true', 'runout', { readingsUm: RIM });
		for (const f of [
			did(bad, 'true', 'pencil', ROUND),
			did(bad, 'true', 'runout', { readingsUm: RIM_AFTER })
		]) {
			expect(line(f, 'true', 'dry')).to.include({ title: 'Truing booked', state: 'open' });
			expect(current(f)).to.equal('true');
		}
		const booked = did(did(bad, 'true', 'pencil', ROUND), 'true', 'after-pencil', { ...ROUND, ...AFTER });
		expect(current(booked)).to.equal('balance');
	});
	it('a rim that never ran out needs no truing', () => {
		const f = did(atTrue(), 'true', 'runout', { readingsUm: RIM_AFTER });
		expect(line(f, 'true', 'dry')!.value).to.match(/no truing needed/);
		expect(current(f)).to.equal('balance');
	});
});

describe('True: known to be glazed', () => {
	it('is said of a wheel that was trued, of no other', () => {
		expect(line(atTrue(), 'true', 'glazed')).to.equal(undefined);
		expect(line(read([...RIM]), 'true', 'glazed')).to.equal(undefined);
		expect(line(worked('balance.off'), 'true', 'glazed')).to.include({
			state: 'ok',
			value: 'dress open after balancing'
		});
	});
});
