import { expect } from 'chai';
import fc from 'fast-check';
import { superabrasiveTrue } from '../../../src/core/dress/superabrasive-true.js';
import { truingWheel } from '../../../src/core/dress/truing-wheel.js';
import { refuses } from '../examples.js';
import { limits } from '../limits.js';

const TRUE = {
	wheelDiameterMm: 150,
	wheelWidthMm: 10,
	bond: 'resin',
	layerDepthMm: 4,
	runoutTirUm: 40,
	truingWheelDiameterMm: 76,
	truingWheelWidthMm: 13,
	truingWheelMinDiameterMm: 40,
	traverseMmPerMin: 600
};
const block = { means: 'steel-block', blockLengthMm: 80, blockWidthMm: 30, truingRatio: 40 };

limits('dress.superabrasive-true', TRUE, [
	{ code: 'single-layer-do-not-true', severity: 'stop', not: [{}], yes: [{ bond: 'plated' }] },
	{
		code: 'layer-would-be-lost',
		severity: 'stop',
		not: [{ layerDepthMm: 0.051 }],
		yes: [{ layerDepthMm: 0.05 }]
	},
	{
		code: 'steel-block-resin-only',
		severity: 'stop',
		not: [{}, block, { ...block, bond: 'shellac' }, { ...block, bond: 'plated' }, { bond: 'metal' }],
		yes: [
			{ ...block, bond: 'metal' },
			{ ...block, bond: 'vitrified' }
		]
	},
	{
		code: 'uses-much-layer',
		severity: 'caution',
		not: [{ layerDepthMm: 0.2 }, { layerDepthMm: 0.05 }],
		yes: [{ layerDepthMm: 0.199 }, { layerDepthMm: 0.051 }]
	},
	{ code: 'reseat-first', severity: 'caution', not: [{ runoutTirUm: 102 }], yes: [{ runoutTirUm: 102.1 }] },
	{ code: 'truing-wheel-too-small', severity: 'caution', not: [{}], yes: [{ truingRatio: 1000 }] },
	{
		code: 'steel-block-too-fast',
		severity: 'caution',
		not: [{ ...block, wheelSpeedRpm: 1273 }, { wheelSpeedRpm: 3000 }],
		yes: [{ ...block, wheelSpeedRpm: 1274 }]
	},
	{ code: 'ratio-not-learnt', severity: 'caution', not: [{}, block], yes: [{ ...block, truingRatio: null }] }
]);

describe('dress.superabrasive-true: what comes off', () => {
	it('the ring between the eccentric rim and the circle it must come down to, counted by a fine grid', () => {
		const { wheelVolumeMm3 } = superabrasiveTrue.run({ ...TRUE, runoutTirUm: 4000, allowanceUm: 500 });
		const [R, e, final] = [75, 2, 72.5];
		const step = 0.1;
		let cells = 0;
		for (let x = -80; x < 80; x += step)
			for (let y = -80; y < 80; y += step) if (Math.hypot(x - e, y) <= R && Math.hypot(x, y) > final) cells++;
		expect(wheelVolumeMm3).to.be.closeTo(cells * step * step * 10, wheelVolumeMm3 * 0.01);
	});
	it('strokes come in pairs, with bites no larger than allowed, and take the whole infeed', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 400 }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.integer({ min: 1, max: 30 }),
				(runoutTirUm, fineShare, roughInfeedUm) => {
					const o = superabrasiveTrue.run({
						...TRUE,
						runoutTirUm,
						fineShare,
						roughInfeedUm,
						truingRatio: 10
					});
					expect([o.roughStrokes % 2, o.fineStrokes % 2]).to.deep.equal([0, 0]);
					expect(o.roughBiteUm).to.be.at.most(roughInfeedUm + 1e-6);
					expect(o.roughStrokes * o.roughBiteUm + o.fineStrokes * o.fineBiteUm).to.be.closeTo(
						o.totalInfeedUm,
						1e-6
					);
					expect(o.totalInfeedUm).to.be.above(o.radialStockUm);
				}
			)
		));
	it('the truing wheels it eats have the volume that was asked of them', () => {
		const o = superabrasiveTrue.run({ ...TRUE, truingRatio: 1000 });
		const one = (Math.PI / 4) * (76 ** 2 - 40 ** 2) * 13;
		const last = (Math.PI / 4) * (76 ** 2 - o.truingWheelDiameterAfterMm! ** 2) * 13;
		expect((o.truingWheelsNeeded! - 1) * one + last).to.be.closeTo(o.truingVolumeMm3, 1e-6);
		expect(o.truingWheelRadialWearUm).to.be.closeTo(
			1000 * ((o.truingWheelsNeeded! - 1) * 18 + (76 - o.truingWheelDiameterAfterMm!) / 2),
			1e-6
		);
	});
	it('refuses what cannot be, by its field', () => {
		const no = (v: object, field: string, code: string) =>
			refuses('dress.superabrasive-true', { ...TRUE, ...v }, field, code);
		no({ runoutTirUm: 0, allowanceUm: 0 }, 'allowanceUm', 'inconsistent');
		no({ truingWheelMinDiameterMm: 76 }, 'truingWheelMinDiameterMm', 'inconsistent');
		no({ surface: 'face' }, 'rimWidthMm', 'missing');
		no({ surface: 'face', rimWidthMm: 75.1 }, 'rimWidthMm', 'inconsistent');
		no({ wheelWidthMm: null }, 'wheelWidthMm', 'missing');
		no({ truingWheelWidthMm: null }, 'truingWheelWidthMm', 'missing');
		no({ means: 'steel-block' }, 'blockLengthMm', 'missing');
		no({ wheelDiameterMm: 4, runoutTirUm: 4000, allowanceUm: 10 }, 'runoutTirUm', 'above-maximum');
	});
});

const AGAINST = { abrasive: 'diamond', bond: 'resin', grainSizeUm: 115.5, truingWheelDiameterMm: 76 };
/** 32 m/s on 76 mm: 8041.5 rpm. */
const rated = (more: object = {}) => ({ truingWheelSpeedRpm: 5200, ratedSpeedMps: 32, ...more });
limits('dress.truing-wheel', AGAINST, [
	{ code: 'single-layer-do-not-true', severity: 'stop', not: [{}], yes: [{ bond: 'plated' }] },
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [rated({ truingWheelSpeedRpm: 8041 }), rated({ ratedSpeedRpm: 5200 })],
		yes: [rated({ truingWheelSpeedRpm: 8042 }), rated({ ratedSpeedRpm: 5199 })]
	},
	{ code: 'rating-unknown', severity: 'stop', not: [{}, rated()], yes: [{ truingWheelSpeedRpm: 5200 }] },
	{
		code: 'grain-outside-guideline',
		severity: 'caution',
		not: [{}, { grainSizeUm: 2000, bond: 'plated' }, { grainSizeUm: 260 }, { grainSizeUm: 25 }],
		yes: [{ grainSizeUm: 300 }, { grainSizeUm: 24.7 }]
	}
]);
describe('dress.truing-wheel: its choice', () => {
	it('green carbide against diamond and tough bonds, white aluminium oxide against the others', () => {
		const of = (abrasive: string, bond: string) => {
			const o = truingWheel.run({ ...AGAINST, abrasive, bond });
			return `${o.truingFamily} ${o.truingGrade}`;
		};
		expect(of('diamond', 'vitrified')).to.equal('silicon-carbide-green L');
		expect(of('cbn', 'vitrified')).to.equal('alumina-white L');
		expect(of('cbn', 'resin')).to.equal('alumina-white M');
		expect(of('cbn', 'metal')).to.equal('silicon-carbide-green O');
		expect(of('cbn', 'hybrid')).to.equal('silicon-carbide-green N');
		expect(of('cbn', 'plated')).to.equal('null null');
		refuses(
			'dress.truing-wheel',
			{ ...AGAINST, truingWheelDiameterMm: null, truingWheelSpeedRpm: 100 },
			'truingWheelDiameterMm',
			'missing'
		);
	});
});
