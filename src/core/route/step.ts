import type { Calculation, OutputOf } from '../calculation/define.js';
import { mm, over0 } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { Field, Values } from '../calculation/fields.js';
import { withLimits } from '../calculation/limits.js';
import { type Reason, type Verdict } from '../calculation/verdict.js';
import type { Effect, EventKind } from './effect.js';
import type { Guidelines, SetupFacts, StationId, WheelFacts } from './facts.js';

/** What a judged output carries; one that judges nothing has neither. */
export interface Judged {
	verdict?: Verdict;
	reasons?: readonly Reason[];
}

/** One calculation made for a step, with what went in and came out. */
export interface Computed<O extends object = object> {
	calculation: string;
	input: Record<string, unknown>;
	output: O & Judged;
}

/** What a step comes to: its result, which the page shows and others refer to, and what stands beside it. */
export interface Result<O extends object = object> {
	main: Computed<O>;
	secondary: readonly Computed[];
}

/** A result with nothing beside it. */
export const single = <O extends object>(main: Computed<O>): Result<O> => ({ main, secondary: [] });
/** Everything that was computed for a step, its result first. */
export const all = (result: Result): Computed[] => [result.main, ...result.secondary];
/** Every finding of a step. */
export const findingsOf = (result: Result): Reason[] => all(result).flatMap((c) => c.output.reasons ?? []);
/** What a calculation came to within a step; null where the step did not make it. */
export function outputOf<O extends object>(
	result: Result | null,
	calculation: Pick<Calculation, 'id'> & { run(input: unknown): O }
): (O & Judged) | null {
	const found = result && all(result).find((c) => c.calculation === calculation.id);
	// The id says which calculation made it, and with it what came out.
	return (found?.output as (O & Judged) | undefined) ?? null;
}

export interface LedgerEvent {
	kind: Exclude<EventKind, 'taken' | 'quarantined' | 'scrapped'>;
	diameterAfterMm: number | null;
	note: string | null;
}

/** A thing a person does and records at a station. The bench previews it and the server records it with the same function. */
export interface Step<L extends readonly Field[] = readonly Field[], O extends object = object> {
	station: StationId;
	step: string;
	title: string;
	/** What the person enters; the rest comes from what the shop already knows. */
	fields: L;
	/** Computes from facts and entered values. @throws InputFault */
	compute(facts: SetupFacts, values: Values<L>): Result<O>;
	/** The entry in the wheel's ledger, if any; not made against a stop. */
	event?(facts: SetupFacts, values: Values<L>): LedgerEvent | null;
	/** Numbers of wheels on the rack that must be known, as they are at this moment, to judge what is entered. */
	names?(values: Values<L>): string[];
	/** What it changes beside its records and the ledger, whatever was found. @throws InputFault */
	effects?(facts: SetupFacts, values: Values<L>, result: Result<O>): Effect[];
	/** What it changes unless something in it says stop. */
	effectsUnlessStopped?(facts: SetupFacts, values: Values<L>, result: Result<O>): Effect[];
	/** Work that must not be done against a stop: then there is nothing to record. */
	notAgainstStop?: true;
	/** Why this is never taken without the server, where that is so: its judgement or its clock counts. */
	online?: string;
	/** Recorded by a lead alone; anybody else is told this. */
	leadOnly?: string;
	/** Findings that take this wheel out of use for good until a lead clears it. */
	quarantines?: readonly string[] | ((values: Values<L>) => readonly string[]);
}

/** A step as it is, its types taken from its fields and what it computes. */
export const defineStep = <const L extends readonly Field[], O extends object>(
	step: Step<L, O>
): Step<L, O> => step;

/**
 * Computes a step. What is wrong with a figure the person did not type is said as such: it comes from what the shop keeps.
 * @throws InputFault
 */
export function computeStep<L extends readonly Field[], O extends object>(
	step: Step<L, O>,
	facts: SetupFacts,
	values: Values<L>
): Result<O> {
	try {
		return step.compute(facts, values);
	} catch (e) {
		if (!(e instanceof InputFault) || !OUT_OF_RANGE.includes(e.code)) throw e;
		const typed = step.fields.some((f) => f.name === e.field.split('.')[0]);
		throw typed ? e : new InputFault(e.field, e.code, `${e.message} ${FROM_THE_SHOP}`);
	}
}
const OUT_OF_RANGE: readonly string[] = ['below-minimum', 'above-maximum'];
const FROM_THE_SHOP =
	'It comes from what the shop keeps of wheel, mount, dresser or machine; put it right there.';

/** The stop that forbids recording this step as done, if there is one. */
export function forbidden(step: Pick<Step, 'notAgainstStop'>, result: Result | null): Reason | null {
	if (!step.notAgainstStop || !result) return null;
	return findingsOf(result).find((r) => r.severity === 'stop') ?? null;
}

/** Where no figure of the shop counts. */
export const AS_SHIPPED = { guidelines: { limits: {} } } as const;

/** Runs a calculation for a step, with the shop's own guideline figures where nothing else is given; they go into the record with the rest. */
export function compute<
	C extends Pick<Calculation, 'id' | 'fields'> & { run(input: unknown, system?: SetupFacts['units']): object }
>(
	facts: { guidelines: Pick<Guidelines, 'limits'>; units?: SetupFacts['units'] },
	calculation: C,
	given: object
): Computed<OutputOf<C>> {
	const input = withLimits(facts.guidelines.limits, calculation, given, facts.units);
	return { calculation: calculation.id, input, output: calculation.run(input, facts.units) as OutputOf<C> };
}

type Named<L extends readonly Field[], N> = Extract<L[number], { name: N }>;
/** Fields of a calculation that a person enters at a bench, by name. */
export function pick<const L extends readonly Field[], const N extends readonly L[number]['name'][]>(
	fields: L,
	...names: N
): { readonly [K in keyof N]: Named<L, N[K]> } {
	// Each name is found because it comes from the list; the tuple keeps the order of the names.
	return names.map((n) => fields.find((f) => f.name === n)!) as readonly Field[] as {
		[K in keyof N]: Named<L, N[K]>;
	};
}

/** A field that a calculation can do without, and that a bench always asks for. */
export const required = <const F extends Field>(field: F): Omit<F, 'required'> & { required: true } => ({
	...field,
	required: true
});

/** A field that a calculation needs, and that a bench can find by another way when it is left empty. */
export const optional = <const F extends Field>(field: F) => {
	const {
		required: _asked,
		default: _start,
		...rest
	} = field as F & { required?: boolean; default?: unknown };
	return rest as unknown as Omit<F, 'required' | 'default'>;
};

/** Fields of a calculation but for those the shop already knows. */
export function without<const L extends readonly Field[], const N extends L[number]['name']>(
	fields: L,
	...names: N[]
): readonly Exclude<L[number], { name: N }>[] {
	return fields.filter((f): f is Exclude<L[number], { name: N }> => !names.some((n) => n === f.name));
}

/** @throws InputFault `missing` while no wheel is taken */
export function wheelOf(facts: Pick<SetupFacts, 'wheel'>): WheelFacts {
	if (!facts.wheel) throw new InputFault('wheel', 'missing', 'No wheel is taken yet. Choose one at Select.');
	return facts.wheel;
}
/** @throws InputFault `missing` where the machine has no mount */
export function mountOf(facts: SetupFacts): NonNullable<SetupFacts['mount']> {
	if (!facts.mount)
		throw new InputFault('mount', 'missing', 'This machine has no mount on record. Enter one under Shop.');
	return facts.mount;
}

/** Mass today: the wheel has lost its rim, so it is scaled by the ring that is left. */
export function massNowKg(wheel: WheelFacts): number {
	return (
		(wheel.massKg * (wheel.diameterMm ** 2 - wheel.boreMm ** 2)) /
		(wheel.newDiameterMm ** 2 - wheel.boreMm ** 2)
	);
}

export const MEASURING_NOISE_MM = 0.02;
/** A diameter that was measured after cutting. @throws InputFault when the wheel would have grown or be gone. */
export function checkDiameter(facts: Pick<SetupFacts, 'wheel'>, diameterMm: number): number {
	const w = wheelOf(facts);
	// While somebody types it is previewed with what is there.
	if (diameterMm === null)
		throw new InputFault('diameterAfterMm', 'missing', 'Diameter now is missing. Measure it.');
	neitherGrownNorGone(diameterMm, w.diameterMm, w.boreMm);
	return diameterMm;
}
/** @throws InputFault when a wheel would be larger than the entry before it, or be gone down to its bore */
export function neitherGrownNorGone(diameterMm: number, beforeMm: number, boreMm: number): void {
	if (diameterMm > beforeMm + MEASURING_NOISE_MM)
		throw new InputFault(
			'diameterAfterMm',
			'above-maximum',
			`${diameterMm} mm is larger than the last entry, ${beforeMm} mm. A wheel does not grow; measure again.`
		);
	if (diameterMm <= boreMm)
		throw new InputFault(
			'diameterAfterMm',
			'below-minimum',
			`${diameterMm} mm is not above the bore, ${boreMm} mm. Measure again.`
		);
}
export const DIAMETER_AFTER = mm('diameterAfterMm', 'Measured across', {
	...over0(3000),
	required: true,
	label: 'Diameter now'
});
