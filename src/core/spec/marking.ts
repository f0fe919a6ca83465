import type { AbrasiveFamily, BondFamily } from './families.js';

/** Everything a printed marking says, as read by `spec.parse-marking` and written by `spec.format-marking`. */
export interface Marking {
	kind: 'conventional' | 'superabrasive' | 'unknown';
	dialect: 'conventional' | 'fepa' | 'us-mesh' | 'unknown';
	shape: string | null;
	shapeParts: { core: string; rim: string; position: string; modification: string } | null;
	dimsMm: number[];
	dimensions: { diameterMm: number; thicknessMm: number; rimDepthMm: number | null; boreMm: number } | null;
	makerPrefix: string;
	makerSuffix: string;
	abrasive: { letters: string; family: AbrasiveFamily | null } | null;
	grit: {
		label: string;
		system: 'F' | 'FEPA' | 'mesh' | 'um' | 'unknown';
		number: number;
		secondNumber: number | null;
		makerDigit: string | null;
		meanUm: number | null;
	} | null;
	grade: string | null;
	structure: number | null;
	structureRaw: string | null;
	bondPrefix: string;
	bond: { letters: string; family: BondFamily | null } | null;
	concentration: { notation: 'C' | 'V'; value: number; volPercent: number } | null;
	rimDepthMm: number | null;
	maxSpeedMps: number | null;
	maxSpeedRpm: number | null;
	unknown: string[];
}

export interface Alternative {
	code: string;
	token: string;
	readings: Record<string, unknown>[];
}

/** A marking of which nothing is known yet. */
export function emptyMarking(): Marking {
	return {
		kind: 'unknown',
		dialect: 'unknown',
		shape: null,
		shapeParts: null,
		dimsMm: [],
		dimensions: null,
		makerPrefix: '',
		makerSuffix: '',
		abrasive: null,
		grit: null,
		grade: null,
		structure: null,
		structureRaw: null,
		bondPrefix: '',
		bond: null,
		concentration: null,
		rimDepthMm: null,
		maxSpeedMps: null,
		maxSpeedRpm: null,
		unknown: []
	};
}
