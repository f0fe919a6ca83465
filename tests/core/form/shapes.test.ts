import { expect } from 'chai';
import fc from 'fast-check';
import { mirrored } from '../../../src/core/form/mirror.js';
import { gapMm, runsBack, turnDeg } from '../../../src/core/form/profile/chain.js';
import { type Segment, pointAt } from '../../../src/core/form/profile/segment.js';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';
import { chains } from './on-form.js';

interface Out {
	segments: Segment[];
	widthMm: number;
	depthMm: number;
	minXMm: number;
	minConcaveRadiusMm: number | null;
	minConvexRadiusMm: number | null;
	counts: { lines: number; arcs: number };
}
const shape = (input: object) => run<Out>('form.build-profile', input);
/** It hangs together, never runs back, and its rounds leave without a kink. */
function sound(out: Out): void {
	out.segments.slice(1).forEach((s, i) => {
		const before = out.segments[i]!;
		expect(gapMm(before, s)).to.be.below(1e-9);
	});
	expect(out.segments.some(runsBack)).to.equal(false);
}

describe('shapes of the face', () => {
	for (const input of [
		{ shape: 'flat', widthMm: 20 },
		{ shape: 'single-angle', widthMm: 20, angleDeg: 23, highSide: 'right' },
		{ shape: 'double-angle', widthMm: 20, angleLeftDeg: 30, angleRightDeg: 60, apexZMm: 8, tipRadiusMm: 0.5 },
		{
			shape: 'double-angle',
			widthMm: 20,
			angleLeftDeg: 30,
			angleRightDeg: 60,
			tipFlatMm: 3,
			tipRadiusMm: 0.5
		},
		{ shape: 'corner-radius', widthMm: 20, radiusMm: 2.4, corners: 'left' },
		{ shape: 'corner-radius', widthMm: 20, radiusMm: 10 },
		{ shape: 'full-radius', widthMm: 6 },
		{ shape: 'full-radius', widthMm: 6, radiusMm: 9 },
		{ shape: 'concave-radius', widthMm: 10, radiusMm: 2 },
		{ shape: 'chamfer', widthMm: 20, chamferMm: 2 },
		{
			shape: 'multi-rib',
			pitchMm: 2.5,
			count: 8,
			includedAngleDeg: 60,
			depthMm: 1.2,
			crestRadiusMm: 0.15,
			rootRadiusMm: 0.15
		},
		{ shape: 'multi-rib', pitchMm: 2, count: 3, includedAngleDeg: 90, depthMm: 1 },
		{ shape: 'free', text: '0,1; 3,1 r0.4; 4.5,0; 7,0 cv6; 9,2' }
	])
		it(`${JSON.stringify(input)} can be run along`, () => sound(shape(input)));
	it('ribs are as many, as wide and as deep as asked', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 12 }),
				fc.integer({ min: 10, max: 80 }),
				fc.integer({ min: 5, max: 60 }),
				fc.integer({ min: 0, max: 25 }),
				(count, included, hundredths, radius) => {
					const depthMm = hundredths / 100;
					const pitchMm = 2 * depthMm * Math.tan((included * Math.PI) / 360) + 1;
					const r = radius / 100;
					let out: Out;
					try {
						out = shape({
							shape: 'multi-rib',
							pitchMm,
							count,
							includedAngleDeg: included,
							depthMm,
							crestRadiusMm: r,
							rootRadiusMm: r
						});
					} catch (e) {
						expect((e as { code: string }).code).to.equal('does-not-fit');
						return;
					}
					sound(out);
					expect(out.widthMm).to.be.closeTo(count * pitchMm, 1e-9);
					expect(out.depthMm).to.be.closeTo(depthMm, 1e-9);
					expect(out.counts.arcs).to.equal(r === 0 ? 0 : 4 * count);
					if (r > 0)
						out.segments
							.slice(1)
							.forEach((s, i) => expect(Math.abs(turnDeg(out.segments[i]!, s))).to.be.below(1e-5));
				}
			),
			{ numRuns: 120 }
		));
	it('a ridge without a flat has its crest at the rim', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 5, max: 80 }),
				fc.integer({ min: 5, max: 80 }),
				fc.integer({ min: 1, max: 100 }),
				(l, r, n) => {
					const out = shape({
						shape: 'double-angle',
						widthMm: 40,
						angleLeftDeg: l,
						angleRightDeg: r,
						tipRadiusMm: n / 100
					});
					expect(out.minXMm).to.be.closeTo(0, 1e-9);
					expect(out.minConvexRadiusMm).to.equal(n / 100);
				}
			)
		));
	it('what does not fit is said of the measure that is too large', () => {
		const bad = (input: object, field: string, code = 'does-not-fit') =>
			refuses('form.build-profile', input, field, code);
		bad({ shape: 'flat' }, 'widthMm', 'missing');
		bad({ shape: 'corner-radius', widthMm: 4, radiusMm: 2.1 }, 'radiusMm');
		bad({ shape: 'full-radius', widthMm: 4, radiusMm: 1.9 }, 'radiusMm');
		bad({ shape: 'concave-radius', widthMm: 4, radiusMm: 2.1 }, 'radiusMm');
		bad({ shape: 'concave-radius', widthMm: 10, radiusMm: 2, depthMm: 2.1 }, 'depthMm');
		bad({ shape: 'concave-radius', widthMm: 10, radiusMm: 2, centreZMm: 1 }, 'centreZMm');
		bad({ shape: 'chamfer', widthMm: 4, chamferMm: 2.1 }, 'chamferMm');
		bad(
			{ shape: 'double-angle', widthMm: 10, angleLeftDeg: 30, angleRightDeg: 30, tipFlatMm: 11 },
			'tipFlatMm'
		);
		bad(
			{ shape: 'double-angle', widthMm: 1, angleLeftDeg: 30, angleRightDeg: 30, tipRadiusMm: 9 },
			'tipRadiusMm'
		);
		const ribs = { shape: 'multi-rib', pitchMm: 2, count: 3, includedAngleDeg: 60, depthMm: 1 };
		bad({ ...ribs, includedAngleDeg: 0 }, 'includedAngleDeg', 'below-minimum');
		bad({ ...ribs, depthMm: 1.8 }, 'depthMm');
		bad({ ...ribs, crestWidthMm: 1 }, 'crestWidthMm');
		bad({ ...ribs, crestRadiusMm: 0.5 }, 'crestRadiusMm');
		bad({ ...ribs, rootRadiusMm: 0.5 }, 'rootRadiusMm');
		bad({ ...ribs, includedAngleDeg: 90, crestRadiusMm: 0.8, rootRadiusMm: 0.8 }, 'depthMm');
	});
	it('free text is refused at its place', () => {
		const bad = (text: string, field: string, code: string) =>
			refuses('form.build-profile', { shape: 'free', text }, field, code);
		bad(' ; ', 'text', 'missing');
		bad('0,0', 'text', 'bad-syntax');
		bad('0;5', 'text', 'bad-syntax');
		bad('0,0; 3,5,1', 'text', 'bad-syntax');
		bad('0,0 r1; 3,1', 'text', 'bad-syntax');
		bad('0,0; 3,1 r1', 'text', 'bad-syntax');
		bad('0,0; 3,1 rx', 'text', 'bad-syntax');
		bad('0,0; 3,1; 3,1', 'text', 'zero-length');
		bad('0,0; 3,1 r10; 6,0', 'vertices.1.radiusMm', 'fillet-too-large');
		bad('0,0; 3,1 cv1', 'vertices.1.radiusMm', 'radius-too-small');
	});
});

describe('turned over', () => {
	it('twice is the form again, moved to its crest', () =>
		fc.assert(
			fc.property(chains(), (chain) => {
				const back = mirrored(mirrored(chain));
				const lift = back[0]!.x0Mm - chain[0]!.x0Mm;
				back.forEach((s, i) => {
					for (const t of [0, 0.3, 1]) {
						const [p, q] = [pointAt(s, t), pointAt(chain[i]!, t)];
						expect(p.zMm).to.be.closeTo(q.zMm, 1e-9);
						expect(p.xMm - q.xMm).to.be.closeTo(lift, 1e-9);
					}
				});
			})
		));
	it('what is a hollow of the wheel is a corner of the part', () => {
		const wheel = shape({ shape: 'concave-radius', widthMm: 10, radiusMm: 2, depthMm: 1.2 });
		expect(run<Out>('form.mirror', { segments: wheel.segments }).minConvexRadiusMm).to.equal(2);
	});
});

describe('can it be made', () => {
	const FLAT = [{ kind: 'line', z0Mm: 0, x0Mm: 1, z1Mm: 8, x1Mm: 1 }];
	const of = (more: object) =>
		codes(
			run('form.check-profile', {
				segments: FLAT,
				tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
				wheelDiameterMm: 150,
				...more
			})
		);
	it('limits, each at its figure', () => {
		expect(of({ minDiameterMm: 148, faceWidthMm: 8 })).to.deep.equal([]);
		expect(of({ minDiameterMm: 148.001 })).to.deep.equal(['depth-exceeds-stock']);
		expect(of({ faceWidthMm: 7.999 })).to.deep.equal(['wider-than-wheel']);
		const flank = (deg: number) => [
			{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 1, x1Mm: Math.tan((deg * Math.PI) / 180) }
		];
		expect(of({ segments: flank(58) })).to.deep.equal([]);
		expect(of({ segments: flank(58.001) })).to.deep.equal(['flank-too-steep']);
		expect(of({ segments: [{ ...FLAT[0], x0Mm: -0.01 }] })).to.deep.equal(['outside-the-wheel']);
		const gap = (mm: number) => [...FLAT, { kind: 'line', z0Mm: 8 + mm, x0Mm: 1, z1Mm: 9, x1Mm: 1 }];
		expect(of({ segments: gap(0.001) })).to.deep.equal([]);
		expect(of({ segments: gap(0.002) })).to.deep.equal(['gap']);
		expect(of({ segments: [...FLAT, { kind: 'line', z0Mm: 8, x0Mm: 1, z1Mm: 7, x1Mm: 2 }] })).to.include(
			'undercut'
		);
	});
	it('a hollow as round as the nose is reached, with its room', () => {
		const hollow = (r: number) =>
			shape({ shape: 'concave-radius', widthMm: 10, radiusMm: r, depthMm: 0.02 }).segments;
		expect(of({ segments: hollow(0.2) })).to.deep.equal([]);
		expect(of({ segments: hollow(0.199) })).to.deep.equal(['concave-smaller-than-tool']);
		const tool = { kind: 'single-point', tipRadiusMm: 0.2, clearanceMm: 0.05 };
		expect(of({ segments: hollow(0.24), tool })).to.deep.equal(['concave-smaller-than-tool']);
		refuses(
			'form.check-profile',
			{ segments: FLAT, tool, wheelDiameterMm: 100, minDiameterMm: 100 },
			'minDiameterMm',
			'inconsistent'
		);
	});
});
