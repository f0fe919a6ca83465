import { InputFault } from '../../calculation/fault.js';

/** One pair of a drawing exchange file: a code that says what the value is, and the value. */
export interface Group {
	code: number;
	value: string;
}
export const dxfFault = (code: string, message: string): InputFault => new InputFault('text', code, message);

/** The pairs of a file. @throws InputFault `missing` or `not-dxf` on `text` */
export function groupsOf(text: string): Group[] {
	if (!text.trim()) throw dxfFault('missing', 'The file is empty. Take a drawing in text form.');
	const lines = text.replace(/\s+$/, '').split(/\r\n|\n|\r/);
	const groups: Group[] = [];
	for (let i = 0; i + 1 < lines.length || i < lines.length; i += 2) {
		const code = lines[i]!.trim();
		if (!/^[+-]?\d{1,6}$/.test(code))
			throw dxfFault(
				'not-dxf',
				`Line ${i + 1} is no group code of a drawing (${code.slice(0, 20) || 'empty'}). Save it as a text drawing, not as a binary one.`
			);
		groups.push({ code: Number(code), value: (lines[i + 1] ?? '').trim() });
	}
	return groups;
}

/** A number of the file. @throws InputFault `bad-number` on `text` */
export function numberOf(g: Group): number {
	const n = Number(g.value);
	if (g.value === '' || !Number.isFinite(n))
		throw dxfFault(
			'bad-number',
			`"${g.value.slice(0, 20)}" after group code ${g.code} is no number. Save the drawing again.`
		);
	return n;
}

/** An entity as the file has it: its kind and its pairs, in order. */
export interface Entity {
	kind: string;
	groups: Group[];
}

/** Unit of the header ($INSUNITS), or null where it says none; and the entities of the drawing. */
export function partsOf(groups: readonly Group[]): { unit: number | null; entities: Entity[] } {
	let unit: number | null = null;
	const at = groups.findIndex((group) => group.code === 9 && group.value.toUpperCase() === '$INSUNITS');
	if (at >= 0 && groups[at + 1]?.code === 70) unit = numberOf(groups[at + 1]!);
	const entities: Entity[] = [];
	let inside = false;
	for (let i = 0; i < groups.length; i++) {
		const g = groups[i]!;
		if (g.code === 0) {
			const next = groups[i + 1];
			if (g.value === 'SECTION') inside = next?.code === 2 && next.value === 'ENTITIES';
			else if (g.value === 'ENDSEC' || g.value === 'EOF') inside = false;
			else if (inside) entities.push({ kind: g.value.toUpperCase(), groups: [] });
		} else if (inside) entities.at(-1)?.groups.push(g);
	}
	return { unit, entities };
}
