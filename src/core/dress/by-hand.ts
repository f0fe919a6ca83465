import { between, choice, from0, mm, over0, rpm, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { SLACK } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { ABRASIVE_GROUP } from './overlap.js';
import { RATED_FIELDS, judgeRated } from './rated.js';

/** Depth of each tool between the rest and the wheel, in mm, and how straight a face it leaves with a guide and without (guidelines). */
const TOOLS = {
	star: { depthMm: 32, guidedUm: 60, freeUm: 200 },
	'hand-stick': { depthMm: 25, guidedUm: 50, freeUm: 150 },
	'hand-block': { depthMm: 30, guidedUm: 50, freeUm: 150 },
	'hand-diamond': { depthMm: 18, guidedUm: 15, freeUm: 60 }
} as const;
export type HandTool = keyof typeof TOOLS;
export const HAND_TOOLS = Object.keys(TOOLS) as HandTool[];
/** The heel of the tool hooks behind the rest with so much to spare; how far the tip may stand above centre (guidelines). */
const [HOOK_MM, ABOVE_MM, BELOW_MM] = [2, 0.5, 5];
const REST = mm('restBackMm', 'Rest to wheel, as it is set for the dress', {
	...from0(200),
	label: 'Rest moved back to'
});

/** A tool drawn across by hand: held so that the wheel pulls it onto its rest and never off it. */
export const byHand = defineCalculation({
	id: 'dress.by-hand',
	worse: {
		restBackMm: 'none',
		toolHeightMm: 'none',
		straightnessWantedUm: 'down',
		wheelDiameterMm: 'up',
		wheelSpeedRpm: 'up',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down'
	},
	title: 'Dress by hand',
	about:
		'How far the rest goes back so that the tool hooks behind it, at which height the tool meets the wheel, and how straight a face that leaves.',
	source: 'Workshop practice (guidelines); speeds by circular motion.',
	formulas: ['rest = depth of the tool + 2 mm', 'rise from centre = asin(h/R)'],
	fields: [
		choice('machine', 'Where the wheel turns', ['bench', 'lathe'], { required: true }),
		choice('tool', 'What is held', HAND_TOOLS, { required: true }),
		choice('guidance', 'What leads it', ['jig', 'free-hand'], { required: true, label: 'Led by' }),
		choice('restsOn', 'What takes the pull', ['rest', 'guard', 'nothing'], {
			required: true,
			label: 'Tool rests on'
		}),
		yesNo('rearrangedStanding', 'Rest moved with the wheel standing', {
			required: true,
			label: 'Rest set with the wheel standing'
		}),
		REST,
		mm('toolHeightMm', 'Above the spindle centre, minus below', {
			...between(-500, 500),
			default: 0,
			label: 'Tool meets the wheel at'
		}),
		um('straightnessWantedUm', 'Over the width', { ...over0(5000), label: 'Straight within' }),
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		...RATED_FIELDS,
		ABRASIVE_GROUP
	],
	outputs: [
		{ name: 'restBackMm', unit: 'mm', about: 'Rest goes back to', main: true },
		{ name: 'straightnessUm', unit: 'um', about: 'Leaves a face straight within' },
		{ name: 'angleDeg', unit: 'deg', about: 'Meets the wheel above centre by' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' }
	],
	example: {
		machine: 'bench',
		tool: 'star',
		guidance: 'free-hand',
		restsOn: 'rest',
		rearrangedStanding: true,
		restBackMm: 34,
		toolHeightMm: 0,
		wheelDiameterMm: 200,
		wheelSpeedRpm: 2850,
		ratedSpeedMps: 35
	},
	compute(values) {
		const bench = values.machine === 'bench';
		if (bench) needed(values, [REST], 'On a bench grinder the tool hooks behind the rest.');
		const tool = TOOLS[values.tool];
		const restBackMm = bench ? tool.depthMm + HOOK_MM : null;
		const straightnessUm = values.guidance === 'jig' ? tool.guidedUm : tool.freeUm;
		const R = values.wheelDiameterMm / 2;
		const speed = surfaceSpeedMps(values.wheelDiameterMm, values.wheelSpeedRpm);
		const inside = Math.abs(values.toolHeightMm) < R;
		const wanted = values.straightnessWantedUm;
		const findings = judgeRated(new Findings(), values, speed, values.wheelSpeedRpm)
			.stop(
				'wrong-dresser-for-superabrasive',
				values.abrasive === 'cbn' || values.abrasive === 'diamond',
				'A hand dresser does nothing to diamond or boron nitride.'
			)
			.stop(
				'rests-on-guard',
				values.restsOn === 'guard',
				'Never on the guard: it is no rest and may give way.'
			)
			.stop(
				'no-support',
				values.restsOn === 'nothing',
				'The tool is held by nothing but the hand: the wheel throws it. Put it on its rest.'
			)
			.stop(
				'rest-moved-running',
				!values.rearrangedStanding,
				'Stop the wheel before the rest is moved. Then start it again, guard closed.'
			)
			.stop('tool-off-the-wheel', !inside, 'The tool does not meet the wheel at that height.')
			.stop(
				'tool-above-centre',
				inside && values.toolHeightMm > ABOVE_MM + SLACK,
				'Above centre the wheel lifts the tool off its rest. On centre, or just below.'
			)
			.caution(
				'tool-far-below-centre',
				inside && values.toolHeightMm < -BELOW_MM - SLACK,
				'Far below centre the tool is dragged under the wheel. Just below is right.'
			)
			.caution(
				'rest-not-back',
				restBackMm !== null && values.restBackMm! < restBackMm - HOOK_MM - SLACK,
				`The tool does not fit between rest and wheel. Move the rest back to about ${restBackMm} mm.`
			)
			.caution(
				'rest-too-far',
				restBackMm !== null && values.restBackMm! > restBackMm + 2 * HOOK_MM + SLACK,
				`The rest is so far back that the heel of the tool slips off it. About ${restBackMm} mm.`
			)
			.caution(
				'not-so-straight',
				wanted !== null && wanted < straightnessUm - SLACK,
				`Like this a face comes out straight within ${straightnessUm} µm at best. ${values.guidance === 'jig' ? 'A guided diamond leaves the straightest face.' : 'A jig makes it straighter.'}`
			);
		return {
			restBackMm,
			straightnessUm,
			angleDeg: inside ? Math.asin(values.toolHeightMm / R) / DEG : null,
			surfaceSpeedMps: speed,
			...findings.judged()
		};
	}
});
