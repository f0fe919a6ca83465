import type { AbrasiveFamily } from './families.js';
import type { Alternative, Marking } from './marking.js';

/** What picking one of several readings makes of the marking: the reading's fields laid over it. */
export function withReading(m: Marking, reading: Record<string, unknown>): Marking {
	const next: Marking = { ...m };
	for (const [key, value] of Object.entries(reading)) {
		if (key === 'number' && m.grit) next.grit = { ...m.grit, number: value as number };
		else if (key === 'makerDigit' && m.grit)
			next.grit = { ...(next.grit ?? m.grit), makerDigit: value as string | null };
		else if (key === 'makerCode') next.structureRaw = null;
		else if (key === 'family' && m.abrasive)
			next.abrasive = { ...m.abrasive, family: value as AbrasiveFamily | null };
		else if (key === 'bond' && (value === null || typeof value === 'string'))
			next.bond =
				value === null ? null : { letters: value, family: m.bond?.letters === value ? m.bond.family : null };
		else if (key in next) Object.assign(next, { [key]: value });
	}
	return next;
}

const WORDS: Readonly<Record<string, string>> = {
	grade: 'grade',
	structure: 'structure',
	makerCode: "maker's",
	makerPrefix: "maker's",
	makerSuffix: "maker's",
	bond: 'bond',
	number: 'grit',
	makerDigit: "maker's digit",
	family: 'grain',
	maxSpeedMps: 'speed, m/s',
	notation: '',
	value: 'concentration',
	system: '',
	fepaCode: 'size',
	kind: ''
};

/** One reading in plain words, and what it would mean. */
export function readingInWords(a: Alternative, reading: Record<string, unknown>): string {
	if (a.code === 'ambiguous-kind')
		return reading.kind === 'superabrasive'
			? 'cubic boron nitride'
			: `ordinary wheel, grit ${String((reading.grit as { number?: number } | null)?.number ?? '')}, grade ${String(reading.grade)}`;
	if (a.code === 'ambiguous-grain-size')
		return reading.system === 'mesh'
			? `mesh ${a.token}, size ${String(reading.fepaCode)}`
			: `about ${a.token} µm, size ${String(reading.fepaCode)}`;
	if (a.code === 'ambiguous-v-number')
		return reading.notation === 'V'
			? `concentration V${String(reading.value)}`
			: `vitrified bond, concentration C${String(reading.value)}`;
	return (
		Object.entries(reading)
			.filter(([, v]) => v !== null && v !== '')
			.map(([k, v]) => `${WORDS[k] ?? k} ${typeof v === 'object' ? JSON.stringify(v) : String(v)}`.trim())
			.join(', ') || 'nothing of it'
	);
}
