import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { add, angleOf, fold360, len, vec, wrap180 } from '../../../src/core/numeric/angles.js';
import { refuses } from '../examples.js';

type Judged = { verdict: string; reasons: { code: string }[] };
const run = <T>(id: string, input: object): T & Judged => calculation(id).run(input) as never;
const codes = (o: Judged) => o.reasons.map((r) => r.code);
const deg = fc.integer({ min: 0, max: 359 });
interface Placed {
	massG: number;
	angleDeg: number;
	travelDeg: number | null;
}

describe('balance.two-weights', () => {
	type Out = {
		placements: Placed[];
		residualGmm: number;
		residualAngleDeg: number | null;
		openingDeg: number;
		totalTravelDeg: number | null;
	};
	it('leaves exactly what it says, and nothing when it can', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 1500 }),
				deg,
				fc.integer({ min: 3, max: 12 }),
				fc.integer({ min: 3, max: 12 }),
				fc.integer({ min: 0, max: 60 }),
				(unbalanceGmm, heavyAngleDeg, massG, secondMassG, minGapDeg) => {
					const out = run<Out>('balance.two-weights', {
						unbalanceGmm,
						heavyAngleDeg,
						massG,
						secondMassG,
						radiusMm: 55,
						minGapDeg
					});
					const left = out.placements.reduce(
						(v, p) => add(v, vec(p.massG * 55, p.angleDeg)),
						vec(unbalanceGmm, heavyAngleDeg)
					);
					expect(len(left)).to.be.closeTo(out.residualGmm, 1e-6);
					if (!out.reasons.length) expect(out.residualGmm).to.be.below(1e-6);
					expect(out.openingDeg).to.be.at.least(minGapDeg - 1e-6);
					if (out.residualAngleDeg !== null)
						expect(Math.abs(wrap180(out.residualAngleDeg - angleOf(left)))).to.be.below(1e-3);
				}
			)
		));
	it('turns with the unbalance; of two mirror images it takes the nearer', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 10, max: 900 }),
				deg,
				deg,
				deg,
				deg,
				(unbalanceGmm, heavyAngleDeg, a, b, by) => {
					const at = (turn: number) =>
						run<Out>('balance.two-weights', {
							unbalanceGmm,
							heavyAngleDeg: heavyAngleDeg + turn,
							massG: 9,
							radiusMm: 55,
							currentAnglesDeg: [a + turn, b + turn]
						});
					const [one, other] = [at(0), at(by)];
					expect(other.totalTravelDeg).to.be.closeTo(one.totalTravelDeg!, 1e-6);
					expect(other.residualGmm).to.be.closeTo(one.residualGmm, 1e-6);
				}
			)
		));
	it('says which way it cannot', () => {
		const of = (more: object) =>
			codes(
				run('balance.two-weights', { unbalanceGmm: 430, heavyAngleDeg: 38, massG: 9, radiusMm: 55, ...more })
			);
		expect(of({ unbalanceGmm: 5000 })).to.deep.equal(['capacity-exceeded']);
		expect(of({ unbalanceGmm: 960, minGapDeg: 40 })).to.deep.equal(['weights-too-close']);
		expect(of({ unbalanceGmm: 20, secondMassG: 3 })).to.deep.equal(['weights-too-unequal']);
		const covered = run('balance.two-weights', {
			unbalanceGmm: 1000,
			heavyAngleDeg: 38,
			massG: 9,
			radiusMm: 55,
			permissibleGmm: 50
		});
		expect(covered.verdict).to.equal('caution');
		expect(
			run<Out>('balance.two-weights', {
				unbalanceGmm: 0,
				heavyAngleDeg: 38,
				massG: 9,
				radiusMm: 55,
				neutralAngleDeg: 30
			}).placements.map((p) => p.angleDeg)
		).to.deep.equal([30, 210]);
		refuses(
			'balance.two-weights',
			{ unbalanceGmm: 5, heavyAngleDeg: 1, massG: 9, radiusMm: 55, currentAnglesDeg: [1] },
			'currentAnglesDeg',
			'too-few'
		);
	});
});

describe('balance.weights against brute force', () => {
	interface Case {
		unbalanceGmm: number;
		heavyAngleDeg: number;
		weights: { massG: number; currentAngleDeg: number }[];
		forbidden: { fromAngleDeg: number; toAngleDeg: number }[];
		minGapDeg: number;
		mayPass: boolean;
	}
	type Out = { placements: Placed[]; totalTravelDeg: number; residualGmm: number };
	const R = 60;
	/** Least movement over a coarse grid of all but two weights, these two in closed form; refined about the best. */
	function brute(c: Case): number {
		const n = c.weights.length;
		const u = c.weights.map((w) => w.massG * R),
			now = c.weights.map((w) => w.currentAngleDeg);
		const present = u.reduce((v, x, i) => add(v, vec(x, now[i]!)), { x: 0, y: 0 });
		const bare = {
			x: vec(c.unbalanceGmm, c.heavyAngleDeg).x - present.x,
			y: vec(c.unbalanceGmm, c.heavyAngleDeg).y - present.y
		};
		const clear = (a: number) =>
			c.forbidden.every((z) => {
				const inside = fold360(a - z.fromAngleDeg),
					width = fold360(z.toAngleDeg - z.fromAngleDeg);
				return inside <= 1e-6 || inside >= width - 1e-6;
			});
		const order = now.map((_, i) => i).sort((a, b) => fold360(now[a]!) - fold360(now[b]!));
		const cost = (angles: number[]): number => {
			if (!angles.every(clear)) return Infinity;
			const sorted = angles.map(fold360).sort((a, b) => a - b);
			if (sorted.some((a, i) => (i + 1 < n ? sorted[i + 1]! : sorted[0]! + 360) - a < c.minGapDeg - 1e-6))
				return Infinity;
			if (c.mayPass) return angles.reduce((s, a, i) => s + Math.abs(wrap180(a - now[i]!)), 0);
			const un = [fold360(angles[order[0]!]!)];
			for (let k = 1; k < n; k++) un.push(un[k - 1]! + fold360(angles[order[k]!]! - angles[order[k - 1]!]!));
			if (un[n - 1]! - un[0]! > 360) return Infinity;
			return Math.min(
				...[-360, 0, 360].map((t) =>
					un.reduce((s, a, k) => s + Math.abs(a + t - fold360(now[order[k]!]!)), 0)
				)
			);
		};
		const pair = (i: number, j: number, fixed: Map<number, number>): number => {
			let rest = { x: -bare.x, y: -bare.y };
			for (const [k, a] of fixed) rest = { x: rest.x - vec(u[k]!, a).x, y: rest.y - vec(u[k]!, a).y };
			const m = len(rest);
			if (m < 1e-9 || m > u[i]! + u[j]! || m < Math.abs(u[i]! - u[j]!)) return Infinity;
			const phi = angleOf(rest),
				D = 180 / Math.PI;
			const xi =
					D * Math.acos(Math.max(-1, Math.min(1, (m * m + u[i]! ** 2 - u[j]! ** 2) / (2 * m * u[i]!)))),
				xj = D * Math.acos(Math.max(-1, Math.min(1, (m * m + u[j]! ** 2 - u[i]! ** 2) / (2 * m * u[j]!))));
			return Math.min(
				...[
					[phi - xi, phi + xj],
					[phi + xi, phi - xj]
				].map(([a, b]) => {
					const angles = [...now];
					for (const [k, x] of fixed) angles[k] = x;
					angles[i] = a!;
					angles[j] = b!;
					return cost(angles);
				})
			);
		};
		let best = Infinity;
		for (let i = 0; i < n; i++)
			for (let j = i + 1; j < n; j++) {
				const others = now.map((_, k) => k).filter((k) => k !== i && k !== j);
				const walk = (
					k: number,
					fixed: Map<number, number>,
					centre: number[] | null,
					step: number,
					half: number,
					keep: { at: number[]; cost: number }
				): void => {
					if (k === others.length) {
						const t = pair(i, j, fixed);
						if (t < keep.cost) {
							keep.cost = t;
							keep.at = others.map((o) => fixed.get(o)!);
						}
						return;
					}
					const mid = centre ? centre[k]! : now[others[k]!]!;
					for (let d = -half; d <= half; d += step)
						walk(k + 1, new Map(fixed).set(others[k]!, mid + d), centre, step, half, keep);
				};
				const keep = { at: [] as number[], cost: Infinity };
				walk(0, new Map(), null, 24, 168, keep);
				for (let step = 8; others.length && Number.isFinite(keep.cost) && step > 0.3; step /= 2)
					walk(0, new Map(), [...keep.at], step, 2 * step, keep);
				best = Math.min(best, keep.cost);
			}
		return best;
	}
	const arc = fc
		.record({ fromAngleDeg: deg, width: fc.integer({ min: 5, max: 40 }) })
		.map((a) => ({ fromAngleDeg: a.fromAngleDeg, toAngleDeg: a.fromAngleDeg + a.width }));
	const some = fc.integer({ min: 2, max: 4 }).chain((n) =>
		fc.record({
			unbalanceGmm: fc.integer({ min: 0, max: 1200 }),
			heavyAngleDeg: deg,
			weights: fc.array(fc.record({ massG: fc.integer({ min: 6, max: 14 }), currentAngleDeg: deg }), {
				minLength: n,
				maxLength: n
			}),
			forbidden: fc.array(arc, { maxLength: 3 }),
			minGapDeg: fc.constantFrom(0, 10, 15),
			mayPass: fc.boolean()
		})
	);
	it('is never worse, on 500 random cases', () =>
		fc.assert(
			fc.property(some, (c) => {
				const out = run<Out>('balance.weights', { ...c, trackRadiusMm: R });
				if (codes(out).some((x) => x === 'capacity-exceeded' || x === 'already-within-tolerance')) return;
				const least = brute(c);
				if (codes(out).includes('no-arrangement')) return void expect(least).to.equal(Infinity);
				expect(out.residualGmm).to.be.below(1e-3);
				expect(out.totalTravelDeg).to.be.at.most(least * 1.02 + 0.5);
			}),
			{ numRuns: 500, seed: 20 }
		)).timeout(60_000);
});

describe('balance.holes', () => {
	type Out = {
		placements: { hole: number; angleDeg: number; massG: number }[];
		totalMassG: number;
		exactTotalMassG: number;
		residualGmm: number;
	};
	const pulls = (out: Out, r: number) =>
		out.placements.reduce((v, p) => add(v, vec(p.massG * r, p.angleDeg)), { x: 0, y: 0 });
	it('makes the correction with holes that are not overfilled', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 900 }),
				deg,
				fc.integer({ min: 3, max: 24 }),
				fc.integer({ min: 2, max: 12 }),
				(correctionGmm, correctionAngleDeg, holeCount, maxMassG) => {
					const out = run<Out>('balance.holes', {
						correctionGmm,
						correctionAngleDeg,
						holeRadiusMm: 65,
						holeCount,
						maxMassG
					});
					if (codes(out).length) {
						expect(codes(out)).to.deep.equal(['capacity-exceeded']);
						expect(out.residualGmm).to.equal(correctionGmm);
						return;
					}
					const v = pulls(out, 65),
						c = vec(correctionGmm, correctionAngleDeg);
					expect(Math.hypot(v.x - c.x, v.y - c.y)).to.be.below(1e-3);
					for (const p of out.placements) expect(p.massG).to.be.at.most(maxMassG + 1e-9);
					// No lighter way with a little less in one hole and a little more in its neighbours: two holes next to the correction are the best without a limit.
					const free = run<Out>('balance.holes', {
						correctionGmm,
						correctionAngleDeg,
						holeRadiusMm: 65,
						holeCount
					});
					expect(out.totalMassG).to.be.at.least(free.totalMassG - 1e-6);
					expect(free.placements.length).to.be.at.most(2);
				}
			)
		));
	it('fills the neighbours when one is full, with less in all than any other split of a fine grid', () => {
		const out = run<Out>('balance.holes', {
			correctionGmm: 800,
			correctionAngleDeg: 0,
			holeRadiusMm: 65,
			holeCount: 12,
			maxMassG: 5
		});
		expect(out.placements.map((p) => p.hole).sort((a, b) => a - b)).to.deep.equal([1, 2, 12]);
		expect(out.placements.find((p) => p.hole === 1)!.massG).to.be.closeTo(5, 1e-9);
	});
	it('rounds to steps no coarser than they are, says when they are too coarse and where there are no holes', () => {
		const out = run<Out>('balance.holes', {
			correctionGmm: 510,
			correctionAngleDeg: 100,
			holeRadiusMm: 65,
			holeCount: 8,
			massStepG: 4,
			permissibleGmm: 20
		});
		for (const p of out.placements) expect(p.massG % 4).to.be.closeTo(0, 1e-9);
		expect(codes(out)).to.deep.equal(['step-too-coarse']);
		expect(
			codes(
				run('balance.holes', {
					correctionGmm: 510,
					correctionAngleDeg: 100,
					holeRadiusMm: 65,
					holeAnglesDeg: [280, 300, 260]
				})
			)
		).to.deep.equal(['no-holes-that-side']);
		expect(
			run<Out>('balance.holes', {
				correctionGmm: 500,
				correctionAngleDeg: 100,
				holeRadiusMm: 50,
				holeAnglesDeg: [100, 100],
				maxMassG: 6
			}).placements.map((p) => Math.round(1e6 * p.massG) / 1e6)
		).to.deep.equal([6, 4]);
		expect(
			run<Out>('balance.holes', { correctionGmm: 0, correctionAngleDeg: 0, holeRadiusMm: 50, holeCount: 4 })
				.placements
		).to.deep.equal([]);
		refuses(
			'balance.holes',
			{ correctionGmm: 5, correctionAngleDeg: 1, holeRadiusMm: 50 },
			'holeCount',
			'missing'
		);
	});
});

describe('balance.dimples', () => {
	const good = {
		unbalanceGmm: 150,
		heavyAngleDeg: 12,
		drillDiameterMm: 9,
		depthMm: 3.2,
		radiusMm: 105,
		densityGPerCm3: 2.05,
		wheelWidthMm: 40,
		wheelDiameterMm: 330,
		flangeDiameterMm: 120,
		operatingSpeedMps: 28,
		bond: 'vitrified',
		makerConsent: true
	};
	type Out = {
		removedGmm: number;
		residualGmm: number;
		perSide: number;
		anglesDeg: number[];
		exactDepthMm: number | null;
	};
	it('is never without its caution, and refused for each of its reasons', () => {
		for (const [more, code] of [
			[{ makerConsent: false }, 'no-maker-consent'],
			[{ operatingSpeedMps: 36 }, 'not-at-this-speed'],
			[{ bond: 'resin' }, 'bond-not-suitable'],
			[{ depthMm: 4.5 }, 'dimple-too-deep'],
			[{ radiusMm: 150 }, 'dimple-outside-zone'],
			[{ radiusMm: 66 }, 'dimple-outside-zone'],
			[{ unbalanceGmm: 900 }, 'too-many-dimples']
		] as const) {
			const out = run<Out>('balance.dimples', { ...good, ...more });
			expect(codes(out), code).to.include(code);
			expect(codes(out)).to.include('altering-wheel');
			expect(out.verdict).to.equal('stop');
		}
		refuses('balance.dimples', { ...good, spacingMm: 10 }, 'spacingMm', 'below-minimum');
	});
	it('at the depth it names the removal is exact', () =>
		fc.assert(
			fc.property(fc.integer({ min: 20, max: 200 }), (unbalanceGmm) => {
				const out = run<Out & { exactPerSide: number | null }>('balance.dimples', { ...good, unbalanceGmm });
				expect(out.removedGmm + out.residualGmm).to.be.closeTo(unbalanceGmm, 1e-9);
				if (!out.exactPerSide) return;
				const exact = run<Out>('balance.dimples', {
					...good,
					unbalanceGmm,
					depthMm: out.exactDepthMm!,
					maxPerSide: out.exactPerSide
				});
				expect(exact.residualGmm).to.be.closeTo(0, 1e-6 * unbalanceGmm);
			})
		));
});
