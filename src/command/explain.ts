import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Calculation } from '../core/calculation/define.js';
import { fieldIn } from '../core/calculation/in-system.js';
import { type Field, labelOf, rangeOf } from '../core/calculation/fields.js';
import { guidelineFields } from '../core/calculation/limits.js';
import { quantity } from '../core/quantity/format.js';
import { type Code, allCodes } from './codes.js';
import { ROOT } from './paths.js';

type Numeric = Extract<Field, { kind: 'number' | 'integer' }>;
const isNumber = (field: Field): field is Numeric => field.kind === 'number' || field.kind === 'integer';

/** One line a field, what is inside of groups and lists further in. */
function fieldLines(fields: readonly Field[], worseOf: Calculation['worse'], indent = '  '): string[] {
	return fields.flatMap((field) => {
		const unit = 'unit' in field && field.unit ? ` ${field.unit}` : '';
		const usual = field.required
			? 'required'
			: 'default' in field && field.default !== undefined
				? `default ${JSON.stringify(field.default)}`
				: 'optional';
		const way = worseOf?.[field.name];
		const worse = way ? `, worse ${way}` : '';
		const own = `${indent}${field.name}: ${field.kind}${unit}, ${[rangeOf(field), usual].filter(Boolean).join(', ')}${worse}. ${labelOf(field)}. ${field.about}`;
		const inner = field.kind === 'object' ? field.fields : field.kind === 'list' ? [field.item] : [];
		return [own, ...fieldLines(inner, undefined, `${indent}  `)];
	});
}

/** Figures a lead may set, and the ends nobody can move, in both systems. */
function limitLines(calculation: Calculation): string[] {
	return guidelineFields(calculation).map((f) => {
		if (f.kind === 'boolean') return `  ${f.name}: ${f.default ? 'yes' : 'no'}`;
		const inch = fieldIn(f, 'inch');
		return `  ${f.name}: ${quantity(f.default, f.unit)}, in inches ${quantity(inch.default, f.unit, 'inch')}; ${rangeOf(f)}`;
	});
}
function endLines(fields: readonly Field[]): string[] {
	return fields.filter(isNumber).flatMap((field) => {
		if (!field.end) return [];
		const inch = fieldIn(field, 'inch');
		const ends = (['min', 'max'] as const)
			.filter((side) => field[side] !== undefined)
			.map(
				(side) => `${side} ${quantity(field[side], field.unit)} (${quantity(inch[side], field.unit, 'inch')})`
			);
		return [`  ${field.name}: ${ends.join(', ')}. ${field.end}`];
	});
}

/** The file that holds a calculation, and those beside it from which it takes its findings. */
function filesOf(id: string): string[] {
	const core = readdirSync(join(ROOT, 'src/core'), { recursive: true, encoding: 'utf8' }).filter((f) =>
		f.endsWith('.ts')
	);
	const text = (f: string) => readFileSync(join(ROOT, 'src/core', f), 'utf8');
	const own = core.find((f) => text(f).includes(`id: '${id}'`));
	if (!own) return [];
	const folder = own.split('/').slice(0, -1);
	const imported = [...text(own).matchAll(/from '(\.[^']*)\.js'/g)].map(([, to]) =>
		join('src/core', ...folder, `${to!}.ts`)
	);
	return [join('src/core', own), ...imported];
}

const codeLines = (codes: readonly Code[]): string[] =>
	codes.map((code) => `  ${code.kind.padEnd(8)} ${code.code}: ${code.words}`);

/** Everything a calculation asks for, judges by and may say, as text. */
export function explain(calculation: Calculation): string {
	const files = filesOf(calculation.id);
	const codes = allCodes().filter((code) => files.includes(code.file));
	const part = (title: string, lines: readonly string[]) => (lines.length ? ['', `${title}:`, ...lines] : []);
	return `${[
		`${calculation.id}: ${calculation.title}`,
		calculation.about,
		`Source: ${calculation.source}`,
		...part(
			'Formulas',
			calculation.formulas.map((formula) => `  ${formula}`)
		),
		...part('Fields', fieldLines(calculation.fields, calculation.worse)),
		...part(
			'Outputs',
			calculation.outputs.map(
				(output) => `  ${output.name}${output.unit ? ` ${output.unit}` : ''}: ${output.about}`
			)
		),
		...part('Limits a lead may set', limitLines(calculation)),
		...part('Hard ends, whoever sets them', endLines(calculation.fields)),
		...part('Codes', codeLines(codes))
	].join('\n')}\n`;
}
