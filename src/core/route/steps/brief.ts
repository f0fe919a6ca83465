import { recommend } from '../../spec/recommend.js';
import type { Field, Values } from '../../calculation/fields.js';
import { MATERIAL_NAMES, OPERATIONS } from '../../spec/recommend-tables.js';
import { compute, defineStep } from './step.js';

/** What a new setup asks. */
export const BRIEF_FIELDS = [
	{ name: 'part', kind: 'text', required: true, minLength: 2, maxLength: 80, label: 'Part', about: 'What is to be ground' },
	{ name: 'quantity', kind: 'integer', min: 1, max: 1000000, required: true, label: 'How many', about: 'Pieces' },
	{ name: 'material', kind: 'choice', choices: MATERIAL_NAMES, required: true, about: 'What it is made of' },
	{ name: 'hardnessHrc', kind: 'number', unit: 'HRC', min: 0, max: 72, label: 'Hardness', about: 'Leave empty when soft' },
	{ name: 'operation', kind: 'choice', choices: OPERATIONS, required: true, about: 'How it is ground' },
	{ name: 'targetRaUm', kind: 'number', unit: 'um', min: 0.012, max: 25, required: true, label: 'Finish wanted, Ra', about: 'From the drawing' },
	{ name: 'minWidthMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 1000, label: 'Least wheel width', about: 'If it matters' },
	{ name: 'burnProne', kind: 'boolean', default: false, label: 'Burns easily', about: 'Thin or heat-sensitive' },
	{ name: 'machineId', kind: 'integer', min: 1, max: 4294967295, required: true, label: 'Machine', about: 'Where it runs' },
	{ name: 'units', kind: 'choice', choices: ['mm', 'inch'], default: 'mm', about: 'How numbers are shown in this setup' }
] as const satisfies readonly Field[];

export type Brief = Values<typeof BRIEF_FIELDS>;

/** The wheel this job asks for. */
export const briefStep = defineStep({
	station: 'brief', step: 'brief', title: 'The job', fields: [],
	compute: (facts) => [compute(recommend, {
		material: facts.material, operation: facts.operation, targetRaUm: facts.targetRaUm, hardnessHrc: facts.hardnessHrc, burnProne: facts.burnProne, coolant: facts.machine.wet,
		wheelSpeedMps: Math.min(500, (Math.PI * facts.machine.maxDiameterMm * facts.machine.spindleRpm) / 60000)
	})]
});
