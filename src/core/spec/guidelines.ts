import type { Values } from '../calculation/fields.js';
import type { Field, ObjectField } from '../calculation/fields.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { PARTS, WEIGHTS } from './rank-score.js';
import { MATERIALS, MATERIAL_NAMES, OPERATIONS, OPERATION_DEFAULTS } from './recommend-tables.js';

/** Guideline tables as data: a shop edits them, a record carries the version it used, an empty place means the shipped figure. */
const MATERIAL_ROW = {
	name: 'row', kind: 'object', required: true, about: 'One material', fields: [
		{ name: 'material', kind: 'choice', choices: MATERIAL_NAMES, required: true, about: 'Work material' }, { name: 'family', kind: 'choice', choices: ABRASIVE_FAMILIES, required: true, label: 'Grain', about: 'First choice of grain' },
		{ name: 'grades', kind: 'text', required: true, pattern: '^[D-S]{8}$', patternSays: 'must be eight letters from D to S, one an operation', maxLength: 8, about: 'Base grades in the order of the operations' },
		{ name: 'open', kind: 'integer', min: -3, max: 3, required: true, label: 'Structure', about: 'Added to the structure' }, { name: 'gritStep', kind: 'integer', min: -3, max: 3, required: true, label: 'Grit step', about: 'Steps along the stocked sizes' },
		{ name: 'others', kind: 'list', default: [] as string[], maxItems: 6, label: 'Other grains', about: 'That serve too', item: { name: 'family', kind: 'choice', choices: ABRASIVE_FAMILIES, required: true, about: 'Grain' } }
	]
} as const satisfies ObjectField;
const OPERATION_ROW = {
	name: 'row', kind: 'object', required: true, about: 'One operation', fields: [
		{ name: 'operation', kind: 'choice', choices: OPERATIONS, required: true, about: 'How it is ground' }, { name: 'grit', kind: 'integer', min: 4, max: 2000, required: true, label: 'Usual grit', about: 'Without a finish asked' },
		{ name: 'coarsest', kind: 'integer', min: 4, max: 2000, required: true, about: 'Coarsest grit' }, { name: 'finest', kind: 'integer', min: 4, max: 2000, required: true, about: 'Finest grit' },
		{ name: 'structure', kind: 'integer', min: 1, max: 16, required: true, about: 'Usual structure' }, { name: 'contactMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 1000, label: 'Reference arc', about: 'Usual arc of contact' }
	]
} as const satisfies ObjectField;

export const TABLE_FIELDS = [
	{ name: 'version', kind: 'integer', min: 0, max: 1000000, default: 0, about: 'Of the shop\'s tables; 0 is as shipped' },
	{ name: 'materials', kind: 'list', default: [] as never[], maxItems: 40, about: 'Rows that differ from the shipped ones', item: MATERIAL_ROW },
	{ name: 'operations', kind: 'list', default: [] as never[], maxItems: 20, about: 'Rows that differ from the shipped ones', item: OPERATION_ROW }
] as const satisfies readonly Field[];
export const WEIGHT_FIELDS = PARTS.map((p) => ({ name: p, kind: 'number', min: 0, max: 1, default: WEIGHTS[p], about: `How much ${p} counts` }) as const);

export type Tables = Values<typeof TABLE_FIELDS>;
export type MaterialRow = Tables['materials'][number];
export type OperationRow = Tables['operations'][number];

/** The tables as shipped, row by row. */
export const SHIPPED: { materials: MaterialRow[]; operations: OperationRow[]; weights: Record<string, number> } = {
	materials: MATERIAL_NAMES.filter((m) => MATERIALS[m]!.grades !== '').map((m) => { const r = MATERIALS[m]!; return { material: m, family: r.family as MaterialRow['family'], grades: r.grades, open: r.open, gritStep: r.gritStep, others: r.others as MaterialRow['others'] }; }),
	operations: OPERATIONS.map((o) => ({ operation: o, ...OPERATION_DEFAULTS[o] })),
	weights: { ...WEIGHTS }
};

/** The row that counts: the shop's where it has one. */
export function materialRow(tables: Tables | null, material: string): Omit<MaterialRow, 'material'> {
	const own = tables?.materials.find((r) => r.material === material);
	const shipped = MATERIALS[material]!;
	return own ?? { ...shipped, family: shipped.family as MaterialRow['family'], others: shipped.others as MaterialRow['others'] };
}
export function operationRow(tables: Tables | null, operation: (typeof OPERATIONS)[number]): Omit<OperationRow, 'operation'> {
	return tables?.operations.find((r) => r.operation === operation) ?? OPERATION_DEFAULTS[operation];
}
