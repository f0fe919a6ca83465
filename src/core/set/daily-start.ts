import {
	choice,
	from0,
	group,
	list,
	number,
	over0,
	percent,
	whole,
	yesNo,
	bar,
	minutes,
	inUnit
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { type Values, unitOfName } from '../calculation/fields.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { DAILY_ITEMS, type DailyItem, type ItemState, SAFETY_ITEMS, WET_ITEMS } from './daily-items.js';
import { position } from './dial.js';

/** A stop stands at its place within this. */
const STOP_WITHIN_MM = 5;

const DAILY_CHECKS = [
	yesNo('guardClosed', 'Whole, and latched', { label: 'Guard closed' }),
	yesNo('dresserReturned', 'Off the chuck, in its place', { label: 'Dresser returned' }),
	yesNo('magnetHolds', 'A test piece cannot be pushed', { label: 'Magnet holds' }),
	yesNo('chuckStoned', 'Wiped, stoned, wiped', { label: 'Chuck stoned' }),
	yesNo('extractionOn', 'Draws', { label: 'Extraction on' }),
	percent('lubeLevelPct', 'In the glass', { ...from0(100), label: 'Oil, level' }),
	whole('lubePulls', 'Of the hand pump', { ...from0(100), label: 'Oil, pulls' }),
	percent('brixPct', 'As the refractometer reads', { ...from0(100), label: 'Refractometer' }),
	percent('coolantLevelPct', 'In the tank', { ...from0(100), label: 'Coolant, level' }),
	bar('hydraulicPressureBar', 'After it has built up', { ...from0(1000), label: 'Hydraulics' }),
	minutes('warmUpMin', 'Spindle and hydraulics have run', { ...from0(1440), label: 'Warmed up' }),
	yesNo('handwheelChecked', 'Each one turned a little', { label: 'Handwheels tried' }),
	yesNo('tableLocked', 'Or moved by hand only', { label: 'Table locked' }),
	position('stopLeftMm', 'Left stop', 'As it stands'),
	position('stopRightMm', 'Right stop', 'As it stands'),
	position('workStartMm', 'Work begins', 'Left end of the work'),
	position('workEndMm', 'Work ends', 'Right end of the work')
] as const;
const limit = <const N extends string, const D extends number>(name: N, label: string, about: string, d: D) =>
	inUnit(unitOfName(name))(name, about, {
		...from0(10000),
		default: d,
		guideline: true,
		label,
		advanced: true
	});
const FIELDS = [
	group('checks', 'What was looked at', DAILY_CHECKS, { default: {} as object }),
	list('notOnMachine', 'This machine has none', choice('item', 'Item', DAILY_ITEMS, { required: true }), {
		default: [] as DailyItem[],
		maxItems: 20,
		label: 'Not on this machine'
	}),
	yesNo('dry', 'No coolant today', { default: false, label: 'Ground dry' }),
	limit('lubeMinPct', 'Oil at least', 'In the glass', 25),
	limit('lubePullsWanted', 'Pulls wanted', 'Of the hand pump', 2),
	number('refractometerFactor', 'Of this coolant', {
		...over0(100),
		default: 1,
		guideline: true,
		label: 'Refractometer factor',
		advanced: true
	}),
	limit('concentrationMinPct', 'Concentration, least', 'Of the coolant', 3),
	limit('concentrationMaxPct', 'Concentration, most', 'Of the coolant', 6),
	limit('coolantMinPct', 'Coolant at least', 'In the tank', 50),
	limit('hydraulicMinBar', 'Hydraulics at least', 'On the gauge', 10),
	limit('warmUpWantedMin', 'Warm after', 'Spindle and hydraulics', 15),
	limit('overTravelMm', 'Over-travel', 'Beyond the work at each end', 25)
] as const;
type Given = Values<typeof FIELDS>;
type Checks = Values<typeof DAILY_CHECKS>;

/** Looked at in the morning: what protects people gates the start, the rest is put right first. */
export const dailyStart = defineCalculation({
	id: 'set.daily-start',
	worse: { lubeMinPct: 'up' },
	title: 'Morning sheet',
	about:
		'Oil, coolant, extraction, guard, chuck and magnet, dresser, handwheels, warm-up and table stops: what is open before this machine starts today.',
	source: 'General safety practice; every limit is a shop guideline.',
	formulas: [
		'concentration = refractometer x factor',
		'stops: work begins - over-travel, work ends + over-travel'
	],
	fields: FIELDS,
	outputs: [
		{ name: 'mayStart', about: 'May start', main: true },
		{ name: 'openCount', about: 'Open' },
		{ name: 'open', about: 'Still open' },
		{ name: 'stopLeftMm', unit: 'mm', about: 'Left stop at' },
		{ name: 'stopRightMm', unit: 'mm', about: 'Right stop at' },
		{ name: 'items', about: 'Item by item' }
	],
	example: {
		dry: true,
		notOnMachine: ['magnetHolds', 'hydraulicPressureBar', 'tableStops', 'lubePulls'],
		checks: {
			guardClosed: true,
			dresserReturned: true,
			chuckStoned: true,
			extractionOn: true,
			lubeLevelPct: 20,
			warmUpMin: 20,
			handwheelChecked: true
		}
	},
	compute(values) {
		const checks: Checks = values.checks;
		if (values.concentrationMinPct > values.concentrationMaxPct)
			throw new InputFault(
				'concentrationMaxPct',
				'inconsistent',
				`Concentration, most, ${values.concentrationMaxPct} %, is under the least, ${values.concentrationMinPct} %. Enter a larger one.`
			);
		const { workStartMm, workEndMm } = checks;
		if (workStartMm !== null && workEndMm !== null && workEndMm < workStartMm)
			throw new InputFault(
				'checks.workEndMm',
				'inconsistent',
				`The work ends at ${workEndMm} mm before it begins at ${workStartMm} mm. Exchange them.`
			);
		const known = workStartMm !== null && workEndMm !== null;
		const stopLeftMm = known ? workStartMm - values.overTravelMm : null;
		const stopRightMm = known ? workEndMm + values.overTravelMm : null;
		const items = DAILY_ITEMS.filter(
			(name) => !values.notOnMachine.includes(name) && !(values.dry && WET_ITEMS.includes(name))
		).map((name): ItemState => {
			const { value, pass } = looked(name, values, checks, stopLeftMm, stopRightMm);
			const stops = SAFETY_ITEMS.includes(name) || (name === 'extractionOn' && values.dry);
			return {
				name,
				state: pass === null ? 'missing' : pass ? 'pass' : 'fail',
				level: stops ? 'stop' : 'caution',
				value
			};
		});
		const open = items.filter((item) => item.state !== 'pass');
		const unsafe = open.some((i) => i.level === 'stop');
		const findings = new Findings()
			.stop(
				'safety-item-open',
				unsafe,
				'Something that protects people is open. The machine does not start today until it is put right.'
			)
			.caution(
				'item-open',
				open.some((i) => i.level === 'caution'),
				'Not everything is as it should be. Put it right before the first cut.'
			);
		return {
			items,
			openCount: open.length,
			open: open.map((i) => i.name),
			mayStart: !unsafe,
			stopLeftMm,
			stopRightMm,
			...findings.judged()
		};
	}
});

/** What an item shows, and whether that is as it should be; null while nobody looked. */
function looked(
	name: DailyItem,
	values: Given,
	c: Checks,
	leftMm: number | null,
	rightMm: number | null
): { value: number | boolean | null; pass: boolean | null } {
	const atLeast = (value: number | null, least: number) => ({
		value,
		pass: value === null ? null : value >= least - SLACK
	});
	switch (name) {
		case 'lubeLevelPct':
			return atLeast(c.lubeLevelPct, values.lubeMinPct);
		case 'lubePulls':
			return atLeast(c.lubePulls, values.lubePullsWanted);
		case 'coolantLevelPct':
			return atLeast(c.coolantLevelPct, values.coolantMinPct);
		case 'hydraulicPressureBar':
			return atLeast(c.hydraulicPressureBar, values.hydraulicMinBar);
		case 'warmUpMin':
			return atLeast(c.warmUpMin, values.warmUpWantedMin);
		case 'concentrationPct': {
			const value = c.brixPct === null ? null : c.brixPct * values.refractometerFactor;
			const inside = (x: number) =>
				x >= values.concentrationMinPct - SLACK && x <= values.concentrationMaxPct + SLACK;
			return { value, pass: value === null ? null : inside(value) };
		}
		case 'tableStops': {
			if (c.tableLocked) return { value: true, pass: true };
			const { stopLeftMm, stopRightMm, workStartMm, workEndMm } = c;
			if (stopLeftMm === null || stopRightMm === null || leftMm === null || rightMm === null)
				return { value: null, pass: null };
			const near = (at: number, due: number) => Math.abs(at - due) <= STOP_WITHIN_MM + SLACK;
			const outside = stopLeftMm <= workStartMm! + SLACK && stopRightMm >= workEndMm! - SLACK;
			const pass = outside && near(stopLeftMm, leftMm) && near(stopRightMm, rightMm);
			return { value: pass, pass };
		}
		default:
			return { value: c[name], pass: c[name] };
	}
}
