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
	const positions = items.map((i): PackPosition => {
		const [backMm, frontMm] = [at, (at += i.thicknessMm)];
		if (i.kind !== 'wheel') return { kind: i.kind, backMm, frontMm };
		const rimBackMm = backMm + i.rimBackOffsetMm;
		return {
			kind: i.kind,
			backMm,
			frontMm,
			rimBackMm,
			rimFrontMm: rimBackMm + (i.rimWidthMm ?? i.thicknessMm),
			maxSpeedRpm: wheelRpm(i)
		};
	});
	return { positions, stackLengthMm: at };
}

const minus = (m: number | null, nominal: number | null): number | null =>
	m === null || nominal === null ? null : m - nominal;

/** How far a wheel was measured from where it was planned; null while nobody has measured it. */
export function differenceOf(item: PackItem, n: number, p: PackPosition): PackDifference | null {
	const m = item.measured;
	if (!m) return null;
	return {
		item: n,
		backDiffMm: m.rimBackMm - p.rimBackMm!,
		frontDiffMm: m.rimFrontMm - p.rimFrontMm!,
		diameterDiffMm: m.diameterMm - item.diameterMm!,
		cornerBackDiffMm: minus(m.cornerRadiusBackMm, item.cornerRadiusBackMm),
		cornerFrontDiffMm: minus(m.cornerRadiusFrontMm, item.cornerRadiusFrontMm)
	};
}
