/** Paths of every number in a value that is none: NaN or without end. JSON would turn them into null and hide them. */
export function notFinite(value: unknown, path = ''): string[] {
	if (typeof value === 'number') return Number.isFinite(value) ? [] : [path || 'value'];
	if (typeof value !== 'object' || value === null) return [];
	return Object.entries(value).flatMap(([key, entry]) => notFinite(entry, path ? `${path}.${key}` : key));
}
