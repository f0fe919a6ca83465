import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import { ROOT } from '../../src/command/paths.js';

function* sources(folder: string): Generator<string> {
	for (const name of readdirSync(folder)) {
		const path = join(folder, name);
		if (statSync(path).isDirectory()) yield* sources(path);
		else if (/\.(ts|svelte|sql|cjs)$/.test(name)) yield path;
	}
}

describe('the glossary', () => {
	const text = readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8');
	const rows = text.split('\n').filter((l) => l.startsWith('| ') && !l.startsWith('| word'));
	const words = rows.map((l) => l.split('|')[1]!.trim());

	it('has every word once, in order in each of its parts', () => {
		expect(new Set(words).size).to.equal(words.length);
		const parts = text.split('\n## ').slice(1);
		expect(parts).to.have.length(2);
		for (const part of parts) {
			const own = part.split('\n').filter((l) => l.startsWith('| ') && !l.startsWith('| word'));
			const names = own.map((l) => l.split('|')[1]!.trim().replaceAll('`', '').toLowerCase());
			expect(names).to.deep.equal([...names].sort());
		}
	});
	it('names only what stands in the code', () => {
		const named = [...text.matchAll(/`([A-Za-z]+[A-Z][A-Za-z]*|Refused)`/g)].map((m) => m[1]!);
		expect(named).to.include.members(['applySubmission', 'toClientFacts']);
		const code = [...sources(join(ROOT, 'src'))].map((p) => readFileSync(p, 'utf8')).join('\n');
		for (const name of named) expect(new RegExp(`\\b${name}\\b`).test(code), name).to.equal(true);
	});
});

const READ_FIRST = ['docs/architecture.md', 'docs/rooms.md', 'CONTRIBUTING.md'];
/** Longer ones are skipped by whoever reads. */
const MAX_WORDS = 80;

describe('documents for developers', () => {
	it('have no paragraph and no point of a list that is too long to be read', () => {
		const long: string[] = [];
		for (const name of READ_FIRST) {
			const prose = readFileSync(join(ROOT, name), 'utf8').replace(/```[^]*?```/g, '');
			for (const part of prose.split(/\n\n|\n(?=[-\d|])/))
				if (part.split(/\s+/).length > MAX_WORDS) long.push(`${name}: ${part.slice(0, 50)}`);
		}
		expect(long).to.deep.equal([]);
	});
	it('name only files and words that stand in the code', () => {
		const paths = ['src', 'tests', 'tools', 'database'].flatMap((f) => [...sources(join(ROOT, f))]);
		const code = paths.map((p) => readFileSync(p, 'utf8')).join('\n');
		const gone: string[] = [];
		for (const name of [...READ_FIRST, 'docs/scaling.md', 'docs/security.md'])
			for (const [, word] of readFileSync(join(ROOT, name), 'utf8').matchAll(/`([^`\n]+)`/g)) {
				const file = /^[\w./-]+\.(ts|svelte|sql)$/.test(word!);
				const called = /^(?:\w+\.)?([a-z]+[A-Z]\w*)(?:\(|$)/.exec(word!)?.[1];
				const known = file
					? paths.some((p) => p.endsWith(`/${word}`)) || existsSync(join(ROOT, word!))
					: !called || new RegExp(`\\b${called}\\b`).test(code);
				if (!known) gone.push(`${name}: ${word}`);
			}
		expect(gone).to.deep.equal([]);
	});
});
