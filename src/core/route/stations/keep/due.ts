import type { SetupFacts } from '../../facts.js';

/** A dress that is due: parts ground since the last one, and after how many it was to be made. */
export interface Due {
	parts: number;
	after: number;
}

/** Whether the wheel is due for a dress by the parts it has ground; null while it is not, or while nobody has said after how many. */
export function redressDue({ sums }: Pick<SetupFacts, 'sums'>): Due | null {
	const { partsSinceDress: parts, redressAfter: after } = sums;
	return after !== null && parts >= after ? { parts, after } : null;
}
