import { choice, from0, text, ohms } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { chooseMethod } from '../../../dress/choose-method.js';
import { isSuperabrasive } from '../../../dress/dress-infeed.js';
import { conducts } from '../../../dress/bonds.js';
import { METHODS, type Method, type Purpose } from '../../../dress/methods.js';
import type { DresserFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { methodOf } from '../../../shop/dresser.js';
import { abrasiveGroup, coarseBond } from '../../../spec/families.js';
import { type Evidence, type Recorded, partOf } from '../../evidence.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { formToKeep } from '../form/for-dress.js';
import { onOwnShank } from '../mount/mounting-method.js';
import { keepsForm } from './keeps-form.js';
import { excludedWords } from './words.js';
import { bondOfWheel } from './wheel.js';

/** What is seen, heard or felt, and what the dress is for because of it. */
const SEEN = {
	'just-trued': 'open',
	'runs-out': 'true',
	dull: 'open',
	loaded: 'open',
	grooved: 'open',
	'form-worn': 'form',
	'finish-coarse': 'open'
} as const satisfies Record<string, Purpose>;
export type Seen = keyof typeof SEEN;

/** What the dress is for. A single layer is cleaned at the most; diamond and boron nitride come straight by truing only. */
function purposeOf(facts: SetupFacts, seen: Seen): Purpose {
	const wheel = wheelOf(facts);
	if (coarseBond(wheel.bondFamily ?? '') === 'plated') return 'clean';
	const hard = isSuperabrasive(abrasiveGroup(wheel.family ?? 'alumina'));
	return hard && seen === 'grooved' ? 'true' : SEEN[seen];
}

/** The machine, in the words of the choice: on a lathe a wheel is dressed by hand as on a bench. */
const MACHINES: Readonly<Record<string, string>> = {
	cylindrical: 'cylindrical',
	'tool-cutter': 'tool',
	internal: 'internal',
	bench: 'bench',
	lathe: 'bench'
};

/** Which ways serve here, from wheel, form, machine and the dressers this shop really has. */
export function waysFor(
	facts: SetupFacts,
	v: { seen: Seen; form: 'flat' | 'radius' | 'profile'; rimResistanceOhm: number | null }
) {
	const devices = facts.dressers.map((dresser) => methodOf(dresser.kind)).filter((m) => m !== null);
	const bond = bondOfWheel(facts);
	return compute(facts, chooseMethod, {
		bond,
		abrasive: abrasiveGroup(wheelOf(facts).family ?? 'alumina'),
		purpose: purposeOf(facts, v.seen),
		form: v.form,
		machine: MACHINES[facts.machine.kind] ?? 'surface',
		axisControl: facts.machine.axes === 'cnc' ? 'cnc' : 'manual',
		radiusFixture: facts.dressers.some(
			(dresser) => dresser.kind === (formToKeep(facts)?.onSine ? 'sine-fixture' : 'radius-fixture')
		),
		hybridConducts: bond === 'hybrid' && conducts(bond, v.rimResistanceOhm),
		onShank: onOwnShank(facts),
		batchSize: facts.brief.quantity,
		devices: [...new Set(devices)]
	});
}

/**
 * Whether this shop can bring a wheel round and open it again: what is asked of it first where it cannot, else of opening. Nothing for
 * a single layer, which is never dressed, and for a bond that nobody knows.
 */
export function dressable(facts: SetupFacts): ReturnType<typeof waysFor> | null {
	const wheel = wheelOf(facts);
	if (wheel.bondFamily === null || coarseBond(wheel.bondFamily) === 'plated') return null;
	const hard = isSuperabrasive(abrasiveGroup(wheel.family ?? 'alumina'));
	const asked: readonly Seen[] = hard ? ['runs-out', 'just-trued'] : ['just-trued'];
	// A hybrid bond is given the benefit of the doubt here: whether it conducts is measured before it is dressed.
	const all = asked.map((seen) => waysFor(facts, { seen, form: 'flat', rimResistanceOhm: 0 }));
	return all.find((c) => c.output.best === null) ?? all.at(-1)!;
}

/** Ways ranked and excluded, as they are computed. */
export type Ways = ReturnType<typeof waysFor>['output'];

/** Ways that would serve if the shop had what they need. */
export const missingFor = (ways: { input: Record<string, unknown> }): Method[] =>
	chooseMethod.run({ ...ways.input, devices: [...METHODS] }).ranked.map((r) => r.method);

/** Dressers of the shop that serve a way, the machine's own first. */
export function dressersFor(facts: SetupFacts, method: Method): DresserFacts[] {
	const own = (dresser: DresserFacts) => (dresser.id === facts.dresser?.id ? 0 : 1);
	return facts.dressers
		.filter((dresser) => methodOf(dresser.kind) === method)
		.sort((a, b) => own(a) - own(b));
}

/** Why it is dressed and with what: first of all, since everything else follows from it. */
export const methodStep = defineStep({
	station: 'dress',
	step: 'method',
	title: 'Why and with what',
	fields: [
		choice('seen', 'At the wheel or on the part', Object.keys(SEEN) as Seen[], {
			required: true,
			label: 'What is seen, heard or felt'
		}),
		choice('form', 'Of the rim', ['flat', 'radius', 'profile'], { default: 'flat', label: 'Form' }),
		choice('method', 'One of those that serve', METHODS, { required: true, label: 'Dress it with' }),
		text('dresserCode', 'The one in use; the first that serves when left empty', {
			maxLength: 20,
			label: 'Dresser'
		}),
		ohms('rimResistanceOhm', 'Across the rim, for a hybrid bond', {
			...from0(1e9),
			label: 'Rim resistance'
		})
	] as const,
	compute(facts, values) {
		const kept = formToKeep(facts);
		if (kept && values.form === 'flat')
			throw new InputFault(
				'form',
				'inconsistent',
				`This wheel carries the form "${kept.name}"; a straight dress would take it off. Say a radius or a profile.`
			);
		keepsForm(facts, values.method);
		const ways = waysFor(facts, values);
		const out = ways.output.excluded.find((m) => m.method === values.method);
		if (out) throw new InputFault('method', 'inconsistent', excludedWords(out.code!, facts));
		if (
			values.dresserCode &&
			!dressersFor(facts, values.method).some((dresser) => dresser.code === values.dresserCode)
		)
			throw new InputFault(
				'dresserCode',
				'unknown-choice',
				`Dresser ${values.dresserCode} is not one of this shop that serves here. Choose one of the list.`
			);
		return single(ways);
	}
});

/** The way that was chosen, and everything that hangs on it. */
export interface Chosen {
	/** Number of the record; what was recorded before it belongs to another way. */
	since: number;
	method: Method;
	seen: Seen;
	form: 'flat' | 'radius' | 'profile';
	dresser: DresserFacts | null;
	/** What must follow it. */
	followUp: string | null;
	recorded: Recorded | null;
}

/** The way of dressing that stands. A setup from before there was a choice was dressed with the machine's own diamond. */
export function chosenMethod(facts: SetupFacts, evidence: Evidence): Chosen | null {
	const recorded = evidence.step(methodStep);
	if (!recorded) {
		const before = evidence.named('dress', 'settings');
		if (!before) return null;
		return {
			since: 0,
			method: 'single-point',
			seen: 'just-trued',
			form: 'flat',
			dresser: facts.dresser,
			followUp: null,
			recorded: null
		};
	}
	const { method, seen, form, dresserCode } = recorded.entered;
	const serving = dressersFor(facts, method);
	return {
		since: recorded.id,
		method,
		seen,
		form,
		dresser: serving.find((dresser) => dresser.code === dresserCode) ?? serving[0] ?? null,
		followUp: afterwards(facts, method, partOf(recorded, chooseMethod)?.output.then ?? null),
		recorded
	};
}

/** What must follow is told for the best way; another one that was taken may need less. */
function afterwards(facts: SetupFacts, method: Method, then: string | null): string | null {
	if (method === 'stick' || then === null) return null;
	if (method === 'wire-edm') return 'check-protrusion';
	return then === 'check-protrusion' ? 'stick' : then;
}

/** What stands of a step since this way was chosen. */
export const since = <R extends { id: number }>(chosen: Chosen | null, recorded: R | null): R | null =>
	chosen && recorded && recorded.id > chosen.since ? recorded : null;

/** The dresser of the way that was chosen. @throws InputFault `missing` where none was, or it is gone from the shop */
export function dresserOf(facts: SetupFacts, evidence: Evidence): DresserFacts {
	const chosen = chosenMethod(facts, evidence);
	const dresser = chosen ? chosen.dresser : facts.dresser;
	if (!dresser)
		throw new InputFault(
			'dresser',
			'missing',
			'There is no dresser for this on record. Say at "Why and with what" what it is dressed with, or enter it under Shop.'
		);
	return dresser;
}
