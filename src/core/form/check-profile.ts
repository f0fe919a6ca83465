import { defineCalculation } from '../calculation/define.js';
import { deg, from0, mm, over0 } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { SEGMENTS, chainOf, gapMm, runsBack, summaryOf } from './profile/chain.js';
import { TOOL, offsetOf } from './tool.js';

/** Whether a form can be made on this wheel with this tool. */
export const checkProfile = defineCalculation({
	id: 'form.check-profile',
	title: 'Can it be made?',
	about:
		'Whether the form hangs together, whether the stone reaches its flanks and hollows, and whether the wheel is deep and wide enough.',
	source: 'First principles; the room beside the stone is a guideline.',
	formulas: [
		'allowed flank = 90 - stone angle/2 - room',
		'least hollow = nose + room',
		'stock = (D - least D)/2'
	],
	fields: [
		SEGMENTS,
		TOOL,
		mm('wheelDiameterMm', 'As it measures now', { ...over0(2000), required: true }),
		mm('minDiameterMm', 'Where the abrasive ends', { ...over0(2000), label: 'Least diameter' }),
		mm('faceWidthMm', 'Of the wheel', { ...over0(1000), label: 'Width of the wheel' }),
		mm('joinToleranceMm', 'Between segments', {
			...from0(1),
			default: 0.001,
			label: 'Gap allowed',
			advanced: true
		}),
		deg('flankClearanceDeg', 'Between stone and flank', {
			...from0(30),
			default: 2,
			guideline: true,
			label: 'Room beside the stone'
		})
	],
	outputs: [
		{ name: 'minConcaveRadiusMm', unit: 'mm', fine: true, about: 'Smallest hollow', main: true },
		{ name: 'requiredConcaveRadiusMm', unit: 'mm', fine: true, about: 'The tool needs' },
		{ name: 'maxFlankDeg', unit: 'deg', about: 'Steepest flank' },
		{ name: 'allowedFlankDeg', unit: 'deg', about: 'The stone reaches' },
		{ name: 'depthMm', unit: 'mm', fine: true, about: 'Depth' },
		{ name: 'maxStockMm', unit: 'mm', fine: true, about: 'Deepest below the rim' },
		{ name: 'usableStockMm', unit: 'mm', fine: true, about: 'Abrasive there is' },
		{ name: 'widthMm', unit: 'mm', fine: true, about: 'Width' },
		{ name: 'lengthMm', unit: 'mm', fine: true, about: 'Length along the profile' },
		{ name: 'continuous', about: 'Hangs together' },
		{ name: 'maxGapMm', unit: 'mm', fine: true, about: 'Largest gap' },
		{ name: 'singleValued', about: 'Never runs back' }
	],
	example: {
		segments: [
			{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 3.16697, x1Mm: 0 },
			{ kind: 'arc', z0Mm: 3.16697, x0Mm: 0, z1Mm: 6.83303, x1Mm: 0, radiusMm: 2, side: 'concave' },
			{ kind: 'line', z0Mm: 6.83303, x0Mm: 0, z1Mm: 10, x1Mm: 0 }
		],
		tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
		wheelDiameterMm: 150,
		minDiameterMm: 140
	},
	compute(values) {
		const chain = chainOf(values.segments);
		if (values.minDiameterMm !== null && values.minDiameterMm >= values.wheelDiameterMm)
			throw new InputFault(
				'minDiameterMm',
				'inconsistent',
				`Least diameter: ${values.minDiameterMm} mm is not under the ${values.wheelDiameterMm} mm of the wheel.`
			);
		const summary = summaryOf(chain);
		const maxGapMm = chain.slice(1).reduce((m, next, i) => Math.max(m, gapMm(chain[i]!, next)), 0);
		const requiredConcaveRadiusMm = offsetOf(values.tool) + values.tool.clearanceMm;
		const stone = values.tool.includedAngleDeg;
		const allowedFlankDeg = stone === null ? null : 90 - stone / 2 - values.flankClearanceDeg;
		const usableStockMm =
			values.minDiameterMm === null ? null : (values.wheelDiameterMm - values.minDiameterMm) / 2;
		const continuous = maxGapMm <= values.joinToleranceMm + SLACK;
		const singleValued =
			!chain.some(runsBack) &&
			!chain.slice(1).some((segment, i) => segment.z0Mm < chain[i]!.z1Mm - values.joinToleranceMm);
		const findings = new Findings()
			.stop('gap', !continuous, `The form has a gap of ${maxGapMm.toFixed(4)} mm. Join its segments.`)
			.stop('undercut', !singleValued, 'The form runs back along the axis: no dresser can go in under it.')
			.stop(
				'flank-too-steep',
				allowedFlankDeg !== null && summary.maxFlankDeg > allowedFlankDeg + SLACK,
				`The steepest flank is ${summary.maxFlankDeg.toFixed(1)}°, this stone reaches ${allowedFlankDeg?.toFixed(1)}°. Take a slimmer one.`
			)
			.stop(
				'depth-exceeds-stock',
				usableStockMm !== null && summary.maxXMm > usableStockMm + SLACK,
				`The form goes ${summary.maxXMm.toFixed(3)} mm deep, ${usableStockMm?.toFixed(3)} mm of abrasive are there.`
			)
			.caution(
				'concave-smaller-than-tool',
				summary.minConcaveRadiusMm !== null && summary.minConcaveRadiusMm < requiredConcaveRadiusMm - SLACK,
				`The smallest hollow is ${summary.minConcaveRadiusMm?.toFixed(3)} mm, the tool needs ${requiredConcaveRadiusMm.toFixed(3)} mm: something is left in it.`
			)
			.caution(
				'wider-than-wheel',
				values.faceWidthMm !== null && summary.widthMm > values.faceWidthMm + SLACK,
				`The form is ${summary.widthMm.toFixed(3)} mm wide, the wheel ${values.faceWidthMm} mm.`
			)
			.stop(
				'outside-the-wheel',
				summary.minXMm < -SLACK,
				'Part of the form lies outside of the rim. Move it into the wheel.'
			);
		return {
			continuous,
			maxGapMm,
			singleValued,
			minConcaveRadiusMm: summary.minConcaveRadiusMm,
			requiredConcaveRadiusMm,
			maxFlankDeg: summary.maxFlankDeg,
			allowedFlankDeg,
			depthMm: summary.depthMm,
			maxStockMm: summary.maxXMm,
			usableStockMm,
			widthMm: summary.widthMm,
			lengthMm: summary.lengthMm,
			...findings.judged()
		};
	}
});
