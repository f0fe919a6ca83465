import type { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { GateLine } from '../../gate.js';
import type { Step } from '../../define-step.js';

/** How a wheel can be held; each way stands whole in a file of its own. */
export const MOUNTINGS = ['flange', 'pack', 'quill', 'point', 'bench', 'tool-post'] as const;
export type Mounting = (typeof MOUNTINGS)[number];

/** Whether what is mounted runs on a shank of its own: it has no bore, no flanges and no ring. */
export const onOwnShank = (f: Pick<SetupFacts, 'route'>): boolean => f.route.mounting === 'point';

/** One part of the bench, with the gate lines that say whether it is done. */
export interface MountPart {
	id:
		| 'fit'
		| 'flange'
		| 'tighten'
		| 'pack'
		| 'quill'
		| 'glue'
		| 'point'
		| 'collet'
		| 'bench'
		| 'tool-post'
		| 'neutral';
	title: string;
	lines: readonly string[];
}

/** Everything that depends on how the wheel is held. */
export interface MountingMethod {
	/** Ends the sentence "The wheel is held ...". */
	words: string;
	/** What the bench says before anything is done. */
	lead: string;
	/** What is recorded at Mount besides the thread and the tightening. */
	steps: readonly Step[];
	/** The parts of the bench, in the order of the work. */
	parts: readonly MountPart[];
	/** What must hold before the first start. */
	gate(facts: SetupFacts, evidence: Evidence): GateLine[];
	/** Keys of lines that must hold before the nut or the screws are tightened. */
	beforeTightening: readonly string[];
	/** Steps whose records the first start asks for. */
	shownBeforeStart: readonly string[];
	/** What every other way has to show before it, and this one has no use for. */
	spared?: readonly string[];
}
