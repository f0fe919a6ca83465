import { mps, over0, rpm } from '../calculation/field/index.js';
import type { Findings } from '../calculation/verdict.js';

/** What is marked on the wheel. Both are asked for: a worn wheel passes its marked rpm long before its m/s. */
export const RATED_FIELDS = [
	mps('ratedSpeedMps', 'On the wheel', { ...over0(500), label: 'Marked speed' }),
	rpm('ratedSpeedRpm', 'On the wheel', { ...over0(200000), label: 'Marked rpm' })
] as const;

interface Rated {
	ratedSpeedMps: number | null;
	ratedSpeedRpm: number | null;
}

/** Neither of the marked limits is passed. */
export function judgeRated(findings: Findings, v: Rated, speedMps: number, speedRpm: number): Findings {
	const fast = v.ratedSpeedMps !== null && speedMps > v.ratedSpeedMps;
	const quick = v.ratedSpeedRpm !== null && speedRpm > v.ratedSpeedRpm;
	return findings.stop(
		'over-rated-speed',
		fast || quick,
		fast
			? `${speedMps.toFixed(1)} m/s is above the ${v.ratedSpeedMps} m/s marked on it.`
			: `${speedRpm} rpm is above the ${v.ratedSpeedRpm} rpm marked on it.`
	);
}
