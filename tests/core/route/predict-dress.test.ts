import { expect } from 'chai';
import { burnRisk } from '../../../src/core/dress/burn-risk.js';
import { hiddenLaw, readRa } from '../../../src/core/dress/stand-ins/roughness-meter.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { TrialCut } from '../../../src/core/facts/records.js';
import { cutOf, predictDress, learnt } from '../../../src/core/route/stations/dress/predict-dress.js';
import { standingDress } from '../../../src/core/route/stations/dress/trial-cut.js';
import { did, faults, recordOf, worked } from '../../shared/setup-in-memory.js';
import { atDress, chose, settled } from './on-dress.js';

const dressed = (): SetupFacts => worked('prove.release');
const DRESS = { leadUm: 87, depthUm: 20, sharpnessIndex: 1.1, dressClass: 'general' };
const madeUp = (n: number): TrialCut[] => {
	const law = hiddenLaw(185, 5);
	return Array.from({ length: n }, (_, i) => {
		const cut = {
			leadUm: 60 + 8 * i,
			depthUm: 20,
			specificRemovalMm2PerS: 1 + (i % 4),
			wheelSpeedMps: 35
		};
		return {
			...cut,
			id: i + 1,
			wheelNumber: '0411',
			atMs: 0,
			raUm: readRa(law, cut, i),
			leftOut: false
		};
	});
};

describe('what a dress is foreseen to give', () => {
	it('from the grain alone while there are fewer than three cuts, from the cuts afterwards', () => {
		const f = dressed();
		expect(predictDress(f, DRESS)!.finish.output.source).to.equal('prior');
		expect(predictDress({ ...f, cuts: madeUp(2) }, DRESS)!.cuts).to.equal(0);
		const seen = predictDress({ ...f, cuts: madeUp(12) }, DRESS)!;
		expect([seen.finish.output.source, seen.cuts]).to.deep.equal(['fit', 12]);
		const band = (s: typeof seen) => s.finish.output.highUm / s.finish.output.lowUm;
		expect(band(seen), 'twelve cuts know more than none').to.be.below(band(predictDress(f, DRESS)!));
	});
	it('a cut left out counts no more', () => {
		const cuts = madeUp(6).map((c) => ({ ...c, leftOut: c.id === 2 }));
		expect(learnt({ ...dressed(), cuts })!.output.cutsUsed).to.equal(5);
	});
	it('the brief’s own cut where it was told, a usual one otherwise', () => {
		const f = dressed();
		expect(cutOf(f)).to.deep.equal({ depthUm: 10, workMps: 0.25, known: false });
		const told = { ...f, brief: { ...f.brief, depthUm: 15, workSpeedMps: 0.3 } };
		expect(cutOf(told)).to.deep.equal({ depthUm: 15, workMps: 0.3, known: true });
	});
	it('nothing while the grain is not known or nothing is dressed', () => {
		const f = dressed();
		expect(predictDress({ ...f, wheel: { ...f.wheel!, gritMeanUm: null } }, DRESS)).to.equal(null);
		expect(predictDress(f, { ...DRESS, depthUm: 0 })).to.equal(null);
	});
	it('a duller dress comes closer to burning', () => {
		const index = (sharpnessIndex: number) =>
			predictDress(dressed(), { ...DRESS, sharpnessIndex })!.burn.output.burnIndex!;
		expect(index(0.15)).to.be.above(index(1.1));
	});
});

describe('trial cuts', () => {
	it('keep the dress that stands and the cut that was made', () => {
		const f = did(dressed(), 'dress', 'cut', { raUm: 0.52, workDepthUm: 12 });
		expect(f.cuts).to.have.length(1);
		expect(f.cuts[0]).to.include({ depthUm: 20, raUm: 0.52, specificRemovalMm2PerS: 12 * 0.25 });
		expect(f.cuts[0]!.leadUm).to.be.closeTo((1000 * 200) / 2300, 1e-9);
	});
	it('with a power meter tell how near the cut came to burning, from the power itself', () => {
		const cut = { raUm: 0.52, workDepthUm: 12 };
		const source = (f: SetupFacts) => {
			const { specificEnergyJPerMm3, energySource } = Evidence.of(f).of(burnRisk, 'dress', ['cut'])!.output;
			return { specificEnergyJPerMm3, energySource };
		};
		expect(source(did(dressed(), 'dress', 'cut', cut)).energySource).to.equal('model');
		// 1.2 kW over 20 mm, at 12 um and 0.25 m/s: 60 mm3/s.
		const f = did(dressed(), 'dress', 'cut', { ...cut, powerW: 1200, workWidthMm: 20 });
		expect(source(f)).to.deep.equal({ specificEnergyJPerMm3: 20, energySource: 'power' });
		faults('missing', 'workWidthMm', () => did(dressed(), 'dress', 'cut', { ...cut, powerW: 1200 }));
	});
	it('of a nib count the lead of one of its points', () => {
		const set = settled(chose(atDress(), 'cluster'), 'cluster');
		const out = recordOf(set, 'dress', 'cluster')!.output as { leadUm: number; activePoints: number };
		expect(standingDress(set).leadUm).to.be.closeTo(out.leadUm / out.activePoints, 1e-9);
	});
	it('need a dress with a lead first', () => {
		faults('missing', 'dress', () => standingDress(atDress()));
	});
	it('one is left out and taken in again; fewer than three are not learnt from', () => {
		const f = { ...dressed(), cuts: madeUp(4) };
		const out = did(f, 'dress', 'leave-cut', { cutId: 2, leftOut: true });
		expect(out.cuts.map((c) => c.leftOut)).to.deep.equal([false, true, false, false]);
		faults('too-few', 'leftOut', () => did(out, 'dress', 'leave-cut', { cutId: 3, leftOut: true }));
		expect(did(out, 'dress', 'leave-cut', { cutId: 2, leftOut: false }).cuts.some((c) => c.leftOut)).to.equal(
			false
		);
		faults('unknown-choice', 'cutId', () => did(f, 'dress', 'leave-cut', { cutId: 99, leftOut: true }));
	});
});
