import type { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { GateLine } from '../../gate.js';
import type { Step } from '../../define-step.js';
import type { Chosen } from './method.js';

/** One way of dressing, whole: what is recorded for it, and what must hold before and after it is done. */
export interface DressingMethod {
	steps: readonly Step[];
	/** Lines that must hold before it is dressed. */
	lines(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine[];
	/** Lines that are met afterwards, beside that it was done. */
	after?(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine[];
	/** Keys of lines that a step of it needs first. */
	order?: Readonly<Record<string, readonly string[]>>;
}
