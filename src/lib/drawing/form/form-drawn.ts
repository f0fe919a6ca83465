import type { RawSegment } from '$core/form/profile/chain';
import { chainOf } from '$core/form/profile/chain';
import { tryOrNull } from '$core/calculation/attempt';
import { offsetPath } from '$core/form/profile/offset-path';
import type { Segment } from '$core/form/profile/segment';
import { type Left, leftPlaces } from '$core/form/profile/unreached';
import { type Tool, offsetOf } from '$core/form/tool';

/** What of a form can be drawn from what is typed so far: its chain, and with a tool its path and what that leaves. */
export interface FormDrawn {
	chain: Segment[];
	path: Segment[];
	left: Left[];
	rho: number;
	stoneDeg: number | null;
}

/** More segments than this are computed off the page: a key must be answered within a blink. */
export const LONG = 120;
export const isLong = (values: Record<string, unknown>): boolean =>
	Array.isArray(values.segments) && values.segments.length > LONG;

/** The drawing of a chain with its tool; null while the chain is not right. Of a long one only the chain. */
export function formDrawn(segments: unknown, tool: unknown): FormDrawn | null {
	const chain =
		Array.isArray(segments) && segments.length ? tryOrNull(() => chainOf(segments as RawSegment[])) : null;
	if (!chain) return null;
	const t = chain.length > LONG ? null : (tool as Tool | null | undefined);
	const rho = t ? tryOrNull(() => offsetOf(t)) : null;
	const path = rho === null ? null : tryOrNull(() => offsetPath(chain, rho));
	return {
		chain,
		path: path?.segments ?? [],
		left: path && rho ? leftPlaces(chain, path, rho) : [],
		rho: rho ?? 0,
		stoneDeg: t?.includedAngleDeg ?? null
	};
}
