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
	| 'month';

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

/** What a caller may hand in. */
export type Input<L extends readonly Field[]> = {
	[F in L[number] as F extends { required: true } ? F['name'] : never]: unknown;
} & { [F in L[number] as F extends { required: true } ? never : F['name']]?: unknown };

const UNIT_TAILS: [RegExp, string][] = [
	[/MmPerSPerGmm$/, ''],
	[/MmPerMin$/, ''],
	[/MmPerS$/, ''],
	[/UmPerMm$/, ''],
	[/PerK$/, ''],
	[/SpeedRpm$/, 'Speed'],
	[/Rpm$/, ''],
	[/SpeedMps$/, 'Speed'],
	[/Mps$/, ' speed'],
	[/SpeedSfpm$/, 'Speed'],
	[/KgM2$/, ''],
	[/GCm3$/, ''],
	[/Gmm$/, ''],
	[/MPa$/, ''],
	[/Mm3$/, ''],
	[/Mm2$/, ''],
	[/Mm$/, ''],
	[/Um$/, ''],
	[/Deg$/, ''],
	[/Hrc$/, ''],
	[/Kg$/, ''],
	[/Nm$/, ''],
	[/Pct$/, ''],
	[/Percent$/, ''],
	[/G$/, ''],
	[/N$/, ''],
	[/S$/, '']
];

/** Readable label of a field: the explicit one, or its name in words without the unit. */
export function labelOf(field: { name: string; label?: string }): string {
	if (field.label) return field.label;
	let base = field.name;
	for (const [tail, instead] of UNIT_TAILS)
		if (tail.test(base)) {
			base = base.replace(tail, instead);
			break;
		}
	const words = (base || field.name)
		.replace(/([A-Z])/g, ' $1')
		.toLowerCase()
		.trim();
	return words.charAt(0).toUpperCase() + words.slice(1);
}

/** The accepted range of a number in words, for labels and reference tables. */
export function rangeOf(field: Field): string {
	if (field.kind === 'choice') return field.choices.join(', ');
	if (field.kind === 'list') return `${field.minItems ?? 0} to ${field.maxItems ?? 'any number of'} entries`;
	if (field.kind === 'text') return `up to ${field.maxLength ?? 200} characters`;
	if (field.kind !== 'number' && field.kind !== 'integer') return '';
	const low = field.min === undefined ? '' : `${field.minOpen ? 'over' : 'from'} ${field.min}`;
	const high = field.max === undefined ? '' : `${field.maxOpen ? 'below' : 'to'} ${field.max}`;
	return [low, high].filter(Boolean).join(' ');
}

const NAME_UNITS: [RegExp, Unit][] = [
	[/MmPerMin$/, 'mm/min'],
	[/MmPerS$/, 'mm/s'],
	[/(emoval|Rate)Mm2PerS$/, 'mm2/s'],
	[/UmPerMm$/, 'um/mm'],
	[/Rpm$/, 'rpm'],
	[/Mps$/, 'm/s'],
	[/Sfpm$/, 'sfpm'],
	[/KgM2$/, 'kgm2'],
	[/GCm3$/, 'g/cm3'],
	[/Gmm$/, 'gmm'],
	[/MPa$/, 'MPa'],
	[/Mm3$/, 'mm3'],
	[/Mm2$/, 'mm2'],
	[/Mm$/, 'mm'],
	[/Um$/, 'um'],
	[/Deg$/, 'deg'],
	[/Hrc$/, 'HRC'],
	[/Kg$/, 'kg'],
	[/Nm$/, 'Nm'],
	[/(Pct|Percent)$/, '%'],
	[/[a-z]G$/, 'g'],
	[/[a-z]N$/, 'N'],
	[/[a-z]S$/, 's']
];
/** The unit a name ends with, as the naming rule has it; none when it ends with none. */
export function unitOfName(name: string): Unit | undefined {
	return NAME_UNITS.find(([tail]) => tail.test(name))?.[1];
}
