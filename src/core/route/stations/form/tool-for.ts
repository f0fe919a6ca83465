import type { Tool } from '../../../form/tool.js';
import type { DresserFacts } from '../../../facts/shop.js';
import { InputFault } from '../../../calculation/fault.js';
import type { FormingMethod } from './forming-method.js';

/** A measure that the shop keeps of a dresser. @throws InputFault `missing` where it does not @example ofDresser(100, 'Distance of the pins') // 100 */
export function ofDresser(value: number | null | undefined, what: string): number {
	if (value === null || value === undefined)
		throw new InputFault(
			'dresserCode',
			'missing',
			`${what} of this dresser is not on record. Enter it under Shop, or take another one.`
		);
	return value;
}

/** What touches the wheel, as the calculations of a form take it; a roll is its own mirror and has none. @throws InputFault `missing` */
export function toolFor(way: FormingMethod, d: DresserFacts | null): Tool | null {
	if (way === 'roll') return null;
	const plain = {
		includedAngleDeg: null,
		clearanceMm: 0,
		wireDiameterMm: null,
		gapUm: 25,
		tipRadiusMm: null
	};
	if (way === 'wire') return { ...plain, kind: 'wire', wireDiameterMm: ofDresser(d?.wireMm, 'Wire') };
	const tipRadiusMm = ofDresser(d?.tipRadiusUm, 'Tip radius') / 1000;
	return d?.kind === 'disc'
		? { ...plain, kind: 'disc', tipRadiusMm }
		: { ...plain, kind: 'single-point', tipRadiusMm, includedAngleDeg: d?.tipAngleDeg ?? null };
}
