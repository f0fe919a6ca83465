import { serverNowMs } from './pool.js';

/** The day by the server's clock, in UTC, as dates are kept. */
export const today = (): string => new Date(serverNowMs()).toISOString().slice(0, 10);
