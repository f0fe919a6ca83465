import type { Findings } from '../calculation/verdict.js';

const [FALLS_OUT, HIGH] = [50, 30];

/** How far grains may be bared, in percent of their size: at half of it they fall out. */
export function judgeProtrusion(findings: Findings, protrusionPercent: number): Findings {
	return findings
		.stop(
			'grains-will-fall-out',
			protrusionPercent >= FALLS_OUT,
			'Half of the grain and more would be bare: it falls out. Bare a fifth of it.'
		)
		.caution(
			'protrusion-high',
			protrusionPercent > HIGH && protrusionPercent < FALLS_OUT,
			'The grains would stand far out and hold badly.'
		);
}
