import { defineCalculation } from '../calculation/define.js';
import { between, deg, from0, mm, over0, um, ENTERING_END } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

/** What a diamond beside the plane through the wheel's axis makes of a form. */
export const centreError = defineCalculation({
	id: 'form.centre-error',
	worse: { wheelDiameterMm: 'down', offsetMm: 'none', depthMm: 'up', toleranceUm: 'down' },
	title: 'Diamond off centre',
	about: 'How much shallower a form comes when the diamond stands past centre, and how far it may stand.',
	source: 'First principles: a point dressed beside the plane through the axis lies on a larger radius.',
	formulas: [
		'r = sqrt((R - x)^2 + d^2)',
		'error = sqrt(R^2 + d^2) - sqrt((R - x)^2 + d^2) - x',
		'allowed: sqrt(u^2 - R^2), u = (s + (R^2 - (R - x)^2)/s)/2, s = x - tolerance'
	],
	fields: [
		mm('wheelDiameterMm', 'As it measures now', { ...between(1, 2000), required: true }),
		mm('offsetMm', 'Past centre is plus, the entering side minus', {
			...between(-100, 100),
			required: true,
			label: 'Diamond past centre'
		}),
		mm('depthMm', 'Of the form', { ...from0(1000), required: true }),
		um('toleranceUm', 'Of the depth', { ...over0(10000), label: 'Allowed' }),
		mm('ingoingLimitMm', 'On the entering side, at most', {
			...ENTERING_END,
			default: 0,
			guideline: true,
			label: 'Entering side, limit',
			advanced: true
		}),
		mm('arcRadiusMm', 'Of an arc on the form', { ...over0(500), label: 'Arc' }),
		deg('squarenessDeg', 'Of the dresser to the travel', {
			...between(-45, 45),
			default: 0,
			label: 'Out of square'
		}),
		mm('axialReachMm', 'Along the form', { ...from0(500), default: 0, label: 'Reach' })
	],
	outputs: [
		{ name: 'formErrorUm', unit: 'um', about: 'Depth comes out by', main: true },
		{ name: 'actualDepthMm', unit: 'mm', fine: true, about: 'Depth got' },
		{ name: 'allowedOffsetMm', unit: 'mm', fine: true, about: 'May stand past centre by' },
		{ name: 'trueWheelRadiusMm', unit: 'mm', fine: true, about: 'Rim really dressed at' },
		{ name: 'sizeErrorUm', unit: 'um', about: 'Larger by' },
		{ name: 'effectiveArcRadiusMm', unit: 'mm', fine: true, about: 'The arc becomes' },
		{ name: 'axialShrinkUm', unit: 'um', about: 'Shorter along the axis by' }
	],
	example: { wheelDiameterMm: 200, offsetMm: 1.5, depthMm: 6, toleranceUm: 1 },
	compute(values) {
		const [R, d, x] = [values.wheelDiameterMm / 2, values.offsetMm, values.depthMm];
		if (x >= R)
			throw new InputFault(
				'depthMm',
				'above-maximum',
				`Depth: ${x} mm is too large for a wheel of ${values.wheelDiameterMm} mm. Enter less than ${R} mm.`
			);
		const rim = Math.hypot(R, d);
		// Written so that nothing is lost where the offset is small: a difference of squares over a sum.
		const errorMm = ((R + R - x) * x) / (rim + Math.hypot(R - x, d)) - x;
		const actual = x + errorMm;
		const findings = new Findings()
			.stop(
				'dresser-on-ingoing-side',
				d < -values.ingoingLimitMm - SLACK,
				'The diamond stands on the entering side: the wheel can pull it in. On centre or a little past it.'
			)
			.caution(
				'form-error-over-tolerance',
				values.toleranceUm !== null && Math.abs(1000 * errorMm) > values.toleranceUm + SLACK,
				`The form comes ${Math.abs(1000 * errorMm).toFixed(2)} µm shallower. Bring the diamond onto centre.`
			);
		return {
			trueWheelRadiusMm: rim,
			sizeErrorUm: (1000 * d * d) / (rim + R),
			formErrorUm: 1000 * errorMm,
			actualDepthMm: actual,
			allowedOffsetMm: allowedOffset(R, x, values.toleranceUm),
			effectiveArcRadiusMm:
				values.arcRadiusMm === null || x > values.arcRadiusMm || x === 0
					? null
					: (values.arcRadiusMm ** 2 - (values.arcRadiusMm - x) ** 2 + actual * actual) / (2 * actual),
			axialShrinkUm: 1000 * values.axialReachMm * (1 - Math.cos((values.squarenessDeg * Math.PI) / 180)),
			...findings.judged()
		};
	}
});

/** How far past centre the form still comes within its tolerance, in mm; null where none was given or it is larger than the depth. */
function allowedOffset(R: number, x: number, toleranceUm: number | null): number | null {
	const s = x - (toleranceUm ?? 0) / 1000;
	if (toleranceUm === null || x <= 0 || s <= 0) return null;
	const u = (s + (R * R - (R - x) ** 2) / s) / 2;
	return Math.sqrt(Math.max(0, u * u - R * R));
}
