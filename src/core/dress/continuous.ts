import { choice, from0, mm, mmPerMin, over0, rpm, um, whole, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { judgeFeed } from './dress-infeed.js';
import { RATED_FIELDS, judgeRated } from './rated.js';
import { checkScrap } from './used-up.js';

/** Below this share of its speed the wheel acts another wheel (guideline). */
const SPEED_SHARE = 0.8;

/** A form roll that stays on the wheel while it creep feeds. */
export const continuousDress = defineCalculation({
	id: 'dress.continuous',
	worse: {
		wheelDiameterMm: 'up',
		wheelMinDiameterMm: 'down',
		wheelSpeedRpm: 'up',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		feedUmPerRev: 'up',
		cutLengthMm: 'up',
		workFeedMmPerMin: 'down',
		cutsPerPart: 'up'
	},
	title: 'Continuous dressing',
	about:
		'The roll stays on the wheel while it grinds: how fast the wheel shrinks, how the head follows, how many parts a wheel makes.',
	source: 'Kinematics (first principles); feeds are guidelines.',
	formulas: [
		'loss = a n/1000 mm/min on the radius',
		'a roll on the frame feeds twice that',
		'parts = floor((D - D min)/(2 loss a part))'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		mm('wheelMinDiameterMm', 'Not below this', { ...from0(2000), required: true, label: 'Scrap diameter' }),
		rpm('wheelSpeedRpm', 'While grinding', { ...over0(200000), required: true }),
		...RATED_FIELDS,
		um('feedUmPerRev', 'Radial, per turn of the wheel', {
			...over0(100),
			required: true,
			label: 'Feed a turn'
		}),
		mm('cutLengthMm', 'One cut with run-in and run-out', {
			...over0(100000),
			required: true,
			label: 'A cut'
		}),
		mmPerMin('workFeedMmPerMin', 'Of the table', { ...over0(100000), required: true, label: 'Work feed' }),
		whole('cutsPerPart', 'Each part', { min: 1, max: 10000, default: 1, label: 'Cuts a part' }),
		choice('rollMount', 'What carries the slide of the roll', ['on-head', 'on-frame'], {
			default: 'on-head'
		}),
		yesNo('compensated', 'The head follows the shrinking wheel', { default: true, label: 'Compensated' })
	],
	outputs: [
		{ name: 'partsPerWheel', about: 'Parts left in the wheel', main: true },
		{ name: 'radialLossPerPartUm', unit: 'um', about: 'Off the radius a part' },
		{ name: 'radialLossPerCutUm', unit: 'um', about: 'Off the radius a cut' },
		{ name: 'radialLossMmPerMin', unit: 'mm/min', about: 'Off the radius' },
		{ name: 'headFeedMmPerMin', unit: 'mm/min', about: 'The head closes in' },
		{ name: 'rollFeedMmPerMin', unit: 'mm/min', about: 'The roll feeds' },
		{ name: 'cutTimeS', unit: 's', about: 'A cut takes' },
		{ name: 'diameterAfterPartMm', unit: 'mm', about: 'Diameter after a part' },
		{ name: 'floorSlopeUmPer100Mm', unit: 'um', about: 'Slope left in 100 mm' },
		{ name: 'wheelVolumePerPartMm3', unit: 'mm3', about: 'Abrasive for a part' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'surfaceSpeedAtMinimumMps', unit: 'm/s', about: 'At the scrap diameter' }
	],
	example: {
		wheelDiameterMm: 500,
		wheelWidthMm: 30,
		wheelMinDiameterMm: 380,
		wheelSpeedRpm: 955,
		feedUmPerRev: 0.8,
		cutLengthMm: 140,
		workFeedMmPerMin: 900,
		cutsPerPart: 3
	},
	compute(values) {
		const D = values.wheelDiameterMm;
		checkScrap(values.wheelMinDiameterMm, D);
		const radialLossMmPerMin = (values.feedUmPerRev * values.wheelSpeedRpm) / 1000;
		const cutTimeS = (60 * values.cutLengthMm) / values.workFeedMmPerMin;
		const radialLossPerCutUm = (1000 * radialLossMmPerMin * cutTimeS) / 60;
		const radialLossPerPartUm = radialLossPerCutUm * values.cutsPerPart;
		const after = D - (2 * radialLossPerPartUm) / 1000;
		const vanishes = after <= 0;
		const partsPerWheel = floorKind((D - values.wheelMinDiameterMm) / ((2 * radialLossPerPartUm) / 1000));
		const speed = surfaceSpeedMps(D, values.wheelSpeedRpm);
		const least = surfaceSpeedMps(values.wheelMinDiameterMm, values.wheelSpeedRpm);
		const findings = judgeRated(new Findings(), values, speed, values.wheelSpeedRpm);
		judgeFeed(findings, values.feedUmPerRev)
			.stop(
				'wheel-ends-inside-part',
				partsPerWheel < 1,
				'The wheel would reach its scrap diameter inside this part. Fit a new one first.'
			)
			.caution(
				'work-feed-not-compensated',
				!values.compensated,
				'The head does not follow the shrinking wheel: the floor comes out sloped.'
			)
			.caution(
				'surface-speed-falls',
				least < SPEED_SHARE * speed,
				'At the scrap diameter the rim runs a fifth slower and more: the wheel acts softer. Raise the rpm within its limit.'
			)
			.caution('last-part', partsPerWheel === 1, 'The last part this wheel makes.');
		return {
			surfaceSpeedMps: speed,
			surfaceSpeedAtMinimumMps: least,
			radialLossMmPerMin,
			headFeedMmPerMin: radialLossMmPerMin,
			rollFeedMmPerMin: (values.rollMount === 'on-frame' ? 2 : 1) * radialLossMmPerMin,
			cutTimeS,
			radialLossPerCutUm,
			radialLossPerPartUm,
			diameterAfterPartMm: vanishes ? null : after,
			floorSlopeUmPer100Mm: values.compensated ? 0 : (100000 * radialLossMmPerMin) / values.workFeedMmPerMin,
			partsPerWheel,
			wheelVolumePerPartMm3: vanishes ? null : (Math.PI / 4) * (D ** 2 - after ** 2) * values.wheelWidthMm,
			...findings.judged()
		};
	}
});
