import {
	between,
	choice,
	from0,
	mm,
	mm2,
	mps,
	newtonMetres,
	newtons,
	number,
	over0,
	um,
	yesNo,
	joulesPerMm3,
	metresPerMin,
	newtonsPerCm2,
	FRICTION_END,
	HELD_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import type { Values } from '../calculation/fields.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { mmPerSecond } from './stroke-count.js';

const MAGNET = [
	newtonsPerCm2('chuckPressureNPerCm2', "The shop's own, measured for thin parts too", {
		...over0(10000),
		label: 'Chuck pulls'
	}),
	mm2('contactAreaMm2', 'Of the part on the chuck', { ...over0(1e8), label: 'Area on the chuck' }),
	mm('partHeightMm', 'Above the chuck', { ...over0(2000), label: 'Part, height' }),
	mm('baseLengthMm', 'Along the table', { ...over0(10000), label: 'Part, length' })
] as const;
const VISE = [newtons('clampForceN', 'Of the vise', { ...over0(1e7), label: 'Clamping force' })] as const;
const CENTRES = [
	mm('workDiameterMm', 'Between the centres', { ...over0(2000), label: 'Work diameter' }),
	newtonMetres('driveTorqueNm', 'Of the driver', { ...over0(100000), label: 'Driver holds' })
] as const;
const WHY = 'This way of holding needs it.';

const FIELDS = [
	choice('method', 'What holds the work', ['magnet', 'vise', 'centres'], {
		required: true,
		label: 'Held by'
	}),
	joulesPerMm3('specificEnergyJPerMm3', 'Steel with a sharp wheel; dull doubles it', {
		...over0(1000),
		default: 40,
		guideline: true,
		label: 'Specific energy',
		advanced: true
	}),
	um('depthUm', 'Of the cut', { ...over0(20000), required: true, label: 'Depth' }),
	metresPerMin('workSpeedMPerMin', 'Of table or work', {
		...over0(100),
		required: true,
		label: 'Work speed'
	}),
	mm('widthMm', 'Cut at once', { ...over0(1000), required: true, label: 'Width' }),
	mps('wheelSpeedMps', 'Of the rim', { ...over0(500), required: true }),
	number('friction', 'Of part on chuck or jaws', {
		...over0(0.3),
		...FRICTION_END,
		default: 0.15,
		guideline: true,
		label: 'Friction',
		advanced: true
	}),
	number('cautionRatio', 'Held so many times at least', {
		...between(1, 20),
		default: 3,
		guideline: true,
		label: 'Held, caution under',
		advanced: true
	}),
	number('stopRatio', 'Under this nothing is ground', {
		...HELD_END,
		default: 1.5,
		guideline: true,
		label: 'Held, stop under',
		advanced: true
	}),
	yesNo('holdingConfirmed', 'Pushed hard by hand; magnet lamp or clamp seen', {
		required: true,
		label: 'Pushed hard, it holds'
	}),
	...MAGNET,
	number('poleCoverage', 'Share of it over poles', { ...over0(1), default: 1, label: 'Over poles' }),
	choice('blocking', 'Against sliding', ['none', 'stop', 'blocked-in'], {
		default: 'none',
		label: 'Blocked'
	}),
	mm('stopHeightMm', 'Above the chuck', { ...from0(2000), default: 0, label: 'Stop, height' }),
	...VISE,
	...CENTRES
] as const;
type Given = Values<typeof FIELDS>;

interface Held {
	holdingForceN: number;
	capacityN: number;
	slideRatio: number | null;
	tipRatio: number | null;
}
function heldBy(values: Given, cutN: number): Held {
	if (values.method === 'magnet') {
		needed(values, MAGNET, WHY);
		const pullN = (values.chuckPressureNPerCm2! * values.contactAreaMm2! * values.poleCoverage) / 100;
		const blocked = values.blocking !== 'none';
		const leverMm = values.partHeightMm! - (blocked ? values.stopHeightMm : 0);
		return {
			holdingForceN: pullN,
			capacityN: values.friction * pullN,
			slideRatio: blocked ? null : (values.friction * pullN) / cutN,
			tipRatio: leverMm <= SLACK ? null : (pullN * values.baseLengthMm!) / 2 / (cutN * leverMm)
		};
	}
	needed(values, values.method === 'vise' ? VISE : CENTRES, WHY);
	const holdingForceN =
		values.method === 'vise' ? values.clampForceN! : (2000 * values.driveTorqueNm!) / values.workDiameterMm!;
	const capacityN = values.method === 'vise' ? 2 * values.friction * holdingForceN : holdingForceN;
	return { holdingForceN, capacityN, slideRatio: capacityN / cutN, tipRatio: null };
}

/** Does the work stay where it is: the force of the cut against friction, stops and the lever it tips over. */
export const workHolding = defineCalculation({
	id: 'set.work-holding',
	worse: {
		specificEnergyJPerMm3: 'up',
		depthUm: 'up',
		workSpeedMPerMin: 'up',
		widthMm: 'up',
		wheelSpeedMps: 'down',
		friction: 'down',
		cautionRatio: 'up',
		chuckPressureNPerCm2: 'down',
		contactAreaMm2: 'down',
		partHeightMm: 'up',
		baseLengthMm: 'down',
		poleCoverage: 'down'
	},
	title: 'Hold the work',
	about:
		'How many times stronger the work is held than the cut pushes, sliding and tipping, and the depth at which that turns.',
	source:
		'Power over rim speed; friction and levers (first principles). Forces are estimates from shop energies: they compare set-ups, they do not certify them.',
	formulas: [
		'force = energy x depth x work speed x width/wheel speed',
		'slides: friction x pull/force; tips: pull x L/2/(force x (height - stop))',
		'vise 2 x friction x clamp; centres torque/(d/2)'
	],
	fields: FIELDS,
	outputs: [
		{ name: 'ratio', about: 'Held so many times', main: true },
		{ name: 'slideRatio', about: 'Against sliding' },
		{ name: 'tipRatio', about: 'Against tipping' },
		{ name: 'maxDepthUm', unit: 'um', about: 'Depth at which care begins' },
		{ name: 'tangentialForceN', unit: 'N', about: 'The cut pushes' },
		{ name: 'holdingForceN', unit: 'N', about: 'Pulled or clamped with' },
		{ name: 'capacityN', unit: 'N', about: 'Holds against' },
		{ name: 'powerW', unit: 'W', about: 'Power of the cut' }
	],
	example: {
		method: 'magnet',
		depthUm: 20,
		workSpeedMPerMin: 15,
		widthMm: 20,
		wheelSpeedMps: 30,
		chuckPressureNPerCm2: 80,
		contactAreaMm2: 2500,
		poleCoverage: 0.7,
		partHeightMm: 30,
		baseLengthMm: 50,
		holdingConfirmed: true
	},
	compute(values) {
		if (values.stopRatio > values.cautionRatio)
			throw new InputFault(
				'stopRatio',
				'inconsistent',
				`The stop, ${values.stopRatio}, stands above the caution, ${values.cautionRatio}. Enter a smaller one.`
			);
		const powerW =
			values.specificEnergyJPerMm3 *
			(values.depthUm / 1000) *
			mmPerSecond(values.workSpeedMPerMin) *
			values.widthMm;
		const tangentialForceN = powerW / values.wheelSpeedMps;
		const held = heldBy(values, tangentialForceN);
		const ratios = [held.slideRatio, held.tipRatio].filter((r) => r !== null);
		const ratio = ratios.length ? Math.min(...ratios) : null;
		const weak = ratio !== null && ratio < values.stopRatio - SLACK;
		const times = (ratio ?? 0).toFixed(1);
		const findings = new Findings()
			.stop(
				values.method === 'magnet' ? 'magnet-not-confirmed' : 'clamp-not-confirmed',
				!values.holdingConfirmed,
				'Push it hard by hand, wheel stopped, before the first cut.'
			)
			.stop(
				'stop-above-work',
				values.method === 'magnet' &&
					values.blocking !== 'none' &&
					values.stopHeightMm >= values.partHeightMm! - values.depthUm / 1000 - SLACK,
				`The stop, ${values.stopHeightMm} mm high, stands in the way of the wheel. Take one lower than the finished part.`
			)
			.stop(
				'holding-too-weak',
				weak,
				`Held only ${times} times the push of the cut: it would be thrown. Block it in, cut less, or hold it another way.`
			)
			.caution(
				'holding-thin',
				ratio !== null && !weak && ratio < values.cautionRatio - SLACK,
				`Held ${times} times the push of the cut; a dull wheel pushes twice as hard. Block it in, or cut less.`
			)
			.caution(
				'block-it-in',
				values.method === 'magnet' &&
					values.blocking === 'none' &&
					values.partHeightMm! > values.baseLengthMm! + SLACK,
				'Taller than long: block it in.'
			);
		return {
			tangentialForceN,
			powerW,
			...held,
			ratio,
			maxDepthUm: ratio === null ? null : (values.depthUm * ratio) / values.cautionRatio,
			...findings.judged()
		};
	}
});
