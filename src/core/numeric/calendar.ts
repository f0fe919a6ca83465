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
