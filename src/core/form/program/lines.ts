import type { Segment } from '../profile/segment.js';
import { inRunOrder } from './moves.js';

/** A block of a program, and the stretch of the path it runs, if it runs one. */
export interface ProgramLine {
	text: string;
	move: Segment | null;
}

/** Blocks before the path of a pass and after it: safe, beside, down, to the start; out, safe. */
const [BEFORE, AFTER] = [4, 2];

/** The blocks of a program that was made of this path, each with the stretch it runs. */
export function programLines(
	text: string,
	path: readonly Segment[],
	o: { direction: 'plus-z' | 'minus-z'; arcFormat: 'IK' | 'R' }
): ProgramLine[] {
	const run = inRunOrder(path, o.direction, o.arcFormat);
	const lines = text.trimEnd().split('\n');
	const head = lines.findIndex((line) => line.startsWith('G0'));
	const pass = BEFORE + run.length + AFTER;
	return lines.map((line, i) => {
		const k = i < head || line === 'M30' ? -1 : ((i - head) % pass) - BEFORE;
		return { text: line, move: run[k] ?? null };
	});
}
