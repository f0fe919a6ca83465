import { figure, quantity, symbolOf } from '../quantity/format.js';
import type { System } from '../quantity/parse.js';
import { FAMILY_NAMES } from './families.js';
import type { Marking } from './marking.js';

/** One piece of a marking with what it says; `field` names the place it was put in. */
export interface MarkingPart {
	field:
		| 'shape'
		| 'size'
		| 'maker'
		| 'abrasive'
		| 'grit'
		| 'grade'
		| 'structure'
		| 'bond'
		| 'concentration'
		| 'rim'
		| 'speed'
		| 'unknown';
	token: string;
	name: string;
	says: string;
}

const BOND_WORDS: Readonly<Record<string, string>> = {
	vitrified: 'vitrified, glass-like',
	resin: 'resin',
	'resin-reinforced': 'resin with fibre',
	rubber: 'rubber',
	'rubber-reinforced': 'rubber with fibre',
	shellac: 'shellac',
	magnesia: 'magnesia',
	plastic: 'plastic',
	metal: 'sintered metal',
	plated: 'plated, one layer of grain'
};
const hardness = (grade: string): string =>
	grade <= 'G'
		? 'very soft'
		: grade <= 'J'
			? 'soft'
			: grade <= 'M'
				? 'medium'
				: grade <= 'Q'
					? 'hard'
					: 'very hard';
const openness = (structure: number): string =>
	structure <= 4 ? 'dense' : structure <= 8 ? 'medium' : structure <= 11 ? 'open' : 'very open';

/** The pieces of a reading in the order in which they are printed, in shop words; sizes as they read in this system. */
export function markingParts(m: Marking, system: System = 'mm'): MarkingPart[] {
	const mm = (value: number): string => figure(value, 'mm', system);
	const unit = symbolOf('mm', system);
	const parts: MarkingPart[] = [];
	const add = (field: MarkingPart['field'], token: string | null | undefined, name: string, says: string) => {
		if (token) parts.push({ field, token, name, says });
	};
	add(
		'shape',
		m.shape,
		'Shape',
		m.shapeParts
			? `core ${m.shapeParts.core}, rim ${m.shapeParts.rim}, place ${m.shapeParts.position}${m.shapeParts.modification ? `, ${m.shapeParts.modification}` : ''}`
			: 'type of wheel'
	);
	add(
		'size',
		m.dimsMm.map((value) => (system === 'mm' ? String(value) : mm(value))).join('x'),
		'Size',
		m.dimensions
			? `diameter ${mm(m.dimensions.diameterMm)}, width ${mm(m.dimensions.thicknessMm)}, bore ${mm(m.dimensions.boreMm)}${m.dimensions.rimDepthMm ? `, rim depth ${mm(m.dimensions.rimDepthMm)}` : ''} ${unit}`
			: `in ${unit}`
	);
	add('maker', m.makerPrefix, 'Maker', "the maker's own sign, kept");
	add(
		'abrasive',
		m.abrasive?.letters,
		'Abrasive',
		m.abrasive?.family ? FAMILY_NAMES[m.abrasive.family] : 'letters not known'
	);
	add(
		'grit',
		m.grit?.label,
		'Grit',
		m.grit
			? `${m.grit.meanUm === null ? 'size not known' : `grain about ${system === 'mm' ? `${Number(m.grit.meanUm.toPrecision(3))} µm` : quantity(m.grit.meanUm, 'um', system)}`}${m.grit.system === 'mesh' ? ', mesh' : ''}${m.grit.secondNumber ? ', a mixture' : ''}`
			: ''
	);
	add('grade', m.grade, 'Grade', m.grade ? `${hardness(m.grade)}: how firmly a grain is held` : '');
	add(
		'structure',
		m.structure === null ? m.structureRaw : String(m.structure),
		'Structure',
		m.structure === null ? 'can be split several ways' : `${openness(m.structure)}: how far apart grains sit`
	);
	add('unknown', m.bondPrefix, 'Not placed', 'stands before the bond');
	add(
		'concentration',
		m.concentration ? `${m.concentration.notation}${m.concentration.value}` : '',
		'Concentration',
		m.concentration ? `${Number(m.concentration.volPercent.toFixed(2))} % of the rim is grain` : ''
	);
	add(
		'bond',
		m.bond?.letters,
		'Bond',
		m.bond?.family ? (BOND_WORDS[m.bond.family] ?? m.bond.family) : 'letters not known'
	);
	add('maker', m.makerSuffix, 'Maker', "the maker's own sign, kept");
	add(
		'rim',
		m.rimDepthMm === null ? '' : `X${system === 'mm' ? Number(m.rimDepthMm.toFixed(4)) : mm(m.rimDepthMm)}`,
		'Rim depth',
		`${unit} of grain left when new`
	);
	add(
		'speed',
		m.maxSpeedMps === null
			? ''
			: system === 'mm'
				? `${m.maxSpeedMps} m/s`
				: quantity(m.maxSpeedMps, 'm/s', system),
		'Speed',
		'never faster at the rim'
	);
	add('speed', m.maxSpeedRpm === null ? '' : `${m.maxSpeedRpm} rpm`, 'Speed', 'never faster on the spindle');
	for (const token of m.unknown)
		if (token !== m.bondPrefix) add('unknown', token, 'Not placed', 'kept as printed');
	return parts;
}

export const DIALECT_WORDS: Readonly<Record<string, string>> = {
	conventional: 'abrasive first, ordinary wheel',
	fepa: 'diamond or boron nitride, size in micrometres',
	'us-mesh': 'diamond or boron nitride, mesh size',
	unknown: 'no order known here'
};
