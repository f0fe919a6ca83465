import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { sieveOf, writeMarking } from './write-marking.js';

const speed = <const N extends string>(name: N, unit: 'm/s' | 'rpm', max: number) => ({ name, kind: 'number', unit, min: 0, minOpen: true, max, about: 'Marked speed' }) as const;

/** Writes a marking in standard order from its parts; the inverse of reading. */
export const formatMarking = defineCalculation({
	id: 'spec.format-marking',
	title: 'Write a marking',
	about: 'Prints a wheel\'s marking in the standard order, in FEPA sizes or in mesh names.',
	source: 'ISO 525 order for conventional wheels, FEPA and mesh orders for superabrasive ones.',
	formulas: ['shape-DxTxH letters grit grade structure bond', 'shape D-T-H D|B code grade bond C|V n Xdepth'],
	fields: [
		{ name: 'kind', kind: 'choice', choices: ['conventional', 'superabrasive'], required: true, about: 'Which order' },
		{ name: 'shape', kind: 'text', maxLength: 10, about: 'Shape number or code' },
		{ name: 'dimsMm', kind: 'list', default: [], maxItems: 8, about: 'Sizes in order', item: { name: 'size', kind: 'number', unit: 'mm', min: 0, max: 3000, required: true, about: 'One size' } },
		{ name: 'makerPrefix', kind: 'text', default: '', maxLength: 20, about: 'Kept as printed' },
		{ name: 'makerSuffix', kind: 'text', default: '', maxLength: 160, about: 'Kept as printed' },
		{ name: 'abrasive', kind: 'object', required: true, about: 'The grain', fields: [{ name: 'letters', kind: 'text', required: true, maxLength: 160, about: 'Letters as printed' }, { name: 'family', kind: 'text', about: 'What they stand for' }] },
		{
			name: 'grit', kind: 'object', required: true, about: 'The grain size', fields: [
				{ name: 'label', kind: 'text', maxLength: 160, about: 'As printed' }, { name: 'system', kind: 'choice', choices: ['F', 'FEPA', 'mesh', 'unknown'], about: 'Which series' },
				{ name: 'number', kind: 'number', required: true, min: 0, about: 'The number' }, { name: 'secondNumber', kind: 'number', min: 0, about: 'Second number of a combination or pair' }, { name: 'makerDigit', kind: 'text', maxLength: 4, about: 'Maker\'s digit' }
			]
		},
		{ name: 'grade', kind: 'text', pattern: '^[A-Z]$', patternSays: 'must be one capital letter', about: 'Grade letter' },
		{ name: 'structure', kind: 'integer', min: 0, max: 16, about: 'Structure number' },
		{ name: 'structureRaw', kind: 'text', maxLength: 160, about: 'Digits that could not be read as a structure' },
		{ name: 'bondPrefix', kind: 'text', default: '', maxLength: 160, about: 'Letters before the bond' },
		{ name: 'bond', kind: 'object', about: 'The bond', fields: [{ name: 'letters', kind: 'text', required: true, pattern: '^[A-Z]{1,2}$', patternSays: 'must be one or two capital letters', about: 'Bond letters' }, { name: 'family', kind: 'text', about: 'Bond family' }] },
		{ name: 'concentration', kind: 'object', about: 'Grain content of a superabrasive rim', fields: [{ name: 'notation', kind: 'choice', choices: ['C', 'V'], required: true, about: 'C or V' }, { name: 'value', kind: 'number', required: true, min: 0, max: 10000, about: 'The number' }] },
		{ name: 'rimDepthMm', kind: 'number', unit: 'mm', min: 0, max: 1000, about: 'Depth of the abrasive rim' },
		speed('maxSpeedMps', 'm/s', 100000), speed('maxSpeedRpm', 'rpm', 1e9),
		{ name: 'unknown', kind: 'list', default: [], maxItems: 160, about: 'Tokens kept as printed', item: { name: 'token', kind: 'text', required: true, about: 'One token' } },
		{ name: 'to', kind: 'choice', choices: ['same', 'fepa', 'us-mesh'], default: 'same', about: 'Which way to write it' }
	],
	outputs: [{ name: 'marking', about: 'The marking', main: true }],
	example: { kind: 'conventional', makerPrefix: '72', abrasive: { letters: 'A' }, grit: { number: 54 }, grade: 'K', structure: 9, bond: { letters: 'V' }, makerSuffix: 'DR' },
	compute(v) {
		if (v.kind === 'conventional' && v.to !== 'same') throw new InputFault('to', 'inconsistent', 'A conventional marking has only its own order. Leave "to" at same.');
		const system = v.grit.system ?? (v.kind === 'conventional' ? 'F' : 'FEPA');
		const label = v.grit.label ?? (v.grit.secondNumber === null ? String(v.grit.number) : `${v.grit.number}/${v.grit.secondNumber}`);
		const grit = { ...v.grit, system, label, meanUm: null };
		if (v.kind === 'superabrasive' && system !== 'unknown' && !sieveOf(grit)) throw new InputFault('grit.number', 'unknown-choice', `Grain size ${label} is not in the ${system} table. Give a tabulated size or set the system to unknown.`);
		const c = v.concentration && { ...v.concentration, volPercent: 0 };
		return { marking: writeMarking({ ...v, abrasive: v.abrasive as never, bond: v.bond as never, grit, concentration: c, dimensions: null }, v.to) };
	}
});
