import type { Field, Values } from '../calculation/fields.js';
import type { Basis } from './basis.js';
import type { Effect, EventKind } from './effect.js';
import type { SetupFacts } from '../facts/setup.js';
import type { StationId } from './station-names.js';
import type { Result } from './result.js';
import type { RecordFacts } from '../facts/records.js';
import type { SumContext, Sums } from './sums.js';

export interface LedgerEvent {
	kind: Exclude<EventKind, 'taken' | 'quarantined' | 'scrapped'>;
	diameterAfterMm: number | null;
	note: string | null;
}

/** What went into a record and what came out of it. */
export type RecordValues = Pick<RecordFacts, 'entered' | 'input' | 'output'>;

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
	/** Stations whose evidence falls when this is recorded, as it was built on what is done anew here. Only those from here on along the route. */
	invalidates?: readonly StationId[];
	/** Tells several of it apart that stand side by side; null for the plain one. */
	keyedBy?(entered: Record<string, unknown>, leadingWheel: string): string | null;
	/** After the release it is not done, or only then. */
	released?: 'never' | 'only';
	/** It starts the spindle or brings the wheel to something: never against this morning's sheet. */
	turnsSpindle?: true;
	/** What one record of it adds to the sums of its setup. */
	sumsInto?(sums: Sums, record: RecordFacts, about: SumContext): void;
	/** On what it rests, as it was entered; nothing where no figure or finding stands behind it. */
	basis?(entered: Values<L>): Basis | null;
	/** A record of it as a page of the setup is sent it, without what is long and never looked at there. */
	clientFacts?(record: RecordValues): RecordValues;
	/** Findings that take this wheel out of use for good until a lead clears it. */
	quarantines?: readonly string[] | ((values: Values<L>) => readonly string[]);
}

/** What is declared of a step, whatever its fields are. */
export type StepRules = Pick<
	Step,
	'basis' | 'invalidates' | 'keyedBy' | 'sumsInto' | 'turnsSpindle' | 'clientFacts' | 'released'
>;
const DECLARED = new Map<string, StepRules>();

/** A step as it is, its types taken from its fields and what it computes. */
export function defineStep<const L extends readonly Field[], O extends object>(step: Step<L, O>): Step<L, O> {
	DECLARED.set(`${step.station}.${step.step}`, step);
	return step;
}

/**
 * What a step declared of itself. A browser that loaded one station knows the steps of that one: it is sent what stands only, so nothing
 * that another station declares is missed there. A step of an earlier release that is gone declared nothing.
 */
export const rulesOf = (r: { station: StationId; step: string }): StepRules =>
	DECLARED.get(`${r.station}.${r.step}`) ?? NOTHING;
const NOTHING: StepRules = {};
