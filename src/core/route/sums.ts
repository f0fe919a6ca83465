import type { RecordFacts } from './facts.js';

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

/**
 * Sums over all records, overtaken ones too; what is said of the wheel counts for the one now taken only. With `soFar` the records are
 * those that came since, for the same wheel.
 */
export function sumsOf(records: readonly RecordFacts[], wheelId: number | null, soFar: Sums = NO_SUMS): Sums {
	const sums = { ...soFar };
	// A step of several results is one deed.
	let deed: string | null = null;
	for (const r of records) {
		// What was stopped was not booked.
		const booked = r.station === 'keep' && r.step === 'entry' && r.verdict !== 'stop';
		if (booked) {
			sums.bookings++;
			sums.partsGround += Number(r.entered.partsGround ?? 0);
		}
		if (r.wheelId !== wheelId) continue;
		if (r.station === 'balance' && r.step !== 'track' && r.calculation === 'balance.tolerance') sums.rolls++;
		runOut(sums, r);
		const again = r.together !== undefined && r.together === deed;
		if (booked) grind(sums, r);
		else if (!again && r.station === 'dress' && (r.step === 'done' || r.step === 'again')) {
			dressed(sums, r);
			if (r.step === 'done') sums.redresses = 0;
		}
		deed = r.together;
	}
	return sums;
}

const CURES_RUNOUT: Readonly<Record<string, true>> = {
	'true.after': true,
	'true.after-pencil': true,
	'true.seat': true
};
/** Whether the rim was found running out and neither trued, moved on its seat nor mounted again since. */
function runOut(sums: Sums, record: RecordFacts): void {
	if (record.station === 'mount' || `${record.station}.${record.step}` in CURES_RUNOUT) sums.ranOut = false;
	else if (record.station === 'true' && record.step !== 'face') {
		const [tir, limit] = [record.output.tirUm, record.input.limitTirUm];
		sums.ranOut ||= typeof tir === 'number' && typeof limit === 'number' && tir > limit;
	}
}

const figureOf = (v: unknown): number | null => (typeof v === 'number' ? v : null);

/** Parts and infeed of one booking; one that says it was redressed ends with a fresh wheel, wherever in the part that was. */
function grind(sums: Sums, record: RecordFacts): void {
	const { entered } = record;
	sums.redressAfter = figureOf(entered.redressAfterParts) ?? sums.redressAfter;
	sums.redressAfterMm = figureOf(entered.redressAfterMm) ?? sums.redressAfterMm;
	const parts = Number(entered.partsGround ?? 0);
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
