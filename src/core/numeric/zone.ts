/**
 * Days and hours of a place, by the name of its time zone. Summer time is the zone's own: no day is counted in hours from another.
 * Formatters are made once; making one costs more than a hundred uses.
 */
const made = new Map<string, Intl.DateTimeFormat>();
function formatter(zone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
	const key = `${zone} ${JSON.stringify(options)}`;
	let f = made.get(key);
	if (!f)
		made.set(key, (f = new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone, hourCycle: 'h23' })));
	return f;
}
const DATE = { year: 'numeric', month: '2-digit', day: '2-digit' } as const;

/** The day at a moment in a place, yyyy-mm-dd. @example dayIn('America/New_York', Date.UTC(2026, 0, 15, 3)) // "2026-01-14" */
export function dayIn(zone: string, ms: number): string {
	const parts = new Map(
		formatter(zone, DATE)
			.formatToParts(ms)
			.map((p) => [p.type, p.value])
	);
	return `${parts.get('year')!.padStart(4, '0')}-${parts.get('month')!}-${parts.get('day')!}`;
}

/** The hour at a moment in a place, 0 to 23. @example hourIn('Asia/Tokyo', Date.UTC(2026, 0, 15, 3)) // 12 */
export const hourIn = (zone: string, ms: number): number =>
	Number(formatter(zone, { hour: '2-digit' }).format(ms));

/** Day and time in full, as it is printed. @example timeIn('UTC', Date.UTC(2026, 0, 15, 3, 5)) // "15 Jan 2026, 03:05" */
export const timeIn = (zone: string, ms: number): string =>
	formatter(zone, {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		hour: '2-digit',
		minute: '2-digit'
	}).format(ms);

/** The time alone, and day and month, as a screen shows them. */
export const clockIn = (zone: string, ms: number): string =>
	formatter(zone, { hour: '2-digit', minute: '2-digit' }).format(ms);
export const dayMonthIn = (zone: string, ms: number): string =>
	formatter(zone, { day: 'numeric', month: 'short' }).format(ms);

/** Whether a name is that of a time zone. @example isZone('Europe/Berlin') // true */
export function isZone(name: string): boolean {
	try {
		formatter(name, DATE);
		return /^[A-Za-z][A-Za-z0-9_+\-/]*$/.test(name);
	} catch {
		return false;
	}
}
