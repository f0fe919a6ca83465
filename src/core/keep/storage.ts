import { choice, date, from0, mm, number, over0, percent, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { addMonths, dayNumber, monthsBetween } from '../numeric/calendar.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

const ORGANIC = ['B', 'BF', 'R', 'RF', 'E', 'PL'];
const SHELF_MONTHS = { organic: 36, MG: 12 };
const SOON_DAYS = 90;
const [SMALL_MM, THIN_MM] = [80, 6];
const [DAMP_PCT, COLD_C, WARM_C] = [70, 5, 40];

/** How a wheel is kept, and until when it may be used. */
export const storage = defineCalculation({
	id: 'keep.storage',
	title: 'Storage and shelf life',
	about: 'Where and how a wheel is stored, how old it is, and whether its date still lets it run.',
	source:
		'Three years for organic hand-held wheels by EN 12413; every other figure is a shop guideline. What its maker says goes before this.',
	formulas: [
		'expiry = the earlier of the marked date and made + shelf life',
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
		number('shelfLifeMonths', '36 for organic bonds, 12 for magnesia when empty', {
			...over0(600),
			label: 'Shelf life, months'
		}),
		yesNo('dropped', 'Or hit', { default: false, label: 'It fell' }),
		yesNo('frozenWet', 'Wet, then frost', { default: false, label: 'Frozen while wet' }),
		yesNo('storedWet', 'Or in coolant', { default: false, label: 'Kept wet' }),
		percent('humidityPct', 'Of the store', { ...from0(100), label: 'Humidity' }),
		number('temperatureC', 'Of the store', { min: -60, max: 100, label: 'Temperature, °C' })
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
	compute(v) {
		if (v.madeOn !== null && v.madeOn > v.today)
			throw new InputFault(
				'madeOn',
				'inconsistent',
				`Made on ${v.madeOn} is after today, ${v.today}. Read it again.`
			);
		const organic = ORGANIC.includes(v.bond);
		const shelfMonths =
			v.shelfLifeMonths ?? (organic ? SHELF_MONTHS.organic : v.bond === 'MG' ? SHELF_MONTHS.MG : null);
		const ends =
			v.madeOn !== null && shelfMonths !== null ? addMonths(v.madeOn, Math.floor(shelfMonths)) : null;
		const expiresOn = [ends, v.markedExpiry].filter((d) => d !== null).sort()[0] ?? null;
		const daysToExpiry = expiresOn === null ? null : dayNumber(expiresOn) - dayNumber(v.today);
		const past = daysToExpiry !== null && daysToExpiry < 0;
		const dateless = (organic || v.bond === 'MG') && expiresOn === null;
		const NO_DATE = 'No date is marked on a bond that ages. Ask its maker before it runs.';
		const findings = new Findings()
			.stop('dropped', v.dropped, 'A wheel that fell or was hit is finished, even if nothing shows.')
			.stop('frozen-wet', v.frozenWet, 'Frost in wet pores can have cracked it. It is not mounted.')
			.stop('shelf-life-expired', past && v.handHeld, `It was to be used by ${expiresOn ?? ''}. Destroy it.`)
			.caution(
				'shelf-life-passed',
				past && !v.handHeld,
				`Its date, ${expiresOn ?? ''}, has passed. Ask the person in charge and its maker.`
			)
			.caution(
				'expires-soon',
				daysToExpiry !== null && daysToExpiry >= 0 && daysToExpiry <= SOON_DAYS,
				`Use it first: its date is ${expiresOn ?? ''}.`
			)
			.stop('no-date', dateless && v.handHeld, NO_DATE)
			.caution('no-date', dateless && !v.handHeld, NO_DATE)
			.caution('stored-wet', v.storedWet, 'Dry it slowly at room temperature, then inspect and ring it.')
			.caution('too-damp', (v.humidityPct ?? 0) > DAMP_PCT, 'Too damp for wheels. Keep them dry.')
			.caution(
				'temperature',
				v.temperatureC !== null && (v.temperatureC < COLD_C || v.temperatureC > WARM_C),
				'Too cold or too warm for wheels. Room temperature, without jumps.'
			);
		return {
			ageMonths: v.madeOn === null ? null : monthsBetween(v.madeOn, v.today),
			expiresOn,
			daysToExpiry,
			organic,
			position: positionOf(v, organic),
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
