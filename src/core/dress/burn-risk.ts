import {
	between,
	choice,
	from0,
	mm,
	mps,
	number,
	over0,
	text,
	um,
	celsius,
	filmCoefficient,
	watts,
	inUnit
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { unitOfName } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { isSuperabrasive } from './dress-infeed.js';
import { type Heat, burnThreshold } from './burn-threshold.js';
import { ABRASIVE_GROUP, GRAIN } from './overlap.js';

/** Energies and diffusion of plain steel (textbook-type values, editable). */
const STEEL = {
	u0JPerMm3: 6.2,
	burnCoefficient: 7.2,
	chipEnergyJPerMm3: 13.8,
	conductivityWPerMK: 45,
	diffusivityMm2PerS: 9.6
} as const;
type WorkValue = keyof typeof STEEL;
const WORK = Object.keys(STEEL) as WorkValue[];
const LABELS: Readonly<Record<WorkValue, string>> = {
	u0JPerMm3: 'Energy the chips carry',
	burnCoefficient: 'Burn coefficient',
	chipEnergyJPerMm3: 'Energy of the chip',
	conductivityWPerMK: 'Conductivity',
	diffusivityMm2PerS: 'Diffusivity'
};
const work = <const N extends WorkValue>(name: N, max: number, open: boolean) =>
	inUnit(unitOfName(name))(name, 'Of the work; plain steel where left empty', {
		min: 0,
		minOpen: open,
		max,
		label: LABELS[name],
		advanced: true
	});

/** Friction on flats, N/mm2; largest share of flats; flats of a sharp K wheel of F60 (engineering model). */
const [FRICTION, MAX_FLATS, FLATS, GRADE_STEP] = [30, 30, 3, 1.06];
const DULL = 0.25;

/** Share of the rim that is worn flats (engineering model, not the simulated share). */
function flatShare(values: {
	sharpnessIndex: number;
	grainSizeUm: number;
	abrasive: string;
	grade: string;
}): number {
	const exponent = isSuperabrasive(values.abrasive) ? 0.5 : 0.75;
	const letters = values.grade.charCodeAt(0) - 'K'.charCodeAt(0);
	return Math.min(
		MAX_FLATS,
		FLATS * values.sharpnessIndex ** -0.5 * (260 / values.grainSizeUm) ** exponent * GRADE_STEP ** letters
	);
}

/** Will the work burn? */
export const burnRisk = defineCalculation({
	id: 'dress.burn-risk',
	worse: { sharpnessIndex: 'down' },
	title: 'Will it burn?',
	about:
		'The energy of the cut against what the work and its coolant bear: how near it is to burning, and which part brings it there.',
	source:
		'Moving heat source theory (textbook); flats and coolant factors are engineering models and guidelines. It warns; it never proves that a part is sound.',
	formulas: [
		'l_c = sqrt(a d_e); L = v_w l_c/(4 alpha)',
		'u_dry = u0 + (1.1284/C) B c_f r_a d_e^0.25 a^-0.75 v_w^-0.5',
		'u_film = u0 + (r_a h_w + h_f)(T_boil - T_in) l_c/(a v_w)',
		'u = chip + 30 flats (v_s/v_w) sqrt(d_e/a), or the power measured',
		'index = u/threshold'
	],
	fields: [
		choice('workMaterial', 'Plain steel, or by its own values', ['steel', 'other'], { default: 'steel' }),
		work('u0JPerMm3', 200, false),
		work('burnCoefficient', 1000, true),
		work('chipEnergyJPerMm3', 200, false),
		work('conductivityWPerMK', 3000, true),
		work('diffusivityMm2PerS', 2000, true),
		mm('equivalentDiameterMm', 'Of wheel and work', { ...over0(1e6), required: true }),
		um('workDepthUm', 'Of the cut', { ...over0(20000), required: true }),
		mps('workSpeedMps', 'Of work or table', { ...over0(100), required: true }),
		mps('wheelSpeedMps', 'Rim speed', { ...over0(500), required: true }),
		choice('coolant', 'In the cut', ['none', 'mist', 'flood', 'jet'], { required: true }),
		ABRASIVE_GROUP,
		{ ...GRAIN, required: true },
		text('grade', 'Letter of the wheel', {
			default: 'K',
			maxLength: 1,
			pattern: '^[A-Z]$',
			patternSays: 'is one letter from A to Z'
		}),
		number('sharpnessIndex', 'From the overlap, the grain given', { ...over0(1000), required: true }),
		choice(
			'dressClass',
			'Of the dress; from the index where left empty',
			['dull', 'fine', 'general', 'open-sharp'],
			{
				advanced: true
			}
		),
		watts('powerW', 'Net, measured', { ...over0(1e7), label: 'Power' }),
		mm('workWidthMm', 'Of the cut; with a power', over0(2000)),
		choice('fluid', 'Boils at 100 or 300 °C', ['emulsion', 'oil'], { default: 'emulsion' }),
		filmCoefficient('filmCoefficientWPerM2K', 'By the coolant where left empty', {
			...from0(2e6),
			label: 'Film',
			advanced: true
		}),
		celsius('coolantTemperatureC', 'As it comes', { ...between(0, 90), default: 20, label: 'Coolant' })
	],
	outputs: [
		{ name: 'burnIndex', about: 'Energy over what is borne', main: true },
		{ name: 'risk', about: 'Risk' },
		{ name: 'specificEnergyJPerMm3', unit: 'J/mm3', about: 'Energy of the cut' },
		{ name: 'thresholdJPerMm3', unit: 'J/mm3', about: 'Borne' },
		{ name: 'slidingEnergyJPerMm3', unit: 'J/mm3', about: 'Of it, flats that slide' },
		{ name: 'flatSharePercent', unit: '%', about: 'Worn flats' },
		{ name: 'dryThresholdJPerMm3', unit: 'J/mm3', about: 'Borne without a film' },
		{ name: 'filmThresholdJPerMm3', unit: 'J/mm3', about: 'Borne until the film boils' },
		{ name: 'filmState', about: 'The film' },
		{ name: 'energySource', about: 'Energy from' },
		{ name: 'specificRemovalMm2PerS', unit: 'mm2/s', about: 'Removal' },
		{ name: 'equivalentThicknessUm', unit: 'um', about: 'Chip' },
		{ name: 'powerAtThresholdWPerMm', unit: 'W/mm', about: 'Power at which it burns' },
		{ name: 'pecletNumber', about: 'Quickness of the heat' },
		{ name: 'temperatureFactor', about: 'Shape of the heat' }
	],
	example: {
		equivalentDiameterMm: 196,
		workDepthUm: 13,
		workSpeedMps: 0.24,
		wheelSpeedMps: 29.5,
		coolant: 'flood',
		grainSizeUm: 250,
		grade: 'I',
		sharpnessIndex: 0.12
	},
	compute(v) {
		const values = workValues(v);
		const a = v.workDepthUm / 1000;
		const vw = 1000 * v.workSpeedMps;
		const removal = a * vw;
		if (v.powerW !== null && v.workWidthMm === null)
			throw new InputFault(
				'workWidthMm',
				'missing',
				'Width of the cut is missing. A power is spread over it.'
			);
		const flats = flatShare(v);
		const sliding =
			(FRICTION *
				(flats / 100) *
				(v.wheelSpeedMps / v.workSpeedMps) *
				Math.sqrt(v.equivalentDiameterMm / a)) /
			1000;
		const u = v.powerW === null ? values.chipEnergyJPerMm3 + sliding : v.powerW / (removal * v.workWidthMm!);
		const heat: Heat = { ...v, ...values, depthMm: a, workMmPerS: vw, energyJPerMm3: u };
		const t = burnThreshold(heat);
		const burnIndex = t.thresholdJPerMm3 === null ? null : u / t.thresholdJPerMm3;
		const risk = riskOf(burnIndex);
		const dull = v.dressClass === null ? v.sharpnessIndex < DULL : v.dressClass === 'dull';
		const hot = risk === 'high' || risk === 'burn';
		const findings = new Findings()
			.caution(
				'outside-model',
				t.outside,
				'The arc of contact is too long or too slow for the model: no number is better than a confident one.'
			)
			.caution(
				'burn-expected',
				risk === 'burn',
				'This cut burns the work. Less depth, a quicker table, a sharper dress, more coolant.'
			)
			.caution('burn-likely', risk === 'high', 'Close to burning.')
			.caution('dressed-dull', dull, 'The wheel was dressed dull: its flats rub.')
			.caution(
				'dress-sharper-before-finer-grit',
				dull && hot,
				'Dress it sharp first. A finer grit dressed dull burns sooner still.'
			)
			.caution('no-coolant', v.coolant === 'none', 'No coolant carries heat away.')
			.caution(
				'lives-by-coolant',
				t.filmState === 'holds' && u > t.dryThresholdJPerMm3!,
				'Only the jet keeps it from burning: on before contact, and stop when it fails.'
			);
		return {
			pecletNumber: t.pecletNumber,
			temperatureFactor: t.temperatureFactor,
			flatSharePercent: flats,
			slidingEnergyJPerMm3: sliding,
			specificEnergyJPerMm3: u,
			dryThresholdJPerMm3: t.dryThresholdJPerMm3,
			filmThresholdJPerMm3: t.filmThresholdJPerMm3,
			filmState: t.filmState,
			thresholdJPerMm3: t.thresholdJPerMm3,
			burnIndex,
			risk,
			energySource: v.powerW === null ? 'model' : 'power',
			specificRemovalMm2PerS: removal,
			equivalentThicknessUm: removal / v.wheelSpeedMps,
			powerAtThresholdWPerMm: t.thresholdJPerMm3 === null ? null : t.thresholdJPerMm3 * removal,
			...findings.judged()
		};
	}
});

const riskOf = (index: number | null): string =>
	index === null ? 'unknown' : index < 0.7 ? 'low' : index < 0.9 ? 'watch' : index < 1.1 ? 'high' : 'burn';

type Given = { workMaterial: 'steel' | 'other' } & Readonly<Record<WorkValue, number | null>>;
/** The values of the work. @throws InputFault `missing` for one of another material that was not given */
function workValues(v: Given): Record<WorkValue, number> {
	const entries = WORK.map((name) => {
		const value = v[name] ?? (v.workMaterial === 'steel' ? STEEL[name] : null);
		if (value === null)
			throw new InputFault(name, 'missing', `${LABELS[name]} is missing. Another material has its own.`);
		return [name, value];
	});
	return Object.fromEntries(entries) as Record<WorkValue, number>;
}
