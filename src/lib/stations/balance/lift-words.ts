/** Who or what lifts a wheel, in words. */
export const LIFT_WORDS: Record<string, string> = {
	hand: 'one by hand',
	'two-person': 'two together',
	hoist: 'a hoist'
};
/** What a hoist carries is asked where one is used. */
export const hoistAsked = (name: string, typed: { lifted?: unknown }): boolean =>
	name !== 'hoistCapacityKg' || typed.lifted === 'hoist';
