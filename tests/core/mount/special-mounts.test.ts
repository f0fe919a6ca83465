import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { mountGlue } from '../../../src/core/mount/glue.js';
import { mountLifting } from '../../../src/core/mount/lifting.js';
import { mountQuill } from '../../../src/core/mount/quill.js';
import { mountToolPost } from '../../../src/core/mount/tool-post.js';
import { refuses } from '../examples.js';

const QUILL = calculation('mount.quill').example as Record<string, unknown>;
const GLUE = calculation('mount.glue').example as Record<string, unknown>;
const POST = calculation('mount.tool-post').example as Record<string, unknown>;
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.quill', () => {
	const run = (more: object) => mountQuill.run({ ...QUILL, ...more });
	it('stiffness goes with the fourth power of the diameter and falls with the third of the length', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 40, noNaN: true }),
				fc.double({ min: 20, max: 200, noNaN: true }),
				(quillDiameterMm, overhangMm) => {
					const one = run({ quillDiameterMm, overhangMm, quillHeadDiameterMm: 10 }).stiffnessNPerUm;
					expect(
						run({ quillDiameterMm: 2 * quillDiameterMm, overhangMm, quillHeadDiameterMm: 10 })
							.stiffnessNPerUm / one
					).to.be.closeTo(16, 1e-6);
					expect(
						run({ quillDiameterMm, overhangMm: 2 * overhangMm, quillHeadDiameterMm: 10 }).stiffnessNPerUm /
							one
					).to.be.closeTo(1 / 8, 1e-9);
				}
			)
		));
	it('is stopped above its critical speed, warned on the way there', () => {
		const critical = run({}).criticalSpeedRpm;
		const fast = { quillMaxRpm: 200000, wheelRatedRpm: 200000 };
		expect(codes(run({ ...fast, runRpm: 1.1 * critical }))).to.deep.equal(['near-critical']);
		expect(codes(run({ ...fast, runRpm: 0.75 * critical }))).to.deep.equal(['critical-margin']);
		expect(codes(run({ ...fast, runRpm: 0.69 * critical }))).to.deep.equal([]);
		expect(run({ ...fast }).maxRunRpm).to.be.closeTo(0.85 * critical, 1e-6);
	});
	it('each limit has its word', () => {
		for (const [more, code] of [
			[{ quillMaxRpm: 30000 }, 'quill-overspeed'],
			[{ wheelRatedRpm: 30000 }, 'wheel-overspeed'],
			[{ minimumDiameterMm: 18.59 }, 'below-minimum-diameter'],
			[{ minimumWidthMm: 20, currentWidthMm: 19, originalWidthMm: 21 }, 'below-minimum-width'],
			[{ quillHeadDiameterMm: 17 }, 'dress-reaches-quill'],
			[{ dressDirectionSign: -1 }, 'direction-disagree'],
			[{ workBoreMm: 18.6 }, 'wheel-does-not-fit-bore'],
			[{ workBoreMm: 20 }, 'wheel-large-for-bore']
		] as const)
			expect(codes(run(more)), code).to.deep.equal([code]);
	});
	it('counts the dresses left to whichever comes first, the scrap diameter or the quill', () => {
		expect(run({ minimumDiameterMm: 18 }).remainingDressCount).to.equal(30);
		expect(run({ quillHeadDiameterMm: 16 }).remainingDressCount).to.equal(30);
		expect(run({ nextDressDepthUm: 0 }).remainingDressCount).to.equal(null);
		expect(run({ currentDiameterMm: 13 }).remainingDressCount).to.equal(0);
	});
	it('refuses what cannot be', () => {
		refuses('mount.quill', { ...QUILL, holeDiameterMm: 10 }, 'holeDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...QUILL, currentDiameterMm: 21 }, 'currentDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...QUILL, minimumWidthMm: 22 }, 'minimumWidthMm', 'above-maximum');
		refuses('mount.quill', { ...QUILL, grindDirectionSign: 0 }, 'grindDirectionSign', 'unknown-choice');
		refuses('mount.quill', { ...QUILL, dressDirectionSign: 2 }, 'dressDirectionSign', 'above-maximum');
	});
});

describe('mount.glue', () => {
	const run = (more: object) => mountGlue.run({ ...GLUE, ...more });
	it('ten degrees colder takes twice as long', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 15, max: 50, noNaN: true }),
				fc.double({ min: 1, max: 100, noNaN: true }),
				(temperatureC, baseCureH) => {
					expect(
						run({ temperatureC, baseCureH }).requiredCureH /
							run({ temperatureC: temperatureC + 10, baseCureH }).requiredCureH
					).to.be.closeTo(2, 1e-9);
				}
			)
		));
	it('each fault has its word', () => {
		const done = GLUE.done as object;
		for (const [more, code] of [
			[{ done: { ...done, degreased: false } }, 'preparation-missing'],
			[{ done: { ...done, spread: false } }, 'not-spread'],
			[{ temperatureC: 10, elapsedH: 1000 }, 'too-cold'],
			[{ temperatureC: 70 }, 'too-hot'],
			[{ mixToBondMin: 21 }, 'pot-life-exceeded'],
			[{ elapsedH: 11 }, 'not-cured'],
			[{ wheelHoleMm: 6.02 }, 'bond-gap'],
			[{ wheelHoleMm: 6.5 }, 'bond-gap'],
			[{ tangentialForceN: 400 }, 'bond-overloaded'],
			[{ tangentialForceN: 250 }, 'bond-margin']
		] as const)
			expect(codes(run(more)), code).to.deep.equal([code]);
	});
	it('without a load there is no factor, and nothing to stop it', () =>
		expect(run({ tangentialForceN: 0 })).to.include({ bondSafetyFactor: null, verdict: 'ok' }));
	it('refuses a stud too thick and a wheel smaller than its hole', () => {
		refuses('mount.glue', { ...GLUE, studMm: 6.2 }, 'studMm', 'above-maximum');
		refuses('mount.glue', { ...GLUE, wheelDiameterMm: 6 }, 'wheelDiameterMm', 'below-minimum');
		refuses('mount.glue', { ...GLUE, done: { scuffed: true } }, 'done.degreased', 'missing');
	});
});

describe('mount.lifting', () => {
	const run = (more: object) => mountLifting.run({ massKg: 10, method: 'hand', ...more });
	it('never allows more for a worse posture', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 1500, noNaN: true }),
				fc.double({ min: 750, max: 2500, noNaN: true }),
				fc.double({ min: 0, max: 2500, noNaN: true }),
				fc.double({ min: 0, max: 180, noNaN: true }),
				fc.double({ min: 1, max: 1.2, noNaN: true }),
				(reachMm, handHeightMm, travelMm, twistDeg, worse) => {
					const a = run({ reachMm, handHeightMm, travelMm, twistDeg });
					const b = run({
						reachMm: Math.min(1500, reachMm * worse),
						handHeightMm: Math.min(2500, handHeightMm * worse),
						travelMm: Math.min(2500, travelMm * worse),
						twistDeg: Math.min(180, twistDeg * worse),
						grip: 'poor'
					});
					expect(b.recommendedLimitKg).to.be.at.most(a.recommendedLimitKg + 1e-9);
					expect(a.recommendedLimitKg).to.be.within(0, 23);
				}
			)
		));
	it('two may lift half as much again, a hoist what it carries', () => {
		expect(run({ massKg: 30, method: 'two-person' }).verdict).to.equal('caution');
		expect(codes(run({ massKg: 36, method: 'two-person' }))).to.deep.equal(['hoist-needed']);
		expect(codes(run({ massKg: 36, method: 'hoist', hoistCapacityKg: 30 }))).to.deep.equal([
			'hoist-capacity'
		]);
		refuses('mount.lifting', { massKg: 36, method: 'hoist' }, 'hoistCapacityKg', 'missing');
	});
	it('out of reach nothing may be lifted, and there is no index', () =>
		expect(run({ reachMm: 700 })).to.include({ recommendedLimitKg: 0, liftingIndex: null, verdict: 'stop' }));
	it('wants a mass or the size it follows from', () => {
		refuses('mount.lifting', { method: 'hand', diameterMm: 300 }, 'boreMm', 'missing');
		refuses(
			'mount.lifting',
			{ method: 'hand', diameterMm: 300, boreMm: 300, thicknessMm: 20 },
			'boreMm',
			'above-maximum'
		);
	});
});

describe('mount.tool-post', () => {
	const run = (more: object) => mountToolPost.run({ ...POST, ...more });
	it('at the offset it allows, the error is the tolerance', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 500, noNaN: true }),
				fc.double({ min: 20, max: 200, noNaN: true }),
				fc.double({ min: 0.5, max: 50, noNaN: true }),
				(workDiameterMm, wheelDiameterMm, sizeToleranceUm) => {
					const at = run({ workDiameterMm, wheelDiameterMm, sizeToleranceUm }).maxOffsetForToleranceMm;
					expect(
						run({ workDiameterMm, wheelDiameterMm, sizeToleranceUm, centreOffsetMm: Math.min(100, at) })
							.diameterErrorUm
					).to.be.closeTo(sizeToleranceUm, 1e-6 * sizeToleranceUm + 1e-6);
					expect(run({ centreOffsetMm: 0.3 }).diameterErrorUm).to.equal(
						run({ centreOffsetMm: -0.3 }).diameterErrorUm
					);
				}
			)
		));
	it('each fault has its word', () => {
		for (const [more, code] of [
			[{ runRpm: 8600 }, 'overspeed'],
			[{ wheelClearOfChuck: false }, 'wheel-near-chuck'],
			[{ waysCovered: false }, 'ways-uncovered'],
			[{ wheelDiameterMm: 30, centreOffsetMm: 0 }, 'slow-wheel']
		] as const)
			expect(codes(run({ centreOffsetMm: 0, ...more })), code).to.deep.equal([code]);
		refuses(
			'mount.tool-post',
			{ ...POST, grinding: 'internal', workDiameterMm: 60 },
			'wheelDiameterMm',
			'above-maximum'
		);
	});
});
