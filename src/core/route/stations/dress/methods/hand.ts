import { foundBy } from '../../../basis.js';
import { HAND_TOOLS, type HandTool, byHand } from '../../../../dress/by-hand.js';
import { handFace } from '../../../../dress/hand-face.js';
import { Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { yesNo } from '../../../../calculation/field/index.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { dressed } from '../wheel.js';

/** Bench grinder and lathe have their own geometry: the tool comes from the side. */
const machineOf = (facts: SetupFacts): 'bench' | 'lathe' =>
	facts.machine.kind === 'lathe' ? 'lathe' : 'bench';
const toolOf = (kind: string): HandTool => HAND_TOOLS.find((t) => t === kind) ?? 'star';

/** Where tool and rest stand before anything is drawn across. */
export const handStep = defineStep({
	station: 'dress',
	step: 'hand',
	title: 'Set rest and tool',
	fields: pick(
		byHand.fields,
		'guidance',
		'restsOn',
		'rearrangedStanding',
		'restBackMm',
		'toolHeightMm',
		'straightnessWantedUm'
	),
	notAgainstStop: true,
	compute(facts, values) {
		const { abrasive, wheelDiameterMm, wheelSpeedRpm, ratedSpeedMps, ratedSpeedRpm } = dressed(facts);
		return single(
			compute(facts, byHand, {
				...values,
				machine: machineOf(facts),
				tool: toolOf(dresserOf(facts, Evidence.of(facts)).kind),
				wheelDiameterMm,
				wheelSpeedRpm,
				ratedSpeedMps,
				ratedSpeedRpm,
				abrasive
			})
		);
	}
});

/** What a hand-dressed face is looked at for. */
export const faceStep = defineStep({
	station: 'dress',
	step: 'face',
	title: 'Look at the face',
	basis: () => foundBy('by eye'),
	fields: [
		yesNo('straight', 'A straight edge shows no light', { required: true, label: 'Face straight' }),
		yesNo('corners', 'As they are wanted, nothing broken out', { required: true, label: 'Corners right' }),
		yesNo('grooves', 'Left by tool or work', { required: true, label: 'Grooves left' }),
		yesNo('restBack', 'At its gap again, with the wheel standing', {
			required: true,
			label: 'Rest back at its gap'
		}),
		yesNo('parallel', 'On a lathe: drawn by the carriage, or read with a dial', {
			label: 'Face parallel to the lathe'
		})
	] as const,
	compute: (facts, values) => single(compute(facts, handFace, { ...values, machine: machineOf(facts) }))
});

/** Drawn across by hand: the pull goes into the rest; the face is judged afterwards and the rest goes back. */
export const handMethod: DressingMethod = {
	steps: [handStep, faceStep],
	lines(facts, evidence, chosen) {
		const set = since(chosen, evidence.step(handStep));
		const at = partOf(set, byHand);
		return [
			line({
				key: 'hand',
				title: 'Tool on its rest, under the pull',
				from: at,
				value: recordedText(
					at,
					`${show(facts)(set?.entered.restBackMm ?? set?.entered.toolHeightMm, 'mm')}, ${set?.entered.guidance === 'jig' ? 'led by a jig' : 'free hand'}`
				),
				waiting: 'rest back, tool hooked behind it'
			})
		];
	},
	after(_facts, evidence, chosen) {
		const seen = since(chosen, evidence.step(faceStep));
		return [
			line({
				key: 'face',
				title: 'Face straight, rest back',
				from: seen,
				value: recordedText(seen, 'as it should be'),
				waiting: 'straight edge, corners, grooves, rest'
			})
		];
	}
};
