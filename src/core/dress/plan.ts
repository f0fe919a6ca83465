import {
	choice,
	from0,
	mm,
	mmPerMin,
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
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { judgeBite } from './dress-infeed.js';
import { ABRASIVE_GROUP, GRAIN } from './overlap.js';
import { type Pass, inWords } from './plan-words.js';
import { RATED_FIELDS, judgeRated } from './rated.js';
import { FACE_FIELDS, SURFACE, checkRim, wornOf } from './used-up.js';
import { TIP_FIELDS, checkTip, judgeGrain, judgeOverlap, overlapOf } from './tip.js';

const MAX_PASSES = 10000;
const um = <const N extends string>(name: N, max: number, fallback: number, about: string, open = true) =>
	umField(name, about, { min: 0, minOpen: open, max, default: fallback });

/** The dress pass by pass: bite, lead, time, and what is left of the wheel. */
export const dressPlan = defineCalculation({
	id: 'dress.plan',
	worse: {
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		grainSizeUm: 'down',
		roughStockUm: 'up',
		roughDepthUm: 'up',
		roughLeadUm: 'up',
		finishLeadUm: 'up',
		overTravelMm: 'down',
		tipRadiusUm: 'none',
		flatWidthUm: 'up'
	},
	title: 'Dressing plan',
	about:
		'Rough passes, fine passes, passes with no feed: how many, how long, the diameter after and how many such dresses the wheel still holds.',
	source: 'Kinematics and geometry (first principles); bites are guidelines.',
	formulas: [
		'passes = ceil(stock/bite), made equal',
		'pass time = 60 L/traverse + infeed time',
		'L = width + 2 over-travel',
		'dresses left = floor((D after - D min)/(2 total)), on a face (X after - X min)/total'
	],
	fields: [
		SURFACE,
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', over0(1000)),
		mm('wheelMinDiameterMm', 'Not below this', { ...from0(2000), label: 'Scrap diameter' }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		...FACE_FIELDS,
		...RATED_FIELDS,
		GRAIN,
		um('roughStockUm', 20000, 0, 'Taken off roughly', false),
		um('roughDepthUm', 1000, 25, 'Bite'),
		um('roughLeadUm', 20000, 150, 'Lead'),
		um('finishStockUm', 20000, 0, 'Taken off finely', false),
		um('finishDepthUm', 1000, 10, 'Bite'),
		um('finishLeadUm', 20000, 50, 'Lead'),
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
		seconds('infeedTimeS', 'To set each bite', { ...from0(600), default: 2, advanced: true }),
		...TIP_FIELDS,
		ABRASIVE_GROUP
	],
	outputs: [
		{ name: 'totalPasses', about: 'Passes in all', main: true },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'totalDepthUm', unit: 'um', about: 'Off the radius' },
		{ name: 'diameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'rimDepthAfterMm', unit: 'mm', about: 'Depth of rim after' },
		{ name: 'dressesLeft', about: 'Such dresses left' },
		{ name: 'lifeUsedPercent', unit: '%', about: 'Of the life that was left' },
		{ name: 'roughPasses', about: 'Rough passes' },
		{ name: 'finishPasses', about: 'Fine passes' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'surfaceSpeedAfterMps', unit: 'm/s', about: 'Surface speed after' },
		{ name: 'volumeRemovedMm3', unit: 'mm3', about: 'Abrasive cut away' },
		{ name: 'overlap', about: 'What dress comes of it' },
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
	compute(values) {
		const D = values.wheelDiameterMm;
		const rim = checkRim(values);
		const totalDepthUm = values.roughStockUm + values.finishStockUm;
		if (totalDepthUm === 0)
			throw new InputFault(
				'finishStockUm',
				'inconsistent',
				'Nothing would be taken off. Enter a rough or a fine stock.'
			);
		if (totalDepthUm / 1000 > (rim.face ? rim.depthMm : D / 2))
			throw new InputFault(
				'roughStockUm',
				'above-maximum',
				`${totalDepthUm} µm is more than the ${rim.face ? 'rim is deep' : "wheel's radius"}.`
			);
		if (values.tipRadiusUm !== null || values.flatWidthUm > 0)
			checkTip(values.tipRadiusUm, values.flatWidthUm);
		const roughPasses = ceilCount(values.roughStockUm, values.roughDepthUm);
		const finishPasses = ceilCount(values.finishStockUm, values.finishDepthUm);
		if (roughPasses > MAX_PASSES)
			throw new InputFault(
				'roughDepthUm',
				'below-minimum',
				`A bite of ${values.roughDepthUm} µm needs ${roughPasses} passes. Bite deeper.`
			);
		if (finishPasses > MAX_PASSES)
			throw new InputFault(
				'finishDepthUm',
				'below-minimum',
				`A bite of ${values.finishDepthUm} µm needs ${finishPasses} passes. Bite deeper.`
			);
		const length = rim.widthMm + 2 * values.overTravelMm;
		const passAfter = (takenUm: number) => {
			const { diameterAfterMm, rimDepthAfterMm } = wornOf(rim, D, takenUm);
			return rimDepthAfterMm === null ? { diameterAfterMm } : { diameterAfterMm, rimDepthAfterMm };
		};
		const passes: Pass[] = [];
		let taken = 0;
		const run = (kind: Pass['kind'], count: number, depthUm: number, leadUm: number) => {
			for (let number = 1; number <= count; number++) {
				taken += depthUm;
				const traverseMmPerMin = (leadUm * values.wheelSpeedRpm) / 1000;
				const timeS =
					(60 * length) / traverseMmPerMin +
					(values.returnMode === 'one-way' ? (60 * length) / values.returnMmPerMin : 0) +
					(depthUm > 0 ? values.infeedTimeS : 0);
				passes.push({
					kind,
					number,
					depthUm,
					leadUm,
					traverseMmPerMin,
					timeS,
					...passAfter(taken)
				});
			}
		};
		const roughBite = roughPasses ? values.roughStockUm / roughPasses : 0;
		const fineBite = finishPasses ? values.finishStockUm / finishPasses : 0;
		const lastLead = finishPasses ? values.finishLeadUm : values.roughLeadUm;
		run('rough', roughPasses, roughBite, values.roughLeadUm);
		run('finish', finishPasses, fineBite, values.finishLeadUm);
		run('spark-out', values.sparkOutPasses, 0, lastLead);
		const after = wornOf(rim, D, totalDepthUm);
		const [left, least] = rim.face
			? [after.rimDepthAfterMm!, rim.leastMm]
			: [after.diameterAfterMm, rim.leastMm];
		const whole = rim.face ? rim.depthMm : D;
		const perDress = ((rim.face ? 1 : 2) * totalDepthUm) / 1000;
		const under = left < least - 1e-9;
		const dressesLeft = under ? 0 : Math.max(0, floorKind((left - least) / perDress));
		const speed = surfaceSpeedMps(D, values.wheelSpeedRpm);
		const cut =
			values.tipRadiusUm === null && values.flatWidthUm === 0
				? null
				: { ...values, depthUm: fineBite || roughBite, leadUm: lastLead, idlePasses: values.sparkOutPasses };
		const overlap = cut && overlapOf(cut);
		const findings = judgeRated(new Findings(), values, speed, values.wheelSpeedRpm).stop(
			rim.face ? 'rim-used-up' : 'below-minimum-diameter',
			under,
			rim.face
				? 'This dress would take more rim than there is.'
				: 'This dress would take the wheel below its scrap diameter.'
		);
		judgeBite(findings, Math.max(roughBite, fineBite), values.abrasive);
		judgeGrain(findings, Math.max(...passes.map((pass) => pass.leadUm)), values.grainSizeUm);
		if (cut && overlap) judgeOverlap(findings, cut, overlap);
		findings
			.caution(
				'overtravel-short',
				values.overTravelMm < 2,
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
			...after,
			surfaceSpeedMps: speed,
			surfaceSpeedAfterMps: surfaceSpeedMps(after.diameterAfterMm, values.wheelSpeedRpm),
			volumeRemovedMm3: rim.face
				? (Math.PI * rim.widthMm * (D - rim.widthMm) * totalDepthUm) / 1000
				: (Math.PI / 4) * (D ** 2 - after.diameterAfterMm ** 2) * rim.widthMm,
			lifeUsedPercent: (100 * (whole - left)) / (whole - least),
			dressesLeft,
			overlap,
			steps: inWords(passes, values.returnMode),
			...findings.judged()
		};
	}
});
