import {
	between,
	choice,
	from0,
	group,
	mm,
	newtons,
	number,
	over0,
	um,
	yesNo,
	RUNOUT_END,
	EQUAL_FLANGES_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { judgePressure } from './contact-pressure.js';
import { leastContactWidthMm } from './contact-width.js';
import { type Side, blotterSides } from './blotter-sides.js';
import { SLACK } from '../numeric/rounding.js';

/** A ring this much under its width is measured as wide enough. */
const RING_SLACK_MM = 0.01;
const dia = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...over0(2000), required: true });
const recess = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...from0(2000), required: true });

const blotterSide = (name: 'back' | 'front') =>
	group(name, `Blotter at the ${name}`, [
		yesNo('present', 'There is one', { required: true }),
		mm('outerDiameterMm', 'Outer diameter', over0(2000)),
		mm('innerDiameterMm', 'Inner diameter', over0(2000)),
		mm('thicknessMm', 'Thickness', over0(20)),
		choice('condition', 'Condition', ['good', 'creased', 'torn', 'wet'])
	]);

/** Flanges and blotters: equal, relieved, large enough, clean, and a good paper washer on each side. */
export const flangeCheck = defineCalculation({
	id: 'mount.flange-check',
	worse: {
		wheelDiameterMm: 'up',
		boreMm: 'up',
		backFlangeDiameterMm: 'up',
		frontFlangeDiameterMm: 'up',
		backRecessDiameterMm: 'down',
		frontRecessDiameterMm: 'down',
		minRatio: 'up',
		minContactWidthMm: 'up',
		runoutUm: 'up',
		runoutAimUm: 'down',
		runoutLimitUm: 'down',
		blotterMinMm: 'up',
		blotterMaxMm: 'down',
		clampForceN: 'up'
	},
	title: 'Flanges and blotters',
	about:
		'Two equal flanges, hollowed near the bore so that they pinch on an outer ring, at least a third of the wheel, and one whole blotter a side.',
	source: 'General safety practice; dimensional limits are guidelines except where your code says otherwise.',
	formulas: [
		'smallest flange = ratio x D',
		'contact ring = (flange - larger of hollow and bore)/2',
		'pressure = clamp force / smaller contact area'
	],
	fields: [
		dia('wheelDiameterMm', 'Wheel diameter'),
		dia('boreMm', 'Wheel bore'),
		choice('wheelType', 'Kind of wheel', ['straight', 'recessed', 'cutting-off'], { default: 'straight' }),
		dia('backFlangeDiameterMm', 'Fixed flange'),
		dia('frontFlangeDiameterMm', 'Loose flange'),
		recess('backRecessDiameterMm', 'Hollow of the fixed flange'),
		recess('frontRecessDiameterMm', 'Hollow of the loose flange'),
		number('minRatio', 'Smallest flange as a share of the wheel; 1/3, cutting-off 1/4', {
			...between(0.25, 1),
			advanced: true
		}),
		mm('equalToleranceMm', 'Flanges count as equal within this', {
			...EQUAL_FLANGES_END,
			guideline: true,
			label: 'Flanges equal within',
			default: 0.5,
			advanced: true
		}),
		mm('minContactWidthMm', "Of the rule in force; by the wheel's diameter when empty", {
			...over0(100),
			label: 'Narrowest contact ring',
			advanced: true
		}),
		yesNo('clean', 'Flanges wiped clean', { required: true }),
		yesNo('burred', 'A burr or a dent on a flange', { required: true, label: 'Burr found' }),
		yesNo('blotterExempt', 'This kind of wheel needs none', { default: false, advanced: true }),
		um('runoutUm', 'Measured on the back flange', { ...from0(5000), label: 'Flange run-out' }),
		um('runoutAimUm', 'Aim', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 5.08 },
			guideline: true,
			label: 'Run-out, aim',
			default: 5,
			advanced: true
		}),
		um('runoutLimitUm', 'Limit', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 25.4 },
			guideline: true,
			label: 'Run-out, limit',
			default: 25,
			advanced: true
		}),
		mm('blotterMinMm', 'Thinnest blotter', {
			...from0(5),
			guideline: true,
			label: 'Thinnest blotter',
			default: 0.2,
			advanced: true
		}),
		mm('blotterMaxMm', 'Thickest blotter', {
			...over0(5),
			guideline: true,
			label: 'Thickest blotter',
			default: 1.5,
			advanced: true
		}),
		newtons('clampForceN', 'From the tightening order', over0(10_000_000)),
		group('blotters', 'Paper washers; needed unless exempt', [blotterSide('back'), blotterSide('front')])
	],
	outputs: [
		{ name: 'minFlangeDiameterMm', unit: 'mm', about: 'Smallest flange allowed', main: true },
		{ name: 'backRatio', about: 'Fixed flange as a share of the wheel' },
		{ name: 'frontRatio', about: 'Loose flange as a share of the wheel' },
		{ name: 'backContactWidthMm', unit: 'mm', about: 'Contact ring, back' },
		{ name: 'frontContactWidthMm', unit: 'mm', about: 'Contact ring, front' },
		{ name: 'minContactWidthMm', unit: 'mm', about: 'Narrowest contact ring allowed' },
		{ name: 'contactAreaMm2', unit: 'mm2', about: 'Smaller contact area' },
		{ name: 'contactPressureMPa', unit: 'MPa', about: 'Pressure on it' }
	],
	example: {
		wheelDiameterMm: 250,
		boreMm: 50.8,
		backFlangeDiameterMm: 90,
		frontFlangeDiameterMm: 88,
		backRecessDiameterMm: 62,
		frontRecessDiameterMm: 62,
		clean: true,
		burred: false,
		runoutUm: 7,
		clampForceN: 6000,
		blotters: {
			back: {
				present: true,
				outerDiameterMm: 95,
				innerDiameterMm: 51.5,
				thicknessMm: 0.6,
				condition: 'good'
			},
			front: {
				present: true,
				outerDiameterMm: 95,
				innerDiameterMm: 51.5,
				thicknessMm: 0.6,
				condition: 'good'
			}
		}
	},
	compute(values) {
		const tooLarge = (field: string, a: number, b: number, than: string): never => {
			throw new InputFault(
				field,
				'above-maximum',
				`${field}: ${a} mm must be smaller than ${than}, ${b} mm.`
			);
		};
		if (values.boreMm >= values.wheelDiameterMm)
			tooLarge('boreMm', values.boreMm, values.wheelDiameterMm, 'the wheel');
		if (values.backFlangeDiameterMm >= values.wheelDiameterMm)
			tooLarge('backFlangeDiameterMm', values.backFlangeDiameterMm, values.wheelDiameterMm, 'the wheel');
		if (values.frontFlangeDiameterMm >= values.wheelDiameterMm)
			tooLarge('frontFlangeDiameterMm', values.frontFlangeDiameterMm, values.wheelDiameterMm, 'the wheel');
		if (values.backRecessDiameterMm >= values.backFlangeDiameterMm)
			tooLarge(
				'backRecessDiameterMm',
				values.backRecessDiameterMm,
				values.backFlangeDiameterMm,
				'its flange'
			);
		if (values.frontRecessDiameterMm >= values.frontFlangeDiameterMm)
			tooLarge(
				'frontRecessDiameterMm',
				values.frontRecessDiameterMm,
				values.frontFlangeDiameterMm,
				'its flange'
			);
		const sides = values.blotterExempt ? [] : blotterSides(values.blotters);
		const ratio = values.minRatio ?? (values.wheelType === 'cutting-off' ? 1 / 4 : 1 / 3);
		const minFlangeDiameterMm = ratio * values.wheelDiameterMm;
		const area = (flange: number, rec: number) =>
			(Math.PI / 4) * (flange ** 2 - Math.max(rec, values.boreMm) ** 2);
		const contactAreaMm2 = Math.min(
			area(values.backFlangeDiameterMm, values.backRecessDiameterMm),
			area(values.frontFlangeDiameterMm, values.frontRecessDiameterMm)
		);
		const ring = (flange: number, rec: number) => (flange - Math.max(rec, values.boreMm)) / 2;
		const backContactWidthMm = ring(values.backFlangeDiameterMm, values.backRecessDiameterMm);
		const frontContactWidthMm = ring(values.frontFlangeDiameterMm, values.frontRecessDiameterMm);
		const contactWidthMm = Math.min(backContactWidthMm, frontContactWidthMm);
		const minContactWidthMm = values.minContactWidthMm ?? leastContactWidthMm(values.wheelDiameterMm);
		const tooNarrow = contactWidthMm < minContactWidthMm / 2 - RING_SLACK_MM;
		const ringSays = `The contact ring is ${contactWidthMm.toFixed(1)} mm wide; this wheel needs ${minContactWidthMm.toFixed(1)} mm`;
		const contactPressureMPa = values.clampForceN === null ? null : values.clampForceN / contactAreaMm2;
		const smaller = Math.min(values.backFlangeDiameterMm, values.frontFlangeDiameterMm);
		const present = sides.filter((side) => side.present);
		const short = (s: Side) =>
			s.outerDiameterMm! < s.flangeMm(values) ||
			s.innerDiameterMm! > Math.max(s.recessMm(values), values.boreMm);
		const findings = new Findings()
			.stop(
				'flanges-unequal',
				Math.abs(values.backFlangeDiameterMm - values.frontFlangeDiameterMm) >
					values.equalToleranceMm + SLACK,
				'The flanges differ in size: they would bend the wheel. Fit an equal pair.'
			)
			.stop(
				'relief-unequal',
				Math.abs(values.backRecessDiameterMm - values.frontRecessDiameterMm) >
					values.equalToleranceMm + SLACK,
				'The hollows differ: the flanges pinch at different radii and bend the wheel. Fit an equal pair.'
			)
			.stop(
				'flange-too-small',
				smaller < minFlangeDiameterMm - SLACK,
				`Flange ${smaller} mm is under the ${minFlangeDiameterMm.toFixed(1)} mm this wheel needs. Fit larger flanges.`
			)
			.stop(
				'not-relieved',
				Math.min(values.backRecessDiameterMm, values.frontRecessDiameterMm) <= values.boreMm,
				'A flange without a hollow presses at the bore, where a wheel is weakest.'
			)
			.stop('contact-too-narrow', tooNarrow, `${ringSays}. Fit flanges that bear on a wider ring.`)
			.caution(
				'contact-narrow',
				!tooNarrow && contactWidthMm < minContactWidthMm - RING_SLACK_MM,
				`${ringSays}: check it against the rule in force.`
			)
			.caution('flange-dirty', !values.clean, 'Wipe the flanges clean.')
			.stop('flange-burred', values.burred, 'A burr under a flange can crack the wheel. Stone it off first.')
			.stop('blotter-missing', present.length < sides.length, 'A blotter is missing.')
			.stop(
				'blotter-damaged',
				present.some((s) => s.condition !== 'good'),
				'A blotter is creased, torn or wet. Fit a new one.'
			)
			.stop('blotter-short', present.some(short), 'A blotter does not cover the contact ring.')
			.caution(
				'blotter-thickness',
				present.some((s) => s.thicknessMm! < values.blotterMinMm || s.thicknessMm! > values.blotterMaxMm),
				'A blotter is unusually thin or thick.'
			)
			.stop(
				'flange-runout',
				values.runoutUm !== null && values.runoutUm >= values.runoutLimitUm,
				`Flange run-out ${values.runoutUm} µm: the flange or spindle is hurt. Find out why before any wheel goes on.`
			)
			.caution(
				'flange-runout-high',
				values.runoutUm !== null &&
					values.runoutUm > values.runoutAimUm &&
					values.runoutUm < values.runoutLimitUm,
				'Flange run-out above the aim: clean the taper and measure again.'
			);
		judgePressure(findings, contactPressureMPa);
		return {
			minFlangeDiameterMm,
			backRatio: values.backFlangeDiameterMm / values.wheelDiameterMm,
			frontRatio: values.frontFlangeDiameterMm / values.wheelDiameterMm,
			backContactWidthMm,
			frontContactWidthMm,
			contactAreaMm2,
			contactPressureMPa,
			minContactWidthMm,
			...findings.judged()
		};
	}
});
