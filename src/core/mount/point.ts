import { choice, from0, between, mm, mps, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { limitRpm as limitOf, overLimit, shownLimit } from '../spec/limit-rpm.js';
import { surfaceSpeedMps } from '../spec/speed.js';

/** Diameters shanks are made in, mm; 3.175 and 6.35 are 1/8 and 1/4 in. */
export const SHANKS_MM = ['2.35', '3', '3.175', '3.18', '6', '6.35', '8'] as const;
/** Steel, and a bonded head, kg/m3. */
const [STEEL_PA, STEEL_KG_M3, HEAD_KG_M3] = [206e9, 7850, 2200];
/** Share of a cantilever's own mass that swings with its end (Rayleigh). */
const SHANK_SHARE = 0.236;
/** Never above this share of the first bending speed (guideline). */
export const WHIRL_SHARE = 0.8;
/** A caution from this share; least length in the collet; overhang for which the marked rpm usually holds (guidelines). */
const [WHIRL_NEAR, MIN_GRIP_MM, MARKED_OVERHANG_MM] = [0.6, 10, 13];

/** A head cemented on a thin shank: how fast it may turn, and where the shank whirls. */
export const mountPoint = defineCalculation({
	id: 'mount.point',
	worse: {
		headDiameterMm: 'up',
		headLengthMm: 'up',
		overhangMm: 'up',
		spindleLengthMm: 'down',
		ratedRpm: 'down',
		ratedSpeedMps: 'down',
		measuredRpm: 'up'
	},
	title: 'Mounted point',
	about:
		'A small wheel on its own shank in a collet: the speed it may turn, the speed at which its shank bends and flies out, and how much of it is held.',
	source:
		'Mass on a cantilever (Rayleigh); clamping is taken as rigid, so the real critical speed is lower. Shares and lengths are guidelines: the maker’s table of rpm by overhang decides.',
	formulas: [
		'I = pi d^4/64',
		'k = 3 E I/(L + l/2)^3',
		'n1 = 60/(2 pi) sqrt(k/(head + 0.236 free shank))',
		'grip = shank - overhang',
		'limit = least of marked rpm and marked m/s at the head'
	],
	fields: [
		mm('headDiameterMm', 'Across the abrasive', {
			...between(1, 60),
			required: true,
			label: 'Head diameter'
		}),
		mm('headLengthMm', 'Along the axis', { ...between(1, 100), required: true, label: 'Head length' }),
		choice('spindleDiameterMm', 'In the collet', SHANKS_MM, {
			numeric: true,
			required: true,
			label: 'Shank diameter'
		}),
		mm('overhangMm', 'Collet to the back of the head', {
			...from0(100),
			required: true,
			label: 'Overhang'
		}),
		mm('spindleLengthMm', 'Without the head', { ...over0(300), required: true, label: 'Shank length' }),
		rpm('ratedRpm', "Marked, or in the maker's table for this overhang", {
			...over0(500000),
			label: 'Marked rpm'
		}),
		mps('ratedSpeedMps', 'Marked', { ...over0(500), label: 'Marked speed' }),
		rpm('measuredRpm', 'It turns, or is to turn', { ...over0(1000000), required: true, label: 'Speed' })
	],
	outputs: [
		{ name: 'limitRpm', unit: 'rpm', about: 'Never faster than', main: true },
		{ name: 'whirlRpm', unit: 'rpm', about: 'Its shank whirls at' },
		{ name: 'whirlShare', about: 'Share of that at this speed' },
		{ name: 'gripMm', unit: 'mm', about: 'Held in the collet' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Rim speed' }
	],
	example: {
		headDiameterMm: 20,
		headLengthMm: 25,
		spindleDiameterMm: 6,
		overhangMm: 13,
		spindleLengthMm: 40,
		ratedRpm: 34000,
		measuredRpm: 30000
	},
	compute(values) {
		if (values.overhangMm > values.spindleLengthMm)
			throw new InputFault(
				'overhangMm',
				'above-maximum',
				`An overhang of ${values.overhangMm} mm is more than the whole shank, ${values.spindleLengthMm} mm. Measure again.`
			);
		const [d, L, l] = [
			Number(values.spindleDiameterMm) / 1000,
			values.overhangMm / 1000,
			values.headLengthMm / 1000
		];
		const k = (3 * STEEL_PA * ((Math.PI * d ** 4) / 64)) / (L + l / 2) ** 3;
		const headKg = (Math.PI / 4) * (values.headDiameterMm / 1000) ** 2 * l * HEAD_KG_M3;
		const shankKg = (Math.PI / 4) * d ** 2 * L * STEEL_KG_M3;
		const whirlRpm = (60 / (2 * Math.PI)) * Math.sqrt(k / (headKg + SHANK_SHARE * shankKg));
		const whirlShare = values.measuredRpm / whirlRpm;
		const gripMm = values.spindleLengthMm - values.overhangMm;
		const limitRpm = limitOf({
			ratedMps: values.ratedSpeedMps,
			ratedRpm: values.ratedRpm,
			newDiameterMm: values.headDiameterMm
		});
		const percent = `${(100 * whirlShare).toFixed(0)} % of the speed at which its shank whirls`;
		const whirls = whirlShare > WHIRL_SHARE + SLACK;
		const findings = new Findings()
			.stop(
				'overspeed',
				overLimit(values.measuredRpm, limitRpm),
				`${values.measuredRpm} rpm is above the ${shownLimit(limitRpm ?? 0)} rpm this point allows. Do not run it.`
			)
			.stop(
				'rating-unknown',
				limitRpm === null,
				'This point has no readable speed. Look it up in its maker’s table, or set it aside.'
			)
			.stop('whirl', whirls, `${percent}: it bends and flies out. Shorten the overhang, or run slower.`)
			.stop(
				'grip-short',
				gripMm < MIN_GRIP_MM - SLACK,
				`Only ${gripMm.toFixed(1)} mm are held. Push the shank in to ${MIN_GRIP_MM} mm or more.`
			)
			.caution(
				'whirl-near',
				!whirls && whirlShare > WHIRL_NEAR + SLACK,
				`${percent}, and the real one is lower.`
			)
			.caution(
				'overhang-long',
				values.overhangMm > MARKED_OVERHANG_MM + SLACK,
				`The marked rpm usually holds for ${MARKED_OVERHANG_MM} mm of overhang. Its maker’s table for this overhang decides.`
			);
		return {
			whirlRpm,
			whirlShare,
			gripMm,
			limitRpm,
			surfaceSpeedMps: surfaceSpeedMps(values.headDiameterMm, values.measuredRpm),
			...findings.judged()
		};
	}
});
