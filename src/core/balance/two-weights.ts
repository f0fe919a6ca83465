import { deg, from0, list } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, add, angleOf, fold360, len, sub, vec, wrap180 } from '../numeric/angles.js';
import { angle, gmm, grams, radius } from './shared-fields.js';

const NOTHING = 1e-9;
const SAYS: Readonly<Record<string, string>> = {
	'capacity-exceeded':
		'These weights cannot make up for it. Use heavier ones or more of them, turn the wheel on its flange, or true again.',
	'weights-too-close':
		'The weights would have to stand closer than they can. Use heavier ones or more of them, or turn the wheel on its flange.',
	'weights-too-unequal': 'These two are too unequal to cancel so little. Use a matched pair.'
};

/** Of the sum of both: what rounding leaves of a triangle without height. */
const STRAIGHT = 1e-12;
/** Angles of both weights for a reachable correction: the closing triangle and its mirror image. */
function triangles(c: number, lightDeg: number, u1: number, u2: number): [number, number][] {
	// A triangle that is all but a line is taken for one: near it a corner is known to half the digits only.
	const flat = STRAIGHT * (u1 + u2);
	if (u1 + u2 - c <= flat)
		return [
			[lightDeg, lightDeg],
			[lightDeg, lightDeg]
		];
	if (c - Math.abs(u1 - u2) <= flat) {
		const line: [number, number] = u1 > u2 ? [lightDeg, lightDeg + 180] : [lightDeg + 180, lightDeg];
		return [line, line];
	}
	const corner = (a: number, b: number) =>
		Math.acos(Math.max(-1, Math.min(1, (c * c + a * a - b * b) / (2 * c * a)))) / DEG;
	const [x1, x2] = [corner(u1, u2), corner(u2, u1)];
	return [
		[lightDeg - x1, lightDeg + x2],
		[lightDeg + x1, lightDeg - x2]
	];
}

/** Two weights in a track, in closed form. */
export const twoWeights = defineCalculation({
	id: 'balance.two-weights',
	worse: { unbalanceGmm: 'up', massG: 'down', secondMassG: 'none', radiusMm: 'down', minGapDeg: 'up' },
	title: 'Two weights',
	about:
		'Where both weights go so that together they pull to the light side exactly as much as is missing; of the two mirror images the one with less movement.',
	source: 'Closing triangle of vectors (first principles).',
	formulas: [
		'C = -(measured - weights that were on)',
		'x1 = acos((c^2 + u1^2 - u2^2)/(2 c u1))',
		'light - x1 and light + x2, or the mirror image'
	],
	fields: [
		{ ...gmm('unbalanceGmm', 'Measured'), required: true },
		{ ...angle('heavyAngleDeg', 'Heavy side'), required: true },
		{ ...grams('massG', 'Of the first'), required: true, label: 'Weight' },
		{ ...grams('secondMassG', 'The same when empty'), label: 'Second weight' },
		{ ...radius('radiusMm', 'Of the track'), required: true, label: 'Track radius' },
		list(
			'currentAnglesDeg',
			'Where they stood while measuring',
			{ ...angle('currentAngle', 'Where it stood'), required: true },
			{ minItems: 2, maxItems: 2 }
		),
		deg('minGapDeg', 'Centre to centre', { ...from0(180), default: 0 }),
		{ ...angle('neutralAngleDeg', 'When nothing is to be done'), default: 0, advanced: true },
		{ ...gmm('permissibleGmm', 'Allowed unbalance'), label: 'Tolerance' }
	],
	outputs: [
		{ name: 'placements', about: 'Where each weight goes', main: true },
		{ name: 'residualGmm', unit: 'gmm', about: 'Left over if set exactly' },
		{ name: 'residualAngleDeg', unit: 'deg', about: 'Its heavy side' },
		{ name: 'openingDeg', unit: 'deg', about: 'Between the weights' },
		{ name: 'totalTravelDeg', unit: 'deg', about: 'Movement in all' },
		{ name: 'bareUnbalanceGmm', unit: 'gmm', about: 'Unbalance without the weights' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Where the weights must pull' },
		{ name: 'capacityGmm', unit: 'gmm', about: 'Most the weights can do' }
	],
	example: { unbalanceGmm: 430, heavyAngleDeg: 38, massG: 9, radiusMm: 55 },
	compute(values) {
		const masses = [values.massG, values.secondMassG ?? values.massG] as const;
		const [u1, u2] = [masses[0] * values.radiusMm, masses[1] * values.radiusMm];
		const now = values.currentAnglesDeg;
		if (now && now.length !== 2)
			throw new InputFault('currentAnglesDeg', 'too-few', 'Give both angles, or neither.');
		const bare = now
			? sub(sub(vec(values.unbalanceGmm, values.heavyAngleDeg), vec(u1, now[0]!)), vec(u2, now[1]!))
			: vec(values.unbalanceGmm, values.heavyAngleDeg);
		const C = { x: -bare.x, y: -bare.y };
		const c = len(C);
		const light = angleOf(C);
		const travelsOf = (a: readonly number[]) => (now ? a.map((x, i) => wrap180(x - now[i]!)) : null);
		const effort = (a: readonly number[]) => (travelsOf(a) ?? [0]).reduce((s, t) => s + Math.abs(t), 0);
		const P = add(vec(u1, 0), vec(u2, values.minGapDeg));
		const slack = NOTHING * Math.max(1, u1 + u2);
		let code: string | null = null;
		let angles: [number, number];
		if (c < NOTHING && u1 === u2) angles = [values.neutralAngleDeg, values.neutralAngleDeg + 180];
		else if (c > len(P) + slack) {
			code = c > u1 + u2 ? 'capacity-exceeded' : 'weights-too-close';
			angles = [light - angleOf(P), light - angleOf(P) + values.minGapDeg];
		} else if (c < Math.abs(u1 - u2) - slack) {
			code = 'weights-too-unequal';
			const big = c < NOTHING ? values.neutralAngleDeg : light;
			angles = u1 > u2 ? [big, big + 180] : [big + 180, big];
		} else {
			const [first, mirror] = triangles(c, light, u1, u2) as [[number, number], [number, number]];
			angles = now && effort(mirror) < effort(first) - NOTHING ? mirror : first;
		}
		const left = add(add(bare, vec(u1, angles[0])), vec(u2, angles[1]));
		const residualGmm = len(left);
		const travels = travelsOf(angles);
		const covered = values.permissibleGmm !== null && residualGmm <= values.permissibleGmm;
		const findings = new Findings();
		if (code) findings.stop(code, !covered, SAYS[code]!).caution(code, covered, SAYS[code]!);
		return {
			bareUnbalanceGmm: c,
			lightAngleDeg: light,
			placements: angles.map((a, i) => ({
				weight: i + 1,
				massG: masses[i]!,
				angleDeg: fold360(a),
				travelDeg: travels?.[i] ?? null
			})),
			openingDeg: Math.abs(wrap180(angles[1] - angles[0])),
			residualGmm,
			residualAngleDeg: residualGmm <= slack ? null : angleOf(left),
			totalTravelDeg: travels ? effort(angles) : null,
			capacityGmm: u1 + u2,
			...findings.judged()
		};
	}
});
