import type { PackItem } from './pack-fields.js';

export interface PackPosition {
	kind: 'wheel' | 'spacer' | 'washer';
	backMm: number;
	frontMm: number;
	rimBackMm?: number;
	rimFrontMm?: number;
	maxSpeedRpm?: number;
}
export interface PackDifference {
	item: number;
	backDiffMm: number;
	frontDiffMm: number;
	diameterDiffMm: number;
	cornerBackDiffMm: number | null;
	cornerFrontDiffMm: number | null;
}

/** The fastest one wheel of the stack may turn: a worn one earns no more. */
const wheelRpm = (i: PackItem): number =>
	Math.min(
		i.maxSpeedRpm ?? Infinity,
		i.maxSpeedMps === null
			? Infinity
			: (i.maxSpeedMps * 60000) / (Math.PI * (i.newDiameterMm ?? i.diameterMm!))
	);

/** Where everything in the stack lies, from the shoulder. */
export function positionsOf(items: readonly PackItem[]): {
	positions: PackPosition[];
	stackLengthMm: number;
} {
	let at = 0;
	const positions = items.map((item): PackPosition => {
		const [backMm, frontMm] = [at, (at += item.thicknessMm)];
		if (item.kind !== 'wheel') return { kind: item.kind, backMm, frontMm };
		const rimBackMm = backMm + item.rimBackOffsetMm;
		return {
			kind: item.kind,
			backMm,
			frontMm,
			rimBackMm,
			rimFrontMm: rimBackMm + (item.rimWidthMm ?? item.thicknessMm),
			maxSpeedRpm: wheelRpm(item)
		};
	});
	return { positions, stackLengthMm: at };
}

const minus = (m: number | null, nominal: number | null): number | null =>
	m === null || nominal === null ? null : m - nominal;

/** How far a wheel was measured from where it was planned; null while nobody has measured it. */
export function differenceOf(item: PackItem, n: number, p: PackPosition): PackDifference | null {
	const measured = item.measured;
	if (!measured) return null;
	return {
		item: n,
		backDiffMm: measured.rimBackMm - p.rimBackMm!,
		frontDiffMm: measured.rimFrontMm - p.rimFrontMm!,
		diameterDiffMm: measured.diameterMm - item.diameterMm!,
		cornerBackDiffMm: minus(measured.cornerRadiusBackMm, item.cornerRadiusBackMm),
		cornerFrontDiffMm: minus(measured.cornerRadiusFrontMm, item.cornerRadiusFrontMm)
	};
}
