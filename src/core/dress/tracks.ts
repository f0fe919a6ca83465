import { floorKind } from '../numeric/rounding.js';

/** Points of a nib that cut: how far apart they stand, how many, and how wide they are together. */
export interface Nib {
	pitchUm: number;
	points: number;
	effectiveUm: number;
}

const SLACK = 1 + 1e-9;

/** Where the tracks fall over one lead, in order, in um from the first. */
function tracks(nib: Nib, leadUm: number): number[] {
	return Array.from({ length: nib.points }, (_, i) => (i * nib.pitchUm) % leadUm).sort((a, b) => a - b);
}

/** The largest distance between neighbouring tracks, going round the lead, in um. */
export function largestGap(nib: Nib, leadUm: number): number {
	const at = tracks(nib, leadUm);
	return at.reduce((most, t, i) => Math.max(most, (i + 1 < at.length ? at[i + 1]! : at[0]! + leadUm) - t), 0);
}

/** Tracks of a lead cannot lie closer than evenly: a longer lead than this has a wider gap, whatever its numbers. */
const longest = (nib: Nib, gapUm: number): number => nib.points * gapUm * SLACK;

/** The longest whole lead up to a share of the width whose gaps are no wider than wanted; that share itself where there is none. */
export function suggestedLead(nib: Nib, share: number, gapUm: number): number {
	const most = floorKind(share * nib.effectiveUm);
	for (let lead = Math.min(most, Math.floor(longest(nib, gapUm))); lead >= 1; lead--)
		if (largestGap(nib, lead) <= gapUm * SLACK) return lead;
	return most;
}

/** The lead nearest to this one, by whole micrometres and no wider than the nib, whose gaps are no wider than wanted. */
export function clearLead(nib: Nib, leadUm: number, gapUm: number): number {
	const most = longest(nib, gapUm);
	const clears = (lead: number) =>
		lead > 0 && lead <= nib.effectiveUm && lead <= most && largestGap(nib, lead) <= gapUm;
	for (let k = Math.max(1, Math.ceil(leadUm - most)); leadUm - k > 0 || leadUm + k <= most; k++)
		for (const lead of [leadUm - k, leadUm + k]) if (clears(lead)) return lead;
	return gapUm;
}
