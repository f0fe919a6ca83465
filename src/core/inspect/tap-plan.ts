import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { deg, list, mm, over0 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { fold360 } from '../numeric/angles.js';

const angle = deg('angle', 'Angle', { min: 0, max: 360, maxOpen: true, required: true });

/** True when taps strike both twins of the lowest mode: two doubled angles at least 45 apart round a half circle. */
export function coversPair(wheelAnglesDeg: readonly number[]): boolean {
	const phi = wheelAnglesDeg.map((a) => fold360(2 * a) % 180);
	return phi.some((p, i) =>
		phi.slice(i + 1).some((q) => {
			const d = Math.abs(p - q);
			return Math.min(d, 180 - d) >= 45 - 1e-9;
		})
	);
}

/** Where to tap, and how far to turn the wheel between the sets. */
export const tapPlan = defineCalculation({
	id: 'inspect.tap-plan',
	worse: { diameterMm: 'down', boreMm: 'up', insetMm: 'none' },
	title: 'Where to tap',
	about:
		'Four places, then an eighth of a turn and four again: a crack that one set of taps cannot wake is reached by the other.',
	source: 'Twin modes of a ring lie an eighth of a turn apart (first principles).',
	formulas: [
		'wheel angle = (frame angle - rotation) mod 360',
		'tap radius = D/2 - inset',
		'twins covered: two values of (2 x angle) mod 180 at least 45 apart'
	],
	fields: [
		mm('diameterMm', 'Diameter', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('boreMm', 'Bore', { ...over0(2000), required: true }),
		mm('insetMm', 'How far in from the rim; worked out when left empty', over0(1000)),
		list('basePositionsDeg', 'Places as the wheel hangs, clockwise from the top', angle, {
			default: [45, 135, 225, 315],
			minItems: 1,
			maxItems: 72
		}),
		list('rotationsDeg', 'How far the wheel has been turned for each set', angle, {
			default: [0, 45],
			minItems: 1,
			maxItems: 36
		})
	],
	outputs: [
		{ name: 'tapRadiusMm', unit: 'mm', about: 'Radius of the taps', main: true },
		{ name: 'insetMm', unit: 'mm', about: 'In from the rim' },
		{ name: 'pairCovered', about: 'Both twins are struck' },
		{ name: 'taps', about: 'The taps in order' }
	],
	example: { diameterMm: 205, boreMm: 50.8 },
	compute(values) {
		if (values.boreMm >= values.diameterMm)
			throw new InputFault(
				'boreMm',
				'above-maximum',
				`Bore ${values.boreMm} mm is not smaller than the diameter ${values.diameterMm} mm.`
			);
		const ring = (values.diameterMm - values.boreMm) / 2;
		if (values.insetMm !== null && values.insetMm >= ring)
			throw new InputFault(
				'insetMm',
				'above-maximum',
				`Inset ${values.insetMm} mm reaches the bore. Enter less than ${ring} mm.`
			);
		const insetMm = values.insetMm ?? Math.min(35, (values.diameterMm - values.boreMm) / 4);
		const taps = values.rotationsDeg
			.flatMap((rotationDeg) =>
				values.basePositionsDeg.map((frameAngleDeg) => ({
					rotationDeg,
					frameAngleDeg,
					wheelAngleDeg: fold360(frameAngleDeg - rotationDeg)
				}))
			)
			.map((tap, i) => ({ order: i + 1, ...tap }));
		const pairCovered = coversPair(taps.map((tap) => tap.wheelAngleDeg));
		const findings = new Findings()
			.caution(
				'inset-unusual',
				insetMm < 25 || insetMm > 50,
				'Taps are usually made 25 to 50 mm in from the rim.'
			)
			.caution(
				'pair-not-covered',
				!pairCovered,
				'All these taps wake the same twin. Turn the wheel an eighth and tap again.'
			);
		return { taps, tapRadiusMm: values.diameterMm / 2 - insetMm, insetMm, pairCovered, ...findings.judged() };
	}
});
