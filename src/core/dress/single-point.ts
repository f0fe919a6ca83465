import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { choice, mm, mmPerMin, over0, rpm, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { judgeBite } from './dress-infeed.js';
import { ABRASIVE_GROUP, DEPTH, GRAIN, IDLE_PASSES, LEAD, leadAndTraverse } from './overlap.js';
import { RATED_FIELDS, judgeRated } from './rated.js';
import { TIP_FIELDS, checkTip, judgeGrain, judgeOverlap, overlapOf } from './tip.js';

/** Settings of a fixed diamond: lead or traverse, depth, and what dress comes of it. */
export const singlePoint = defineCalculation({
	id: 'dress.single-point',
	worse: {
		wheelSpeedRpm: 'none',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		grainSizeUm: 'down',
		depthUm: 'none',
		traverseMmPerMin: 'none',
		tipRadiusUm: 'none',
		idlePasses: 'up'
	},
	title: 'Single-point dress',
	about:
		'Depth, lead or traverse and the tip give the overlap and the kind of dress, with everything that must not be.',
	source: 'Kinematics and circle geometry (first principles); bite limits are guidelines.',
	formulas: ['lead = 1000 x traverse/rpm', 'U = active width/lead', 'v = pi D n/60000'],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		...RATED_FIELDS,
		{ ...GRAIN, required: true },
		ABRASIVE_GROUP,
		DEPTH,
		LEAD,
		mmPerMin('traverseMmPerMin', 'Instead of the lead', { ...over0(100000), label: 'Traverse' }),
		...TIP_FIELDS,
		choice('coolant', 'On the diamond', ['continuous', 'none', 'intermittent'], { required: true }),
		yesNo('dustExtraction', 'Dust is drawn off', { default: false }),
		IDLE_PASSES
	],
	outputs: [
		{ name: 'overlap.overlapRatio', about: 'Overlap', main: true },
		{ name: 'overlap.dressClass', about: 'What kind of dress' },
		{ name: 'traverseMmPerMin', unit: 'mm/min', about: 'Traverse' },
		{ name: 'leadUm', unit: 'um', about: 'Lead' },
		{ name: 'leadPerGrainRatio', about: 'Lead in grains' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'overlap.activeWidthUm', unit: 'um', about: 'Width the tip cuts' },
		{ name: 'overlap.effectiveOverlapRatio', about: 'Overlap with the idle passes' },
		{ name: 'overlap.referenceDepthUm', unit: 'um', about: 'An ordinary bite for this grain' },
		{ name: 'overlap.sharpnessIndex', about: 'Sharpness index' },
		{ name: 'overlap.scallopHeightUm', unit: 'um', about: 'Ridge between tracks' },
		{ name: 'overlap.overlapBand', about: 'Band of the overlap' }
	],
	example: {
		wheelDiameterMm: 196,
		wheelSpeedRpm: 2870,
		grainSizeUm: 230,
		depthUm: 21,
		traverseMmPerMin: 212,
		tipRadiusUm: 240,
		coolant: 'continuous'
	},
	compute(values) {
		const { leadUm, traverseMmPerMin } = leadAndTraverse(values);
		checkTip(values.tipRadiusUm, values.flatWidthUm);
		const cut = { ...values, leadUm };
		const overlap = overlapOf(cut);
		const speed = surfaceSpeedMps(values.wheelDiameterMm, values.wheelSpeedRpm);
		const findings = judgeRated(new Findings(), values, speed, values.wheelSpeedRpm)
			.stop(
				'wrong-dresser-for-superabrasive',
				values.abrasive === 'diamond',
				'A diamond point on a diamond wheel ruins both. Use a truing wheel or a stick.'
			)
			.caution(
				'superabrasive-wears-diamond',
				values.abrasive === 'cbn',
				'Boron nitride wears a diamond point fast. A driven disc is the usual way.'
			);
		judgeBite(findings, values.depthUm, values.abrasive);
		judgeGrain(findings, leadUm, values.grainSizeUm);
		judgeOverlap(findings, cut, overlap)
			.caution(
				'coolant-intermittent',
				values.coolant === 'intermittent',
				'A hot diamond that is splashed now and then cracks. Full flow before contact, or none.'
			)
			.caution(
				'dry-no-extraction',
				values.coolant === 'none' && !values.dustExtraction,
				'Dressing dust harms the lungs. Use extraction or coolant.'
			);
		return {
			surfaceSpeedMps: speed,
			leadUm,
			traverseMmPerMin,
			leadPerGrainRatio: leadUm / values.grainSizeUm,
			overlap: overlap,
			...findings.judged()
		};
	}
});
