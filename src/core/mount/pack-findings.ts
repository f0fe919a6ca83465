import type { Values } from '../calculation/fields.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { sizesDiffer } from './bore-rule.js';
import type { PACK_FIELDS, PackItem } from './pack-fields.js';
import type { PackDifference, PackPosition } from './pack-layout.js';

/** What a pack comes to before it is judged. */
interface PackFigures {
	wheels: readonly { item: PackItem; position: PackPosition }[];
	threadStartMm: number;
	stackLengthMm: number;
	nutEngagementMm: number;
	/** Thread the nut needs. */
	neededMm: number;
	maxSpeedRpm: number;
	limitedBy: string;
	/** Of the wheels that are measured. */
	differences: readonly PackDifference[];
	qualified: boolean;
}

export const nameOf = (items: readonly PackItem[], n: number): string =>
	items[n]?.name?.trim() || `item-${n + 1}`;

/** What a pack is stopped or warned for. */
export function packFindings(values: Values<typeof PACK_FIELDS>, figures: PackFigures): Findings {
	const bad = values.items.findIndex(
		(item) =>
			item.boreMm <= values.arbor.seatDiameterMm || sizesDiffer(item.boreMm, values.arbor.seatDiameterMm)
	);
	const spans = figures.wheels.map(
		({ position }) =>
			[
				Math.min(position.backMm, position.rimBackMm!),
				Math.max(position.frontMm, position.rimFrontMm!)
			] as const
	);
	const collide = spans.some(([b1, f1], i) =>
		spans.slice(i + 1).some(([b2, f2]) => Math.min(f1, f2) - Math.max(b1, b2) > SLACK)
	);
	const over = (limit: number | null, size: (item: PackItem) => number) =>
		limit === null
			? -1
			: values.items.findIndex((item) => item.kind === 'wheel' && size(item) > limit * (1 + 1e-9));
	const large = over(values.maxDiameterMm, (item) =>
		Math.max(item.diameterMm!, item.measured?.diameterMm ?? 0)
	);
	const wide = over(values.maxWidthMm, (item) => item.rimWidthMm ?? item.thicknessMm);
	const runouts = figures.wheels.flatMap(({ item }) =>
		item.measured ? [item.measured.radialRunoutUm, item.measured.axialRunoutUm] : []
	);
	const excessive = runouts.some((runout) => runout > values.runoutLimitUm);
	const off = (difference: number | null, tolerance: number) =>
		difference !== null && Math.abs(difference) > tolerance + SLACK;
	return new Findings()
		.stop(
			'bore-mismatch',
			bad >= 0,
			`Part ${bad + 1}: bore ${values.items[bad]?.boreMm} mm does not belong on a seat of ${values.arbor.seatDiameterMm} mm.`
		)
		.stop(
			'wheel-off-seat',
			figures.wheels.some(({ position }) => position.frontMm > values.arbor.seatLengthMm + SLACK),
			'A wheel sits beyond the seat, on the thread. Take out spacers or turn the order round.'
		)
		.stop(
			'stack-short',
			figures.stackLengthMm < figures.threadStartMm - SLACK,
			`The stack ends at ${figures.stackLengthMm} mm, before the thread begins at ${figures.threadStartMm}: the nut would not clamp it. Add a spacer.`
		)
		.stop(
			'nut-engagement',
			figures.stackLengthMm >= figures.threadStartMm - SLACK &&
				figures.nutEngagementMm < figures.neededMm - SLACK,
			`The nut holds on ${figures.nutEngagementMm.toFixed(1)} mm of thread; ${figures.neededMm.toFixed(1)} mm are needed. Shorten the stack.`
		)
		.stop(
			'wheel-too-large',
			large >= 0,
			`${nameOf(values.items, large)} is larger than the ${values.maxDiameterMm} mm the machine takes. Take a smaller one.`
		)
		.stop(
			'wheel-too-wide',
			wide >= 0,
			`${nameOf(values.items, wide)} is wider than the ${values.maxWidthMm} mm the machine takes. Take a narrower one.`
		)
		.stop('wheels-collide', collide, 'Two wheels run into each other. Put a longer spacer between them.')
		.caution(
			'no-tanged-washer',
			!values.items.some((item) => item.kind === 'washer'),
			'No tanged washer under the nut: the nut can turn the stack while it is tightened.'
		)
		.caution(
			'washer-not-last',
			values.items.some((item) => item.kind === 'washer') && values.items.at(-1)!.kind !== 'washer',
			'The washer belongs last, under the nut.'
		)
		.stop(
			'pack-overspeed',
			values.requestedRpm !== null && values.requestedRpm > figures.maxSpeedRpm,
			`${values.requestedRpm} rpm is more than this pack may turn: ${figures.maxSpeedRpm.toFixed(0)} rpm, because of ${figures.limitedBy}.`
		)
		.caution(
			'position-off',
			figures.differences.some(
				(d) => off(d.backDiffMm, values.positionToleranceMm) || off(d.frontDiffMm, values.positionToleranceMm)
			),
			'A rim is not where it was planned. Correct the program, or the spacers.'
		)
		.caution(
			'corner-off',
			figures.differences.some(
				(d) =>
					off(d.cornerBackDiffMm, values.cornerToleranceMm) ||
					off(d.cornerFrontDiffMm, values.cornerToleranceMm)
			),
			'A corner radius is not the one planned. Dress it, or correct the program.'
		)
		.stop(
			'runout-excessive',
			excessive,
			`Run-out over ${values.runoutLimitUm} µm: strip it, wipe, deburr, build it again.`
		)
		.caution(
			'runout-high',
			!excessive && runouts.some((runout) => runout > values.runoutAimUm),
			`Run-out over the aim of ${values.runoutAimUm} µm. Strip, wipe and build it again, or true it.`
		)
		.stop(
			'pack-unqualified',
			values.stage === 'release' && !figures.qualified,
			'Not every wheel is measured and confirmed as it is now. Measure it, then stand for it.'
		);
}
