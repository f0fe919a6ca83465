import { between, from0, grams as gramsField, list as listField, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { fold360, len, vec } from '../numeric/angles.js';
import { inSteps, leastMasses, leftOver } from './hole-masses.js';
import { angle, gmm, grams, radius } from './shared-fields.js';

const NEGLIGIBLE = 1e-7;

/** A correction split onto fixed holes: screws or plugs of as little mass as will do. */
export const holes = defineCalculation({
	id: 'balance.holes',
	worse: { holeCount: 'down', maxMassG: 'down', permissibleGmm: 'down' },
	title: 'Screws in fixed holes',
	about:
		'Which holes take how much, with the least mass in all; no hole more than it can take, in steps when screws come in steps.',
	source: 'Linear programme in two equations.',
	formulas: [
		'sum m_k r (cos a_k, sin a_k) = C',
		'0 <= m_k <= most',
		'least sum m_k',
		'two holes: m_a = c sin(b - phi)/(r sin(b - a))'
	],
	fields: [
		{ ...gmm('correctionGmm', 'To be added'), required: true, label: 'Correction' },
		{ ...angle('correctionAngleDeg', 'Where mass is to be added'), required: true, label: 'At' },
		{ ...radius('holeRadiusMm', 'Of the hole circle'), required: true },
		listField(
			'holeAnglesDeg',
			'Or a number of equal steps',
			{ ...angle('hole', 'Of one hole'), required: true },
			{ minItems: 1, maxItems: 72 }
		),
		whole('holeCount', 'Equally spaced', { ...between(1, 72), label: 'Holes' }),
		{ ...angle('startAngleDeg', 'Of the first hole'), default: 0, label: 'First hole at' },
		{ ...grams('maxMassG', 'Each hole takes'), label: 'Most in a hole' },
		gramsField('massStepG', '0 = any mass', { ...from0(1e5), default: 0, label: 'Screws come in steps of' }),
		{ ...gmm('permissibleGmm', 'Allowed unbalance'), label: 'Tolerance' }
	],
	outputs: [
		{ name: 'placements', about: 'What goes where', main: true },
		{ name: 'totalMassG', unit: 'g', about: 'Mass in all' },
		{ name: 'exactTotalMassG', unit: 'g', about: 'Before rounding to steps' },
		{ name: 'residualGmm', unit: 'gmm', about: 'Left over' }
	],
	example: { correctionGmm: 510, correctionAngleDeg: 100, holeRadiusMm: 65, holeCount: 8, massStepG: 0.25 },
	compute(values) {
		if (values.holeAnglesDeg === null && values.holeCount === null)
			throw new InputFault('holeCount', 'missing', 'Holes are missing. Enter how many, or their angles.');
		const anglesDeg = (
			values.holeAnglesDeg ??
			Array.from(
				{ length: values.holeCount! },
				(_, k) => values.startAngleDeg + (k * 360) / values.holeCount!
			)
		).map(fold360);
		const C = vec(values.correctionGmm, values.correctionAngleDeg);
		const r = values.holeRadiusMm;
		const exact = leastMasses(C, anglesDeg, r, values.maxMassG ?? Infinity);
		if (!exact) {
			const code = leastMasses(C, anglesDeg, r, Infinity) ? 'capacity-exceeded' : 'no-holes-that-side';
			const says =
				code === 'capacity-exceeded'
					? 'The holes on that side cannot take so much. Use heavier screws, or turn the wheel on its flange.'
					: 'There are no holes on that side. Turn the wheel on its flange, or use a track with weights.';
			const covered = values.permissibleGmm !== null && values.correctionGmm <= values.permissibleGmm;
			return {
				placements: [],
				totalMassG: 0,
				exactTotalMassG: 0,
				residualGmm: values.correctionGmm,
				...new Findings().stop(code, !covered, says).caution(code, covered, says).judged()
			};
		}
		const clean = exact.map((m) => (m < (NEGLIGIBLE * values.correctionGmm) / r ? 0 : m));
		const masses =
			values.massStepG > 0
				? inSteps(C, anglesDeg, r, clean, values.massStepG, values.maxMassG ?? Infinity)
				: clean;
		const residualGmm = len(leftOver(C, anglesDeg, r, masses));
		const sum = (list: readonly number[]) => list.reduce((s, m) => s + m, 0);
		return {
			placements: masses.flatMap((massG, i) =>
				massG > 0 ? [{ hole: i + 1, angleDeg: anglesDeg[i]!, massG }] : []
			),
			totalMassG: sum(masses),
			exactTotalMassG: sum(clean),
			residualGmm,
			...new Findings()
				.caution(
					'step-too-coarse',
					values.permissibleGmm !== null && residualGmm > values.permissibleGmm,
					`Steps of ${values.massStepG} g leave ${residualGmm.toFixed(0)} g mm. Use finer ones.`
				)
				.judged()
		};
	}
});
