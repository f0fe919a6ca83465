import { expect } from 'chai';
import fc from 'fast-check';
import { readDxf } from '../../../src/core/form/dxf/read.js';
import { writeDxf } from '../../../src/core/form/dxf/write.js';
import { pointAt, type Segment } from '../../../src/core/form/profile/segment.js';
import { refuses } from '../examples.js';
import { codes, run } from '../judged.js';
import { chains } from './on-form.js';

const READ = { unit: 'auto', layer: null, origin: 'as-drawn', joinToleranceMm: 0.001 } as const;
const same = (a: readonly Segment[], b: readonly Segment[], within = 1e-6): void => {
	expect(b).to.have.length(a.length);
	a.forEach((s, i) => {
		for (let k = 0; k <= 8; k++) {
			const [p, q] = [pointAt(s, k / 8), pointAt(b[i]!, k / 8)];
			expect(Math.hypot(p.zMm - q.zMm, p.xMm - q.xMm)).to.be.below(within);
		}
	});
};
const file = (entities: string, header = '9\n$INSUNITS\n70\n4\n'): string =>
	`0\nSECTION\n2\nHEADER\n${header}0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
const line = (x0: number, y0: number, x1: number, y1: number, layer = '0'): string =>
	`0\nLINE\n8\n${layer}\n10\n${x0}\n20\n${y0}\n11\n${x1}\n21\n${y1}\n`;
type Parsed = { segments: Segment[]; unit: string; skipped: object[]; closedGapMaxMm: number };
const parse = (text: string, more: object = {}) => run<Parsed>('form.parse-dxf', { text, ...more });

describe('drawings in and out', () => {
	it('what is written reads back as it was', () =>
		fc.assert(
			fc.property(chains(), (chain) => same(chain, readDxf(writeDxf(chain, 'PROFILE'), READ).chain)),
			{ numRuns: 200 }
		));
	it('in any order, any of them turned round, with small gaps closed', () =>
		fc.assert(
			fc.property(
				chains(),
				fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }),
				fc.nat(),
				(chain, turned, by) => {
					// Which end of a mere wall is its left one nobody can tell.
					fc.pre(chain.at(-1)!.z1Mm > chain[0]!.z0Mm);
					const loose = chain.map((s, i) => {
						if (s.kind === 'arc' || !turned[i]) return s;
						return { ...s, z0Mm: s.z1Mm, x0Mm: s.x1Mm, z1Mm: s.z0Mm, x1Mm: s.x0Mm };
					});
					const shuffled = loose.map((_, i) => loose[(i + by) % loose.length]!);
					same(chain, readDxf(writeDxf(shuffled, 'A'), READ).chain);
				}
			),
			{ numRuns: 100 }
		));
	it('a bulge is an arc: by its own formula, in both polylines, as drawn and from behind', () => {
		const bulge = Math.tan(Math.PI / 8);
		const light = (b: number, more = '') =>
			file(`0\nLWPOLYLINE\n8\n0\n90\n2\n70\n0\n${more}10\n0\n20\n0\n42\n${b}\n10\n2\n20\n0\n`);
		const arc = parse(light(-bulge)).segments[0] as Segment & { kind: 'arc' };
		expect(arc.side).to.equal('convex');
		expect(arc.radiusMm).to.be.closeTo(Math.SQRT2, 1e-12);
		expect((parse(light(bulge)).segments[0] as { side: string }).side).to.equal('concave');
		const old = file(
			`0\nPOLYLINE\n8\n0\n66\n1\n70\n0\n0\nVERTEX\n8\n0\n10\n0\n20\n0\n42\n${-bulge}\n0\nVERTEX\n8\n0\n10\n2\n20\n0\n0\nSEQEND\n`
		);
		expect(parse(old).segments).to.deep.equal(parse(light(-bulge)).segments);
		const behind = parse(light(bulge, '230\n-1\n')).segments[0] as Segment & { kind: 'arc' };
		// Seen from behind left and right change places, up stays up.
		expect([behind.z0Mm, behind.z1Mm, behind.side]).to.deep.equal([-2, 0, 'concave']);
	});
	it('inches, layers and the place are as asked', () => {
		const two = file(line(1, 2, 3, 2, 'FACE') + line(0, 9, 1, 9, 'NOTES'), '9\n$INSUNITS\n70\n1\n');
		const got = parse(two, { layer: 'FACE' });
		expect([got.unit, got.segments[0]!.z1Mm, got.segments[0]!.x1Mm]).to.deep.equal([
			'inch',
			76.19999999999999,
			-50.8
		]);
		const moved = parse(two, { layer: 'FACE', origin: 'normalise', unit: 'mm' }).segments[0]!;
		expect([moved.z0Mm, moved.x0Mm, moved.z1Mm]).to.deep.equal([0, 0, 2]);
	});
	it('what was passed over is said, and a unit that was not', () => {
		const got = run<Parsed>('form.parse-dxf', {
			text: file(
				`${line(0, 0, 3, 0)}0\nSPLINE\n8\n0\n0\nCIRCLE\n8\n0\n0\nSPLINE\n8\n0\n0\nTEXT\n8\n0\n1\nhi\n`,
				''
			)
		});
		expect(got.skipped).to.deep.equal([
			{ type: 'CIRCLE', count: 1 },
			{ type: 'SPLINE', count: 2 }
		]);
		expect(codes(got)).to.deep.equal(['unit-assumed-mm', 'entities-skipped']);
	});
	it('a small gap is closed and told, a line that runs back is a stop', () => {
		const got = parse(file(line(0, 0, 3, 0) + line(3.006, 0, 5, -1)));
		expect(got.closedGapMaxMm).to.be.closeTo(0.006, 1e-9);
		expect(got.segments[1]!.z0Mm).to.equal(3);
		expect(codes(run('form.parse-dxf', { text: file(line(0, 0, 3, 0) + line(3, 0, 2, -1)) }))).to.deep.equal([
			'undercut'
		]);
	});
	for (const [what, text, code] of [
		['nothing', ' \n', 'missing'],
		['a letter', 'Dear all,\nplease find\n', 'not-dxf'],
		['a binary file', 'AutoBinary\u0000\u001a\u0001\n\u0002', 'not-dxf'],
		['a broken number', file('0\nLINE\n8\n0\n10\nabc\n20\n0\n11\n3\n21\n0\n'), 'bad-number'],
		['a line without its end', file('0\nLINE\n8\n0\n10\n0\n20\n0\n11\n3\n'), 'bad-number'],
		['only words', file('0\nTEXT\n8\n0\n1\nhi\n'), 'no-entities'],
		['a fork', file(line(0, 0, 3, 0) + line(3, 0, 5, 0) + line(3, 0, 4, -2)), 'branched'],
		['a ring', file(line(0, 0, 3, 0) + line(3, 0, 3, -2) + line(3, -2, 0, 0)), 'closed'],
		[
			'a lens of two bulges',
			file('0\nLWPOLYLINE\n8\n0\n70\n1\n10\n0\n20\n0\n42\n0.3\n10\n2\n20\n0\n42\n0.3\n'),
			'closed'
		],
		['two pieces', file(line(0, 0, 3, 0) + line(4, 0, 5, 0)), 'disjoint'],
		['most of a circle', file('0\nARC\n8\n0\n10\n0\n20\n0\n40\n2\n50\n0\n51\n200\n'), 'undercut']
	] as const)
		it(`${what} is refused in words`, () => refuses('form.parse-dxf', { text }, 'text', code));
	it('a form with a gap is not written as if it were whole', () =>
		refuses(
			'form.write-dxf',
			{
				segments: [
					{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 3, x1Mm: 0 },
					{ kind: 'line', z0Mm: 3.1, x0Mm: 0, z1Mm: 5, x1Mm: 0 }
				]
			},
			'segments.1',
			'gap'
		));
});
