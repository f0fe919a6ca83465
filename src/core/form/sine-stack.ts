import { defineCalculation } from '../calculation/define.js';
import { between, deg, from0, mm, over0, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const STEEP_DEG = 60;
const RAD = Math.PI / 180;
const arcsec = (rad: number): number => (rad / RAD) * 3600;

/** Difference of the two stacks that tilts a slide on pins so far apart. @example stackDifferenceMm(30, 100) // 50 */
export const stackDifferenceMm = (angleDeg: number, pinDistanceMm: number): number =>
	pinDistanceMm * Math.sin(angleDeg * RAD);

/** Blocks under one pin of a sine dresser, what their error makes, and the same from the square face. */
export const sineStack = defineCalculation({
	id: 'form.sine-stack',
	worse: { angleDeg: 'up', formToleranceUm: 'down' },
	title: 'Blocks for an angle',
	about:
		'The difference of the two stacks that tilts a sine dresser, how true the angle comes, and the stack from the square face.',
	source: 'First principles; equal pins are assumed, so that they cancel.',
	formulas: ['h = L sin a', 'da = dh/(L cos a) + tan a dL/L', 'complement: L cos a'],
	fields: [
		deg('angleDeg', 'Between the slide and the dresser’s base', {
			min: 0,
			max: 90,
			maxOpen: true,
			required: true
		}),
		mm('pinDistanceMm', 'Between the pins', { ...between(10, 1000), required: true }),
		mm('baseStackMm', 'Under the lower pin', { ...from0(500), default: 0, label: 'Lower stack' }),
		um('stackErrorUm', 'Of the difference', {
			...from0(1000),
			default: 0.5,
			guideline: true,
			label: 'Error of the stacks'
		}),
		um('pinDistanceErrorUm', 'Of the pins', { ...from0(1000), default: 0, label: 'Error of the pins' }),
		mm('faceLengthMm', 'Dressed at this angle', { ...from0(1000), default: 0, label: 'Face' }),
		um('formToleranceUm', 'Over the face', { ...over0(10000), label: 'Allowed' }),
		mm('actualDifferenceMm', 'Of the blocks that are there', { ...from0(1000), label: 'Difference made' })
	],
	outputs: [
		{ name: 'differenceMm', unit: 'mm', fine: true, about: 'Difference of the stacks', main: true },
		{ name: 'lowerStackMm', unit: 'mm', fine: true, about: 'Lower stack' },
		{ name: 'upperStackMm', unit: 'mm', fine: true, about: 'Upper stack' },
		{ name: 'angleErrorDeg', unit: 'deg', about: 'Error of the angle' },
		{ name: 'angleErrorArcsec', about: 'Error, seconds of arc' },
		{ name: 'formErrorUm', unit: 'um', about: 'Error over the face' },
		{ name: 'complementAngleDeg', unit: 'deg', about: 'From the square face' },
		{ name: 'complementDifferenceMm', unit: 'mm', fine: true, about: 'Its difference' },
		{ name: 'complementErrorArcsec', about: 'Its error, seconds of arc' },
		{ name: 'angleFromStackDeg', unit: 'deg', about: 'Angle of the blocks that are there' }
	],
	example: { angleDeg: 28.5, pinDistanceMm: 100, baseStackMm: 15, stackErrorUm: 1, faceLengthMm: 10 },
	compute(values) {
		const [L, a] = [values.pinDistanceMm, values.angleDeg * RAD];
		if (values.actualDifferenceMm !== null && values.actualDifferenceMm >= L)
			throw new InputFault(
				'actualDifferenceMm',
				'above-maximum',
				`Difference made: ${values.actualDifferenceMm} mm is too large for pins ${L} mm apart. Enter less than ${L} mm.`
			);
		const [dh, dL] = [values.stackErrorUm / 1000, values.pinDistanceErrorUm / 1000];
		const h = stackDifferenceMm(values.angleDeg, L);
		const error = dh / (L * Math.cos(a)) + (Math.tan(a) * dL) / L;
		const formErrorUm = 1000 * values.faceLengthMm * error;
		const findings = new Findings()
			.caution(
				'angle-steep',
				values.angleDeg > STEEP_DEG + SLACK,
				`Above ${STEEP_DEG}° a small error of the stack is a large one of the angle. Set the complement from the square face.`
			)
			.caution(
				'form-error-over-tolerance',
				values.formToleranceUm !== null && formErrorUm > values.formToleranceUm + SLACK,
				`The stacks leave ${formErrorUm.toFixed(2)} µm over the face. Take better blocks, or the complement.`
			);
		return {
			differenceMm: h,
			lowerStackMm: values.baseStackMm,
			upperStackMm: values.baseStackMm + h,
			angleErrorDeg: error / RAD,
			angleErrorArcsec: arcsec(error),
			formErrorUm,
			complementAngleDeg: 90 - values.angleDeg,
			complementDifferenceMm: L * Math.cos(a),
			complementErrorArcsec: values.angleDeg === 0 ? null : arcsec(dh / h + dL / (L * Math.tan(a))),
			angleFromStackDeg:
				values.actualDifferenceMm === null ? null : Math.asin(values.actualDifferenceMm / L) / RAD,
			...findings.judged()
		};
	}
});
