import { expect } from 'chai';
import fc from 'fast-check';
import { findStack } from '../../../src/core/form/blocks/search.js';
import { BLOCK_SETS } from '../../../src/core/form/blocks/sets.js';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';

/** Every stack there is, and the best of them by the rules. */
function byHand(sizes: readonly number[], target: number, tolerance: number, most: number) {
	const sorted = [...new Set(sizes)].sort((a, b) => b - a);
	let best: { blocks: number[]; error: number } | null = null;
	const rank = (s: { blocks: number[]; error: number }): number[] => {
		const within = Math.abs(s.error) <= tolerance;
		return within ? [0, s.blocks.length, Math.abs(s.error)] : [1, Math.abs(s.error), s.blocks.length];
	};
	const better = (
		a: { blocks: number[]; error: number },
		b: { blocks: number[]; error: number }
	): boolean => {
		const [p, q] = [
			[...rank(a), ...a.blocks.map((x) => -x)],
			[...rank(b), ...b.blocks.map((x) => -x)]
		];
		for (let i = 0; i < Math.max(p.length, q.length); i++)
			if (p[i] !== q[i]) return (p[i] ?? 0) < (q[i] ?? 0);
		return false;
	};
	const from = (start: number, blocks: number[]): void => {
		if (blocks.length) {
			const found = { blocks, error: blocks.reduce((s, b) => s + b, 0) - target };
			if (!best || better(found, best)) best = found;
		}
		if (blocks.length < most)
			for (let i = start; i < sorted.length; i++) from(i + 1, [...blocks, sorted[i]!]);
	};
	from(0, []);
	return best;
}

describe('blocks for a height', () => {
	it('are those that all combinations have', () =>
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 12 }),
				fc.integer({ min: 1, max: 1500 }),
				fc.constantFrom(0, 1, 5, 30),
				fc.integer({ min: 1, max: 6 }),
				(sizes, target, tolerance, most) => {
					expect(findStack(sizes, target, tolerance, most)).to.deep.equal(
						byHand(sizes, target, tolerance, most)
					);
				}
			),
			{ numRuns: 300 }
		));
	it('make up every height of a whole set with the true fewest', () =>
		fc.assert(
			fc.property(fc.integer({ min: 2000, max: 20000 }), (hundredths) => {
				const out = run<{ blocksMm: number[]; errorUm: number; totalMm: number }>('form.block-stack', {
					setId: 'metric-103',
					targetMm: hundredths / 100
				});
				expect(out.errorUm).to.equal(0);
				expect(new Set(out.blocksMm).size, 'one of each').to.equal(out.blocksMm.length);
				expect(out.totalMm).to.be.closeTo(hundredths / 100, 1e-9);
			}),
			{ numRuns: 60 }
		));
	it('of each set are as many as are said', () => {
		const pieces = Object.fromEntries(Object.entries(BLOCK_SETS).map(([id, l]) => [id, new Set(l).size]));
		expect(pieces).to.deep.equal({
			'metric-47': 47,
			'metric-47-tens': 47,
			'metric-87': 87,
			'metric-103': 103,
			'metric-112': 112,
			'inch-81': 81
		});
	});
	it('inch blocks make inch heights without a remainder', () => {
		const out = run<{ errorUm: number; blockCount: number }>('form.block-stack', {
			setId: 'inch-81',
			targetMm: 1.8791 * 25.4
		});
		expect([out.errorUm, out.blockCount]).to.deep.equal([0, 4]);
	});
	it('leave out what is in use, and what lies under the lower pin', () => {
		const blocks = { blocksMm: [50, 25, 20, 10, 5, 2, 1], targetMm: 25 };
		const got = (more: object) =>
			run<{ blocksMm: number[]; baseBlocksMm: number[] }>('form.block-stack', { ...blocks, ...more });
		expect(got({}).blocksMm).to.deep.equal([25]);
		expect(got({ inUseMm: [25] }).blocksMm).to.deep.equal([20, 5]);
		expect(got({ baseBlocksMm: [5] })).to.deep.include({ baseBlocksMm: [5], blocksMm: [20, 10] });
		expect(got({ baseMm: 7 })).to.deep.include({ baseBlocksMm: [5, 2], blocksMm: [20, 10, 1] });
	});
	it('say what is wrong', () => {
		const blocks = { blocksMm: [50, 25], targetMm: 25 };
		refuses('form.block-stack', { targetMm: 25 }, 'setId', 'missing');
		refuses('form.block-stack', { ...blocks, setId: 'metric-9' }, 'setId', 'unknown-choice');
		refuses(
			'form.block-stack',
			{ ...blocks, wearBlockMm: 15, wearBlockCount: 2 },
			'targetMm',
			'inconsistent'
		);
		refuses('form.block-stack', { ...blocks, baseBlocksMm: [50, 3] }, 'baseBlocksMm.1', 'not-available');
		refuses('form.block-stack', { ...blocks, baseBlocksMm: [50, 50] }, 'baseBlocksMm.1', 'not-available');
		refuses('form.block-stack', { ...blocks, baseBlocksMm: [50], baseMm: 50 }, 'baseMm', 'inconsistent');
		refuses('form.block-stack', { ...blocks, inUseMm: [50, 25] }, 'blocksMm', 'missing');
		expect(
			codes(run('form.block-stack', { blocksMm: [50, 25, 10.5], targetMm: 25, baseMm: 10 }))
		).to.deep.equal(['wrong-stack', 'base-not-exact']);
	});
});
