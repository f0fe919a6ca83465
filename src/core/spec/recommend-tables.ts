/** Guideline tables behind `spec.recommend`: base grade per material and operation, and what an operation usually takes. */
export const OPERATIONS = [
	'surface',
	'cylindrical',
	'internal',
	'tool-cutter',
	'creep-feed',
	'off-hand',
	'tool-post',
	'face-segment'
] as const;
export type Operation = (typeof OPERATIONS)[number];

interface MaterialRow {
	family: string;
	grades: string;
	open: number;
	gritStep: number;
	others: string[];
}
const row = (
	family: string,
	grades: string,
	open: number,
	gritStep: number,
	...others: string[]
): MaterialRow => ({ family, grades, open, gritStep, others });

/** Grades are one letter an operation, in the order of OPERATIONS. */
export const MATERIALS: Readonly<Record<string, MaterialRow>> = {
	'steel-soft': row('alumina', 'KMLKGPLI', 0, 0, 'alumina-white'),
	'steel-hardened': row('alumina-white', 'HKJIFNKG', 0, 0, 'alumina-ceramic', 'cbn'),
	hss: row('alumina-white', 'HKJJFMJG', 0, 0, 'alumina-ceramic', 'cbn'),
	'stainless-austenitic': row('alumina-white', 'IKJJFNKH', 1, 0, 'alumina-ceramic', 'silicon-carbide'),
	'stainless-martensitic': row('alumina-white', 'HKJIFNKG', 0, 0, 'alumina-ceramic', 'cbn'),
	'cast-iron-grey': row('silicon-carbide', 'JKJJGPKH', 0, 0, 'alumina'),
	'cast-iron-ductile': row('alumina', 'JKKJGPKH', 0, 0, 'alumina-white', 'silicon-carbide'),
	aluminium: row('silicon-carbide', 'JJJIGNJH', 1, -1, 'silicon-carbide-green'),
	'copper-alloy': row('silicon-carbide', 'JKJJGNKH', 1, -1, 'silicon-carbide-green'),
	titanium: row('silicon-carbide-green', 'JKJJFNKH', 1, 0, 'silicon-carbide'),
	superalloy: row('alumina-white', 'HJIHEMIG', 1, 0, 'alumina-ceramic', 'cbn'),
	carbide: row('silicon-carbide-green', 'IJIIFJIH', 0, 1, 'diamond'),
	ceramic: row('diamond', '', 0, 0)
};
export const MATERIAL_NAMES = Object.keys(MATERIALS);

interface OperationRow {
	grit: number;
	coarsest: number;
	finest: number;
	structure: number;
	contactMm: number | null;
}
const op = (
	grit: number,
	coarsest: number,
	finest: number,
	structure: number,
	contactMm: number | null
): OperationRow => ({ grit, coarsest, finest, structure, contactMm });

export const OPERATION_DEFAULTS: Readonly<Record<Operation, OperationRow>> = {
	surface: op(46, 36, 220, 8, 1.4),
	cylindrical: op(60, 36, 320, 6, 0.7),
	internal: op(60, 46, 220, 7, 0.8),
	'tool-cutter': op(60, 46, 180, 7, 1.7),
	'creep-feed': op(60, 36, 120, 12, 15),
	'off-hand': op(46, 24, 120, 5, null),
	'tool-post': op(60, 46, 180, 7, 0.5),
	'face-segment': op(30, 24, 80, 9, null)
};
