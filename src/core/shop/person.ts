import { choice, text, yesNo } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';

/** What a lead enters about a person. */
export const PERSON_FIELDS = [
	text('name', 'First and last', { required: true, minLength: 2, maxLength: 60, label: 'Name' }),
	choice('role', 'What they may do', ['machinist', 'lead', 'viewer'], { required: true, label: 'Role' }),
	yesNo('active', 'May sign in', { default: true, label: 'Works here' })
] as const satisfies readonly Field[];
