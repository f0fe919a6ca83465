import {
	between,
	choice,
	from0,
	mm,
	over0,
	percent,
	rpm,
	um,
	yesNo,
	amperes,
	amperesPerMm2,
	metresPerMin,
	mm3PerMinPerA,
	ohms,
	metres
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { ceilCount } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { BOND_FIELD, conducts } from './bonds.js';
import { GRAIN } from './overlap.js';
import { judgeProtrusion } from './protrusion.js';
import { RATED_FIELDS, judgeRated } from './rated.js';

/** Grain that stands proud when nothing was done for it; usual gaps and wires; margin that is thin (guidelines). */
const [MIN_PROUD, MAX_PROUD] = [0.15, 0.35];
const [GAP_LEAST_UM, GAP_MOST_UM, WIRE_LEAST_MM, WIRE_MOST_MM, THIN] = [10, 50, 0.1, 0.33, 1.3];

/** Sparks from a fresh wire erode a conducting bond; nothing touches. */
export const wireEdm = defineCalculation({
	id: 'dress.edm',
	worse: {
		rimResistanceOhm: 'up',
		wheelDiameterMm: 'up',
		wheelWidthMm: 'up',
		runoutTirUm: 'up',
		formStockUm: 'up',
		wireDiameterMm: 'none',
		gapUm: 'none',
		roughCurrentA: 'none',
		finishCurrentA: 'down',
		erosionMm3PerMinPerA: 'down',
		wireFeedMPerMin: 'up',
		spoolLengthM: 'down',
		wireLimitAPerMm2: 'down',
		smallestConcaveRadiusMm: 'down'
	},
	title: 'Wire erosion',
	about:
		'A wire that never touches erodes the bond of a metal-bonded wheel: time, wire, its path, and whether it holds.',
	source:
		'Geometry; the rate is a linear engineering model, calibrate it for each bond; other figures are guidelines.',
	formulas: [
		'volume = (1 - conc/400) pi b (R^2 - R_f^2)',
		'rate = coefficient x current',
		'path and smallest hollow radius = wire/2 + gap',
		'margin = limit x section of the wire/current'
	],
	fields: [
		BOND_FIELD,
		ohms('rimResistanceOhm', 'Across the rim', { ...from0(1e9), label: 'Rim resistance' }),
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		{ ...GRAIN, required: true },
		percent('concentrationPercent', '100 is a quarter of the rim', {
			...over0(300),
			required: true,
			label: 'Concentration'
		}),
		um('runoutTirUm', 'Full reading', { ...from0(5000), required: true, label: 'Run-out' }),
		um('formStockUm', 'Below the lowest place', { ...from0(20000), required: true, label: 'Stock' }),
		um('finishStockUm', 'Of it, taken off finely', { ...from0(20000), default: 0, label: 'Fine stock' }),
		percent('protrusionPercent', 'Of the grain, in a pass of its own', {
			...between(0, 100),
			guideline: true,
			default: 20,
			label: 'Bare grain wanted'
		}),
		mm('wireDiameterMm', 'Across', { ...between(0.02, 1), required: true, label: 'Wire' }),
		um('gapUm', 'Wire to wheel', { ...over0(500), required: true, label: 'Gap' }),
		amperes('roughCurrentA', 'Mean discharge current', {
			...over0(500),
			required: true,
			label: 'Rough current'
		}),
		amperes('finishCurrentA', 'Mean discharge current', {
			...over0(500),
			required: true,
			label: 'Fine current'
		}),
		mm3PerMinPerA('erosionMm3PerMinPerA', 'Calibrate it for each bond', {
			...over0(100),
			guideline: true,
			default: 2,
			label: 'Erosion'
		}),
		um('roughBiteUm', 'Each pass', { ...over0(500), default: 20, label: 'Rough bite' }),
		um('finishBiteUm', 'Each pass', { ...over0(500), default: 5, label: 'Fine bite' }),
		metresPerMin('wireFeedMPerMin', 'Fresh wire', {
			...over0(100),
			required: true,
			label: 'Wire feed'
		}),
		metres('spoolLengthM', 'On the spool', { ...from0(1e6), required: true, label: 'Spool' }),
		amperesPerMm2('wireLimitAPerMm2', 'Before it breaks', {
			...over0(10000),
			guideline: true,
			default: 250,
			label: 'Wire carries',
			advanced: true
		}),
		mm('smallestConcaveRadiusMm', 'Smallest hollow radius of the form', {
			...from0(1000),
			label: 'Smallest hollow'
		}),
		yesNo('flooded', 'The whole gap', { required: true, label: 'Flooded' }),
		yesNo('protrusionPass', 'For a wheel that came out flush', {
			default: false,
			label: 'A pass for bare grain'
		}),
		choice('dielectric', 'What floods it', ['emulsion', 'oil'], { default: 'emulsion' }),
		rpm('wheelSpeedRpm', 'Under the wire', over0(200000)),
		...RATED_FIELDS
	],
	between: {
		after: 'finishStockUm',
		test: (v) => {
			if ((v.finishStockUm as number) > (v.formStockUm as number))
				throw new InputFault(
					'finishStockUm',
					'inconsistent',
					`Fine stock ${String(v.finishStockUm)} µm is more than the whole stock, ${String(v.formStockUm)} µm.`
				);
		}
	},
	outputs: [
		{ name: 'timeS', unit: 's', about: 'Time', main: true },
		{ name: 'roughPasses', about: 'Rough passes' },
		{ name: 'finishPasses', about: 'Fine passes' },
		{ name: 'roughTimeS', unit: 's', about: 'Roughly' },
		{ name: 'finishTimeS', unit: 's', about: 'Finely' },
		{ name: 'protrusionTimeS', unit: 's', about: 'For bare grain' },
		{ name: 'wireUsedM', unit: 'm', about: 'Wire used' },
		{ name: 'spoolRemainingM', unit: 'm', about: 'Left on the spool' },
		{ name: 'wireMargin', about: 'The wire carries so many times that' },
		{ name: 'pathOffsetMm', unit: 'mm', about: 'Path beside the form' },
		{ name: 'minConcaveRadiusMm', unit: 'mm', about: 'Smallest hollow it makes' },
		{ name: 'wheelDiameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'protrusionUm', unit: 'um', about: 'Grain bared by its pass' },
		{ name: 'protrusionLowUm', unit: 'um', about: 'Grain stands proud, from' },
		{ name: 'protrusionHighUm', unit: 'um', about: 'to' },
		{ name: 'roughVolumeMm3', unit: 'mm3', about: 'Bond, roughly' },
		{ name: 'finishVolumeMm3', unit: 'mm3', about: 'Bond, finely' },
		{ name: 'protrusionVolumeMm3', unit: 'mm3', about: 'Bond, for bare grain' },
		{ name: 'roughRateMm3PerMin', unit: 'mm3/min', about: 'Rate, roughly' },
		{ name: 'finishRateMm3PerMin', unit: 'mm3/min', about: 'Rate, finely' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' }
	],
	example: {
		bond: 'metal',
		wheelDiameterMm: 98,
		wheelWidthMm: 5,
		grainSizeUm: 64,
		concentrationPercent: 100,
		runoutTirUm: 16,
		formStockUm: 90,
		finishStockUm: 12,
		wireDiameterMm: 0.25,
		gapUm: 18,
		roughCurrentA: 7,
		finishCurrentA: 1.6,
		wireFeedMPerMin: 7,
		spoolLengthM: 1900,
		flooded: true
	},
	compute(values) {
		const R = values.wheelDiameterMm / 2;
		const final = R - (values.runoutTirUm / 2 + values.formStockUm) / 1000;
		if (final < 0)
			throw new InputFault(
				'formStockUm',
				'above-maximum',
				`A stock of ${values.formStockUm} µm leaves no wheel.`
			);
		const share = 1 - values.concentrationPercent / 400;
		const bondBetween = (outer: number, inner: number) =>
			share * Math.PI * values.wheelWidthMm * (outer ** 2 - inner ** 2);
		const h = ((values.protrusionPercent / 100) * values.grainSizeUm) / 1000;
		const pass = values.protrusionPass;
		const roughVolumeMm3 = bondBetween(R, final + values.finishStockUm / 1000);
		const finishVolumeMm3 = bondBetween(final + values.finishStockUm / 1000, final);
		const protrusionVolumeMm3 = pass ? bondBetween(final, final - h) : 0;
		const roughRateMm3PerMin = values.erosionMm3PerMinPerA * values.roughCurrentA;
		const finishRateMm3PerMin = values.erosionMm3PerMinPerA * values.finishCurrentA;
		const roughTimeS = (60 * roughVolumeMm3) / roughRateMm3PerMin;
		const finishTimeS = (60 * finishVolumeMm3) / finishRateMm3PerMin;
		const protrusionTimeS = (60 * protrusionVolumeMm3) / finishRateMm3PerMin;
		const timeS = roughTimeS + finishTimeS + protrusionTimeS;
		const wireUsedM = (values.wireFeedMPerMin * timeS) / 60;
		const wireMargin =
			(values.wireLimitAPerMm2 * (Math.PI / 4) * values.wireDiameterMm ** 2) / values.roughCurrentA;
		const offset = values.wireDiameterMm / 2 + values.gapUm / 1000;
		const speed =
			values.wheelSpeedRpm === null ? null : surfaceSpeedMps(values.wheelDiameterMm, values.wheelSpeedRpm);
		const findings = new Findings()
			.stop(
				'bond-not-conducting',
				!conducts(values.bond, values.rimResistanceOhm),
				'No spark jumps to a bond that does not conduct. Use a truing wheel.'
			)
			.stop('no-flood', !values.flooded, 'Never without flood: sparks and mist burn.')
			.stop(
				'radius-too-small-for-wire',
				values.smallestConcaveRadiusMm !== null && values.smallestConcaveRadiusMm < offset - 1e-9,
				`The wire makes no hollow below ${offset.toFixed(3)} mm. Take a thinner wire.`
			);
		if (values.wheelSpeedRpm !== null) judgeRated(findings, values, speed!, values.wheelSpeedRpm);
		if (pass) judgeProtrusion(findings, values.protrusionPercent);
		findings
			.caution(
				'fire-watch',
				values.dielectric === 'oil',
				'Oil mist burns: covers shut, mist drawn off, extinguisher at hand, never left alone.'
			)
			.caution(
				'gap-outside-range',
				values.gapUm < GAP_LEAST_UM || values.gapUm > GAP_MOST_UM,
				'An unusual gap; 10 to 50 µm is usual.'
			)
			.caution('wire-will-break', wireMargin < 1, 'The wire carries less than this current: it breaks.')
			.caution('wire-margin-thin', wireMargin >= 1 && wireMargin < THIN, 'The wire has little to spare.')
			.caution(
				'spool-short',
				wireUsedM > values.spoolLengthM,
				'The spool runs out before the end. Put on a fuller one.'
			)
			.caution(
				'wire-size-unusual',
				values.wireDiameterMm < WIRE_LEAST_MM || values.wireDiameterMm > WIRE_MOST_MM,
				'An unusual wire; 0.1 to 0.33 mm is usual.'
			);
		const proudUm = pass ? 1000 * h : null;
		return {
			roughVolumeMm3,
			finishVolumeMm3,
			protrusionVolumeMm3,
			protrusionUm: proudUm,
			protrusionLowUm: proudUm ?? MIN_PROUD * values.grainSizeUm,
			protrusionHighUm: proudUm ?? MAX_PROUD * values.grainSizeUm,
			roughRateMm3PerMin,
			finishRateMm3PerMin,
			roughTimeS,
			finishTimeS,
			protrusionTimeS,
			timeS,
			roughPasses: ceilCount(
				values.runoutTirUm + values.formStockUm - values.finishStockUm,
				values.roughBiteUm
			),
			finishPasses: ceilCount(values.finishStockUm, values.finishBiteUm),
			wireUsedM,
			spoolRemainingM: values.spoolLengthM - wireUsedM,
			wireMargin,
			pathOffsetMm: offset,
			minConcaveRadiusMm: offset,
			wheelDiameterAfterMm: 2 * final,
			surfaceSpeedMps: speed,
			...findings.judged()
		};
	}
});
