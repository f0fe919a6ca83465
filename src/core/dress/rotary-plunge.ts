import { from0, mm, number, over0, rpm, um, joulesPerMm3 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { judgeFeed } from './dress-infeed.js';
import { RATED_FIELDS, judgeRated } from './rated.js';
import { checkOneSpeed, judgeRoll, ratioRoughness, rollFields, rollSpeeds } from './roll-speeds.js';
import { judgeDull } from './tip.js';
import { checkRadius } from './used-up.js';

const REFERENCE_FEED_UM = 0.5;
const DWELL_TURNS = 40;
const MAX_DWELL = 200;

const classOf = (rough: number): string =>
	rough < 0.6 ? 'dull' : rough < 0.9 ? 'fine' : rough < 1.4 ? 'general' : 'open-sharp';

/** A driven roll as wide as the wheel, fed straight in. */
export const rotaryPlunge = defineCalculation({
	id: 'dress.rotary-plunge',
	worse: {
		wheelDiameterMm: 'none',
		wheelWidthMm: 'up',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down',
		rollDiameterMm: 'none',
		rollWidthMm: 'down',
		rollMaxRpm: 'down',
		speedRatio: 'none',
		feedUmPerRev: 'none',
		formDepthMm: 'up',
		dwellRevs: 'up'
	},
	title: 'Form roll',
	about:
		'Speeds at the contact of a driven roll, how the spindles turn, how long it takes, and how open or fine the wheel comes out.',
	source:
		'Kinematics (first principles); the roughness trend is an engineering model the shop calibrates by trial.',
	formulas: [
		'q = roll over wheel surface speed; slip = |1-q| v_s',
		'roll rpm = |q| n D/d',
		'roughness = sqrt(1.2/(0.2+|1-q|)) (a/0.5)^0.3 (0.6 + 0.4 exp(-dwell/40))'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		...RATED_FIELDS,
		mm('rollDiameterMm', 'Diameter', { ...over0(1000), required: true, label: 'Roll diameter' }),
		mm('rollWidthMm', 'Width', { ...over0(1000), required: true, label: 'Roll width' }),
		...rollFields('rollSpeedRpm', 'rollMaxRpm'),
		um('feedUmPerRev', 'Radial, per turn of the wheel', {
			...over0(100),
			required: true,
			label: 'Feed a turn'
		}),
		um('totalDepthUm', 'Radial', { ...over0(50_000), required: true, label: 'Taken off' }),
		mm('formDepthMm', 'Of a form the wheel does not carry yet', {
			...from0(1000),
			label: 'Form, depth',
			advanced: true
		}),
		number('dwellRevs', 'Turns of the wheel with no feed at the end', {
			...from0(10000),
			default: 0,
			label: 'Dwell, turns'
		}),
		joulesPerMm3('dressEnergyJPerMm3', "The shop's own value, J/mm³", {
			...over0(1000),
			label: 'Energy',
			advanced: true
		})
	],
	between: {
		after: 'rollSpeedRpm',
		test: (v) => checkOneSpeed(v.speedRatio, v.rollSpeedRpm, 'rollSpeedRpm')
	},
	outputs: [
		{ name: 'speedRatio', about: 'Speed ratio', main: true },
		{ name: 'rollSpeedRpm', unit: 'rpm', about: 'Roll turns' },
		{ name: 'spindleSense', about: 'The spindles turn' },
		{ name: 'contactDirection', about: 'The surfaces move' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Wheel surface' },
		{ name: 'rollSpeedMps', unit: 'm/s', about: 'Roll surface' },
		{ name: 'slipSpeedMps', unit: 'm/s', about: 'Slip' },
		{ name: 'attackAngleDeg', unit: 'deg', about: 'Angle of attack' },
		{ name: 'infeedMmPerMin', unit: 'mm/min', about: 'Infeed' },
		{ name: 'feedRevs', about: 'Turns fed' },
		{ name: 'feedTimeS', unit: 's', about: 'Fed for' },
		{ name: 'dwellTimeS', unit: 's', about: 'Dwells for' },
		{ name: 'totalTimeS', unit: 's', about: 'In all' },
		{ name: 'removalRateMm3PerS', unit: 'mm3/s', about: 'Abrasive cut away' },
		{ name: 'powerW', unit: 'W', about: 'Power' },
		{ name: 'diameterAfterMm', unit: 'mm', about: 'Diameter after' },
		{ name: 'relativeRoughness', about: 'Rougher than a usual dress by' },
		{ name: 'dressClass', about: 'What kind of dress' },
		{ name: 'rpmRatio', about: 'Turns of the roll a turn' },
		{ name: 'nearFraction', about: 'Repeats after' },
		{ name: 'clearRpmRatio', about: 'Nearest ratio that does not' }
	],
	example: {
		wheelDiameterMm: 452,
		wheelWidthMm: 27,
		wheelSpeedRpm: 1265,
		rollDiameterMm: 131,
		rollWidthMm: 30,
		speedRatio: 0.77,
		feedUmPerRev: 0.45,
		totalDepthUm: 27,
		dwellRevs: 12
	},
	compute(values) {
		const D = values.wheelDiameterMm;
		const n = values.wheelSpeedRpm;
		const s = rollSpeeds({ ...values, rollRpm: values.rollSpeedRpm });
		checkRadius('totalDepthUm', values.totalDepthUm, D);
		const a = values.feedUmPerRev;
		const feedRevs = values.totalDepthUm / a;
		const feedTimeS = (feedRevs * 60) / n;
		const dwellTimeS = (values.dwellRevs * 60) / n;
		const removalRateMm3PerS =
			(Math.PI * D * Math.min(values.wheelWidthMm, values.rollWidthMm) * (a / 1000) * n) / 60;
		const relativeRoughness =
			ratioRoughness(s.speedRatio) *
			(a / REFERENCE_FEED_UM) ** 0.3 *
			(0.6 + 0.4 * Math.exp(-values.dwellRevs / DWELL_TURNS));
		const dressClass = classOf(relativeRoughness);
		const findings = judgeRoll(
			judgeRated(new Findings(), values, s.surfaceSpeedMps, n),
			s,
			values.rollMaxRpm
		);
		judgeDull(judgeFeed(findings, a), dressClass)
			.stop(
				'form-not-reached',
				values.formDepthMm !== null && values.totalDepthUm < 1000 * values.formDepthMm - 1e-6,
				`${values.totalDepthUm} µm in all leave a form of ${values.formDepthMm ?? 0} mm half made. Feed in by its whole depth at least.`
			)
			.caution(
				'roll-narrower-than-wheel',
				values.rollWidthMm < values.wheelWidthMm,
				'The roll is narrower than the wheel: it leaves a step.'
			)
			.caution('dwell-glazes', values.dwellRevs > MAX_DWELL, 'So many turns with no feed glaze the wheel.');
		return {
			...s,
			attackAngleDeg: Math.atan2((a * 1e-6 * n) / 60, s.slipSpeedMps) / DEG,
			infeedMmPerMin: (a * n) / 1000,
			feedRevs,
			feedTimeS,
			dwellTimeS,
			totalTimeS: feedTimeS + dwellTimeS,
			removalRateMm3PerS,
			powerW: values.dressEnergyJPerMm3 === null ? null : values.dressEnergyJPerMm3 * removalRateMm3PerS,
			diameterAfterMm: D - (2 * values.totalDepthUm) / 1000,
			relativeRoughness,
			dressClass,
			...findings.judged()
		};
	}
});
