import { from0, mm, over0, rpm, seconds } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { ABRASIVE_GROUP, DEPTH, GRAIN, LEAD } from './overlap.js';
import { TIP_FIELDS, checkTip, judgeGrain, judgeOverlap, overlapOf } from './tip.js';

/** How far off the wanted lead a hand may be, and how quick or slow a stroke it can keep (guidelines). */
const [TOO_FAST, TOO_SLOW, QUICKEST_S, SLOWEST_S] = [1.25, 0.8, 1, 20];

/** A traverse by hand: its beat, and the lead that was really made. */
export const handPace = defineCalculation({
	id: 'dress.hand-pace',
	worse: {
		wheelWidthMm: 'none',
		wheelSpeedRpm: 'none',
		leadUm: 'none',
		overTravelMm: 'none',
		tipRadiusUm: 'none',
		depthUm: 'none',
		grainSizeUm: 'down',
		measuredPassTimeS: 'none'
	},
	title: 'Pace of a hand traverse',
	about:
		'Without a feed dial: how long a stroke takes, as a beat to keep; and from a stroke you timed, the lead you really made.',
	source: 'Kinematics (first principles); how far a hand may be off is a guideline.',
	formulas: [
		'stroke = width + 2 over-travel',
		'time = 60000 stroke/(lead rpm)',
		'lead made = 60000 stroke/(time rpm)'
	],
	fields: [
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		{ ...LEAD, required: true },
		mm('overTravelMm', 'Beyond each edge', { ...from0(100), default: 3 }),
		...TIP_FIELDS,
		{ ...DEPTH, required: false },
		ABRASIVE_GROUP,
		GRAIN,
		seconds('measuredPassTimeS', 'By watch, or the mean of several strokes', {
			...over0(3600),
			label: 'A stroke took'
		})
	],
	outputs: [
		{ name: 'passTimeS', unit: 's', about: 'A stroke takes', main: true },
		{ name: 'beatsPerMinute', about: 'Strokes a minute' },
		{ name: 'strokeMm', unit: 'mm', about: 'Stroke' },
		{ name: 'traverseMmPerMin', unit: 'mm/min', about: 'Traverse' },
		{ name: 'achievedLeadUm', unit: 'um', about: 'Lead made' },
		{ name: 'achievedTraverseMmPerMin', unit: 'mm/min', about: 'Traverse made' },
		{ name: 'leadErrorPercent', unit: '%', about: 'Off the wanted lead' },
		{ name: 'achievedOverlapRatio', about: 'Overlap made' },
		{ name: 'achievedDressClass', about: 'Dress made' }
	],
	example: {
		wheelWidthMm: 19,
		wheelSpeedRpm: 2850,
		leadUm: 60,
		tipRadiusUm: 250,
		depthUm: 12,
		grainSizeUm: 260,
		measuredPassTimeS: 6.4
	},
	compute(values) {
		const tip = values.tipRadiusUm !== null || values.flatWidthUm > 0;
		if (tip) {
			checkTip(values.tipRadiusUm, values.flatWidthUm);
			needed(values, [DEPTH], 'With a tip the bite is needed.');
		}
		const strokeMm = values.wheelWidthMm + 2 * values.overTravelMm;
		const passTimeS = (60000 * strokeMm) / (values.leadUm * values.wheelSpeedRpm);
		const time = values.measuredPassTimeS;
		const achievedLeadUm = time === null ? null : (60000 * strokeMm) / (time * values.wheelSpeedRpm);
		const leadUm = achievedLeadUm ?? values.leadUm;
		const cut = tip ? { ...values, depthUm: values.depthUm!, leadUm } : null;
		const o = cut && overlapOf(cut);
		const share = achievedLeadUm === null ? null : achievedLeadUm / values.leadUm;
		const findings = new Findings()
			.caution(
				'pass-too-fast',
				share !== null && share > TOO_FAST * (1 + SLACK),
				'Quicker than the lead wanted: the wheel comes out more open.'
			)
			.caution(
				'pass-too-slow',
				share !== null && share < TOO_SLOW * (1 - SLACK),
				'Slower than the lead wanted: the wheel comes out duller.'
			);
		judgeGrain(findings, leadUm, values.grainSizeUm);
		if (cut && o) judgeOverlap(findings, cut, o);
		findings
			.caution(
				'pace-too-quick-by-hand',
				passTimeS < QUICKEST_S,
				'No hand keeps strokes under a second even. Use a power feed, or a shorter lead.'
			)
			.caution(
				'pace-too-slow-by-hand',
				passTimeS > SLOWEST_S,
				'No hand keeps so slow a stroke even. Use a power feed, or a longer lead.'
			);
		return {
			strokeMm,
			passTimeS,
			traverseMmPerMin: (values.leadUm * values.wheelSpeedRpm) / 1000,
			beatsPerMinute: 60 / passTimeS,
			achievedLeadUm,
			achievedTraverseMmPerMin:
				achievedLeadUm === null ? null : (achievedLeadUm * values.wheelSpeedRpm) / 1000,
			achievedOverlapRatio: time === null ? null : (o?.overlapRatio ?? null),
			achievedDressClass: time === null ? null : (o?.dressClass ?? null),
			leadErrorPercent: share === null ? null : 100 * (share - 1),
			...findings.judged()
		};
	}
});
