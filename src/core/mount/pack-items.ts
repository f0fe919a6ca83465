import { InputFault } from '../calculation/fault.js';
import type { PackItem } from './pack-fields.js';
import { SLACK } from '../numeric/rounding.js';

const MAX_WHEELS = 4;

/** What single ranges cannot say of the stack. @throws InputFault */
export function checkItems(items: readonly PackItem[]): void {
	const wheels = items.filter((i) => i.kind === 'wheel').length;
	if (wheels === 0) throw new InputFault('items', 'no-wheel', 'There is no wheel in this pack. Put one on.');
	if (wheels > MAX_WHEELS)
		throw new InputFault(
			'items',
			'too-many-wheels',
			`${wheels} wheels on one arbor. Up to ${MAX_WHEELS} can be set and checked; split the pack.`
		);
	items.forEach((i, n) => {
		if (i.kind !== 'wheel') return;
		if (i.diameterMm === null)
			throw new InputFault(
				`items.${n}.diameterMm`,
				'missing',
				`Diameter of part ${n + 1} is missing. Enter it.`
			);
		if (i.newDiameterMm !== null && i.newDiameterMm < i.diameterMm - SLACK)
			throw new InputFault(
				`items.${n}.newDiameterMm`,
				'below-minimum',
				`Part ${n + 1} was ${i.newDiameterMm} mm when new and is ${i.diameterMm} mm now. A wheel does not grow; enter both again.`
			);
		if (i.maxSpeedRpm === null && i.maxSpeedMps === null)
			throw new InputFault(
				`items.${n}.maxSpeedRpm`,
				'missing',
				`Part ${n + 1} has no marked speed. Read it off the wheel; without one it does not turn.`
			);
		const m = i.measured;
		if (!m || (m.cornerRadiusBackMm === null && m.cornerRadiusFrontMm === null)) return;
		const width = m.rimFrontMm - m.rimBackMm;
		const [back, front] = [m.cornerRadiusBackMm ?? 0, m.cornerRadiusFrontMm ?? 0];
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
