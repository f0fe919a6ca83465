import { InputFault } from '../calculation/fault.js';
import { dateOf, dayNumber } from '../numeric/calendar.js';
import { median } from '../numeric/median.js';
import { type LedgerEvent, ledger } from './ledger.js';

/** A line as the shop keeps it, oldest first. */
export interface KeptLine {
	id: number;
	kind: string;
	/** The day, yyyy-mm-dd. */
	date: string;
	diameterMm: number | null;
	/** What is told beside it. */
	note: string | null;
	/** Set aside because something went wrong with it turning or in hand. */
	incident: boolean;
	/** The line it stands for. */
	correctsId: number | null;
	setupId: number | null;
	machine: string | null;
	by: string;
}
/** What a page has of a wheel's book: its newest lines and what it measured when it was new. */
export interface WheelBook {
	lines: readonly KeptLine[];
	newDiameterMm: number;
}

const AS_IT_IS: Readonly<Record<string, LedgerEvent['event']>> = {
	mounted: 'mounted',
	remounted: 'remounted',
	inspected: 'inspected',
	cleared: 'inspected',
	trued: 'trued',
	dressed: 'dressed',
	redressed: 'redressed',
	crashed: 'crashed',
	parked: 'parked',
	scrapped: 'scrapped'
};
const MEASURED: readonly LedgerEvent['event'][] = ['trued', 'dressed', 'redressed'];

/**
 * A wheel's book as the trend takes it. It begins when the wheel is mounted first; a corrected line counts as it was put right; what is
 * missing after an incident, up to the first diameter measured since, is what the crash took.
 */
export function bookOf({ lines, newDiameterMm }: WheelBook): LedgerEvent[] {
	const right = new Map(
		lines.filter((line) => line.correctsId !== null).map((line) => [line.correctsId!, line.diameterMm])
	);
	const events: LedgerEvent[] = [];
	let nowMm = newDiameterMm;
	let hit: LedgerEvent | null = null;
	for (const l of lines) {
		const diameterMm = right.get(l.id) ?? l.diameterMm;
		const event = l.incident ? 'crashed' : AS_IT_IS[l.kind];
		if (!event || l.correctsId !== null) {
			nowMm = diameterMm ?? nowMm;
			continue;
		}
		if (MEASURED.includes(event) && diameterMm === null) continue;
		if (hit && diameterMm !== null && MEASURED.includes(event)) {
			hit.diameterMm = Math.min(diameterMm, hit.diameterMm!);
			hit = null;
		}
		nowMm = diameterMm ?? nowMm;
		if (events.length === 0 && event !== 'mounted' && event !== 'remounted') {
			if (event === 'inspected' || event === 'parked') continue;
			events.push({ date: l.date, event: 'mounted', diameterMm: nowMm });
		}
		const first = events.length === 0;
		const line: LedgerEvent = {
			date: l.date,
			event: first ? 'mounted' : event,
			diameterMm: MEASURED.includes(event) || event === 'crashed' || event === 'mounted' ? nowMm : diameterMm
		};
		if (first) line.diameterMm = nowMm;
		events.push(line);
		if (event === 'crashed') hit = line;
	}
	return events;
}

/** What the book says: its trend, or why it says nothing. */
export function readBook(
	book: WheelBook,
	minDiameterMm: number
): { events: LedgerEvent[]; says: ReturnType<typeof ledger.run> | null; fault: InputFault | null } {
	const events = bookOf(book);
	if (!events.length) return { events, says: null, fault: null };
	try {
		return { events, says: ledger.run({ events, minDiameterMm }), fault: null };
	} catch (error) {
		if (!(error instanceof InputFault)) throw error;
		return { events, says: null, fault: error };
	}
}

/** So many of the last diameters speak for the band. */
const LAST = 21;
const [LOW, HIGH] = [0.25, 0.75];

/**
 * Between which days the wheel is used up, as the middle half of the slopes between its last diameters has it; null while they are too
 * few or do not fall.
 */
export function endBand(
	events: readonly LedgerEvent[],
	minDiameterMm: number
): { early: string; late: string; middle: number } | null {
	const points = events
		.filter((e) => e.diameterMm !== null && (MEASURED.includes(e.event) || e.event === 'mounted'))
		.slice(-LAST)
		.map((e) => ({ day: dayNumber(e.date), mm: e.diameterMm! }));
	const slopes = points
		.flatMap((point, i) =>
			points.slice(i + 1).map((q) => (q.day === point.day ? NaN : (q.mm - point.mm) / (q.day - point.day)))
		)
		.filter((s) => Number.isFinite(s))
		.sort((a, b) => a - b);
	const last = points.at(-1);
	if (!last || slopes.length < 3) return null;
	const [steep, flat] = [slopes[Math.floor(LOW * slopes.length)]!, slopes[Math.floor(HIGH * slopes.length)]!];
	if (flat >= 0 || last.mm <= minDiameterMm) return null;
	const day = (slope: number) =>
		dateOf(last.day + Math.min(1e5, Math.floor((last.mm - minDiameterMm) / -slope)));
	return { early: day(steep), late: day(flat), middle: median(slopes) };
}
