import type { SetupFacts } from '../../../facts/setup.js';

/** Where the dresser stands on this kind of machine. */
export const dresserSetup = (facts: SetupFacts): 'surface-below' | 'cylindrical-side' =>
	['cylindrical', 'lathe', 'internal', 'bench'].includes(facts.machine.kind)
		? 'cylindrical-side'
		: 'surface-below';
/** The one stored sense of rotation, in the words of the dress calculations. */
export const turns = (facts: SetupFacts): 'clockwise' | 'counter-clockwise' =>
	facts.machine.rotation === 'cw' ? 'clockwise' : 'counter-clockwise';
