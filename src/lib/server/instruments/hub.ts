import { type InstrumentRow, type Told, listenTo } from './instruments.js';

interface Line {
	listeners: Set<(t: Told) => void>;
	last: Told | null;
	stop: () => void;
}
/** What is listened to at the moment: one connection an instrument, however many look at it. */
const lines = new Map<string, Line>();
const nameOf = (i: InstrumentRow): string => JSON.stringify(i);

/** Listens together with whoever listens already; who comes later hears the last reading at once. Gives back how to leave. */
export function listenTogether(i: InstrumentRow, tell: (t: Told) => void): () => void {
	const name = nameOf(i);
	let line = lines.get(name);
	if (!line) {
		const made: Line = { listeners: new Set(), last: null, stop: () => undefined };
		lines.set(name, made);
		line = made;
		made.stop = listenTo(i, (t) => {
			made.last = t;
			if (t.state === 'dropped' || t.state === 'unreachable') lines.delete(name);
			for (const l of [...made.listeners]) l(t);
		});
	} else if (line.last) tell(line.last);
	const mine = line;
	mine.listeners.add(tell);
	return () => {
		mine.listeners.delete(tell);
		if (mine.listeners.size) return;
		mine.stop();
		if (lines.get(name) === mine) lines.delete(name);
	};
}
/** How many connections are open. */
export const openLines = (): number => lines.size;
