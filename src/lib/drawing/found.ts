import type { Reason, Verdict } from '$core/calculation/verdict';

/**
 * What a finding says of one thing that is drawn, by the codes that may be said of it: a drawing never judges. Null while nothing was found.
 * @example found({ reasons: [{ severity: 'stop', code: 'rest-gap', message: '' }] }, 'rest-gap') // 'stop'
 */
export function found(
	out: { reasons?: readonly Pick<Reason, 'code' | 'severity'>[] } | null,
	...codes: string[]
): Verdict | null {
	if (out === null) return null;
	const said = (out.reasons ?? []).filter((r) => codes.includes(r.code)).map((r) => r.severity);
	return said.includes('stop') ? 'stop' : said.length ? 'caution' : 'ok';
}
