import type { Field } from '$core/calculation/fields';
import { InputFault } from '$core/calculation/fault';
import { typedFigure } from '$core/quantity/format';
import { type System, parseQuantity } from '$core/quantity/parse';

export type Typed = string | boolean | null | Typed[] | { [key: string]: Typed };

/** The same value with one place in it exchanged. */
export function replaced(old: Typed, path: readonly string[], value: Typed): Typed {
	const [head, ...inner] = path as [string, ...string[]];
	const put = (was: Typed): Typed => (inner.length ? replaced(was, inner, value) : value);
	if (Array.isArray(old)) return old.map((v, i) => (String(i) === head ? put(v) : v));
	const group = (typeof old === 'object' && old !== null ? old : {}) as Record<string, Typed>;
	return { ...group, [head]: put(group[head] ?? null) };
}

/** What was typed, written in the other system. */
export function converted(field: Field, typed: Typed, from: System, to: System): Typed {
	if (field.kind === 'number' || field.kind === 'integer') {
		const p = parseQuantity(String(typed ?? ''), field.unit, from);
		return 'value' in p ? typedFigure(p.value, field.unit, to, field.fine) : typed;
	}
	if (field.kind === 'list' && Array.isArray(typed))
		return typed.map((t) => converted(field.item, t, from, to));
	if (field.kind === 'object' && typeof typed === 'object' && typed !== null && !Array.isArray(typed))
		return {
			...typed,
			...Object.fromEntries(field.fields.map((g) => [g.name, converted(g, typed[g.name] ?? null, from, to)]))
		};
	return typed;
}

/** A core value as a person would have typed it. */
export function asTyped(field: Field, value: unknown, system: System): Typed {
	if (field.kind === 'number' || field.kind === 'integer')
		return typeof value === 'number' ? typedFigure(value, field.unit, system, field.fine) : '';
	if (field.kind === 'boolean') return typeof value === 'boolean' ? value : null;
	if (field.kind === 'list')
		return Array.isArray(value) ? value.map((v) => asTyped(field.item, v, system)) : [];
	if (field.kind === 'object')
		return Object.fromEntries(
			field.fields.map((g) => [
				g.name,
				asTyped(
					g,
					(value as Record<string, unknown> | undefined)?.[g.name] ??
						('default' in g ? g.default : undefined),
					system
				)
			])
		);
	return typeof value === 'string'
		? value
		: field.kind === 'choice' && field.numeric && typeof value === 'number'
			? String(value)
			: '';
}

/** The same but for what putting it into the other system and back leaves of it. */
const sameFigure = (a: unknown, b: unknown): boolean =>
	typeof a === 'number' && typeof b === 'number'
		? Math.abs(a - b) <= ROUNDED * Math.max(1, Math.abs(b))
		: a === b;
const ROUNDED = 1e-4;

/** Reads one typed value into a core value; undefined when nothing is there. @throws InputFault */
export function readTyped(field: Field, typed: Typed, path: string, system: System): unknown {
	if (field.kind === 'number' || field.kind === 'integer') {
		const p = parseQuantity(String(typed ?? ''), field.unit, system);
		if ('problem' in p) throw new InputFault(path, 'not-a-number', p.problem);
		return 'value' in p ? p.value : undefined;
	}
	if (
		field.kind === 'list' &&
		!field.required &&
		field.default === undefined &&
		!(typed as Typed[] | null)?.length
	)
		return undefined;
	if (field.kind === 'list')
		return ((typed as Typed[]) ?? []).map((t, i) => readTyped(field.item, t, `${path}.${i}`, system) ?? null);
	if (field.kind === 'object') {
		const entries = field.fields
			.map(
				(g) =>
					[
						g.name,
						readTyped(g, (typed as Record<string, Typed>)?.[g.name] ?? null, `${path}.${g.name}`, system)
					] as const
			)
			.filter(([, v]) => v !== undefined);
		// A group in which nothing was typed is not there; a list of it without a line says nothing either.
		const given = new Map<string, unknown>(entries);
		const usual = (field: Field): boolean =>
			'default' in field && sameFigure(given.get(field.name), field.default);
		const typedIn = field.fields.filter((g) => {
			const value = given.get(g.name);
			return Array.isArray(value) ? value.length > 0 : value !== undefined;
		});
		// What stands in it from the start says nothing while something it needs was not typed.
		const untouched = typedIn.every(usual) && field.fields.some((g) => g.required && !given.has(g.name));
		const said = typedIn.length > 0 && !untouched;
		return said || field.required ? Object.fromEntries(entries) : undefined;
	}
	return typed === '' || typed === null ? undefined : typed;
}
