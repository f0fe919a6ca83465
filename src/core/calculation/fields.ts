/**
 * A field list is the single description of what goes into a calculation or a form. The input check,
 * the Joi schema of the server, the labels and limits of the benches and the reference tables all read it.
 */

export type Unit =
	| 'mm'
	| 'um'
	/** Roughness: micrometres, microinches in an inch shop. */
	| 'um-Ra'
	/** What a dial shows: micrometres, thousandths in an inch shop. */
	| 'um-dial'
	| 'm'
	| 'um/mm'
	| 'deg'
	| 'rpm'
	| 'm/s'
	| 'sfpm'
	| 'mm/min'
	| 's'
	| 'h'
	| 'kg'
	| 'g'
	| 'g/cm3'
	| 'gmm'
	| 'N'
	| 'Nm'
	| 'kW'
	| 'MPa'
	| 'mm2'
	| 'mm3'
	| 'mm/s'
	| 'mm2/s'
	| 'kgm2'
	| 'K'
	| '1/K'
	| 'J'
	| '%'
	| 'HRC'
	| 'day'
	| 'month'
	| 'min'
	| 'm/min'
	| 'mm/s2'
	| 'mm/day'
	| 'um/s'
	| 'deg/s'
	| 'mm/m'
	| 'cm3'
	| 'mm3/s'
	| 'mm3/min'
	| 'mm3/min/A'
	| 'kg/m3'
	| 'N/um'
	| 'N/mm'
	| 'N/cm2'
	| 'bar'
	| 'GPa'
	| 'W'
	| 'W/mm'
	| 'J/mm3'
	| 'l/min'
	| 'l/min/mm'
	| 'l/min/kW'
	| 'C'
	| 'Hz'
	| 'A'
	| 'A/mm2'
	| 'ohm'
	| 'carat'
	/** Constants of a material or a film, which every data sheet gives so. */
	| 'W/mK'
	| 'W/m2K'
	| 'mm2/s-heat'
	/** How a machine answers to unbalance. */
	| 'mm/s/gmm'
	| 'Nms';

interface Common {
	/** The name of the property; it ends with its unit. */
	name: string;
	/** One line of meaning, in shop words. */
	about: string;
	/** Label on screen; derived from the name when absent. */
	label?: string;
	required?: boolean;
	/** Given only in special cases; shown folded away on a bench. */
	advanced?: boolean;
	/** A workshop starting value without the authority of any standard: a lead may set the shop's own. */
	guideline?: true;
	/** The calculation a guideline figure belongs to; set when that is defined. */
	of?: string;
}

export interface NumberField extends Common {
	kind: 'number' | 'integer';
	unit?: Unit;
	min?: number;
	max?: number;
	/** The bound itself is refused. */
	minOpen?: boolean;
	maxOpen?: boolean;
	/** What is usual and what is the end where numbers are typed in inches: a round figure there, too. In core units. */
	inch?: { min?: number; max?: number; default?: number };
	/** The rule behind an end that no lead can move, in words. */
	end?: string;
	/** Kept to a tenth of a nanometre when it is put into a field: places of a form, blocks. */
	fine?: true;
	default?: number;
}
export interface BooleanField extends Common {
	kind: 'boolean';
	default?: boolean;
}
export interface TextField extends Common {
	kind: 'text';
	minLength?: number;
	/** Letters and figures it must hold, as a reason must: dots and blanks say nothing. */
	minLetters?: number;
	maxLength?: number;
	pattern?: string;
	patternSays?: string;
	default?: string;
}
export interface DateField extends Common {
	kind: 'date';
	default?: string;
}
export interface ChoiceField extends Common {
	kind: 'choice';
	choices: readonly string[];
	default?: string;
	/** The choices are numbers and may come as such. */ numeric?: true;
}
export interface ListField extends Common {
	kind: 'list';
	item: Field;
	minItems?: number;
	maxItems?: number;
	default?: readonly unknown[];
}
export interface ObjectField extends Common {
	kind: 'object';
	fields: readonly Field[];
	default?: object;
}

export type Field =
	NumberField | BooleanField | TextField | DateField | ChoiceField | ListField | ObjectField;

type Base<F> = F extends { kind: 'number' | 'integer' }
	? number
	: F extends { kind: 'boolean' }
		? boolean
		: F extends { kind: 'text' | 'date' }
			? string
			: F extends { kind: 'choice'; choices: readonly (infer C)[] }
				? C
				: F extends { kind: 'list'; item: infer I }
					? Base<I>[]
					: F extends { kind: 'object'; fields: infer L extends readonly Field[] }
						? Values<L>
						: never;

type Present<F> = F extends { required: true } ? true : F extends { default: unknown } ? true : false;

/** What a checked input looks like: defaults filled in, optional values without a default are null. */
export type Values<L extends readonly Field[]> = {
	[F in L[number] as F['name']]: Present<F> extends true ? Base<F> : Base<F> | null;
};
