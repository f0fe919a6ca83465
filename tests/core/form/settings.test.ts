import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';

const RAD = Math.PI / 180;
const sine = (more: object) =>
	run<Record<string, number>>('form.sine-stack', { angleDeg: 30, pinDistanceMm: 100, ...more });
const swing = (more: object) =>
	run<Record<string, number>>('form.radius-setting', {
		method: 'engraved-constant',
		constantMm: 45.72,
		wheelRadiusMm: 4,
		side: 'convex',
		...more
	});

describe('blocks for an angle', () => {
	it('the error it says is what such a stack really makes', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 85, noNaN: true }),
				fc.double({ min: 10, max: 1000, noNaN: true }),
				fc.double({ min: 0.01, max: 2, noNaN: true }),
				(angleDeg, pinDistanceMm, stackErrorUm) => {
					const out = sine({ angleDeg, pinDistanceMm, stackErrorUm });
					const made =
						Math.asin(Math.min(1, (out.differenceMm! + stackErrorUm / 1000) / pinDistanceMm)) / RAD;
					// What is said is the first term of a series; the next one bounds what it leaves out.
					const said = out.angleErrorDeg! * RAD;
					const next = ((said * said) / 2) * Math.tan(angleDeg * RAD);
					expect((made - angleDeg) * RAD).to.be.closeTo(said, 1.2 * next + 1e-11);
				}
			)
		));
	it('the complement stands on the other side of a right angle, and is better where it is steep', () => {
		for (const angleDeg of [10, 44, 46, 72]) {
			const out = sine({ angleDeg, stackErrorUm: 1 });
			expect(out.differenceMm! ** 2 + out.complementDifferenceMm! ** 2).to.be.closeTo(1e4, 1e-6);
			expect(out.complementErrorArcsec! < out.angleErrorArcsec!).to.equal(angleDeg > 45);
		}
		expect(sine({ angleDeg: 0 }).complementErrorArcsec).to.equal(null);
	});
	it('blocks that are there tell their angle', () =>
		expect(sine({ actualDifferenceMm: 50 }).angleFromStackDeg).to.be.closeTo(30, 1e-12));
	it('limits', () => {
		const steep = (angleDeg: number) => codes(run('form.sine-stack', { angleDeg, pinDistanceMm: 100 }));
		expect([steep(60), steep(60.001)]).to.deep.equal([[], ['angle-steep']]);
		refuses('form.sine-stack', { angleDeg: 90, pinDistanceMm: 100 }, 'angleDeg', 'above-maximum');
		refuses(
			'form.sine-stack',
			{ angleDeg: 9, pinDistanceMm: 100, actualDifferenceMm: 100 },
			'actualDifferenceMm',
			'above-maximum'
		);
		refuses('form.sine-stack', { angleDeg: '9', pinDistanceMm: 100 }, 'angleDeg', 'not-a-number');
	});
});

describe('swing radius', () => {
	it('the corrected stack makes the radius that was wanted', () =>
		fc.assert(
			fc.property(
				fc.constantFrom('convex', 'concave'),
				fc.double({ min: 0.5, max: 20, noNaN: true }),
				fc.double({ min: -0.05, max: 0.05, noNaN: true }),
				(side, wheelRadiusMm, off) => {
					// A stack that is off by so much made the radius that was measured; the same stack corrected makes the wanted one.
					const out = swing({ side, wheelRadiusMm, measuredRadiusMm: wheelRadiusMm + off });
					const s = side === 'convex' ? -1 : 1;
					const constant = out.stackMm! - s * (wheelRadiusMm + off);
					expect(s * (out.correctedStackMm! - constant)).to.be.closeTo(wheelRadiusMm, 1e-9);
				}
			)
		));
	it('its tangent points lie on the arc', () => {
		const out = swing({ fromDeg: -30, toDeg: 60 }) as unknown as Record<
			'from' | 'to',
			{ zMm: number; xMm: number }
		>;
		for (const p of [out.from, out.to]) expect(Math.hypot(p.zMm, 4 - p.xMm)).to.be.closeTo(4, 1e-12);
		const hollow = swing({ side: 'concave', fromDeg: -30, toDeg: 60 }) as unknown as typeof out;
		for (const p of [hollow.from, hollow.to]) expect(Math.hypot(p.zMm, 4 + p.xMm)).to.be.closeTo(4, 1e-12);
	});
	it('stops that nobody gets past', () => {
		const of = (more: object) =>
			codes(
				run('form.radius-setting', {
					method: 'height-gauge',
					constantMm: 80,
					wheelRadiusMm: 0.5,
					side: 'concave',
					...more
				})
			);
		expect(of({ tipRadiusMm: 0.39 })).to.deep.equal([]);
		expect(of({ tipRadiusMm: 0.4 })).to.deep.equal(['concave-smaller-than-tip']);
		expect(of({ toDeg: 90, stopToDeg: 90 })).to.deep.equal([]);
		expect(of({ toDeg: 90, stopToDeg: 89 })).to.deep.equal(['sweep-beyond-stops']);
		expect(of({ fromDeg: -91 })).to.deep.equal(['undercut']);
		const room = { wheelDiameterMm: 200, pivotHeightMm: 95 };
		expect(of({ envelope: { ...room, headMaxMm: 190 } })).to.deep.equal(['no-headroom']);
		expect(of({ envelope: { ...room, headMinMm: 200 } })).to.deep.equal(['head-cannot-reach']);
		expect(of({ slide: { drawingAngleDeg: 0, angleFrom: 'radial', flankSide: 'left' } })).to.deep.equal([
			'slide-radial'
		]);
	});
	it('a slide drawn from the back changes sides', () => {
		const slide = (seenFrom: string) =>
			(swing({ slide: { drawingAngleDeg: 30, flankSide: 'left', seenFrom } }) as unknown as { slide: object })
				.slide;
		expect(slide('front')).to.include({ wheelSide: 'left', signedSlideAngleDeg: -30 });
		expect(slide('back')).to.include({ wheelSide: 'right', signedSlideAngleDeg: 30 });
	});
	it('grit under the base tilts it', () => {
		const { baseTilt } = swing({ grit: { gritUm: 50, baseLengthMm: 100, faceMm: 10 } }) as unknown as {
			baseTilt: Record<string, number>;
		};
		expect(baseTilt.formErrorUm).to.be.closeTo(5, 1e-12);
		expect(baseTilt.tiltArcsec).to.be.closeTo(103.13, 0.01);
	});
	it('says what is wrong', () => {
		const base = { method: 'height-gauge', constantMm: 4, wheelRadiusMm: 4, side: 'convex' };
		refuses('form.radius-setting', base, 'wheelRadiusMm', 'stack-not-positive');
		refuses('form.radius-setting', { ...base, fromDeg: 10, toDeg: 5 }, 'toDeg', 'inconsistent');
		refuses(
			'form.radius-setting',
			{ ...base, envelope: { wheelDiameterMm: 100 } },
			'envelope.pivotHeightMm',
			'missing'
		);
	});
});

describe('diamond off centre', () => {
	const of = (more: object) =>
		run<Record<string, number>>('form.centre-error', {
			wheelDiameterMm: 200,
			offsetMm: 1.5,
			depthMm: 6,
			...more
		});
	it('the form only ever comes shallower, the same on both sides', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 20, noNaN: true }),
				fc.double({ min: 0, max: 90, noNaN: true }),
				(offsetMm, depthMm) => {
					const out = of({ offsetMm, depthMm });
					expect(out.formErrorUm).to.be.at.most(1e-9);
					const wanted = 1000 * (Math.hypot(100, offsetMm) - Math.hypot(100 - depthMm, offsetMm) - depthMm);
					expect(out.formErrorUm).to.be.closeTo(wanted, 1e-6);
				}
			)
		));
	it('at the offset that is allowed the error is what is allowed', () => {
		const allowed = of({ toleranceUm: 2 }).allowedOffsetMm!;
		expect(of({ offsetMm: allowed, toleranceUm: 2 }).formErrorUm).to.be.closeTo(-2, 1e-6);
		expect(of({ depthMm: 0.001, toleranceUm: 2 }).allowedOffsetMm).to.equal(null);
	});
	it('the entering side is always a stop', () => {
		const side = (offsetMm: number) =>
			codes(run('form.centre-error', { wheelDiameterMm: 200, offsetMm, depthMm: 6 }));
		expect([side(0), side(-0.001)]).to.deep.equal([[], ['dresser-on-ingoing-side']]);
		refuses(
			'form.centre-error',
			{ wheelDiameterMm: 200, offsetMm: 0, depthMm: 100 },
			'depthMm',
			'above-maximum'
		);
	});
	it('an arc becomes what its chord and its depth make of it', () => {
		expect(of({ offsetMm: 0, depthMm: 1, arcRadiusMm: 4 }).effectiveArcRadiusMm).to.be.closeTo(4, 1e-9);
		expect(of({ offsetMm: 3, depthMm: 1, arcRadiusMm: 4 }).effectiveArcRadiusMm).to.be.above(4);
	});
});
