import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { add, angleOf, fold360, len, vec, wrap180 } from '../../../src/core/numeric/angles.js';

const deg = fc.integer({ min: 0, max: 359 });
interface Placed {
	massG: number;
	angleDeg: number;
	travelDeg: number | null;
}

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
