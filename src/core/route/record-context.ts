import type { SetupFacts } from './facts.js';

/** What a record was made with, as it was at that moment. */
export type RecordContext = Pick<SetupFacts, 'machine' | 'mount' | 'dresser' | 'wheel'> & {
	/** The other wheels of a pack. */
	others: NonNullable<SetupFacts['wheel']>[];
};
export const recordContext = (f: SetupFacts): RecordContext => ({
	machine: f.machine,
	mount: f.mount,
	dresser: f.dresser,
	wheel: f.wheel,
	others: f.companions.map((c) => c.wheel)
});
