import type { Field } from '../calculation/fields.js';

/** What a lead enters about a person. */
export const PERSON_FIELDS = [
	{ name: 'name', kind: 'text', required: true, minLength: 2, maxLength: 60, label: 'Name', about: 'First and last' }, { name: 'role', kind: 'choice', choices: ['machinist', 'lead', 'viewer'], required: true, label: 'Role', about: 'What they may do' },
	{ name: 'pin', kind: 'text', pattern: '^\\d{4,12}$', patternSays: 'is not 4 to 12 digits', maxLength: 12, label: 'New PIN', about: '4 to 12 digits' }, { name: 'active', kind: 'boolean', default: true, label: 'Works here', about: 'May sign in' }
] as const satisfies readonly Field[];
