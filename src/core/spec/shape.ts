import { choice, mm, over0 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import {
	LETTER_NAMES,
	SHAPE_LETTERS,
	SHAPE_NUMBERS,
	SHAPE_TYPES,
	type ShapeField,
	type ShapeLetter
} from './shape-tables.js';

/** The first letter's size must stay below the second's. */
const BELOW: readonly (readonly [ShapeLetter, ShapeLetter])[] = [
	['H', 'D'],
	['P', 'D'],
	['H', 'P'],
	['J', 'D'],
	['K', 'J'],
	['E', 'T'],
	['F', 'T'],
	['U', 'T']
];
const size = <const L extends ShapeLetter>(letter: L) =>
	mm(SHAPE_LETTERS[letter], 'If the shape has it', {
		...over0(3000),
		label: `${LETTER_NAMES[letter]} ${letter}`
	});

/** Cylinder and cups: what is built to grind is the wall. */
const WALL_TYPES = ['2', '6', '11'];
type Sizes = Record<ShapeField, number | null>;

/** What is left between the recesses, or behind the cup. */
function web(type: string, s: Sizes): number | null {
	const { thicknessMm: T, recessDepthMm: F, secondRecessDepthMm: G } = s;
	if (type === '5') return T === null || F === null ? null : T - F;
	if (type === '7') return T === null || F === null || G === null ? null : T - F - G;
	if (['6', '11', '12'].includes(type)) return s.backThicknessMm;
	return type === '1' || type === '41' ? T : null;
}

/** Does a shape with these sizes exist, and which of its faces is built for grinding? */
export const shape = defineCalculation({
	id: 'spec.shape',
	worse: {
		diameterMm: 'down',
		thicknessMm: 'down',
		boreMm: 'up',
		recessDiameterMm: 'none',
		recessDepthMm: 'up'
	},
	title: 'Shape and sizes',
	about:
		'What a wheel of this type is called, which sizes it needs, whether they can be, and on which faces it may grind.',
	source:
		'ISO 603 type numbers and letters as commonly tabulated; check the current edition before printing drawings.',
	formulas: ['web of type 5 = T - F, of type 7 = T - F - G', '2 W < D'],
	fields: [
		choice('type', 'ISO 603 number', SHAPE_NUMBERS, { numeric: true, required: true, label: 'Type' }),
		size('D'),
		size('T'),
		size('H'),
		size('W'),
		size('P'),
		size('F'),
		size('G'),
		size('E'),
		size('J'),
		size('K'),
		size('U'),
		choice('useFace', 'Rim or side', ['periphery', 'side'], { label: 'Ground with' })
	],
	outputs: [
		{ name: 'name', about: 'Called', main: true },
		{ name: 'required', about: 'Sizes it needs' },
		{ name: 'missing', about: 'Still missing' },
		{ name: 'conflicts', about: 'Cannot be' },
		{ name: 'webThicknessMm', unit: 'mm', about: 'Web' },
		{ name: 'grindingFaces', about: 'Built to grind with' }
	],
	example: {
		type: 5,
		diameterMm: 300,
		thicknessMm: 40,
		boreMm: 76.2,
		recessDiameterMm: 150,
		recessDepthMm: 13,
		useFace: 'periphery'
	},
	compute(values) {
		const type = SHAPE_TYPES[values.type]!;
		const sizes: Sizes = values;
		const has = (l: ShapeLetter) => type.letters.includes(l) && sizes[SHAPE_LETTERS[l]] !== null;
		const at = (l: ShapeLetter) => sizes[SHAPE_LETTERS[l]]!;
		const required = type.letters.map((letter) => SHAPE_LETTERS[letter]);
		const missing = required.filter((f) => sizes[f] === null);
		const conflicts: ShapeField[] = [];
		const conflict = (field: ShapeField, when: boolean) => {
			if (when && !conflicts.includes(field)) conflicts.push(field);
		};
		for (const [small, large] of BELOW)
			conflict(SHAPE_LETTERS[small], has(small) && has(large) && at(small) >= at(large) * (1 - 1e-9));
		conflict('rimWidthMm', has('W') && has('D') && 2 * at('W') >= at('D') * (1 - 1e-9));
		const webThicknessMm = web(values.type, sizes);
		conflict(
			'recessDepthMm',
			(values.type === '5' || values.type === '7') && webThicknessMm !== null && webThicknessMm <= 1e-9
		);
		const thin =
			(values.type === '5' || values.type === '7') &&
			webThicknessMm !== null &&
			webThicknessMm < (values.thicknessMm! / 2) * (1 - 1e-9);
		const wrongFace = values.useFace !== null && !type.faces.includes(values.useFace);
		const findings = new Findings()
			.stop('impossible-dimensions', conflicts.length > 0, `These sizes cannot be: ${conflicts.join(', ')}.`)
			.caution(
				'web-thin',
				conflicts.length === 0 && thin,
				'Less than half of the thickness is left between the recesses.'
			)
			.caution('dimension-missing', missing.length > 0, `Still missing: ${missing.join(', ')}.`);
		if (wrongFace && WALL_TYPES.includes(values.type))
			findings.stop(
				'wrong-face',
				true,
				'This wheel grinds on its wall only. On its rim it breaks; take a wheel made for it.'
			);
		else if (values.type === '41')
			findings.stop(
				'face-not-meant-for-grinding',
				wrongFace,
				'A cutting-off wheel takes no load on its side. It breaks.'
			);
		else
			findings.caution(
				'face-not-meant-for-grinding',
				wrongFace,
				'This wheel is not built to grind with that face.'
			);
		return {
			name: type.name,
			required,
			missing,
			conflicts,
			webThicknessMm,
			grindingFaces: [...type.faces],
			...findings.judged()
		};
	}
});
