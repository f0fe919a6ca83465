import { tolerance } from '../balance/tolerance.js';
import type { RecordFacts } from '../facts/records.js';
import { rulesOf } from './define-step.js';

/** Sums over the whole history of a setup, for those who look at what stands only. */
export interface Sums {
	/** Rolls and runs that told about the unbalance of the wheel now taken. */
	rolls: number;
	/** The rim of the wheel now taken ran out by more than it may, and nobody has booked since what cured it. */
	ranOut: boolean;
	/** Entries in the ledger since the release, and parts ground by them. */
	bookings: number;
	partsGround: number;
	/** Parts finished since it was dressed last, and after how many it is due; null while nobody has said. */
	partsSinceDress: number;
	redressAfter: number | null;
	/** The same by infeed. */
	redressAfterMm: number | null;
	/** How deep the part under way is ground; 0 between parts. */
	inPartMm: number;
	/** How deep the part was that lay under the wheel when it was dressed last; 0 where that was between parts. */
	dressedAtMm: number;
	/** Redresses since the dress it was released with. */
	redresses: number;
	/** Off the radius by the last of them; null while nobody has said. */
	lastTakenUm: number | null;
	/** When the wheel was dressed last; null where it never was. */
	dressedAtMs: number | null;
}
export const NO_SUMS: Sums = {
	rolls: 0,
	ranOut: false,
	bookings: 0,
	partsGround: 0,
	partsSinceDress: 0,
	redressAfter: null,
	redressAfterMm: null,
	inPartMm: 0,
	dressedAtMm: 0,
	redresses: 0,
	lastTakenUm: null,
	dressedAtMs: null
};

/** What a step may ask while it adds a record to the sums. */
export interface SumContext {
	/** It is of the wheel now taken. */
	ofThisWheel: boolean;
	/** The first of everything that was recorded in one go. */
	first: boolean;
}

/**
 * Sums over all records, overtaken ones too; what is said of the wheel counts for the one now taken only. With `soFar` the records are
 * those that came since, for the same wheel.
 */
export function sumsOf(records: readonly RecordFacts[], wheelId: number | null, soFar: Sums = NO_SUMS): Sums {
	const sums = { ...soFar };
	let together: string | null = null;
	for (const record of records) {
		const ofThisWheel = record.wheelId === wheelId;
		const first = record.together === undefined || record.together !== together;
		const rules = rulesOf(record);
		// What takes the standing of True from a wheel leaves its run-out unknown.
		if (ofThisWheel && rules.invalidates?.includes('true')) sums.ranOut = false;
		rules.sumsInto?.(sums, record, { ofThisWheel, first });
		if (ofThisWheel) together = record.together;
	}
	return sums;
}

/** A roll or a run told about the unbalance. */
export function countRoll(sums: Sums, record: RecordFacts, { ofThisWheel }: SumContext): void {
	if (ofThisWheel && record.calculation === tolerance.id) sums.rolls++;
}

/** The rim was read: whether it runs out by more than it may. */
export function noteRunOut(sums: Sums, { input, output }: RecordFacts, { ofThisWheel }: SumContext): void {
	const [tir, limit] = [figureOf(output.tirUm), figureOf(input.limitTirUm)];
	if (ofThisWheel && tir !== null && limit !== null && tir > limit) sums.ranOut = true;
}
/** The rim was trued, or moved on its seat. */
export function cureRunOut(sums: Sums, _record: RecordFacts, { ofThisWheel }: SumContext): void {
	if (ofThisWheel) sums.ranOut = false;
}

/** The wheel was dressed before or after its release. */
export function countDress(sums: Sums, record: RecordFacts, { ofThisWheel, first }: SumContext): void {
	if (ofThisWheel && first) dressed(sums, record);
}
/** The dress a wheel is released with: redresses are counted from it. */
export function countFirstDress(sums: Sums, record: RecordFacts, about: SumContext): void {
	countDress(sums, record, about);
	if (about.ofThisWheel && about.first) sums.redresses = 0;
}

const figureOf = (value: unknown): number | null => (typeof value === 'number' ? value : null);

/** Parts and infeed of one booking; one that says it was redressed ends with a fresh wheel, wherever in the part that was. */
export function countBooking(sums: Sums, record: RecordFacts, { ofThisWheel }: SumContext): void {
	// What was stopped was not booked.
	if (record.verdict === 'stop') return;
	const { entered } = record;
	const parts = Number(entered.partsGround ?? 0);
	sums.bookings++;
	sums.partsGround += parts;
	if (!ofThisWheel) return;
	sums.redressAfter = figureOf(entered.redressAfterParts) ?? sums.redressAfter;
	sums.redressAfterMm = figureOf(entered.redressAfterMm) ?? sums.redressAfterMm;
	sums.partsSinceDress += parts;
	sums.inPartMm = figureOf(entered.inPartMm) ?? (parts > 0 ? 0 : sums.inPartMm);
	if (entered.what === 'redressed') dressed(sums, record);
}
function dressed(sums: Sums, record: RecordFacts): void {
	sums.partsSinceDress = 0;
	sums.dressedAtMm = sums.inPartMm;
	sums.redresses++;
	sums.dressedAtMs = record.atMs;
	sums.lastTakenUm = figureOf(record.entered.takenUm) ?? sums.lastTakenUm;
}
