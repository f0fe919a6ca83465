import { defineCalculation } from '../calculation/define.js';
import { between, choice, deg, from0, mm, over0, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { ENVELOPE, GRIT, SLIDE, baseTilt, headRoom, slideSetting } from './swing-extras.js';

/** Two readings of one constant agree within this, mm. */
const SAME_MM = 0.02;
const RAD = Math.PI / 180;
const MAX_SWING_DEG = 90;
const swing = <const N extends string>(name: N, label: string) =>
	deg(name, 'From the radial line, to the left is minus', { ...between(-120, 120), default: 0, label });
const stop = <const N extends string>(name: N, label: string) =>
	deg(name, 'Where the swing is stopped', { ...between(-180, 180), label });

/** The blocks that set a swung radius, its tangent points and stops, and what the coupon's radius makes of them. */
export const radiusSetting = defineCalculation({
	id: 'form.radius-setting',
	worse: { fromDeg: 'down', toDeg: 'up', stopFromDeg: 'up', stopToDeg: 'down' },
	title: 'Swing radius',
	about:
		'The stack between the reference and the nose for a convex or hollow radius, where the swing leaves the arc, and the stack corrected by a measured coupon.',
	source:
		'First principles: the nose of the tip is set by the stack, so its round needs room but no correction.',
	formulas: [
		'stack = H + s R, s = -1 convex, +1 hollow',
		'crest: z = R sin a, x = -s R (1 - cos a)',
		'corrected = stack - s (measured - R)',
		'tip beside the axis: sqrt(R^2 + d^2)'
	],
	fields: [
		choice('method', 'What the stack is measured from', ['engraved-constant', 'height-gauge'], {
			required: true
		}),
		mm('constantMm', 'To the centre of the swing: from the face the blocks stand on, or from the base', {
			...over0(1000),
			required: true,
			fine: true,
			label: 'To the centre of the swing'
		}),
		mm('wheelRadiusMm', 'On the wheel', { ...over0(500), required: true, label: 'Radius' }),
		choice('side', 'On the wheel: round outward, or hollow', ['convex', 'concave'], { required: true }),
		mm('tipRadiusMm', 'Of the diamond', { ...from0(20), default: 0 }),
		mm('clearanceMm', 'Kept in a hollow', { ...from0(10), default: 0.1, guideline: true, label: 'Room' }),
		swing('fromDeg', 'Swing from'),
		swing('toDeg', 'Swing to'),
		stop('stopFromDeg', 'Stop at the left'),
		stop('stopToDeg', 'Stop at the right'),
		mm('measuredRadiusMm', 'On the coupon', { ...over0(500), label: 'Radius measured' }),
		um('axisOffsetUm', 'Along the swing', {
			...between(-5000, 5000),
			default: 0,
			label: 'Tip beside the axis',
			advanced: true
		}),
		ENVELOPE,
		SLIDE,
		GRIT,
		mm('knownConstantMm', 'Kept of this fixture for this way', {
			...over0(1000),
			label: 'Kept, this way',
			advanced: true
		}),
		mm('otherConstantMm', 'Kept of this fixture for the other way', {
			...over0(1000),
			label: 'Kept, the other way',
			advanced: true
		})
	],
	outputs: [
		{ name: 'stackMm', unit: 'mm', fine: true, about: 'Stack', main: true },
		{ name: 'correctedStackMm', unit: 'mm', fine: true, about: 'Stack by the coupon' },
		{ name: 'tipCentreRadiusMm', unit: 'mm', fine: true, about: 'Middle of the nose runs on' },
		{ name: 'sweepDeg', unit: 'deg', about: 'Swing' },
		{ name: 'arcLengthMm', unit: 'mm', fine: true, about: 'Along the arc' },
		{ name: 'from', fine: true, about: 'Leaves the arc at the left' },
		{ name: 'to', fine: true, about: 'Leaves the arc at the right' },
		{ name: 'axisRadiusErrorUm', unit: 'um', about: 'Larger for a tip beside the axis' },
		{ name: 'tangentErrorDeg', unit: 'deg', about: 'Tangents turned by' },
		{ name: 'envelope', fine: true, about: 'Room of the head' },
		{ name: 'slide', about: 'Slide' },
		{ name: 'baseTilt', about: 'Grit under the base' },
		{ name: 'reminders', about: 'Before anything turns' }
	],
	example: {
		method: 'engraved-constant',
		constantMm: 45.72,
		wheelRadiusMm: 4,
		side: 'convex',
		tipRadiusMm: 0.25,
		fromDeg: -45,
		toDeg: 90,
		measuredRadiusMm: 4.012
	},
	compute(values) {
		if (values.toDeg < values.fromDeg)
			throw new InputFault(
				'toDeg',
				'inconsistent',
				`The swing ends at ${values.toDeg}° before it begins at ${values.fromDeg}°. Enter the larger angle last.`
			);
		const R = values.wheelRadiusMm;
		const s = values.side === 'convex' ? -1 : 1;
		const stackMm = values.constantMm + s * R;
		if (stackMm <= 0)
			throw new InputFault(
				'wheelRadiusMm',
				'stack-not-positive',
				`A radius of ${R} mm leaves no stack at a constant of ${values.constantMm} mm. Take another fixture or a smaller radius.`
			);
		const d = values.axisOffsetUm / 1000;
		const leaves = (angle: number) => ({
			angleFromRadialDeg: angle,
			zMm: R * Math.sin(angle * RAD),
			xMm: -s * R * (1 - Math.cos(angle * RAD))
		});
		const sweepDeg = values.toDeg - values.fromDeg;
		const envelope = values.envelope && headRoom(values.envelope, s * R);
		const slide = values.slide && slideSetting(values.slide);
		const beyond =
			(values.stopFromDeg !== null && values.fromDeg < values.stopFromDeg - SLACK) ||
			(values.stopToDeg !== null && values.toDeg > values.stopToDeg + SLACK);
		const findings = new Findings();
		envelope?.judge(findings);
		slide?.judge(findings);
		const same = (known: number | null) =>
			known !== null && Math.abs(values.constantMm - known) <= SAME_MM + SLACK;
		const otherWay =
			same(values.otherConstantMm) && values.knownConstantMm !== null && !same(values.knownConstantMm);
		findings
			.stop(
				'constant-of-the-other-way',
				otherWay,
				`${values.constantMm} mm is measured from the ${values.method === 'height-gauge' ? 'face, for a stack of blocks' : 'base, for a height gauge'}: the stack would be off by ${Math.abs(values.constantMm - (values.knownConstantMm ?? 0)).toFixed(1)} mm.`
			)
			.caution(
				'constant-differs',
				!otherWay && values.knownConstantMm !== null && !same(values.knownConstantMm),
				`The shop keeps ${values.knownConstantMm ?? ''} mm of this fixture for this way. Measure again, or put it right in the shop.`
			)
			.stop(
				'concave-smaller-than-tip',
				values.side === 'concave' && R <= values.tipRadiusMm + values.clearanceMm + SLACK,
				`A tip of ${values.tipRadiusMm} mm cannot turn inside a hollow of ${R} mm: it would plough the rim away. Take a sharper one.`
			)
			.stop('sweep-beyond-stops', beyond, 'The swing goes beyond its stops. Move the stops, or swing less.')
			.stop(
				'undercut',
				Math.max(Math.abs(values.fromDeg), Math.abs(values.toDeg)) > MAX_SWING_DEG + SLACK,
				'Beyond 90° from the radial line the diamond would cut in under the form.'
			);
		return {
			method: values.method,
			stackMm,
			tipCentreRadiusMm: R - s * values.tipRadiusMm,
			sweepDeg,
			arcLengthMm: R * sweepDeg * RAD,
			from: leaves(values.fromDeg),
			to: leaves(values.toDeg),
			correctedStackMm: values.measuredRadiusMm === null ? null : stackMm - s * (values.measuredRadiusMm - R),
			axisRadiusErrorUm: 1000 * (Math.hypot(R, d) - R),
			tangentErrorDeg: Math.atan(d / R) / RAD,
			envelope: envelope?.shown ?? null,
			slide: slide?.shown ?? null,
			baseTilt: values.grit && baseTilt(values.grit),
			reminders: ['take-the-blocks-out', ...(values.slide ? ['cover-the-slide'] : []), 'turn-by-hand-first'],
			...findings.judged()
		};
	}
});
