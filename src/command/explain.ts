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
	return fields.flatMap((f) => {
		const unit = 'unit' in f && f.unit ? ` ${f.unit}` : '';
		const usual = f.required
			? 'required'
			: 'default' in f && f.default !== undefined
				? `default ${JSON.stringify(f.default)}`
				: 'optional';
		const way = worseOf?.[f.name];
		const worse = way ? `, worse ${way}` : '';
		const own = `${indent}${f.name}: ${f.kind}${unit}, ${[rangeOf(f), usual].filter(Boolean).join(', ')}${worse}. ${labelOf(f)}. ${f.about}`;
		const inner = f.kind === 'object' ? f.fields : f.kind === 'list' ? [f.item] : [];
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
	return fields.filter(isNumber).flatMap((f) => {
		if (!f.end) return [];
		const inch = fieldIn(f, 'inch');
		const ends = (['min', 'max'] as const)
			.filter((side) => f[side] !== undefined)
			.map((side) => `${side} ${quantity(f[side], f.unit)} (${quantity(inch[side], f.unit, 'inch')})`);
		return [`  ${f.name}: ${ends.join(', ')}. ${f.end}`];
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
	codes.map((c) => `  ${c.kind.padEnd(8)} ${c.code}: ${c.words}`);

/** Everything a calculation asks for, judges by and may say, as text. */
export function explain(calculation: Calculation): string {
	const files = filesOf(calculation.id);
	const codes = allCodes().filter((c) => files.includes(c.file));
	const part = (title: string, lines: readonly string[]) => (lines.length ? ['', `${title}:`, ...lines] : []);
	return `${[
		`${calculation.id}: ${calculation.title}`,
		calculation.about,
		`Source: ${calculation.source}`,
		...part(
			'Formulas',
			calculation.formulas.map((f) => `  ${f}`)
		),
		...part('Fields', fieldLines(calculation.fields, calculation.worse)),
		...part(
			'Outputs',
			calculation.outputs.map((o) => `  ${o.name}${o.unit ? ` ${o.unit}` : ''}: ${o.about}`)
		),
		...part('Limits a lead may set', limitLines(calculation)),
		...part('Hard ends, whoever sets them', endLines(calculation.fields)),
		...part('Codes', codeLines(codes))
	].join('\n')}\n`;
}
