import { normaliseMarking } from './parse-marking.js';
import type { Marking } from './marking.js';
import { type MarkingPart, markingParts } from './marking-words.js';

/** A stretch of what was typed, with the field it was put in; `gap` is what lies between. */
export interface Span {
	text: string;
	field: MarkingPart['field'] | 'gap';
}

/** The ways a part can stand in what was typed. */
function written(m: Marking, part: MarkingPart): string[] {
	switch (part.field) {
		case 'size':
			return [
				m.dimsMm.join('X'),
				m.dimsMm.join(' X '),
				m.dimsMm.join('-'),
				m.dimsMm.join(' - '),
				m.dimsMm.join(' ')
			];
		case 'rim':
			return [part.token, part.token.slice(1)];
		case 'speed':
			return [part.token.toUpperCase(), part.token.toUpperCase().replace(' ', '')];
		case 'concentration':
			return [part.token, `${part.token[0]} ${part.token.slice(1)}`, part.token.slice(1)];
		default:
			return [part.token];
	}
}

/**
 * Lays what was typed out in coloured stretches. It works on the normalised text, which may differ from the typed one in signs and
 * capitals; where it has the same length the typed characters are shown, so that nobody's typing changes under their hands.
 */
export function markingSpans(typed: string, m: Marking): Span[] {
	const clean = normaliseMarking(typed);
	const shown =
		typed.trim().replace(/\s+/g, ' ').length === clean.length ? typed.trim().replace(/\s+/g, ' ') : clean;
	const owner: (MarkingPart['field'] | null)[] = Array.from({ length: clean.length }, () => null);
	let from = 0;
	for (const part of markingParts(m)) {
		const options = written(m, part).filter(Boolean);
		/** The first place from there on that is still nobody's. */
		const free = (o: string, start: number): number => {
			for (let i = clean.indexOf(o, start); i >= 0; i = clean.indexOf(o, i + 1))
				if (owner.slice(i, i + o.length).every((x) => x === null)) return i;
			return -1;
		};
		const find = (start: number) =>
			options
				.map((option) => [free(option, start), option.length] as const)
				.filter(([i]) => i >= 0)
				.sort((a, b) => a[0] - b[0] || b[1] - a[1])[0];
		const hit = find(from) ?? find(0);
		if (!hit) continue;
		for (let i = hit[0]; i < hit[0] + hit[1]; i++) owner[i] = part.field;
		if (hit[0] >= from) from = hit[0] + hit[1];
	}
	const spans: Span[] = [];
	for (let i = 0; i < clean.length; i++) {
		const field = owner[i] ?? 'gap';
		const last = spans.at(-1);
		if (last && last.field === field) last.text += shown[i]!;
		else spans.push({ text: shown[i]!, field });
	}
	return spans;
}
