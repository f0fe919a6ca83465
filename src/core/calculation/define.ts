import type { System } from '../quantity/parse.js';
import type { Field, Unit, Values } from './fields.js';
import { type Between, checkInput } from './check.js';
import { InputFault } from './fault.js';
import { fieldsIn } from './in-system.js';

/** One named output; nested ones are dotted (`overlap.overlapRatio`). */
export interface OutputField {
	name: string;
	about: string;
	unit?: Unit;
	main?: boolean;
	/** Shown as finely as it can be made: a stack of blocks, a form. */
	fine?: true;
}

/** How much work an input asks for: what single ranges cannot bound, because sizes multiply. */
export interface Work<L extends readonly Field[]> {
	/** The field to make smaller, and how it is said. */
	field: string;
	says: string;
	/** Basic steps, from the checked input. */
	steps: (input: Values<L>) => number;
	most: number;
}

export interface Calculation<
	L extends readonly Field[] = readonly Field[],
	O extends object = Record<string, unknown>
> {
	/** `<station>.<name>` */
	id: string;
	title: string;
	/** What the person gets from it, one or two sentences. */
	about: string;
	/** Where the formula comes from. */
	source: string;
	/** Formulas as a person would write them, for the working sheet. */
	formulas: readonly string[];
	/** For each figure its verdict hangs on, which way makes it worse; `none` where too little and too much are both wrong. */
	worse?: Readonly<Record<string, 'up' | 'down' | 'none'>>;
	/** How far it can be trusted: what was measured of it, where it errs. */
	limits?: readonly string[];
	/** Takes seconds: computed off the main thread, when asked for. */
	heavy?: true;
	fields: L;
	outputs: readonly OutputField[];
	example: object;
	/** Checks the input and computes; figures that nobody gave are those usual in the system. @throws InputFault */
	run(input: unknown, system?: System): O;
}

/** What a calculation comes to. */
export type OutputOf<C extends { run(input: unknown): object }> = ReturnType<C['run']>;

type Parts<L extends readonly Field[], O extends object> = Omit<Calculation<L, O>, 'run'> & {
	between?: Between;
	work?: Work<L>;
	compute: (input: Values<L>) => O;
};

/** Registers the parts of one calculation; `compute` receives the checked input with defaults filled in. */
export function defineCalculation<const L extends readonly Field[], O extends object>(
	parts: Parts<L, O>
): Calculation<L, O> {
	const { compute, between, work, ...rest } = parts;
	return {
		...rest,
		fields: belongingTo(parts.id, parts.fields),
		run: (input: unknown, system: System = 'mm') => {
			const v = checkInput(fieldsIn(parts.fields, system), input, '', between);
			if (work) bounded(work, v);
			return finite(compute(v));
		}
	};
}

/** @throws InputFault `too-heavy` on the field to make smaller */
export function bounded<L extends readonly Field[]>(work: Work<L>, v: Values<L>, prefix = ''): void {
	const times = work.steps(v) / work.most;
	if (times > 1)
		throw new InputFault(
			prefix + work.field,
			'too-heavy',
			`${work.says} This asks for ${times < 10 ? times.toFixed(1) : times.toFixed(0)} times as much work as is done here.`
		);
}

/** The same list, its guideline figures told which calculation they belong to. */
function belongingTo<L extends readonly Field[]>(id: string, fields: L): L {
	// Mapping a tuple gives an array; the fields stay the same ones in the same order.
	return fields.map((field) => (field.guideline ? { ...field, of: id } : field)) as readonly Field[] as L;
}

/** A result that overflowed is bad input, never a NaN: the numbers given lie outside anything that can exist. */
function finite<O extends object>(output: O): O {
	const bad = firstNotFinite(output, '');
	if (bad)
		throw new InputFault(
			bad.replace(/^\./, ''),
			'inconsistent',
			`These values together give no finite ${bad.replace(/^\./, '')}. Check the units of what was entered.`
		);
	return output;
}

/** Where a value holds a number that is none; the way to it is only put in words once there is one. */
function firstNotFinite(value: unknown, path: string): string | null {
	if (typeof value === 'number') return Number.isFinite(value) ? null : path;
	if (typeof value !== 'object' || value === null) return null;
	if (Array.isArray(value)) {
		for (let i = 0; i < value.length; i++) {
			const entry: unknown = value[i];
			const bad = typeof entry === 'number' ? !Number.isFinite(entry) : typeof entry === 'object';
			const at = bad ? firstNotFinite(entry, `${path}.${i}`) : null;
			if (at) return at;
		}
		return null;
	}
	for (const [key, entry] of Object.entries(value)) {
		const bad = firstNotFinite(entry, `${path}.${key}`);
		if (bad) return bad;
	}
	return null;
}
