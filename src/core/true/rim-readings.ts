import { between, choice, deg, list, dialUm, whole } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { type Harmonic, fourierFit } from './fourier.js';

const CLOSEST_DEG = 0.5;
const WIDEST_GAP_DEG = 150;
const WORST_CONDITION = 1e6;

/** Readings taken once round, and how they were taken: of the rim or of a face. */
export const ROUND_FIELDS = [
	list(
		'readingsUm',
		'+ = it stands out towards the indicator',
		dialUm('reading', 'One reading', { ...between(-10000, 10000), required: true }),
		{ minItems: 4, maxItems: 720, required: true, label: 'Readings' }
	),
	list(
		'anglesDeg',
		'Own face angles; equal steps when left empty',
		deg('angle', 'Face angle', { ...between(-36000, 36000), required: true }),
		{ maxItems: 720, advanced: true }
	),
	deg('startAngleDeg', 'Face angle under the indicator at the first reading', {
		...between(-36000, 36000),
		default: 0
	}),
	choice(
		'wheelTurned',
		'Seen from the front, the indicator standing still',
		['counter-clockwise', 'clockwise'],
		{ default: 'counter-clockwise' }
	),
	whole('maxOrder', 'Highest harmonic; 6, or 1 with own angles', { ...between(1, 20), advanced: true })
] as const;

interface Round {
	readingsUm: number[];
	anglesDeg: number[] | null;
	startAngleDeg: number;
	wheelTurned: 'counter-clockwise' | 'clockwise';
	maxOrder: number | null;
}
export interface RoundResult {
	meanUm: number;
	first: Harmonic;
	harmonics: Harmonic[];
	tirUm: number;
	restUm: number[];
	residualTirUm: number;
	residualRmsUm: number;
	dominantOrder: number;
	anglesDeg: number[];
}

const notSpread = () =>
	new InputFault(
		'anglesDeg',
		'angles-not-spread',
		'The readings lie too close together round the wheel. Spread them: no gap over 150 degrees.'
	);

function ownAngles(given: number[], n: number): number[] {
	if (given.length !== n)
		throw new InputFault(
			'anglesDeg',
			'length-mismatch',
			`${given.length} angles for ${n} readings. Give one angle a reading.`
		);
	const sorted = given.map(fold360).sort((a, b) => a - b);
	const gaps = sorted.map((a, i) => (i + 1 < n ? sorted[i + 1]! : sorted[0]! + 360) - a);
	if (gaps.some((gap) => gap < CLOSEST_DEG))
		throw new InputFault('anglesDeg', 'duplicate-angle', 'Two readings share an angle. Remove one of them.');
	if (gaps.some((gap) => gap > WIDEST_GAP_DEG)) throw notSpread();
	return given;
}

/** Range, first harmonic (off centre, or wobble), the harmonics above it and what the first does not explain. @throws InputFault */
export function analyseRound(values: Round): RoundResult {
	const n = values.readingsUm.length;
	const own = values.anglesDeg !== null;
	const anglesDeg = own
		? ownAngles(values.anglesDeg!, n)
		: values.readingsUm.map(
				(_, k) => values.startAngleDeg + ((values.wheelTurned === 'counter-clockwise' ? 1 : -1) * k * 360) / n
			);
	const fit = fourierFit(
		values.readingsUm,
		anglesDeg,
		Math.min(values.maxOrder ?? (own ? 1 : 6), Math.floor((n - 1) / 2)),
		!own
	);
	if (fit.condition > WORST_CONDITION) throw notSpread();
	const [first, ...harmonics] = fit.harmonics as [Harmonic, ...Harmonic[]];
	const restUm = values.readingsUm.map(
		(r, i) => r - fit.meanUm - first.amplitudeUm * Math.cos((anglesDeg[i]! - first.angleDeg) * DEG)
	);
	const dominant = fit.harmonics.reduce((best, h) => (h.amplitudeUm > best.amplitudeUm + 1e-9 ? h : best));
	return {
		meanUm: fit.meanUm,
		first,
		harmonics,
		tirUm: Math.max(...values.readingsUm) - Math.min(...values.readingsUm),
		restUm,
		residualTirUm: Math.max(...restUm) - Math.min(...restUm),
		residualRmsUm: Math.sqrt(restUm.reduce((s, r) => s + r * r, 0) / n),
		dominantOrder: dominant.order,
		anglesDeg
	};
}
