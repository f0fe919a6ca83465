import { conducts, bondOf } from '../../../dress/bonds.js';
import { METHODS, type Method, excluded } from '../../../dress/methods.js';
import { type DresserKind, dresserWords, methodOf } from '../../../shop/dresser.js';
import { abrasiveGroup } from '../../../spec/families.js';
import type { DresserFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { wheelOf } from '../../wheel-size.js';
import { carries } from './carries.js';
import { excludedWords } from '../dress/words.js';
import { bondOfWheel } from '../dress/wheel.js';

interface FormingMethodFacts {
	words: string;
	kinds: readonly DresserKind[];
	/** The dresser is moved along the form by the machine itself. */
	byAxes: boolean;
}

/** How a form is put on a wheel. */
export const FORMING_METHODS = {
	sine: { words: 'sine dresser', kinds: ['sine-fixture'], byAxes: false },
	radius: { words: 'radius and tangent dresser', kinds: ['radius-fixture'], byAxes: false },
	roll: { words: 'driven form roll', kinds: ['form-roll', 'crush-roll'], byAxes: false },
	program: { words: 'controlled dresser', kinds: ['single-point', 'blade', 'disc'], byAxes: true },
	wire: { words: 'wire erosion', kinds: ['wire'], byAxes: true }
} as const satisfies Record<string, FormingMethodFacts>;
export type FormingMethod = keyof typeof FORMING_METHODS;
export const FORMING_METHOD_NAMES = Object.keys(FORMING_METHODS) as FormingMethod[];

/** Dressers of the shop that serve a way: the one that carries this form first, then the machine's own. */
export function dressersForMethod(facts: SetupFacts, way: FormingMethod, name = ''): DresserFacts[] {
	const kinds: readonly string[] = FORMING_METHODS[way].kinds;
	const own = (dresser: DresserFacts) =>
		name && carries(dresser.carriesForm, name) ? 0 : dresser.id === facts.dresser?.id ? 1 : 2;
	return facts.dressers.filter((dresser) => kinds.includes(dresser.kind)).sort((a, b) => own(a) - own(b));
}

/** A fixture carries a single diamond. */
const methodWith = (dresser: DresserFacts): Method => methodOf(dresser.kind) ?? 'single-point';

/** Why this dresser must not touch this wheel, as a code; null when it may. */
export function whyNotDresser(
	facts: SetupFacts,
	dresser: DresserFacts,
	rimOhm: number | null = null
): string | null {
	const word = bondOfWheel(facts);
	const { bond, crushable } = bondOf(word);
	return excluded(methodWith(dresser), {
		bond,
		crushable,
		abrasive: abrasiveGroup(wheelOf(facts).family ?? 'alumina'),
		purpose: 'form',
		// What the way can make of a form is asked for itself.
		form: 'flat',
		machine: 'surface',
		cnc: true,
		radiusFixture: true,
		hybridConducts: bond === 'hybrid' && conducts(word, rimOhm),
		batchSize: facts.brief.quantity,
		onShank: false,
		devices: METHODS
	});
}

/** Why a way does not serve here, in a sentence; null when it does. */
export function whyNotMethod(
	facts: SetupFacts,
	way: FormingMethod,
	rimOhm: number | null = null
): string | null {
	const all = dressersForMethod(facts, way);
	const kinds = FORMING_METHODS[way].kinds.map(dresserWords).join(' or ');
	if (!all.length) return `This shop has no ${kinds} in use.`;
	if (FORMING_METHODS[way].byAxes && facts.machine.axes !== 'cnc')
		return `The axes of ${facts.machine.code} are not controlled.`;
	const codes = all.map((dresser) => whyNotDresser(facts, dresser, rimOhm));
	return codes.includes(null) ? null : excludedWords(codes[0]!);
}
