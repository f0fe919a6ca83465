import fc from 'fast-check';
import type { Segment } from '../../../src/core/form/profile/segment.js';
import { pointAt } from '../../../src/core/form/profile/segment.js';

/** A chain of lines, arcs and walls, left to right, that hangs together and never runs back. */
export const chains = (most = 8): fc.Arbitrary<Segment[]> =>
	fc
		.array(
			fc.record({
				kind: fc.constantFrom('line', 'convex', 'concave', 'wall'),
				dz: fc.integer({ min: 20, max: 400 }).map((n) => n / 100),
				dx: fc.integer({ min: -150, max: 150 }).map((n) => n / 100),
				more: fc.integer({ min: 0, max: 300 }).map((n) => n / 100)
			}),
			{ minLength: 1, maxLength: most }
		)
		.map((steps) => {
			let [z, x] = [0, 3];
			let walled = false;
			return steps.map((s): Segment => {
				// A wall up and down again in one place is no face.
				const wall = s.kind === 'wall' && !walled;
				walled = wall;
				const z1Mm = wall ? z : z + s.dz;
				const x1Mm = wall ? x + (s.dx || 0.5) : x + s.dx;
				const line = { z0Mm: z, x0Mm: x, z1Mm, x1Mm };
				[z, x] = [z1Mm, x1Mm];
				if (s.kind === 'line' || s.kind === 'wall') return { kind: 'line', ...line };
				// So large that the arc nowhere runs back: its tangent stays within a right angle of the axis.
				const chord = Math.hypot(s.dz, s.dx);
				const least = (chord * chord) / (2 * s.dz);
				return {
					kind: 'arc',
					...line,
					radiusMm: least * 1.0001 + s.more,
					side: s.kind as 'convex' | 'concave'
				};
			});
		});

/** The same between two flats, so that what lies at its ends does not count. */
export const between = (chain: readonly Segment[]): Segment[] => {
	const [first, last] = [chain[0]!, chain.at(-1)!];
	const flat = (z0Mm: number, z1Mm: number, x: number): Segment => ({
		kind: 'line',
		z0Mm,
		x0Mm: x,
		z1Mm,
		x1Mm: x
	});
	return [flat(first.z0Mm - 5, first.z0Mm, first.x0Mm), ...chain, flat(last.z1Mm, last.z1Mm + 5, last.x1Mm)];
};

/** Many points along a chain. */
export const dense = (chain: readonly Segment[], each = 400) =>
	chain.flatMap((s) => Array.from({ length: each + 1 }, (_, k) => pointAt(s, k / each)));
