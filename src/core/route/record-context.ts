import type { SetupFacts } from '../facts/setup.js';

/** What a record was made with, as it was at that moment. */
export type RecordContext = Pick<SetupFacts, 'machine' | 'mount' | 'dresser' | 'wheel'> & {
	/** The other wheels of a pack. */
	others: NonNullable<SetupFacts['wheel']>[];
};
export const recordContext = (facts: SetupFacts): RecordContext => ({
	machine: facts.machine,
	mount: facts.mount,
	dresser: facts.dresser,
	wheel: facts.wheel,
	others: facts.companions.map((companion) => companion.wheel)
});
