import { choice, from0, grams, group, list } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { type Vec, angleOf, fold360, len, vec } from '../numeric/angles.js';
import { angle, radius } from './shared-fields.js';

const MIN_GEOMETRY = 0.0005;
const WEAK_GEOMETRY = 0.03;
const mass = <const N extends string>(name: N, about: string) => grams(name, about, from0(1e5));
/** What holding it on the level side tells. */
const HOLDING = [
	{ ...angle('heavyAngleDeg', 'Turned to the level side'), label: 'Heavy side' },
	{ ...radius('radiusMm', 'Of the holding mass'), label: 'Radius of the holding mass' },
	{ ...mass('holdLowMassG', 'Just holds it'), label: 'Smallest that holds' },
	{ ...mass('holdHighMassG', 'Still holds it'), minOpen: true, label: 'Largest that holds' }
] as const;
const lacking = (field: string, says: string) => new InputFault(field, 'missing', says);

interface Run {
	massG: number;
	radiusMm: number | null;
	angleDeg: number | null;
	restAngleDeg: number;
}

/** Every run rests with its resultant down: two unknowns, one equation a run, least squares over all of them. */
function fromRests(runs: readonly Run[]): { U: Vec; geometry: number; friction: number; reversed: boolean } {
	if (runs.every((run) => run.massG === 0))
		throw new InputFault(
			'runs',
			'no-test-mass',
			'No run has a test mass. Fix a known mass and let it rest again.'
		);
	const rows = runs.map((r, i) => {
		if (r.massG > 0 && r.radiusMm === null)
			throw lacking(`runs.${i}.radiusMm`, `The radius of the test mass in run ${i + 1} is missing.`);
		if (r.massG > 0 && r.angleDeg === null)
			throw lacking(`runs.${i}.angleDeg`, `The angle of the test mass in run ${i + 1} is missing.`);
		const w = r.massG > 0 ? vec(r.massG * r.radiusMm!, r.angleDeg!) : { x: 0, y: 0 };
		const d = vec(1, r.restAngleDeg);
		return { w, d, h: { x: d.y, y: -d.x }, y: -(w.x * d.y - w.y * d.x) };
	});
	const sum = (of: (r: (typeof rows)[0]) => number) => rows.reduce((s, r) => s + of(r), 0);
	const [xx, xy, yy, bx, by] = [
		sum((r) => r.h.x ** 2),
		sum((r) => r.h.x * r.h.y),
		sum((r) => r.h.y ** 2),
		sum((r) => r.h.x * r.y),
		sum((r) => r.h.y * r.y)
	];
	const geometry = (xx + yy) / 2 - Math.hypot((xx - yy) / 2, xy);
	if (geometry < MIN_GEOMETRY)
		throw new InputFault(
			'runs',
			'no-information',
			'All runs rested at nearly the same place: they tell the direction, not the amount. Put the test mass well away from the heavy side.'
		);
	const det = xx * yy - xy * xy;
	const U = { x: (yy * bx - xy * by) / det, y: (xx * by - xy * bx) / det };
	const friction =
		runs.length === 2 ? 0 : Math.sqrt(sum((r) => (r.h.x * U.x + r.h.y * U.y - r.y) ** 2) / rows.length);
	return {
		U,
		geometry,
		friction,
		reversed: rows.some((row) => (U.x + row.w.x) * row.d.x + (U.y + row.w.y) * row.d.y < 0)
	};
}

/** Unbalance with one known mass and no stopwatch: held on the level side, or by where it rests with and without it. */
export const fromTestMass = defineCalculation({
	id: 'balance.from-test-mass',
	worse: { holdLowMassG: 'down', holdHighMassG: 'up' },
	title: 'Unbalance with a test mass',
	about:
		'Either the smallest and the largest mass that hold the heavy spot level, or where the wheel rests without and with a known mass.',
	source: 'Statics; unweighted least squares over the runs.',
	formulas: [
		'held: U = r (low + high)/2, hidden by friction r (high - low)/2',
		'rests: (U + w) x d = 0 for each run',
		'one mass: U = t sin(beta - th1)/sin(th1 - th0)'
	],
	fields: [
		choice('method', 'How it was found', ['hold', 'rest-angles'], { required: true }),
		...HOLDING,
		list(
			'runs',
			'Where it rested, without and with the mass',
			group(
				'run',
				'One release',
				[
					{ ...mass('massG', '0 for none'), required: true, label: 'Test mass' },
					radius('radiusMm', 'Of the test mass'),
					angle('angleDeg', 'Of the test mass'),
					{
						...angle('restAngleDeg', 'Face angle that ended at the bottom'),
						required: true,
						label: 'Rested at'
					}
				],
				{ required: true }
			),
			{ minItems: 2, maxItems: 24 }
		)
	],
	outputs: [
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance', main: true },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Light side' },
		{ name: 'frictionGmm', unit: 'gmm', about: 'Hidden by friction' },
		{ name: 'geometry', about: 'How well the runs see it' }
	],
	example: { method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 3.4, holdHighMassG: 4.2 },
	compute(values) {
		if (values.method === 'hold') {
			needed(values, HOLDING, 'Holding needs the heavy side, the radius and both masses.');
			const [low, high, r] = [values.holdLowMassG!, values.holdHighMassG!, values.radiusMm!];
			if (low > high)
				throw new InputFault(
					'holdLowMassG',
					'above-maximum',
					`The smallest mass that holds, ${low} g, is more than the largest, ${high} g. Exchange them.`
				);
			const unbalanceGmm = (r * (low + high)) / 2;
			const frictionGmm = (r * (high - low)) / 2;
			const heavyAngleDeg = fold360(values.heavyAngleDeg!);
			return {
				unbalanceGmm,
				heavyAngleDeg,
				lightAngleDeg: fold360(heavyAngleDeg + 180),
				frictionGmm,
				geometry: null,
				...new Findings()
					.caution(
						'stand-too-stiff',
						frictionGmm > unbalanceGmm / 2,
						'Friction hides half of it: clean rails and journals.'
					)
					.judged()
			};
		}
		if (values.runs === null)
			throw lacking('runs', 'The runs are missing. Let it rest once without and once with the test mass.');
		const { U, geometry, friction, reversed } = fromRests(values.runs);
		const heavyAngleDeg = angleOf(U);
		const findings = new Findings()
			.caution(
				'weak-geometry',
				geometry < WEAK_GEOMETRY,
				'The runs rested close together: a small error of a mark is a large one of the amount. Move the test mass further from the heavy side.'
			)
			.caution(
				'sense-reversed',
				reversed,
				'One run would rest the other way up: a mark was read wrongly, or from the other side.'
			);
		return {
			unbalanceGmm: len(U),
			heavyAngleDeg,
			lightAngleDeg: fold360(heavyAngleDeg + 180),
			frictionGmm: friction,
			geometry,
			...findings.judged()
		};
	}
});
