import {
	choice,
	date,
	deg,
	from0,
	group,
	list,
	mm,
	mps,
	over0,
	rpm,
	wholeOf,
	yesNo,
	CHIP_END,
	SHELF_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { dayNumber } from '../numeric/calendar.js';
import { bondAge, judgeAge } from '../spec/bond-age.js';
import { BOND_FAMILIES } from '../spec/families.js';

/** Small chips count together: from so many, or over so much of the rim in all, and over what the rim is too broken (guideline). */
const MANY_CHIPS = { count: 3, cautionMm: 5, stopMm: 30 } as const;

/** Receiving check: what a person sees on the wheel decides whether it may go on to the ring test. */
export const visual = defineCalculation({
	id: 'inspect.visual',
	worse: { chipStopMm: 'down' },
	title: 'Look it over',
	about:
		'Both faces, rim, bore, label and date. A crack, a fall, frost, a chip at the bore or an unreadable speed ends it here.',
	source: 'General safety practice; chip size and dates are guidelines, the date on the wheel wins.',
	formulas: [
		'expiry = date on the wheel, or made + shelf life for bonds that age; the earlier for magnesia and hand-held use',
		'days to expiry = expiry - today'
	],
	fields: [
		choice('bond', 'What holds the grains', BOND_FAMILIES, { required: true }),
		yesNo('crack', 'A crack anywhere', { required: true }),
		yesNo('markingLegible', 'Specification, size and speed', {
			required: true,
			label: 'Marking can be read'
		}),
		date('todayDate', 'Date of the look', { required: true, label: 'Today' }),
		list(
			'chips',
			'Chips found',
			group(
				'chip',
				'One chip',
				[
					mm('sizeMm', 'Largest extent', { ...over0(500), required: true }),
					choice('zone', 'Where', ['rim', 'face', 'bore', 'flange'], { required: true }),
					deg('angleDeg', 'Clockwise from the mark', { min: 0, max: 360, maxOpen: true, label: 'At' }),
					mm('radiusMm', 'From the centre', { ...from0(2000), label: 'Radius' })
				],
				{ required: true }
			),
			{
				default: [] as {
					sizeMm: number;
					zone: 'rim' | 'face' | 'bore' | 'flange';
					angleDeg: number | null;
					radiusMm: number | null;
				}[],
				maxItems: 100
			}
		),
		mm('chipStopMm', 'Largest chip accepted on rim or face (guideline)', {
			...CHIP_END,
			guideline: true,
			label: 'Chip, at most',
			advanced: true
		}),
		yesNo('dropped', 'It fell or was hit', { default: false }),
		yesNo('boreClean', 'Bore clean', { default: true }),
		yesNo('facesClean', 'Faces clean', { default: true }),
		choice('moisture', 'Damp, wet or frosted', ['none', 'damp', 'wet', 'frost'], { default: 'none' }),
		rpm('ratedSpeedRpm', 'On the label', { ...over0(300000), label: 'Marked rpm' }),
		mps('ratedSpeedMps', 'On the label', { ...over0(500), label: 'Marked speed' }),
		choice('blotterState', 'Paper washers on both faces', ['fitted', 'missing', 'damaged'], {
			default: 'fitted',
			label: 'Blotters'
		}),
		date('expiryDate', 'Marked on the wheel'),
		date('manufactureDate', 'Marked on the wheel', { label: 'Made on' }),
		wholeOf('month')('shelfLifeMonths', 'Shelf life of organic bonds (guideline)', {
			...SHELF_END,
			guideline: true,
			label: 'Shelf life',
			default: 36,
			advanced: true
		}),
		wholeOf('day')('expiresSoonDays', 'Warn this many days ahead (guideline)', {
			...from0(365),
			guideline: true,
			label: 'Warn before the date',
			default: 30,
			advanced: true
		}),
		yesNo('handHeld', 'On a hand-held machine', {
			default: false,
			label: 'For hand-held use',
			advanced: true
		})
	],
	outputs: [
		{ name: 'nextStep', about: 'What to do now', main: true },
		{ name: 'daysToExpiry', unit: 'day', about: 'Days left' }
	],
	example: {
		bond: 'resin',
		crack: false,
		markingLegible: true,
		ratedSpeedMps: 50,
		todayDate: '2030-06-01',
		manufactureDate: '2027-06-20',
		chips: [{ sizeMm: 1.2, zone: 'rim' }]
	},
	compute(values) {
		const age = bondAge(
			{
				bond: values.bond,
				handHeld: values.handHeld,
				printedDate: values.expiryDate,
				madeOn: values.manufactureDate,
				shelfMonths: values.shelfLifeMonths
			},
			values.todayDate
		);
		const daysToExpiry =
			age.expiresOn === null ? null : dayNumber(age.expiresOn) - dayNumber(values.todayDate);
		const edge = values.chips.filter((chip) => chip.zone === 'rim' || chip.zone === 'face');
		const small = edge.filter((c) => c.sizeMm <= values.chipStopMm + SLACK);
		const smallMm = small.reduce((sum, c) => sum + c.sizeMm, 0);
		const broken = smallMm > MANY_CHIPS.stopMm + SLACK;
		const many = small.length >= MANY_CHIPS.count || smallMm > MANY_CHIPS.cautionMm + SLACK;
		const wet = values.moisture === 'damp' || values.moisture === 'wet';
		const unclean = !values.boreClean || !values.facesClean;
		const findings = new Findings()
			.stop('crack', values.crack, 'A crack. This wheel is finished; break it up so that nobody can fit it.')
			.stop('dropped', values.dropped, 'A wheel that fell or was hit is finished, even if nothing shows.')
			.stop(
				'chip-critical-zone',
				edge.length < values.chips.length,
				'A chip at the bore or under the flange. Do not mount.'
			)
			.stop(
				'chip-large',
				small.length < edge.length,
				`A chip larger than ${values.chipStopMm} mm. Do not mount.`
			)
			.caution(
				'chip-small',
				small.length > 0,
				'A small chip. Have someone trained look at it; truing should remove it.'
			)
			.stop(
				'many-chips',
				broken,
				`Chips of ${smallMm.toFixed(0)} mm in all: the rim is broken. Do not mount.`
			)
			.caution(
				'many-chips',
				many && !broken,
				`${small.length} small chips, ${smallMm.toFixed(1)} mm in all: have someone trained decide.`
			)
			.stop('frost', values.moisture === 'frost', 'Frost in the pores can have cracked it. Do not mount.')
			.caution('moisture', wet, 'Let it dry at room temperature, then look again.')
			.stop(
				'marking-illegible',
				!values.markingLegible,
				'What cannot be read cannot be trusted. Set the wheel aside.'
			)
			.stop(
				'no-rated-speed',
				values.ratedSpeedRpm === null && values.ratedSpeedMps === null,
				'No marked speed. A wheel without a speed is not a wheel; set it aside.'
			)
			.caution(
				'expires-soon',
				daysToExpiry !== null && daysToExpiry >= 0 && daysToExpiry <= values.expiresSoonDays,
				`Only ${daysToExpiry} days left before its date.`
			)
			.caution('not-clean', unclean, 'Wipe bore and faces clean, then look again.')
			.caution('blotter-replace', values.blotterState !== 'fitted', 'Fit new blotters.');
		judgeAge(findings, age);
		const nextStep =
			findings.verdict === 'stop' ? 'quarantine' : wet || unclean ? 'clean-dry-recheck' : 'ring-test';
		return { daysToExpiry, nextStep, ...findings.judged() };
	}
});
