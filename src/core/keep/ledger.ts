import { choice, date, group, list, mm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { dateOf, dayNumber } from '../numeric/calendar.js';
import { median } from '../numeric/median.js';
import { SLACK, floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

const EVENTS = [
	'mounted',
	'inspected',
	'trued',
	'dressed',
	'redressed',
	'crashed',
	'parked',
	'remounted',
	'scrapped'
] as const;
type EventName = (typeof EVENTS)[number];
/** One line of a wheel's book. */
export interface LedgerEvent {
	date: string;
	event: EventName;
	diameterMm: number | null;
}
const MEASURED: readonly EventName[] = ['mounted', 'trued', 'dressed', 'redressed', 'crashed'];
const LOSING = ['trued', 'dressed', 'redressed', 'crashed'] as const;
const CUT_CLEAN: readonly EventName[] = ['trued', 'dressed', 'redressed'];
/** A reading may be off so far; more is no noise. */
const NOISE_MM = 0.02;
const FEW = 3;

/** The wheel's diary: what state it is in, what took its diameter, and when it is used up. */
export const ledger = defineCalculation({
	id: 'keep.ledger',
	title: "The wheel's book",
	about:
		'Every measured diameter with its date: the trend down to scrap, crashes kept apart, and whether the wheel may run after one.',
	source: 'Theil-Sen line (textbook robust statistics): the median of all slopes between two days.',
	formulas: [
		'slope = median of all pair slopes, diameters with what crashes took added back',
		'days left = (diameter - scrap)/-slope'
	],
	fields: [
		list(
			'events',
			'In order of their dates',
			group(
				'event',
				'One line',
				[
					date('date', 'On', { required: true, label: 'Date' }),
					choice('event', 'What happened', EVENTS, { required: true, label: 'What' }),
					mm('diameterMm', 'Measured', { ...WHEEL_DIAMETER_MM, label: 'Diameter' })
				],
				{ required: true }
			),
			{ required: true, minItems: 1, maxItems: 1000, label: 'Lines' }
		),
		mm('minDiameterMm', 'Not below this', { ...WHEEL_DIAMETER_MM, required: true, label: 'Scrap diameter' })
	],
	outputs: [
		{ name: 'daysLeft', unit: 'day', about: 'Days left', main: true },
		{ name: 'endDate', about: 'Used up on' },
		{ name: 'state', about: 'It is' },
		{ name: 'diameterNowMm', unit: 'mm', about: 'Diameter now' },
		{ name: 'slopeMmPerDay', unit: 'mm/day', about: 'Loses a day' },
		{ name: 'pointCount', about: 'Diameters measured' },
		{ name: 'radialLossUm', unit: 'um', about: 'Off the radius, by what' }
	],
	example: {
		events: [
			{ date: '2026-02-02', event: 'mounted', diameterMm: 200 },
			{ date: '2026-02-06', event: 'redressed', diameterMm: 199.6 },
			{ date: '2026-02-10', event: 'redressed', diameterMm: 199.1 },
			{ date: '2026-02-11', event: 'crashed', diameterMm: 198.5 }
		],
		minDiameterMm: 170
	},
	compute({ events, minDiameterMm }) {
		const book = read(events);
		const { points, nowMm, lastMeasured } = book;
		const enough = points.length >= FEW && new Set(points.map((point) => point.day)).size > 1;
		const slope = enough ? slopeOf(points) : null;
		const wears = slope !== null && slope < 0;
		const daysLeft = wears ? Math.max(0, (nowMm - minDiameterMm) / -slope) : null;
		const findings = new Findings()
			.stop(
				'at-minimum-diameter',
				nowMm <= minDiameterMm + SLACK,
				'The wheel is at its scrap diameter. Take it off.'
			)
			.stop(
				'crash-not-cleared',
				!book.cleared,
				'It was hit and is not cleared: inspect it, then true or dress it, before it grinds.'
			)
			.caution(
				'too-few-events',
				!enough,
				'Three diameters on more than one day are needed before a trend says anything.'
			)
			.caution('no-wear-trend', enough && !wears, 'By these diameters the wheel does not wear.');
		return {
			state: book.state,
			diameterNowMm: nowMm,
			slopeMmPerDay: slope,
			daysLeft,
			endDate:
				daysLeft === null ? null : dateOf(dayNumber(lastMeasured) + Math.min(1e6, floorKind(daysLeft))),
			pointCount: points.length,
			radialLossUm: book.radialLossUm,
			...findings.judged()
		};
	}
});

interface Point {
	day: number;
	mm: number;
}
/** Walks the book once. @throws InputFault on the first line that cannot be */
function read(events: readonly LedgerEvent[]) {
	const fault = (k: number, field: string, code: string, says: string) =>
		new InputFault(`events.${k}.${field}`, code, says);
	const radialLossUm = { trued: 0, dressed: 0, redressed: 0, crashed: 0 };
	const points: Point[] = [];
	let [state, nowMm, crashedMm, lastMeasured] = ['mounted', NaN, 0, ''];
	let waits: 'nothing' | 'inspection' | 'dress' = 'nothing';
	for (const [k, e] of events.entries()) {
		if (k === 0 && e.event !== 'mounted')
			throw fault(k, 'event', 'unknown-choice', "A wheel's book begins when it is mounted.");
		if (state === 'scrapped')
			throw fault(k, 'event', 'after-scrapped', 'A scrapped wheel has no further lines. Take this one out.');
		if (k > 0 && e.date < events[k - 1]!.date)
			throw fault(k, 'date', 'out-of-order', `${e.date} is before the line above. Put the lines in order.`);
		if (MEASURED.includes(e.event)) {
			if (e.diameterMm === null)
				throw fault(k, 'diameterMm', 'missing', `Diameter of line ${k + 1} is missing. Measure it.`);
			if (e.diameterMm > nowMm + NOISE_MM + SLACK)
				throw fault(
					k,
					'diameterMm',
					'diameter-grew',
					`${e.diameterMm} mm is more than ${nowMm} mm before. A wheel does not grow; measure again.`
				);
		} else if (e.diameterMm !== null && e.diameterMm > nowMm + NOISE_MM + SLACK)
			throw fault(k, 'diameterMm', 'diameter-grew', `${e.diameterMm} mm is more than ${nowMm} mm before.`);
		const lossMm = e.diameterMm === null || Number.isNaN(nowMm) ? 0 : nowMm - e.diameterMm;
		const taken = LOSING.find((name) => name === e.event);
		if (taken) radialLossUm[taken] += 500 * lossMm;
		if (e.event === 'crashed') {
			crashedMm += lossMm;
			waits = 'inspection';
		} else if (e.event === 'inspected' && waits === 'inspection') waits = 'dress';
		else if (CUT_CLEAN.includes(e.event) && waits === 'dress') waits = 'nothing';
		if (e.diameterMm !== null) [nowMm, lastMeasured] = [e.diameterMm, e.date];
		if (MEASURED.includes(e.event) && e.event !== 'crashed')
			points.push({ day: dayNumber(e.date), mm: e.diameterMm! + crashedMm });
		if (e.event === 'scrapped' || e.event === 'parked') state = e.event;
		else if (e.event !== 'inspected') state = 'mounted';
	}
	return { state, nowMm, lastMeasured, points, radialLossUm, cleared: waits === 'nothing' };
}

/** Middle of all slopes between points of different days. */
function slopeOf(points: readonly Point[]): number {
	const slopes: number[] = [];
	for (let i = 0; i < points.length; i++)
		for (let j = i + 1; j < points.length; j++) {
			const days = points[j]!.day - points[i]!.day;
			if (days !== 0) slopes.push((points[j]!.mm - points[i]!.mm) / days);
		}
	return median(slopes);
}
