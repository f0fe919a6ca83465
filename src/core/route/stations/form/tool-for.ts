import type { Tool } from '../../../form/tool.js';
import type { DresserFacts } from '../../facts.js';
import { told } from '../dress/wheel.js';
import type { FormWay } from './way.js';

/** What touches the wheel, as the calculations of a form take it; a roll is its own mirror and has none. @throws InputFault `missing` */
export function toolFor(way: FormWay, d: DresserFacts | null): Tool | null {
	if (way === 'roll') return null;
	const plain = {
		includedAngleDeg: null,
		clearanceMm: 0,
		wireDiameterMm: null,
		gapUm: 25,
		tipRadiusMm: null
	};
	if (way === 'wire')
		return { ...plain, kind: 'wire', wireDiameterMm: told(d?.wireMm, 'dresserCode', 'Wire of the dresser') };
	const tipRadiusMm = told(d?.tipRadiusUm, 'dresserCode', 'Tip radius of the dresser') / 1000;
	return d?.kind === 'disc'
		? { ...plain, kind: 'disc', tipRadiusMm }
		: { ...plain, kind: 'single-point', tipRadiusMm, includedAngleDeg: d?.tipAngleDeg ?? null };
}
