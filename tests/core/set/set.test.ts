import { expect } from 'chai';
import fc from 'fast-check';
import { contactSide } from '../../../src/core/set/contact-side.js';
import { dressCompensation } from '../../../src/core/set/dress-compensation.js';
import { registerDresser } from '../../../src/core/set/register-dresser.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const TOUCHES = {
	odStartZMm: 2,
	odStartXMm: 100,
	odEndZMm: 28,
	odEndXMm: 100,
	faceZMm: 0,
	pastFaceZMm: 33,
	wheelWidthMm: 30,
	cleanedUp: true
};
/** A way that rises so much over the width of 30 mm, read between the touches 26 mm apart. */
const rises = (um: number) => ({ odEndXMm: 100 + (um * 26) / 30000 });

limits('set.register-dresser', TOUCHES, [
	{
		code: 'register-void',
		severity: 'stop',
		not: [{}],
		yes: [{ dresserRemounted: true }, { wheelRemounted: true }]
	},
	{
		code: 'taper-over-tolerance',
		severity: 'caution',
		not: [rises(5), rises(-5), { ...rises(10), xReads: 'diameter' }],
		yes: [rises(5.01), rises(-5.01), { ...rises(10.02), xReads: 'diameter' }]
	},
	{
		code: 'over-travel-short',
		severity: 'caution',
		not: [{ pastFaceZMm: 32 }, { startZMm: -2 }, { pastFaceZMm: 34, tipRadiusMm: 1, startZMm: -2 }],
		yes: [{ pastFaceZMm: 31.99 }, { startZMm: -1.99 }, { pastFaceZMm: 33, tipRadiusMm: 1 }]
	},
	{
		code: 'touches-too-close',
		severity: 'caution',
		not: [{ odEndZMm: 17 }],
		yes: [{ odEndZMm: 16.99 }]
	},
	{
		code: 'touch-off-the-rim',
		severity: 'caution',
		not: [{ odStartZMm: 0, odEndZMm: 30 }],
		yes: [{ odStartZMm: -0.01 }, { odEndZMm: 30.01 }]
	},
	{ code: 'not-cleaned-up', severity: 'caution', not: [{}], yes: [{ cleanedUp: false }] }
]);

describe('set.register-dresser: which way the wheel lies', () => {
	it('comes out the same from the other side', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -50, max: 50, noNaN: true }),
				fc.double({ min: 0, max: 5, noNaN: true }),
				(um, tipRadiusMm) => {
					const here = registerDresser.run({ ...TOUCHES, ...rises(um), tipRadiusMm, startZMm: -9 });
					const mirrored = registerDresser.run({
						...TOUCHES,
						...rises(um),
						tipRadiusMm,
						startZMm: 9,
						odStartZMm: -2,
						odEndZMm: -28,
						pastFaceZMm: -33
					});
					expect(mirrored.taperUm).to.be.closeTo(here.taperUm, 1e-9);
					expect(mirrored.farEdgeZMm).to.be.closeTo(-here.farEdgeZMm, 1e-9);
					expect(mirrored.overTravelEndMm).to.be.closeTo(here.overTravelEndMm, 1e-9);
					expect(mirrored.overTravelStartMm).to.be.closeTo(here.overTravelStartMm!, 1e-9);
					expect(mirrored.suggestedEndZMm).to.be.closeTo(-here.suggestedEndZMm, 1e-9);
				}
			)
		));
	it('two touches at one place tell nothing of the taper', () =>
		refuses('set.register-dresser', { ...TOUCHES, odEndZMm: 2 }, 'odEndZMm', 'inconsistent'));
	it('the start is judged only where it is told', () =>
		example('set.register-dresser', TOUCHES, { overTravelStartMm: null, rimXMm: 100, verdict: 'ok' }));
});

const SPOT = { touchXMm: [10, 10], touchZMm: [5, 5], probeXMm: [7, 7], probeZMm: [8, 8] };
limits('set.calibrate-wheel', SPOT, [
	{
		code: 'calibration-void',
		severity: 'stop',
		not: [{}],
		yes: [{ wheelRemounted: true }, { dressedSince: true }, { dresserChanged: true }]
	},
	{
		code: 'readings-scatter',
		severity: 'caution',
		not: [{ touchXMm: [10, 10.01] }, { touchXMm: [10, 10.02], xReads: 'diameter' }],
		yes: [
			{ touchXMm: [10, 10.011] },
			{ probeZMm: [8, 8.011] },
			{ touchXMm: [10, 10.021], xReads: 'diameter' }
		]
	},
	{
		code: 'single-reading',
		severity: 'caution',
		not: [{}],
		yes: [{ touchXMm: [10] }, { touchZMm: [5] }, { probeXMm: [7] }, { probeZMm: [8] }]
	}
]);
describe('set.calibrate-wheel: trust', () => {
	it('narrows with more readings; a diameter dial scatters half as much on the radius', () => {
		const of = (n: number) => ({
			...SPOT,
			touchXMm: Array.from({ length: n }, (_, i) => 10 + 0.002 * (i % 2))
		});
		example('set.calibrate-wheel', of(2), { standardErrorXUm: 1, offsetXMm: -3.001, offsetZMm: 3 });
		example('set.calibrate-wheel', { ...of(2), xReads: 'diameter' }, { standardErrorXUm: 0.5, scatterUm: 1 });
		example('set.calibrate-wheel', of(16), { standardErrorXUm: Math.sqrt(16 / 15) / 4 });
		refuses('set.calibrate-wheel', { ...SPOT, touchXMm: [] }, 'touchXMm', 'too-few');
		refuses('set.calibrate-wheel', { ...SPOT, probeZMm: [1, null] }, 'probeZMm.1', 'missing');
	});
});

describe('set.contact-side: every way they can stand', () => {
	it('only one of the eight is right for each place of the wheel', () => {
		const sides = ['x-plus', 'x-minus'] as const;
		for (const kind of ['external', 'internal'] as const)
			for (const wheelSideOfWork of sides) {
				const right = sides.flatMap((grindSide) =>
					sides.flatMap((dressSide) =>
						sides
							.map((dressBites) =>
								contactSide.run({ kind, wheelSideOfWork, grindSide, dressSide, dressBites })
							)
							.filter((o) => o.sidesAgree)
					)
				);
				expect(right, `${kind} ${wheelSideOfWork}`).to.have.length(1);
				const cuts =
					kind === 'internal' ? wheelSideOfWork : wheelSideOfWork === 'x-plus' ? 'x-minus' : 'x-plus';
				expect(right[0]).to.include({
					expectedSide: cuts,
					compensationSign: cuts === 'x-plus' ? 1 : -1,
					verdict: 'ok'
				});
			}
	});
});

const DRESS = { dressRadialUm: 40, contactSide: 'x-plus', previousZeroMm: 50 };
/** A touch so many dresses off the new zero, along the way it should have moved. */
const off = (dresses: number) => ({ touchZeroMm: 50.04 + 0.04 * dresses });
limits('set.dress-compensation', DRESS, [
	{ code: 'not-verified', severity: 'caution', not: [off(0)], yes: [{}] },
	{ code: 'sign-reversed', severity: 'stop', not: [off(-1.7), off(-1)], yes: [off(-2), off(-1.76)] },
	{
		code: 'touch-differs',
		severity: 'caution',
		not: [off(0.25), off(-0.25), off(-2), {}],
		yes: [off(0.26), off(-0.3), off(5)]
	},
	{
		code: 'touch-cannot-tell',
		severity: 'caution',
		not: [off(0), { dressRadialUm: 5.1, touchZeroMm: 50.0051 }],
		yes: [{ dressRadialUm: 5, touchZeroMm: 50.005 }]
	}
]);
describe('set.dress-compensation: what a wrong touch looks like', () => {
	it('is named by how many dresses it is off, on either side and dial', () => {
		const names: [number, string][] = [
			[0, 'agrees'],
			[0.25, 'agrees'],
			[-2, 'sign-reversed'],
			[-1, 'already-applied'],
			[1, 'twice-as-much'],
			[-0.5, 'half-as-much'],
			[-0.75, 'already-applied'],
			[3, 'unclear'],
			[0.5, 'unclear']
		];
		for (const contactSide of ['x-plus', 'x-minus'] as const)
			for (const dialReads of ['radius', 'diameter'] as const)
				for (const [dresses, name] of names) {
					const sign = (contactSide === 'x-plus' ? 1 : -1) * (dialReads === 'diameter' ? 2 : 1);
					const o = dressCompensation.run({
						...DRESS,
						contactSide,
						dialReads,
						touchZeroMm: 50 + sign * 0.04 * (1 + dresses)
					});
					expect(o.looksLike, `${dresses} ${contactSide} ${dialReads}`).to.equal(name);
					expect(o.newZeroMm).to.be.closeTo(50 + sign * 0.04, 1e-12);
				}
	});
	it('each wheel of a pack moves by its own dress', () => {
		const wheels = [
			{ offsetXMm: 10, dressRadialUm: 40 },
			{ offsetXMm: 12 },
			{ offsetXMm: -3, dressRadialUm: 100 }
		];
		expect(dressCompensation.run({ ...DRESS, wheels }).wheels).to.deep.equal([
			{ index: 0, offsetXMm: 10.04, shiftMm: 0.04 },
			{ index: 1, offsetXMm: 12, shiftMm: 0 },
			{ index: 2, offsetXMm: -2.9, shiftMm: 0.1 }
		]);
	});
});
