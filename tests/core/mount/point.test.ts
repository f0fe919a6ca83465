import fc from 'fast-check';
import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const POINT = {
	headDiameterMm: 20,
	headLengthMm: 25,
	spindleDiameterMm: 6,
	overhangMm: 13,
	spindleLengthMm: 40,
	ratedRpm: 34000,
	measuredRpm: 30000
};
const WHIRL = 109722.4;

limits('mount.point', POINT, [
	{
		code: 'overspeed',
		severity: 'stop',
		not: [{ measuredRpm: 34000.4 }, { ratedRpm: null }],
		yes: [{ measuredRpm: 34001 }, { ratedRpm: null, ratedSpeedMps: 31 }]
	},
	{
		code: 'rating-unknown',
		severity: 'stop',
		not: [{}, { ratedRpm: null, ratedSpeedMps: 40 }],
		yes: [{ ratedRpm: null }]
	},
	{
		code: 'whirl-near',
		severity: 'caution',
		not: [
			{ ratedRpm: 200000, measuredRpm: 0.599 * WHIRL },
			{ ratedRpm: 200000, measuredRpm: 0.81 * WHIRL }
		],
		yes: [
			{ ratedRpm: 200000, measuredRpm: 0.601 * WHIRL },
			{ ratedRpm: 200000, measuredRpm: 0.799 * WHIRL }
		]
	},
	{
		code: 'whirl',
		severity: 'stop',
		not: [{ ratedRpm: 200000, measuredRpm: 0.799 * WHIRL }],
		yes: [{ ratedRpm: 200000, measuredRpm: 0.801 * WHIRL }]
	},
	{ code: 'grip-short', severity: 'stop', not: [{ spindleLengthMm: 23 }], yes: [{ spindleLengthMm: 22.9 }] },
	{ code: 'overhang-long', severity: 'caution', not: [{}], yes: [{ overhangMm: 13.1 }] }
]);

describe('mount.point', () => {
	it('worked examples', () => {
		example('mount.point', POINT, {
			whirlRpm: 109722,
			whirlShare: 0.27342,
			gripMm: 27,
			limitRpm: 34000,
			verdict: 'ok'
		});
		example(
			'mount.point',
			{ ...POINT, overhangMm: 30, spindleLengthMm: 50 },
			{ whirlRpm: 49775, whirlShare: 0.6027, codes: ['overhang-long', 'whirl-near'], verdict: 'caution' }
		);
	});
	it('refuses a shank that is not made, and an overhang longer than the shank', () => {
		refuses('mount.point', { ...POINT, spindleDiameterMm: 5 }, 'spindleDiameterMm', 'unknown-choice');
		refuses('mount.point', { ...POINT, overhangMm: 41 }, 'overhangMm', 'above-maximum');
	});
	it('a longer overhang never whirls later', () =>
		fc.assert(
			fc.property(fc.double({ min: 0, max: 29, noNaN: true }), (overhangMm) => {
				const whirl = (at: number) =>
					Number(calculation('mount.point').run({ ...POINT, overhangMm: at }).whirlRpm);
				expect(whirl(overhangMm + 1)).to.be.below(whirl(overhangMm));
			})
		));
});
