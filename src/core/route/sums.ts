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
	/** Parts ground since it was dressed last, and after how many it is due; null while nobody has said. */
	partsSinceDress: number;
	redressAfter: number | null;
}
/** Sums over all records, overtaken ones too; rolls count for the wheel now taken only. */
export function sumsOf(records: readonly RecordFacts[], wheelId: number | null): Sums {
	const own = records.filter((r) => r.wheelId === wheelId);
	const booked = records.filter((r) => r.station === 'keep' && r.step === 'entry');
	return {
		rolls: own.filter(
			(r) => r.station === 'balance' && r.step !== 'track' && r.calculation === 'balance.tolerance'
		).length,
		ranOut: ranOut(own),
		bookings: booked.length,
		...sinceDress(own),
		partsGround: booked.reduce((n, r) => n + Number(r.entered.partsGround ?? 0), 0)
	};
}

/** Whether the rim was found running out and neither trued, moved on its seat nor mounted again since. */
function ranOut(records: readonly RecordFacts[]): boolean {
	let over = false;
	for (const r of records) {
		if (r.station === 'mount' || `${r.station}.${r.step}` in CURES_RUNOUT) over = false;
		else if (r.station === 'true' && r.step !== 'face') {
			const [tir, limit] = [r.output.tirUm, r.input.limitTirUm];
			over ||= typeof tir === 'number' && typeof limit === 'number' && tir > limit;
		}
	}
	return over;
}
const CURES_RUNOUT: Readonly<Record<string, true>> = {
	'true.after': true,
	'true.after-pencil': true,
	'true.seat': true
};

/** Parts booked since the last dress; a booking that says it was redressed ends with a fresh wheel. */
function sinceDress(records: readonly RecordFacts[]): Pick<Sums, 'partsSinceDress' | 'redressAfter'> {
	let [parts, after]: [number, number | null] = [0, null];
	for (const r of records) {
		if (r.station === 'dress' && (r.step === 'done' || r.step === 'again')) parts = 0;
		if (r.station !== 'keep' || r.step !== 'entry') continue;
		const told = r.entered.redressAfterParts;
		if (typeof told === 'number') after = told;
		parts = r.entered.what === 'redressed' ? 0 : parts + Number(r.entered.partsGround ?? 0);
	}
	return { partsSinceDress: parts, redressAfter: after };
}
