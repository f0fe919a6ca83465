import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const step = <const N extends string>(name: N, about: string) => ({ name, kind: 'boolean', required: true, about }) as const;
export const GLUE_STEPS = ['scuffed', 'degreased', 'mixed', 'coated', 'spread'] as const;
const WEAKEST = 2;
const GOOD = 4;
const SLACK = 1e-9;

/** A wheel glued to its quill: prepared, cured long enough for its temperature, and strong enough for the cut. */
export const mountGlue = defineCalculation({
	id: 'mount.glue',
	title: 'Glue a wheel on',
	about: 'Whether the joint was prepared, how long it has to stand at this temperature, and how many times stronger it is than the cut pulls.',
	source: 'Reaction-rate rule of thumb (the adhesive\'s data sheet wins); shear in a cylindrical joint (first principles).',
	formulas: ['cure = base x 2^((base temperature - temperature)/doubling)', 'shear = sqrt((Ft D/2/(area stud/2))^2 + (Fa/area)^2)', 'factor = strength/shear'],
	fields: [
		{ name: 'done', kind: 'object', required: true, about: 'In this order', fields: [step('scuffed', 'Both sides roughened'), step('degreased', 'Wiped with solvent, dry'), step('mixed', 'In the right share'), step('coated', 'Both sides'), step('spread', 'Pushed home turning slowly')] },
		{ name: 'temperatureC', kind: 'number', min: -40, max: 120, required: true, label: 'Temperature, °C', about: 'Where it stands' }, { name: 'baseCureH', kind: 'number', unit: 'h', min: 0, minOpen: true, max: 1000, required: true, label: 'Cure by the data sheet', about: 'At the temperature below' }, { name: 'baseTemperatureC', kind: 'number', min: -40, max: 120, default: 23, label: 'Its temperature, °C', about: 'Of the data sheet' },
		{ name: 'minTemperatureC', kind: 'number', guideline: true, label: 'Coldest', min: -40, max: 120, default: 15, advanced: true, about: 'Does not cure below' }, { name: 'maxTemperatureC', kind: 'number', guideline: true, label: 'Warmest', min: -40, max: 200, default: 60, advanced: true, about: 'Spoils above' }, { name: 'doublingK', kind: 'number', guideline: true, label: 'Twice as fast for each', unit: 'K', min: 0, minOpen: true, max: 100, default: 10, advanced: true, about: 'Twice as fast for each' },
		{ name: 'potLifeMin', kind: 'number', min: 0, minOpen: true, max: 10000, required: true, label: 'Pot life, min', about: 'By the data sheet' }, { name: 'mixToBondMin', kind: 'number', min: 0, max: 10000, required: true, label: 'Mixing to joining, min', about: 'As it went' }, { name: 'elapsedH', kind: 'number', unit: 'h', min: 0, max: 100000, required: true, label: 'Standing for', about: 'Since it was joined' },
		{ name: 'wheelHoleMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 200, required: true, label: 'Hole of the wheel', about: 'Measured' }, { name: 'studMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 200, required: true, label: 'Stud of the quill', about: 'Measured' }, { name: 'bondLengthMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 500, required: true, about: 'Glued length' },
		{ name: 'wheelDiameterMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 500, required: true, about: 'Across' }, { name: 'tangentialForceN', kind: 'number', unit: 'N', min: 0, max: 10000, required: true, label: 'Force at the rim', about: 'While grinding' }, { name: 'axialForceN', kind: 'number', unit: 'N', min: 0, max: 10000, default: 0, label: 'Force along', about: 'While grinding' },
		{ name: 'shearStrengthMPa', kind: 'number', unit: 'MPa', min: 0, minOpen: true, max: 100, default: 10, about: 'Of the adhesive; 10 is a cautious stand-in' }, { name: 'gapMinMm', kind: 'number', guideline: true, label: 'Thinnest film', unit: 'mm', min: 0, max: 1, default: 0.03, advanced: true, about: 'Thinnest film a side (guideline)' }, { name: 'gapMaxMm', kind: 'number', guideline: true, label: 'Thickest film', unit: 'mm', min: 0, minOpen: true, max: 2, default: 0.2, advanced: true, about: 'Thickest film a side (guideline)' }
	],
	outputs: [{ name: 'remainingCureH', unit: 'h', about: 'Still to stand', main: true }, { name: 'requiredCureH', unit: 'h', about: 'To stand in all' }, { name: 'bondSafetyFactor', about: 'Times stronger than the pull' }, { name: 'bondShearMPa', unit: 'MPa', about: 'Shear in the joint' }, { name: 'bondAreaMm2', unit: 'mm2', about: 'Glued area' }, { name: 'bondGapMm', unit: 'mm', about: 'Film a side' }],
	example: { done: { scuffed: true, degreased: true, mixed: true, coated: true, spread: true }, temperatureC: 28, baseCureH: 16, potLifeMin: 20, mixToBondMin: 5, elapsedH: 12, wheelHoleMm: 6.2, studMm: 6, bondLengthMm: 12, wheelDiameterMm: 20, tangentialForceN: 45 },
	compute(v) {
		if (v.studMm >= v.wheelHoleMm) throw new InputFault('studMm', 'above-maximum', `A stud of ${v.studMm} mm does not go into a hole of ${v.wheelHoleMm} mm with glue round it.`);
		if (v.wheelDiameterMm <= v.wheelHoleMm) throw new InputFault('wheelDiameterMm', 'below-minimum', `A wheel of ${v.wheelDiameterMm} mm is not larger than its hole, ${v.wheelHoleMm} mm.`);
		const requiredCureH = v.baseCureH * 2 ** ((v.baseTemperatureC - v.temperatureC) / v.doublingK);
		const remainingCureH = Math.max(0, requiredCureH - v.elapsedH);
		const bondGapMm = (v.wheelHoleMm - v.studMm) / 2;
		const bondAreaMm2 = Math.PI * v.studMm * v.bondLengthMm;
		const bondShearMPa = Math.hypot((v.tangentialForceN * (v.wheelDiameterMm / 2)) / (bondAreaMm2 * (v.studMm / 2)), v.axialForceN / bondAreaMm2);
		const bondSafetyFactor = bondShearMPa > 0 ? v.shearStrengthMPa / bondShearMPa : null;
		const f = bondSafetyFactor ?? Infinity;
		const findings = new Findings()
			.stop('preparation-missing', !(v.done.scuffed && v.done.degreased && v.done.mixed && v.done.coated), 'A joint that was not roughened, wiped, mixed and coated does not hold. Take it off and begin again.')
			.caution('not-spread', !v.done.spread, 'Not turned while it was pushed home: the film may be patchy.')
			.stop('too-cold', v.temperatureC < v.minTemperatureC, `At ${v.temperatureC} °C it does not cure. Bring it into the warm.`)
			.stop('too-hot', v.temperatureC > v.maxTemperatureC, `At ${v.temperatureC} °C the adhesive spoils.`)
			.stop('pot-life-exceeded', v.mixToBondMin > v.potLifeMin, `Joined ${v.mixToBondMin} min after mixing; it is good for ${v.potLifeMin}. Mix afresh.`)
			.stop('not-cured', remainingCureH > SLACK, `Not cured: ${remainingCureH.toFixed(1)} h more at this temperature.`)
			.caution('bond-gap', bondGapMm < v.gapMinMm - SLACK || bondGapMm > v.gapMaxMm + SLACK, `A film of ${bondGapMm.toFixed(3)} mm a side is ${bondGapMm < v.gapMinMm ? 'thin' : 'thick'} for an adhesive.`)
			.stop('bond-overloaded', f < WEAKEST, `The joint is only ${f.toFixed(1)} times as strong as the cut pulls. Glue a longer stud, or cut lighter.`)
			.caution('bond-margin', f >= WEAKEST && f < GOOD, `The joint is ${f.toFixed(1)} times as strong as the cut pulls; four times is good.`);
		return { requiredCureH, remainingCureH, bondGapMm, bondAreaMm2, bondShearMPa, bondSafetyFactor, ...findings.judged() };
	}
});
