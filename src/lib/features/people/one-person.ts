/** Whose this browser is at the moment; 0 for nobody. */
const KEY = 'uncinus-person';

/** Tells every other window of this browser. */
export function sayWhose(id: number): void {
	try {
		if (localStorage.getItem(KEY) !== String(id)) localStorage.setItem(KEY, String(id));
	} catch {
		/* no storage: the server still refuses what a page of somebody else sends */
	}
}

/** Calls `other` when somebody else, or nobody, is signed in in another window. Gives back how to stop. */
export function watchWhose(id: number, other: () => void): () => void {
	const heard = (e: StorageEvent) => {
		if (e.key === KEY && e.newValue !== null && e.newValue !== String(id)) other();
	};
	addEventListener('storage', heard);
	return () => removeEventListener('storage', heard);
}
