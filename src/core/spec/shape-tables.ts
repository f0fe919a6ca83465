/** Dimension letters of ISO 603 with the fields that hold them. */
export const SHAPE_LETTERS = {
	D: 'diameterMm',
	T: 'thicknessMm',
	H: 'boreMm',
	W: 'rimWidthMm',
	P: 'recessDiameterMm',
	F: 'recessDepthMm',
	G: 'secondRecessDepthMm',
	E: 'backThicknessMm',
	J: 'smallDiameterMm',
	K: 'insideFlatDiameterMm',
	U: 'edgeThicknessMm'
} as const;
export type ShapeLetter = keyof typeof SHAPE_LETTERS;
export type ShapeField = (typeof SHAPE_LETTERS)[ShapeLetter];
export const LETTER_NAMES: Readonly<Record<ShapeLetter, string>> = {
	D: 'Diameter',
	T: 'Thickness',
	H: 'Bore',
	W: 'Rim width',
	P: 'Recess diameter',
	F: 'Recess depth',
	G: 'Second recess depth',
	E: 'Back thickness',
	J: 'Small diameter',
	K: 'Inside flat',
	U: 'Edge thickness'
};

export interface ShapeType {
	name: string;
	letters: readonly ShapeLetter[];
	faces: readonly ('periphery' | 'side')[];
}
const shape = (name: string, letters: string, ...faces: ('periphery' | 'side')[]): ShapeType => ({
	name,
	letters: [...letters] as ShapeLetter[],
	faces
});

/** ISO 603 types as commonly tabulated. */
export const SHAPE_TYPES: Readonly<Record<string, ShapeType>> = {
	1: shape('straight', 'DTH', 'periphery'),
	2: shape('cylinder', 'DTW', 'side'),
	5: shape('recessed one side', 'DTHPF', 'periphery'),
	6: shape('straight cup', 'DTHWE', 'side'),
	7: shape('recessed both sides', 'DTHPFG', 'periphery'),
	11: shape('flaring cup', 'DTHWEJK', 'side'),
	12: shape('dish', 'DTHWEJKU', 'side', 'periphery'),
	27: shape('depressed centre', 'DUH', 'side'),
	41: shape('flat cutting-off', 'DTH', 'periphery')
};
export const SHAPE_NUMBERS = Object.keys(SHAPE_TYPES);
/** A head cemented on a shank of its own: it has no bore and no faces to be drawn by letters. */
export const MOUNTED_POINT = '52';
/** Every type the rack keeps. */
export const RACK_SHAPES = [...SHAPE_NUMBERS, MOUNTED_POINT];
