import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { addMonths, dayNumber } from '../numeric/calendar.js';
import { BOND_FAMILIES, isOrganic } from '../spec/families.js';

/** Receiving check: what a person sees on the wheel decides whether it may go on to the ring test. */
export const visual = defineCalculation({
	id: 'inspect.visual',
	title: 'Look it over',
	about: 'Both faces, rim, bore, label and date. A crack, a fall, frost, a chip at the bore or an unreadable speed ends it here.',
	source: 'General safety practice; chip size and dates are guidelines, the date on the wheel wins.',
	formulas: ['expiry = date on the wheel, or made + shelf life for organic bonds', 'days to expiry = expiry - today'],
	fields: [
		{ name: 'bond', kind: 'choice', choices: BOND_FAMILIES, required: true, about: 'What holds the grains' },
		{ name: 'crack', kind: 'boolean', required: true, about: 'A crack anywhere' },
		{ name: 'markingLegible', kind: 'boolean', required: true, label: 'Marking can be read', about: 'Specification, size and speed' },
		{ name: 'todayDate', kind: 'date', required: true, label: 'Today', about: 'Date of the look' },
		{
			name: 'chips', kind: 'list', default: [] as { sizeMm: number; zone: 'rim' | 'face' | 'bore' | 'flange'; angleDeg: number | null; radiusMm: number | null }[], maxItems: 100, about: 'Chips found', item: {
				name: 'chip', kind: 'object', required: true, about: 'One chip', fields: [
					{ name: 'sizeMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 500, required: true, about: 'Largest extent' },
					{ name: 'zone', kind: 'choice', choices: ['rim', 'face', 'bore', 'flange'], required: true, about: 'Where' },
					{ name: 'angleDeg', kind: 'number', unit: 'deg', min: 0, max: 360, maxOpen: true, label: 'At', about: 'Clockwise from the mark' }, { name: 'radiusMm', kind: 'number', unit: 'mm', min: 0, max: 2000, label: 'Radius', about: 'From the centre' }
				]
			}
		},
		{ name: 'chipStopMm', kind: 'number', guideline: true, label: 'Chip, at most', unit: 'mm', min: 0, minOpen: true, max: 50, default: 3, advanced: true, about: 'Largest chip accepted on rim or face (guideline)' },
		{ name: 'dropped', kind: 'boolean', default: false, about: 'It fell or was hit' },
		{ name: 'boreClean', kind: 'boolean', default: true, about: 'Bore clean' },
		{ name: 'facesClean', kind: 'boolean', default: true, about: 'Faces clean' },
		{ name: 'moisture', kind: 'choice', choices: ['none', 'damp', 'wet', 'frost'], default: 'none', about: 'Damp, wet or frosted' },
		{ name: 'ratedSpeedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, label: 'Marked rpm', about: 'On the label' },
		{ name: 'ratedSpeedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 500, label: 'Marked speed', about: 'On the label' },
		{ name: 'blotterState', kind: 'choice', choices: ['fitted', 'missing', 'damaged'], default: 'fitted', label: 'Blotters', about: 'Paper washers on both faces' },
		{ name: 'expiryDate', kind: 'date', about: 'Marked on the wheel' },
		{ name: 'manufactureDate', kind: 'date', label: 'Made on', about: 'Marked on the wheel' },
		{ name: 'shelfLifeMonths', kind: 'integer', guideline: true, label: 'Shelf life', unit: 'month', min: 1, max: 240, default: 36, advanced: true, about: 'Shelf life of organic bonds (guideline)' },
		{ name: 'expiresSoonDays', kind: 'integer', guideline: true, label: 'Warn before the date', unit: 'day', min: 0, max: 365, default: 30, advanced: true, about: 'Warn this many days ahead (guideline)' }
	],
	outputs: [{ name: 'nextStep', about: 'What to do now', main: true }, { name: 'daysToExpiry', unit: 'day', about: 'Days left' }],
	example: { bond: 'resin', crack: false, markingLegible: true, ratedSpeedMps: 50, todayDate: '2030-06-01', manufactureDate: '2027-06-20', chips: [{ sizeMm: 1.2, zone: 'rim' }] },
	compute(v) {
		const organic = isOrganic(v.bond);
		const expiry = v.expiryDate ?? (organic && v.manufactureDate ? addMonths(v.manufactureDate, v.shelfLifeMonths) : null);
		const daysToExpiry = expiry === null ? null : dayNumber(expiry) - dayNumber(v.todayDate);
		const edge = v.chips.filter((c) => c.zone === 'rim' || c.zone === 'face');
		const wet = v.moisture === 'damp' || v.moisture === 'wet';
		const unclean = !v.boreClean || !v.facesClean;
		const findings = new Findings()
			.stop('crack', v.crack, 'A crack. This wheel is finished; break it up so that nobody can fit it.')
			.stop('dropped', v.dropped, 'A wheel that fell or was hit is finished, even if nothing shows.')
			.stop('chip-critical-zone', edge.length < v.chips.length, 'A chip at the bore or under the flange. Do not mount.')
			.stop('chip-large', edge.some((c) => c.sizeMm > v.chipStopMm), `A chip larger than ${v.chipStopMm} mm. Do not mount.`)
			.caution('chip-small', edge.some((c) => c.sizeMm <= v.chipStopMm), 'A small chip. Have someone trained look at it; truing should remove it.')
			.stop('frost', v.moisture === 'frost', 'Frost in the pores can have cracked it. Do not mount.')
			.caution('moisture', wet, 'Let it dry at room temperature, then look again.')
			.stop('marking-illegible', !v.markingLegible, 'What cannot be read cannot be trusted. Set the wheel aside.')
			.stop('no-rated-speed', v.ratedSpeedRpm === null && v.ratedSpeedMps === null, 'No marked speed. A wheel without a speed is not a wheel; set it aside.')
			.stop('expired', daysToExpiry !== null && daysToExpiry < 0, `Out of date by ${-(daysToExpiry ?? 0)} days. Hand it to the person in charge.`)
			.caution('expires-soon', daysToExpiry !== null && daysToExpiry >= 0 && daysToExpiry <= v.expiresSoonDays, `Only ${daysToExpiry} days left before its date.`)
			.caution('expiry-unknown', organic && expiry === null, 'An organic bond without a date. Ask the supplier before using it.')
			.caution('not-clean', unclean, 'Wipe bore and faces clean, then look again.')
			.caution('blotter-replace', v.blotterState !== 'fitted', 'Fit new blotters.');
		const nextStep = findings.verdict === 'stop' ? 'quarantine' : wet || unclean ? 'clean-dry-recheck' : 'ring-test';
		return { daysToExpiry, nextStep, ...findings.judged() };
	}
});
