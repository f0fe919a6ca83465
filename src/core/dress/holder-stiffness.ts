import { choice, mm, newtons, over0, gigapascals, newtonsPerUm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { DEPTH } from './overlap.js';

/** Radial force of each way of dressing, in N (guideline). */
const FORCES_N = {
	'single-point': 30,
	cluster: 80,
	'rotary-disc': 60,
	'truing-wheel': 60,
	'steel-block': 100,
	stick: 50
} as const;
const METHODS = Object.keys(FORCES_N) as (keyof typeof FORCES_N)[];
/** More than a fifth of the bite must not go into the holder (guideline). */
const SHARE = 0.2;
const RECTANGLE = [
	mm('widthMm', 'Across the force', { ...over0(500), label: 'Width' }),
	mm('heightMm', 'In the direction of the force', { ...over0(500), label: 'Height' })
] as const;
const ROUND = [mm('diameterMm', 'Round', { ...over0(500), label: 'Diameter' })] as const;

/** Whether the holder of the dresser gives way. */
export const holderStiffness = defineCalculation({
	id: 'dress.holder-stiffness',
	worse: {
		overhangMm: 'up',
		widthMm: 'down',
		heightMm: 'down',
		forceN: 'up',
		biteUm: 'down',
		elasticModulusGpa: 'down',
		baseStiffnessNPerUm: 'down'
	},
	title: 'Stiffness of the holder',
	about:
		'How much of the bite goes into bending the holder instead of into the wheel, and how short it has to be.',
	source:
		'Cantilever beam (textbook); forces and the fifth are guidelines. Below three heights of overhang the clamp decides.',
	formulas: ['I = w h^3/12 or pi d^4/64', 'k = 3 E I/L^3, in series with the base', 'gives way by F/k'],
	fields: [
		choice('section', 'Of holder, post or jig plate', ['rectangle', 'round'], { required: true }),
		mm('overhangMm', 'Tip to clamp', { ...over0(1000), required: true }),
		...RECTANGLE,
		...ROUND,
		choice('method', 'What it holds', METHODS, { default: 'single-point' }),
		newtons('forceN', 'By the method where left empty', { ...over0(100000), label: 'Radial force' }),
		{ ...DEPTH, name: 'biteUm', label: 'Bite' },
		gigapascals('elasticModulusGpa', 'Steel 210, grey iron 110, aluminium 70', {
			...over0(1000),
			default: 210,
			label: 'Stiffness of the material',
			advanced: true
		}),
		newtonsPerUm('baseStiffnessNPerUm', 'Clamp or magnet, N/um', {
			...over0(1e6),
			label: 'Stiffness of the base',
			advanced: true
		})
	],
	outputs: [
		{ name: 'deflectionUm', unit: 'um', about: 'Gives way by', main: true },
		{ name: 'deflectionShare', about: 'Share of the bite' },
		{ name: 'overhangLimitMm', unit: 'mm', about: 'Overhang at most' },
		{ name: 'stiffnessNPerUm', unit: 'N/um', about: 'Stiffness' },
		{ name: 'beamStiffnessNPerUm', unit: 'N/um', about: 'Of the holder alone' },
		{ name: 'inertiaMm4', about: 'Second moment, mm⁴' },
		{ name: 'forceN', unit: 'N', about: 'Force' }
	],
	example: { section: 'rectangle', overhangMm: 120, widthMm: 20, heightMm: 20, biteUm: 12 },
	compute(values) {
		needed(values, values.section === 'rectangle' ? RECTANGLE : ROUND, 'The section of the holder needs it.');
		const inertiaMm4 =
			values.section === 'rectangle'
				? (values.widthMm! * values.heightMm! ** 3) / 12
				: (Math.PI * values.diameterMm! ** 4) / 64;
		// GPa and mm4 over mm3 give kN/mm, which is N/um.
		const flexure = 3 * values.elasticModulusGpa * inertiaMm4;
		const beamStiffnessNPerUm = flexure / values.overhangMm ** 3;
		const base = values.baseStiffnessNPerUm;
		const stiffnessNPerUm = base === null ? beamStiffnessNPerUm : 1 / (1 / beamStiffnessNPerUm + 1 / base);
		const forceN = values.forceN ?? FORCES_N[values.method];
		const deflectionUm = forceN / stiffnessNPerUm;
		const deflectionShare = deflectionUm / values.biteUm;
		const forBeam = (SHARE * values.biteUm) / forceN - (base === null ? 0 : 1 / base);
		const overhangLimitMm = forBeam > 0 ? Math.cbrt(flexure * forBeam) : null;
		const findings = new Findings().caution(
			'holder-too-soft',
			deflectionShare > SHARE,
			`The holder gives way by ${deflectionUm.toFixed(1)} µm of a bite of ${values.biteUm} µm: the first passes under-cut and it can sing. ${
				overhangLimitMm === null
					? 'The clamp alone gives too much.'
					: `Clamp it at ${overhangLimitMm.toFixed(0)} mm or shorter.`
			}`
		);
		return {
			inertiaMm4,
			beamStiffnessNPerUm,
			stiffnessNPerUm,
			forceN,
			deflectionUm,
			deflectionShare,
			overhangLimitMm,
			...findings.judged()
		};
	}
});
