import { BOND_LETTERS, SUPER_BOND_LETTERS } from './families.js';
import {
	F_GRITS,
	SIEVE_SIZES,
	SMALLEST_SIEVE,
	type SieveSize,
	meanOf,
	sieveByCode,
	sieveByName,
	sieveByPair
} from './grit-tables.js';
import type { MarkingReading } from './marking-reading.js';

const SHAPE =
	/^(1[0-5]|[1-9])([A-Z]{1,2})(10|[1-9])([A-Z]{0,2})(?=[ -]|$)(?=[ -]*(?:\d|$|[DB][ -]?\d|CBN|BN))/;
const SIZES = /^[ -]*(\d+(?:\.\d+)?(?: ?[-X] ?\d+(?:\.\d+)?)*)(?=[ -]|$)/;
const GRAIN = /^(CBN|BN|[A-Z]{0,3}?[DB])[ -]?((?<=MD[ -]?)[1-9]\d{0,2}|[1-9]\d{1,3}(?:\/\d{2,4})?)(?!\d)/;
const US_ORDER = /^[ -]*(?!C\d)([A-Z])[ -]*(\d{2,3})[ -]*([BMVEGS])([A-Z0-9]*)(?:[ -]+(\d+\/\d+|\d*\.\d+))?$/;
const CONVENTIONAL_REST = /^([A-Z])(\d{1,2})(BF|RF|MG|PL|V|B|R|E)([A-Z0-9]*)$/;
const MAX_VOL_PERCENT = 60;

/** Reads a leading FEPA shape code with its sizes and returns what follows. */
export function readShape(r: MarkingReading, text: string): string {
	const m = SHAPE.exec(text);
	if (!m) return text;
	const { out } = r;
	out.shape = m[0];
	out.shapeParts = { core: m[1]!, rim: m[2]!, position: m[3]!, modification: m[4]! };
	let rest = text.slice(m[0].length);
	const sizes = SIZES.exec(rest);
	if (sizes) {
		out.dimsMm = sizes[1]!.split(/ ?[-X] ?/).map(Number);
		rest = rest.slice(sizes[0].length);
		const [d, t, a, b] = out.dimsMm as [number, number, number, number];
		if (m[3] === '1' && out.dimsMm.length === 3)
			out.dimensions = { diameterMm: d, thicknessMm: t, rimDepthMm: null, boreMm: a };
		if (m[3] === '1' && out.dimsMm.length === 4) {
			out.dimensions = { diameterMm: d, thicknessMm: t, rimDepthMm: Math.min(a, b), boreMm: Math.max(a, b) };
			if (a === b) r.doubt('ambiguous-dimensions');
		}
	}
	return rest.replace(/^[ -]+/, '');
}

/** Reads grain, grade, bond and concentration of a diamond or cubic boron nitride marking; false when there is no such grain. */
export function readSuperabrasive(r: MarkingReading, text: string): boolean {
	const { out } = r;
	const plain = text.replace(/^CBN[ -]+(?=B[ -]?\d)/, '');
	const m = GRAIN.exec(plain);
	if (!m) {
		if (!out.shape) return false;
		out.kind = 'superabrasive';
		r.doubt('grain-missing');
		if (plain.trim()) out.unknown.push(plain.trim());
		return true;
	}
	const word = m[1]!;
	const whole = word === 'CBN' || word === 'BN';
	const letter = whole ? 'B' : word.slice(-1);
	out.kind = 'superabrasive';
	out.makerPrefix = whole ? '' : word.slice(0, -1);
	out.abrasive = { letters: letter, family: letter === 'D' ? 'diamond' : 'cbn' };
	const size = readSize(r, m[2]!, word === 'MD');
	const rest = plain.slice(m[0].length);
	const us = US_ORDER.exec(rest);
	if (us) readUsOrder(r, us);
	else {
		if (out.grit!.system === 'mesh' && !m[2]!.includes('/')) ambiguousSize(r, size!, m[2]!);
		readWords(r, rest);
	}
	if (out.concentration && out.concentration.volPercent > MAX_VOL_PERCENT)
		r.doubt('concentration-implausible');
	if (word === 'B' && !out.shape && F_GRITS.has(Number(m[2])) && out.rimDepthMm === null)
		offerConventional(r, text, m[2]!, rest.replace(/[ -]/g, ''));
	return true;
}

function readSize(r: MarkingReading, label: string, micron: boolean): SieveSize | undefined {
	const [first, second] = label.split('/').map(Number) as [number, number | undefined];
	if (second === undefined && (micron || (first < SMALLEST_SIEVE && !sieveByCode(first)))) {
		r.out.dialect = 'fepa';
		r.out.grit = { label, system: 'um', number: first, secondNumber: null, makerDigit: null, meanUm: first };
		return undefined;
	}
	const pair = label.includes('/') ? sieveByPair(label) : undefined;
	const fepa = label.includes('/') ? undefined : sieveByCode(first);
	const mesh = label.includes('/') || fepa ? undefined : sieveByName(first);
	const size = pair ?? fepa ?? mesh;
	const system = pair || mesh ? 'mesh' : fepa ? 'FEPA' : 'unknown';
	if (!size) r.doubt('grain-size-unknown', label);
	r.out.dialect = system === 'mesh' ? 'us-mesh' : 'fepa';
	r.out.grit = {
		label,
		system,
		number: first,
		secondNumber: second ?? null,
		makerDigit: null,
		meanUm: size ? meanOf(size) : null
	};
	return size;
}

function ambiguousSize(r: MarkingReading, mesh: SieveSize, label: string): void {
	const number = Number(label);
	const closest = SIEVE_SIZES.filter((s) => !s.wide).sort(
		(a, b) => Math.abs(a.code - number) - Math.abs(b.code - number) || a.code - b.code
	)[0]!;
	r.doubt('ambiguous-grain-size', label, [
		{ system: 'mesh', fepaCode: mesh.code },
		{ system: 'FEPA', fepaCode: closest.code }
	]);
}

const inches = (text: string): number => {
	const [a, b] = text.split('/').map(Number) as [number, number | undefined];
	return (b === undefined ? a : a / b) * 25.4;
};

function concentration(r: MarkingReading, notation: 'C' | 'V', value: number): void {
	r.out.concentration = { notation, value, volPercent: notation === 'C' ? value * 0.25 : value / 10 };
}

function readUsOrder(r: MarkingReading, us: RegExpExecArray): void {
	const { out } = r;
	out.grade = us[1]!;
	concentration(r, 'C', Number(us[2]));
	out.bond = { letters: us[3]!, family: SUPER_BOND_LETTERS[us[3]!]! };
	out.makerSuffix = us[4]!;
	if (us[5]) out.rimDepthMm = inches(us[5]);
}

function readWords(r: MarkingReading, rest: string): void {
	const { out } = r;
	const words = rest
		.replace(/[-_ ]+/g, ' ')
		.replace(/(^| )C (\d+(?:\.\d+)?)(?= |$)/g, '$1C$2')
		.replace(/(^| )([A-Z])([CV]\d+)(?= |$)/g, '$1$2 $3')
		.trim()
		.split(' ')
		.filter(Boolean);
	const groups: string[] = [];
	words.forEach((word, i) => {
		let m: RegExpExecArray | null;
		const free = out.concentration === null;
		const apart =
			words[i - 1] === 'V' && /^\d+(\.\d+)?$/.test(word) && Number(word) >= 10 && Number(word) <= 400;
		if ((m = /^C(\d+(?:\.\d+)?)$/.exec(word)) && free) concentration(r, 'C', Number(m[1]));
		else if ((m = /^X(\d+(?:\.\d+)?)$/.exec(word)) && out.rimDepthMm === null) out.rimDepthMm = Number(m[1]);
		else if ((m = /^V(\d+(?:\.\d+)?)$/.exec(word)) && free) ruleV(r, groups, Number(m[1]), true, word);
		else if (apart && free) ruleV(r, groups, Number(word), false, `V ${word}`);
		else if (/^[A-Z]+$/.test(word) || (/^[BMVEGSK][A-Z0-9]*\d[A-Z0-9]*$/.test(word) && !/^V\d+$/.test(word)))
			groups.push(word);
		else if (/^(\d+\/[1-9]\d*|\d*\.\d+)$/.test(word) && out.rimDepthMm === null)
			out.rimDepthMm = inches(word);
		else if (/^\d+(\.\d+)?$/.test(word) && Number(word) >= 10 && Number(word) <= 200 && free) {
			concentration(r, 'C', Number(word));
			r.note('concentration-bare');
		} else r.unread(word);
	});
	readGroups(r, groups);
}

/** A number after V: volume notation, or a vitrified bond followed by a concentration. */
function ruleV(r: MarkingReading, groups: string[], n: number, fused: boolean, token: string): void {
	const bondSeen = groups.length >= 2 || (groups.length === 1 && 'BMV'.includes(groups[0]![0]!));
	if (n > 200 || (fused && bondSeen)) {
		concentration(r, 'V', n);
		if (!fused) groups.splice(groups.lastIndexOf('V'), 1);
		return;
	}
	const volume = { bond: null, notation: 'V', value: n };
	const bond = { bond: 'V', notation: 'C', value: n };
	r.doubt('ambiguous-v-number', token, fused ? [volume, bond] : [bond, volume]);
	concentration(r, fused ? 'V' : 'C', n);
}

function readGroups(r: MarkingReading, groups: string[]): void {
	const { out } = r;
	const setBond = (group: string) => {
		out.bond = { letters: group[0]!, family: SUPER_BOND_LETTERS[group[0]!]! };
		out.makerSuffix = group.slice(1);
	};
	const [first, second, ...further] = groups;
	if (first === undefined) return r.note('bond-not-stated');
	if (second === undefined) {
		if (first.length === 1) {
			if ('BVM'.includes(first)) setBond(first);
			else {
				out.grade = first;
				r.note('bond-not-stated');
			}
			const asBond = { bond: first, grade: null };
			const asGrade = { bond: null, grade: first };
			if ('MKEGS'.includes(first))
				r.doubt('ambiguous-letter', first, first === 'M' ? [asBond, asGrade] : [asGrade, asBond]);
		} else if ('BMV'.includes(first[0]!)) setBond(first);
		else {
			r.unread(first);
			r.note('bond-not-stated');
		}
		return;
	}
	if (first.length === 1) out.grade = first;
	else r.unread(first);
	if (Object.hasOwn(SUPER_BOND_LETTERS, second[0]!)) setBond(second);
	else {
		r.unread(second);
		r.note('bond-not-stated');
	}
	for (const group of further) r.unread(group);
}

/** Old conventional markings use B as a maker's abrasive letter: offer that reading when the rest fits the conventional order. */
function offerConventional(r: MarkingReading, text: string, grit: string, rest: string): void {
	const m = CONVENTIONAL_REST.exec(rest);
	if (!m) return;
	const digits = Number(m[2]);
	const structure = digits <= 16 ? digits : null;
	r.doubt('ambiguous-kind', text, [
		{ kind: 'superabrasive' },
		{
			kind: 'conventional',
			abrasive: { letters: 'B', family: null },
			grit: Number(grit),
			grade: m[1],
			structure,
			structureRaw: structure === null ? m[2] : null,
			bond: { letters: m[3], family: BOND_LETTERS[m[3]!] }
		}
	]);
}
