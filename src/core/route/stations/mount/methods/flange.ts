import { measuredWith } from '../../../basis.js';
import { choice, from0, mm, over0, um } from '../../../../calculation/field/index.js';
import { flangeCheck } from '../../../../mount/flange-check.js';
import { spindleRunout } from '../../../../mount/spindle-runout.js';
import { type Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { mountOf, wheelOf } from '../../../wheel-size.js';
import { pick } from '../../../step-fields.js';
import { FIT_PART, FIT_STEPS, fitLine } from '../fit.js';
import { TIGHTEN_PART, tighteningLines } from '../tightening.js';
import type { MountPart, MountingMethod } from '../mounting-method.js';

const size = <const N extends string>(name: N, label: string) =>
	mm(name, 'Measured', { ...over0(2000), required: true, label });
const blotter = <const N extends string>(name: N, label: string) =>
	choice(name, 'Look at both sides of it', ['good', 'creased', 'torn', 'wet', 'missing'], {
		required: true,
		label
	});

export const flangeStep = defineStep({
	station: 'mount',
	step: 'flange',
	title: 'Flanges and blotters',
	basis: () => measuredWith('caliper'),
	fields: [
		size('backFlangeDiameterMm', 'Back flange'),
		size('frontFlangeDiameterMm', 'Front flange'),
		size('backRecessDiameterMm', 'Back hollow'),
		size('frontRecessDiameterMm', 'Front hollow'),
		...pick(flangeCheck.fields, 'clean', 'burred', 'runoutUm'),
		blotter('backBlotter', 'Back blotter'),
		blotter('frontBlotter', 'Front blotter'),
		size('blotterOuterMm', 'Blotter, outside'),
		size('blotterInnerMm', 'Blotter, inside'),
		size('blotterThicknessMm', 'Blotter, thick'),
		um('taperRunoutUm', 'Dial indicator, full reading, before the flange goes on', {
			...from0(5000),
			label: 'Taper run-out'
		})
	],
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const side = (state: string) =>
			state === 'missing'
				? { present: false }
				: {
						present: true,
						outerDiameterMm: values.blotterOuterMm,
						innerDiameterMm: values.blotterInnerMm,
						thicknessMm: values.blotterThicknessMm,
						condition: state
					};
		const mount = mountOf(facts);
		const clampForceN =
			mount.screwCount && mount.torqueNm && mount.screwDiameterMm
				? (mount.screwCount * mount.torqueNm) / (0.2 * (mount.screwDiameterMm / 1000))
				: null;
		const { taperRunoutUm } = values;
		const taper =
			taperRunoutUm === null
				? []
				: [
						compute(facts, spindleRunout, {
							taperRunoutUm,
							flangeRunoutUm: values.runoutUm ?? 0
						})
					];
		return {
			main: compute(facts, flangeCheck, {
				wheelDiameterMm: wheel.diameterMm,
				boreMm: wheel.boreMm,
				backFlangeDiameterMm: values.backFlangeDiameterMm,
				frontFlangeDiameterMm: values.frontFlangeDiameterMm,
				backRecessDiameterMm: values.backRecessDiameterMm,
				frontRecessDiameterMm: values.frontRecessDiameterMm,
				clean: values.clean,
				burred: values.burred,
				runoutUm: values.runoutUm,
				clampForceN,
				blotters: { back: side(values.backBlotter), front: side(values.frontBlotter) }
			}),
			secondary: taper
		};
	}
});

/** The wheel slides on, and what clamps it is right; shared by every way that has flanges. */
export function flangeLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	const q = show(facts);
	const recorded = evidence.step(flangeStep);
	const flange = partOf(recorded, flangeCheck);
	const taper = partOf(recorded, spindleRunout);
	const needsMm = flange?.output.minFlangeDiameterMm;
	return [
		fitLine(facts, evidence),
		line({
			key: 'flange',
			title: 'Flanges and blotters right',
			from: flange,
			value: recordedText(flange, `needs ${q(needsMm, 'mm')}, has ${q(facts.mount?.flangeMm, 'mm')}`),
			waiting: 'measure both'
		}),
		...(taper
			? [
					line({
						key: 'taper',
						title: 'Taper runs true',
						from: taper,
						basis: measuredWith('dial indicator'),
						value: recordedText(taper, q(recorded?.entered.taperRunoutUm, 'um')),
						waiting: ''
					})
				]
			: [])
	];
}

export const FLANGE_PART: MountPart = { id: 'flange', title: 'Flanges', lines: ['flange', 'taper'] };

/** Between flanges, on the machine's own mount. */
export const flange: MountingMethod = {
	words: 'between flanges',
	lead: 'Spindle locked out. The wheel slides on by hand; nothing is forced.',
	steps: [flangeStep, ...FIT_STEPS],
	parts: [FIT_PART, FLANGE_PART, TIGHTEN_PART],
	gate: (facts, evidence) => [...flangeLines(facts, evidence), ...tighteningLines(facts, evidence)],
	beforeTightening: ['fit', 'flange', 'taper', 'thread'],
	shownBeforeStart: ['flange', 'fit']
};
