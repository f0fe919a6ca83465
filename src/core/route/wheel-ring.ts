import { tryOrNull } from '../calculation/attempt.js';
import { median } from '../numeric/median.js';
import type { PastRing, WheelFacts } from './facts.js';
import { massNowKg } from './step.js';
import { MOUNTED_POINT } from '../spec/shape-tables.js';
import { coarseBond } from '../spec/families.js';
import { type WHEEL_SHAPES, ringApplicability } from '../inspect/ring-applicability.js';
import { ringFrequency } from '../inspect/ring-frequency.js';
import { type ListenSettings, qLimits } from '../inspect/ring/listen.js';
import { sonicModulus } from '../inspect/sonic-modulus.js';
import { tapPlan } from '../inspect/tap-plan.js';

export interface RingContext {
	applicability: 'yes' | 'limited' | 'no';
	method: string;
	expectedSound: string;
	cannot: string | null;
	taps: ReturnType<typeof tapPlan.run>['taps'];
	tapRadiusMm: number;
	insetMm: number;
	settings: ListenSettings & { bond: string };
	/** Where the first note of a vitrified wheel of this size usually lies; null where the formula does not reach. */
	usualHz: [number, number] | null;
	expectedFrom: 'batch' | 'own' | null;
	batchGPa: number[];
}

/** Stiffness of vitrified wheels, low and high (guideline). */
const USUAL_GPA = [20, 90] as const;
const SHAPE_WORDS: Readonly<Record<string, (typeof WHEEL_SHAPES)[number]>> = {
	1: 'straight',
	2: 'cylinder',
	5: 'recessed',
	6: 'cup',
	7: 'recessed',
	11: 'flaring-cup',
	12: 'dish',
	27: 'cutting-off',
	41: 'cutting-off',
	[MOUNTED_POINT]: 'mounted-point'
};
const CANNOT: Readonly<Record<string, string>> = {
	'shape-exempt': 'its shape does not ring',
	'core-does-not-ring': 'its core or bond does not ring',
	'too-small': 'it is too small to ring'
};

const ringSize = (w: WheelFacts, diameterMm = w.diameterMm) => ({
	diameterMm,
	boreMm: w.boreMm,
	thicknessMm: w.widthMm
});
/** The first note at a stiffness; null where the formula does not hold for this wheel. */
export function noteAt(w: WheelFacts, modulusGPa: number, diameterMm = w.diameterMm): number | null {
	if (w.shape !== '1') return null;
	return tryOrNull(
		() =>
			ringFrequency.run({
				...ringSize(w, diameterMm),
				massKg: massNowKg({ ...w, diameterMm }),
				modulusGPa
			}).modes[0]!.frequencyHz
	);
}
/** Stiffness from the note, against the others of its batch; null where the formula does not hold. */
export function stiffness(
	w: WheelFacts,
	frequencyHz: number,
	batchGPa: readonly number[]
): ReturnType<typeof sonicModulus.run> | null {
	if (w.shape !== '1') return null;
	return tryOrNull(() => sonicModulus.run(stiffnessInput(w, frequencyHz, batchGPa)));
}
/** What the stiffness of a straight wheel is worked out from: its size and mass today, its note, its batch. */
export const stiffnessInput = (w: WheelFacts, frequencyHz: number, batchGPa: readonly number[]) => ({
	...ringSize(w),
	massKg: massNowKg(w),
	frequencyHz,
	batchModulusGPa: [...batchGPa]
});

/**
 * Everything the ring of one wheel is judged with: whether and how it is rung, where it is struck, and what it is compared with.
 * A wheel that was dressed smaller sings higher: its first ring is carried over to today's size before the two are compared.
 */
export function ringContext(
	w: WheelFacts,
	past: readonly PastRing[],
	batchGPa: readonly number[]
): RingContext {
	const bond = coarseBond(w.bondFamily ?? 'vitrified');
	const superabrasive = w.family === 'cbn' || w.family === 'diamond';
	const can = ringApplicability.run({
		bond: w.bondFamily ?? 'vitrified',
		shape: SHAPE_WORDS[w.shape] ?? 'straight',
		core: superabrasive ? 'metal' : 'none',
		diameterMm: w.diameterMm,
		massKg: massNowKg(w)
	});
	const plan = tapPlan.run({ diameterMm: w.diameterMm, boreMm: w.boreMm });
	const own = past.find((p) => p.baseline && p.frequencyHz !== null && p.q !== null) ?? null;
	const [then, now] = own ? [noteAt(w, 40, own.diameterMm), noteAt(w, 40)] : [null, null];
	const baseline = own ? { frequencyHz: own.frequencyHz! * (then && now ? now / then : 1), q: own.q! } : null;
	const byBatch = batchGPa.length ? noteAt(w, median([...batchGPa])) : null;
	const [low, high] = [noteAt(w, USUAL_GPA[0]), noteAt(w, USUAL_GPA[1])];
	return {
		applicability: can.applicability as RingContext['applicability'],
		method: can.method,
		expectedSound: can.expectedSound,
		cannot: can.applicability === 'no' ? (CANNOT[can.reasons[0]?.code ?? ''] ?? 'it does not ring') : null,
		taps: plan.taps,
		tapRadiusMm: plan.tapRadiusMm,
		insetMm: plan.insetMm,
		settings: {
			bond,
			minTaps: 4,
			bandLowHz: 150,
			...qLimits(bond),
			tapAnglesDeg: plan.taps.map((t) => t.wheelAngleDeg),
			expectedFrequencyHz: baseline?.frequencyHz ?? byBatch,
			baseline
		},
		usualHz: bond === 'vitrified' && low && high ? [low, high] : null,
		expectedFrom: baseline ? 'own' : byBatch ? 'batch' : null,
		batchGPa: [...batchGPa]
	};
}
