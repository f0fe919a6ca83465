import { ABRASIVE_LETTERS, type AbrasiveFamily, BOND_LETTERS } from './families.js';
import { F_GRITS, SPEED_STEPS, nearestGritNumbers } from './grit-tables.js';
import type { MarkingReading } from './marking-reading.js';

const N = String.raw`(\d+(?:\.\d+)?)`;
const SIZES = new RegExp(
	String.raw`^(?:TYPE ?|T ?)?(?:(\d{1,2})(?: ?([A-P]))? ?[\- ] ?)?${N} ?X ?${N} ?X ?${N}(?=[ \-]|$)[ \-]*`
);
const F_MARK = /^(\d*[ -]*[A-Z]*[ACZ])[ -]*\/?F ?(?=\d)/;
type Seven = [string, string, string, string, string, string, string];
const BODY = /^(\d*)([A-Z]+)(\d+(?:\/\d+)?)([A-Z]?)(\d*)([A-Z]*)(.*)$/;

const bondOf = (letters: string) => ({ letters, family: BOND_LETTERS[letters] ?? null });

/** Reads a marking in the conventional order (ISO 525): [sizes] abrasive grit grade structure bond. */
export function readConventional(
	r: MarkingReading,
	text: string,
	aliases: ReadonlyMap<string, AbrasiveFamily>
): void {
	const { out } = r;
	const sizes = SIZES.exec(text);
	if (sizes) {
		out.shape = sizes[1] ?? null;
		out.dimsMm = [Number(sizes[3]), Number(sizes[4]), Number(sizes[5])];
		out.dimensions = {
			diameterMm: out.dimsMm[0]!,
			thicknessMm: out.dimsMm[1]!,
			rimDepthMm: null,
			boreMm: out.dimsMm[2]!
		};
		text = text.slice(sizes[0].length);
	}
	const body = BODY.exec(text.replace(F_MARK, '$1').replace(/[ \-_]/g, ''));
	if (!body) {
		r.doubt('not-understood');
		if (text.trim()) out.unknown.push(text.trim());
		return;
	}
	// Every group of the pattern is always there, empty at least.
	const [pre, ab, grit, grade, digits, run, rest] = [1, 2, 3, 4, 5, 6, 7].map((i) => body[i] ?? '') as Seven;
	out.kind = out.dialect = 'conventional';
	out.grade = grade || null;
	const bondFirst = readAbrasive(r, pre, ab, run, aliases);
	readGrit(r, grit);
	if (!grade) r.doubt('grade-missing');
	readStructure(r, digits);
	readBond(r, bondFirst, grade, digits, run, rest);
	if (!bondFirst) readLastSpeed(r, text);
	if (
		out.maxSpeedMps === null &&
		out.maxSpeedRpm === null &&
		SPEED_STEPS.some((s) => String(s) === out.makerSuffix)
	) {
		r.doubt('ambiguous-trailing-number', out.makerSuffix, [
			{ makerSuffix: out.makerSuffix },
			{ maxSpeedMps: Number(out.makerSuffix) }
		]);
	}
}

/** A bare last number behind the bond, set apart and one of the usual speeds, is the speed in m/s; run together it stays in doubt. */
function readLastSpeed(r: MarkingReading, text: string): void {
	const { out } = r;
	const last = /[ -]+(\d+)$/.exec(text)?.[1];
	if (last === undefined || !out.bond || out.maxSpeedMps !== null || out.maxSpeedRpm !== null) return;
	if (!out.makerSuffix.endsWith(last) || !SPEED_STEPS.some((s) => String(s) === last)) return;
	out.maxSpeedMps = Number(last);
	out.makerSuffix = out.makerSuffix.slice(0, -last.length);
}

function readAbrasive(
	r: MarkingReading,
	pre: string,
	ab: string,
	run: string,
	aliases: ReadonlyMap<string, AbrasiveFamily>
): boolean {
	const { out } = r;
	const family = (letters: string): AbrasiveFamily | undefined =>
		aliases.get(letters) ??
		(Object.hasOwn(ABRASIVE_LETTERS, letters) ? ABRASIVE_LETTERS[letters] : undefined);
	let letters = ab;
	let prefix = pre;
	let bondFirst = false;
	if (!family(ab)) {
		const tail = ab.slice(1);
		const tails = Array.from({ length: Math.max(0, ab.length - 1) }, (_, i) => ab.slice(i + 1));
		if (run === '' && 'VBER'.includes(ab[0]!) && tail !== '' && family(tail)) {
			bondFirst = true;
			letters = tail;
			out.bond = bondOf(ab[0]!);
			r.doubt('bond-letter-first', ab, [
				{ bond: ab[0], makerPrefix: pre },
				{ bond: null, makerPrefix: pre + ab[0] }
			]);
		} else {
			const known = tails.find((t) => family(t));
			if (known) {
				letters = known;
				prefix += ab.slice(0, ab.length - known.length);
			} else {
				out.unknown.push(ab);
				r.doubt('abrasive-unknown', ab);
			}
		}
	}
	out.abrasive = { letters, family: family(letters) ?? null };
	out.makerPrefix = prefix;
	if (letters === 'SA' && !aliases.has('SA'))
		r.doubt('ambiguous-abrasive', 'SA', [{ family: 'alumina-mono' }, { family: 'alumina-ceramic' }]);
	return bondFirst;
}

function readGrit(r: MarkingReading, label: string): void {
	const [printed, second] = label.split('/').map(Number) as [number, number | undefined];
	let number = printed;
	let makerDigit: string | null = null;
	if (second !== undefined) r.note('combination-grit');
	else if (!F_GRITS.has(number) && label.length >= 3 && F_GRITS.has(Number(label.slice(0, -1)))) {
		makerDigit = label.slice(-1);
		r.doubt('grit-with-maker-digit', label, [
			{ number: Number(label.slice(0, -1)), makerDigit },
			{ number, makerDigit: null }
		]);
		number = Number(label.slice(0, -1));
	}
	const known = F_GRITS.get(number) ?? null;
	if (known === null)
		r.doubt(
			'grit-not-in-series',
			label,
			nearestGritNumbers(Math.max(number, 0.5))
				.slice(0, 2)
				.map((n) => ({ number: n }))
		);
	r.out.grit = {
		label,
		system: known === null ? 'unknown' : 'F',
		number,
		secondNumber: second ?? null,
		makerDigit,
		meanUm: known
	};
}

function readStructure(r: MarkingReading, digits: string): void {
	const { out } = r;
	if (digits === '') return r.note('structure-not-stated');
	const value = Number(digits);
	if (digits.length <= 2 && value <= 16) {
		out.structure = value;
		return;
	}
	out.structureRaw = digits;
	const readings: Record<string, unknown>[] = [{ structure: Number(digits[0]), makerCode: digits.slice(1) }];
	const two = Number(digits.slice(0, 2));
	if (digits.length >= 3 && two >= 10 && two <= 16)
		readings.push({ structure: two, makerCode: digits.slice(2) });
	readings.push({ structure: null, makerCode: digits });
	if (digits.length === 2) readings.push({ structure: value, makerCode: '' });
	r.doubt('ambiguous-structure', digits, readings);
}

function readBond(
	r: MarkingReading,
	bondFirst: boolean,
	grade: string,
	digits: string,
	run: string,
	rest: string
): void {
	const { out } = r;
	const gradeLooksLikeBond = grade !== '' && 'VBER'.includes(grade) && digits === '';
	const either = () =>
		r.doubt('ambiguous-grade-bond', grade, [
			{ bond: grade, grade: null },
			{ bond: null, grade }
		]);
	if (bondFirst) {
		out.makerSuffix = run + rest;
		return;
	}
	if (gradeLooksLikeBond && run === '') {
		out.bond = bondOf(grade);
		out.grade = null;
		out.makerSuffix = rest;
		return either();
	}
	for (let i = 0; i < run.length; i++) {
		const found = Object.keys(BOND_LETTERS).find((b) => run.startsWith(b, i));
		if (!found) continue;
		out.bond = bondOf(found);
		out.bondPrefix = run.slice(0, i);
		r.unread(out.bondPrefix);
		out.makerSuffix = run.slice(i + found.length) + rest;
		if (gradeLooksLikeBond) either();
		return;
	}
	r.unread(run + rest);
	r.doubt('bond-missing');
}
