import { expect } from 'chai';
import fc from 'fast-check';
import { offsetPath } from '../../../src/core/form/profile/offset-path.js';
import { distanceTo, unreached } from '../../../src/core/form/profile/unreached.js';
import { endOf, startOf } from '../../../src/core/form/profile/segment.js';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { refuses } from '../examples.js';
import { run } from '../judged.js';
import { between, chains, dense } from './on-form.js';

const radii = fc.integer({ min: 2, max: 150 }).map((n) => n / 100);
/** The path, or null where this nose has none. */
function pathOf(chain: Parameters<typeof offsetPath>[0], rho: number) {
	try {
		return offsetPath(chain, rho);
	} catch (e) {
		if (e instanceof InputFault && e.code === 'no-path') return null;
		throw e;
	}
}

describe('path of the tool', () => {
	it('is the deepest a disc can sit: as a dense dilation has it', () =>
		fc.assert(
			fc.property(chains(), radii, fc.double({ min: 0, max: 1, noNaN: true }), (chain, rho, share) => {
				const path = pathOf(chain, rho);
				if (!path) return;
				const [a, b] = [startOf(path.segments[0]!), endOf(path.segments.at(-1)!)];
				const z = a.zMm + share * (b.zMm - a.zMm);
				const points = dense(chain, 3000);
				const dilated = (at: number) =>
					Math.min(
						...points
							.filter((p) => Math.abs(p.zMm - at) <= rho)
							.map((p) => p.xMm - Math.sqrt(Math.max(0, rho * rho - (at - p.zMm) ** 2)))
					);
				// Beside a wall it jumps: a hair to either side both are right.
				const near = [z - 1e-6, z, z + 1e-6].map(dilated).filter(Number.isFinite);
				if (!near.length) return;
				// Points stand a little apart, so the dilation of them is hardly deeper than that of the chain.
				expect(path.at(z)!).to.be.at.most(Math.max(...near) + 1e-6);
				expect(path.at(z)!).to.be.at.least(Math.min(...near) - 0.03 * Math.sqrt(rho));
			}),
			{ numRuns: 150 }
		));
	it('never cuts into the form, and hangs together', () =>
		fc.assert(
			fc.property(chains(), radii, (chain, rho) => {
				const path = pathOf(chain, rho);
				if (!path) return;
				path.segments.slice(1).forEach((s, i) => {
					const before = path.segments[i]!;
					expect(Math.hypot(s.z0Mm - before.z1Mm, s.x0Mm - before.x1Mm)).to.be.below(1e-9);
				});
				for (const p of dense(path.segments, 9))
					expect(Math.min(...chain.map((s) => distanceTo(s, p)))).to.be.at.least(rho - 2e-4);
			}),
			{ numRuns: 150 }
		));
	it('what it leaves is what stays untouched of the form', () =>
		fc.assert(
			fc.property(chains(5), radii, (chain, rho) => {
				const path = pathOf(chain, rho);
				if (!path) return;
				const found = unreached(chain, path, rho);
				const seen = Math.max(
					...dense(chain, 40).map((p) => Math.min(...path.segments.map((s) => distanceTo(s, p))) - rho)
				);
				expect(found.mm).to.be.at.least(seen - 1e-6);
				expect(found.mm).to.be.at.most(Math.max(0, seen) + 0.05);
			}),
			{ numRuns: 100 }
		));
	it('a larger nose never leaves less', () =>
		fc.assert(
			fc.property(chains(4).map(between), radii, radii, (chain, a, b) => {
				const [small, large] = [Math.min(a, b), Math.max(a, b)].map((r) => ({ r, path: pathOf(chain, r) }));
				if (!small!.path || !large!.path) return;
				expect(unreached(chain, large!.path, large!.r).mm).to.be.at.least(
					unreached(chain, small!.path, small!.r).mm - 1e-6
				);
			}),
			{ numRuns: 60 }
		));
	it('a sharp hollow leaves rho (1/sin(w/2) - 1)', () => {
		for (const half of [15, 30, 45, 60, 80]) {
			const depth = 2 / Math.tan((half * Math.PI) / 180);
			const out = run<{ unreachedMaxUm: number; unreachedAtZMm: number }>('form.tool-path', {
				segments: [
					{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 2, x1Mm: depth },
					{ kind: 'line', z0Mm: 2, x0Mm: depth, z1Mm: 4, x1Mm: 0 }
				],
				tool: { kind: 'disc', tipRadiusMm: 0.1 }
			});
			expect(out.unreachedMaxUm).to.be.closeTo(100 * (1 / Math.sin((half * Math.PI) / 180) - 1), 1e-6);
			expect(out.unreachedAtZMm).to.be.closeTo(2, 1e-9);
		}
	});
	it('a sharp tool runs on the form itself; a wire keeps its gap', () => {
		const segments = [{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 }];
		const own = run<{ segments: object[] }>('form.tool-path', {
			segments,
			tool: { kind: 'single-point', tipRadiusMm: 0 }
		});
		expect(own.segments).to.deep.equal(segments);
		const wire = run<{ offsetMm: number }>('form.tool-path', {
			segments,
			tool: { kind: 'wire', wireDiameterMm: 0.25, gapUm: 20 }
		});
		expect(wire.offsetMm).to.be.closeTo(0.145, 1e-12);
	});
	it('walls at the ends are run along, rising first and falling last', () => {
		const out = run<{ start: object; end: object; lengthMm: number }>('form.tool-path', {
			segments: [
				{ kind: 'line', z0Mm: 0, x0Mm: 2, z1Mm: 0, x1Mm: 0 },
				{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
				{ kind: 'line', z0Mm: 5, x0Mm: 0, z1Mm: 5, x1Mm: 2 }
			],
			tool: { kind: 'disc', tipRadiusMm: 0.5 }
		});
		expect(out.start).to.deep.equal({ zMm: -0.5, xMm: 2 });
		expect(out.end).to.deep.equal({ zMm: 5.5, xMm: 2 });
		expect(out.lengthMm).to.be.closeTo(2 + 0.25 * Math.PI + 5 + 0.25 * Math.PI + 2, 1e-9);
	});
	it('says what is wrong with a form, at its place', () => {
		const line = (z0Mm: number, x0Mm: number, z1Mm: number, x1Mm: number) => ({
			kind: 'line',
			z0Mm,
			x0Mm,
			z1Mm,
			x1Mm
		});
		const tool = { kind: 'disc', tipRadiusMm: 0.2 };
		const bad = (segments: object[], field: string, code: string) =>
			refuses('form.tool-path', { segments, tool }, field, code);
		bad([line(0, 0, 3, 0), line(3, 0.01, 5, 0)], 'segments.1', 'gap');
		bad([line(0, 0, 3, 0), line(3, 0, 2, 1)], 'segments.1', 'undercut');
		bad([line(0, 0, 0, 0)], 'segments.0', 'zero-length');
		bad(
			[{ ...line(0, 0, 4, 0), kind: 'arc', radiusMm: 1.9, side: 'convex' }],
			'segments.0.radiusMm',
			'radius-too-small'
		);
		bad([{ ...line(0, 0, 4, 0), kind: 'arc', side: 'convex' }], 'segments.0.radiusMm', 'missing');
		bad([{ ...line(0, 0, 4, 0), kind: 'arc', radiusMm: 3 }], 'segments.0.side', 'missing');
		bad([line(0, 0, 0, 3), line(0, 3, 0.1, 3), line(0.1, 3, 0.1, 0)], 'tool.tipRadiusMm', 'no-path');
		refuses(
			'form.tool-path',
			{ segments: [line(0, 0, 3, 0)], tool, sampleZMm: [1, 9] },
			'sampleZMm.1',
			'off-the-path'
		);
		refuses(
			'form.tool-path',
			{ segments: [line(0, 0, 3, 0)], tool: { kind: 'wire' } },
			'tool.wireDiameterMm',
			'missing'
		);
		refuses('form.tool-path', { segments: [], tool }, 'segments', 'too-few');
	});
});
