import { AFTER_MOUNT } from '../../after.js';
import { choice, from0, list, um } from '../../../../calculation/field/index.js';
import { InputFault } from '../../../../calculation/fault.js';
import { mountPack } from '../../../../mount/pack.js';
import { ARBOR, PACK_ITEM } from '../../../../mount/pack-fields.js';
import { type Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { wheelOf } from '../../../wheel-size.js';
import { TIGHTEN_PART, tighteningLines } from '../tightening.js';
import { packWheelLines } from '../pack-wheel-lines.js';
import { asMarked, heldWith, numbersIn } from '../pack-wheels.js';
import { wheelsOn } from '../turning.js';
import type { MountingMethod } from '../mounting-method.js';

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
	invalidates: AFTER_MOUNT,
	fields: [
		ARBOR,
		choice('stage', 'How far it is', ['plan', 'assembled', 'release'], { default: 'plan' }),
		list('items', 'In order', STACK_ITEM, { required: true, maxItems: 40, label: 'Stack from the shoulder' })
	] as const,
	compute(facts, values) {
		const lead = wheelOf(facts).number;
		if (!values.items.some((item) => item.kind === 'wheel' && item.name?.trim() === lead))
			throw new InputFault(
				'items',
				'inconsistent',
				`Wheel ${lead} of this setup is not in the stack. Put it in under its number.`
			);
		const known = [...wheelsOn(facts), ...facts.named];
		const items = values.items.map(({ fingerRadialUm: _rim, fingerAxialUm: _face, ...part }, i) => {
			const w = part.kind === 'wheel' ? known.find((wheel) => wheel.number === part.name?.trim()) : undefined;
			return w ? asMarked(w, part, i) : part;
		});
		const { spindleRpm, maxDiameterMm, maxWidthMm } = facts.machine;
		return single(
			compute(facts, mountPack, { ...values, items, requestedRpm: spindleRpm, maxDiameterMm, maxWidthMm })
		);
	},
	names: (v) => numbersIn(v.items),
	effects: (facts, values) => [{ kind: 'hold-wheels', wheelIds: heldWith(facts, values.items) }]
});

/** A pack stands only as it was measured and stood for: any edit takes the last line away. */
function packLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	const q = show(facts);
	const recorded = evidence.step(packStep);
	const stack = partOf(recorded, mountPack);
	const differences = stack?.output.differences ?? [];
	const measured = differences.length > 0 && differences.every((difference) => difference !== null);
	const qualified = stack?.output.qualified === true;
	const released = qualified && recorded?.entered.stage === 'release';
	const maxRpm = Math.floor(stack?.output.maxSpeedRpm ?? 0);
	return [
		line({
			key: 'stack',
			title: 'Stack fits and is fast enough',
			from: recorded,
			value: recordedText(recorded, `${q(stack?.output.stackLengthMm, 'mm')}, up to ${q(maxRpm, 'rpm')}`),
			waiting: 'build it from the shoulder'
		}),
		...packWheelLines(facts),
		...tighteningLines(facts, evidence),
		line({
			key: 'measured',
			title: 'Every wheel measured',
			state: measured ? 'ok' : 'open',
			value: measured ? `${differences.length} at the presetter` : 'rim, face and run-out of each',
			recordId: stack?.id ?? null
		}),
		line({
			key: 'qualified',
			title: 'Stood for as it is now',
			state: !released ? 'open' : recorded.verdict === 'stop' ? 'stop' : 'ok',
			value: qualified ? 'confirmed' : 'any edit takes it away',
			recordId: stack?.id ?? null
		})
	];
}

/** Several wheels on one arbor, measured and stood for as a whole. */
export const pack: MountingMethod = {
	words: 'several on an arbor',
	lead: 'Clean and finger-tight first; measured, then tightened, then measured again.',
	steps: [packStep],
	parts: [{ id: 'pack', title: 'Stack', lines: ['stack', 'companions'] }, TIGHTEN_PART],
	gate: packLines,
	beforeTightening: ['stack', 'companions', 'thread'],
	shownBeforeStart: ['pack']
};
