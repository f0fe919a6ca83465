import { Findings } from '../calculation/verdict.js';
import { type Alternative, type Marking, emptyMarking } from './marking.js';

const SAYS: Record<string, string> = {
	'not-understood': 'This does not follow any known order of markings. Read it again from the blotter.',
	'bond-letter-first': 'The first letter may be the bond or belong to the maker. Pick which.',
	'abrasive-unknown': 'The abrasive letters are not known. Ask the supplier what they stand for.',
	'ambiguous-abrasive': 'SA means single-crystal alumina to some makers, ceramic to others. Pick which.',
	'grit-with-maker-digit': "The last digit of the grit looks like a maker's digit. Pick the reading.",
	'grit-not-in-series': 'This grit is not in the standard series. Pick the nearest or ask.',
	'grade-missing': 'No grade letter was found.',
	'ambiguous-structure': 'The structure number can be split in several ways. Pick the reading.',
	'ambiguous-grade-bond': 'One letter could be the grade or the bond. Pick which.',
	'unknown-letters': 'Some letters could not be placed. They are kept as printed.',
	'bond-missing': 'No bond letter was found.',
	'ambiguous-trailing-number':
		"The last number may be the maker's or a speed in m/s. A speed must be certain: look at the wheel.",
	'ambiguous-dimensions': 'Bore and rim depth are the same number. Measure the bore.',
	'grain-missing': 'The shape was read but no grain size was found.',
	'grain-size-unknown': 'This grain size is in neither table.',
	'ambiguous-grain-size': 'This number may be a mesh name or a size in micrometres. Pick which.',
	'ambiguous-v-number': 'V with a number may be a concentration or a vitrified bond. Pick which.',
	'ambiguous-letter': 'One letter could be the grade or the bond. Pick which.',
	'concentration-implausible': 'More than 60 % of the rim as grain is not possible. Read the number again.',
	'ambiguous-kind':
		"B may be cubic boron nitride or a maker's letter on a conventional wheel. Pick which before using the wheel."
};

/** A reading in progress: the fields found so far and the doubts met on the way. Every doubt is a caution. */
export class MarkingReading {
	readonly out: Marking = emptyMarking();
	readonly findings = new Findings();
	readonly alternatives: Alternative[] = [];
	readonly notes: string[] = [];
	note(code: string): void {
		if (!this.notes.includes(code)) this.notes.push(code);
	}
	doubt(code: string, token = '', readings: Record<string, unknown>[] = []): void {
		this.findings.caution(code, true, SAYS[code] ?? code);
		if (readings.length) this.alternatives.push({ code, token, readings });
	}
	unread(token: string): void {
		if (token === '') return;
		this.out.unknown.push(token);
		this.doubt('unknown-letters');
	}
}
