import type { Ours } from '$core/shop/ours';

const MINUTES_A_DAY = 480;

/** Of the shop's own times what a forecast begins with, once there are enough of them. */
export function ownTimes(ours: { cycleS: Ours | null; redressS: Ours | null } | null) {
	const { cycleS, redressS } = ours ?? { cycleS: null, redressS: null };
	return {
		...(cycleS?.enough ? { partsPerDay: Math.max(1, Math.round((60 * MINUTES_A_DAY) / cycleS.median)) } : {}),
		...(redressS?.enough ? { redressTimeMin: Math.round(redressS.median / 6) / 10 } : {})
	};
}

/** How a form wears, to begin with: as it did before, once there are enough such readings, else by what is measured. */
export const ownWear = (ours: Ours | null) =>
	ours?.enough
		? { source: 'measured', lossUmPerMm: Math.round(1000 * ours.median) / 1000, redressUm: 30 }
		: { source: 'points', redressUm: 30 };
