import type { Field } from '../calculation/fields.js';
import { CODE } from './fields.js';

/** What the shop keeps of a dresser. */
export const DRESSER_FIELDS = [
	CODE, { name: 'kind', kind: 'choice', choices: ['single-point', 'cluster', 'blade', 'rotary', 'form', 'stick', 'star'], required: true, label: 'Kind', about: 'What touches the wheel' },
	{ name: 'tipRadiusUm', kind: 'number', unit: 'um', min: 0, minOpen: true, max: 20000, label: 'Tip radius', about: 'Under the glass' }, { name: 'flatWidthUm', kind: 'number', unit: 'um', min: 0, max: 20000, default: 0, label: 'Worn flat', about: 'Under the glass' },
	{ name: 'carat', kind: 'number', min: 0, minOpen: true, max: 10, label: 'Carat', about: 'Of the stone' }, { name: 'dressesSinceTurn', kind: 'integer', min: 0, max: 100000, default: 0, label: 'Dresses since turned', about: 'Counted by the records' }, { name: 'turnEvery', kind: 'integer', min: 1, max: 10000, default: 10, label: 'Turn after', about: 'Dresses' }
] as const satisfies readonly Field[];
