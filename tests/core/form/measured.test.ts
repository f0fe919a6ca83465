import { expect } from 'chai';
import fc from 'fast-check';
import { circleThrough } from '../../../src/core/form/measured/circle.js';
import { pointAt, type Segment } from '../../../src/core/form/profile/segment.js';
import { mulberry32 } from '../../../src/core/numeric/random.js';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';

interface Out {
	usedCount: number;
	leftOutCount: number;
	rank: number;
	appliedZMm: number;
	appliedXMm: number;
	appliedRotationDeg: number;
	maxAbsUm: number;
	rmsUm: number;
	worst: { zMm: number; errorUm: number };
	arcs: { nominalRadiusMm: number; radiusMm: number | null; errorMm: number | null; pointCount: number }[];
}
const V: Segment[] = [
	{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
	{ kind: 'arc', z0Mm: 5, x0Mm: 0, z1Mm: 8, x1Mm: 3, radiusMm: 3, side: 'convex' },
	{ kind: 'line', z0Mm: 8, x0Mm: 3, z1Mm: 12, x1Mm: 6 }
];
/** Points of the form, moved and turned about their mean, as somebody measured them. */
function points(
	o: { z?: number; x?: number; deg?: number; only?: number[]; noise?: (i: number) => number } = {}
) {
	const p = (o.only ?? [0, 1, 2]).flatMap((i) =>
		Array.from({ length: 20 }, (_, k) => pointAt(V[i]!, (k + 0.5) / 20))
	);
	const mean = (key: 'zMm' | 'xMm') => p.reduce((s, q) => s + q[key], 0) / p.length;
	const [mz, mx] = [mean('zMm'), mean('xMm')];
	const a = ((o.deg ?? 0) * Math.PI) / 180;
	return p.map((q, i) => {
		const [dz, dx] = [q.zMm - mz, q.xMm - mx];
		return [
			mz + (o.z ?? 0) + Math.cos(a) * dz - Math.sin(a) * dx,
			mx + (o.x ?? 0) + Math.sin(a) * dz + Math.cos(a) * dx + (o.noise?.(i) ?? 0)
		];
	});
}
const compare = (more: object) => run<Out>('form.compare-measured', { segments: V, ...more });

describe('measured against meant', () => {
	it('finds how the points were moved and turned, and leaves nothing', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: -300, max: 300 }),
				fc.integer({ min: -300, max: 300 }),
				fc.integer({ min: -200, max: 200 }),
				(z, x, deg) => {
					const moved = { z: z / 1000, x: x / 1000, deg: deg / 100 };
					const out = compare({ points: points(moved), fit: 'translation-rotation' });
					expect(out.maxAbsUm).to.be.below(1e-3);
					expect(out.appliedRotationDeg).to.be.closeTo(-moved.deg, 1e-5);
					expect([out.rank, out.leftOutCount]).to.deep.equal([3, 0]);
				}
			),
			{ numRuns: 60 }
		));
	it('moved only: the shift comes back with its sign turned', () => {
		const out = compare({ points: points({ z: 0.12, x: -0.05 }) });
		expect(out.appliedZMm).to.be.closeTo(-0.12, 1e-7);
		expect(out.appliedXMm).to.be.closeTo(0.05, 1e-7);
	});
	it('without a fit the errors are what they are: abrasive too high is plus', () => {
		const out = compare({ points: points({ x: -0.01, only: [0] }), fit: 'none' });
		expect(out.worst.errorUm).to.be.closeTo(10, 1e-6);
		expect(out.rmsUm).to.be.closeTo(10, 1e-6);
		expect(out.rank).to.equal(0);
	});
	it('a coupon is the form upside down', () => {
		const coupon = points().map(([z, x]) => [z!, -x!]);
		expect(compare({ points: coupon, source: 'coupon' }).maxAbsUm).to.be.below(1e-6);
		refuses(
			'form.compare-measured',
			{ segments: V, points: coupon, source: 'coupon', fit: 'none' },
			'fit',
			'inconsistent'
		);
	});
	it('a flat alone tells nothing along it', () => {
		const out = compare({ points: points({ x: 0.02, only: [0] }) });
		expect([out.rank, out.appliedZMm]).to.deep.equal([1, 0]);
		expect(codes(run('form.compare-measured', { segments: V, points: points({ only: [0] }) }))).to.deep.equal(
			['fit-not-unique']
		);
	});
	it('points beyond the ends are left out, and many of them are said', () => {
		const beside = Array.from({ length: 25 }, (_, i) => [-1 - i / 10, 0]);
		const input = { segments: V, points: [...points(), ...beside], fit: 'none' };
		expect(run<Out>('form.compare-measured', input).leftOutCount).to.equal(25);
		expect(codes(run('form.compare-measured', input))).to.deep.equal(['poor-overlap']);
	});
	it('radii come out as they were ground, poorly where the arc is short', () => {
		const random = mulberry32(3);
		const out = compare({ points: points({ noise: () => 0.002 * (random() - 0.5) }) });
		expect(out.arcs).to.have.length(1);
		expect(out.arcs[0]!.radiusMm!).to.be.closeTo(3, 0.01);
		expect(compare({ points: points({ only: [0, 2] }) }).arcs[0]!.radiusMm).to.equal(null);
	});
	it('a circle through exact points is exact', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -5, max: 5, noNaN: true }),
				fc.double({ min: 0.2, max: 20, noNaN: true }),
				fc.double({ min: 0.4, max: 3, noNaN: true }),
				(c, r, sweep) => {
					const on = Array.from({ length: 12 }, (_, k) => ({
						zMm: c + r * Math.cos((sweep * k) / 11),
						xMm: 2 + r * Math.sin((sweep * k) / 11)
					}));
					expect(circleThrough(on).radiusMm).to.be.closeTo(r, 1e-6 * r);
				}
			)
		));
	it('tables are read with a heading, semicolons and decimal commas', () => {
		const table = (rows: (string | number)[][], by: string) => rows.map((r) => r.join(by)).join('\n');
		const rows = points();
		const plain = compare({ csv: `zMm,xMm\n${table(rows, ',')}\n` });
		const comma = compare({
			csv: table(
				rows.map((r) => r.map((v) => String(v).replace('.', ','))),
				';'
			)
		});
		expect(plain.usedCount).to.equal(60);
		expect(comma.usedCount).to.equal(60);
		refuses('form.compare-measured', { segments: V, csv: '1,2\n3,x\n' }, 'csv', 'bad-number');
		refuses('form.compare-measured', { segments: V, csv: '1,2\n3,4\n' }, 'points', 'too-few-points');
		refuses('form.compare-measured', { segments: V }, 'points', 'missing');
		refuses(
			'form.compare-measured',
			{
				segments: V,
				points: [
					[-9, 0],
					[-8, 0],
					[-7, 0],
					[-6, 0],
					[-5, 0]
				],
				fit: 'none'
			},
			'points',
			'no-overlap'
		);
	});
});
