import { between, choice, from0, number, over0, um, whole } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { CODE } from './fields.js';
import { TIP_RADIUS_UM } from './ranges.js';

/** What the shop keeps of a dresser. */
export const DRESSER_FIELDS = [
	CODE,
	choice(
		'kind',
		'What touches the wheel',
		['single-point', 'cluster', 'blade', 'rotary', 'form', 'stick', 'star'],
		{ required: true, label: 'Kind' }
	),
	um('tipRadiusUm', 'Under the glass', { ...TIP_RADIUS_UM, label: 'Tip radius' }),
	um('flatWidthUm', 'Under the glass', { ...from0(20000), default: 0, label: 'Worn flat' }),
	number('carat', 'Of the stone', { ...over0(10), label: 'Carat' }),
	whole('dressesSinceTurn', 'Counted by the records', {
		...from0(100000),
		default: 0,
		label: 'Dresses since turned'
	}),
	whole('turnEvery', 'Dresses', { ...between(1, 10000), default: 10, label: 'Turn after' })
] as const satisfies readonly Field[];
