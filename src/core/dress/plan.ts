import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import {
	choice,
	from0,
	mm,
	mmPerMin,
	mps,
	over0,
	rpm,
	seconds,
	um as umField,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { ceilCount, floorKind } from '../numeric/rounding.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { DEPTH_HEAVY_UM, DEPTH_STOP_UM } from './single-point.js';

const MAX_PASSES = 10000;
const um = <const N extends string>(name: N, max: number, fallback: number, about: string, open = true) =>
	umField(name, about, { min: 0, minOpen: open, max, default: fallback });

interface Pass {
	kind: 'rough' | 'finish' | 'spark-out';
	number: number;
	depthUm: number;
	leadUm: number;
	traverseMmPerMin: number;
	timeS: number;
	diameterAfterMm: number;
}

/** The dress pass by pass: bite, lead, time, and what is left of the wheel. */
export const dressPlan = defineCalculation({
	id: 'dress.plan',
	title: 'Dressing plan',
	about:
		'Rough passes, fine passes, passes with no feed: how many, how long, the diameter after and how many such dresses the wheel still holds.',
	source: 'Kinematics and geometry (first principles); bites are guidelines.',
	formulas: [
		'passes = ceil(stock/bite), made equal',
		'pass time = 60 L/traverse + infeed time',
		'L = width + 2 over-travel',
		'dresses left = floor((D after - D min)/(2 total))'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		mm('wheelMinDiameterMm', 'Not below this', { ...from0(2000), required: true, label: 'Scrap diameter' }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		mps('ratedSpeedMps', 'Marked on the wheel', over0(500)),
		umField('grainSizeUm', 'Mean grain', over0(5000)),
		um('roughStockUm', 20000, 0, 'Taken off roughly', false),
		um('roughDepthUm', 1000, 25, 'Bite'),
		um('roughLeadUm', 20000, 150, 'Lead'),
		um('finishStockUm', 20000, 0, 'Taken off finely', false),
		um('finishDepthUm', 1000, 10, 'Bite'),
		um('finishLeadUm', 20000, 80, 'Lead'),
		whole('sparkOutPasses', 'They dull the wheel', {
			...from0(1000),
			default: 0,
			label: 'Passes with no feed'
		}),
		mm('overTravelMm', 'Beyond each edge', { ...from0(200), default: 5 }),
		choice('returnMode', 'Dress both ways or lift and run back', ['both-ways', 'one-way'], {
			default: 'both-ways'
		}),
		mmPerMin('returnMmPerMin', 'Running back', { ...over0(100000), default: 1000, advanced: true }),
		seconds('infeedTimeS', 'To set each bite', { ...from0(600), default: 2, advanced: true })
	],
	outputs: [
		{ name: 'totalPasses', about: 'Passes in all', main: true },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'totalDepthUm', unit: 'um', about: 'Off the radius' },
		{ name: 'diameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'dressesLeft', about: 'Such dresses left' },
		{ name: 'lifeUsedPercent', unit: '%', about: 'Of the life that was left' },
		{ name: 'roughPasses', about: 'Rough passes' },
		{ name: 'finishPasses', about: 'Fine passes' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'surfaceSpeedAfterMps', unit: 'm/s', about: 'Surface speed after' },
		{ name: 'volumeRemovedMm3', unit: 'mm3', about: 'Abrasive cut away' },
		{ name: 'passes', about: 'Pass by pass' },
		{ name: 'steps', about: 'In words' }
	],
	example: {
		wheelDiameterMm: 251.4,
		wheelWidthMm: 22,
		wheelMinDiameterMm: 168,
		wheelSpeedRpm: 2210,
		grainSizeUm: 215,
		roughStockUm: 70,
		roughDepthUm: 20,
		roughLeadUm: 120,
		finishStockUm: 14,
		finishDepthUm: 8,
		finishLeadUm: 61,
		sparkOutPasses: 1,
		overTravelMm: 4
	},
	compute(v) {
		const D = v.wheelDiameterMm;
		if (v.wheelMinDiameterMm >= D)
			throw new InputFault(
				'wheelMinDiameterMm',
				'inconsistent',
				`Scrap diameter ${v.wheelMinDiameterMm} mm is not below the diameter today, ${D} mm.`
			);
		const totalDepthUm = v.roughStockUm + v.finishStockUm;
		if (totalDepthUm === 0)
			throw new InputFault(
				'finishStockUm',
				'inconsistent',
				'Nothing would be taken off. Enter a rough or a fine stock.'
			);
		if (totalDepthUm / 1000 > D / 2)
			throw new InputFault(
				'roughStockUm',
				'above-maximum',
				`${totalDepthUm} µm is more than the wheel's radius.`
			);
		const roughPasses = ceilCount(v.roughStockUm, v.roughDepthUm);
		const finishPasses = ceilCount(v.finishStockUm, v.finishDepthUm);
		if (roughPasses > MAX_PASSES)
			throw new InputFault(
				'roughDepthUm',
				'below-minimum',
				`A bite of ${v.roughDepthUm} µm needs ${roughPasses} passes. Bite deeper.`
			);
		if (finishPasses > MAX_PASSES)
			throw new InputFault(
				'finishDepthUm',
				'below-minimum',
				`A bite of ${v.finishDepthUm} µm needs ${finishPasses} passes. Bite deeper.`
			);
		const length = v.wheelWidthMm + 2 * v.overTravelMm;
		const passes: Pass[] = [];
		let taken = 0;
		const run = (kind: Pass['kind'], count: number, depthUm: number, leadUm: number) => {
			for (let number = 1; number <= count; number++) {
				taken += depthUm;
				const traverseMmPerMin = (leadUm * v.wheelSpeedRpm) / 1000;
				const timeS =
					(60 * length) / traverseMmPerMin +
					(v.returnMode === 'one-way' ? (60 * length) / v.returnMmPerMin : 0) +
					(depthUm > 0 ? v.infeedTimeS : 0);
				passes.push({
					kind,
					number,
					depthUm,
					leadUm,
					traverseMmPerMin,
					timeS,
					diameterAfterMm: D - (2 * taken) / 1000
				});
			}
		};
		run('rough', roughPasses, roughPasses ? v.roughStockUm / roughPasses : 0, v.roughLeadUm);
		run('finish', finishPasses, finishPasses ? v.finishStockUm / finishPasses : 0, v.finishLeadUm);
		run('spark-out', v.sparkOutPasses, 0, finishPasses ? v.finishLeadUm : v.roughLeadUm);
		const after = D - (2 * totalDepthUm) / 1000;
		const under = after < v.wheelMinDiameterMm - 1e-9;
		const dressesLeft = under
			? 0
			: Math.max(0, floorKind((after - v.wheelMinDiameterMm) / ((2 * totalDepthUm) / 1000)));
		const deepest = Math.max(...passes.map((p) => p.depthUm));
		const speed = surfaceSpeedMps(D, v.wheelSpeedRpm);
		const findings = new Findings()
			.stop(
				'over-rated-speed',
				v.ratedSpeedMps !== null && speed > v.ratedSpeedMps,
				`${speed.toFixed(1)} m/s is above the ${v.ratedSpeedMps} m/s marked on the wheel.`
			)
			.stop('below-minimum-diameter', under, 'This dress would take the wheel below its scrap diameter.')
			.stop(
				'depth-too-great',
				deepest > DEPTH_STOP_UM,
				`A bite over ${DEPTH_STOP_UM} µm can break wheel or diamond.`
			)
			.caution('depth-heavy', deepest > DEPTH_HEAVY_UM && deepest <= DEPTH_STOP_UM, 'More than a full bite.')
			.caution(
				'lead-exceeds-grain',
				v.grainSizeUm !== null && passes.some((p) => p.leadUm > v.grainSizeUm!),
				'A lead longer than a grain misses grains.'
			)
			.caution(
				'overtravel-short',
				v.overTravelMm < 2,
				'The diamond must leave the wheel before it turns round.'
			)
			.caution(
				'last-dress',
				!under && dressesLeft === 0,
				'The last such dress this wheel holds. Order the next one.'
			);
		return {
			passes,
			roughPasses,
			finishPasses,
			totalPasses: passes.length,
			totalDepthUm,
			timeS: passes.reduce((s, p) => s + p.timeS, 0),
			diameterAfterMm: after,
			surfaceSpeedMps: speed,
			surfaceSpeedAfterMps: surfaceSpeedMps(after, v.wheelSpeedRpm),
			volumeRemovedMm3: (Math.PI / 4) * (D ** 2 - after ** 2) * v.wheelWidthMm,
			lifeUsedPercent: (100 * (D - after)) / (D - v.wheelMinDiameterMm),
			dressesLeft,
			steps: inWords(passes, v.returnMode),
			...findings.judged()
		};
	}
});

function inWords(passes: Pass[], returnMode: string): string[] {
	const steps = ['Touch off at the high place and zero there.'];
	for (const kind of ['rough', 'finish', 'spark-out'] as const) {
		const group = passes.filter((p) => p.kind === kind);
		const first = group[0];
		if (!first) continue;
		const times = `${group.length} ${group.length === 1 ? 'pass' : 'passes'}`;
		const rate = `traverse ${Math.round(first.traverseMmPerMin)} mm/min`;
		steps.push(
			kind === 'spark-out'
				? `${times} with no feed, ${rate}.`
				: `${times} of ${first.depthUm.toFixed(1)} µm, ${rate}${returnMode === 'one-way' ? ', lift and run back' : ''}.`
		);
	}
	return [...steps, 'Withdraw, let the coolant spin out, turn the diamond a little in its holder.'];
}
