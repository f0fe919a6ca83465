import { parseQuantity } from '../quantity/parse.js';
import { INSTRUMENT_UNITS, INSTRUMENT_WORDS, type InstrumentKind } from './kinds.js';

/** What one line of an instrument says, in the unit of its kind; or what is wrong with it. */
export type Line =
	{ value: number; angleDeg: number | null } | { problem: 'rubbish' | 'wrong-unit'; says: string };

const LINE =
	/^\s*(?:[A-Za-z][\w-]{0,19}\s*[:=]\s*)?([+-]?\d{1,12}(?:[.,]\d{1,9})?)\s*([^\s\d@][^\s@]{0,11})?\s*(?:@\s*(\d{1,3}(?:[.,]\d{1,6})?)\s*(?:deg|°)?)?\s*$/u;
const LONGEST = 200;
const shownLine = (text: string): string => text.replace(/[^\x20-\x7e°µ]/g, '?').slice(0, 24);

/** Reads one line: an optional name, a value with its unit, an optional angle. A value without a unit is no reading. */
export function readLine(text: string, kind: InstrumentKind): Line {
	const m = LINE.exec(text);
	if (!m) return { problem: 'rubbish', says: `sends "${shownLine(text)}", which is no reading` };
	if (!m[2]) return { problem: 'wrong-unit', says: `sends ${m[1]} without a unit` };
	const p = parseQuantity(`${m[1]!.replace(/^\+/, '').replace(',', '.')} ${m[2]}`, INSTRUMENT_UNITS[kind]);
	if (!('value' in p))
		return {
			problem: 'wrong-unit',
			says: `sends ${shownLine(m[2])}, and a ${INSTRUMENT_WORDS[kind]} gives ${INSTRUMENT_UNITS[kind]}`
		};
	return { value: p.value, angleDeg: m[3] ? Number(m[3].replace(',', '.')) % 360 : null };
}

/** Cuts a stream of text into lines, whatever pieces it comes in; a line that never ends is cut off and counts as rubbish. */
export class LineCutter {
	private rest = '';
	add(piece: string): string[] {
		const parts = (this.rest + piece).split(/\r?\n/);
		this.rest = parts.pop()!;
		if (this.rest.length > LONGEST) {
			parts.push(this.rest.slice(0, LONGEST));
			this.rest = '';
		}
		return parts.filter((part) => part.trim() !== '').map((part) => part.slice(0, LONGEST));
	}
}

type StreamState = 'waiting' | 'reading' | 'rubbish' | 'wrong-unit' | 'stuck';
export interface Heard {
	state: StreamState;
	value: number | null;
	angleDeg: number | null;
	says: string;
	lines: number;
}
const STUCK_AFTER = 60;

/** What an instrument says now: the newest good reading, and a word when it goes wrong. */
export class Instrument {
	private last: Heard = {
		state: 'waiting',
		value: null,
		angleDeg: null,
		says: 'has sent nothing yet',
		lines: 0
	};
	private same = 0;
	constructor(readonly kind: InstrumentKind) {}
	add(lines: readonly string[]): Heard {
		for (const text of lines) {
			const r = readLine(text, this.kind);
			const count = this.last.lines + 1;
			if ('problem' in r) {
				this.last = { state: r.problem, value: null, angleDeg: null, says: r.says, lines: count };
				this.same = 0;
				continue;
			}
			this.same =
				r.value === this.last.value && r.angleDeg !== null && r.angleDeg !== this.last.angleDeg
					? this.same + 1
					: r.value === this.last.value
						? this.same
						: 0;
			this.last = {
				state: this.same >= STUCK_AFTER ? 'stuck' : 'reading',
				value: r.value,
				angleDeg: r.angleDeg,
				says:
					this.same >= STUCK_AFTER
						? 'shows the same while the wheel turns: is its point on the surface?'
						: '',
				lines: count
			};
		}
		return this.last;
	}
	now(): Heard {
		return this.last;
	}
}
