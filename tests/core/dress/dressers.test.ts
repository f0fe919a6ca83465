import { expect } from 'chai';
import fc from 'fast-check';
import { cluster } from '../../../src/core/dress/cluster.js';
import { diamond } from '../../../src/core/dress/diamond.js';
import { largestGap } from '../../../src/core/dress/tracks.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const STONE = { wheelDiameterMm: 250, wheelWidthMm: 50, grainSizeUm: 250 };
const flats = (...list: [number, number][]) => ({
	log: list.map(([removedCm3, flatWidthUm]) => ({ removedCm3, flatWidthUm }))
});

limits('dress.diamond', STONE, [
	{
		code: 'diamond-small',
		severity: 'caution',
		not: [{}, { fittedCarat: 0.5 }],
		yes: [{ fittedCarat: 0.49 }]
	},
	{
		code: 'flat-too-wide',
		severity: 'caution',
		not: [{}, flats([0, 10], [5, 499])],
		yes: [flats([0, 10], [5, 500]), { ...flats([0, 100]), flatLimitUm: 100 }]
	},
	{
		code: 'diamond-nearly-worn',
		severity: 'caution',
		not: [
			{ ...flats([0, 0], [10, 200]), dressVolumeCm3: 5 },
			{ ...flats([0, 0], [10, 500]), dressVolumeCm3: 5 },
			flats([0, 0], [10, 499])
		],
		yes: [{ ...flats([0, 0], [10, 200]), dressVolumeCm3: 5.1 }]
	},
	{
		code: 'turn-diamond',
		severity: 'caution',
		not: [{ dressesSinceTurn: 9 }, { dressesSinceTurn: 10, turnEveryDresses: 11 }],
		yes: [{ dressesSinceTurn: 10 }]
	}
]);

describe('dress.diamond: stone and wear', () => {
	it('a larger stone for a larger, wider or coarser wheel, never past the largest', () => {
		const stone = (more: object) => diamond.run({ ...STONE, ...more }).recommendedCarat;
		const by: [number, number][] = [
			[100, 0.25],
			[100.1, 0.33],
			[175, 0.33],
			[250, 0.5],
			[350, 0.75],
			[450, 1],
			[600, 1.5],
			[760, 2],
			[761, 3]
		];
		for (const [wheelDiameterMm, carat] of by)
			expect(stone({ wheelDiameterMm }), `${wheelDiameterMm}`).to.equal(carat);
		expect([
			stone({ wheelWidthMm: 50.1 }),
			stone({ wheelWidthMm: 100 }),
			stone({ wheelWidthMm: 100.1 })
		]).to.deep.equal([0.75, 0.75, 1]);
		expect([stone({ grainSizeUm: 699 }), stone({ grainSizeUm: 700 })]).to.deep.equal([0.5, 0.75]);
		expect(stone({ wheelDiameterMm: 2000, wheelWidthMm: 200, grainSizeUm: 900 })).to.equal(3);
	});
	it('wear is told from two readings with wheel cut away between them', () => {
		const wear = (list: [number, number][], more: object = {}) =>
			diamond.run({ ...STONE, ...flats(...list), ...more }).wear;
		expect(wear([])).to.deep.equal({
			slopeUmPerCm3: null,
			flatNowUm: null,
			remainingCm3: null,
			dressesLeft: null
		});
		expect(wear([[3, 90]])).to.include({ slopeUmPerCm3: null, flatNowUm: 90 });
		expect(
			wear([
				[3, 90],
				[3, 95]
			])
		).to.include({ slopeUmPerCm3: null, flatNowUm: 95 });
		expect(
			wear(
				[
					[0, 100],
					[10, 100]
				],
				{ dressVolumeCm3: 1 }
			)
		).to.include({ slopeUmPerCm3: 0, remainingCm3: null, dressesLeft: null });
		expect(
			wear(
				[
					[0, 0],
					[10, 200]
				],
				{ dressVolumeCm3: 5 }
			)
		).to.include({ slopeUmPerCm3: 20, remainingCm3: 15, dressesLeft: 3 });
		expect(
			wear(
				[
					[0, 0],
					[10, 600]
				],
				{ dressVolumeCm3: 5 }
			)
		).to.include({ remainingCm3: 0, dressesLeft: 0 });
		refuses(
			'dress.diamond',
			{ ...STONE, ...flats([0, 0], [5, 9], [4, 9]) },
			'log.2.removedCm3',
			'inconsistent'
		);
	});
});

const NIB = { clusterWidthMm: 5.8, pointsAcross: 4, wheelSpeedRpm: 1780, depthUm: 23 };

limits('dress.cluster', NIB, [
	{
		code: 'tracks-leave-thread',
		severity: 'caution',
		not: [{}, { leadUm: 230 }],
		yes: [{ leadUm: 725 }, { leadUm: 1450 }]
	},
	{ code: 'cluster-tilted', severity: 'caution', not: [{}, { tiltDeg: 0.4 }], yes: [{ tiltDeg: 0.5 }] },
	{ code: 'thread-on-wheel', severity: 'caution', not: [{ leadUm: 5800 }], yes: [{ leadUm: 5801 }] },
	{
		code: 'lead-exceeds-half-width',
		severity: 'caution',
		not: [{ leadUm: 2900 }, { leadUm: 5801 }],
		yes: [{ leadUm: 2901 }, { leadUm: 5800 }]
	},
	{ code: 'depth-too-great', severity: 'stop', not: [{ depthUm: 102 }], yes: [{ depthUm: 102.1 }] }
]);

describe('dress.cluster: tracks', () => {
	it('the widest gap is the one a dense walk over the lead finds', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 12 }),
				fc.double({ min: 50, max: 2000, noNaN: true }),
				fc.double({ min: 20, max: 3000, noNaN: true }),
				(points, pitchUm, lead) => {
					const at = Array.from({ length: points }, (_, i) => (i * pitchUm) % lead);
					// Free run from each track to the next one ahead, going round.
					const walked = Math.max(
						...at.map((t) =>
							Math.min(lead, ...at.map((o) => (((o - t) % lead) + lead) % lead).filter((d) => d > 1e-9))
						)
					);
					expect(largestGap({ pitchUm, points, effectiveUm: 1e9 }, lead)).to.be.closeTo(walked, 1e-6);
				}
			)
		));
	it('the suggested lead leaves what was wanted, and the next longer ones do not', () => {
		for (const [target, overlap] of [
			['rough', 2.5],
			['general', 4],
			['finish', 6]
		] as const) {
			const out = cluster.run({ ...NIB, target });
			expect(out.trackOverlapRatio, target).to.be.at.least(overlap - 1e-6);
			for (let k = 1; k <= 20; k++)
				expect(
					cluster.run({ ...NIB, target, leadUm: out.suggestedLeadUm + k }).trackOverlapRatio
				).to.be.below(overlap);
		}
	});
	it('a lead that clears a thread is the nearest one with a tenth to spare', () => {
		const out = cluster.run({ ...NIB, leadUm: 725 });
		const clears = (leadUm: number) =>
			cluster.run({ ...NIB, leadUm }).largestGapUm <= 0.9 * out.activeWidthUm;
		expect(clears(out.clearLeadUm!)).to.equal(true);
		for (let k = 1; k < 725 - out.clearLeadUm!; k++)
			expect(clears(725 - k) || clears(725 + k), `${k}`).to.equal(false);
	});
	it('one point is a single diamond; a flat alone is a tip too', () => {
		const one = cluster.run({ ...NIB, pointsAcross: 1, leadUm: 60, tipRadiusUm: 250 });
		expect(one).to.include({ largestGapUm: 60, activePoints: 1 });
		example('dress.cluster', { ...NIB, flatWidthUm: 120 }, { activeWidthUm: 120 });
		refuses('dress.cluster', { ...NIB, tipRadiusUm: 50, flatWidthUm: 100 }, 'flatWidthUm', 'inconsistent');
	});
});

const BAR = { section: 'rectangle', overhangMm: 100, widthMm: 20, heightMm: 20, biteUm: 20 };
limits('dress.holder-stiffness', BAR, [
	{
		code: 'holder-too-soft',
		severity: 'caution',
		not: [{ overhangMm: 103.8 }, { forceN: 10 }],
		yes: [{ overhangMm: 104 }]
	}
]);
describe('dress.holder-stiffness: a beam', () => {
	it('softens with the third of its length; round and with a soft base too', () => {
		example('dress.holder-stiffness', BAR, { beamStiffnessNPerUm: 8.4, deflectionUm: 30 / 8.4 });
		example('dress.holder-stiffness', { ...BAR, overhangMm: 200 }, { beamStiffnessNPerUm: 1.05 });
		example(
			'dress.holder-stiffness',
			{ ...BAR, section: 'round', diameterMm: 20 },
			{ inertiaMm4: (Math.PI * 160000) / 64 }
		);
		example('dress.holder-stiffness', { ...BAR, baseStiffnessNPerUm: 8.4 }, { stiffnessNPerUm: 4.2 });
		example('dress.holder-stiffness', { ...BAR, baseStiffnessNPerUm: 7 }, { overhangLimitMm: null });
		refuses('dress.holder-stiffness', { ...BAR, heightMm: null }, 'heightMm', 'missing');
		refuses('dress.holder-stiffness', { ...BAR, section: 'round' }, 'diameterMm', 'missing');
	});
	it('each way of dressing presses with its own force', () => {
		const forces = {
			'single-point': 30,
			cluster: 80,
			'rotary-disc': 60,
			'truing-wheel': 60,
			'steel-block': 100,
			stick: 50
		};
		for (const [method, forceN] of Object.entries(forces))
			example('dress.holder-stiffness', { ...BAR, method }, { forceN });
	});
});

const HAND = { wheelWidthMm: 19, wheelSpeedRpm: 3000, leadUm: 60, grainSizeUm: 200 };
/** A stroke of 25 mm at 60 µm takes 8.333 s. */
const took = (s: number) => ({ measuredPassTimeS: s });
limits('dress.hand-pace', HAND, [
	{ code: 'pass-too-fast', severity: 'caution', not: [{}, took(6.67)], yes: [took(6.66)] },
	{ code: 'pass-too-slow', severity: 'caution', not: [{}, took(10.41)], yes: [took(10.42)] },
	{
		code: 'lead-exceeds-grain',
		severity: 'caution',
		not: [{ leadUm: 200 }],
		yes: [{ leadUm: 201 }, took(2.4)]
	},
	{ code: 'pace-too-quick-by-hand', severity: 'caution', not: [{ leadUm: 500 }], yes: [{ leadUm: 501 }] },
	{ code: 'pace-too-slow-by-hand', severity: 'caution', not: [{ leadUm: 25 }], yes: [{ leadUm: 24.9 }] }
]);
describe('dress.hand-pace: what was really made', () => {
	it('is told only for a stroke that was timed, its dress only with a tip', () => {
		const none = {
			achievedLeadUm: null,
			leadErrorPercent: null,
			achievedOverlapRatio: null,
			achievedDressClass: null
		};
		example('dress.hand-pace', HAND, { ...none, passTimeS: 25 / 3, beatsPerMinute: 7.2 });
		example('dress.hand-pace', { ...HAND, ...took(5) }, { achievedLeadUm: 100, achievedOverlapRatio: null });
		example('dress.hand-pace', { ...HAND, tipRadiusUm: 250, depthUm: 20 }, none);
		refuses('dress.hand-pace', { ...HAND, tipRadiusUm: 250 }, 'depthUm', 'missing');
	});
});
