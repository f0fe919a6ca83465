import { expect } from 'chai';
import fc from 'fast-check';
import { repeats } from '../../../src/core/dress/roll-speeds.js';
import { rotaryPlunge } from '../../../src/core/dress/rotary-plunge.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const ROLL = {
	wheelDiameterMm: 400,
	wheelWidthMm: 25,
	wheelSpeedRpm: 1000,
	rollDiameterMm: 120,
	rollWidthMm: 30,
	speedRatio: 0.7,
	feedUmPerRev: 0.5,
	totalDepthUm: 30
};
/** So many turns of the roll for one of the wheel. */
const turns = (x: number, more: object = {}) => ({
	speedRatio: null,
	rollSpeedRpm: 1000 * x,
	contactDirection: 'with',
	...more
});

limits('dress.rotary-plunge', ROLL, [
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{}, { ratedSpeedMps: 20.944 }, { ratedSpeedRpm: 1000 }],
		yes: [{ ratedSpeedMps: 20.943 }, { ratedSpeedRpm: 999 }]
	},
	{ code: 'roll-not-turning', severity: 'stop', not: [{}, turns(0.001)], yes: [turns(0), { speedRatio: 0 }] },
	{
		code: 'roll-over-speed',
		severity: 'stop',
		not: [{ rollMaxRpm: 2333.34 }],
		yes: [{ rollMaxRpm: 2333.3 }]
	},
	{
		code: 'near-crush-ratio',
		severity: 'caution',
		not: [{ speedRatio: 0.95 }, { speedRatio: 1.05 }, { speedRatio: -1 }],
		yes: [{ speedRatio: 0.951 }, { speedRatio: 1.049 }, { speedRatio: 1 }]
	},
	{
		code: 'integer-rpm-ratio',
		severity: 'caution',
		not: [turns(2.0201), turns(1.9799), turns(2.5101), turns(2.3401), turns(2.2551), turns(0.2)],
		yes: [turns(2.0199), turns(1.9801), turns(2.5099), turns(2.3399), turns(2.2549), turns(0.25)]
	},
	{ code: 'feed-too-great', severity: 'stop', not: [{ feedUmPerRev: 5.1 }], yes: [{ feedUmPerRev: 5.11 }] },
	{
		code: 'feed-heavy',
		severity: 'caution',
		not: [{ feedUmPerRev: 2 }, { feedUmPerRev: 5.11 }],
		yes: [{ feedUmPerRev: 2.01 }, { feedUmPerRev: 5.1 }]
	},
	{ code: 'feed-light', severity: 'caution', not: [{ feedUmPerRev: 0.1 }], yes: [{ feedUmPerRev: 0.099 }] },
	{
		code: 'roll-narrower-than-wheel',
		severity: 'caution',
		not: [{ rollWidthMm: 25 }],
		yes: [{ rollWidthMm: 24.9 }]
	},
	{ code: 'dwell-glazes', severity: 'caution', not: [{ dwellRevs: 200 }], yes: [{ dwellRevs: 201 }] },
	{
		code: 'dressed-dull',
		severity: 'caution',
		not: [{}, { speedRatio: -0.5 }],
		yes: [{ speedRatio: -1, feedUmPerRev: 0.2, dwellRevs: 100 }]
	}
]);

describe('dress.rotary-plunge: what it works out', () => {
	it('surfaces that move together belong to spindles that turn against each other', () => {
		example('dress.rotary-plunge', ROLL, { contactDirection: 'with', spindleSense: 'opposite' });
		example(
			'dress.rotary-plunge',
			{ ...ROLL, speedRatio: -0.7 },
			{ contactDirection: 'against', spindleSense: 'same' }
		);
		example(
			'dress.rotary-plunge',
			{ ...ROLL, speedRatio: 0 },
			{ contactDirection: 'none', spindleSense: 'none' }
		);
	});
	it('ratio and rpm give each other', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.05, max: 3, noNaN: true }), fc.boolean(), (q, against) => {
				const speedRatio = against ? -q : q;
				const by = rotaryPlunge.run({ ...ROLL, speedRatio });
				const back = rotaryPlunge.run({
					...ROLL,
					speedRatio: null,
					rollSpeedRpm: by.rollSpeedRpm,
					contactDirection: by.contactDirection
				});
				expect(back.speedRatio).to.be.closeTo(speedRatio, 1e-9);
				expect(back.slipSpeedMps).to.be.closeTo(Math.abs(1 - speedRatio) * by.surfaceSpeedMps, 1e-6);
			})
		));
	it('comes out rougher the nearer the ratio is to one, the more it is fed and the less it dwells', () => {
		const rough = (more: object) => rotaryPlunge.run({ ...ROLL, ...more }).relativeRoughness;
		expect(rough({ speedRatio: 0.8 })).to.be.above(rough({ speedRatio: 0.2 }));
		expect(rough({ speedRatio: 0.2 })).to.be.above(rough({ speedRatio: -0.8 }));
		expect(rough({ feedUmPerRev: 1 })).to.be.above(rough({ feedUmPerRev: 0.4 }));
		expect(rough({ dwellRevs: 0 })).to.be.above(rough({ dwellRevs: 60 }));
	});
	it('energy gives power, half the wheel at most may go', () => {
		example(
			'dress.rotary-plunge',
			{ ...ROLL, dressEnergyJPerMm3: 2 },
			{ powerW: (2 * Math.PI * 400 * 25 * 0.0005 * 1000) / 60 }
		);
		refuses(
			'dress.rotary-plunge',
			{ ...ROLL, wheelDiameterMm: 8, totalDepthUm: 4001 },
			'totalDepthUm',
			'above-maximum'
		);
	});
	it('one speed, and which way for an rpm', () => {
		refuses('dress.rotary-plunge', { ...ROLL, speedRatio: null }, 'speedRatio', 'missing');
		refuses('dress.rotary-plunge', { ...ROLL, rollSpeedRpm: 100 }, 'rollSpeedRpm', 'inconsistent');
		refuses(
			'dress.rotary-plunge',
			{ ...ROLL, ...turns(2), contactDirection: null },
			'contactDirection',
			'missing'
		);
	});
});

describe('fractions of turns', () => {
	/** Every fraction that is too near, by trying them all. */
	const near = (x: number) =>
		[1, 2, 3, 4].flatMap((q) =>
			Array.from({ length: 60 * q }, (_, i) => i + 1)
				.filter((p) => Math.abs(x - p / q) < 0.02 / q - 1e-9)
				.map((p) => `${p}/${q}`)
		);
	it('are the ones that a list of all of them finds, and the clear ratio lies in none', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.1, max: 40, noNaN: true }), (x) => {
				const r = repeats(x, Infinity);
				if (r.nearFraction === null) {
					expect(near(x)).to.deep.equal([]);
					expect(r.clearRpmRatio).to.equal(x);
				} else {
					expect(near(r.clearRpmRatio!)).to.deep.equal([]);
					expect(Math.abs(r.clearRpmRatio! - x)).to.be.below(0.05);
				}
			})
		));
	it('the clear ratio is within what the roll may turn, the lower one on a tie', () => {
		expect(repeats(2, Infinity).clearRpmRatio).to.be.closeTo(1.98, 1e-9);
		expect(repeats(2.01, Infinity).clearRpmRatio).to.be.closeTo(2.02, 1e-9);
		expect(repeats(2.01, 2.015).clearRpmRatio).to.be.closeTo(1.98, 1e-9);
		expect(repeats(2.01, 0.5).clearRpmRatio).to.equal(null);
		expect(repeats(2.4999, Infinity).nearFraction).to.equal('5/2');
		expect(repeats(1.0001, Infinity).nearFraction, 'the one met most closely for its width').to.equal('1/1');
	});
});

const DISC = {
	wheelDiameterMm: 208,
	wheelWidthMm: 14,
	wheelSpeedRpm: 3540,
	abrasive: 'cbn',
	discDiameterMm: 104,
	speedRatio: 0.58,
	depthUm: 2.6,
	leadUm: 43,
	tipRadiusUm: 380
};

limits('dress.rotary-traverse', DISC, [
	{ code: 'depth-too-great', severity: 'stop', not: [{ depthUm: 102 }], yes: [{ depthUm: 102.1 }] },
	{
		code: 'depth-heavy-superabrasive',
		severity: 'caution',
		not: [{ depthUm: 10.2 }],
		yes: [{ depthUm: 10.3 }]
	},
	{ code: 'thread-on-wheel', severity: 'caution', not: [{ leadUm: 88.7 }], yes: [{ leadUm: 88.8 }] },
	{
		code: 'depth-exceeds-tip-radius',
		severity: 'caution',
		not: [{ tipRadiusUm: 2.7 }],
		yes: [{ tipRadiusUm: 2.6 }]
	},
	{ code: 'roll-not-turning', severity: 'stop', not: [{}], yes: [{ speedRatio: 0 }] },
	{ code: 'dressed-dull', severity: 'caution', not: [{}], yes: [{ leadUm: 3 }] }
]);

describe('dress.rotary-traverse: a point of the disc', () => {
	it('scratches a long way when the disc is slow, not at all at a ratio of one', () => {
		example('dress.rotary-traverse', { ...DISC, speedRatio: 1 }, { slideLengthMm: 0, slipSpeedMps: 0 });
		example(
			'dress.rotary-traverse',
			{ ...DISC, speedRatio: -0.5 },
			{ slideLengthMm: 3 * Math.sqrt((0.0026 * 208 * 104) / 312) }
		);
		example('dress.rotary-traverse', { ...DISC, speedRatio: 0 }, { slideLengthMm: null });
	});
	it('takes one speed and one lead, by their fields', () => {
		refuses('dress.rotary-traverse', { ...DISC, speedRatio: null }, 'speedRatio', 'missing');
		refuses('dress.rotary-traverse', { ...DISC, discSpeedRpm: 100 }, 'discSpeedRpm', 'inconsistent');
		refuses('dress.rotary-traverse', { ...DISC, leadUm: null }, 'leadUm', 'missing');
		refuses('dress.rotary-traverse', { ...DISC, traverseMmPerMin: 100 }, 'traverseMmPerMin', 'inconsistent');
		refuses('dress.rotary-traverse', { ...DISC, tipRadiusUm: null }, 'tipRadiusUm', 'missing');
	});
});

const CRUSH = {
	wheelDiameterMm: 400,
	formWidthMm: 20,
	bond: 'vitrified',
	rollDiameterMm: 100,
	feedUmPerRev: 5,
	totalDepthUm: 200
};
/** 1.5 m/s on 400 mm: 71.62 rpm of the wheel, 286.48 of the roll. */
limits('dress.crush', CRUSH, [
	{
		code: 'bond-not-crushable',
		severity: 'stop',
		not: [{}, { bond: 'crushable-metal' }],
		yes: ['resin', 'metal', 'hybrid', 'plated', 'rubber', 'silicate', 'shellac'].map((bond) => ({ bond }))
	},
	{
		code: 'force-above-spindle-limit',
		severity: 'stop',
		not: [{ specificForceNPerMm: 100, spindleLimitN: 2000 }, { specificForceNPerMm: 100 }],
		yes: [{ specificForceNPerMm: 100, spindleLimitN: 1999 }]
	},
	{
		code: 'machine-cannot-turn-so-slowly',
		severity: 'stop',
		not: [{ machineMinRpm: 71 }, { machineMinRpm: 286, drive: 'roll' }],
		yes: [{ machineMinRpm: 72 }, { machineMinRpm: 287, drive: 'roll' }]
	},
	{
		code: 'wheel-not-turning',
		severity: 'stop',
		not: [{ wheelMeasuredRpm: 0 }, { drive: 'roll', wheelMeasuredRpm: 1 }],
		yes: [{ drive: 'roll', wheelMeasuredRpm: 0 }]
	},
	{ code: 'isolate-wheel-drive', severity: 'caution', not: [{}], yes: [{ drive: 'roll' }] },
	{ code: 'feed-heavy', severity: 'caution', not: [{ feedUmPerRev: 20 }], yes: [{ feedUmPerRev: 20.1 }] },
	{
		code: 'roll-slipping',
		severity: 'caution',
		not: [
			{},
			{ rollMeasuredRpm: 292.2 },
			{ rollMeasuredRpm: 280.8 },
			{ rollMeasuredRpm: 200, drive: 'roll' }
		],
		yes: [{ rollMeasuredRpm: 292.3 }, { rollMeasuredRpm: 280.7 }, { wheelMeasuredRpm: 70, drive: 'roll' }]
	}
]);

describe('dress.crush: who drives whom', () => {
	it('the ratio is one and the slip, or its inverse where the roll drives; none at a standing wheel', () => {
		example('dress.crush', { ...CRUSH, rollMeasuredRpm: 0 }, { slipRatio: -1, speedRatio: 0 });
		example(
			'dress.crush',
			{ ...CRUSH, drive: 'roll', wheelMeasuredRpm: 0 },
			{ slipRatio: -1, speedRatio: null }
		);
		example('dress.crush', CRUSH, { slipRatio: null, speedRatio: 1 });
		refuses(
			'dress.crush',
			{ ...CRUSH, wheelDiameterMm: 10, totalDepthUm: 5001 },
			'totalDepthUm',
			'above-maximum'
		);
	});
});
