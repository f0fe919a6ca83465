import { expect } from 'chai';
import { triedCut } from '../../../src/core/set/stand-ins/magnet.js';
import { did, line, recordOf, worked } from '../../shared/setup-in-memory.js';

const THIN = {
	method: 'magnet',
	depthUm: 20,
	workSpeedMPerMin: 15,
	widthMm: 20,
	chuckPressureNPerCm2: 40,
	contactAreaMm2: 2500,
	poleCoverage: 0.7,
	partHeightMm: 30,
	baseLengthMm: 50,
	holdingConfirmed: true
};
const RELEASE = {
	raUm: 0.5,
	burnSeen: false,
	chatterSeen: false,
	crackSeen: false,
	guardClosed: true,
	soundNormal: true
};
const atProve = () => worked('prove.release');
const released = (f: ReturnType<typeof atProve>, more: object = {}) =>
	did(f, 'prove', 'release', { ...RELEASE, ...more });

describe('Prove: the work is held', () => {
	it('work that is not held is released by nobody, whatever is written', () => {
		const f = did(atProve(), 'prove', 'hold', THIN);
		expect(recordOf(f, 'prove', 'hold')!.verdict).to.equal('stop');
		expect(line(f, 'prove', 'held')!.state).to.equal('stop');
		const tried = released(f, { overrideReason: 'it has always held like that' });
		expect(tried.state).to.equal('under-way');
		const reasons = recordOf(tried, 'prove', 'release')!.output.reasons as {
			code: string;
			severity: string;
		}[];
		expect(reasons.find((r) => r.code === 'work-not-held')).to.include({ severity: 'stop' });
	});
	it('blocked in it holds, and stands on the sheet', () => {
		const f = did(did(atProve(), 'prove', 'hold', THIN), 'prove', 'hold', {
			...THIN,
			blocking: 'blocked-in',
			stopHeightMm: 20
		});
		expect(line(f, 'prove', 'held')!.state).to.equal('ok');
		const done = released(f);
		expect(done.state).to.equal('released');
		const sheet = recordOf(done, 'prove', 'release')!.output.checks as { name: string; state: string }[];
		expect(sheet.find((c) => c.name === 'workHoldingConfirmed')).to.include({ state: 'pass' });
	});
	it('where nobody looked at it, it is off the sheet', () => {
		const sheet = recordOf(released(atProve()), 'prove', 'release')!.output.checks as { name: string }[];
		expect(sheet.map((c) => c.name)).to.not.include('workHoldingConfirmed');
	});
	it('size, flatness and taper count where they are asked', () => {
		const f = released(atProve(), { sizeErrorUm: -12, sizeToleranceUm: 10 });
		expect(f.state).to.equal('under-way');
		expect(
			released(atProve(), {
				sizeErrorUm: -12,
				sizeToleranceUm: 10,
				overrideReason: 'is ground to size later'
			}).state
		).to.equal('released');
		expect(
			released(atProve(), { taperUm: 3, taperLimitUm: 4, flatnessUm: 2, flatnessLimitUm: 3 }).state
		).to.equal('released');
	});
	it('touching off and the trial are recorded with their figures', () => {
		const f = did(
			did(atProve(), 'prove', 'touch', { readingMm: 12.4, stockUm: 60, wheelRunning: false }),
			'prove',
			'trial',
			{
				stockUm: 48,
				roughInfeedUm: 10,
				workLengthMm: 100,
				workWidthMm: 15,
				tableSpeedMPerMin: 15,
				passesDone: 9
			}
		);
		expect(recordOf(f, 'prove', 'touch')!.output.zeroReadingMm).to.be.closeTo(12.48, 1e-9);
		expect(recordOf(f, 'prove', 'trial')!.output.passCount).to.equal(9);
		const creep = did(atProve(), 'prove', 'creep', {
			depthMm: 2,
			tableSpeedMmPerMin: 150,
			widthMm: 20,
			workLengthMm: 80,
			partDepthMm: 6,
			spindlePowerW: 11000,
			redressIntervalMm: 2.5
		});
		expect(recordOf(creep, 'prove', 'creep')!.output.redressAtMm).to.deep.equal([2, 4, 5.95]);
	});
});

describe('the first cut on a simulated chuck', () => {
	it('work held three times is never thrown, work held half as hard as the cut pushes always', () => {
		for (let seed = 1; seed <= 300; seed++) {
			expect(triedCut(3, seed).thrown, `${seed}`).to.equal(false);
			expect(triedCut(0.5, seed).thrown, `${seed}`).to.equal(true);
			expect(triedCut(null, seed).thrown).to.equal(false);
		}
	});
	it('in between it is luck, and the same cut plays the same', () => {
		const thrown = Array.from({ length: 300 }, (_, i) => triedCut(1.5, i + 1).thrown);
		expect(thrown).to.include(true).and.to.include(false);
		expect(triedCut(1.5, 7)).to.deep.equal(triedCut(1.5, 7));
	});
});
