import { type IncidentEvent, MECHANICAL } from './incident-fields.js';

/** After a crash a taper or seat may run out no more than this, full reading, µm (guideline; the machine's own figure wins). */
export const TAPER_LIMIT_UM = 12;
/** Met by measuring again and by nothing else: nobody ticks it. */
export const REMEASURE = 'clean-and-remeasure';

/** An incident's plan as the shop works it: a hurt taper stops it, and cleaning counts only with the reading taken after it. */
export function inShopPlan<I extends Record<string, unknown>>(
	input: I
): I & { taperLimitUm: number; done: string[] } {
	const done = (Array.isArray(input.done) ? (input.done as string[]) : []).filter(
		(code) => code !== REMEASURE
	);
	return { ...input, taperLimitUm: Number(input.taperLimitUm ?? TAPER_LIMIT_UM), done };
}

/** What is still asked before a plan is closed, beside its steps; null when nothing is. */
export function causeAsked(
	event: string,
	findings: { cause?: unknown; causeNote?: unknown } | null
): string | null {
	if (!MECHANICAL.includes(event as IncidentEvent)) return null;
	if (!findings?.cause)
		return 'Say why it happened: what is not known happens again. It stays with the incident.';
	if (findings.cause === 'other' && !findings.causeNote) return 'Say in a sentence why it happened.';
	return null;
}
