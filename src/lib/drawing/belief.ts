/** What is known of an unbalance: where it is now, how uncertain along its two axes, and what is allowed. Face angles, g mm. */
export interface Belief {
	unbalanceGmm: number;
	heavyAngleDeg: number;
	majorGmm: number;
	minorGmm: number;
	majorAngleDeg: number;
	allowedGmm: number;
}
