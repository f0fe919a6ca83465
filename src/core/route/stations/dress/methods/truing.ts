import { between, deg, mm, mps, over0, rpm, yesNo } from '../../../../calculation/field/index.js';
import { InputFault } from '../../../../calculation/fault.js';
import { superabrasiveTrue } from '../../../../dress/superabrasive-true.js';
import { truingWheel } from '../../../../dress/truing-wheel.js';
import { Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { wheelOf } from '../../../wheel-size.js';
import { RATED_MPS, RATED_RPM } from '../../../../shop/ranges.js';
import { chosenMethod, dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { bondOfWheel, dressed, ratedOf, told } from '../wheel.js';

/** The truing wheel is a wheel like any other: looked over, rung, and never faster than it is marked. */
export const truerStep = defineStep({
	station: 'dress',
	step: 'truer',
	title: 'The truing wheel itself',
	fields: [
		yesNo('sound', 'No crack, no chip, dry, marking readable', {
			required: true,
			label: 'Truing wheel looked over'
		}),
		yesNo('ringsClear', 'Hung free and tapped', { required: true, label: 'Truing wheel rings clear' }),
		rpm('truingWheelSpeedRpm', 'On its brake or drive', {
			...over0(200000),
			required: true,
			label: 'Truing wheel turns'
		}),
		mps('ratedMps', 'If printed; as the shop keeps it when left empty', {
			...RATED_MPS,
			label: 'Its marked speed'
		}),
		rpm('ratedRpm', 'If printed; as the shop keeps it when left empty', {
			...RATED_RPM,
			label: 'Its marked rpm'
		})
	] as const,
	notAgainstStop: true,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const { abrasive, grainSizeUm } = dressed(facts);
		if (!values.sound || !values.ringsClear)
			throw new InputFault(
				values.sound ? 'ringsClear' : 'sound',
				'inconsistent',
				'A truing wheel that is damaged or does not ring clear is never started. Destroy it and take another.'
			);
		return single(
			compute(facts, truingWheel, {
				abrasive: superOf(abrasive),
				bond: bondOfWheel(facts),
				grainSizeUm: told(grainSizeUm, 'grainSizeUm', 'Mean grain of the wheel'),
				truingWheelDiameterMm: told(dresser.bodyDiameterMm, 'dresser', 'Diameter of the truing wheel'),
				truingWheelSpeedRpm: values.truingWheelSpeedRpm,
				...ratedOf({
					ratedMps: values.ratedMps ?? dresser.ratedMps ?? null,
					ratedRpm: values.ratedRpm ?? dresser.ratedRpm ?? null
				})
			})
		);
	}
});

/** @throws InputFault for a wheel that is no superabrasive */
function superOf(abrasive: string): 'cbn' | 'diamond' {
	if (abrasive === 'cbn' || abrasive === 'diamond') return abrasive;
	throw new InputFault('abrasive', 'inconsistent', 'Only diamond and boron nitride are trued by wear.');
}

/** Length of the arc that a pivoted head runs along; null where the face is straight. @throws InputFault `missing` where a radius is made and not told */
function swungArcMm(facts: SetupFacts, radiusMm: number | null, swingDeg: number | null): number | null {
	if (chosenMethod(facts, Evidence.of(facts))?.form !== 'radius') return null;
	return (
		told(radiusMm, 'swingRadiusMm', 'Radius on the wheel') *
		((told(swingDeg, 'swingDeg', 'Swing') * Math.PI) / 180)
	);
}

/** Against a truing wheel or a block of soft steel: what it takes, and how the strokes are shared out. */
export const truingStep = defineStep({
	station: 'dress',
	step: 'truing',
	title: 'Set the truing',
	fields: [
		...pick(
			superabrasiveTrue.fields,
			'runoutTirUm',
			'allowanceUm',
			'truingRatio',
			'roughInfeedUm',
			'fineInfeedUm',
			'fineShare',
			'sparkOutStrokes',
			'traverseMmPerMin'
		),
		mm('layerDepthMm', 'Abrasive rim, where the book does not know it', { ...over0(100), label: 'Layer' }),
		mm('swingRadiusMm', 'Made on a pivoted head', { ...over0(500), label: 'Radius on the wheel' }),
		deg('swingDeg', 'From end to end of the swing', { ...between(1, 180), label: 'Swing' })
	] as const,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const block = dresser.kind === 'steel-block';
		const w = dressed(facts);
		const { layerDepthMm, swingRadiusMm, swingDeg, ...given } = values;
		const arcMm = swungArcMm(facts, swingRadiusMm, swingDeg);
		return single(
			compute(facts, superabrasiveTrue, {
				...given,
				surface: w.surface,
				wheelDiameterMm: w.wheelDiameterMm,
				// A stroke is one swing from end to end: what it runs along is the arc.
				wheelWidthMm: arcMm ?? w.wheelWidthMm,
				rimWidthMm: w.rimWidthMm,
				bond: bondOfWheel(facts),
				layerDepthMm: told(layerDepthMm ?? w.rimDepthMm, 'layerDepthMm', 'Depth of the abrasive rim'),
				means: block ? 'steel-block' : 'truing-wheel',
				blockLengthMm: block ? dresser.blockLengthMm : null,
				blockWidthMm: block ? dresser.bodyWidthMm : null,
				truingWheelDiameterMm: block ? null : dresser.bodyDiameterMm,
				truingWheelWidthMm: block ? null : dresser.bodyWidthMm,
				truingWheelMinDiameterMm: block ? null : (dresser.leastDiameterMm ?? 0),
				wheelSpeedRpm: w.wheelSpeedRpm
			})
		);
	}
});

/** Worn round: the truing wheel is sound and slow enough, a layer is left, both sides got the same strokes. */
export const truingMethod: DressingMethod = {
	steps: [truerStep, truingStep],
	order: { truing: ['truer'] },
	lines(facts, evidence, chosen): GateLine[] {
		const q = show(facts);
		const truer = since(chosen, evidence.step(truerStep));
		const chosenWheel = partOf(truer, truingWheel);
		const plan = partOf(since(chosen, evidence.step(truingStep)), superabrasiveTrue);
		const layer = wheelOf(facts).rimDepthMm;
		return [
			...(chosen.method === 'truing-wheel'
				? [
						line({
							key: 'truer',
							title: 'Truing wheel sound and slow enough',
							from: truer,
							value: recordedText(
								truer,
								`${q(truer?.entered.truingWheelSpeedRpm, 'rpm')} of ${q(Math.floor(chosenWheel?.output.maxRpm ?? 0), 'rpm')}`
							),
							waiting: 'looked over, rung, its speed'
						})
					]
				: []),
			line({
				key: 'truing',
				title: 'A layer is left after it',
				from: plan,
				value: recordedText(
					plan,
					`${q(plan?.output.layerLeftMm, 'mm')}${layer === null ? '' : ` of ${q(layer, 'mm')}`}`
				),
				waiting: 'run-out, bites, strokes'
			})
		];
	}
};
