import type { Field, Values } from '../calculation/fields.js';
import type { Basis } from './basis.js';
import { rulesOf } from './define-step.js';
import type { Recorded } from './evidence.js';

/** On what a recorded step rests: what its step says of what was entered. */
export const basisOf = (recorded: Pick<Recorded, 'station' | 'step' | 'entered'> | null): Basis | null =>
	// What was entered once passed the fields of its step.
	recorded ? (rulesOf(recorded).basis?.(recorded.entered as Values<readonly Field[]>) ?? null) : null;
