import {
	between,
	choice,
	from0,
	mm,
	mmPerMin,
	number,
	over0,
	rpm,
	um,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { ceilCount } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { BOND_FIELD, bondOf } from './bonds.js';
import { RIM_WIDTH, SURFACE, WHEEL_WIDTH, checkRadius, dressedWidth } from './used-up.js';
import { worn } from './truing-wear.js';

const RATIO = 100;
/** Run-out that is a seat to be cleaned, not a wheel to be cut; share of the layer that is much; speed of a steel block (guidelines). */
const [RESEAT_UM, MUCH, BLOCK_MPS] = [102, 1 / 4, 10];
const WHEEL = [
	mm('truingWheelDiameterMm', 'Measured', { ...over0(2000), label: 'Truing wheel' }),
	mm('truingWheelWidthMm', 'Along the traverse', { ...over0(1000), label: 'Its width' }),
	mm('truingWheelMinDiameterMm', 'Not below this', { ...from0(2000), label: 'Its scrap diameter' })
] as const;
const BLOCK = [
	mm('blockLengthMm', 'Area ground', { ...over0(2000), label: 'Block, length' }),
	mm('blockWidthMm', 'Along the traverse', { ...over0(1000), label: 'Block, width' })
] as const;

/** A superabrasive wheel is worn round against a conventional wheel or a block of mild steel. */
export const superabrasiveTrue = defineCalculation({
	id: 'dress.superabrasive-true',
	worse: {
		wheelDiameterMm: 'up',
		wheelWidthMm: 'up',
		layerDepthMm: 'down',
		runoutTirUm: 'up',
		allowanceUm: 'up',
		truingWheelDiameterMm: 'down',
		truingWheelWidthMm: 'down',
		truingRatio: 'up'
	},
	title: 'True a superabrasive',
	about:
		'How much has to come off an eccentric rim, how much of the truing wheel that eats, and the strokes it takes: most of the infeed goes into the truing wheel.',
	source: 'Circle geometry (first principles); the ratio is a guideline, learn it.',
	formulas: [
		'R_f = R - TIR/2 - allowance; volume = pi b (R^2 - R_f^2)',
		'truing volume = ratio x volume',
		'infeed = stock + radial wear of the truing wheel',
		'strokes come in pairs, so both sides get the same'
	],
	fields: [
		SURFACE,
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		WHEEL_WIDTH,
		RIM_WIDTH,
		BOND_FIELD,
		mm('layerDepthMm', 'Abrasive rim', { ...over0(100), required: true, label: 'Layer' }),
		um('runoutTirUm', 'Full reading; of a face at its outside', {
			...from0(5000),
			required: true,
			label: 'Run-out'
		}),
		um('allowanceUm', 'Below the lowest place', { ...from0(5000), default: 10, label: 'Allowance' }),
		choice('means', 'Against what', ['truing-wheel', 'steel-block'], { default: 'truing-wheel' }),
		...BLOCK,
		...WHEEL,
		number('truingRatio', 'Truing wheel lost for wheel removed, by volume; 100 until it is learnt', {
			...over0(100000),
			label: 'Ratio of loss'
		}),
		um('roughInfeedUm', 'Largest bite', { ...over0(200), default: 10, label: 'Rough bite' }),
		um('fineInfeedUm', 'Largest bite', { ...over0(200), default: 3, label: 'Fine bite' }),
		number('fineShare', 'Of the infeed is done fine', {
			...between(0, 1),
			default: 0.2,
			label: 'Share done fine'
		}),
		whole('sparkOutStrokes', 'At the end', { ...from0(1000), default: 4, label: 'Strokes with no feed' }),
		mmPerMin('traverseMmPerMin', 'Of the table', { ...over0(100000), required: true, label: 'Traverse' }),
		mm('overTravelMm', 'Beyond each edge', { ...from0(100), default: 2 }),
		rpm('wheelSpeedRpm', 'While truing', over0(200000))
	],
	outputs: [
		{ name: 'totalInfeedUm', unit: 'um', about: 'To feed in all', main: true },
		{ name: 'radialStockUm', unit: 'um', about: 'Off the wheel at the high place' },
		{ name: 'truingWheelRadialWearUm', unit: 'um', about: 'Eaten by the truing wheel' },
		{ name: 'blockHeightUsedMm', unit: 'mm', about: 'Eaten by the block' },
		{ name: 'roughStrokes', about: 'Rough strokes' },
		{ name: 'roughBiteUm', unit: 'um', about: 'each' },
		{ name: 'fineStrokes', about: 'Fine strokes' },
		{ name: 'fineBiteUm', unit: 'um', about: 'each' },
		{ name: 'sparkOutStrokes', about: 'With no feed' },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'wheelVolumeMm3', unit: 'mm3', about: 'Off the wheel' },
		{ name: 'wheelDiameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'layerLeftMm', unit: 'mm', about: 'Layer left at its thinnest' },
		{ name: 'truingVolumeMm3', unit: 'mm3', about: 'Off truing wheel or block' },
		{ name: 'truingWheelsNeeded', about: 'Truing wheels' },
		{ name: 'truingWheelDiameterAfterMm', unit: 'mm', about: 'The last one ends at' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'then', about: 'Afterwards' }
	],
	example: {
		wheelDiameterMm: 150,
		wheelWidthMm: 10,
		bond: 'resin',
		layerDepthMm: 4,
		runoutTirUm: 60,
		truingWheelDiameterMm: 76,
		truingWheelWidthMm: 13,
		truingWheelMinDiameterMm: 40,
		traverseMmPerMin: 600
	},
	compute(values) {
		const face = values.surface === 'face';
		const block = values.means === 'steel-block';
		const D = values.wheelDiameterMm;
		const b = dressedWidth(values);
		needed(
			values,
			block ? BLOCK : WHEEL,
			block ? 'A steel block is described by it.' : 'The truing wheel is described by it.'
		);
		if (values.runoutTirUm === 0 && values.allowanceUm === 0)
			throw new InputFault(
				'allowanceUm',
				'inconsistent',
				'Nothing would be taken off. Enter a run-out or an allowance.'
			);
		if (!block && values.truingWheelMinDiameterMm! >= values.truingWheelDiameterMm!)
			throw new InputFault(
				'truingWheelMinDiameterMm',
				'inconsistent',
				`Scrap diameter ${values.truingWheelMinDiameterMm} mm is not below the truing wheel, ${values.truingWheelDiameterMm} mm.`
			);
		const meanMm = (values.runoutTirUm / 2 + values.allowanceUm) / 1000;
		const R = D / 2;
		checkRadius('runoutTirUm', 1000 * meanMm, D);
		const wheelVolumeMm3 = face ? Math.PI * b * (D - b) * meanMm : Math.PI * b * (R ** 2 - (R - meanMm) ** 2);
		const radialStockUm = values.runoutTirUm + values.allowanceUm;
		const layerLeftMm = values.layerDepthMm - radialStockUm / 1000;
		const truingVolumeMm3 = (values.truingRatio ?? RATIO) * wheelVolumeMm3;
		const wheels = block
			? null
			: worn(
					truingVolumeMm3,
					values.truingWheelDiameterMm!,
					values.truingWheelMinDiameterMm!,
					values.truingWheelWidthMm!
				);
		const blockHeightUsedMm = block ? truingVolumeMm3 / (values.blockLengthMm! * values.blockWidthMm!) : null;
		const totalInfeedUm = radialStockUm + (wheels?.radialWearUm ?? 1000 * blockHeightUsedMm!);
		const [rough, fine] = [totalInfeedUm * (1 - values.fineShare), totalInfeedUm * values.fineShare];
		const roughStrokes = 2 * ceilCount(rough, 2 * values.roughInfeedUm);
		const fineStrokes = 2 * ceilCount(fine, 2 * values.fineInfeedUm);
		const speed = values.wheelSpeedRpm === null ? null : surfaceSpeedMps(D, values.wheelSpeedRpm);
		const across = b + (block ? values.blockWidthMm! : values.truingWheelWidthMm!) + 2 * values.overTravelMm;
		const { bond, plated } = bondOf(values.bond);
		const findings = new Findings()
			.stop('single-layer-do-not-true', plated, 'A single layer is never trued: it would be gone.')
			.stop(
				'layer-would-be-lost',
				layerLeftMm <= 0,
				'No abrasive would be left at the thinnest place. Seat it anew.'
			)
			.stop(
				'steel-block-resin-only',
				block && bond !== 'resin' && !plated,
				'A steel block wears only a resin bond. Use a truing wheel.'
			)
			.caution(
				'uses-much-layer',
				layerLeftMm > 0 && radialStockUm / 1000 > MUCH * values.layerDepthMm,
				'More than a quarter of the layer goes. Seat the wheel better first.'
			)
			.caution(
				'reseat-first',
				values.runoutTirUm > RESEAT_UM,
				'So much run-out is a seat, not a wheel: mount it again before grinding money away.'
			)
			.caution(
				'truing-wheel-too-small',
				wheels !== null && wheels.needed > 1,
				`It takes ${wheels?.needed} truing wheels of this size.`
			)
			.caution(
				'steel-block-too-fast',
				block && speed !== null && speed > BLOCK_MPS,
				'Too fast for a steel block: at low speed the chips wear the bond.'
			)
			.caution(
				'ratio-not-learnt',
				block && values.truingRatio === null,
				'How much block a wheel eats has to be learnt; this is only a start.'
			);
		return {
			wheelVolumeMm3,
			radialStockUm,
			wheelDiameterAfterMm: face ? D : D - 2 * meanMm,
			layerLeftMm,
			truingVolumeMm3,
			truingWheelsNeeded: wheels?.needed ?? null,
			truingWheelDiameterAfterMm: wheels?.diameterAfterMm ?? null,
			truingWheelRadialWearUm: wheels?.radialWearUm ?? null,
			blockHeightUsedMm,
			totalInfeedUm,
			roughStrokes,
			fineStrokes,
			roughBiteUm: roughStrokes ? rough / roughStrokes : 0,
			fineBiteUm: fineStrokes ? fine / fineStrokes : 0,
			sparkOutStrokes: values.sparkOutStrokes,
			timeS: (60 * (roughStrokes + fineStrokes + values.sparkOutStrokes) * across) / values.traverseMmPerMin,
			surfaceSpeedMps: speed,
			then: plated ? null : 'stick',
			...findings.judged()
		};
	}
});
