import type { System } from '../quantity/parse.js';
import { checkInput } from './check.js';
import type { Calculation } from './define.js';
import { InputFault } from './fault.js';
import type { BooleanField, Field, NumberField } from './fields.js';
import { fieldIn, fieldsIn } from './in-system.js';

/** The shop's own guideline figures: by calculation, by field; only what differs from the shipped ones. */
export type Limits = Readonly<Record<string, Readonly<Record<string, number | boolean>>>>;
export type GuidelineField = (NumberField | BooleanField) & { default: number | boolean };

/** Fields of a calculation that a lead may set for the shop. */
export function guidelineFields(calculation: Pick<Calculation, 'fields'>): GuidelineField[] {
	return calculation.fields.filter(
		(field: Field): field is GuidelineField =>
			field.guideline === true &&
			(field.kind === 'number' || field.kind === 'integer' || field.kind === 'boolean') &&
			field.default !== undefined
	);
}

/** An input with every guideline figure said: the one given, or else the shop's, or else the shipped one. */
export function withLimits(
	limits: Limits,
	calculation: Pick<Calculation, 'id' | 'fields'>,
	input: object,
	system: System = 'mm'
): Record<string, unknown> {
	const given: Readonly<Record<string, unknown>> = { ...input };
	const said = guidelineFields(calculation).map((f) => [
		f.name,
		given[f.name] ?? ownFigure(limits, calculation.id, fieldIn(f, system)) ?? fieldIn(f, system).default
	]);
	return { ...given, ...Object.fromEntries(said) };
}

/**
 * The shop's own figure, if it has one. One kept before its field had an end, and lying beyond it, counts as that end: nothing is judged by
 * more than any shop may allow itself.
 */
function ownFigure(limits: Limits, calculation: string, field: Field): number | boolean | undefined {
	const own = limits[calculation]?.[field.name];
	if (typeof own !== 'number' || (field.kind !== 'number' && field.kind !== 'integer')) return own;
	return Math.min(field.max ?? Infinity, Math.max(field.min ?? -Infinity, own));
}

/** Figures of the shop that lie beyond an end, with what counts instead. */
export function beyondEnds(
	calculations: readonly Calculation[],
	limits: Limits
): { calculation: Calculation; field: GuidelineField; own: number; counts: number }[] {
	return calculations.flatMap((calculation) =>
		guidelineFields(calculation).flatMap((field) => {
			const own = limits[calculation.id]?.[field.name];
			if (typeof own !== 'number') return [];
			const ends = [field, fieldIn(field, 'inch')].map((f) => ownFigure(limits, calculation.id, f));
			const counts = ends.includes(own) ? own : ends[0];
			return typeof counts === 'number' && counts !== own ? [{ calculation, field, own, counts }] : [];
		})
	);
}

/** A field list as it counts in this system, with the shop's figures as its defaults. */
export function inShop<L extends readonly Field[]>(fields: L, limits: Limits, system: System = 'mm'): L {
	const those = fieldsIn(fields, system);
	if (!Object.keys(limits).length) return those;
	// The same fields in the same order, some with another figure to begin with.
	return those.map((field) => {
		const own = field.guideline && field.of !== undefined ? ownFigure(limits, field.of, field) : undefined;
		if (own === undefined) return field;
		const inch =
			'inch' in field && field.inch
				? { inch: { ...field.inch, default: ownFigure(limits, field.of!, fieldIn(field, 'inch')) } }
				: {};
		return { ...field, default: own, ...inch };
	}) as readonly Field[] as L;
}

/** The figure that counts in this shop, where numbers are typed in this system. */
export function limitOf<T extends number | boolean = number>(
	limits: Limits,
	calculation: Pick<Calculation, 'id' | 'fields'>,
	name: string,
	system: System = 'mm'
): T {
	const field = fieldIn(
		guidelineFields(calculation).find((f) => f.name === name)!,
		system
	);
	return (ownFigure(limits, calculation.id, field) ?? field.default) as T;
}

/**
 * Figures as somebody sends them: every one known, within its range, and fit to compute with together with the others. What is as
 * shipped is left out. @throws InputFault named `<calculation>.<field>`
 */
export function checkLimits(
	calculations: readonly Calculation[],
	body: unknown,
	system: System = 'mm'
): Limits {
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
		const odd = Object.keys(values).find((name) => !fields.some((field) => field.name === name));
		if (odd !== undefined)
			throw new InputFault(
				`${id}.${odd.slice(0, 60)}`,
				'unknown-choice',
				`${calculation.title} has no guideline figure ${odd.slice(0, 60)}.`
			);
		const those = fieldsIn(fields, system);
		const checked = within(id, () => checkInput(those, values)) as Record<string, number | boolean>;
		const own = Object.fromEntries(
			those.filter((f) => checked[f.name] !== f.default).map((f) => [f.name, checked[f.name]!])
		);
		if (!Object.keys(own).length) continue;
		// Figures that contradict each other show in the example already.
		within(id, () => calculation.run({ ...calculation.example, ...own }, system));
		kept[id] = own;
	}
	return kept;
}

function within<T>(id: string, work: () => T): T {
	try {
		return work();
	} catch (error) {
		if (error instanceof InputFault) throw new InputFault(`${id}.${error.field}`, error.code, error.message);
		throw error;
	}
}
