import { between, from0, mm, over0, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { dialFactor, dialReads, position, touched } from './dial.js';
import { SLACK } from '../numeric/rounding.js';

const ARCSEC = 3600;
/** Nothing that is a way of a dresser runs steeper than this against the spindle. */
const STEEPEST_DEG = 2;

/** Four touches tell the machine where the dresser meets the wheel, and whether its way is parallel to the spindle. */
export const registerDresser = defineCalculation({
	id: 'set.register-dresser',
	worse: { toleranceUm: 'down' },
	title: 'Register the dresser',
	about:
		'Rim touched near both edges, side face touched, and run past the far edge: where the passes begin and end, and how far the way of the dresser is off the spindle.',
	source: 'Plane geometry (first principles).',
	formulas: [
		'taper = W dx/|dz|, dx on the radius',
		'near edge = face + g r, far edge = near + g W',
		'over-travel = g (past - far) - r'
	],
	fields: [
		touched('odStartZMm', 'Rim, first touch, along', 'Near the touched face'),
		touched('odStartXMm', 'Rim, first touch, across', 'x grows outward from the axis'),
		touched('odEndZMm', 'Rim, second touch, along', 'Near the far edge'),
		touched('odEndXMm', 'Rim, second touch, across', 'x grows outward from the axis'),
		touched('faceZMm', 'Side face, along', 'Middle of the tip'),
		touched('pastFaceZMm', 'Past the far edge, along', 'Where passes end'),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		mm('tipRadiusMm', 'A round tip meets the face before its middle does', {
			...between(0, 20),
			default: 0,
			label: 'Tip radius'
		}),
		dialReads('xReads'),
		um('toleranceUm', 'Taper over the width', { ...over0(1000), default: 5, label: 'Taper allowed' }),
		position('startZMm', 'Passes begin at', 'Along'),
		mm('minOverTravelMm', 'Beyond each edge', {
			...from0(100),
			guideline: true,
			default: 2,
			label: 'Over-travel at least'
		}),
		yesNo('cleanedUp', 'Last pass cut all round', { required: true, label: 'Cleaned up' }),
		yesNo('dresserRemounted', 'Since the touches', { default: false, label: 'Dresser mounted again' }),
		yesNo('wheelRemounted', 'Since the touches', { default: false, label: 'Wheel mounted again' })
	],
	outputs: [
		{ name: 'taperUm', unit: 'um', about: 'Taper over the width', main: true },
		{ name: 'suggestedStartZMm', unit: 'mm', about: 'Begin passes at' },
		{ name: 'suggestedEndZMm', unit: 'mm', about: 'End passes at' },
		{ name: 'overTravelStartMm', unit: 'mm', about: 'Over-travel at the start' },
		{ name: 'overTravelEndMm', unit: 'mm', about: 'Over-travel at the end' },
		{ name: 'nearEdgeZMm', unit: 'mm', about: 'Near edge' },
		{ name: 'farEdgeZMm', unit: 'mm', about: 'Far edge' },
		{ name: 'rimXMm', unit: 'mm', about: 'Rim, on the dial' },
		{ name: 'taperAngleDeg', unit: 'deg', about: 'Angle' },
		{ name: 'taperAngleArcsec', about: 'Angle, seconds of arc' },
		{ name: 'allowedAngleDeg', unit: 'deg', about: 'Allowed' }
	],
	example: {
		odStartZMm: 3,
		odStartXMm: 124.5,
		odEndZMm: 27,
		odEndXMm: 124.506,
		faceZMm: -0.3,
		pastFaceZMm: 33.8,
		wheelWidthMm: 30,
		tipRadiusMm: 0.3,
		cleanedUp: true
	},
	compute(values) {
		const dz = values.odEndZMm - values.odStartZMm;
		if (dz === 0)
			throw new InputFault(
				'odEndZMm',
				'inconsistent',
				'Both touches of the rim are at one place along. Touch it near both edges.'
			);
		const g = Math.sign(dz);
		const W = values.wheelWidthMm;
		const r = values.tipRadiusMm;
		const rise = (values.odEndXMm - values.odStartXMm) / dialFactor(values.xReads) / Math.abs(dz);
		const taperUm = 1000 * W * rise;
		const taperAngleDeg = Math.atan(rise) / DEG;
		if (Math.abs(taperAngleDeg) > STEEPEST_DEG + SLACK)
			throw new InputFault(
				'odStartXMm',
				'not-a-taper',
				`${values.odStartXMm} and ${values.odEndXMm} mm across are ${Math.abs(taperAngleDeg).toFixed(0)}° of taper: one of them is a slip. Read both touches again.`
			);
		const near = values.faceZMm + g * r;
		const far = near + g * W;
		const overTravelEndMm = g * (values.pastFaceZMm - far) - r;
		const overTravelStartMm = values.startZMm === null ? null : g * (near - values.startZMm) - r;
		const off = [values.odStartZMm, values.odEndZMm].some(
			(z) => g * (z - near) < -SLACK || g * (far - z) < -SLACK
		);
		const least = values.minOverTravelMm;
		const findings = new Findings()
			.stop(
				'register-void',
				values.dresserRemounted || values.wheelRemounted,
				'Dresser or wheel was mounted again: touch all four places anew.'
			)
			.caution(
				'taper-over-tolerance',
				Math.abs(taperUm) > values.toleranceUm + SLACK,
				`The way of the dresser is off the spindle by ${Math.abs(taperUm).toFixed(1)} µm over the width: the wheel comes out tapered.`
			)
			.caution(
				'over-travel-short',
				overTravelEndMm < least - SLACK || (overTravelStartMm !== null && overTravelStartMm < least - SLACK),
				`The tip does not leave the wheel by ${least} mm before it turns round.`
			)
			.caution(
				'touches-too-close',
				Math.abs(dz) < W / 2 - SLACK,
				'The touches of the rim are under half a width apart: a small error is a large one of the taper.'
			)
			.caution('touch-off-the-rim', off, 'A touch lies beside the rim. Check the readings along.')
			.caution(
				'not-cleaned-up',
				!values.cleanedUp,
				'An untrued rim shows its high place, not its taper. Clean it up, touch again.'
			);
		return {
			taperAngleDeg,
			taperAngleArcsec: taperAngleDeg * ARCSEC,
			taperUm,
			allowedAngleDeg: Math.atan(values.toleranceUm / 1000 / W) / DEG,
			rimXMm: (values.odStartXMm + values.odEndXMm) / 2,
			nearEdgeZMm: near,
			farEdgeZMm: far,
			overTravelEndMm,
			overTravelStartMm,
			suggestedStartZMm: near - g * (least + r),
			suggestedEndZMm: far + g * (least + r),
			...findings.judged()
		};
	}
});
