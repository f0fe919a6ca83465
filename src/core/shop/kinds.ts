import { list, mm, over0, text } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { CODE } from './fields.js';
import { DRESSER_FIELDS, dresserFields } from './dresser.js';
import { INSTRUMENT_FIELDS } from './instrument.js';
import { MACHINE_FIELDS } from './machine.js';
import { MOUNT_FIELDS } from './mount.js';
import { PERSON_FIELDS } from './person.js';

/** Block sets: their blocks as one list of sizes. */
const BLOCK_SET_FIELDS = [
	CODE,
	text('grade', 'From its box', { required: true, maxLength: 20, label: 'Grade' }),
	list('blocksMm', 'Sizes in the box', mm('blockMm', 'One block', { ...over0(1000), required: true }), {
		required: true,
		minItems: 1,
		maxItems: 200,
		label: 'Blocks'
	})
] as const satisfies readonly Field[];

export interface ShopKind {
	id: string;
	one: string;
	many: string;
	fields: readonly Field[];
	key: string;
	/** Which of them are asked for, where that depends on what was entered. */
	asked?(values: Readonly<Record<string, unknown>>): readonly Field[];
}
/** The things a lead keeps under Shop. */
export const SHOP_KINDS: readonly ShopKind[] = [
	{ id: 'machines', one: 'machine', many: 'Machines', fields: MACHINE_FIELDS, key: 'code' },
	{ id: 'mounts', one: 'mount', many: 'Mounts', fields: MOUNT_FIELDS, key: 'code' },
	{
		id: 'dressers',
		one: 'dresser',
		many: 'Dressers',
		fields: DRESSER_FIELDS,
		key: 'code',
		asked: (v) => dresserFields(v.kind)
	},
	{ id: 'instruments', one: 'instrument', many: 'Instruments', fields: INSTRUMENT_FIELDS, key: 'code' },
	{ id: 'blocks', one: 'block set', many: 'Gauge-block sets', fields: BLOCK_SET_FIELDS, key: 'code' },
	{ id: 'people', one: 'person', many: 'People', fields: PERSON_FIELDS, key: 'name' }
];
