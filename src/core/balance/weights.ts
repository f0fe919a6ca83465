import {
	between,
	choice,
	deg,
	from0,
	gmm,
	grams,
	group,
	list,
	mm,
	over0,
	yesNo
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { add, angleOf, fold360, len, sub, vec, wrap180 } from '../numeric/angles.js';
import { leastTravel, packed } from './weight-search.js';
import { type Track, cyclicOrder, travels } from './weight-rules.js';

const angle = <const N extends string>(name: N, about: string) => deg(name, about, between(-36000, 36000));

/** Where two to four weights go, with the least movement. */
export const weights = defineCalculation({
	id: 'balance.weights',
	worse: { unbalanceGmm: 'up', trackRadiusMm: 'down', minGapDeg: 'up' },
	title: 'Move the weights',
	about:
		'New places for the weights in their track that cancel the unbalance with the least movement, keeping gaps and screw holes free.',
	source: 'Plane vectors; least-movement search with each pair solved in closed form.',
	formulas: [
		'bare = measured - sum u (cos, sin) of the weights that were on',
		'sum u (cos, sin) of the new places = - bare',
		'least sum of |movement|'
	],
	fields: [
		gmm('unbalanceGmm', 'Measured', { ...from0(1e8), required: true }),
		{ ...angle('heavyAngleDeg', 'Heavy side'), required: true, label: 'Heavy side' },
		choice('measuredWith', 'Weights in the track while measuring', ['weights-in-place', 'weights-off'], {
			default: 'weights-in-place'
		}),
		mm('trackRadiusMm', 'Radius of the weights', { ...between(1, 1000), required: true }),
		list(
			'weights',
			'Weights in the track',
			group(
				'weight',
				'One weight',
				[
					grams('massG', 'Mass', { ...over0(1e5), required: true }),
					angle('currentAngleDeg', 'Where it stands; equal spacing when left empty')
				],
				{ required: true }
			),
			{ minItems: 2, maxItems: 4, required: true }
		),
		deg('minGapDeg', 'Centre to centre', { ...from0(90), default: 15 }),
		yesNo('mayPass', 'Weights can be lifted out of the track', {
			default: false,
			advanced: true,
			label: 'May pass each other'
		}),
		list(
			'forbidden',
			'Arcs where no weight may stop, clockwise',
			group(
				'arc',
				'One arc',
				[
					{ ...angle('fromAngleDeg', 'From'), required: true },
					{ ...angle('toAngleDeg', 'To, clockwise'), required: true }
				],
				{ required: true }
			),
			{ default: [] as { fromAngleDeg: number; toAngleDeg: number }[], maxItems: 24 }
		),
		gmm('permissibleGmm', 'Allowed unbalance', { ...from0(1e8), label: 'Tolerance' })
	],
	outputs: [
		{ name: 'placements', about: 'Where each weight goes', main: true },
		{ name: 'totalTravelDeg', unit: 'deg', about: 'Movement in all' },
		{ name: 'residualGmm', unit: 'gmm', about: 'Left over if set exactly' },
		{ name: 'bareUnbalanceGmm', unit: 'gmm', about: 'Unbalance without the weights' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Where the weights must pull' },
		{ name: 'capacityGmm', unit: 'gmm', about: 'Most the weights can do' }
	],
	example: {
		unbalanceGmm: 540,
		heavyAngleDeg: 200,
		trackRadiusMm: 60,
		weights: [{ massG: 11 }, { massG: 11 }, { massG: 11 }],
		forbidden: [{ fromAngleDeg: 40, toAngleDeg: 60 }]
	},
	compute(values) {
		const n = values.weights.length;
		if (n * values.minGapDeg > 360)
			throw new InputFault(
				'minGapDeg',
				'above-maximum',
				`${n} weights ${values.minGapDeg} degrees apart do not fit on the circle.`
			);
		const forbidden = values.forbidden.map((z, i) => {
			const width = fold360(z.toAngleDeg - z.fromAngleDeg);
			if (width < 1e-9)
				throw new InputFault(
					`forbidden.${i}`,
					'empty-arc',
					'This arc begins where it ends. Give two different angles.'
				);
			return { from: fold360(z.fromAngleDeg), width };
		});
		const track: Track = {
			u: values.weights.map((weight) => weight.massG * values.trackRadiusMm),
			currentDeg: values.weights.map((weight, k) => fold360(weight.currentAngleDeg ?? (k * 360) / n)),
			minGapDeg: values.minGapDeg,
			mayPass: values.mayPass,
			forbidden
		};
		const present = track.u.reduce((s, u, i) => add(s, vec(u, track.currentDeg[i]!)), { x: 0, y: 0 });
		const measured = vec(values.unbalanceGmm, values.heavyAngleDeg);
		const bare = values.measuredWith === 'weights-in-place' ? sub(measured, present) : measured;
		const target = { x: -bare.x, y: -bare.y };
		const now = add(bare, present);
		const base = {
			bareUnbalanceGmm: len(bare),
			lightAngleDeg: angleOf(target),
			capacityGmm: track.u.reduce((s, u) => s + u, 0)
		};
		const place = (angles: readonly number[], moved: readonly number[]) => {
			const left = track.u.reduce((s, u, i) => add(s, vec(u, angles[i]!)), bare);
			return {
				...base,
				placements: values.weights.map((weight, i) => ({
					weight: i + 1,
					massG: weight.massG,
					angleDeg: fold360(angles[i]!),
					travelDeg: moved[i]!
				})),
				totalTravelDeg: moved.reduce((s, t) => s + Math.abs(t), 0),
				residualGmm: len(left)
			};
		};
		const judge = (residual: number, code: string, message: string) => {
			const covered = values.permissibleGmm !== null && residual <= values.permissibleGmm;
			return new Findings().stop(code, !covered, message).caution(code, covered, message).judged();
		};
		const stay = track.u.map(() => 0);
		if (
			len(now) <= Math.max(values.permissibleGmm ?? 0, 1e-6) &&
			travels(track, cyclicOrder(track), track.currentDeg)
		) {
			return {
				...place(track.currentDeg, stay),
				...new Findings()
					.remark('already-within-tolerance', true, 'Already within the tolerance. Leave the weights.')
					.judged()
			};
		}
		const most = packed(track);
		if (len(target) > most.resultant + 1e-9) {
			const angles = most.anglesFor(angleOf(target));
			const moved =
				travels({ ...track, forbidden: [] }, cyclicOrder(track), angles) ??
				angles.map((a, i) => wrap180(a - track.currentDeg[i]!));
			const done = place(angles, moved);
			return {
				...done,
				...judge(
					done.residualGmm,
					'capacity-exceeded',
					'These weights cannot make up for it. Turn the wheel on its flange, use heavier weights, or true again.'
				)
			};
		}
		const found = leastTravel(track, target);
		if (!found) {
			const done = place(track.currentDeg, stay);
			return {
				...done,
				...judge(
					done.residualGmm,
					'no-arrangement',
					'No places for these weights within the gaps and free arcs. Allow smaller gaps, or use other weights.'
				)
			};
		}
		return { ...place(found.angles, found.travels), ...new Findings().judged() };
	}
});
