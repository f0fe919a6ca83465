/** What a spindle running empty sounds like. */
export const HEARD_WORDS: Record<string, string> = {
	normal: 'an even hum',
	rising: 'rising',
	knock: 'a knock',
	rub: 'a rub',
	'not-listened': 'did not listen'
};
/** Anything that means: off, now. */
export const BAD_SOUNDS: readonly string[] = ['rising', 'knock', 'rub'];
