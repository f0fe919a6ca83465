/**
 * Day number of a yyyy-mm-dd date, for differences in whole days.
 * @example dayNumber('2026-01-01') // 20454
 */
export function dayNumber(date: string): number {
	const [y, m, d] = date.split('-').map(Number) as [number, number, number];
	const at = new Date(0);
	at.setUTCFullYear(y, m - 1, d);
	return Math.round(at.getTime() / 86_400_000);
}

/** The last day that four digits of a year can name. */
const LAST = '9999-12-31';

/** The same day so many calendar months later, clamped to the month's last day and to the last day there is a date for. */
export function addMonths(date: string, months: number): string {
	const [y, m, d] = date.split('-').map(Number) as [number, number, number];
	const first = new Date(0);
	first.setUTCFullYear(y, m - 1 + months, 1);
	if (first.getUTCFullYear() > 9999) return LAST;
	const last = new Date(0);
	last.setUTCFullYear(first.getUTCFullYear(), first.getUTCMonth() + 1, 0);
	const day = Math.min(d, last.getUTCDate());
	const pad = (n: number, w: number) => String(n).padStart(w, '0');
	return `${pad(first.getUTCFullYear(), 4)}-${pad(first.getUTCMonth() + 1, 2)}-${pad(day, 2)}`;
}

/** The date of a day number. @example dateOf(20454) // "2026-01-01" */
export function dateOf(day: number): string {
	const at = new Date(day * 86_400_000);
	return at.getUTCFullYear() > 9999 ? LAST : at.toISOString().slice(0, 10);
}

/** Days on which the shop works: 1 Monday to 7 Sunday, and single dates on which it is closed all the same. */
export interface OpenDays {
	workdays: readonly number[];
	closedDates: readonly string[];
}

/**
 * The date so many working days on, back where they are negative: a closed day is first left in that direction.
 * @example workingDaysFrom('2026-05-02', 1, { workdays: [1, 2, 3, 4, 5], closedDates: [] }) // "2026-05-05"
 */
export function workingDaysFrom(date: string, days: number, open: OpenDays): string {
	const closed = new Set(open.closedDates.map(dayNumber));
	// 1970-01-01 was a Thursday.
	const isOpen = (d: number) => open.workdays.includes(((((d + 3) % 7) + 7) % 7) + 1) && !closed.has(d);
	const step = days < 0 || Object.is(days, -0) ? -1 : 1;
	let day = dayNumber(date);
	while (!isOpen(day)) day += step;
	for (let left = Math.abs(days); left > 0; left--)
		do day += step;
		while (!isOpen(day));
	return dateOf(day);
}

/** Whole calendar months from one date to another. @example monthsBetween('2023-11-30', '2026-10-01') // 34 */
export function monthsBetween(from: string, to: string): number {
	const [y1, m1] = from.split('-').map(Number) as [number, number];
	const [y2, m2] = to.split('-').map(Number) as [number, number];
	const months = (y2 - y1) * 12 + m2 - m1;
	return addMonths(from, months) > to ? months - 1 : months;
}
