import {
	between,
	choice,
	from0,
	group,
	list,
	mm as mmField,
	mps,
	over0,
	rpm,
	text,
	um as umField,
	whole
} from '../calculation/field/index.js';
import type { NumberField, Values } from '../calculation/fields.js';

type Options = Partial<Omit<NumberField, 'name' | 'kind' | 'about'>>;
const mm = <const N extends string, const M extends Options>(name: N, max: number, about: string, more: M) =>
	mmField(name, about, { ...more, ...over0(max) });
const um = <const N extends string, const M extends Options>(name: N, about: string, more: M) =>
	umField(name, about, { ...more, ...from0(5000) });
const radius = <const N extends string>(name: N, about: string) => mmField(name, about, from0(500));

/** What the presetter and the dial said of one wheel, and which state of it was confirmed. */
const MEASURED = group('measured', 'At the presetter', [
	mmField('rimBackMm', 'From the shoulder', { ...between(-500, 2000), required: true, label: 'Rim back' }),
	mmField('rimFrontMm', 'From the shoulder', { ...between(-500, 2000), required: true, label: 'Rim front' }),
	mm('diameterMm', 1000, 'Across', { required: true }),
	um('radialRunoutUm', 'Rim', { required: true, label: 'Run-out of the rim' }),
	um('axialRunoutUm', 'Face', { required: true, label: 'Run-out of the face' }),
	whole('revision', 'Raised by every change', { min: 0, required: true }),
	whole('confirmedRevision', 'The revision somebody stood for', { min: 0, label: 'Confirmed' }),
	radius('cornerRadiusBackMm', 'Measured'),
	radius('cornerRadiusFrontMm', 'Measured')
]);

/** One part of the stack, from the shoulder outward. */
export const PACK_ITEM = group(
	'item',
	'One part',
	[
		choice('kind', 'What it is', ['wheel', 'spacer', 'washer'], { required: true }),
		mm('thicknessMm', 500, 'Hub, along the arbor', { required: true }),
		mm('boreMm', 500, 'Measured', { required: true }),
		text('name', 'Of a wheel', { maxLength: 40 }),
		mm('diameterMm', 1000, 'Of a wheel', {}),
		mm('newDiameterMm', 1000, 'Of a wheel; the diameter when empty', { label: 'Diameter when new' }),
		rpm('maxSpeedRpm', 'Of a wheel', { ...over0(300000), label: 'Marked rpm' }),
		mps('maxSpeedMps', 'Of a wheel', { ...over0(500), label: 'Marked speed' }),
		mmField('rimBackOffsetMm', 'Rim back minus hub back; negative for a cup facing the shoulder', {
			...between(-500, 500),
			default: 0,
			label: 'Rim behind the hub'
		}),
		mm('rimWidthMm', 500, 'As thick as the hub when empty', {}),
		radius('cornerRadiusBackMm', 'Nominal'),
		radius('cornerRadiusFrontMm', 'Nominal'),
		MEASURED
	],
	{ required: true }
);

export const ARBOR = group(
	'arbor',
	'What the stack goes on',
	[
		mm('seatDiameterMm', 500, 'Measured', { required: true }),
		mm('seatLengthMm', 1000, 'Shoulder to the end of the seat', { required: true }),
		mm('threadStartMm', 1000, 'From the shoulder; the seat length when empty', {}),
		mm('threadEndMm', 1500, 'From the shoulder', { required: true }),
		mm('nutThicknessMm', 200, 'Along the arbor', { required: true }),
		mm('minEngagementMm', 200, '0.8 of the nut when empty (guideline)', { advanced: true }),
		rpm('maxSpeedRpm', 'Of the arbor', { ...over0(300000), required: true })
	],
	{ required: true }
);

export const PACK_FIELDS = [
	ARBOR,
	choice('stage', 'How far it is', ['plan', 'assembled', 'release'], { default: 'plan' }),
	rpm('requestedRpm', 'What it is to run at', { ...over0(300000), label: 'Wanted speed' }),
	mm('maxDiameterMm', 3000, 'Of the machine', { label: 'Largest wheel under the guard' }),
	mm('maxWidthMm', 2000, 'Of the machine', { label: 'Widest wheel' }),
	mm('positionToleranceMm', 10, 'Rim against nominal', {
		guideline: true,
		label: 'Rim off by',
		default: 0.05,
		advanced: true
	}),
	mm('cornerToleranceMm', 10, 'Corner against nominal', {
		guideline: true,
		label: 'Corner off by',
		default: 0.03,
		advanced: true
	}),
	umField('runoutAimUm', 'Aim', {
		...over0(1000),
		guideline: true,
		label: 'Run-out, aim',
		default: 10,
		advanced: true
	}),
	umField('runoutLimitUm', 'Limit', {
		...over0(1000),
		guideline: true,
		label: 'Run-out, limit',
		default: 50,
		advanced: true
	}),
	list('items', 'In order', PACK_ITEM, { required: true, maxItems: 40, label: 'Stack from the shoulder' })
] as const;
type PackInput = Values<typeof PACK_FIELDS>;
export type PackItem = PackInput['items'][number];
