import { measuredWith } from '../../../basis.js';
import { choice, keysOf } from '../../../../calculation/field/index.js';
import { needed } from '../../../../calculation/needed.js';
import { mountQuill } from '../../../../mount/quill.js';
import { CUTS, assumedForces } from '../../../../mount/usual-figures.js';
import { type Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../../gate.js';
import { recordedText } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { optional, pick } from '../../../step-fields.js';
import { massNowKg, wheelOf } from '../../../wheel-size.js';
import { TIGHTEN_PART, tighteningLines } from '../tightening.js';
import { curedStep, curing, assumedWords, glueStep, jointOf } from '../glue.js';
import { markedRpmOf } from '../marked.js';
import type { MountingMethod } from '../mounting-method.js';

const SIGN = { clockwise: 1, 'counter-clockwise': -1 } as const;
const turns = <const N extends string>(name: N, label: string) =>
	choice(name, 'Seen from the nut', ['clockwise', 'counter-clockwise'], { default: 'clockwise', label });
/** Given only where they are not the usual ones; folded away. */
const HEAD = pick(mountQuill.fields, 'holeDiameterMm', 'quillHeadDiameterMm');
const FORCE = pick(mountQuill.fields, 'normalForceN');

export const quillStep = defineStep({
	station: 'mount',
	step: 'quill',
	title: 'Quill',
	basis: () => measuredWith('rule or caliper'),
	fields: [
		...pick(
			mountQuill.fields,
			'material',
			'overhangMm',
			'quillDiameterMm',
			'quillMaxRpm',
			'minimumWidthMm',
			'nextDressDepthUm',
			'workBoreMm'
		),
		choice('cut', 'Where no force was measured', keysOf(CUTS), { label: 'Cut' }),
		optional(FORCE[0]),
		turns('grindTurns', 'Turns when grinding'),
		turns('dressTurns', 'Turns when dressing'),
		...HEAD.map((f) => ({ ...f, advanced: true as const }))
	] as const,
	compute(facts, { grindTurns, dressTurns, cut, ...v }) {
		const wheel = wheelOf(facts);
		const limit = markedRpmOf(wheel);
		const normalForceN = v.normalForceN ?? (cut === null ? null : assumedForces(cut).normalForceN);
		needed({ normalForceN }, FORCE, 'Enter it, or pick how heavy the cut is.');
		return single(
			compute(facts, mountQuill, {
				...v,
				normalForceN,
				grindDirectionSign: SIGN[grindTurns],
				dressDirectionSign: SIGN[dressTurns],
				wheelMassG: 1000 * massNowKg(wheel),
				runRpm: facts.machine.spindleRpm,
				wheelRatedRpm: limit,
				originalDiameterMm: wheel.newDiameterMm,
				currentDiameterMm: Math.min(wheel.diameterMm, wheel.newDiameterMm),
				minimumDiameterMm: wheel.minDiameterMm,
				originalWidthMm: wheel.widthMm,
				currentWidthMm: wheel.widthMm
			})
		);
	}
});

const hours = (s: number): string => (s >= 5400 ? `${(s / 3600).toFixed(1)} h` : `${Math.ceil(s / 60)} min`);

function quillLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	const recorded = evidence.step(quillStep);
	const share = Math.round(100 * (partOf(recorded, mountQuill)?.output.criticalRatio ?? 0));
	const glue = evidence.step(glueStep);
	const cured = evidence.step(curedStep);
	const strength = (jointOf(glue)?.output.bondSafetyFactor ?? 0).toFixed(0);
	// Cured counts for the joint that was made last.
	const current = cured && glue && cured.id > glue.id ? cured : null;
	return [
		line({
			key: 'quill',
			title: 'Quill runs below its whirl',
			from: recorded,
			value: recordedText(recorded, `${share} % of its critical speed`),
			waiting: 'overhang, diameter, force'
		}),
		line({
			key: 'glued',
			title: 'Joint prepared and strong',
			from: glue,
			value: recordedText(
				glue,
				`${strength} times the pull${assumedWords(glue?.entered ?? {}) ? ', by usual figures' : ''}`
			),
			waiting: 'scuffed, wiped, mixed, coated'
		}),
		line({
			key: 'cured',
			title: 'Cured',
			from: current,
			accepts: UNLESS_STOPPED,
			value: recordedText(current, 'stood long enough'),
			waiting: stillToStand(facts)
		}),
		...tighteningLines(facts, evidence)
	];
}

function stillToStand(facts: SetupFacts): string {
	const joint = curing(facts);
	if (!joint) return 'after it is glued';
	const leftS = Math.max(0, joint.requiredS - (facts.nowMs - joint.atMs) / 1000);
	return leftS > 0 ? `${hours(leftS)} to stand` : 'stood long enough: record it';
}

/** A small wheel glued to its quill. */
export const quill: MountingMethod = {
	words: 'glued to a quill',
	lead: 'The wheel is glued to its quill and screwed in by hand; nothing is forced.',
	steps: [quillStep, glueStep, curedStep],
	parts: [
		{ id: 'quill', title: 'Quill', lines: ['quill'] },
		{ id: 'glue', title: 'Glue', lines: ['glued', 'cured'] },
		TIGHTEN_PART
	],
	gate: quillLines,
	beforeTightening: ['quill', 'glued', 'cured', 'thread'],
	shownBeforeStart: ['quill', 'cured']
};
