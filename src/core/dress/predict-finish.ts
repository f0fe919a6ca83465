import { group, list, mps, number, over0, removal, roughnessUm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { foreseen, priorFit } from './finish-law.js';
import { DEPTH, GRAIN, LEAD } from './overlap.js';

export const REMOVAL = removal(
	'specificRemovalMm2PerS',
	'What is ground off a second, for each width of the wheel',
	{
		...over0(10000),
		required: true,
		label: 'Removal'
	}
);
export const WHEEL_SPEED = mps('wheelSpeedMps', 'Rim speed', { ...over0(500), required: true });
/** Beyond the cuts it was learnt from by this factor a law is only carried on. */
const OUTSIDE = 1.5;
const constant = <const N extends string>(name: N, about: string) => number(name, about, { required: true });
const span = <const N extends string>(name: N, label: string) =>
	list(name, 'Least and most of the trial cuts', number('end', 'One end', { required: true }), {
		required: true,
		minItems: 2,
		maxItems: 2,
		label
	});

/** Expected roughness of a dress, with its band. */
export const predictFinish = defineCalculation({
	id: 'dress.predict-finish',
	title: 'Foresee the finish',
	about:
		'The roughness a dress will give, with a band that holds nine times in ten, from the grain alone or from your own trial cuts.',
	source:
		'Empirical power law of grinding textbooks, anchored on the natural finish; Student band (textbook).',
	formulas: [
		'h = removal/wheel speed',
		'Ra = C s^0.5 a^0.25 (h/0.1)^x',
		'band = Ra exp(-+ t sd)',
		'lead for the target = s (target/Ra)^2'
	],
	fields: [
		{ ...LEAD, required: true },
		DEPTH,
		REMOVAL,
		WHEEL_SPEED,
		group(
			'fit',
			'Learnt from trial cuts',
			[
				constant('logC', 'Constant, as a logarithm'),
				constant('x', 'Exponent of the chip'),
				number('scaleLog', 'Scatter, as a logarithm', { min: 0, max: 100, required: true }),
				number('dof', 'Degrees of freedom', { min: 1, max: 1e6, required: true }),
				constant('v11', 'Spread of the constant'),
				constant('v12', 'Both together'),
				constant('v22', 'Spread of the exponent')
			],
			{ advanced: true, label: 'Law learnt' }
		),
		GRAIN,
		roughnessUm('targetRaUm', 'On the drawing', { ...over0(100), label: 'Ra wanted' }),
		group(
			'ranges',
			'Of the trial cuts',
			[span('leadUm', 'Lead'), span('depthUm', 'Bite'), span('thicknessUm', 'Chip')],
			{ advanced: true, label: 'Ranges learnt from' }
		)
	],
	outputs: [
		{ name: 'raUm', unit: 'um-Ra', about: 'Ra', main: true },
		{ name: 'lowUm', unit: 'um', about: 'From' },
		{ name: 'highUm', unit: 'um', about: 'to' },
		{ name: 'meetsTarget', about: 'As wanted' },
		{ name: 'leadForTargetUm', unit: 'um', about: 'Lead that gives it' },
		{ name: 'equivalentThicknessUm', unit: 'um', about: 'Chip' },
		{ name: 'source', about: 'Rests on' }
	],
	example: {
		leadUm: 92,
		depthUm: 17,
		specificRemovalMm2PerS: 1.7,
		wheelSpeedMps: 33,
		grainSizeUm: 170,
		targetRaUm: 0.6
	},
	compute(values) {
		if (values.fit === null && values.grainSizeUm === null)
			throw new InputFault(
				'grainSizeUm',
				'missing',
				'Grain is missing. Enter it, or a law learnt from trial cuts.'
			);
		const thicknessUm = values.specificRemovalMm2PerS / values.wheelSpeedMps;
		const out = foreseen(values.fit ?? priorFit(values.grainSizeUm!), { ...values, thicknessUm });
		const target = values.targetRaUm;
		const meetsTarget =
			target === null
				? null
				: out.highUm <= target
					? 'yes'
					: out.raUm <= target
						? 'likely'
						: out.lowUm <= target
							? 'unlikely'
							: 'no';
		const beyond = (x: number, [least, most]: readonly number[]) =>
			x < least! / OUTSIDE || x > most! * OUTSIDE;
		const ranges = values.ranges;
		const findings = new Findings()
			.caution(
				'prior-only',
				values.fit === null,
				'No trial cut was used: the band is wide. Cut, measure, and let it learn.'
			)
			.caution(
				'outside-fitted-range',
				ranges !== null &&
					(beyond(values.leadUm, ranges.leadUm) ||
						beyond(values.depthUm, ranges.depthUm) ||
						beyond(thicknessUm, ranges.thicknessUm)),
				'Far from the cuts it was learnt from.'
			)
			.caution(
				'target-not-reached',
				meetsTarget === 'unlikely' || meetsTarget === 'no',
				'This dress will hardly give the finish wanted. A shorter lead helps only while the dress is not dull; a finer grit always does.'
			);
		return {
			...out,
			equivalentThicknessUm: thicknessUm,
			source: values.fit === null ? 'prior' : 'fit',
			meetsTarget,
			leadForTargetUm: target === null ? null : values.leadUm * (target / out.raUm) ** 2,
			...findings.judged()
		};
	}
});
