import { date, from0, mm, number, over0, um, whole, minutes, wholeOf } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import type { Values } from '../calculation/fields.js';
import { Findings } from '../calculation/verdict.js';
import { workingDaysFrom } from '../numeric/calendar.js';
import { OPEN_DAYS } from '../numeric/open-days.js';
import { ceilKind, floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

/** Further ahead nobody plans. */
const MAX_DAYS = 20_000;
const cost = <const N extends string>(name: N, label: string, about: string) =>
	number(name, about, { ...from0(1e9), default: 0, label });

const FIELDS = [
	mm('diameterMm', 'As it measures now', { ...WHEEL_DIAMETER_MM, required: true, label: 'Diameter today' }),
	mm('minDiameterMm', 'Not below this', { ...WHEEL_DIAMETER_MM, required: true, label: 'Scrap diameter' }),
	mm('newDiameterMm', 'The one today when empty', { ...WHEEL_DIAMETER_MM, label: 'Diameter when new' }),
	um('redressUm', 'Off the radius', { ...over0(100000), required: true, label: 'Redress' }),
	whole('partsPerRedress', '0 when it is redressed inside a part', {
		...from0(1e6),
		required: true,
		label: 'Parts between redresses'
	}),
	whole('redressesPerPart', 'When it is redressed inside', {
		min: 1,
		max: 10000,
		label: 'Redresses in a part'
	}),
	mm('partDepthMm', 'Infeed for one part', { ...over0(1000), label: 'Depth of a part' }),
	whole('partsSinceRedress', 'Ground since the last one', {
		...from0(1e6),
		default: 0,
		label: 'Parts since the redress'
	}),
	um('reserveUm', 'Of the radius, kept back', { ...from0(1e7), default: 0, label: 'Reserve' }),
	number('partsPerDay', 'Each working day', { ...over0(1e6), required: true, label: 'Parts a day' }),
	date('fromDate', 'Counted from', { required: true, label: 'From' }),
	wholeOf('day')('leadTimeDays', 'Working days from order to delivery', {
		...from0(2000),
		default: 14,
		label: 'Delivery takes'
	}),
	wholeOf('day')('safetyDays', 'Working days to spare', { ...from0(2000), default: 5, label: 'To spare' }),
	...OPEN_DAYS,
	cost('wheelCost', 'A wheel costs', 'In your money'),
	minutes('redressTimeMin', 'One of them', { ...from0(10000), default: 0, label: 'A redress takes' }),
	cost('labourCostPerHour', 'An hour costs', 'Man and machine')
] as const;

/** Redresses, parts and days left in a wheel, when the next one is ordered, and what a part costs. */
export const lifeForecast = defineCalculation({
	id: 'keep.life-forecast',
	worse: {
		redressUm: 'up',
		partsPerRedress: 'down',
		reserveUm: 'up',
		partsPerDay: 'up',
		leadTimeDays: 'up',
		safetyDays: 'up'
	},
	title: 'How long the wheel lasts',
	about:
		'From what a redress takes off: how many parts the wheel still grinds, on which day it ends, and by when the next is ordered.',
	source: 'Geometry and counting (first principles); delivery and days to spare are the shop’s own.',
	formulas: [
		'redresses = floor((1000 (D - D min)/2 - reserve)/redress)',
		'parts = (between redresses - since) + redresses x between redresses; inside: floor(redresses/n)',
		'last day = working day ceil(parts/rate), the first one counted; order by delivery and spare days before',
		'cost = wheel x m redress/(1000 (D new - D min)/2) + m x time x labour'
	],
	fields: FIELDS,
	outputs: [
		{ name: 'partsLeft', about: 'Parts left', main: true },
		{ name: 'redressesLeft', about: 'Redresses left' },
		{ name: 'daysLeft', unit: 'day', about: 'Working days left' },
		{ name: 'lastDate', about: 'Lasts until' },
		{ name: 'orderBy', about: 'Order by' },
		{ name: 'infeedLeftMm', unit: 'mm', about: 'Infeed left' },
		{ name: 'usableRadiusLeftUm', unit: 'um', about: 'Radius left' },
		{ name: 'radiusUsedPerPartUm', unit: 'um', about: 'Wheel used for a part' },
		{ name: 'costPerPart', about: 'A part costs' },
		{ name: 'wheelCostPerPart', about: 'Of it the wheel' },
		{ name: 'labourCostPerPart', about: 'Of it redressing' }
	],
	example: {
		diameterMm: 300,
		minDiameterMm: 250,
		redressUm: 40,
		partsPerRedress: 12,
		partsSinceRedress: 2,
		partsPerDay: 60,
		fromDate: '2026-05-04',
		wheelCost: 300,
		redressTimeMin: 3,
		labourCostPerHour: 50
	},
	compute(values) {
		const newMm = between(values);
		const p = values.partsPerRedress;
		const atEnd = values.diameterMm <= values.minDiameterMm;
		const usableRadiusLeftUm = Math.max(
			0,
			(1000 * (values.diameterMm - values.minDiameterMm)) / 2 - values.reserveUm
		);
		const redressesLeft = Math.max(0, floorKind(usableRadiusLeftUm / values.redressUm));
		const partsLeft = atEnd
			? 0
			: p > 0
				? p - values.partsSinceRedress + redressesLeft * p
				: Math.floor(redressesLeft / values.redressesPerPart!);
		const daysLeft = partsLeft / values.partsPerDay;
		// The first working day from then on is the first one that is ground on.
		const lastDay = Math.max(1, Math.min(MAX_DAYS, ceilKind(daysLeft)));
		const lastDate = workingDaysFrom(values.fromDate, lastDay - 1, values);
		const orderBy = workingDaysFrom(lastDate, -(values.leadTimeDays + values.safetyDays), values);
		const m = p > 0 ? 1 / p : values.redressesPerPart!;
		const radiusUsedPerPartUm = m * values.redressUm;
		const wheelCostPerPart =
			(values.wheelCost * radiusUsedPerPartUm) / ((1000 * (newMm - values.minDiameterMm)) / 2);
		const labourCostPerPart = m * (values.redressTimeMin / 60) * values.labourCostPerHour;
		const findings = new Findings()
			.stop('at-minimum-diameter', atEnd, 'The wheel is at its scrap diameter. Take it off.')
			.caution(
				'last-dress',
				!atEnd && redressesLeft === 0,
				'No redress is left in this wheel: it goes as far as it is sharp.'
			)
			.caution(
				'order-now',
				orderBy <= values.fromDate,
				`Order the next wheel now: it had to be ordered by ${orderBy}.`
			);
		return {
			redressesLeft,
			partsLeft,
			daysLeft,
			lastDate,
			orderBy,
			usableRadiusLeftUm,
			radiusUsedPerPartUm,
			infeedLeftMm: values.partDepthMm === null ? null : partsLeft * values.partDepthMm,
			wheelCostPerPart,
			labourCostPerPart,
			costPerPart: wheelCostPerPart + labourCostPerPart,
			...findings.judged()
		};
	}
});

/** What goes together; the diameter when new. @throws InputFault */
function between(values: Values<typeof FIELDS>): number {
	const newMm = values.newDiameterMm ?? values.diameterMm;
	if (newMm < values.diameterMm)
		throw new InputFault(
			'newDiameterMm',
			'inconsistent',
			`Diameter when new, ${newMm} mm, is under the one today, ${values.diameterMm} mm. A wheel does not grow.`
		);
	if (values.minDiameterMm >= newMm)
		throw new InputFault(
			'minDiameterMm',
			'inconsistent',
			`Scrap diameter ${values.minDiameterMm} mm is not under the diameter when new, ${newMm} mm. Enter a smaller one.`
		);
	if (values.partsPerRedress === 0 && values.redressesPerPart === null)
		throw new InputFault(
			'redressesPerPart',
			'missing',
			'Redresses in a part is missing. With no whole part between two, say how many fall inside one.'
		);
	if (values.partsPerRedress > 0 && values.redressesPerPart !== null)
		throw new InputFault(
			'redressesPerPart',
			'inconsistent',
			'Parts between redresses and redresses in a part were both given. Leave one out.'
		);
	if (values.partsSinceRedress > values.partsPerRedress)
		throw new InputFault(
			'partsSinceRedress',
			'inconsistent',
			`${values.partsSinceRedress} parts since the redress are more than the ${values.partsPerRedress} between two. Redress it, then count anew.`
		);
	return newMm;
}
