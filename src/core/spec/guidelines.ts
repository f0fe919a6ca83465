import {
	between,
	choice,
	from0,
	group,
	list,
	mm,
	number,
	over0,
	text,
	whole
} from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import type { Field } from '../calculation/fields.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { PARTS, WEIGHTS } from './rank-score.js';
import { MATERIALS, MATERIAL_NAMES, OPERATIONS, OPERATION_DEFAULTS } from './recommend-tables.js';

/** Guideline tables as data: a shop edits them, a record carries the version it used, an empty place means the shipped figure. */
const MATERIAL_ROW = group(
	'row',
	'One material',
	[
		choice('material', 'Work material', MATERIAL_NAMES, { required: true }),
		choice('family', 'First choice of grain', ABRASIVE_FAMILIES, { required: true, label: 'Grain' }),
		text('grades', 'Base grades in the order of the operations', {
			required: true,
			pattern: '^[D-S]{8}$',
			patternSays: 'must be eight letters from D to S, one an operation',
			maxLength: 8
		}),
		whole('open', 'Added to the structure', { ...between(-3, 3), required: true, label: 'Structure' }),
		whole('gritStep', 'Steps along the stocked sizes', {
			...between(-3, 3),
			required: true,
			label: 'Grit step'
		}),
		list('others', 'That serve too', choice('family', 'Grain', ABRASIVE_FAMILIES, { required: true }), {
			default: [] as string[],
			maxItems: 6,
			label: 'Other grains'
		})
	],
	{ required: true }
);
const OPERATION_ROW = group(
	'row',
	'One operation',
	[
		choice('operation', 'How it is ground', OPERATIONS, { required: true }),
		whole('grit', 'Without a finish asked', { ...between(4, 2000), required: true, label: 'Usual grit' }),
		whole('coarsest', 'Coarsest grit', { ...between(4, 2000), required: true }),
		whole('finest', 'Finest grit', { ...between(4, 2000), required: true }),
		whole('structure', 'Usual structure', { ...between(1, 16), required: true }),
		mm('contactMm', 'Usual arc of contact', { ...over0(1000), label: 'Reference arc' })
	],
	{ required: true }
);

export const TABLE_FIELDS = [
	whole('version', "Of the shop's tables; 0 is as shipped", { ...from0(1000000), default: 0 }),
	list('materials', 'Rows that differ from the shipped ones', MATERIAL_ROW, {
		default: [],
		maxItems: 40
	}),
	list('operations', 'Rows that differ from the shipped ones', OPERATION_ROW, {
		default: [],
		maxItems: 20
	})
] as const satisfies readonly Field[];
export const WEIGHT_FIELDS = PARTS.map((p) =>
	number(p, `How much ${p} counts`, { ...from0(1), default: WEIGHTS[p] })
);

export type Tables = Values<typeof TABLE_FIELDS>;
export type MaterialRow = Tables['materials'][number];
export type OperationRow = Tables['operations'][number];

/** The tables as shipped, row by row. */
export const SHIPPED: {
	materials: MaterialRow[];
	operations: OperationRow[];
	weights: Record<string, number>;
} = {
	materials: MATERIAL_NAMES.filter((m) => MATERIALS[m]!.grades !== '').map((m) => {
		const r = MATERIALS[m]!;
		return {
			material: m,
			family: r.family as MaterialRow['family'],
			grades: r.grades,
			open: r.open,
			gritStep: r.gritStep,
			others: r.others as MaterialRow['others']
		};
	}),
	operations: OPERATIONS.map((o) => ({ operation: o, ...OPERATION_DEFAULTS[o] })),
	weights: { ...WEIGHTS }
};

/** The row that counts: the shop's where it has one. */
export function materialRow(tables: Tables | null, material: string): Omit<MaterialRow, 'material'> {
	const own = tables?.materials.find((r) => r.material === material);
	const shipped = MATERIALS[material]!;
	return (
		own ?? {
			...shipped,
			family: shipped.family as MaterialRow['family'],
			others: shipped.others as MaterialRow['others']
		}
	);
}
/** The row of the shop's table for a kind of grinding, or the shipped one. */
export function operationRow(
	tables: Tables | null,
	operation: (typeof OPERATIONS)[number]
): Omit<OperationRow, 'operation'> {
	return tables?.operations.find((r) => r.operation === operation) ?? OPERATION_DEFAULTS[operation];
}
