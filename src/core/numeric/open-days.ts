import { between, date, list, whole } from '../calculation/field/index.js';

/** On which days the shop works: the same two fields wherever dates are counted. */
export const OPEN_DAYS = [
	list('workdays', '1 Monday to 7 Sunday', whole('day', 'Weekday', { ...between(1, 7), required: true }), {
		default: [1, 2, 3, 4, 5],
		minItems: 1,
		maxItems: 7,
		label: 'Working days',
		advanced: true
	}),
	list('closedDates', 'Holidays and works closed', date('date', 'Closed', { required: true }), {
		default: [] as string[],
		maxItems: 400,
		label: 'Closed on',
		advanced: true
	})
] as const;
