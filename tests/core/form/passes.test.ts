import { expect } from 'chai';
import fc from 'fast-check';
import {
	lengthBelow,
	radiusTimesDepth,
	squaredRadius,
	steepLength
} from '../../../src/core/form/profile/integrals.js';
import { summaryOf } from '../../../src/core/form/profile/chain.js';
import { type Segment, lengthOf, pointAt } from '../../../src/core/form/profile/segment.js';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';
import { chains } from './on-form.js';

interface Out {
	passes: { kind: string; depthUm: number; remainingUm: number; contactLengthMm: number }[];
	stockUm: number;
	removedVolumeMm3: number;
	pathLengthMm: number;
	segmentBites: {
		flankDeg: number;
		state: string;
		roughBiteUm: number;
		axialShiftUm: number;
		dullLengthMm: number;
	}[];
	segmentFeeds: { feedMmPerMin: number }[];
	stockLeftMm: number | null;
	smallestDiameterMm: number | null;
}
const INPUT = { wheelDiameterMm: 200, roughDepthUm: 40, finishDepthUm: 10, feedMmPerMin: 100 };
const of = (segments: readonly object[], more: object = {}) =>
	run<Out>('form.passes', { ...INPUT, segments, ...more });
const STEPS = 4000;
/** An integral along a segment, by its points. */
const summed = (s: Segment, f: (z: number, x: number) => number): number => {
	let sum = 0;
	for (let k = 0; k < STEPS; k++) {
		const [p, q] = [pointAt(s, k / STEPS), pointAt(s, (k + 1) / STEPS)];
		sum += f((p.zMm + q.zMm) / 2, (p.xMm + q.xMm) / 2) * (q.zMm - p.zMm);
	}
	return sum;
};
const part = (
	s: Segment,
	holds: (a: { zMm: number; xMm: number }, b: { zMm: number; xMm: number }) => boolean
): number => {
	let sum = 0;
	for (let k = 0; k < STEPS; k++) {
		const [p, q] = [pointAt(s, k / STEPS), pointAt(s, (k + 1) / STEPS)];
		if (holds(p, q)) sum += Math.hypot(q.zMm - p.zMm, q.xMm - p.xMm);
	}
	return sum;
};

describe('what a chain encloses', () => {
	it('is what its points enclose', () =>
		fc.assert(
			fc.property(chains(3), fc.double({ min: 0, max: 5, noNaN: true }), (chain, level) => {
				for (const s of chain) {
					const close = (a: number, b: number, size: number) => expect(a).to.be.closeTo(b, 2e-5 * (1 + size));
					close(
						squaredRadius(s, 80),
						summed(s, (_z, x) => (80 - x) ** 2),
						20000
					);
					close(
						radiusTimesDepth(s, 40, -1),
						summed(s, (z, x) => (40 + z) * (x + 1)),
						500
					);
					expect(lengthBelow(s, level)).to.be.closeTo(
						part(s, (p, q) => (p.xMm + q.xMm) / 2 > level),
						0.01
					);
					expect(steepLength(s, 0.2)).to.be.closeTo(
						part(s, (p, q) => q.zMm - p.zMm < 0.2 * Math.hypot(q.zMm - p.zMm, q.xMm - p.xMm)),
						0.01
					);
				}
			}),
			{ numRuns: 60 }
		));
	it('crests of arcs count in what it measures', () =>
		fc.assert(
			fc.property(chains(5), (chain) => {
				const s = summaryOf(chain);
				const points = chain.flatMap((c) => Array.from({ length: 501 }, (_, k) => pointAt(c, k / 500)));
				expect(s.minXMm).to.be.closeTo(Math.min(...points.map((p) => p.xMm)), 1e-4);
				expect(s.maxXMm).to.be.closeTo(Math.max(...points.map((p) => p.xMm)), 1e-4);
				expect(s.sectionAreaMm2).to.be.closeTo(
					chain.reduce((a, c) => a + summed(c, (_z, x) => x), 0),
					1e-4
				);
			}),
			{ numRuns: 60 }
		));
});

describe('passes of a form', () => {
	it('take off the stock, never more at once than asked, the last ones nothing', () =>
		fc.assert(
			fc.property(
				chains(4),
				fc.integer({ min: 1, max: 100 }),
				fc.integer({ min: 0, max: 6 }),
				(chain, rough, finishes) => {
					const low = summaryOf(chain).minXMm;
					const lifted = chain.map((s) => ({ ...s, x0Mm: s.x0Mm - low, x1Mm: s.x1Mm - low }));
					const out = of(lifted, {
						roughDepthUm: rough,
						finishDepthUm: Math.min(10, rough),
						finishPasses: finishes
					});
					expect(out.passes.reduce((s, p) => s + p.depthUm, 0)).to.be.closeTo(out.stockUm, 1e-6);
					let before = out.stockUm;
					for (const p of out.passes) {
						expect(p.depthUm).to.be.at.most(rough + 1e-6);
						expect(p.remainingUm).to.be.closeTo(before - p.depthUm, 1e-6);
						before = p.remainingUm;
					}
					expect(before).to.be.closeTo(0, 1e-6);
					const lengths = out.passes.map((p) => p.contactLengthMm);
					lengths.slice(1).forEach((l, i) => expect(l).to.be.at.least(lengths[i]! - 1e-9));
					expect(lengths.at(-1) ?? 0).to.be.at.most(lifted.reduce((l, s) => l + lengthOf(s), 0) + 1e-9);
				}
			),
			{ numRuns: 80 }
		));
	const flank = (deg: number) => {
		const depth = 2 * Math.tan((deg * Math.PI) / 180);
		return [{ kind: 'line', z0Mm: 0, x0Mm: depth, z1Mm: 2, x1Mm: 0 }];
	};
	it('a flank gets the cosine of it; under a fifth it is rubbed dull, a wall gets nothing', () => {
		for (const [deg, state] of [
			[5, 'even'],
			[60, 'even'],
			[78.4, 'even'],
			[78.5, 'dull'],
			[88, 'dull']
		] as const) {
			const bite = of(flank(deg), { wheelDiameterMm: 400 }).segmentBites[0]!;
			expect([deg, bite.state]).to.deep.equal([deg, state]);
			expect(bite.roughBiteUm).to.be.closeTo(
				of(flank(deg), { wheelDiameterMm: 400 }).passes[0]!.depthUm * Math.cos((deg * Math.PI) / 180),
				1e-9
			);
		}
		const quarter = [{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' }];
		const bite = of(quarter).segmentBites[0]!;
		expect(bite.state).to.equal('partly-dull');
		expect(bite.dullLengthMm).to.be.closeTo(1.5 * Math.asin(0.2), 1e-9);
	});
	it('left and right walls want opposite shifts', () => {
		const walls = [
			{ kind: 'line', z0Mm: 0, x0Mm: 2, z1Mm: 0, x1Mm: 0 },
			{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
			{ kind: 'line', z0Mm: 5, x0Mm: 0, z1Mm: 5, x1Mm: 2 }
		];
		const out = of(walls);
		expect(out.segmentBites.map((b) => Math.sign(b.axialShiftUm))).to.deep.equal([1, 0, -1]);
		expect(codes(run('form.passes', { ...INPUT, segments: walls }))).to.deep.equal(['wall-not-dressed']);
	});
	it('the middle of the nose runs faster round a corner and slower in a hollow', () => {
		const feeds = of(
			[
				{ kind: 'arc', z0Mm: 0, x0Mm: 2, z1Mm: 2, x1Mm: 0, radiusMm: 2, side: 'convex' },
				{ kind: 'line', z0Mm: 2, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
				{ kind: 'arc', z0Mm: 5, x0Mm: 0, z1Mm: 7, x1Mm: 0, radiusMm: 2, side: 'concave' }
			],
			{ tool: { kind: 'disc', tipRadiusMm: 0.5 } }
		).segmentFeeds.map((f) => f.feedMmPerMin);
		expect(feeds).to.deep.equal([125, 100, 75]);
	});
	it('a cup loses rim, its volume is that of a ring', () => {
		const groove = [{ kind: 'line', z0Mm: 0, x0Mm: 0.5, z1Mm: 8, x1Mm: 0.5 }];
		const out = of(groove, {
			surface: 'face',
			wheelDiameterMm: 100,
			rimWidthMm: 10,
			rimDepthMm: 3,
			rimDepthMinMm: 0.5
		});
		// From the inner diameter of 80 over 8 mm, half a millimetre deep.
		expect(out.removedVolumeMm3).to.be.closeTo(Math.PI * (48 ** 2 - 40 ** 2) * 0.5, 1e-9);
		expect([out.stockLeftMm, out.smallestDiameterMm]).to.deep.equal([2, null]);
		const deep = {
			surface: 'face',
			wheelDiameterMm: 100,
			rimWidthMm: 10,
			rimDepthMm: 0.9,
			rimDepthMinMm: 0.5
		};
		expect(codes(run('form.passes', { ...INPUT, segments: groove, ...deep }))).to.deep.equal([
			'deeper-than-rim'
		]);
	});
	it('limits and faults are where they are said', () => {
		const flat = [{ kind: 'line', z0Mm: 0, x0Mm: 1, z1Mm: 8, x1Mm: 1 }];
		const verdicts = (more: object) => codes(run('form.passes', { ...INPUT, segments: flat, ...more }));
		expect(verdicts({ roughDepthUm: 51 })).to.deep.equal([]);
		expect(verdicts({ roughDepthUm: 52 })).to.deep.equal(['dress-depth-over-guideline']);
		expect(verdicts({ roughDepthUm: 200, finishPasses: 0 })).to.deep.equal(['depth-too-great']);
		expect(verdicts({ minDiameterMm: 198 })).to.deep.equal([]);
		for (const minDiameterMm of [198.001, 200, 300])
			expect(verdicts({ minDiameterMm })).to.deep.equal(['below-minimum-diameter']);
		const bad = (more: object, field: string, code: string) =>
			refuses('form.passes', { ...INPUT, segments: flat, ...more }, field, code);
		bad({ finishDepthUm: 41 }, 'finishDepthUm', 'inconsistent');
		bad({ blankXMm: 1.001 }, 'blankXMm', 'above-maximum');
		bad({ wheelDiameterMm: 2 }, 'wheelDiameterMm', 'inconsistent');
		bad({ surface: 'face' }, 'rimWidthMm', 'missing');
		bad({ surface: 'face', rimWidthMm: 7 }, 'rimWidthMm', 'inconsistent');
		bad(
			{ surface: 'face', rimWidthMm: 10, rimDepthMm: 2, rimDepthMinMm: 2 },
			'rimDepthMinMm',
			'inconsistent'
		);
	});
});
