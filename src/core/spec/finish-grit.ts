import { between, choice, list, number, roughnessUm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { DEFAULT_STOCK, F_GRITS, gritNearestToGrain } from './grit-tables.js';
import { FINISH_BAND, grainForRaUm, naturalRaUm } from './natural-finish.js';

export const STOCKED_GRITS = list(
	'stockedGrits',
	'F sizes the shop keeps',
	number('grit', 'An F size', { required: true }),
	{ default: [...DEFAULT_STOCK] as number[], minItems: 1, maxItems: 60, advanced: true }
);

/** Sorted stock without duplicates. @throws InputFault naming the entry that is not an F size. */
export function stockOf(stockedGrits: readonly number[]): number[] {
	stockedGrits.forEach((stockedGrit, i) => {
		if (!F_GRITS.has(stockedGrit))
			throw new InputFault(
				`stockedGrits.${i}`,
				'unknown-choice',
				`Grit ${stockedGrit} is not an F size. Use a size of the series, such as 46, 60 or 80.`
			);
	});
	return [...new Set(stockedGrits)].sort((a, b) => a - b);
}

/** Which grits belong to a finish when dressed in the ordinary, sharp way. */
export const finishGrit = defineCalculation({
	id: 'spec.finish-grit',
	worse: { targetRaUm: 'none' },
	title: 'Finish to grit',
	about:
		'Enter the roughness wanted. You get the grain that gives it when the wheel is dressed sharp, and the grits whose natural finish covers it.',
	source:
		'Guideline: power law through two shop observations for vitrified aluminium oxide, good to 30 %; refit it from your own cuts.',
	formulas: [
		'natural Ra(d) = 0.8 (d/260)^0.88',
		'd(Ra) = 260 (Ra/0.8)^(1/0.88)',
		'finest = d(Ra/1.3), coarsest = d(Ra/0.7)'
	],
	fields: [
		roughnessUm('targetRaUm', 'Roughness on the drawing', {
			...between(0.012, 25),
			required: true,
			label: 'Ra wanted'
		}),
		choice('family', 'Grain family', ABRASIVE_FAMILIES, { default: 'alumina', label: 'Abrasive' }),
		STOCKED_GRITS
	],
	outputs: [
		{ name: 'bestGrit', about: 'Stocked grit nearest to the ideal grain', main: true },
		{ name: 'bestGritRaUm', unit: 'um-Ra', about: 'Its natural Ra' },
		{ name: 'idealGrainUm', unit: 'um', about: 'Ideal grain' },
		{ name: 'finestGrainUm', unit: 'um', about: 'Finest grain of the band' },
		{ name: 'coarsestGrainUm', unit: 'um', about: 'Coarsest grain of the band' },
		{ name: 'gritsInBand', about: 'Stocked grits in the band' }
	],
	example: { targetRaUm: 0.63 },
	compute({ targetRaUm, family, stockedGrits }) {
		const stock = stockOf(stockedGrits);
		const idealGrainUm = grainForRaUm(targetRaUm);
		const finestGrainUm = grainForRaUm(targetRaUm / (1 + FINISH_BAND));
		const coarsestGrainUm = grainForRaUm(targetRaUm / (1 - FINISH_BAND));
		const bestGrit = gritNearestToGrain(idealGrainUm, stock);
		const inBand = (n: number) =>
			F_GRITS.get(n)! >= finestGrainUm * (1 - 1e-9) && F_GRITS.get(n)! <= coarsestGrainUm * (1 + 1e-9);
		const gritsInBand = stock.filter(inBand);
		const findings = new Findings()
			.caution(
				'outside-anchored-range',
				targetRaUm < 0.1 || targetRaUm > 3.2,
				'Outside 0.1 to 3.2 µm the rule has no footing: finer is finishing by other means, coarser is roughing.'
			)
			.caution(
				'no-stocked-grit-in-band',
				gritsInBand.length === 0,
				'No stocked grit gives this finish in the ordinary way.'
			)
			.caution(
				'not-anchored',
				!family.startsWith('alumina'),
				'The rule was drawn for aluminium oxide; take it as a hint for this grain.'
			);
		return {
			idealGrainUm,
			finestGrainUm,
			coarsestGrainUm,
			bestGrit,
			bestGritRaUm: naturalRaUm(F_GRITS.get(bestGrit)!),
			gritsInBand,
			...findings.judged()
		};
	}
});
