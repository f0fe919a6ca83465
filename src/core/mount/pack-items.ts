import { InputFault } from '../calculation/fault.js';
import type { PackItem } from './pack-fields.js';
import { SLACK } from '../numeric/rounding.js';

const MAX_WHEELS = 4;

/** What single ranges cannot say of the stack. @throws InputFault */
export function checkItems(items: readonly PackItem[]): void {
	const wheels = items.filter((item) => item.kind === 'wheel').length;
	if (wheels === 0) throw new InputFault('items', 'no-wheel', 'There is no wheel in this pack. Put one on.');
	if (wheels > MAX_WHEELS)
		throw new InputFault(
			'items',
			'too-many-wheels',
			`${wheels} wheels on one arbor. Up to ${MAX_WHEELS} can be set and checked; split the pack.`
		);
	items.forEach((item, n) => {
		if (item.kind !== 'wheel') return;
		if (item.diameterMm === null)
			throw new InputFault(
				`items.${n}.diameterMm`,
				'missing',
				`Diameter of part ${n + 1} is missing. Enter it.`
			);
		if (item.newDiameterMm !== null && item.newDiameterMm < item.diameterMm - SLACK)
			throw new InputFault(
				`items.${n}.newDiameterMm`,
				'below-minimum',
				`Part ${n + 1} was ${item.newDiameterMm} mm when new and is ${item.diameterMm} mm now. A wheel does not grow; enter both again.`
			);
		if (item.maxSpeedRpm === null && item.maxSpeedMps === null)
			throw new InputFault(
				`items.${n}.maxSpeedRpm`,
				'missing',
				`Part ${n + 1} has no marked speed. Read it off the wheel; without one it does not turn.`
			);
		const measured = item.measured;
		if (!measured || (measured.cornerRadiusBackMm === null && measured.cornerRadiusFrontMm === null)) return;
		const width = measured.rimFrontMm - measured.rimBackMm;
		const [back, front] = [measured.cornerRadiusBackMm ?? 0, measured.cornerRadiusFrontMm ?? 0];
		if (back > width + SLACK)
			throw new InputFault(
				`items.${n}.measured.cornerRadiusBackMm`,
				'inconsistent',
				`A corner radius of ${back} mm does not fit on a rim ${width.toFixed(3)} mm wide. Measure again.`
			);
		if (back + front > width + SLACK)
			throw new InputFault(
				`items.${n}.measured.cornerRadiusFrontMm`,
				'inconsistent',
				`Corner radii of ${back} and ${front} mm do not fit on a rim ${width.toFixed(3)} mm wide. Measure again.`
			);
	});
}
