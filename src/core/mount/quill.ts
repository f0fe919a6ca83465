import {
	between,
	choice,
	from0,
	grams,
	mm as mmField,
	newtons,
	number,
	over0,
	rpm as rpmField,
	um,
	whole,
	gigapascals,
	kgPerM3,
	WHIRL_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

/** Stiffness in GPa and density in kg/m3, typical values. */
const QUILL_MATERIALS = {
	steel: [206, 7850],
	carbide: [560, 14500],
	'heavy-tungsten': [340, 17500]
} as const;
/** What a quill may bend by, um, and be stressed with, MPa: caution over the first, stop over the second (guidelines). */
const BENDS_UM = [10, 100] as const;
const STRESS_MPA = [100, 300] as const;
/** Share of the shaft's own mass that swings with its end (Rayleigh). */
const SHAFT_SHARE = 33 / 140;
const mm = <const N extends string>(name: N, max: number, label: string, about: string) =>
	mmField(name, about, { ...over0(max), required: true, label });
const rpm = <const N extends string>(name: N, label: string, about: string) =>
	rpmField(name, about, { ...over0(500000), required: true, label });
const sign = <const N extends string>(name: N, label: string) =>
	whole(name, '+1 or -1', { ...between(-1, 1), required: true, label });

/** An internal wheel on a slender shaft: how far it bends, where it whirls, how much wheel is left. */
export const mountQuill = defineCalculation({
	id: 'mount.quill',
	worse: {
		modulusGPa: 'down',
		overhangMm: 'up',
		quillDiameterMm: 'none',
		wheelMassG: 'up',
		normalForceN: 'up',
		quillMaxRpm: 'down',
		runRpm: 'up',
		wheelRatedRpm: 'down',
		currentDiameterMm: 'down',
		minimumDiameterMm: 'up',
		currentWidthMm: 'down',
		minimumWidthMm: 'up',
		nextDressDepthUm: 'up',
		dressClearanceMm: 'up',
		quillHeadDiameterMm: 'up',
		grindDirectionSign: 'down',
		dressDirectionSign: 'down',
		workBoreMm: 'down',
		criticalCautionRatio: 'down',
		criticalStopRatio: 'down'
	},
	title: 'Wheel on a quill',
	about:
		'Stiffness, bending under the grinding force, the critical speed and its margin, and the dresses left before the dresser meets the quill.',
	source:
		'Cantilever beam with an end mass (Rayleigh); clamping is taken as rigid, so the real critical speed is lower. Ratios are guidelines.',
	formulas: [
		'I = pi/64 (d^4 - hole^4)',
		'k = 3 E I/L^3',
		'stress = 32 F L/(pi d^3)/(1 - (hole/d)^4)',
		'f = sqrt(k/(wheel + 33/140 shaft))/(2 pi)',
		'dresses left = (D - max(least, head + 2 clearance))/(2 depth)'
	],
	fields: [
		choice('material', 'Of the quill', ['steel', 'carbide', 'heavy-tungsten'], { default: 'steel' }),
		gigapascals('modulusGPa', 'By the material when empty', {
			...over0(1200),
			label: 'Stiffness',
			advanced: true
		}),
		kgPerM3('densityKgPerM3', 'By the material when empty', {
			...over0(25000),
			label: 'Density',
			advanced: true
		}),
		mm('overhangMm', 1000, 'Overhang', 'Clamping to the middle of the wheel'),
		mm('quillDiameterMm', 300, 'Quill diameter', 'Its thinnest'),
		mmField('holeDiameterMm', 'Through the quill', { ...from0(300), default: 0, label: 'Coolant hole' }),
		grams('wheelMassG', 'Of the wheel', { ...from0(50000), required: true }),
		newtons('normalForceN', 'Across the quill', {
			...from0(100000),
			required: true,
			label: 'Grinding force'
		}),
		rpm('quillMaxRpm', 'Limit of the quill', 'Marked'),
		rpm('runRpm', 'Speed', 'It is to run at'),
		rpm('wheelRatedRpm', 'Limit of the wheel', 'Marked'),
		mm('originalDiameterMm', 500, 'Wheel when new', 'Across'),
		mm('currentDiameterMm', 500, 'Wheel today', 'Across'),
		mm('minimumDiameterMm', 500, 'Least diameter', 'Scrap below'),
		mm('originalWidthMm', 500, 'Width when new', 'Along'),
		mm('currentWidthMm', 500, 'Width today', 'Along'),
		mm('minimumWidthMm', 500, 'Least width', 'Scrap below'),
		um('nextDressDepthUm', 'On the radius', { ...from0(10000), default: 0, label: 'Next dress' }),
		mmField('dressClearanceMm', 'Between dresser and quill', {
			...from0(50),
			guideline: true,
			default: 1,
			advanced: true
		}),
		mmField('quillHeadDiameterMm', 'Behind the wheel; the quill itself when empty', {
			...over0(300),
			label: 'Quill head'
		}),
		sign('grindDirectionSign', 'Turns when grinding'),
		sign('dressDirectionSign', 'Turns when dressing'),
		mmField('workBoreMm', 'If known', { ...over0(2000), label: 'Bore to be ground' }),
		number('criticalCautionRatio', 'Caution from this share of the critical speed', {
			...over0(1),
			guideline: true,
			label: 'Whirl, caution from',
			default: 0.7,
			advanced: true
		}),
		number('criticalStopRatio', 'Stop from this share', {
			...over0(0.85),
			...WHIRL_END,
			guideline: true,
			label: 'Whirl, stop from',
			default: 0.85,
			advanced: true
		})
	],
	outputs: [
		{ name: 'criticalSpeedRpm', unit: 'rpm', about: 'Critical speed', main: true },
		{ name: 'criticalRatio', about: 'Share of it at this speed' },
		{ name: 'maxRunRpm', unit: 'rpm', about: 'Never faster than' },
		{ name: 'deflectionUm', unit: 'um', about: 'Bends by' },
		{ name: 'bendingStressMPa', unit: 'MPa', about: 'Stress where it is clamped' },
		{ name: 'stiffnessNPerUm', unit: 'N/um', about: 'Stiffness' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Rim speed' },
		{ name: 'remainingDressCount', about: 'Dresses left' },
		{ name: 'quillGapMm', unit: 'mm', about: 'Wheel over the quill after the next dress' },
		{ name: 'firstBendingHz', unit: 'Hz', about: 'Bends at' },
		{ name: 'shaftMassG', unit: 'g', about: 'Shaft' },
		{ name: 'effectiveMassG', unit: 'g', about: 'Mass that swings' }
	],
	example: {
		overhangMm: 50,
		quillDiameterMm: 10,
		wheelMassG: 18,
		normalForceN: 15,
		quillMaxRpm: 50000,
		runRpm: 36000,
		wheelRatedRpm: 45000,
		originalDiameterMm: 20,
		currentDiameterMm: 18.6,
		minimumDiameterMm: 13,
		originalWidthMm: 20,
		currentWidthMm: 20,
		minimumWidthMm: 12,
		nextDressDepthUm: 10,
		grindDirectionSign: 1,
		dressDirectionSign: 1,
		workBoreMm: 25
	},
	compute(values) {
		const above = (field: string, value: number, most: number, what: string) => {
			if (value > most)
				throw new InputFault(
					field,
					'above-maximum',
					`${value} mm is more than ${what}, ${most} mm. Measure again.`
				);
		};
		if (values.holeDiameterMm >= values.quillDiameterMm)
			throw new InputFault(
				'holeDiameterMm',
				'above-maximum',
				`A hole of ${values.holeDiameterMm} mm leaves nothing of a quill of ${values.quillDiameterMm} mm.`
			);
		above('currentDiameterMm', values.currentDiameterMm, values.originalDiameterMm, 'the wheel had when new');
		above('minimumDiameterMm', values.minimumDiameterMm, values.originalDiameterMm, 'the wheel had when new');
		above('currentWidthMm', values.currentWidthMm, values.originalWidthMm, 'the wheel had when new');
		above('minimumWidthMm', values.minimumWidthMm, values.originalWidthMm, 'the wheel had when new');
		for (const f of ['grindDirectionSign', 'dressDirectionSign'] as const)
			if (values[f] === 0)
				throw new InputFault(f, 'unknown-choice', 'A spindle turns one way or the other: enter 1 or -1.');
		const [modulus, density] = QUILL_MATERIALS[values.material];
		const [d, hole, L] = [
			values.quillDiameterMm / 1000,
			values.holeDiameterMm / 1000,
			values.overhangMm / 1000
		];
		const k = (3 * (values.modulusGPa ?? modulus) * 1e9 * (Math.PI / 64) * (d ** 4 - hole ** 4)) / L ** 3;
		const shaftKg = (values.densityKgPerM3 ?? density) * (Math.PI / 4) * (d ** 2 - hole ** 2) * L;
		const swingKg = values.wheelMassG / 1000 + SHAFT_SHARE * shaftKg;
		const firstBendingHz = Math.sqrt(k / swingKg) / (2 * Math.PI);
		const criticalSpeedRpm = 60 * firstBendingHz;
		const criticalRatio = values.runRpm / criticalSpeedRpm;
		const depthMm = values.nextDressDepthUm / 1000;
		const after = values.currentDiameterMm - 2 * depthMm;
		const head = values.quillHeadDiameterMm ?? values.quillDiameterMm;
		const quillGapMm = (after - head) / 2;
		const least = Math.max(values.minimumDiameterMm, head + 2 * values.dressClearanceMm);
		const deflectionUm = values.normalForceN / (k / 1e6);
		const hollow = 1 - (values.holeDiameterMm / values.quillDiameterMm) ** 4;
		const bendingStressMPa =
			(32 * values.normalForceN * values.overhangMm) / (Math.PI * values.quillDiameterMm ** 3) / hollow;
		const bends = `It bends by ${deflectionUm.toFixed(0)} µm under this force: the bore comes out tapered, and small. Shorten it, or cut less.`;
		const strained = `${bendingStressMPa.toFixed(0)} MPa where it is clamped. A quill that breaks is thrown: shorten it, take a thicker one, or cut less.`;
		const findings = new Findings()
			.stop(
				'quill-overspeed',
				values.runRpm > values.quillMaxRpm,
				`${values.runRpm} rpm is more than the quill may turn, ${values.quillMaxRpm}.`
			)
			.stop(
				'wheel-overspeed',
				values.runRpm > values.wheelRatedRpm,
				`${values.runRpm} rpm is more than the wheel may turn, ${values.wheelRatedRpm}.`
			)
			.stop(
				'near-critical',
				criticalRatio >= values.criticalStopRatio,
				`${(100 * criticalRatio).toFixed(0)} % of the critical speed: it would whirl. Shorten the quill, take a thicker one, or run slower.`
			)
			.caution(
				'critical-margin',
				criticalRatio >= values.criticalCautionRatio && criticalRatio < values.criticalStopRatio,
				`${(100 * criticalRatio).toFixed(0)} % of the critical speed, and the real one is lower.`
			)
			.stop('quill-bends', deflectionUm > BENDS_UM[1] + SLACK, bends)
			.caution('quill-bends', deflectionUm > BENDS_UM[0] + SLACK, bends)
			.stop('quill-stress', bendingStressMPa > STRESS_MPA[1] + SLACK, strained)
			.caution('quill-stress', bendingStressMPa > STRESS_MPA[0] + SLACK, strained)
			.stop(
				'below-minimum-diameter',
				after < values.minimumDiameterMm - SLACK,
				`After the next dress it would be ${after.toFixed(2)} mm, under its least diameter, ${values.minimumDiameterMm} mm.`
			)
			.stop(
				'below-minimum-width',
				values.currentWidthMm < values.minimumWidthMm,
				`${values.currentWidthMm} mm wide, under its least width, ${values.minimumWidthMm} mm.`
			)
			.stop(
				'dress-reaches-quill',
				quillGapMm < values.dressClearanceMm - SLACK,
				'The dresser would meet the quill.'
			)
			.stop(
				'direction-disagree',
				values.grindDirectionSign !== values.dressDirectionSign,
				'Grinding and dressing turn the wheel opposite ways. Set one of them right before it is dressed.'
			)
			.stop(
				'wheel-does-not-fit-bore',
				values.workBoreMm !== null && values.currentDiameterMm >= values.workBoreMm,
				'The wheel does not go into the bore.'
			)
			.caution(
				'wheel-large-for-bore',
				values.workBoreMm !== null &&
					values.currentDiameterMm > 0.8 * values.workBoreMm &&
					values.currentDiameterMm < values.workBoreMm,
				'Large for this bore: long contact, little coolant. Three quarters of the bore is usual.'
			);
		return {
			stiffnessNPerUm: k / 1e6,
			deflectionUm,
			bendingStressMPa,
			shaftMassG: 1000 * shaftKg,
			effectiveMassG: 1000 * swingKg,
			firstBendingHz,
			criticalSpeedRpm,
			criticalRatio,
			surfaceSpeedMps: (Math.PI * values.currentDiameterMm * values.runRpm) / 60000,
			remainingDressCount:
				depthMm > 0
					? Math.max(0, Math.floor((values.currentDiameterMm - least) / (2 * depthMm) + SLACK))
					: null,
			quillGapMm,
			maxRunRpm: Math.min(
				values.quillMaxRpm,
				values.wheelRatedRpm,
				values.criticalStopRatio * criticalSpeedRpm
			),
			...findings.judged()
		};
	}
});
