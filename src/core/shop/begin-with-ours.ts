import type { Ours, ShopBaselines } from './ours.js';

const MINUTES_A_DAY = 480;

/** Of the shop's own times what a forecast begins with, once there are enough of them. */
export function ownTimes(ours: { cycleS: Ours | null; redressS: Ours | null } | null) {
	const { cycleS, redressS } = ours ?? { cycleS: null, redressS: null };
	return {
		...(cycleS?.enough ? { partsPerDay: Math.max(1, Math.round((60 * MINUTES_A_DAY) / cycleS.median)) } : {}),
		...(redressS?.enough ? { redressTimeMin: Math.round(redressS.median / 6) / 10 } : {})
	};
}

/**
 * How a form wears, to begin with: as forms measured here did, or as the diameters of wheels here went down, whose corners wear faster by
 * so much; once there are enough of either, else by what is measured now.
 */
export function ownWear(
	ours: Pick<ShopBaselines, 'lossUmPerMm' | 'wornUmPerMm'> | null,
	cornerFactor: number
) {
	const { lossUmPerMm: form, wornUmPerMm: wheel } = ours ?? { lossUmPerMm: null, wornUmPerMm: null };
	const known = form?.enough ? form.median : wheel?.enough ? cornerFactor * wheel.median : 0;
	const lossUmPerMm = Math.round(1000 * known) / 1000;
	return lossUmPerMm > 0
		? { source: 'measured', lossUmPerMm, redressUm: 30 }
		: { source: 'points', redressUm: 30 };
}
