import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { sizesDiffer } from './bore-rule.js';
import { PACK_FIELDS, type PackItem } from './pack-fields.js';
import { checkItems } from './pack-items.js';
import { differenceOf, positionsOf } from './pack-layout.js';
import { SLACK } from '../numeric/rounding.js';

const nameOf = (items: readonly PackItem[], n: number): string => items[n]?.name?.trim() || `item-${n + 1}`;

/** Several wheels on one arbor: where each sits, what limits it, and whether it may go to the machine. */
export const mountPack = defineCalculation({
	id: 'mount.pack',
	worse: { requestedRpm: 'up', maxDiameterMm: 'down', maxWidthMm: 'down' },
	title: 'Tool pack',
	about:
		'A stack of wheels on one arbor, from the shoulder: positions, nut engagement, bores, the slowest part, and the measured pack against the planned one.',
	source: 'Stack-up from the shoulder (first principles); tolerances and engagement are guidelines.',
	formulas: [
		'stack = sum of thicknesses',
		'engagement = min(stack + nut, thread end) - max(stack, thread start)',
		'rpm of a wheel = v 60000/(pi D when new)'
	],
	fields: PACK_FIELDS,
	outputs: [
		{ name: 'maxSpeedRpm', unit: 'rpm', about: 'Never faster than', main: true },
		{ name: 'limitedBy', about: 'Because of' },
		{ name: 'stackLengthMm', unit: 'mm', about: 'Stack' },
		{ name: 'nutEngagementMm', unit: 'mm', about: 'Nut on the thread' },
		{ name: 'qualified', about: 'Measured and confirmed' },
		{ name: 'positions', about: 'From the shoulder' },
		{ name: 'differences', about: 'Measured minus planned' }
	],
	example: {
		arbor: {
			seatDiameterMm: 31.74,
			seatLengthMm: 60,
			threadEndMm: 84,
			nutThicknessMm: 14,
			maxSpeedRpm: 6500
		},
		requestedRpm: 5600,
		items: [
			{ kind: 'spacer', thicknessMm: 18, boreMm: 31.76 },
			{
				kind: 'wheel',
				name: 'face',
				thicknessMm: 15,
				boreMm: 31.755,
				diameterMm: 125,
				maxSpeedRpm: 6100,
				rimBackOffsetMm: -6,
				rimWidthMm: 10
			},
			{ kind: 'spacer', thicknessMm: 9, boreMm: 31.76 },
			{ kind: 'wheel', name: 'flute', thicknessMm: 14, boreMm: 31.75, diameterMm: 150, maxSpeedMps: 42 },
			{ kind: 'washer', thicknessMm: 6, boreMm: 31.8 }
		]
	},
	compute(values) {
		const arbor = values.arbor;
		const threadStart = arbor.threadStartMm ?? arbor.seatLengthMm;
		if (arbor.threadEndMm <= threadStart)
			throw new InputFault(
				'arbor.threadEndMm',
				'below-minimum',
				`The thread ends at ${arbor.threadEndMm} mm and begins at ${threadStart} mm. Measure both from the shoulder.`
			);
		checkItems(values.items);
		const { positions, stackLengthMm } = positionsOf(values.items);
		const nutEngagementMm = Math.max(
			0,
			Math.min(stackLengthMm + arbor.nutThicknessMm, arbor.threadEndMm) - Math.max(stackLengthMm, threadStart)
		);
		const needed = arbor.minEngagementMm ?? 0.8 * arbor.nutThicknessMm;
		let maxSpeedRpm = arbor.maxSpeedRpm;
		let limitedBy = 'arbor';
		positions.forEach((position, n) => {
			if (position.maxSpeedRpm !== undefined && position.maxSpeedRpm < maxSpeedRpm) {
				maxSpeedRpm = position.maxSpeedRpm;
				limitedBy = nameOf(values.items, n);
			}
		});
		const wheels = values.items
			.map((item, n) => ({ item, n, p: positions[n]! }))
			.filter((w) => w.item.kind === 'wheel');
		const differences = wheels.map(({ item, n, p }) => differenceOf(item, n, p));
		const known = differences.filter((difference) => difference !== null);
		const qualified = wheels.every(
			({ item }) => item.measured !== null && item.measured.confirmedRevision === item.measured.revision
		);
		const bad = values.items.findIndex(
			(item) => item.boreMm <= arbor.seatDiameterMm || sizesDiffer(item.boreMm, arbor.seatDiameterMm)
		);
		const spans = wheels.map(
			({ p }) => [Math.min(p.backMm, p.rimBackMm!), Math.max(p.frontMm, p.rimFrontMm!)] as const
		);
		const collide = spans.some(([b1, f1], i) =>
			spans.slice(i + 1).some(([b2, f2]) => Math.min(f1, f2) - Math.max(b1, b2) > SLACK)
		);
		const over = (limit: number | null, size: (i: PackItem) => number) =>
			limit === null
				? -1
				: values.items.findIndex((item) => item.kind === 'wheel' && size(item) > limit * (1 + 1e-9));
		const large = over(values.maxDiameterMm, (i) => Math.max(i.diameterMm!, i.measured?.diameterMm ?? 0));
		const wide = over(values.maxWidthMm, (i) => i.rimWidthMm ?? i.thicknessMm);
		const runouts = wheels.flatMap(({ item }) =>
			item.measured ? [item.measured.radialRunoutUm, item.measured.axialRunoutUm] : []
		);
		const excessive = runouts.some((runout) => runout > values.runoutLimitUm);
		const off = (d: number | null, tolerance: number) => d !== null && Math.abs(d) > tolerance + SLACK;
		const findings = new Findings()
			.stop(
				'bore-mismatch',
				bad >= 0,
				`Part ${bad + 1}: bore ${values.items[bad]?.boreMm} mm does not belong on a seat of ${arbor.seatDiameterMm} mm.`
			)
			.stop(
				'wheel-off-seat',
				wheels.some(({ p }) => p.frontMm > arbor.seatLengthMm + SLACK),
				'A wheel sits beyond the seat, on the thread. Take out spacers or turn the order round.'
			)
			.stop(
				'stack-short',
				stackLengthMm < threadStart - SLACK,
				`The stack ends at ${stackLengthMm} mm, before the thread begins at ${threadStart}: the nut would not clamp it. Add a spacer.`
			)
			.stop(
				'nut-engagement',
				stackLengthMm >= threadStart - SLACK && nutEngagementMm < needed - SLACK,
				`The nut holds on ${nutEngagementMm.toFixed(1)} mm of thread; ${needed.toFixed(1)} mm are needed. Shorten the stack.`
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
				values.requestedRpm !== null && values.requestedRpm > maxSpeedRpm,
				`${values.requestedRpm} rpm is more than this pack may turn: ${maxSpeedRpm.toFixed(0)} rpm, because of ${limitedBy}.`
			)
			.caution(
				'position-off',
				known.some(
					(d) =>
						off(d.backDiffMm, values.positionToleranceMm) || off(d.frontDiffMm, values.positionToleranceMm)
				),
				'A rim is not where it was planned. Correct the program, or the spacers.'
			)
			.caution(
				'corner-off',
				known.some(
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
				values.stage === 'release' && !qualified,
				'Not every wheel is measured and confirmed as it is now. Measure it, then stand for it.'
			);
		return {
			positions,
			stackLengthMm,
			nutEngagementMm,
			maxSpeedRpm,
			limitedBy,
			differences,
			qualified,
			...findings.judged()
		};
	}
});
