import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './paths.js';

/** What a code says about what happened. */
const KINDS = ['stop', 'caution', 'remark', 'refusal', 'fault'] as const;
type Kind = (typeof KINDS)[number];
const ABOUT: Readonly<Record<Kind, string>> = {
	stop: 'Findings that nobody gets past. The numbers are still told.',
	caution: 'Findings that go on with a written reason only.',
	remark: 'Findings that change nothing.',
	refusal: 'Why something is not carried out, whatever was sent with it.',
	fault: 'What is wrong with one value; the answer names the field.'
};
/** Folders in which codes are made. */
const WHERE = ['src/core', 'src/lib/server', 'src/routes/api'];
/** Helpers that make a fault or a refusal out of a code and its words. */
const HELPERS: Readonly<Record<string, Kind>> = {
	fault: 'fault',
	wrong: 'fault',
	refuse: 'fault',
	no: 'refusal'
};

export interface Code {
	kind: Kind;
	code: string;
	words: string;
	file: string;
}

/** Words as they stand in the source; what is filled in when they are said is left open. */
function wordsOf(node: ts.Node | undefined): string {
	if (!node) return '';
	if (ts.isStringLiteralLike(node)) return node.text;
	if (ts.isTemplateExpression(node))
		return node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join('');
	if (ts.isConditionalExpression(node)) return `${wordsOf(node.whenTrue)} / ${wordsOf(node.whenFalse)}`;
	if (ts.isParenthesizedExpression(node)) return wordsOf(node.expression);
	return '…';
}
const literal = (node: ts.Node | undefined): string | null =>
	node && ts.isStringLiteralLike(node) ? node.text : null;

/** A call or a new object that makes a code, with its words. */
function fromCall(node: ts.CallExpression | ts.NewExpression): Omit<Code, 'file'> | null {
	const args = node.arguments ?? ts.factory.createNodeArray();
	const callee = node.expression;
	const name = ts.isPropertyAccessExpression(callee)
		? callee.name.text
		: ts.isIdentifier(callee)
			? callee.text
			: '';
	const [kind, at]: [Kind | undefined, number] =
		name === 'InputFault'
			? ['fault', 1]
			: name === 'Refused'
				? ['refusal', 1]
				: name === 'stop' || name === 'caution' || name === 'remark'
					? [name, 0]
					: [HELPERS[name], 0];
	const code = literal(args[at]);
	// A finding has its condition between code and words.
	const words = args[kind === 'stop' || kind === 'caution' || kind === 'remark' ? 2 : at + 1];
	// Helpers that begin with the field are no codes: those are written small, with dashes.
	const named = code !== null && /^[a-z]+([.-][a-z0-9]+)*$/.test(code);
	return kind && named && words ? { kind, code, words: wordsOf(words) } : null;
}

/** A row of a table, or a refusal told as data. */
function fromObject(node: ts.ObjectLiteralExpression): Omit<Code, 'file'> | null {
	const values = new Map(
		node.properties
			.filter(ts.isPropertyAssignment)
			.map((property) => [property.name.getText().replace(/'/g, ''), property.initializer])
	);
	const code = literal(values.get('code')) ?? literal(values.get('fail'));
	const words = values.get('message') ?? values.get('says');
	if (!code || !words) return null;
	const told = wordsOf(words);
	if (values.has('message')) return { kind: 'refusal', code, words: told };
	// A row of the release sheet: what protects people stops, and so does what is far off.
	const stops = values.has('safety') || values.has('ratio');
	return { kind: stops ? 'stop' : 'caution', code, words: told };
}

function codesIn(file: string): Code[] {
	const source = ts.createSourceFile(
		file,
		readFileSync(join(ROOT, file), 'utf8'),
		ts.ScriptTarget.Latest,
		true
	);
	const found: Code[] = [];
	const walk = (node: ts.Node): void => {
		const made =
			ts.isCallExpression(node) || ts.isNewExpression(node)
				? fromCall(node)
				: ts.isObjectLiteralExpression(node)
					? fromObject(node)
					: null;
		if (made) found.push({ ...made, file });
		ts.forEachChild(node, walk);
	};
	walk(source);
	return found;
}

/** Every code of the product, once for each wording of it in each file. */
export function allCodes(): Code[] {
	const files = WHERE.flatMap((folder) =>
		readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
			.filter((f) => f.endsWith('.ts'))
			.map((f) => `${folder}/${f}`)
	).sort();
	const seen = new Set<string>();
	return files.flatMap(codesIn).filter((c) => {
		const key = `${c.kind} ${c.code} ${c.words} ${c.file}`;
		return !seen.has(key) && seen.add(key);
	});
}

const cell = (text: string): string => text.replace(/\|/g, '\\|').replace(/\s+/g, ' ');

/** The list of codes as Markdown, made from the source. */
export function codesDocument(): string {
	const codes = allCodes();
	const parts = [
		'# Codes',
		'',
		'Every code that an answer, a finding or a refusal carries, with its words and where it is made; `…` is filled in when it is said. Made from the source by `./uncinus codes > docs/codes.md`. Codes are stable; words may be written better.'
	];
	for (const kind of KINDS) {
		const own = codes
			.filter((code) => code.kind === kind)
			.sort((a, b) => (a.code < b.code ? -1 : a.code > b.code ? 1 : 0));
		const rows = own.map((c) => `| \`${c.code}\` | ${cell(c.words)} | \`${c.file}\` |`);
		const title = `${kind.charAt(0).toUpperCase()}${kind.slice(1)}`;
		parts.push(
			'',
			`## ${title}`,
			'',
			ABOUT[kind],
			'',
			'| code | words | made in |',
			'|---|---|---|',
			...rows
		);
	}
	return `${parts.join('\n')}\n`;
}
