import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { choice, from0, kg, mm, over0 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { BOND_FAMILIES, isOrganic } from '../spec/families.js';

export const WHEEL_SHAPES = [
	'straight',
	'recessed',
	'cylinder',
	'cup',
	'flaring-cup',
	'dish',
	'saucer',
	'cutting-off',
	'segment',
	'mounted-point',
	'plug-cone',
	'plate-mounted',
	'inserted-nut'
] as const;
const EXEMPT: readonly string[] = ['segment', 'mounted-point', 'plug-cone', 'plate-mounted', 'inserted-nut'];

/** Whether a ring test can tell anything about this wheel, and how to hold it. */
export const ringApplicability = defineCalculation({
	id: 'inspect.ring-applicability',
	title: 'Can it be rung?',
	about:
		'Very small wheels, mounted points, segments and metal cores tell nothing when tapped; organic bonds only hum.',
	source: 'General safety practice; 102 mm is common in safety codes, 10 kg is a guideline.',
	formulas: ['hang up to the stand mass, stand on the floor above it'],
	fields: [
		choice('bond', 'What holds the grains', BOND_FAMILIES, { required: true }),
		choice('shape', 'Shape', WHEEL_SHAPES, { required: true }),
		choice('core', 'Core material', ['none', 'metal', 'polymer'], { default: 'none' }),
		mm('diameterMm', 'Diameter', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('smallDiameterMm', 'Up to here a ring tells nothing', { ...from0(300), default: 102, advanced: true }),
		kg('massKg', 'Mass', over0(2000)),
		kg('standMassKg', 'Heavier wheels stand on the floor (guideline)', {
			...over0(100),
			default: 10,
			advanced: true
		})
	],
	outputs: [
		{ name: 'applicability', about: 'yes, limited or no', main: true },
		{ name: 'expectedSound', about: 'What a sound wheel does' },
		{ name: 'method', about: 'How to hold it' },
		{ name: 'alternative', about: 'Otherwise' }
	],
	example: { bond: 'magnesia', shape: 'cylinder', diameterMm: 450, massKg: 26 },
	compute(values) {
		const metallic = ['metal', 'crushable-metal', 'hybrid', 'plated'].includes(values.bond);
		const findings = new Findings()
			.caution(
				'shape-exempt',
				EXEMPT.includes(values.shape),
				'This shape cannot be rung. Look closely and run it in guarded.'
			)
			.caution(
				'core-does-not-ring',
				values.core !== 'none' || metallic,
				'A core or metal bond hides the note. Look closely and run it in guarded.'
			)
			.caution(
				'too-small',
				values.diameterMm <= values.smallDiameterMm,
				'Too small to ring. Look closely and run it in guarded.'
			);
		if (findings.reasons.length)
			return {
				applicability: 'no',
				expectedSound: 'none',
				method: 'none',
				alternative: 'visual-and-guarded-run-in',
				...findings.judged()
			};
		const muted = isOrganic(values.bond) || values.bond === 'magnesia';
		findings.caution(
			'organic-muted',
			muted,
			'This bond hums at best; judge against a good wheel of the same kind.'
		);
		return {
			applicability: muted ? 'limited' : 'yes',
			expectedSound: muted ? 'muted' : 'clear',
			method: values.massKg !== null && values.massKg > values.standMassKg ? 'stand' : 'hang',
			alternative: 'none',
			...findings.judged()
		};
	}
});
