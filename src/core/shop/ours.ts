import { median } from '../numeric/median.js';

/** A figure the shop has learnt from its own records: the middle, from where to where, and from how many. */
export interface Ours {
	median: number;
	low: number;
	high: number;
	count: number;
	/** So many are enough to be used in place of a guideline. */
	needed: number;
	/** There are that many. */
	enough: boolean;
}
/** What the records of a machine have taught the shop, and how a form wears in this kind of wheel. */
export interface ShopBaselines {
	cycleS: Ours | null;
	redressS: Ours | null;
	changeoverS: Ours | null;
	lossUmPerMm: Ours | null;
	/** The whole wheel off its radius for each mm ground, by its diameters. */
	wornUmPerMm: Ours | null;
	/** How quickly machine, wheel and work spring back, read while it sparked out. */
	tauS: Ours | null;
}
/** So many are enough (guideline). */
const ENOUGH = 5;
/** A time constant is fitted through many readings each time: fewer are enough. */
export const ENOUGH_FITS = 3;

/** What so many figures say; null where there are none. @example learnt([3, 5, 4]) // {"median":4,"low":3,"high":5,"count":3,"needed":5,"enough":false} */
export function learnt(values: readonly number[], needed = ENOUGH): Ours | null {
	if (!values.length) return null;
	return {
		median: median([...values]),
		low: Math.min(...values),
		high: Math.max(...values),
		count: values.length,
		needed,
		enough: values.length >= needed
	};
}

/** One record by its stamp: which step of which setup, and what was told. */
export interface Stamp {
	setupId: number;
	step: string;
	atMs: number;
	what?: string | undefined;
	parts?: number | undefined;
}
/** A booking by what it says of the wheel's size. */
export interface Sized {
	setupId: number;
	what: string | undefined;
	parts: number;
	/** How deep the part under way is. */
	inPartMm: number | null;
	/** As measured; null where nobody measured. */
	diameterMm: number | null;
	/** Off the radius by a redress. */
	takenUm: number | null;
	/** Ground off one part; null where the job does not say. */
	partMm: number | null;
}
/** Longer than this nobody was at it: a night lies between. */
const AT_A_STRETCH_S = 4 * 3600;
const seconds = (from: Stamp, to: Stamp): number => (to.atMs - from.atMs) / 1000;
const atAStretch = (s: number): boolean => s > 0 && s <= AT_A_STRETCH_S;

/** Seconds a part took: from one booking of a setup to the next, where that one books parts and nothing else. Oldest first. */
export function cyclesS(bookings: readonly Stamp[]): number[] {
	const last = new Map<number, Stamp>();
	return bookings.flatMap((booking) => {
		const before = last.get(booking.setupId);
		last.set(booking.setupId, booking);
		if (!before || booking.what !== 'ground-on' || !booking.parts) return [];
		const s = seconds(before, booking);
		return atAStretch(s) ? [s / booking.parts] : [];
	});
}

/** Seconds from a stamp of one kind to the next of another in the same setup. */
function between(stamps: readonly Stamp[], begins: string, ends: string): number[] {
	const begun = new Map<number, Stamp>();
	return stamps.flatMap((stamp) => {
		if (stamp.step === begins) begun.set(stamp.setupId, stamp);
		const from = begun.get(stamp.setupId);
		if (stamp.step !== ends || !from) return [];
		begun.delete(stamp.setupId);
		const s = seconds(from, stamp);
		return atAStretch(s) ? [s] : [];
	});
}
/** Seconds a dress took: from its settings to the dressed wheel. Oldest first. */
export const redressesS = (stamps: readonly Stamp[]): number[] => between(stamps, 'settings', 'done');

/** Seconds a machine stood between two wheels: from one taken off to the next released. Oldest first, of one machine. */
export function changeoversS(stamps: readonly Stamp[]): number[] {
	let off: Stamp | null = null;
	return stamps.flatMap((stamp) => {
		if (stamp.step === 'entry' && (stamp.what === 'taken-off' || stamp.what === 'worn-out')) off = stamp;
		if (stamp.step !== 'release' || !off) return [];
		const s = seconds(off, stamp);
		off = null;
		return atAStretch(s) ? [s] : [];
	});
}

/**
 * What a wheel loses off its radius for each mm ground, µm: between two measured diameters of a setup, without what redresses took in
 * between. Where one of those is not known, or nothing was ground, nothing is said. Oldest first.
 */
export function wornUmPerMm(bookings: readonly Sized[]): number[] {
	const since = new Map<
		number,
		{ diameterMm: number; atMm: number; groundMm: number; takenUm: number | null }
	>();
	return bookings.flatMap((booking) => {
		const from = since.get(booking.setupId);
		const atMm = booking.inPartMm ?? (booking.parts > 0 || !from ? 0 : from.atMm);
		const groundMm =
			from && booking.partMm !== null ? from.groundMm + booking.parts * booking.partMm + atMm - from.atMm : 0;
		const takes = booking.what === 'redressed' ? booking.takenUm : 0;
		const takenUm = !from || from.takenUm === null || takes === null ? null : from.takenUm + takes;
		if (booking.diameterMm !== null)
			since.set(booking.setupId, { diameterMm: booking.diameterMm, atMm, groundMm: 0, takenUm: 0 });
		else if (from) since.set(booking.setupId, { ...from, atMm, groundMm, takenUm });
		if (booking.diameterMm === null || !from || takenUm === null || groundMm <= 0) return [];
		return [((1000 * (from.diameterMm - booking.diameterMm)) / 2 - takenUm) / groundMm];
	});
}
