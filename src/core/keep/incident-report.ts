import type { Field } from '../calculation/fields.js';
import { INCIDENT_EVENTS } from './incident-plan.js';

/** What is asked first when something is wrong: short, because hands are needed elsewhere. */
export const REPORT_FIELDS = [
	{ name: 'event', kind: 'choice', choices: INCIDENT_EVENTS, required: true, label: 'What happened', about: 'The nearest of these' },
	{ name: 'injury', kind: 'boolean', required: true, label: 'Somebody is hurt', about: 'Even lightly' }, { name: 'madeSafe', kind: 'boolean', required: true, label: 'Made safe', about: 'Stopped, isolated, locked' },
	{ name: 'seen', kind: 'text', required: true, minLength: 3, maxLength: 500, label: 'What you saw', about: 'In a sentence' }
] as const satisfies readonly Field[];
