import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { PACK_FIELDS } from './pack-fields.js';
import { nameOf, packFindings } from './pack-findings.js';
import { checkItems } from './pack-items.js';
import { differenceOf, positionsOf } from './pack-layout.js';

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
			.map((item, n) => ({ item, n, position: positions[n]! }))
			.filter((part) => part.item.kind === 'wheel');
		const differences = wheels.map(({ item, n, position }) => differenceOf(item, n, position));
		const known = differences.filter((difference) => difference !== null);
		const qualified = wheels.every(
			({ item }) => item.measured !== null && item.measured.confirmedRevision === item.measured.revision
		);
		return {
			positions,
			stackLengthMm,
			nutEngagementMm,
			maxSpeedRpm,
			limitedBy,
			differences,
			qualified,
			...packFindings(values, {
				wheels,
				threadStartMm: threadStart,
				stackLengthMm,
				nutEngagementMm,
				neededMm: needed,
				maxSpeedRpm,
				limitedBy,
				differences: known,
				qualified
			}).judged()
		};
	}
});
