import { between, choice, from0, mm, mps, over0, rpm, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

/** A grinder on a lathe's tool post: how far off centre it may stand, how fast its small wheel runs, what has to be covered. */
export const mountToolPost = defineCalculation({
	id: 'mount.tool-post',
	worse: {
		centreOffsetMm: 'none',
		workDiameterMm: 'down',
		wheelDiameterMm: 'down',
		runRpm: 'none',
		ratedRpm: 'down',
		minSpeedMps: 'up',
		sizeToleranceUm: 'down'
	},
	title: 'Grinder on a lathe',
	about:
		"Off the lathe's centre height the cross-slide no longer tells the truth: by how much, and how near it has to be.",
	source: 'Plane geometry (first principles); the least rim speed is a guideline.',
	formulas: [
		's = work/2 + wheel/2 (minus for a bore)',
		'error = 2000 (sqrt(s^2 + h^2) - s)',
		'allowed offset = sqrt((s + tolerance/2000)^2 - s^2)'
	],
	fields: [
		mm('centreOffsetMm', 'Minus below', {
			...between(-100, 100),
			required: true,
			label: 'Wheel axis above centre'
		}),
		mm('workDiameterMm', 'Across', { ...over0(2000), required: true }),
		mm('wheelDiameterMm', 'Across', { ...over0(500), required: true }),
		choice('grinding', 'Outside or a bore', ['external', 'internal'], {
			default: 'external',
			label: 'Ground'
		}),
		rpm('runRpm', 'Of the wheel', { ...over0(200000), required: true, label: 'Speed' }),
		rpm('ratedRpm', 'Of the wheel', { ...over0(200000), required: true, label: 'Limit' }),
		mps('minSpeedMps', 'Guideline', {
			...from0(200),
			guideline: true,
			default: 15,
			advanced: true,
			label: 'Least rim speed'
		}),
		yesNo('waysCovered', 'Against grit', { required: true, label: 'Ways covered' }),
		yesNo('wheelClearOfChuck', 'Over the whole travel', {
			required: true,
			label: 'Wheel clear of the chuck'
		}),
		um('sizeToleranceUm', 'On the diameter', { ...over0(1000), default: 2, label: 'Size tolerance' })
	],
	outputs: [
		{ name: 'diameterErrorUm', unit: 'um', about: 'Off on the diameter', main: true },
		{ name: 'maxOffsetForToleranceMm', unit: 'mm', about: 'Height may be off by' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Rim speed' },
		{ name: 'axisDistanceMm', unit: 'mm', about: 'Axis to axis' }
	],
	example: {
		centreOffsetMm: 0.4,
		workDiameterMm: 28,
		wheelDiameterMm: 60,
		runRpm: 7400,
		ratedRpm: 8500,
		waysCovered: true,
		wheelClearOfChuck: true
	},
	compute(values) {
		if (values.grinding === 'internal' && values.wheelDiameterMm >= values.workDiameterMm)
			throw new InputFault(
				'wheelDiameterMm',
				'above-maximum',
				`A wheel of ${values.wheelDiameterMm} mm does not go into a bore of ${values.workDiameterMm} mm.`
			);
		const s =
			values.workDiameterMm / 2 + (values.grinding === 'internal' ? -1 : 1) * (values.wheelDiameterMm / 2);
		const axisDistanceMm = Math.abs(s);
		const diameterErrorUm = 2000 * (Math.hypot(axisDistanceMm, values.centreOffsetMm) - axisDistanceMm);
		const surfaceSpeedMps = (Math.PI * values.wheelDiameterMm * values.runRpm) / 60000;
		const findings = new Findings()
			.stop(
				'overspeed',
				values.runRpm > values.ratedRpm,
				`${values.runRpm} rpm is above the ${values.ratedRpm} rpm this wheel allows.`
			)
			.stop(
				'wheel-near-chuck',
				!values.wheelClearOfChuck,
				'The wheel can meet the chuck. Set the stop before anything turns.'
			)
			.caution(
				'ways-uncovered',
				!values.waysCovered,
				'Grit eats the ways: lay a cloth, and clean up before the slide moves again.'
			)
			.caution(
				'slow-wheel',
				surfaceSpeedMps < values.minSpeedMps,
				`The rim runs only ${surfaceSpeedMps.toFixed(1)} m/s: it acts soft. Take a larger wheel, or a faster pulley within its limit.`
			)
			.caution(
				'off-centre',
				diameterErrorUm > values.sizeToleranceUm,
				`Off centre height the work comes out ${diameterErrorUm.toFixed(1)} µm larger than the slide says.`
			);
		return {
			axisDistanceMm,
			diameterErrorUm,
			surfaceSpeedMps,
			maxOffsetForToleranceMm: Math.sqrt(
				(axisDistanceMm + values.sizeToleranceUm / 2000) ** 2 - axisDistanceMm ** 2
			),
			...findings.judged()
		};
	}
});
