export const WHEEL_STATES = ['available', 'mounted', 'quarantined', 'scrapped'] as const;
export type WheelState = (typeof WHEEL_STATES)[number];

/** Where a wheel may go from each state. What was set aside comes back by a lead's clearing only, what is scrapped never. */
const MOVES: Readonly<Record<WheelState, readonly WheelState[]>> = {
	available: WHEEL_STATES,
	mounted: WHEEL_STATES,
	quarantined: ['quarantined', 'scrapped'],
	scrapped: ['scrapped']
};

/**
 * The state a wheel is in after somebody wanted it in another: that one where the move is allowed, else the one it has.
 * @example movedTo('scrapped', 'quarantined') // "scrapped"
 */
export function movedTo(from: WheelState, to: WheelState, cleared = false): WheelState {
	if (cleared && from === 'quarantined' && to === 'available') return to;
	return MOVES[from].includes(to) ? to : from;
}
