import type { Calculation, OutputField } from './define.js';
import { type Field, labelOf, rangeOf } from './fields.js';

const cell = (text: string): string => text.replace(/\|/g, '\\|').replace(/\n/g, ' ');

function rows(fields: readonly Field[], prefix: string): string[] {
	return fields.flatMap((f): string[] => {
		const unit = 'unit' in f && f.unit ? f.unit : '';
		const usual = f.required
			? 'required'
			: 'default' in f && f.default !== undefined
				? `default ${JSON.stringify(f.default)}${f.guideline ? ", a lead may set the shop's own" : ''}`
				: 'optional';
		const own = `| \`${prefix}${f.name}\` | ${f.kind} | ${unit} | ${cell(rangeOf(f))} | ${cell(usual)} | ${cell(`${labelOf(f)}. ${f.about}`)} |`;
		if (f.kind === 'object') return [own, ...rows(f.fields, `${prefix}${f.name}.`)];
		if (f.kind === 'list' && f.item.kind === 'object')
			return [own, ...rows(f.item.fields, `${prefix}${f.name}.N.`)];
		if (f.kind === 'list') return [own, ...rows([{ ...f.item, name: 'N' }], `${prefix}${f.name}.`)];
		return [own];
	});
}
const output = (o: OutputField): string => `| \`${o.name}\` | ${o.unit ?? ''} | ${cell(o.about)} |`;

/** The reference of every calculation as Markdown, made from the register. */
export function reference(calculations: readonly Calculation[], version: string): string {
	const parts = [
		'# Calculations',
		'',
		`Made from the register by \`./uncinus calc --reference > docs/reference.md\`; core ${version}. Run one with \`./uncinus calc <id> < input.json\`, or sign in and \`POST /api/calc/<id>\`.`,
		'A judged output carries `verdict` (`ok`, `caution`, `stop`) and `reasons` (`[{code, message, severity}]`). Bad input is answered with `{"error": {"field", "code", "message"}}` and exit code 2.',
		''
	];
	for (const c of calculations) {
		parts.push(
			`## \`${c.id}\` ${c.title}`,
			'',
			c.about,
			'',
			`Source: ${c.source}`,
			'',
			...c.formulas.map((f) => `- \`${f}\``),
			'',
			...(c.limits ? ['How far it can be trusted:', '', ...c.limits.map((l) => `- ${l}`), ''] : []),
			'| input | kind | unit | range | | meaning |',
			'|---|---|---|---|---|---|',
			...rows(c.fields, ''),
			'',
			'| output | unit | meaning |',
			'|---|---|---|',
			...c.outputs.map(output),
			'',
			'```json',
			JSON.stringify(c.example),
			'```',
			''
		);
	}
	return `${parts.join('\n').trimEnd()}\n`;
}
