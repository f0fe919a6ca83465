import type { Calculation, OutputField } from './define.js';
import { type Field, labelOf, rangeOf } from './fields.js';

const cell = (text: string): string => text.replace(/\|/g, '\\|').replace(/\n/g, ' ');

function rows(fields: readonly Field[], prefix: string): string[] {
	return fields.flatMap((field): string[] => {
		const unit = 'unit' in field && field.unit ? field.unit : '';
		const usual = field.required
			? 'required'
			: 'default' in field && field.default !== undefined
				? `default ${JSON.stringify(field.default)}${field.guideline ? ", a lead may set the shop's own" : ''}`
				: 'optional';
		const own = `| \`${prefix}${field.name}\` | ${field.kind} | ${unit} | ${cell(rangeOf(field))} | ${cell(usual)} | ${cell(`${labelOf(field)}. ${field.about}`)} |`;
		if (field.kind === 'object') return [own, ...rows(field.fields, `${prefix}${field.name}.`)];
		if (field.kind === 'list' && field.item.kind === 'object')
			return [own, ...rows(field.item.fields, `${prefix}${field.name}.N.`)];
		if (field.kind === 'list')
			return [own, ...rows([{ ...field.item, name: 'N' }], `${prefix}${field.name}.`)];
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
	for (const calculation of calculations) {
		parts.push(
			`## \`${calculation.id}\` ${calculation.title}`,
			'',
			calculation.about,
			'',
			`Source: ${calculation.source}`,
			'',
			...calculation.formulas.map((formula) => `- \`${formula}\``),
			'',
			...(calculation.limits
				? ['How far it can be trusted:', '', ...calculation.limits.map((limit) => `- ${limit}`), '']
				: []),
			'| input | kind | unit | range | | meaning |',
			'|---|---|---|---|---|---|',
			...rows(calculation.fields, ''),
			'',
			'| output | unit | meaning |',
			'|---|---|---|',
			...calculation.outputs.map(output),
			'',
			'```json',
			JSON.stringify(calculation.example),
			'```',
			''
		);
	}
	return `${parts.join('\n').trimEnd()}\n`;
}
