import type { Method } from '../../../dress/methods.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Seen } from './method.js';

/** What a person sees, hears or feels. */
export const SEEN_WORDS: Readonly<Record<Seen, string>> = {
	'just-trued': 'just trued, or opened anew',
	'runs-out': 'not round: runs out, just mounted',
	dull: 'face shines, gets hot, power creeps up',
	loaded: 'metal smeared in the pores',
	grooved: 'lines on the part, face not straight',
	'form-worn': 'form out of tolerance',
	'finish-coarse': 'cuts well, finish too coarse'
};

/** What a way of dressing is called. */
export const METHOD_WORDS: Readonly<Record<Method, string>> = {
	'single-point': 'single point',
	cluster: 'cluster or nib',
	'rotary-disc': 'driven disc',
	'rotary-form-roll': 'driven form roll',
	'crush-roll': 'crush roll',
	'truing-wheel': 'truing wheel',
	'steel-block': 'soft-steel block',
	stick: 'stick',
	'wire-edm': 'wire erosion',
	'hand-cutter': 'hand dresser'
};

/** What must follow. */
export const THEN_WORDS: Readonly<Record<string, string>> = {
	stick: 'then open it with a stick: truing leaves the grain flush with the bond',
	'opening-dress': 'then an opening dress',
	'check-protrusion': 'then look how far the grains stand proud'
};

/** Each reason against a way, in a sentence. */
const EXCLUDED: Readonly<Record<string, string>> = {
	'device-not-available': 'This shop has none, or it is worn out.',
	'on-its-shank': 'A thin shank bends under it: a point is dressed with the stick.',
	'single-layer': 'One layer of grain only: trued or dressed it would be gone.',
	'wrong-purpose': 'Does not serve what is wanted here.',
	'diamond-on-diamond': 'Diamond on diamond: both wear, and the point is gone at once.',
	'bond-too-tough': 'The bond is too tough: it would wear the dresser and not the wheel.',
	'bond-not-crushable': 'This bond does not crush: it tears.',
	'not-for-conventional': 'Wears only diamond and boron nitride wheels.',
	'steel-block-resin-only': 'Steel wears a resin bond only.',
	'bond-not-conducting': 'No spark jumps: this bond does not conduct.',
	'bench-only': 'By hand on a bench grinder or lathe only.',
	'wrong-dresser-for-superabrasive': 'A hand dresser does nothing to diamond or boron nitride.',
	'cannot-make-form': 'Cannot make this form on this machine.'
};
/** Whether a reason is one of danger, beside which nothing can be said for it. */
export const NEVER: readonly string[] = [
	'single-layer',
	'diamond-on-diamond',
	'bond-too-tough',
	'bond-not-crushable',
	'bond-not-conducting',
	'wrong-dresser-for-superabrasive',
	'steel-block-resin-only'
];
export const excludedWords = (code: string, facts?: Pick<SetupFacts, 'machine'>): string =>
	code === 'cannot-make-form' && facts?.machine.axes !== 'cnc'
		? 'Cannot make this form here: the axes are not controlled and no fixture serves.'
		: (EXCLUDED[code] ?? code);
