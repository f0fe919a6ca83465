/** Averaged power over frequency bins, with the band that is looked at. */
export interface Spectrum {
	power: Float64Array;
	/** Points of the transform it was made with. */
	size: number;
	hzPerBin: number;
	low: number;
	high: number;
}
export interface Peak {
	bin: number;
	hz: number;
	power: number;
}
export interface Group {
	leader: Peak;
	twin: Peak | null;
	centreHz: number;
}

const MAX_GROUPS = 5;
const TOGETHER = 0.06;

/** Frequency of a peak between the bins: a parabola through three of them in decibels. */
export function refinedHz(s: Spectrum, bin: number): number {
	const [a, b, c] = [-1, 0, 1].map((d) => 10 * Math.log10(Math.max(s.power[bin + d] ?? 0, 1e-300))) as [
		number,
		number,
		number
	];
	const bend = a - 2 * b + c;
	return (bin + (bend < 0 ? (0.5 * (a - c)) / bend : 0)) * s.hzPerBin;
}

/** Local maxima of the band down to a thousandth of the strongest, strongest first. */
export function findPeaks(s: Spectrum): Peak[] {
	let top = 0;
	for (let k = s.low; k <= s.high; k++) top = Math.max(top, s.power[k]!);
	const peaks: Peak[] = [];
	for (let k = Math.max(1, s.low); k <= s.high; k++) {
		const p = s.power[k]!;
		if (p >= top / 1000 && p > s.power[k - 1]! && p >= (s.power[k + 1] ?? 0))
			peaks.push({ bin: k, hz: refinedHz(s, k), power: p });
	}
	return peaks.sort((a, b) => b.power - a.power);
}

function lowestBetween(s: Spectrum, a: number, b: number): number {
	let low = Infinity;
	for (let k = Math.min(a, b); k <= Math.max(a, b); k++) low = Math.min(low, s.power[k]!);
	return low;
}

/** Notes of the wheel: peaks that stand apart lead a group, what lies within six per cent joins it, a strong companion is the twin. */
export function groupPeaks(s: Spectrum, peaks: readonly Peak[]): Group[] {
	const groups: { leader: Peak; others: Peak[] }[] = [];
	for (const peak of peaks) {
		const home = groups.find((group) => Math.abs(peak.hz - group.leader.hz) <= TOGETHER * group.leader.hz);
		if (home) home.others.push(peak);
		else if (
			groups.length < MAX_GROUPS &&
			groups.every((group) => lowestBetween(s, peak.bin, group.leader.bin) <= peak.power / 4)
		)
			groups.push({ leader: peak, others: [] });
	}
	return groups.map(({ leader, others }) => {
		const twin =
			others.find(
				(other) =>
					other.power >= leader.power * 10 ** -1.2 &&
					lowestBetween(s, other.bin, leader.bin) <= other.power * 10 ** -0.3
			) ?? null;
		return { leader, twin, centreHz: twin ? (leader.hz + twin.hz) / 2 : leader.hz };
	});
}
