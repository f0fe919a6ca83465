import { group, list, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { add, angleOf, fold360, len, vec } from '../numeric/angles.js';
import { type Seen, ellipse, learn, startFrom, weightsOf } from './estimate.js';
import { angle, gmm, grams, radius } from './shared-fields.js';

const SURPRISE = 3;
const sigma = <const N extends string>(name: N, about: string) =>
	({ ...gmm(name, about), minOpen: true }) as const;

/** What every release so far says together about the bare unbalance. */
export const updateEstimate = defineCalculation({
	id: 'balance.update-estimate',
	title: 'Learn from every roll',
	about:
		'Each release adds what it shows, with the weights that were on: the estimate of the bare wheel sharpens, and a roll that does not fit is found out.',
	source: 'Linear Kalman update (textbook).',
	formulas: [
		'rest at th: U x d = -(W x d)',
		'swing time: U . d = amount - W . d',
		'stays: U = -W',
		'K = P h/(h P h + s^2)'
	],
	fields: [
		group(
			'prior',
			'What is known before',
			[
				{ ...gmm('unbalanceGmm', 'Expected'), default: 0 },
				{ ...angle('heavyAngleDeg', 'Expected'), default: 0 },
				{ ...sigma('sigmaGmm', 'Standard deviation'), default: 1e5 }
			],
			{ default: {}, advanced: true }
		),
		list(
			'observations',
			'In order',
			group(
				'release',
				'One release',
				[
					list(
						'weights',
						'On the wheel then',
						group(
							'weight',
							'One weight',
							[
								{ ...grams('massG', 'Mass'), required: true },
								{ ...radius('radiusMm', 'Radius'), required: true },
								{ ...angle('angleDeg', 'Where'), required: true }
							],
							{ required: true }
						),
						{ maxItems: 12, default: [] as { massG: number; radiusMm: number; angleDeg: number }[] }
					),
					{ ...sigma('sigmaMomentGmm', 'Friction and reading'), required: true, label: 'Stand uncertain by' },
					yesNo('stays', 'Does not roll', { default: false, label: 'Stays wherever it is put' }),
					{ ...angle('restAngleDeg', 'Face angle that ended at the bottom'), label: 'Rested at' },
					{ ...gmm('unbalanceGmm', 'From the swing time'), label: 'Amount' },
					{ ...sigma('sigmaUnbalanceGmm', 'Of the amount'), label: 'Amount uncertain by' }
				],
				{ required: true }
			),
			{ minItems: 1, maxItems: 100, required: true, label: 'Releases' }
		)
	],
	outputs: [
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Bare unbalance', main: true },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Light side' },
		{ name: 'sigmaMajorGmm', unit: 'gmm', about: 'Uncertain by, long axis' },
		{ name: 'sigmaMinorGmm', unit: 'gmm', about: 'Short axis' },
		{ name: 'presentUnbalanceGmm', unit: 'gmm', about: 'With the last weights' },
		{ name: 'presentHeavyAngleDeg', unit: 'deg', about: 'Heavy side now' },
		{ name: 'innovations', about: 'How much each release surprised' },
		{ name: 'covXxGmm2', about: 'Covariance xx' },
		{ name: 'covXyGmm2', about: 'Covariance xy' },
		{ name: 'covYyGmm2', about: 'Covariance yy' }
	],
	example: {
		observations: [
			{ restAngleDeg: 141, unbalanceGmm: 350, sigmaMomentGmm: 25, sigmaUnbalanceGmm: 35 },
			{ weights: [{ massG: 5, radiusMm: 60, angleDeg: 322 }], restAngleDeg: 128, sigmaMomentGmm: 25 }
		]
	},
	compute(values) {
		const prior = {
			unbalanceGmm: values.prior.unbalanceGmm ?? 0,
			heavyAngleDeg: values.prior.heavyAngleDeg ?? 0,
			sigmaGmm: values.prior.sigmaGmm ?? 1e5
		};
		const belief = startFrom(vec(prior.unbalanceGmm, prior.heavyAngleDeg), prior.sigmaGmm);
		const learnt = values.observations.map((observation, i) => {
			if (!observation.stays && observation.restAngleDeg === null)
				throw new InputFault(
					`observations.${i}.restAngleDeg`,
					'missing',
					`Release ${i + 1}: say where it rested, or that it stays.`
				);
			if (observation.unbalanceGmm !== null && observation.sigmaUnbalanceGmm === null)
				throw new InputFault(
					`observations.${i}.sigmaUnbalanceGmm`,
					'missing',
					`Release ${i + 1}: say how uncertain the amount is.`
				);
			return learn(belief, { ...observation, W: weightsOf(observation.weights) } as Seen);
		});
		const U = { x: belief.x, y: belief.y };
		const present = add(U, weightsOf(values.observations.at(-1)!.weights));
		const axes = ellipse(belief);
		const heavyAngleDeg = angleOf(U);
		const findings = new Findings()
			.caution(
				'surprise',
				learnt.some((l) => l.innovation > SURPRISE),
				'A release does not fit the others: something slipped, dripped, or was misread. Do it again.'
			)
			.caution(
				'sense-reversed',
				learnt.some((l) => l.reversed),
				'A release would rest the other way up: the mark was read from the other side.'
			);
		return {
			unbalanceGmm: len(U),
			heavyAngleDeg,
			lightAngleDeg: fold360(heavyAngleDeg + 180),
			covXxGmm2: belief.xx,
			covXyGmm2: belief.xy,
			covYyGmm2: belief.yy,
			sigmaMajorGmm: axes.majorGmm,
			sigmaMinorGmm: axes.minorGmm,
			innovations: learnt.map((l) => l.innovation),
			presentUnbalanceGmm: len(present),
			presentHeavyAngleDeg: angleOf(present),
			...findings.judged()
		};
	}
});
