/** From and to: what is usual; nobody has measured it here. */
type Band = readonly [number, number];

/**
 * Kinds of adhesive that hold a wheel on its quill, with what their data sheets usually say. Shop experience, not a standard: the data
 * sheet of the one in use comes first.
 */
export const ADHESIVES = {
	'slow-epoxy': {
		words: 'two-part epoxy, slow',
		cureH: [12, 24],
		potLifeMin: [30, 90],
		strengthMPa: [12, 25]
	},
	'quick-epoxy': {
		words: 'two-part epoxy, quick',
		cureH: [8, 24],
		potLifeMin: [4, 6],
		strengthMPa: [8, 15]
	},
	acrylic: {
		words: 'two-part acrylic',
		cureH: [12, 24],
		potLifeMin: [3, 10],
		strengthMPa: [15, 25]
	},
	retaining: {
		words: 'retaining compound',
		cureH: [12, 24],
		potLifeMin: [5, 10],
		strengthMPa: [10, 25]
	}
} as const satisfies Record<string, { words: string; cureH: Band; potLifeMin: Band; strengthMPa: Band }>;
export type Adhesive = keyof typeof ADHESIVES;

/** How heavy an internal cut is, with the forces it usually makes: along the rim, and across the quill. */
export const CUTS = {
	light: { words: 'light, a few µm a pass', tangentialN: [3, 10], normalN: [5, 20] },
	ordinary: { words: 'ordinary', tangentialN: [10, 30], normalN: [20, 60] },
	heavy: { words: 'heavy, roughing', tangentialN: [30, 80], normalN: [60, 160] }
} as const satisfies Record<string, { words: string; tangentialN: Band; normalN: Band }>;
export type Cut = keyof typeof CUTS;

const said = ([from, to]: Band, unit: string): string => `${from} to ${to} ${unit}`;
/**
 * What is assumed of an adhesive until its data sheet is read: the slowest cure, the shortest pot life, the least strength of the band.
 * @example assumedOf('slow-epoxy').baseCureH // 24
 */
export function assumedOf(kind: Adhesive) {
	const a = ADHESIVES[kind];
	return {
		baseCureH: a.cureH[1],
		potLifeMin: a.potLifeMin[0],
		shearStrengthMPa: a.strengthMPa[0],
		says: `${a.words}: cures in ${said(a.cureH, 'h')}, to be used within ${said(a.potLifeMin, 'min')}, holds ${said(a.strengthMPa, 'MPa')}`
	};
}
/**
 * What is assumed of a cut whose force nobody measured: the most of its band.
 * @example assumedForces('ordinary').normalForceN // 60
 */
export function assumedForces(cut: Cut) {
	const c = CUTS[cut];
	return {
		tangentialForceN: c.tangentialN[1],
		normalForceN: c.normalN[1],
		says: `${c.words}: ${said(c.tangentialN, 'N')} along the rim, ${said(c.normalN, 'N')} across the quill`
	};
}
