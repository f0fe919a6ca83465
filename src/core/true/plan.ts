import {
	between,
	choice,
	from0,
	mm,
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
import { ceilCount } from '../numeric/rounding.js';
import { SUPERABRASIVE_HEAVY_UM, isSuperabrasive } from '../dress/dress-infeed.js';
import { ABRASIVE_GROUP } from '../dress/overlap.js';
import { surfaceSpeedMps } from '../spec/speed.js';

const GROSS_RUNOUT_UM = 2000;
const NEAR_MINIMUM_MM = 1;
const um = <const N extends string>(name: N, max: number, about: string) => umField(name, about, from0(max));

/** Passes that take off a stock: in even bites, or in bites of whole steps of the handwheel, which may take up to a step more. */
function passesOf(
	stockUm: number,
	biteUm: number,
	stepUm: number | null
): { passes: number; eachUm: number; takenUm: number } {
	const settable = stepUm === null ? biteUm : Math.max(stepUm, Math.floor(biteUm / stepUm + 1e-9) * stepUm);
	const passes = ceilCount(stockUm, settable);
	if (!passes) return { passes: 0, eachUm: 0, takenUm: 0 };
	return stepUm === null
		? { passes, eachUm: stockUm / passes, takenUm: stockUm }
		: { passes, eachUm: settable, takenUm: passes * settable };
}

/** Passes, time and what is left when the run-out is cut away with a diamond. */
export const truePlan = defineCalculation({
	id: 'true.plan',
	worse: {
		runoutTirUm: 'up',
		roughInfeedUm: 'up',
		finishInfeedUm: 'up',
		sparkOutPasses: 'down',
		wheelDiameterMm: 'none',
		speedRpm: 'up',
		minDiameterMm: 'up',
		ratedSpeedMps: 'down',
		infeedCautionUm: 'down',
		infeedStopUm: 'down'
	},
	title: 'Truing plan',
	about:
		'Stock from the readings, rough and fine passes, passes with no feed, time, and the diameter after. Truing makes it round, not sharp: a dressing always follows.',
	source: 'Geometry of an eccentric disc and kinematics (first principles); bites are guidelines.',
	formulas: [
		'stock = run-out + allowance',
		'passes = ceil(part/bite), made equal',
		'traverse = lead/1000 x rpm',
		'pass time = 60 stroke/traverse + reversal',
		'diameter after = D - (run-out + 2 allowance)/1000',
		'diamond path = passes (width/lead) pi D'
	],
	fields: [
		{ ...um('runoutTirUm', 10000, 'Largest minus smallest reading'), required: true, label: 'Run-out' },
		{
			...um('allowanceUm', 2000, 'Cut below the lowest point'),
			guideline: true,
			default: 25,
			label: 'Allowance'
		},
		{ ...um('roughInfeedUm', 500, 'Bite of a rough pass'), minOpen: true, guideline: true, default: 25 },
		{
			...um('finishInfeedUm', 500, 'Bite of a fine pass'),
			minOpen: true,
			guideline: true,
			default: 10,
			label: 'Fine infeed'
		},
		{
			...um('finishStockUm', 2000, 'Part of the stock taken fine'),
			guideline: true,
			default: 50,
			label: 'Fine stock'
		},
		{
			...um('infeedStepUm', 500, 'What the handwheel sets, on the radius; any bite when empty'),
			minOpen: true,
			advanced: true,
			label: 'Infeed goes by'
		},
		whole('sparkOutPasses', 'At the end', {
			...from0(50),
			guideline: true,
			default: 4,
			label: 'Passes with no feed'
		}),
		mm('wheelDiameterMm', 'Measured across', { ...between(5, 2000), required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		rpm('speedRpm', 'While truing', { ...between(1, 200000), required: true, label: 'Wheel speed' }),
		{ ...um('leadUm', 5000, 'Diamond travel per wheel turn'), minOpen: true, guideline: true, default: 100 },
		mm('overTravelMm', 'Beyond each edge', {
			...from0(100),
			guideline: true,
			label: 'Over-travel',
			default: 5
		}),
		seconds('reversalTimeS', 'Lost each pass', { ...from0(60), default: 1 }),
		mm('minDiameterMm', 'Scrap diameter', from0(2000)),
		mps('ratedSpeedMps', 'Speed marked on the wheel', between(1, 500)),
		ABRASIVE_GROUP,
		choice(
			'truedWith',
			'Diamond, or what wears a superabrasive round',
			['diamond', 'truing-wheel', 'steel-block'],
			{
				default: 'diamond',
				label: 'Trued with'
			}
		),
		choice('dustControl', 'How dust is held down', ['coolant', 'extraction', 'none'], { default: 'coolant' }),
		{
			...um('infeedCautionUm', 500, 'Heavy above this'),
			label: 'Infeed heavy above',
			guideline: true,
			default: 30,
			advanced: true
		},
		{
			...um('infeedStopUm', 500, 'Too heavy above this'),
			label: 'Infeed too heavy above',
			guideline: true,
			default: 102,
			advanced: true
		}
	],
	outputs: [
		{ name: 'totalPasses', about: 'Passes in all', main: true },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'diameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'radialStockUm', unit: 'um', about: 'To cut at the high spot' },
		{ name: 'roughPasses', about: 'Rough passes' },
		{ name: 'roughInfeedUm', unit: 'um', about: 'each' },
		{ name: 'finishPasses', about: 'Fine passes' },
		{ name: 'finishInfeedUm', unit: 'um', about: 'each' },
		{ name: 'sparkOutPasses', about: 'With no feed' },
		{ name: 'traverseMmPerMin', unit: 'mm/min', about: 'Traverse' },
		{ name: 'strokeMm', unit: 'mm', about: 'Stroke' },
		{ name: 'timePerPassS', unit: 's', about: 'A pass' },
		{ name: 'speedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'remainingRadialMm', unit: 'mm', about: 'Left to scrap, on the radius' },
		{ name: 'volumeRemovedMm3', unit: 'mm3', about: 'Abrasive cut away' },
		{ name: 'contactPathM', unit: 'm', about: 'Wheel surface under the diamond' },
		{ name: 'dressAfter', about: 'Dress open afterwards' }
	],
	example: {
		runoutTirUm: 310,
		allowanceUm: 30,
		wheelDiameterMm: 356,
		wheelWidthMm: 32,
		speedRpm: 1650,
		leadUm: 120,
		minDiameterMm: 205,
		ratedSpeedMps: 35
	},
	compute(values) {
		const D = values.wheelDiameterMm;
		const askedUm = values.runoutTirUm + values.allowanceUm;
		const fine = Math.min(values.finishStockUm, askedUm);
		const roughly = passesOf(askedUm - fine, values.roughInfeedUm, values.infeedStepUm);
		const finely = passesOf(fine, values.finishInfeedUm, values.infeedStepUm);
		const radialStockUm = roughly.takenUm + finely.takenUm;
		const diameterAfterMm =
			D - (values.runoutTirUm + 2 * values.allowanceUm + 2 * (radialStockUm - askedUm)) / 1000;
		if (diameterAfterMm <= 0)
			throw new InputFault(
				'runoutTirUm',
				'above-maximum',
				`Taking off ${radialStockUm} µm leaves no wheel. Check the readings.`
			);
		const [roughPasses, finishPasses] = [roughly.passes, finely.passes];
		const totalPasses = roughPasses + finishPasses + values.sparkOutPasses;
		const traverseMmPerMin = (values.leadUm / 1000) * values.speedRpm;
		const strokeMm = values.wheelWidthMm + 2 * values.overTravelMm;
		const timePerPassS = (60 * strokeMm) / traverseMmPerMin + values.reversalTimeS;
		const speedMps = surfaceSpeedMps(D, values.speedRpm);
		const remainingRadialMm =
			values.minDiameterMm === null ? null : (diameterAfterMm - values.minDiameterMm) / 2;
		const bite = Math.max(values.roughInfeedUm, values.finishInfeedUm);
		const hard = isSuperabrasive(values.abrasive);
		const withDiamond = values.truedWith === 'diamond';
		const findings = new Findings()
			.stop(
				'over-rated-speed',
				values.ratedSpeedMps !== null && speedMps > values.ratedSpeedMps,
				`${speedMps.toFixed(1)} m/s is above the ${values.ratedSpeedMps} m/s marked on the wheel.`
			)
			.stop(
				'below-minimum-diameter',
				remainingRadialMm !== null && remainingRadialMm < 0,
				'Truing would take the wheel below its scrap diameter.'
			)
			.stop(
				'infeed-too-heavy',
				bite > values.infeedStopUm,
				`A bite of ${bite} µm can break the wheel or the diamond. Stay at ${values.infeedStopUm} µm or less.`
			)
			.caution(
				'infeed-heavy',
				!hard && bite > values.infeedCautionUm && bite <= values.infeedStopUm,
				'A heavy bite. Around 25 µm is usual.'
			)
			.stop(
				'diamond-on-diamond',
				withDiamond && values.abrasive === 'diamond',
				'Diamond on diamond: both wear, and the point is gone at once. True it with a truing wheel or a block of soft steel.'
			)
			.caution(
				'diamond-on-cbn',
				withDiamond && values.abrasive === 'cbn',
				'Boron nitride eats a diamond point. A truing wheel or a driven roll is made for it.'
			)
			.caution(
				'infeed-heavy-superabrasive',
				hard && bite > SUPERABRASIVE_HEAVY_UM + 1e-9 && bite <= values.infeedStopUm,
				`Too much at once for diamond or boron nitride. Stay at ${Math.floor(SUPERABRASIVE_HEAVY_UM)} µm or less.`
			)
			.caution(
				'near-minimum-diameter',
				remainingRadialMm !== null && remainingRadialMm >= 0 && remainingRadialMm < NEAR_MINIMUM_MM,
				'Little wheel left after this.'
			)
			.caution('no-dust-control', values.dustControl === 'none', 'Do not true dry without extraction.')
			.caution(
				'no-spark-out',
				values.sparkOutPasses === 0,
				'Without passes with no feed the rim keeps what the machine bends away.'
			)
			.caution(
				'check-mounting',
				values.runoutTirUm > GROSS_RUNOUT_UM,
				'More than 2 mm of run-out: mount it again before cutting it away.'
			);
		return {
			radialStockUm,
			roughPasses,
			roughInfeedUm: roughly.eachUm,
			finishPasses,
			finishInfeedUm: finely.eachUm,
			sparkOutPasses: values.sparkOutPasses,
			totalPasses,
			traverseMmPerMin,
			strokeMm,
			timePerPassS,
			timeS: totalPasses * timePerPassS,
			speedMps,
			diameterAfterMm,
			remainingRadialMm,
			volumeRemovedMm3: (Math.PI / 4) * values.wheelWidthMm * (D ** 2 - diameterAfterMm ** 2),
			contactPathM:
				(totalPasses *
					((values.wheelWidthMm * 1000) / values.leadUm) *
					Math.PI *
					((D + diameterAfterMm) / 2)) /
				1000,
			dressAfter: true,
			...findings.judged()
		};
	}
});
