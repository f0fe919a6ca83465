import { choice, from0, mm, over0, um, yesNo } from '../../../calculation/field/index.js';
import { tighteningOrder } from '../../../mount/tightening-order.js';
import { InputFault } from '../../../calculation/fault.js';
import { fitCheck } from '../../../mount/fit-check.js';
import { flangeCheck } from '../../../mount/flange-check.js';
import { spindleRunout } from '../../../mount/spindle-runout.js';
import { threadHand } from '../../../mount/thread-hand.js';
import { compute, defineStep, massNowKg, mountOf, pick, wheelOf } from '../../step.js';

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
	compute(facts, v) {
		const w = wheelOf(facts);
		const side = (state: string) =>
			state === 'missing'
				? { present: false }
				: {
						present: true,
						outerDiameterMm: v.blotterOuterMm,
						innerDiameterMm: v.blotterInnerMm,
						thicknessMm: v.blotterThicknessMm,
						condition: state
					};
		const m = mountOf(facts);
		const clampForceN =
			m.screwCount && m.torqueNm && m.screwDiameterMm
				? (m.screwCount * m.torqueNm) / (0.2 * (m.screwDiameterMm / 1000))
				: null;
		// The taper first: the newest record of this step stays the one about the flanges.
		const taper =
			v.taperRunoutUm === null
				? []
				: [
						compute(facts, spindleRunout, { taperRunoutUm: v.taperRunoutUm, flangeRunoutUm: v.runoutUm ?? 0 })
					];
		return [
			...taper,
			compute(facts, flangeCheck, {
				wheelDiameterMm: w.diameterMm,
				boreMm: w.boreMm,
				backFlangeDiameterMm: v.backFlangeDiameterMm,
				frontFlangeDiameterMm: v.frontFlangeDiameterMm,
				backRecessDiameterMm: v.backRecessDiameterMm,
				frontRecessDiameterMm: v.frontRecessDiameterMm,
				clean: v.clean,
				burred: v.burred,
				runoutUm: v.runoutUm,
				clampForceN,
				blotters: { back: side(v.backBlotter), front: side(v.frontBlotter) }
			})
		];
	}
});

export const fitStep = defineStep({
	station: 'mount',
	step: 'fit',
	title: 'Bore on its seat',
	fields: [...pick(fitCheck.fields, 'boreMm', 'arborMm', 'forced')],
	compute: (facts, v) => [compute(facts, fitCheck, { ...v, massKg: massNowKg(wheelOf(facts)) })]
});

export const threadStep = defineStep({
	station: 'mount',
	step: 'thread',
	title: 'Hand of the thread',
	fields: pick(threadHand.fields, 'reversible', 'hardBrake', 'positiveLock'),
	compute(facts, v) {
		const m = mountOf(facts);
		return [
			compute(facts, threadHand, {
				rotation: facts.machine.rotation,
				viewedFrom: 'nut-side',
				threadHand: m.threadHand,
				retention: m.retention,
				...v
			})
		];
	}
});

export const tightenStep = defineStep({
	station: 'mount',
	step: 'tighten',
	title: 'Tighten',
	fields: [
		yesNo('done', 'Every pass, then once round', { required: true, label: 'Tightened in this order' })
	],
	compute(facts, { done }) {
		if (!done) throw new InputFault('done', 'inconsistent', 'Tighten in the order shown, then record it.');
		const m = mountOf(facts);
		if (m.retention === 'single-nut')
			return [
				compute(facts, threadHand, {
					rotation: facts.machine.rotation,
					viewedFrom: 'nut-side',
					threadHand: m.threadHand,
					retention: m.retention
				})
			];
		return [
			compute(facts, tighteningOrder, {
				screwCount: m.screwCount,
				finalTorqueNm: m.torqueNm,
				screwDiameterMm: m.screwDiameterMm
			})
		];
	},
	event: () => ({ kind: 'mounted', diameterAfterMm: null, note: null })
});
