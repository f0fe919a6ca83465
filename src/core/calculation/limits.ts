import { checkInput } from './check.js';
import type { Calculation } from './define.js';
import { InputFault } from './fault.js';
import type { BooleanField, Field, NumberField } from './fields.js';

/** The shop's own guideline figures: by calculation, by field; only what differs from the shipped ones. */
export type Limits = Readonly<Record<string, Readonly<Record<string, number | boolean>>>>;
export type GuidelineField = (NumberField | BooleanField) & { default: number | boolean };

/** Fields of a calculation that a lead may set for the shop. */
export function guidelineFields(calculation: Pick<Calculation, 'fields'>): GuidelineField[] {
	return calculation.fields.filter(
		(f: Field): f is GuidelineField =>
			f.guideline === true &&
			(f.kind === 'number' || f.kind === 'integer' || f.kind === 'boolean') &&
			f.default !== undefined
	);
}

/** An input with every guideline figure said: the one given, or else the shop's, or else the shipped one. */
export function withLimits(
	limits: Limits,
	calculation: Pick<Calculation, 'id' | 'fields'>,
	input: object
): Record<string, unknown> {
	const given: Readonly<Record<string, unknown>> = { ...input };
	const said = guidelineFields(calculation).map((f) => [
		f.name,
		given[f.name] ?? limits[calculation.id]?.[f.name] ?? f.default
	]);
	return { ...given, ...Object.fromEntries(said) };
}

/** A field list with the shop's figures as its defaults. */
export function inShop<L extends readonly Field[]>(fields: L, limits: Limits): L {
	if (!Object.keys(limits).length) return fields;
	// The same fields in the same order, some with another figure to begin with.
	return fields.map((f) => {
		const own = f.guideline && f.of !== undefined ? limits[f.of]?.[f.name] : undefined;
		return own === undefined ? f : { ...f, default: own };
	}) as readonly Field[] as L;
}

/** The figure that counts in this shop. */
export function limitOf<T extends number | boolean = number>(
	limits: Limits,
	calculation: Pick<Calculation, 'id' | 'fields'>,
	name: string
): T {
	return (limits[calculation.id]?.[name] ??
		guidelineFields(calculation).find((f) => f.name === name)!.default) as T;
}

/**
 * Figures as somebody sends them: every one known, within its range, and fit to compute with together with the others. What is as
 * shipped is left out. @throws InputFault named `<calculation>.<field>`
 */
export function checkLimits(calculations: readonly Calculation[], body: unknown): Limits {
	if (typeof body !== 'object' || body === null || Array.isArray(body))
		throw new InputFault('limits', 'not-an-object', 'The figures come by calculation and field.');
	const kept: Record<string, Record<string, number | boolean>> = {};
	for (const [id, values] of Object.entries(body)) {
		const calculation = calculations.find((c) => c.id === id);
		const fields = calculation ? guidelineFields(calculation) : [];
		if (!calculation || !fields.length)
			throw new InputFault(
				id.slice(0, 60),
				'unknown-choice',
				`There are no guideline figures for ${id.slice(0, 60)}.`
			);
		if (typeof values !== 'object' || values === null || Array.isArray(values))
			throw new InputFault(id, 'not-an-object', `${calculation.title}: the figures come by field.`);
		const odd = Object.keys(values).find((name) => !fields.some((f) => f.name === name));
		if (odd !== undefined)
			throw new InputFault(
				`${id}.${odd.slice(0, 60)}`,
				'unknown-choice',
				`${calculation.title} has no guideline figure ${odd.slice(0, 60)}.`
			);
		const checked = within(id, () => checkInput(fields, values)) as Record<string, number | boolean>;
		const own = Object.fromEntries(
			fields.filter((f) => checked[f.name] !== f.default).map((f) => [f.name, checked[f.name]!])
		);
		if (!Object.keys(own).length) continue;
		// Figures that contradict each other show in the example already.
		within(id, () => calculation.run({ ...calculation.example, ...own }));
		kept[id] = own;
	}
	return kept;
}

function within<T>(id: string, work: () => T): T {
	try {
		return work();
	} catch (e) {
		if (e instanceof InputFault) throw new InputFault(`${id}.${e.field}`, e.code, e.message);
		throw e;
	}
}
