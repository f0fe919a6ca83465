/** Answers that say nothing of the record itself: it is sent again later. */
export const NOT_NOW: ReadonlySet<string> = new Set([
	'signed-out',
	'locked',
	'database-down',
	'cannot-keep',
	'change-pin',
	'busy',
	'another-person'
]);
