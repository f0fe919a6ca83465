import {
	between,
	mm,
	mm2,
	mps,
	number,
	over0,
	bar,
	kgPerM3,
	litresPerMin,
	litresPerMinMm
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const SLOW = 0.8;

/** A jet that gets through the air the wheel drags along: pressure, flow and nozzle, and what a real pump makes of them. */
export const coolantJet = defineCalculation({
	id: 'prove.coolant-jet',
	worse: {
		wheelSpeedMps: 'up',
		contactWidthMm: 'up',
		densityKgPerM3: 'none',
		dischargeCoefficient: 'down',
		flowPerWidthLPerMinMm: 'up',
		nozzleWidthMm: 'down',
		pumpBar: 'none',
		pumpLPerMin: 'down',
		nozzleAreaMm2: 'none',
		distanceMm: 'up'
	},
	title: 'Coolant jet',
	about:
		'As fast as the rim, the jet gets through the air it drags along: the pressure, flow and nozzle for that, and what the pump that is there gives.',
	source:
		'Bernoulli; discharge coefficients and flows are guidelines. Along the rim into the gap, inside the guard.',
	formulas: [
		'pressure = density v^2/2',
		'nozzle = flow/(coefficient v)',
		'from the pump: v = sqrt(2 pressure/density), flow = coefficient x nozzle x v'
	],
	fields: [
		mps('wheelSpeedMps', 'Of the rim', { ...over0(500), required: true }),
		mm('contactWidthMm', 'In the cut', { ...over0(10000), required: true, label: 'Width of the cut' }),
		number('jetRatio', 'Jet over rim', { ...between(0.1, 2), default: 1, label: 'Jet over rim' }),
		kgPerM3('densityKgPerM3', 'Water 1000, oil 870', {
			...between(500, 2000),
			default: 1000,
			label: 'Density',
			advanced: true
		}),
		number('dischargeCoefficient', '0.9 a smooth taper, 0.65 a sawn pipe', {
			...between(0.3, 1),
			default: 0.9,
			guideline: true,
			label: 'Nozzle lets through'
		}),
		litresPerMinMm('flowPerWidthLPerMinMm', 'For a mm of width', {
			...over0(1000),
			default: 1.5,
			guideline: true,
			label: 'Flow'
		}),
		mm('nozzleWidthMm', 'The width of the cut when empty', { ...over0(10000), label: 'Nozzle, width' }),
		number('pumpEfficiency', 'Share that reaches the water', {
			...over0(1),
			default: 0.5,
			label: 'Pump efficiency',
			advanced: true
		}),
		bar('pumpBar', 'At the nozzle', { ...over0(10000), label: 'Pump' }),
		litresPerMin('pumpLPerMin', 'It gives', { ...over0(100000), label: 'Pump' }),
		mm2('nozzleAreaMm2', 'That is there', { ...over0(1e6), label: 'Nozzle, area' }),
		mm('distanceMm', 'Nozzle to cut', { ...over0(10000), label: 'Distance' }),
		mm('maxDistanceMm', 'A jet breaks up', {
			...over0(10000),
			default: 50,
			guideline: true,
			label: 'Distance at most',
			advanced: true
		})
	],
	outputs: [
		{ name: 'pressureBar', unit: 'bar', about: 'Pressure', main: true },
		{ name: 'flowLPerMin', unit: 'l/min', about: 'Flow' },
		{ name: 'jetSpeedMps', unit: 'm/s', about: 'Jet' },
		{ name: 'nozzleAreaMm2', unit: 'mm2', about: 'Nozzle, area' },
		{ name: 'nozzleHeightMm', unit: 'mm', about: 'Nozzle, height' },
		{ name: 'nozzleDiameterMm', unit: 'mm', about: 'A round one' },
		{ name: 'pumpPowerW', unit: 'W', about: 'Pump takes' },
		{ name: 'jetSpeedFromPumpMps', unit: 'm/s', about: 'Jet of this pump' },
		{ name: 'jetRatioFromPump', about: 'Of the rim' },
		{ name: 'flowFromPumpLPerMin', unit: 'l/min', about: 'Flow of this pump' }
	],
	example: { wheelSpeedMps: 30, contactWidthMm: 20, pumpBar: 3, pumpLPerMin: 60, nozzleAreaMm2: 20 },
	compute(values) {
		const jetSpeedMps = values.jetRatio * values.wheelSpeedMps;
		const pressurePa = (values.densityKgPerM3 * jetSpeedMps ** 2) / 2;
		const flowLPerMin = values.flowPerWidthLPerMinMm * values.contactWidthMm;
		const flowM3PerS = flowLPerMin / 60_000;
		const nozzleAreaMm2 = (1e6 * flowM3PerS) / (values.dischargeCoefficient * jetSpeedMps);
		const nozzleWidthMm = values.nozzleWidthMm ?? values.contactWidthMm;
		const fromPump =
			values.pumpBar === null ? null : Math.sqrt((2e5 * values.pumpBar) / values.densityKgPerM3);
		const jetRatioFromPump = fromPump === null ? null : fromPump / values.wheelSpeedMps;
		const flowFromPumpLPerMin =
			fromPump === null || values.nozzleAreaMm2 === null
				? null
				: values.dischargeCoefficient * values.nozzleAreaMm2 * fromPump * 0.06;
		const short = (flow: number | null) => flow !== null && flow < flowLPerMin - SLACK;
		const findings = new Findings()
			.caution(
				'jet-slow',
				jetRatioFromPump !== null && jetRatioFromPump < SLOW - SLACK,
				`The jet runs only ${Math.round(100 * (jetRatioFromPump ?? 0))} % as fast as the rim: the air it drags along turns it away. More pressure.`
			)
			.caution(
				'flow-short',
				short(flowFromPumpLPerMin) || short(values.pumpLPerMin),
				`${flowLPerMin.toFixed(0)} l/min are wanted for this width. A larger nozzle, or a larger pump.`
			)
			.caution(
				'pump-cannot-fill-nozzle',
				flowFromPumpLPerMin !== null &&
					values.pumpLPerMin !== null &&
					flowFromPumpLPerMin > values.pumpLPerMin + SLACK,
				'The nozzle lets more through than the pump gives: the pressure falls. A smaller nozzle.'
			)
			.caution(
				'nozzle-narrow',
				nozzleWidthMm < values.contactWidthMm - SLACK,
				'The nozzle is narrower than the cut: its edges run dry.'
			)
			.caution(
				'nozzle-far',
				values.distanceMm !== null && values.distanceMm > values.maxDistanceMm + SLACK,
				'Far from the cut the jet breaks up. Bring the nozzle nearer, wheel stopped and locked.'
			);
		return {
			jetSpeedMps,
			pressureBar: pressurePa / 1e5,
			flowLPerMin,
			nozzleAreaMm2,
			nozzleHeightMm: nozzleAreaMm2 / nozzleWidthMm,
			nozzleDiameterMm: Math.sqrt((4 * nozzleAreaMm2) / Math.PI),
			pumpPowerW: (pressurePa * flowM3PerS) / values.pumpEfficiency,
			jetSpeedFromPumpMps: fromPump,
			jetRatioFromPump,
			flowFromPumpLPerMin,
			...findings.judged()
		};
	}
});
