import { readFileSync, readdirSync } from 'node:fs';
import { expect } from 'chai';
import ts from 'typescript';
import { ROOT } from '../../src/command/paths.js';
import { close } from './examples.js';

interface Fn {
	file: string;
	name: string;
	/** Takes and gives plain values only, so that an example can be written in a line. */
	plain: boolean;
	example: string | null;
}
const PLAIN = /^(readonly )?(number|string|boolean|null|Unit|undefined|System|RingMode| |\||\[\])+$/;
const NUMBER = /^number( \| null)?$/;

/** Every exported function of a file, with the example of its comment. */
function functionsOf(file: string): Fn[] {
	const source = ts.createSourceFile(
		file,
		readFileSync(`${ROOT}/${file}`, 'utf8'),
		ts.ScriptTarget.Latest,
		true
	);
	return source.statements.flatMap((node): Fn[] => {
		if (!ts.canHaveModifiers(node)) return [];
		if (!ts.getModifiers(node)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword)) return [];
		const declared = ts.isVariableStatement(node) ? node.declarationList.declarations[0]! : null;
		const made = declared?.initializer;
		const fn = ts.isFunctionDeclaration(node) ? node : made && ts.isArrowFunction(made) ? made : null;
		if (!fn) return [];
		const name = (declared?.name ?? (node as ts.FunctionDeclaration).name)!.getText();
		const comment = ts
			.getJSDocCommentsAndTags(node)
			.map((c) => c.getText())
			.join('\n');
		return [
			{
				file,
				name,
				plain:
					NUMBER.test(fn.type?.getText() ?? '') &&
					fn.parameters.every((p) => PLAIN.test(p.type?.getText() ?? '')),
				example: /@example ([^\n]*?)(?: \*\/)?$/m.exec(comment)?.[1] ?? null
			}
		];
	});
}
const ALL = readdirSync(`${ROOT}/src/core`, { recursive: true, encoding: 'utf8' })
	.filter((f) => f.endsWith('.ts'))
	.flatMap((f) => functionsOf(`src/core/${f}`));

describe('examples in the comments of the core', () => {
	it('every function of numbers has one', () => {
		const plain = ALL.filter((f) => f.plain);
		expect(plain.length).to.be.above(25);
		expect(plain.filter((f) => !f.example).map((f) => `${f.file} ${f.name}`)).to.deep.equal([]);
	});
	for (const { file, name, example } of ALL)
		if (example)
			it(`${file.slice(9)}: ${example}`, async () => {
				const [call, wanted] = example.split(' // ');
				const module = (await import(`${ROOT}/${file}`)) as Record<string, unknown>;
				// The example is the text of a call of this function, written in our own source.
				const got: unknown = new Function(name, `return ${call}`)(module[name]);
				close(got, JSON.parse(wanted!), name, 1e-6);
			});
});
