import { expect } from 'chai';
import { nominalBore } from '../../../src/core/mount/bore-sizes.js';
import { example } from '../examples.js';
import { limits } from '../limits.js';

const FIT = { boreMm: 50.8, arborMm: 50.75, arborExpansionPerK: 1e-5 };
/** A bore with this much play on a seat of 50 mm. */
const play = (um: number) => ({ boreMm: 50 + um / 1000, arborMm: 50 });

limits('mount.fit-check', FIT, [
	{ code: 'forced', severity: 'stop', not: [{}], yes: [{ forced: true }] },
	{
		code: 'nominal-mismatch',
		severity: 'stop',
		not: [{}, { boreMm: 45, arborMm: 44.9 }, { boreMm: 50.5 }, { boreMm: 50, arborMm: 49.5 }],
		yes: [{ boreMm: 51 }, { boreNominalMm: 51 }, { arborNominalMm: 50 }]
	},
	{ code: 'interference', severity: 'stop', not: [play(1)], yes: [play(0), play(-1)] },
	{
		code: 'hot-grip',
		severity: 'caution',
		not: [play(16), play(0), play(-5), { ...play(1), spindleTempRiseK: 0 }],
		yes: [play(15), play(1)]
	},
	{
		code: 'loose-fit',
		severity: 'caution',
		not: [play(150), { ...play(200), looseUm: 200 }],
		yes: [play(151), { ...play(21), looseUm: 20 }]
	},
	{
		code: 'shim-will-not-fit',
		severity: 'stop',
		not: [{ ...play(60), shimUm: 60 }, play(-5), { ...play(-5), shimUm: 0 }],
		yes: [{ ...play(60), shimUm: 61 }]
	},
	{
		code: 'thick-shim',
		severity: 'caution',
		not: [{ ...play(120), shimUm: 100 }],
		yes: [{ ...play(120), shimUm: 101 }]
	}
]);

describe('mount.fit-check: what it measures', () => {
	it('play cold and warm, and how far off centre it lets the wheel sit', () => {
		example(
			'mount.fit-check',
			{ ...FIT, ...play(80), massKg: 4, spindleTempRiseK: 40 },
			{
				clearanceUm: 80,
				hotClearanceUm: 60,
				maxEccentricityUm: 40,
				maxRunoutTirUm: 80,
				unbalanceGmm: 160
			}
		);
		example(
			'mount.fit-check',
			{ ...FIT, ...play(-10) },
			{ maxEccentricityUm: 0, maxRunoutTirUm: 0, unbalanceGmm: null }
		);
	});
	it('a size belongs to the nearest of the common ones, within 0.12 mm', () => {
		expect(nominalBore(25.4)).to.equal(25.4);
		expect(nominalBore(25.52)).to.equal(25.4);
		expect(nominalBore(25.53)).to.equal(null);
		expect(nominalBore(24.88)).to.equal(25);
		expect(nominalBore(24.87)).to.equal(null);
		expect(nominalBore(50.9), 'halfway between 50.8 and 51: the smaller').to.equal(50.8);
		expect(nominalBore(50.91)).to.equal(51);
		expect(nominalBore(50.89)).to.equal(50.8);
	});
});
