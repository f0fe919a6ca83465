import type { NumberField, ObjectField, Values } from '../calculation/fields.js';

type Options = Partial<Omit<NumberField, 'name' | 'kind' | 'about'>>;
const mm = <const N extends string, const M extends Options>(name: N, max: number, about: string, more: M) => ({ name, kind: 'number', unit: 'mm', min: 0, minOpen: true, max, about, ...more }) as const;
const um = <const N extends string, const M extends Options>(name: N, about: string, more: M) => ({ name, kind: 'number', unit: 'um', min: 0, max: 5000, about, ...more }) as const;
const radius = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'mm', min: 0, max: 500, about }) as const;

/** What the presetter and the dial said of one wheel, and which state of it was confirmed. */
export const MEASURED = {
	name: 'measured', kind: 'object', about: 'At the presetter', fields: [
		{ name: 'rimBackMm', kind: 'number', unit: 'mm', min: -500, max: 2000, required: true, label: 'Rim back', about: 'From the shoulder' }, { name: 'rimFrontMm', kind: 'number', unit: 'mm', min: -500, max: 2000, required: true, label: 'Rim front', about: 'From the shoulder' }, mm('diameterMm', 1000, 'Across', { required: true }),
		um('radialRunoutUm', 'Rim', { required: true, label: 'Run-out of the rim' }), um('axialRunoutUm', 'Face', { required: true, label: 'Run-out of the face' }), { name: 'revision', kind: 'integer', min: 0, required: true, about: 'Raised by every change' }, { name: 'confirmedRevision', kind: 'integer', min: 0, label: 'Confirmed', about: 'The revision somebody stood for' },
		radius('cornerRadiusBackMm', 'Measured'), radius('cornerRadiusFrontMm', 'Measured')
	]
} as const satisfies ObjectField;

/** One part of the stack, from the shoulder outward. */
export const PACK_ITEM = {
	name: 'item', kind: 'object', required: true, about: 'One part', fields: [
		{ name: 'kind', kind: 'choice', choices: ['wheel', 'spacer', 'washer'], required: true, about: 'What it is' }, mm('thicknessMm', 500, 'Hub, along the arbor', { required: true }), mm('boreMm', 500, 'Measured', { required: true }), { name: 'name', kind: 'text', maxLength: 40, about: 'Of a wheel' },
		mm('diameterMm', 1000, 'Of a wheel', {}), { name: 'maxSpeedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, label: 'Marked rpm', about: 'Of a wheel' }, { name: 'maxSpeedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 500, label: 'Marked speed', about: 'Of a wheel' },
		{ name: 'rimBackOffsetMm', kind: 'number', unit: 'mm', min: -500, max: 500, default: 0, label: 'Rim behind the hub', about: 'Rim back minus hub back; negative for a cup facing the shoulder' }, mm('rimWidthMm', 500, 'As thick as the hub when empty', {}), radius('cornerRadiusBackMm', 'Nominal'), radius('cornerRadiusFrontMm', 'Nominal'), MEASURED
	]
} as const satisfies ObjectField;

export const ARBOR = {
	name: 'arbor', kind: 'object', required: true, about: 'What the stack goes on', fields: [
		mm('seatDiameterMm', 500, 'Measured', { required: true }), mm('seatLengthMm', 1000, 'Shoulder to the end of the seat', { required: true }), mm('threadStartMm', 1000, 'From the shoulder; the seat length when empty', {}), mm('threadEndMm', 1500, 'From the shoulder', { required: true }), mm('nutThicknessMm', 200, 'Along the arbor', { required: true }),
		mm('minEngagementMm', 200, '0.8 of the nut when empty (guideline)', { advanced: true }), { name: 'maxSpeedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, required: true, about: 'Of the arbor' }
	]
} as const satisfies ObjectField;

export const PACK_FIELDS = [
	ARBOR, { name: 'stage', kind: 'choice', choices: ['plan', 'assembled', 'release'], default: 'plan', about: 'How far it is' }, { name: 'requestedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, label: 'Wanted speed', about: 'What it is to run at' },
	mm('positionToleranceMm', 10, 'Rim against nominal', { guideline: true, label: 'Rim off by', default: 0.05, advanced: true }), mm('cornerToleranceMm', 10, 'Corner against nominal', { guideline: true, label: 'Corner off by', default: 0.03, advanced: true }),
	{ name: 'runoutAimUm', kind: 'number', guideline: true, label: 'Run-out, aim', unit: 'um', min: 0, minOpen: true, max: 1000, default: 10, advanced: true, about: 'Aim' }, { name: 'runoutLimitUm', kind: 'number', guideline: true, label: 'Run-out, limit', unit: 'um', min: 0, minOpen: true, max: 1000, default: 50, advanced: true, about: 'Limit' },
	{ name: 'items', kind: 'list', required: true, maxItems: 40, label: 'Stack from the shoulder', about: 'In order', item: PACK_ITEM }
] as const;
export type PackInput = Values<typeof PACK_FIELDS>;
export type PackItem = PackInput['items'][number];
