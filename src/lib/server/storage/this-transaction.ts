/** What a transaction has asked since it last changed or locked anything, by its connection. */
const asked = new WeakMap<object, Map<string, Promise<unknown>>>();

/** A transaction begins, or it has changed or locked something: what it asked before may be otherwise now. */
export const changedIn = (connection: object): void => void asked.delete(connection);

/** What the work comes to, carried out once between two changes of a transaction. */
export function oncePerTransaction<T>(connection: object, name: string, work: () => Promise<T>): Promise<T> {
	const known = asked.get(connection) ?? new Map<string, Promise<unknown>>();
	asked.set(connection, known);
	const found = known.get(name) ?? work();
	known.set(name, found);
	// The same name is always the same work.
	return found as Promise<T>;
}
