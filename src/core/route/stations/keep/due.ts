import { SLACK } from '../../../numeric/rounding.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { show } from '../../gate-text.js';
import { redressCycle, mostBetweenMm } from './redress-cycle.js';

/** A dress that is due: what has been ground since the last one, and when it was to be made. */
export interface Due {
	ground: string;
	after: string;
}

/** Whether the wheel is due for a dress, by a redress inside the part, by infeed or by parts; null while it is not, or while nobody has said when. */
export function redressDue(facts: SetupFacts): Due | null {
	const q = show(facts);
	const l = redressCycle(facts);
	if (l.missedMm !== null)
		return {
			ground: `part ${l.part} is ground ${q(l.inPartMm, 'mm')} deep`,
			after: `at ${q(l.missedMm, 'mm')}`
		};
	const most = mostBetweenMm(l);
	if (most !== null && l.sinceMm !== null && l.sinceMm > most + SLACK)
		return { ground: `${q(l.sinceMm, 'mm')} of infeed ground`, after: `after ${q(most, 'mm')} at most` };
	if (l.everyMm !== null && l.sinceMm !== null && l.sinceMm >= l.everyMm - SLACK)
		return { ground: `${q(l.sinceMm, 'mm')} of infeed ground`, after: `after ${q(l.everyMm, 'mm')}` };
	if (l.everyParts !== null && l.sinceParts >= l.everyParts)
		return {
			ground: `${l.sinceParts} ${l.sinceParts === 1 ? 'part' : 'parts'} ground`,
			after: `after ${l.everyParts}`
		};
	return null;
}

/** The same as one sentence. @example dueWords({ ground: '10 parts ground', after: 'after 8' }) // "10 parts ground, due after 8" */
export const dueWords = ({ ground, after }: Due): string => `${ground}, due ${after}`;
