import { DEG, type Vec, angleOf, len, sub, vec, wrap180 } from '../numeric/angles.js';
import { SLACK } from '../numeric/rounding.js';

interface Place {
	deg: number;
	mass: number;
}

/**
 * Least total mass on fixed directions, none above `maxG`, that makes the correction: a linear programme in two equations. By its
 * dual, an optimum has every hole on one side of a line full, those beyond it empty and at most two, on the line, in between, so
 * every pair of holes is tried as those two. Null when there is none.
 */
export function leastMasses(
	correction: Vec,
	holesDeg: readonly number[],
	radiusMm: number,
	maxG: number
): number[] | null {
	const c = len(correction);
	if (c < SLACK) return holesDeg.map(() => 0);
	// Holes at one angle count as one that takes more.
	const groups: { deg: number; holes: number[] }[] = [];
	holesDeg.forEach((deg, i) => {
		const g = groups.find((group) => Math.abs(wrap180(group.deg - deg)) < 1e-9);
		if (g) g.holes.push(i);
		else groups.push({ deg, holes: [i] });
	});
	const dirs = groups.map((group) => vec(radiusMm, group.deg));
	const caps = groups.map((group) => maxG * group.holes.length);
	const eps = (SLACK * c) / radiusMm;
	let best: { total: number; masses: number[] } | null = null;
	const offer = (masses: number[]) => {
		const total = masses.reduce((s, m) => s + m, 0);
		if (!best || total < best.total - eps) best = { total, masses };
	};
	groups.forEach((group, i) => {
		const off = Math.abs(wrap180(angleOf(correction) - group.deg));
		if (c * Math.sin(off * DEG) <= SLACK * c && off < 90 && c / radiusMm <= caps[i]! + eps)
			offer(groups.map((_, k) => (k === i ? c / radiusMm : 0)));
	});
	for (let i = 0; i < groups.length; i++)
		for (let j = i + 1; j < groups.length; j++) {
			const [a, b] = [dirs[i]!, dirs[j]!];
			const det = a.x * b.y - a.y * b.x;
			if (Math.abs(det) < SLACK * radiusMm * radiusMm) continue;
			// The line on which both lie: y with y.a = y.b = 1.
			const y = { x: (b.y - a.y) / det, y: (a.x - b.x) / det };
			let rest = correction;
			const masses = groups.map((_, k) => {
				const full = k !== i && k !== j && y.x * dirs[k]!.x + y.y * dirs[k]!.y > 1 + SLACK;
				if (full) rest = sub(rest, { x: caps[k]! * dirs[k]!.x, y: caps[k]! * dirs[k]!.y });
				return full ? caps[k]! : 0;
			});
			if (masses.some((mass) => !Number.isFinite(mass))) continue;
			const mi = (rest.x * b.y - rest.y * b.x) / det;
			const mj = (a.x * rest.y - a.y * rest.x) / det;
			if (mi < -eps || mj < -eps || mi > caps[i]! + eps || mj > caps[j]! + eps) continue;
			masses[i] = Math.max(0, mi);
			masses[j] = Math.max(0, mj);
			offer(masses);
		}
	if (!best) return null;
	const spread = new Array<number>(holesDeg.length).fill(0);
	groups.forEach((group, k) => {
		let left = (best as { masses: number[] }).masses[k]!;
		for (const hole of group.holes) {
			const m = Math.min(left, maxG);
			spread[hole] = m;
			left -= m;
		}
	});
	return spread;
}

/** Masses in steps: every way of rounding up to eight of them down or up, the least residual, the lighter on a tie; beyond eight each to the nearest. */
export function inSteps(
	correction: Vec,
	holesDeg: readonly number[],
	radiusMm: number,
	exact: readonly number[],
	stepG: number,
	maxG: number
): number[] {
	const used: Place[] = [];
	const at: number[] = [];
	exact.forEach((mass, i) => {
		if (mass > 0) {
			used.push({ deg: holesDeg[i]!, mass });
			at.push(i);
		}
	});
	const down = used.map((p) => Math.floor(p.mass / stepG + 1e-9) * stepG);
	const up = used.map((p, i) => {
		const m = Math.ceil(p.mass / stepG - 1e-9) * stepG;
		return m > maxG + 1e-12 ? down[i]! : m;
	});
	let chosen = used.map((p, i) => (p.mass - down[i]! < up[i]! - p.mass ? down[i]! : up[i]!));
	if (used.length <= 8) {
		let best = { residual: Infinity, total: Infinity };
		for (let bits = 0; bits < 1 << used.length; bits++) {
			const masses = used.map((_, i) => (bits & (1 << i) ? up[i]! : down[i]!));
			const residual =
				Math.round(
					1e6 *
						len(
							leftOver(
								correction,
								used.map((p) => p.deg),
								radiusMm,
								masses
							)
						)
				) / 1e6;
			const total = masses.reduce((s, m) => s + m, 0);
			if (residual < best.residual || (residual === best.residual && total < best.total - 1e-12)) {
				best = { residual, total };
				chosen = masses;
			}
		}
	}
	const out = exact.map(() => 0);
	at.forEach((hole, i) => {
		out[hole] = chosen[i]!;
	});
	return out;
}

/** What masses at these holes leave of the correction. */
export function leftOver(
	correction: Vec,
	holesDeg: readonly number[],
	radiusMm: number,
	masses: readonly number[]
): Vec {
	return masses.reduce<Vec>((v, m, i) => sub(v, vec(m * radiusMm, holesDeg[i]!)), correction);
}
