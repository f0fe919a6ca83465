import {
	choice,
	from0,
	group,
	inUnit,
	list,
	mm,
	number,
	over0,
	text,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { sieveOf, writeMarking } from './write-marking.js';

const speed = <const N extends string>(name: N, unit: 'm/s' | 'rpm', max: number) =>
	inUnit(unit)(name, 'Marked speed', over0(max));

/** Writes a marking in standard order from its parts; the inverse of reading. */
export const formatMarking = defineCalculation({
	id: 'spec.format-marking',
	title: 'Write a marking',
	about: "Prints a wheel's marking in the standard order, in FEPA sizes or in mesh names.",
	source: 'ISO 525 order for conventional wheels, FEPA and mesh orders for superabrasive ones.',
	formulas: ['shape-DxTxH letters grit grade structure bond', 'shape D-T-H D|B code grade bond C|V n Xdepth'],
	fields: [
		choice('kind', 'Which order', ['conventional', 'superabrasive'], { required: true }),
		text('shape', 'Shape number or code', { maxLength: 10 }),
		list('dimsMm', 'Sizes in order', mm('size', 'One size', { ...from0(3000), required: true }), {
			default: [],
			maxItems: 8
		}),
		text('makerPrefix', 'Kept as printed', { default: '', maxLength: 20 }),
		text('makerSuffix', 'Kept as printed', { default: '', maxLength: 160 }),
		group(
			'abrasive',
			'The grain',
			[
				text('letters', 'Letters as printed', { required: true, maxLength: 160 }),
				text('family', 'What they stand for')
			],
			{ required: true }
		),
		group(
			'grit',
			'The grain size',
			[
				text('label', 'As printed', { maxLength: 160 }),
				choice('system', 'Which series', ['F', 'FEPA', 'mesh', 'um', 'unknown']),
				number('number', 'The number', { required: true, min: 0 }),
				number('secondNumber', 'Second number of a combination or pair', { min: 0 }),
				text('makerDigit', "Maker's digit", { maxLength: 4 })
			],
			{ required: true }
		),
		text('grade', 'Grade letter', { pattern: '^[A-Z]$', patternSays: 'must be one capital letter' }),
		whole('structure', 'Structure number', from0(16)),
		text('structureRaw', 'Digits that could not be read as a structure', { maxLength: 160 }),
		text('bondPrefix', 'Letters before the bond', { default: '', maxLength: 160 }),
		group('bond', 'The bond', [
			text('letters', 'Bond letters', {
				required: true,
				pattern: '^[A-Z]{1,2}$',
				patternSays: 'must be one or two capital letters'
			}),
			text('family', 'Bond family')
		]),
		group('concentration', 'Grain content of a superabrasive rim', [
			choice('notation', 'C or V', ['C', 'V'], { required: true }),
			number('value', 'The number', { ...from0(10000), required: true })
		]),
		mm('rimDepthMm', 'Depth of the abrasive rim', from0(1000)),
		speed('maxSpeedMps', 'm/s', 100000),
		speed('maxSpeedRpm', 'rpm', 1e9),
		list('unknown', 'Tokens kept as printed', text('token', 'One token', { required: true }), {
			default: [],
			maxItems: 160
		}),
		choice('to', 'Which way to write it', ['same', 'fepa', 'us-mesh'], { default: 'same' })
	],
	outputs: [{ name: 'marking', about: 'The marking', main: true }],
	example: {
		kind: 'conventional',
		makerPrefix: '72',
		abrasive: { letters: 'A' },
		grit: { number: 54 },
		grade: 'K',
		structure: 9,
		bond: { letters: 'V' },
		makerSuffix: 'DR'
	},
	compute(values) {
		if (values.kind === 'conventional' && values.to !== 'same')
			throw new InputFault(
				'to',
				'inconsistent',
				'A conventional marking has only its own order. Leave "to" at same.'
			);
		const system = values.grit.system ?? (values.kind === 'conventional' ? 'F' : 'FEPA');
		const label =
			values.grit.label ??
			(values.grit.secondNumber === null
				? String(values.grit.number)
				: `${values.grit.number}/${values.grit.secondNumber}`);
		const grit = { ...values.grit, system, label, meanUm: null };
		if (values.kind === 'superabrasive' && system !== 'unknown' && system !== 'um' && !sieveOf(grit))
			throw new InputFault(
				'grit.number',
				'unknown-choice',
				`Grain size ${label} is not in the ${system} table. Give a tabulated size or set the system to unknown.`
			);
		const c = values.concentration && { ...values.concentration, volPercent: 0 };
		return {
			marking: writeMarking(
				{
					...values,
					abrasive: values.abrasive,
					bond: values.bond,
					grit,
					concentration: c,
					dimensions: null
				},
				values.to
			)
		};
	}
});
