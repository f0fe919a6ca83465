import { choice, from0, list, um } from '../../../calculation/field/index.js';
import { benchGrinder } from '../../../mount/bench-grinder.js';
import { type Verdict, worst } from '../../../calculation/verdict.js';
import { InputFault } from '../../../calculation/fault.js';
import { mountGlue } from '../../../mount/glue.js';
import { mountPack } from '../../../mount/pack.js';
import { ARBOR, PACK_ITEM } from '../../../mount/pack-fields.js';
import { mountQuill } from '../../../mount/quill.js';
import { mountToolPost } from '../../../mount/tool-post.js';
import { Evidence } from '../../evidence.js';
import { type RecordFacts, type SetupFacts, limitRpm } from '../../facts.js';
import { type Computed, compute, defineStep, massNowKg, pick, wheelOf } from '../../step.js';

const MS_A_HOUR = 3_600_000;

const loose = <const N extends string>(name: N, label: string) =>
	um(name, 'Before the nut is tightened', { ...from0(5000), label });
const STACK_ITEM = {
	...PACK_ITEM,
	fields: [
		...PACK_ITEM.fields,
		loose('fingerRadialUm', 'Rim, finger-tight'),
		loose('fingerAxialUm', 'Face, finger-tight')
	]
} as const;
/** The stack as it is: planned, measured, or stood for. */
export const packStep = defineStep({
	station: 'mount',
	step: 'pack',
	title: 'Tool pack',
	fields: [
		ARBOR,
		choice('stage', 'How far it is', ['plan', 'assembled', 'release'], { default: 'plan' }),
		list('items', 'In order', STACK_ITEM, { required: true, maxItems: 40, label: 'Stack from the shoulder' })
	] as const,
	compute(facts, v) {
		const lead = wheelOf(facts).number;
		if (!v.items.some((i) => i.kind === 'wheel' && i.name?.trim() === lead))
			throw new InputFault(
				'items',
				'inconsistent',
				`Wheel ${lead} of this setup is not in the stack. Put it in under its number.`
			);
		v.items.forEach((part, i) => {
			const w = [wheelOf(facts), ...facts.companions.map((c) => c.wheel)].find(
				(x) => x.number === part.name?.trim()
			);
			if (w?.ratedMps && part.maxSpeedMps && part.maxSpeedMps > w.ratedMps * (1 + 1e-9))
				throw new InputFault(
					`items.${i}.maxSpeedMps`,
					'above-maximum',
					`Wheel ${w.number} is marked ${w.ratedMps} m/s. Enter what is on its blotter.`
				);
		});
		const items = v.items.map(({ fingerRadialUm: _rim, fingerAxialUm: _face, ...part }) => part);
		return [compute(facts, mountPack, { ...v, items, requestedRpm: facts.machine.spindleRpm })];
	}
});

const SIGN = { clockwise: 1, 'counter-clockwise': -1 } as const;
const turns = <const N extends string>(name: N, label: string) =>
	choice(name, 'Seen from the nut', ['clockwise', 'counter-clockwise'], { default: 'clockwise', label });
export const quillStep = defineStep({
	station: 'mount',
	step: 'quill',
	title: 'Quill',
	fields: [
		...pick(
			mountQuill.fields,
			'material',
			'overhangMm',
			'quillDiameterMm',
			'normalForceN',
			'quillMaxRpm',
			'minimumWidthMm',
			'nextDressDepthUm',
			'workBoreMm'
		),
		turns('grindTurns', 'Turns when grinding'),
		turns('dressTurns', 'Turns when dressing'),
		...pick(mountQuill.fields, 'holeDiameterMm', 'quillHeadDiameterMm').map((f) => ({ ...f, advanced: true }))
	] as const,
	compute(facts, { grindTurns, dressTurns, ...v }) {
		const w = wheelOf(facts);
		const limit = limitRpm(w);
		if (limit === null)
			throw new InputFault('ratedRpm', 'missing', 'This wheel has no marked speed. It must not run.');
		return [
			compute(facts, mountQuill, {
				...v,
				grindDirectionSign: SIGN[grindTurns],
				dressDirectionSign: SIGN[dressTurns],
				wheelMassG: 1000 * massNowKg(w),
				runRpm: facts.machine.spindleRpm,
				wheelRatedRpm: limit,
				originalDiameterMm: w.newDiameterMm,
				currentDiameterMm: Math.min(w.diameterMm, w.newDiameterMm),
				minimumDiameterMm: w.minDiameterMm,
				originalWidthMm: w.widthMm,
				currentWidthMm: w.widthMm
			})
		];
	}
});

const GLUE_FIELDS = pick(
	mountGlue.fields,
	'done',
	'temperatureC',
	'baseCureH',
	'baseTemperatureC',
	'potLifeMin',
	'mixToBondMin',
	'wheelHoleMm',
	'studMm',
	'bondLengthMm',
	'tangentialForceN',
	'axialForceN',
	'shearStrengthMPa'
);
/** The joint, at the moment it is made: from here the server's clock runs. */
export const glueStep = defineStep({
	station: 'mount',
	step: 'glue',
	title: 'Glue it on',
	fields: GLUE_FIELDS,
	compute(facts, v) {
		const made = compute(facts, mountGlue, { ...v, wheelDiameterMm: wheelOf(facts).diameterMm, elapsedH: 0 });
		// That it is not cured yet is no fault of a joint just made: the line Cured waits for that.
		const reasons = (made.output.reasons ?? []).filter((r) => r.code !== 'not-cured');
		return [
			{
				...made,
				output: { ...made.output, reasons, verdict: worst(reasons.map((r) => r.severity as Verdict)) }
			}
		];
	}
});

/** The joint that cures now: when it was made and how long it has to stand, by the server's clock. */
export function curing(facts: SetupFacts): { record: RecordFacts; atMs: number; requiredS: number } | null {
	const record = new Evidence(facts).latest('mount', 'glue');
	return record && record.verdict !== 'stop'
		? { record, atMs: record.atMs, requiredS: 3600 * Number(record.output.requiredCureH) }
		: null;
}
export const curedStep = defineStep({
	station: 'mount',
	step: 'cured',
	title: 'Cured',
	fields: [],
	compute(facts): Computed[] {
		const joint = curing(facts);
		if (!joint)
			throw new InputFault(
				'glue',
				'missing',
				'The joint was not recorded. Record it when it is made; the clock runs from there.'
			);
		return [
			compute(facts, mountGlue, {
				...joint.record.input,
				elapsedH: Math.max(0, facts.nowMs - joint.atMs) / MS_A_HOUR
			})
		];
	}
});

export const benchStep = defineStep({
	station: 'mount',
	step: 'bench',
	title: 'Rest, tongue and guards',
	fields: pick(
		benchGrinder.fields,
		'restGapMm',
		'tongueGapMm',
		'restAtCentre',
		'guardsOn',
		'shieldClear',
		'boltedDown'
	),
	compute: (facts, v) => [compute(facts, benchGrinder, v)]
});

export const toolPostStep = defineStep({
	station: 'mount',
	step: 'tool-post',
	title: 'Height, ways and chuck',
	fields: pick(
		mountToolPost.fields,
		'centreOffsetMm',
		'workDiameterMm',
		'grinding',
		'waysCovered',
		'wheelClearOfChuck',
		'sizeToleranceUm'
	),
	compute(facts, v) {
		const w = wheelOf(facts);
		const limit = limitRpm(w);
		if (limit === null)
			throw new InputFault('ratedRpm', 'missing', 'This wheel has no marked speed. It must not run.');
		return [
			compute(facts, mountToolPost, {
				...v,
				wheelDiameterMm: w.diameterMm,
				runRpm: facts.machine.spindleRpm,
				ratedRpm: limit
			})
		];
	}
});
/** Which mount steps come before the nut is tightened, by how the wheel is held. */
export const BEFORE_TIGHTENING: Readonly<Record<string, readonly string[]>> = {
	flange: ['fit', 'flange', 'taper', 'thread'],
	pack: ['stack', 'companions', 'thread'],
	quill: ['quill', 'glued', 'cured', 'thread'],
	bench: ['fit', 'flange', 'thread'],
	'tool-post': ['tool-post', 'fit', 'flange', 'thread']
};
