const ODD_COLUMNS: Readonly<Record<string, string>> = { inertiaKgM2: 'inertia_kgm2', pin: 'pin_hash' };
/** The column that keeps a field: its name with underscores, the unit at its end. */
export const columnOf = (name: string): string =>
	ODD_COLUMNS[name] ?? name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);
