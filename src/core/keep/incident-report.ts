import { choice, text, yesNo } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { INCIDENT_EVENTS } from './incident-fields.js';

/** What is asked first when something is wrong: short, because hands are needed elsewhere. */
export const REPORT_FIELDS = [
	choice('event', 'The nearest of these', INCIDENT_EVENTS, { required: true, label: 'What happened' }),
	yesNo('injury', 'Even lightly', { required: true, label: 'Somebody is hurt' }),
	yesNo('madeSafe', 'Stopped, isolated, locked', { required: true, label: 'Made safe' }),
	text('seen', 'In a sentence', { required: true, minLength: 3, maxLength: 500, label: 'What you saw' })
] as const satisfies readonly Field[];
