import { SHAPE_LETTERS, SHAPE_TYPES, type ShapeField, type ShapeLetter } from './shape-tables.js';

/** A point of a half section: z along the axis from the back, r from the axis, in mm. */
export type Point = readonly [z: number, r: number];
export interface SectionPart {
	kind: 'abrasive' | 'core';
	points: Point[];
}
/** A size with the place on the section it belongs to. `known` is false where it had to be assumed. */
interface SectionLabel {
	letter: string;
	valueMm: number | null;
	at: Point;
}
export interface Section {
	name: string;
	parts: SectionPart[];
	labels: SectionLabel[];
	missing: string[];
	widthMm: number;
	diameterMm: number;
	faces: readonly string[];
}

export type ShapeSizes = Partial<Record<ShapeField, number | null>>;

/** Sizes to draw with while some are missing: usual proportions, drawn dashed. */
function assumed(type: string, s: ShapeSizes): Record<ShapeLetter, number> {
	const given = (l: ShapeLetter) => s[SHAPE_LETTERS[l]] ?? null;
	const D = given('D') ?? 200;
	const T = given('T') ?? (type === '2' || type === '6' || type === '11' ? D * 0.4 : D * 0.12);
	const H = given('H') ?? D * 0.2;
	return {
		D,
		T,
		H,
		W: given('W') ?? D * 0.08,
		P: given('P') ?? D * 0.5,
		F: given('F') ?? T * 0.3,
		G: given('G') ?? T * 0.25,
		E: given('E') ?? T * (type === '12' ? 0.45 : 0.25),
		J: given('J') ?? D * (type === '12' ? 0.5 : 0.7),
		K: given('K') ?? D * (type === '12' ? 0.4 : 0.5),
		U: given('U') ?? (type === '27' ? D * 0.04 : T * 0.25)
	};
}

const ring = (z0: number, z1: number, r0: number, r1: number): Point[] => [
	[z0, r0],
	[z0, r1],
	[z1, r1],
	[z1, r0]
];

/** The half section of an ISO 603 type. */
function outline(type: string, values: Record<ShapeLetter, number>): Point[] {
	const { T, W, F, G, E, U } = values;
	const [d, h, p, j, k] = [values.D / 2, values.H / 2, values.P / 2, values.J / 2, values.K / 2];
	switch (type) {
		case '2':
			return ring(0, T, d - W, d);
		case '5':
			return [
				[0, h],
				[0, d],
				[T, d],
				[T, p],
				[T - F, p],
				[T - F, h]
			];
		case '7':
			return [
				[G, h],
				[G, p],
				[0, p],
				[0, d],
				[T, d],
				[T, p],
				[T - F, p],
				[T - F, h]
			];
		case '6':
			return [
				[0, h],
				[0, d],
				[T, d],
				[T, d - W],
				[E, d - W],
				[E, h]
			];
		case '11':
			return [
				[0, h],
				[0, j],
				[T, d],
				[T, d - W],
				[E, k],
				[E, h]
			];
		case '12':
			return [
				[0, h],
				[0, j],
				[T - U, d],
				[T, d],
				[T, d - W],
				[E, k],
				[E, h]
			];
		case '27': {
			const step = U * 1.2;
			return [
				[0, h],
				[0, d * 0.3],
				[step, d * 0.38],
				[step, d],
				[step + U, d],
				[step + U, d * 0.35],
				[U, d * 0.27],
				[U, h]
			];
		}
		default:
			return ring(0, T, h, d);
	}
}

function anchor(
	letter: ShapeLetter,
	type: string,
	values: Record<ShapeLetter, number>,
	width: number
): Point {
	switch (letter) {
		case 'D':
			return [width, values.D / 2];
		case 'T':
			return [width, -values.D / 2];
		case 'H':
			return [width / 2, values.H / 2];
		case 'W':
			return [values.T, values.D / 2 - values.W / 2];
		case 'P':
			return [values.T, values.P / 2];
		case 'F':
			return [values.T - values.F, (values.P / 2 + values.H / 2) / 2];
		case 'G':
			return [values.G, -(values.P / 2 + values.H / 2) / 2];
		case 'E':
			return [values.E, (values.H / 2 + Math.min(values.K, values.D - 2 * values.W) / 2) / 2];
		case 'J':
			return [0, -values.J / 2];
		case 'K':
			return [values.E, -values.K / 2];
		case 'U':
			return type === '27' ? [width, -values.D * 0.45] : [values.T, -values.D / 2];
	}
}

/** An ISO 603 wheel cut through, with its letters; what is missing is assumed and named. */
export function conventionalSection(type: string, sizes: ShapeSizes): Section | null {
	const shape = SHAPE_TYPES[type];
	if (!shape) return null;
	const values = assumed(type, sizes);
	const points = outline(type, values);
	const width = Math.max(...points.map(([z]) => z));
	return {
		name: shape.name,
		parts: [{ kind: 'abrasive', points }],
		missing: shape.letters.filter((letter) => (sizes[SHAPE_LETTERS[letter]] ?? null) === null),
		widthMm: width,
		diameterMm: values.D,
		faces: shape.faces,
		labels: shape.letters.map((letter) => ({
			letter: letter,
			valueMm: sizes[SHAPE_LETTERS[letter]] ?? null,
			at: anchor(letter, type, values, width)
		}))
	};
}
