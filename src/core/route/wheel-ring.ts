import { tryOrNull } from '../calculation/attempt.js';
import { median } from '../numeric/median.js';
import type { PastRing, WheelFacts } from '../facts/wheel.js';
import { massNowKg } from './wheel-size.js';
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

const ringSize = (wheel: WheelFacts, diameterMm = wheel.diameterMm) => ({
	diameterMm,
	boreMm: wheel.boreMm,
	thicknessMm: wheel.widthMm
});
/** The first note at a stiffness; null where the formula does not hold for this wheel. */
export function noteAt(wheel: WheelFacts, modulusGPa: number, diameterMm = wheel.diameterMm): number | null {
	if (wheel.shape !== '1') return null;
	return tryOrNull(
		() =>
			ringFrequency.run({
				...ringSize(wheel, diameterMm),
				massKg: massNowKg({ ...wheel, diameterMm }),
				modulusGPa
			}).modes[0]!.frequencyHz
	);
}
/** Stiffness from the note, against the others of its batch; null where the formula does not hold. */
export function stiffness(
	wheel: WheelFacts,
	frequencyHz: number,
	batchGPa: readonly number[]
): ReturnType<typeof sonicModulus.run> | null {
	if (wheel.shape !== '1') return null;
	return tryOrNull(() => sonicModulus.run(stiffnessInput(wheel, frequencyHz, batchGPa)));
}
/** What the stiffness of a straight wheel is worked out from: its size and mass today, its note, its batch. */
export const stiffnessInput = (wheel: WheelFacts, frequencyHz: number, batchGPa: readonly number[]) => ({
	...ringSize(wheel),
	massKg: massNowKg(wheel),
	frequencyHz,
	batchModulusGPa: [...batchGPa]
});

/**
 * Everything the ring of one wheel is judged with: whether and how it is rung, where it is struck, and what it is compared with.
 * A wheel that was dressed smaller sings higher: its first ring is carried over to today's size before the two are compared.
 */
export function ringContext(
	wheel: WheelFacts,
	past: readonly PastRing[],
	batchGPa: readonly number[]
): RingContext {
	const bond = coarseBond(wheel.bondFamily ?? 'vitrified');
	const superabrasive = wheel.family === 'cbn' || wheel.family === 'diamond';
	const can = ringApplicability.run({
		bond: wheel.bondFamily ?? 'vitrified',
		shape: SHAPE_WORDS[wheel.shape] ?? 'straight',
		core: superabrasive ? 'metal' : 'none',
		diameterMm: wheel.diameterMm,
		massKg: massNowKg(wheel)
	});
	const plan = tapPlan.run({ diameterMm: wheel.diameterMm, boreMm: wheel.boreMm });
	const own = past.find((ring) => ring.baseline && ring.frequencyHz !== null && ring.q !== null) ?? null;
	const [then, now] = own ? [noteAt(wheel, 40, own.diameterMm), noteAt(wheel, 40)] : [null, null];
	const baseline = own ? { frequencyHz: own.frequencyHz! * (then && now ? now / then : 1), q: own.q! } : null;
	const byBatch = batchGPa.length ? noteAt(wheel, median([...batchGPa])) : null;
	const [low, high] = [noteAt(wheel, USUAL_GPA[0]), noteAt(wheel, USUAL_GPA[1])];
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
			tapAnglesDeg: plan.taps.map((tap) => tap.wheelAngleDeg),
			expectedFrequencyHz: baseline?.frequencyHz ?? byBatch,
			baseline
		},
		usualHz: bond === 'vitrified' && low && high ? [low, high] : null,
		expectedFrom: baseline ? 'own' : byBatch ? 'batch' : null,
		batchGPa: [...batchGPa]
	};
}
