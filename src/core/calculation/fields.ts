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

/** How names end, with the unit that means; the longer before the shorter. */
const NAME_UNITS: readonly (readonly [RegExp, Unit])[] = [
	[/MmPerSPerGmm$/, 'mm/s/gmm'],
	[/Mm3PerMinPerA$/, 'mm3/min/A'],
	[/LPerMinMm$/, 'l/min/mm'],
	[/LPerMinKw$/, 'l/min/kW'],
	[/LPerMin$/, 'l/min'],
	[/Mm3PerMin$/, 'mm3/min'],
	[/Mm3PerS$/, 'mm3/s'],
	[/MmPerMin$/, 'mm/min'],
	[/MPerMin$/, 'm/min'],
	[/MmPerDay$/, 'mm/day'],
	[/MmPerS2$/, 'mm/s2'],
	[/MmPerS$/, 'mm/s'],
	[/MmPerM$/, 'mm/m'],
	[/UmPerS$/, 'um/s'],
	[/DegPerS$/, 'deg/s'],
	[/(?<=iffusivity)Mm2PerS$/, 'mm2/s-heat'],
	[/Mm2PerS$/, 'mm2/s'],
	[/UmPerMm$/, 'um/mm'],
	[/KgPerM3$/, 'kg/m3'],
	[/JPerMm3$/, 'J/mm3'],
	[/NPerCm2$/, 'N/cm2'],
	[/NPerUm$/, 'N/um'],
	[/NPerMm$/, 'N/mm'],
	[/WPerMK$/, 'W/mK'],
	[/WPerM2K$/, 'W/m2K'],
	[/WPerMm$/, 'W/mm'],
	[/APerMm2$/, 'A/mm2'],
	[/PerK$/, '1/K'],
	[/Rpm$/, 'rpm'],
	[/Mps$/, 'm/s'],
	[/Sfpm$/, 'sfpm'],
	[/KgM2$/, 'kgm2'],
	[/GCm3$/, 'g/cm3'],
	[/(?:Gmm|^gmm)$/, 'gmm'],
	[/NmS$/, 'Nms'],
	[/G[Pp]a$/, 'GPa'],
	[/MPa$/, 'MPa'],
	[/Cm3$/, 'cm3'],
	[/Mm3$/, 'mm3'],
	[/Mm2$/, 'mm2'],
	[/Mm$/, 'mm'],
	[/Um$/, 'um'],
	[/Deg$/, 'deg'],
	[/Hrc$/, 'HRC'],
	[/Hz$/, 'Hz'],
	[/Bar$/, 'bar'],
	[/Ohm$/, 'ohm'],
	[/(?<=[a-z])Carat$/, 'carat'],
	[/Kg$/, 'kg'],
	[/Nm$/, 'Nm'],
	[/(Pct|Percent)$/, '%'],
	[/(?<=Time|Life|Up|Wanted|Bond)Min$/, 'min'],
	[/(?<=emperature)C$/, 'C'],
	[/(?<=Current)A$/, 'A'],
	[/(?<=[a-z])G$/, 'g'],
	[/(?<=[a-z])N$/, 'N'],
	[/(?<=[a-z])W$/, 'W'],
	[/(?<=[a-z])S$/, 's']
];

/** What is left of a name without its unit; a speed stays one, whatever it is measured in. */
function withoutUnit(name: string): string {
	if (/Speed(?:Rpm|Mps|Sfpm)$/.test(name)) return name.replace(/(?:Rpm|Mps|Sfpm)$/, '');
	if (/Mps$/.test(name)) return name.replace(/Mps$/, ' speed');
	const tail = NAME_UNITS.find(([t]) => t.test(name))?.[0];
	return tail ? name.replace(tail, '') : name;
}

/** Readable label of a field: the explicit one, or its name in words without the unit. */
export function labelOf(field: { name: string; label?: string }): string {
	if (field.label) return field.label;
	if (field.name === 'gmm') return 'Unbalance';
	const base = withoutUnit(field.name);
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

/** The unit a name ends with, as the naming rule has it; none when it ends with none. */
export function unitOfName(name: string): Unit | undefined {
	return NAME_UNITS.find(([tail]) => tail.test(name))?.[1];
}
