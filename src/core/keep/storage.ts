import {
	between,
	choice,
	date,
	from0,
	mm,
	over0,
	percent,
	yesNo,
	celsius,
	months
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { dayNumber, monthsBetween } from '../numeric/calendar.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { SHELF_MONTHS, bondAge, judgeAge } from '../spec/bond-age.js';
import { BOND_LETTERS } from '../spec/families.js';

const ORGANIC = ['B', 'BF', 'R', 'RF', 'E', 'PL'];
const SOON_DAYS = 90;
const [SMALL_MM, THIN_MM] = [80, 6];
const [DAMP_PCT, COLD_C, WARM_C] = [70, 5, 40];

/** How a wheel is kept, and until when it may be used. */
export const storage = defineCalculation({
	id: 'keep.storage',
	worse: { shelfLifeMonths: 'down' },
	title: 'Storage and shelf life',
	about: 'Where and how a wheel is stored, how old it is, and whether its date still lets it run.',
	source:
		'Three years for organic hand-held wheels by EN 12413; every other figure is a shop guideline. What its maker says goes before this.',
	formulas: [
		'expiry = the marked date, else made + shelf life; the earlier of both for magnesia and hand-held use',
		'the day itself is still usable'
	],
	fields: [
		choice('bond', 'Letters printed', [...ORGANIC, 'V', 'MG', 'metal', 'plated'] as const, {
			required: true,
			label: 'Bond'
		}),
		choice('shape', 'Of the wheel', ['straight', 'cup', 'cone', 'dish', 'mounted-point', 'segment'], {
			required: true,
			label: 'Shape'
		}),
		mm('diameterMm', 'Across', { ...WHEEL_DIAMETER_MM, required: true, label: 'Diameter' }),
		mm('thicknessMm', 'Along the axis', { ...over0(10000), required: true, label: 'Thickness' }),
		yesNo('handHeld', 'On a hand-held machine', { default: false, label: 'For hand-held use' }),
		date('madeOn', 'Marked', { label: 'Made on' }),
		date('markedExpiry', 'Marked', { label: 'Use by' }),
		date('today', 'The day that counts', { required: true, label: 'Today' }),
		months('shelfLifeMonths', '36 for organic bonds, 12 for magnesia when empty', {
			...between(1, SHELF_MONTHS.organic),
			label: 'Shelf life'
		}),
		yesNo('dropped', 'Or hit', { default: false, label: 'It fell' }),
		yesNo('frozenWet', 'Wet, then frost', { default: false, label: 'Frozen while wet' }),
		yesNo('storedWet', 'Or in coolant', { default: false, label: 'Kept wet' }),
		percent('humidityPct', 'Of the store', { ...from0(100), label: 'Humidity' }),
		celsius('temperatureC', 'Of the store', { min: -60, max: 100, label: 'Temperature' })
	],
	outputs: [
		{ name: 'position', about: 'Keep it', main: true },
		{ name: 'expiresOn', about: 'Use by' },
		{ name: 'daysToExpiry', unit: 'day', about: 'Days left' },
		{ name: 'ageMonths', unit: 'month', about: 'Age' },
		{ name: 'organic', about: 'Organic bond' }
	],
	example: {
		bond: 'B',
		shape: 'straight',
		diameterMm: 125,
		thicknessMm: 1.6,
		handHeld: true,
		madeOn: '2023-11-30',
		today: '2026-10-01'
	},
	compute(values) {
		if (values.madeOn !== null && values.madeOn > values.today)
			throw new InputFault(
				'madeOn',
				'inconsistent',
				`Made on ${values.madeOn} is after today, ${values.today}. Read it again.`
			);
		const organic = ORGANIC.includes(values.bond);
		if (
			values.bond === 'MG' &&
			values.shelfLifeMonths !== null &&
			values.shelfLifeMonths > SHELF_MONTHS.magnesia
		)
			throw new InputFault(
				'shelfLifeMonths',
				'above-maximum',
				`Shelf life, months: ${values.shelfLifeMonths} is too large for magnesia. Enter ${SHELF_MONTHS.magnesia} or less.`
			);
		const age = bondAge(
			{
				bond: BOND_LETTERS[values.bond] ?? values.bond,
				handHeld: values.handHeld,
				printedDate: values.markedExpiry,
				madeOn: values.madeOn,
				shelfMonths: values.shelfLifeMonths
			},
			values.today
		);
		const { expiresOn } = age;
		const daysToExpiry = expiresOn === null ? null : dayNumber(expiresOn) - dayNumber(values.today);
		const findings = new Findings()
			.stop('dropped', values.dropped, 'A wheel that fell or was hit is finished, even if nothing shows.')
			.stop('frozen-wet', values.frozenWet, 'Frost in wet pores can have cracked it. It is not mounted.')
			.caution(
				'expires-soon',
				daysToExpiry !== null && daysToExpiry >= 0 && daysToExpiry <= SOON_DAYS,
				`Use it first: its date is ${expiresOn ?? ''}.`
			)
			.caution('stored-wet', values.storedWet, 'Dry it slowly at room temperature, then inspect and ring it.')
			.caution('too-damp', (values.humidityPct ?? 0) > DAMP_PCT, 'Too damp for wheels. Keep them dry.')
			.caution(
				'temperature',
				values.temperatureC !== null && (values.temperatureC < COLD_C || values.temperatureC > WARM_C),
				'Too cold or too warm for wheels. Room temperature, without jumps.'
			);
		judgeAge(findings, age);
		return {
			ageMonths: values.madeOn === null ? null : monthsBetween(values.madeOn, values.today),
			expiresOn,
			daysToExpiry,
			organic,
			position: positionOf(values, organic),
			...findings.judged()
		};
	}
});

function positionOf(v: { diameterMm: number; thicknessMm: number; shape: string }, organic: boolean) {
	if (v.diameterMm <= SMALL_MM || v.shape === 'mounted-point' || v.shape === 'segment')
		return 'drawer-or-box';
	if (v.shape === 'cup' || v.shape === 'cone' || v.shape === 'dish') return 'flat-on-large-face';
	return organic && v.thicknessMm <= THIN_MM ? 'flat-on-steel-plate' : 'on-edge-in-rack';
}
