import {
	between,
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
	yesNo
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { addMonths, dayNumber } from '../numeric/calendar.js';
import { BOND_FAMILIES, isOrganic } from '../spec/families.js';

/** Receiving check: what a person sees on the wheel decides whether it may go on to the ring test. */
export const visual = defineCalculation({
	id: 'inspect.visual',
	title: 'Look it over',
	about:
		'Both faces, rim, bore, label and date. A crack, a fall, frost, a chip at the bore or an unreadable speed ends it here.',
	source: 'General safety practice; chip size and dates are guidelines, the date on the wheel wins.',
	formulas: [
		'expiry = date on the wheel, or made + shelf life for organic bonds',
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
			...over0(50),
			guideline: true,
			label: 'Chip, at most',
			default: 3,
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
			...between(1, 240),
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
	compute(v) {
		const organic = isOrganic(v.bond);
		const expiry =
			v.expiryDate ?? (organic && v.manufactureDate ? addMonths(v.manufactureDate, v.shelfLifeMonths) : null);
		const daysToExpiry = expiry === null ? null : dayNumber(expiry) - dayNumber(v.todayDate);
		const edge = v.chips.filter((c) => c.zone === 'rim' || c.zone === 'face');
		const wet = v.moisture === 'damp' || v.moisture === 'wet';
		const unclean = !v.boreClean || !v.facesClean;
		const findings = new Findings()
			.stop('crack', v.crack, 'A crack. This wheel is finished; break it up so that nobody can fit it.')
			.stop('dropped', v.dropped, 'A wheel that fell or was hit is finished, even if nothing shows.')
			.stop(
				'chip-critical-zone',
				edge.length < v.chips.length,
				'A chip at the bore or under the flange. Do not mount.'
			)
			.stop(
				'chip-large',
				edge.some((c) => c.sizeMm > v.chipStopMm),
				`A chip larger than ${v.chipStopMm} mm. Do not mount.`
			)
			.caution(
				'chip-small',
				edge.some((c) => c.sizeMm <= v.chipStopMm),
				'A small chip. Have someone trained look at it; truing should remove it.'
			)
			.stop('frost', v.moisture === 'frost', 'Frost in the pores can have cracked it. Do not mount.')
			.caution('moisture', wet, 'Let it dry at room temperature, then look again.')
			.stop(
				'marking-illegible',
				!v.markingLegible,
				'What cannot be read cannot be trusted. Set the wheel aside.'
			)
			.stop(
				'no-rated-speed',
				v.ratedSpeedRpm === null && v.ratedSpeedMps === null,
				'No marked speed. A wheel without a speed is not a wheel; set it aside.'
			)
			.stop(
				'expired',
				daysToExpiry !== null && daysToExpiry < 0,
				`Out of date by ${-(daysToExpiry ?? 0)} days. Hand it to the person in charge.`
			)
			.caution(
				'expires-soon',
				daysToExpiry !== null && daysToExpiry >= 0 && daysToExpiry <= v.expiresSoonDays,
				`Only ${daysToExpiry} days left before its date.`
			)
			.caution(
				'expiry-unknown',
				organic && expiry === null,
				'An organic bond without a date. Ask the supplier before using it.'
			)
			.caution('not-clean', unclean, 'Wipe bore and faces clean, then look again.')
			.caution('blotter-replace', v.blotterState !== 'fitted', 'Fit new blotters.');
		const nextStep =
			findings.verdict === 'stop' ? 'quarantine' : wet || unclean ? 'clean-dry-recheck' : 'ring-test';
		return { daysToExpiry, nextStep, ...findings.judged() };
	}
});
