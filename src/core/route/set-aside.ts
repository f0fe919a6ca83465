import type { Effect } from './effect.js';

const NOTE_LENGTH = 200;

/** What happens to a wheel that must not be used: its state changes, and its book says why. */
export const setAside = (
	wheelId: number,
	reason: string,
	state: 'quarantined' | 'scrapped' = 'quarantined'
): WheelEffect[] => [
	{ kind: 'wheel-state', wheelId, state, reason },
	{ kind: 'ledger', wheelId, event: state, diameterAfterMm: null, note: reason.slice(0, NOTE_LENGTH) }
];

/** What concerns a wheel and its evidence alone, in a setup or at the rack. */
export type WheelEffect = Extract<Effect, { kind: 'wheel-state' | 'ledger' | 'keep-baseline' }>;
