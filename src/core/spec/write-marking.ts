import { plainNumber } from '../numeric/rounding.js';
import { sieveByCode, sieveByName, sieveByPair, type SieveSize } from './grit-tables.js';
import type { Marking } from './marking.js';

export type MarkingForm = 'same' | 'fepa' | 'us-mesh';
/** What is written of grain and bond are its letters; what they stand for need not be known here. */
interface Letters {
	letters: string;
	family: string | null;
}
export type Writable = Omit<Marking, 'dialect' | 'shapeParts' | 'abrasive' | 'bond'> & {
	abrasive: Letters | null;
	bond: Letters | null;
};

const join = (parts: (string | null | undefined | false)[]): string => parts.filter(Boolean).join(' ');
const bondText = (m: Writable): string => m.bondPrefix + (m.bond?.letters ?? '') + m.makerSuffix;

/** The tabulated size behind a superabrasive grit, whichever way it was written. */
export function sieveOf(grit: NonNullable<Marking['grit']>): SieveSize | undefined {
	if (grit.system === 'FEPA') return sieveByCode(grit.number);
	if (grit.system !== 'mesh') return undefined;
	return grit.secondNumber === null
		? (sieveByName(grit.number) ?? sieveByPair(grit.label))
		: sieveByPair(`${grit.number}/${grit.secondNumber}`);
}

/** Prints a marking; `same` keeps mesh sizes as mesh and everything else as FEPA. */
export function writeMarking(m: Writable, to: MarkingForm): string {
	const body =
		m.kind === 'conventional'
			? conventional(m)
			: to === 'us-mesh' || (to === 'same' && m.grit!.system === 'mesh')
				? usMesh(m)
				: fepa(m);
	return join([
		...body,
		...leftovers(m),
		m.maxSpeedMps !== null && `${plainNumber(m.maxSpeedMps)} m/s`,
		m.maxSpeedRpm !== null && `${plainNumber(m.maxSpeedRpm)} rpm`
	]);
}

function conventional(m: Writable): string[] {
	const sizes = m.dimsMm.length ? m.dimsMm.map(plainNumber).join('x') : '';
	const grit = m.grit!;
	return [
		m.shape && sizes ? `${m.shape}-${sizes}` : sizes || (m.shape ?? ''),
		m.makerPrefix + m.abrasive!.letters,
		`${grit.number}${grit.secondNumber === null ? '' : `/${grit.secondNumber}`}${grit.makerDigit ?? ''}`,
		m.grade ?? '',
		m.structure !== null ? String(m.structure) : (m.structureRaw ?? ''),
		bondText(m)
	];
}

const shapeAndSizes = (m: Writable): string[] => [m.shape ?? '', m.dimsMm.map(plainNumber).join('-')];

function fepa(m: Writable): string[] {
	const code = ['um', 'unknown'].includes(m.grit!.system) ? m.grit!.label : String(sieveOf(m.grit!)!.code);
	const c = m.concentration;
	return [
		...shapeAndSizes(m),
		m.makerPrefix + m.abrasive!.letters + code,
		m.grade ?? '',
		bondText(m),
		c ? c.notation + plainNumber(c.value) : '',
		m.rimDepthMm === null ? '' : `X${plainNumber(m.rimDepthMm)}`
	];
}

function usMesh(m: Writable): string[] {
	const size = sieveOf(m.grit!);
	const name = size
		? size.name === null
			? size.pair
			: m.grit!.secondNumber !== null
				? m.grit!.label
				: String(size.name)
		: m.grit!.label;
	const c = m.concentration
		? plainNumber(m.concentration.notation === 'C' ? m.concentration.value : m.concentration.value * 0.4)
		: null;
	const head = [...shapeAndSizes(m), m.makerPrefix + m.abrasive!.letters, name, m.grade ?? ''];
	if (m.grade && m.bond && c !== null)
		return [...head, c, bondText(m), m.rimDepthMm === null ? '' : inchText(m.rimDepthMm / 25.4)];
	return [
		...head,
		bondText(m),
		c === null ? '' : `C${c}`,
		m.rimDepthMm === null ? '' : `X${plainNumber(m.rimDepthMm)}`
	];
}

/** Lowest-terms fraction of 64ths where it is one, three decimals otherwise. */
function inchText(inch: number): string {
	const n = Math.round(inch * 64);
	if (n % 64 === 0 || Math.abs(inch - n / 64) > 1e-6) return inch.toFixed(3);
	const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
	const g = gcd(n, 64);
	return `${n / g}/${64 / g}`;
}

function leftovers(m: Writable): string[] {
	const rest = [...m.unknown];
	const drop = (token: string) => {
		const i = rest.indexOf(token);
		if (token && i >= 0) rest.splice(i, 1);
	};
	drop(m.bondPrefix);
	if (m.abrasive!.family === null) drop(m.abrasive!.letters);
	return rest;
}
