import { from0, mm, mmPerMin, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { judgeBite } from './dress-infeed.js';
import { ABRASIVE_GROUP, DEPTH, GRAIN, LEAD, leadAndTraverse } from './overlap.js';
import { RATED_FIELDS, judgeRated } from './rated.js';
import { checkOneSpeed, judgeRoll, ratioRoughness, rollFields, rollSpeeds } from './roll-speeds.js';
import { TIP_FIELDS, checkTip, dressClassOf, judgeDull, judgeThread, judgeTip, overlapOf } from './tip.js';

/** A narrow driven disc, drawn across the wheel. */
export const rotaryTraverse = defineCalculation({
	id: 'dress.rotary-traverse',
	worse: {
		wheelDiameterMm: 'none',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		discDiameterMm: 'none',
		discMaxRpm: 'down',
		speedRatio: 'none',
		depthUm: 'none',
		leadUm: 'none',
		tipRadiusUm: 'none'
	},
	title: 'Driven disc',
	about:
		'A narrow driven disc across the wheel: its tracks as of a fixed tip, its speeds as of a roll, and how far a point of it scratches.',
	source: 'Kinematics and the geometry of two circles (textbook); the roughness is an engineering model.',
	formulas: [
		'd_e = D d/(D + d); contact = sqrt(a d_e)',
		'slide = contact |1-q|/|q|',
		'roughness = sqrt(1.2/(0.2+|1-q|)) sqrt(S)'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		...RATED_FIELDS,
		ABRASIVE_GROUP,
		mm('discDiameterMm', 'Diameter', { ...over0(1000), required: true, label: 'Disc diameter' }),
		...rollFields('discSpeedRpm', 'discMaxRpm'),
		DEPTH,
		LEAD,
		mmPerMin('traverseMmPerMin', 'Instead of the lead', { ...over0(100000), label: 'Traverse' }),
		...TIP_FIELDS,
		mm('overTravelMm', 'Beyond each edge', { ...from0(100), default: 3 }),
		GRAIN
	],
	between: {
		after: 'discSpeedRpm',
		test: (v) => checkOneSpeed(v.speedRatio, v.discSpeedRpm, 'discSpeedRpm')
	},
	outputs: [
		{ name: 'overlapRatio', about: 'Overlap', main: true },
		{ name: 'dressClass', about: 'What kind of dress' },
		{ name: 'speedRatio', about: 'Speed ratio' },
		{ name: 'discSpeedRpm', unit: 'rpm', about: 'Disc turns' },
		{ name: 'contactDirection', about: 'The surfaces move' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Wheel surface' },
		{ name: 'discSpeedMps', unit: 'm/s', about: 'Disc surface' },
		{ name: 'slipSpeedMps', unit: 'm/s', about: 'Slip' },
		{ name: 'leadUm', unit: 'um', about: 'Lead' },
		{ name: 'traverseMmPerMin', unit: 'mm/min', about: 'Traverse' },
		{ name: 'activeWidthUm', unit: 'um', about: 'Width its edge cuts' },
		{ name: 'scallopHeightUm', unit: 'um', about: 'Ridge between tracks' },
		{ name: 'contactLengthMm', unit: 'mm', about: 'Contact' },
		{ name: 'slideLengthMm', unit: 'mm', about: 'A point scratches' },
		{ name: 'passTimeS', unit: 's', about: 'A pass takes' },
		{ name: 'relativeRoughness', about: 'Rougher than a usual dress by' },
		{ name: 'rpmRatio', about: 'Turns of the disc a turn' },
		{ name: 'nearFraction', about: 'Repeats after' },
		{ name: 'clearRpmRatio', about: 'Nearest ratio that does not' }
	],
	example: {
		wheelDiameterMm: 208,
		wheelWidthMm: 14,
		wheelSpeedRpm: 3540,
		abrasive: 'cbn',
		discDiameterMm: 104,
		speedRatio: 0.58,
		depthUm: 2.6,
		leadUm: 43,
		tipRadiusUm: 380
	},
	compute(values) {
		const n = values.wheelSpeedRpm;
		const roll = asRoll(values);
		const { rollSpeedRpm, rollSpeedMps, spindleSense: _sense, ...s } = roll;
		const { leadUm, traverseMmPerMin } = leadAndTraverse(values);
		checkTip(values.tipRadiusUm, values.flatWidthUm);
		const cut = { ...values, leadUm };
		const overlap = overlapOf(cut);
		const equivalentMm =
			(values.wheelDiameterMm * values.discDiameterMm) / (values.wheelDiameterMm + values.discDiameterMm);
		const contactLengthMm = Math.sqrt((values.depthUm / 1000) * equivalentMm);
		const relativeRoughness = ratioRoughness(s.speedRatio) * Math.sqrt(overlap.sharpnessIndex);
		const dressClass = dressClassOf(relativeRoughness ** 2, overlap.overlapRatio);
		const findings = judgeRoll(
			judgeRated(new Findings(), values, s.surfaceSpeedMps, n),
			roll,
			values.discMaxRpm
		);
		judgeBite(findings, values.depthUm, values.abrasive);
		judgeDull(judgeThread(judgeTip(findings, cut), overlap.overlapRatio), dressClass);
		return {
			...s,
			discSpeedRpm: rollSpeedRpm,
			discSpeedMps: rollSpeedMps,
			leadUm,
			traverseMmPerMin,
			activeWidthUm: overlap.activeWidthUm,
			overlapRatio: overlap.overlapRatio,
			scallopHeightUm: overlap.scallopHeightUm,
			contactLengthMm,
			slideLengthMm:
				s.speedRatio === 0 ? null : (contactLengthMm * Math.abs(1 - s.speedRatio)) / Math.abs(s.speedRatio),
			passTimeS: (60 * (values.wheelWidthMm + 2 * values.overTravelMm)) / traverseMmPerMin,
			relativeRoughness,
			dressClass,
			...findings.judged()
		};
	}
});

interface Disc {
	wheelDiameterMm: number;
	wheelSpeedRpm: number;
	discDiameterMm: number;
	discMaxRpm: number | null;
	speedRatio: number | null;
	discSpeedRpm: number | null;
	contactDirection: 'with' | 'against' | null;
}

/** The disc as the roll that it is. */
const asRoll = (values: Disc) =>
	rollSpeeds({
		...values,
		rollDiameterMm: values.discDiameterMm,
		rollMaxRpm: values.discMaxRpm,
		rollRpm: values.discSpeedRpm
	});
