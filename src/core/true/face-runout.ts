import { between, choice, from0, mm, um, SHIM_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { ROUND_FIELDS, analyseRound } from './rim-readings.js';

const size = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...between(5, 1000), required: true });

/** Wobble of the side face: how much the wheel leans, and whether a paper shim could set it straight. */
export const faceRunout = defineCalculation({
	id: 'true.face-runout',
	worse: {
		measuringRadiusMm: 'down',
		flangeContactDiameterMm: 'up',
		limitTirUm: 'down',
		shimLimitUm: 'down'
	},
	title: 'Wobble of the face',
	about:
		'Readings round a side face give the lean, and where and how thick a paper shim would have to be. Refitting clean comes first; a hard lump behind one side bends the wheel and can crack it.',
	source: 'Discrete Fourier series, plane geometry; limits are guidelines.',
	formulas: [
		'wobble = amplitude of the first harmonic',
		'lean = wobble/measuring radius',
		'shim = lean x contact diameter, opposite the high spot (front face), behind the wheel'
	],
	fields: [
		...ROUND_FIELDS,
		size('measuringRadiusMm', 'Where the indicator stands'),
		size('flangeContactDiameterMm', 'Outside of the contact ring'),
		choice('readFace', 'Angles are always seen from the front', ['front', 'back'], {
			default: 'front',
			label: 'Face read'
		}),
		um('limitTirUm', 'Guideline', {
			...from0(10000),
			guideline: true,
			default: 50,
			inch: { default: 50.8 },
			label: 'Limit'
		}),
		um('shimLimitUm', 'One sheet of paper', { ...SHIM_END, guideline: true, label: 'Thickest shim' })
	],
	outputs: [
		{ name: 'tirUm', unit: 'um', about: 'Run-out of the face', main: true },
		{ name: 'wobbleUm', unit: 'um', about: 'Wobble' },
		{ name: 'highSpotAngleDeg', unit: 'deg', about: 'High spot' },
		{ name: 'tiltUmPerMm', unit: 'um/mm', about: 'Lean' },
		{ name: 'tiltDeg', unit: 'deg', about: 'Lean' },
		{ name: 'shimThicknessUm', unit: 'um', about: 'Shim that would level it' },
		{ name: 'shimAngleDeg', unit: 'deg', about: 'Behind the wheel at' },
		{ name: 'shimAllowed', about: 'Shim allowed' },
		{ name: 'residualTirUm', unit: 'um', about: 'Not flat' },
		{ name: 'residualRmsUm', unit: 'um', about: 'Not flat, root mean square' },
		{ name: 'meanUm', unit: 'um', about: 'Mean reading' }
	],
	example: {
		readingsUm: [0, 26, 60, 84, 86, 62, 25, 2],
		measuringRadiusMm: 110,
		flangeContactDiameterMm: 92
	},
	compute(values) {
		const r = analyseRound(values);
		const wobbleUm = r.first.amplitudeUm;
		const tiltUmPerMm = wobbleUm / values.measuringRadiusMm;
		const shimThicknessUm = tiltUmPerMm * values.flangeContactDiameterMm;
		const above = r.tirUm > values.limitTirUm;
		const fits = shimThicknessUm <= values.shimLimitUm;
		const findings = new Findings()
			.stop(
				'shim-too-thick',
				above && !fits,
				`It would take ${shimThicknessUm.toFixed(0)} µm of paper, limit ${values.shimLimitUm} µm. Take it off, look for dirt or a burr, fit it again.`
			)
			.caution(
				'wobble-above-limit',
				above,
				`The face runs out ${r.tirUm.toFixed(0)} µm, limit ${values.limitTirUm} µm. Take it off, clean, fit it again.`
			)
			.caution(
				'shim-only-with-care',
				above && fits,
				`${shimThicknessUm.toFixed(0)} µm of paper would level it; only when it was cleaned and fitted again, and never as a hard lump.`
			)
			.caution(
				'face-not-flat',
				above && r.residualTirUm > 2 * wobbleUm,
				'The face itself is not flat: neither refitting nor paper helps. True or face it.'
			);
		return {
			meanUm: r.meanUm,
			wobbleUm,
			highSpotAngleDeg: r.first.angleDeg,
			tirUm: r.tirUm,
			residualTirUm: r.residualTirUm,
			residualRmsUm: r.residualRmsUm,
			tiltUmPerMm,
			tiltDeg: Math.atan(tiltUmPerMm / 1000) / DEG,
			shimThicknessUm,
			shimAngleDeg: wobbleUm < 1e-9 ? 0 : fold360(r.first.angleDeg + (values.readFace === 'front' ? 180 : 0)),
			shimAllowed: above && fits,
			...findings.judged()
		};
	}
});
