import type { Evidence } from '../evidence.js';
import type { SetupFacts } from '../../facts/setup.js';
import type { Refusal } from '../hard-stops.js';
import type { GateLine } from '../gate.js';
import type { Step } from '../define-step.js';

/** Turns what stands into the lines of a station's gate. */
export type Gate = (facts: SetupFacts, evidence: Evidence) => GateLine[];

/** Everything the route knows of one station. */
export interface Station {
	/** What a person may record here, in the order in which it is usually done. */
	steps: readonly Step[];
	/** What must hold before the next station. */
	gate: Gate;
	/** Keys of gate lines that must hold before a step, by the name of the step. */
	order(facts: SetupFacts): Readonly<Record<string, readonly string[]>>;
	/** The spindle is started here, or the wheel brought to something: asked is the morning sheet before every step; shown, where nothing starts. */
	morning?: 'asked' | 'shown';
	/** Its steps are open once the wheel is released, but for those that say otherwise. */
	whileReleased?: true;
	/** Why a step cannot be done where the wheel is now; null when it can. */
	place?(facts: SetupFacts, step: string): Refusal | null;
}

/** A station whose steps may be recorded in any order. */
export const anyOrder: Station['order'] = () => ({});
