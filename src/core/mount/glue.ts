import {
	between,
	from0,
	group,
	hours,
	kelvin,
	megapascals,
	mm,
	newtons,
	over0,
	yesNo,
	celsius,
	minutes
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const step = <const N extends string>(name: N, about: string) => yesNo(name, about, { required: true });
const WEAKEST = 2;
const GOOD = 4;

/** A wheel glued to its quill: prepared, cured long enough for its temperature, and strong enough for the cut. */
export const mountGlue = defineCalculation({
	id: 'mount.glue',
	worse: {
		temperatureC: 'none',
		baseCureH: 'up',
		baseTemperatureC: 'up',
		minTemperatureC: 'up',
		maxTemperatureC: 'down',
		doublingK: 'up',
		potLifeMin: 'down',
		mixToBondMin: 'up',
		elapsedH: 'down',
		wheelHoleMm: 'up',
		studMm: 'down',
		bondLengthMm: 'down',
		wheelDiameterMm: 'up',
		tangentialForceN: 'up',
		axialForceN: 'up',
		shearStrengthMPa: 'down',
		gapMinMm: 'up',
		gapMaxMm: 'down'
	},
	title: 'Glue a wheel on',
	about:
		'Whether the joint was prepared, how long it has to stand at this temperature, and how many times stronger it is than the cut pulls.',
	source:
		"Reaction-rate rule of thumb (the adhesive's data sheet wins); shear in a cylindrical joint (first principles).",
	formulas: [
		'cure = base x 2^((base temperature - temperature)/doubling)',
		'shear = sqrt((Ft D/2/(area stud/2))^2 + (Fa/area)^2)',
		'factor = strength/shear'
	],
	fields: [
		group(
			'done',
			'In this order',
			[
				step('scuffed', 'Both sides roughened'),
				step('degreased', 'Wiped with solvent, dry'),
				step('mixed', 'In the right share'),
				step('coated', 'Both sides'),
				step('spread', 'Pushed home turning slowly')
			],
			{ required: true }
		),
		celsius('temperatureC', 'Where it stands', {
			...between(-40, 120),
			required: true,
			label: 'Temperature'
		}),
		hours('baseCureH', 'At the temperature below', {
			...over0(1000),
			required: true,
			label: 'Cure by the data sheet'
		}),
		celsius('baseTemperatureC', 'Of the data sheet', {
			...between(-40, 120),
			default: 23,
			label: 'Its temperature'
		}),
		celsius('minTemperatureC', 'Does not cure below', {
			...between(-40, 120),
			guideline: true,
			label: 'Coldest',
			default: 15,
			advanced: true
		}),
		celsius('maxTemperatureC', 'Spoils above', {
			...between(-40, 200),
			guideline: true,
			label: 'Warmest',
			default: 60,
			advanced: true
		}),
		kelvin('doublingK', 'Twice as fast for each', {
			...over0(100),
			guideline: true,
			label: 'Twice as fast for each',
			default: 10,
			advanced: true
		}),
		minutes('potLifeMin', 'By the data sheet', { ...over0(10000), required: true, label: 'Pot life' }),
		minutes('mixToBondMin', 'As it went', {
			...from0(10000),
			required: true,
			label: 'Mixing to joining'
		}),
		hours('elapsedH', 'Since it was joined', { ...from0(100000), required: true, label: 'Standing for' }),
		mm('wheelHoleMm', 'Measured', { ...over0(200), required: true, label: 'Hole of the wheel' }),
		mm('studMm', 'Measured', { ...over0(200), required: true, label: 'Stud of the quill' }),
		mm('bondLengthMm', 'Glued length', { ...over0(500), required: true }),
		mm('wheelDiameterMm', 'Across', { ...over0(500), required: true }),
		newtons('tangentialForceN', 'While grinding', {
			...from0(10000),
			required: true,
			label: 'Force at the rim'
		}),
		newtons('axialForceN', 'While grinding', { ...from0(10000), default: 0, label: 'Force along' }),
		megapascals('shearStrengthMPa', 'Of the adhesive; 10 is a cautious stand-in', {
			...over0(100),
			default: 10
		}),
		mm('gapMinMm', 'Thinnest film a side (guideline)', {
			...from0(1),
			guideline: true,
			label: 'Thinnest film',
			default: 0.03,
			advanced: true
		}),
		mm('gapMaxMm', 'Thickest film a side (guideline)', {
			...over0(2),
			guideline: true,
			label: 'Thickest film',
			default: 0.2,
			advanced: true
		})
	],
	outputs: [
		{ name: 'remainingCureH', unit: 'h', about: 'Still to stand', main: true },
		{ name: 'requiredCureH', unit: 'h', about: 'To stand in all' },
		{ name: 'bondSafetyFactor', about: 'Times stronger than the pull' },
		{ name: 'bondShearMPa', unit: 'MPa', about: 'Shear in the joint' },
		{ name: 'bondAreaMm2', unit: 'mm2', about: 'Glued area' },
		{ name: 'bondGapMm', unit: 'mm', about: 'Film a side' }
	],
	example: {
		done: { scuffed: true, degreased: true, mixed: true, coated: true, spread: true },
		temperatureC: 28,
		baseCureH: 16,
		potLifeMin: 20,
		mixToBondMin: 5,
		elapsedH: 12,
		wheelHoleMm: 6.2,
		studMm: 6,
		bondLengthMm: 12,
		wheelDiameterMm: 20,
		tangentialForceN: 45
	},
	compute(values) {
		if (values.studMm >= values.wheelHoleMm)
			throw new InputFault(
				'studMm',
				'above-maximum',
				`A stud of ${values.studMm} mm does not go into a hole of ${values.wheelHoleMm} mm with glue round it.`
			);
		if (values.wheelDiameterMm <= values.wheelHoleMm)
			throw new InputFault(
				'wheelDiameterMm',
				'below-minimum',
				`A wheel of ${values.wheelDiameterMm} mm is not larger than its hole, ${values.wheelHoleMm} mm.`
			);
		const requiredCureH =
			values.baseCureH * 2 ** ((values.baseTemperatureC - values.temperatureC) / values.doublingK);
		const remainingCureH = Math.max(0, requiredCureH - values.elapsedH);
		const bondGapMm = (values.wheelHoleMm - values.studMm) / 2;
		const bondAreaMm2 = Math.PI * values.studMm * values.bondLengthMm;
		const bondShearMPa = Math.hypot(
			(values.tangentialForceN * (values.wheelDiameterMm / 2)) / (bondAreaMm2 * (values.studMm / 2)),
			values.axialForceN / bondAreaMm2
		);
		const bondSafetyFactor = bondShearMPa > 0 ? values.shearStrengthMPa / bondShearMPa : null;
		const f = bondSafetyFactor ?? Infinity;
		const findings = new Findings()
			.stop(
				'preparation-missing',
				!(values.done.scuffed && values.done.degreased && values.done.mixed && values.done.coated),
				'A joint that was not roughened, wiped, mixed and coated does not hold. Take it off and begin again.'
			)
			.caution(
				'not-spread',
				!values.done.spread,
				'Not turned while it was pushed home: the film may be patchy.'
			)
			.stop(
				'too-cold',
				values.temperatureC < values.minTemperatureC,
				`At ${values.temperatureC} °C it does not cure. Bring it into the warm.`
			)
			.stop(
				'too-hot',
				values.temperatureC > values.maxTemperatureC,
				`At ${values.temperatureC} °C the adhesive spoils.`
			)
			.stop(
				'pot-life-exceeded',
				values.mixToBondMin > values.potLifeMin,
				`Joined ${values.mixToBondMin} min after mixing; it is good for ${values.potLifeMin} min. Mix afresh.`
			)
			.stop(
				'not-cured',
				remainingCureH > SLACK,
				`Not cured: ${remainingCureH.toFixed(1)} h more at this temperature.`
			)
			.caution(
				'bond-gap',
				bondGapMm < values.gapMinMm - SLACK || bondGapMm > values.gapMaxMm + SLACK,
				`A film of ${bondGapMm.toFixed(3)} mm a side is ${bondGapMm < values.gapMinMm ? 'thin' : 'thick'} for an adhesive.`
			)
			.stop(
				'bond-overloaded',
				f < WEAKEST,
				`The joint is only ${f.toFixed(1)} times as strong as the cut pulls. Glue a longer stud, or cut lighter.`
			)
			.caution(
				'bond-margin',
				f >= WEAKEST && f < GOOD,
				`The joint is ${f.toFixed(1)} times as strong as the cut pulls; four times is good.`
			);
		return {
			requiredCureH,
			remainingCureH,
			bondGapMm,
			bondAreaMm2,
			bondShearMPa,
			bondSafetyFactor,
			...findings.judged()
		};
	}
});
