import { defineCalculation } from '../calculation/define.js';
import { SLACK } from '../numeric/rounding.js';
import { QUILL_FIELDS, checkQuill } from './quill-fields.js';
import { quillFindings } from './quill-findings.js';

/** Stiffness in GPa and density in kg/m3, typical values. */
const QUILL_MATERIALS = {
	steel: [206, 7850],
	carbide: [560, 14500],
	'heavy-tungsten': [340, 17500]
} as const;
/** Share of the shaft's own mass that swings with its end (Rayleigh). */
const SHAFT_SHARE = 33 / 140;
/** An internal wheel on a slender shaft: how far it bends, where it whirls, how much wheel is left. */
export const mountQuill = defineCalculation({
	id: 'mount.quill',
	worse: {
		modulusGPa: 'down',
		overhangMm: 'up',
		quillDiameterMm: 'none',
		wheelMassG: 'up',
		normalForceN: 'up',
		quillMaxRpm: 'down',
		runRpm: 'up',
		wheelRatedRpm: 'down',
		currentDiameterMm: 'down',
		minimumDiameterMm: 'up',
		currentWidthMm: 'down',
		minimumWidthMm: 'up',
		nextDressDepthUm: 'up',
		dressClearanceMm: 'up',
		quillHeadDiameterMm: 'up',
		grindDirectionSign: 'down',
		dressDirectionSign: 'down',
		workBoreMm: 'down',
		criticalCautionRatio: 'down',
		criticalStopRatio: 'down'
	},
	title: 'Wheel on a quill',
	about:
		'Stiffness, bending under the grinding force, the critical speed and its margin, and the dresses left before the dresser meets the quill.',
	source:
		'Cantilever beam with an end mass (Rayleigh); clamping is taken as rigid, so the real critical speed is lower. Ratios are guidelines.',
	formulas: [
		'I = pi/64 (d^4 - hole^4)',
		'k = 3 E I/L^3',
		'stress = 32 F L/(pi d^3)/(1 - (hole/d)^4)',
		'f = sqrt(k/(wheel + 33/140 shaft))/(2 pi)',
		'dresses left = (D - max(least, head + 2 clearance))/(2 depth)'
	],
	fields: QUILL_FIELDS,
	outputs: [
		{ name: 'criticalSpeedRpm', unit: 'rpm', about: 'Critical speed', main: true },
		{ name: 'criticalRatio', about: 'Share of it at this speed' },
		{ name: 'maxRunRpm', unit: 'rpm', about: 'Never faster than' },
		{ name: 'deflectionUm', unit: 'um', about: 'Bends by' },
		{ name: 'bendingStressMPa', unit: 'MPa', about: 'Stress where it is clamped' },
		{ name: 'stiffnessNPerUm', unit: 'N/um', about: 'Stiffness' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Rim speed' },
		{ name: 'remainingDressCount', about: 'Dresses left' },
		{ name: 'quillGapMm', unit: 'mm', about: 'Wheel over the quill after the next dress' },
		{ name: 'firstBendingHz', unit: 'Hz', about: 'Bends at' },
		{ name: 'shaftMassG', unit: 'g', about: 'Shaft' },
		{ name: 'effectiveMassG', unit: 'g', about: 'Mass that swings' }
	],
	example: {
		overhangMm: 50,
		quillDiameterMm: 10,
		wheelMassG: 18,
		normalForceN: 15,
		quillMaxRpm: 50000,
		runRpm: 36000,
		wheelRatedRpm: 45000,
		originalDiameterMm: 20,
		currentDiameterMm: 18.6,
		minimumDiameterMm: 13,
		originalWidthMm: 20,
		currentWidthMm: 20,
		minimumWidthMm: 12,
		nextDressDepthUm: 10,
		grindDirectionSign: 1,
		dressDirectionSign: 1,
		workBoreMm: 25
	},
	compute(values) {
		checkQuill(values);
		const [modulus, density] = QUILL_MATERIALS[values.material];
		const [d, hole, L] = [
			values.quillDiameterMm / 1000,
			values.holeDiameterMm / 1000,
			values.overhangMm / 1000
		];
		const k = (3 * (values.modulusGPa ?? modulus) * 1e9 * (Math.PI / 64) * (d ** 4 - hole ** 4)) / L ** 3;
		const shaftKg = (values.densityKgPerM3 ?? density) * (Math.PI / 4) * (d ** 2 - hole ** 2) * L;
		const swingKg = values.wheelMassG / 1000 + SHAFT_SHARE * shaftKg;
		const firstBendingHz = Math.sqrt(k / swingKg) / (2 * Math.PI);
		const criticalSpeedRpm = 60 * firstBendingHz;
		const criticalRatio = values.runRpm / criticalSpeedRpm;
		const depthMm = values.nextDressDepthUm / 1000;
		const after = values.currentDiameterMm - 2 * depthMm;
		const head = values.quillHeadDiameterMm ?? values.quillDiameterMm;
		const quillGapMm = (after - head) / 2;
		const least = Math.max(values.minimumDiameterMm, head + 2 * values.dressClearanceMm);
		const deflectionUm = values.normalForceN / (k / 1e6);
		const hollow = 1 - (values.holeDiameterMm / values.quillDiameterMm) ** 4;
		const bendingStressMPa =
			(32 * values.normalForceN * values.overhangMm) / (Math.PI * values.quillDiameterMm ** 3) / hollow;
		return {
			stiffnessNPerUm: k / 1e6,
			deflectionUm,
			bendingStressMPa,
			shaftMassG: 1000 * shaftKg,
			effectiveMassG: 1000 * swingKg,
			firstBendingHz,
			criticalSpeedRpm,
			criticalRatio,
			surfaceSpeedMps: (Math.PI * values.currentDiameterMm * values.runRpm) / 60000,
			remainingDressCount:
				depthMm > 0
					? Math.max(0, Math.floor((values.currentDiameterMm - least) / (2 * depthMm) + SLACK))
					: null,
			quillGapMm,
			maxRunRpm: Math.min(
				values.quillMaxRpm,
				values.wheelRatedRpm,
				values.criticalStopRatio * criticalSpeedRpm
			),
			...quillFindings(values, {
				criticalRatio,
				deflectionUm,
				bendingStressMPa,
				nextDiameterMm: after,
				quillGapMm
			}).judged()
		};
	}
});
