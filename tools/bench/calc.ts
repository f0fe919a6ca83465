import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { answer } from '../../src/core/answer.js';
import { CALCULATIONS } from '../../src/core/calculations.js';
import { ROOT } from '../../src/command/paths.js';
import type { Ratio } from './ratio.js';
import { medianMs } from './median.js';

const LINES = 20_000;

/** One process that reads the lines and answers each; its start-up is measured apart and taken off. */
function batch(lines: string): Promise<void> {
	return new Promise((done, fail) => {
		const child = spawn(
			process.execPath,
			[
				'--import',
				join(ROOT, 'node_modules/tsx/dist/esm/index.mjs'),
				join(ROOT, 'src/command/main.ts'),
				'calc',
				'--batch'
			],
			{ stdio: ['pipe', 'ignore', 'inherit'] }
		);
		child.on('error', fail);
		child.on('close', (code) => (code === 0 ? done() : fail(new Error(`calc --batch ended with ${code}`))));
		child.stdin.end(lines);
	});
}

/** A line of `calc --batch` against the bare function with the same input. */
export async function benchCalc(): Promise<Ratio[]> {
	const examples = CALCULATIONS.filter((calculation) => !calculation.heavy).map((calculation) => ({
		id: calculation.id,
		input: calculation.example
	}));
	const work = Array.from({ length: LINES }, (_, i) => examples[i % examples.length]!);
	const text = `${work.map((w) => JSON.stringify(w)).join('\n')}\n`;
	const bare = await medianMs(() => {
		for (const w of work) answer(w.id, w.input);
	}, 3);
	const whole = await medianMs(() => batch(text), 3);
	const empty = await medianMs(() => batch('\n'), 3);
	return [
		{
			name: 'calc --batch, a line',
			value: (whole - empty) / bare,
			unit: 'times',
			aim: 'aim: under 3',
			of: `the bare function (${((1000 * bare) / LINES).toFixed(1)} us a call, ${LINES} lines of ${examples.length} calculations)`
		}
	];
}
