import { expect } from 'chai';
import { programLines } from '../../../src/core/form/program/lines.js';
import { offsetPath } from '../../../src/core/form/profile/offset-path.js';
import type { Segment } from '../../../src/core/form/profile/segment.js';
import { run } from '../judged.js';

const CORNER: Segment[] = [
	{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
	{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
];

describe('blocks of a program', () => {
	for (const direction of ['plus-z', 'minus-z'] as const)
		it(`each lights the stretch it runs, ${direction}`, () => {
			const { text } = run<{ text: string }>('form.gcode', {
				segments: CORNER,
				tool: { kind: 'disc', tipRadiusMm: 0.2 },
				feedMmPerMin: 50,
				remainingUm: [400, 0],
				direction
			});
			const path = offsetPath(CORNER, 0.2).segments;
			const lines = programLines(text, path, { direction, arcFormat: 'IK' });
			expect(lines.map((l) => l.text).join('\n')).to.equal(text.trimEnd());
			const lit = lines.filter((l) => l.move);
			expect(lit.map((l) => [l.text.slice(0, 2), l.move!.kind])).to.deep.equal(
				[...Array(2)].flatMap(() =>
					direction === 'plus-z'
						? [
								['G2', 'arc'],
								['G1', 'line']
							]
						: [
								['G1', 'line'],
								['G3', 'arc']
							]
				)
			);
		});
});
