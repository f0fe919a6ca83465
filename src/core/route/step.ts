import { mm, over0 } from '../calculation/field/index.js';
import type { Field, Values } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import type { Calculation } from '../calculation/define.js';
import { withLimits } from '../calculation/limits.js';
import type { Guidelines, SetupFacts, StationId, WheelFacts } from './facts.js';

/** One calculation made for a step, with what went in and came out. */
export interface Computed {
	calculation: string;
	input: object;
	output: Record<string, unknown> & {
		verdict?: string;
		reasons?: { code: string; message: string; severity: string }[];
	};
}

export interface LedgerEvent {
	kind: 'taken' | 'inspected' | 'mounted' | 'trued' | 'dressed' | 'redressed' | 'parked';
	diameterAfterMm: number | null;
	note: string | null;
}

/** A thing a person does and records at a station. The bench previews it and the server records it with the same function. */
export interface Step<L extends readonly Field[] = readonly Field[]> {
	station: StationId;
	step: string;
	title: string;
	/** What the person enters; the rest comes from what the shop already knows. */
	fields: L;
	/** Computes from facts and entered values. @throws InputFault */
	compute(facts: SetupFacts, values: Values<L>): Computed[];
	/** The entry in the wheel's ledger, if any. */
	event?(facts: SetupFacts, values: Values<L>): LedgerEvent | null;
	/** Work that must not be done against a stop: then there is nothing to record. */
	notAgainstStop?: true;
	/** Findings that take this wheel out of use for good until a lead clears it. */
	quarantines?: readonly string[];
}

export function defineStep<const L extends readonly Field[]>(step: Step<L>): Step {
	return step as unknown as Step;
}

/** The stop that forbids recording this step as done, if there is one. */
export function forbidden(
	step: Pick<Step, 'notAgainstStop'>,
	computed: readonly Computed[]
): { code: string; message: string } | null {
	return (
		(step.notAgainstStop &&
			computed.flatMap((c) => c.output.reasons ?? []).find((r) => r.severity === 'stop')) ||
		null
	);
}

/** Where no figure of the shop counts. */
export const AS_SHIPPED = { guidelines: { limits: {} } } as const;

/** Runs a calculation for a step, with the shop's own guideline figures where nothing else is given; they go into the record with the rest. */
export function compute(
	facts: { guidelines: Pick<Guidelines, 'limits'> },
	calculation: Pick<Calculation, 'id' | 'fields' | 'run'>,
	given: object
): Computed {
	const input = withLimits(facts.guidelines.limits, calculation, given);
	return { calculation: calculation.id, input, output: calculation.run(input) as Computed['output'] };
}

/** Fields of a calculation that a person enters at a bench, by name. */
export function pick<const L extends readonly Field[], const N extends L[number]['name']>(
	fields: L,
	...names: N[]
): readonly Extract<L[number], { name: N }>[] {
	return names.map((n) => fields.find((f) => f.name === n)!) as never;
}

export function wheelOf(facts: Pick<SetupFacts, 'wheel'>): WheelFacts {
	if (!facts.wheel) throw new InputFault('wheel', 'missing', 'No wheel is taken yet. Choose one at Select.');
	return facts.wheel;
}
export function mountOf(facts: SetupFacts): NonNullable<SetupFacts['mount']> {
	if (!facts.mount)
		throw new InputFault('mount', 'missing', 'This machine has no mount on record. Enter one under Shop.');
	return facts.mount;
}

/** Mass today: the wheel has lost its rim, so it is scaled by the ring that is left. */
export function massNowKg(w: WheelFacts): number {
	return (w.massKg * (w.diameterMm ** 2 - w.boreMm ** 2)) / (w.newDiameterMm ** 2 - w.boreMm ** 2);
}

const MEASURING_NOISE_MM = 0.02;
/** A diameter that was measured after cutting. @throws InputFault when the wheel would have grown or be gone. */
export function checkDiameter(facts: SetupFacts, diameterMm: number): number {
	const w = wheelOf(facts);
	if (diameterMm > w.diameterMm + MEASURING_NOISE_MM)
		throw new InputFault(
			'diameterAfterMm',
			'above-maximum',
			`${diameterMm} mm is larger than the last entry, ${w.diameterMm} mm. A wheel does not grow; measure again.`
		);
	if (diameterMm <= w.boreMm)
		throw new InputFault(
			'diameterAfterMm',
			'below-minimum',
			`${diameterMm} mm is not above the bore, ${w.boreMm} mm. Measure again.`
		);
	return diameterMm;
}
export const DIAMETER_AFTER = mm('diameterAfterMm', 'Measured across', {
	...over0(3000),
	required: true,
	label: 'Diameter now'
});
