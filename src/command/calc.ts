import { createInterface } from 'node:readline';
import { reference } from '../core/calculation/reference.js';
import { type CalcAnswer, answer } from '../core/answer.js';
import { CALCULATIONS, CORE_VERSION } from '../core/calculations.js';

const unreadable: CalcAnswer = {
	error: { field: 'input', code: 'not-an-object', message: 'The input is not readable JSON.' }
};

async function standardInput(): Promise<string> {
	let text = '';
	for await (const chunk of process.stdin) text += String(chunk);
	return text;
}

function line(text: string): CalcAnswer {
	let request: unknown;
	try {
		request = JSON.parse(text);
	} catch {
		return unreadable;
	}
	if (typeof request !== 'object' || request === null || Array.isArray(request)) return unreadable;
	const { id, input } = request as { id?: unknown; input?: unknown };
	return answer(id, input === undefined || input === null ? {} : input);
}

/** One calculation from standard input, a batch of lines, or the list of ids. Bad input ends with exit code 2. */
export async function calc(
	id: string | undefined,
	options: { batch?: boolean; list?: boolean; reference?: boolean; explain?: string }
): Promise<void> {
	if (options.list) {
		process.stdout.write(CALCULATIONS.map((calculation) => `${calculation.id}\n`).join(''));
		return;
	}
	if (options.explain !== undefined) {
		const found = CALCULATIONS.find((calculation) => calculation.id === options.explain);
		if (!found) {
			process.stderr.write(
				`There is no calculation ${options.explain}. ./uncinus calc --list names them all.\n`
			);
			process.exitCode = 2;
			return;
		}
		const { explain } = await import('./explain.js');
		process.stdout.write(explain(found));
		return;
	}
	if (options.reference) {
		process.stdout.write(reference(CALCULATIONS, CORE_VERSION));
		return;
	}
	if (options.batch) {
		for await (const text of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
			if (text.trim() && !process.stdout.write(`${JSON.stringify(line(text))}\n`))
				await new Promise((r) => process.stdout.once('drain', r));
		}
		return;
	}
	const text = await standardInput();
	let input: unknown;
	let result: CalcAnswer;
	try {
		input = text.trim() ? JSON.parse(text) : {};
		result = answer(id, input);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		result = unreadable;
	}
	if ('error' in result) {
		process.stdout.write(`${JSON.stringify(result)}\n`);
		process.exitCode = 2;
	} else process.stdout.write(`${JSON.stringify(result.output)}\n`);
}
