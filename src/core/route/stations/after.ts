import type { StationId } from '../station-names.js';

/** What was built on a trued rim. */
export const AFTER_TRUE: readonly StationId[] = ['balance', 'form', 'dress', 'prove'];
/** What was built on a wheel as it was mounted: mounting again needs a new run-in, and everything after it. */
export const AFTER_MOUNT: readonly StationId[] = ['run-in', 'true', ...AFTER_TRUE];
