import { between, choice, from0, mm, mmPerM } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

const slope = <const N extends string>(name: N, about: string) => mmPerM(name, about, between(-50, 50));
const span = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...between(10, 5000), required: true });
type Turn = 'clockwise' | 'counter-clockwise' | 'none';
export interface Adjustment {
	foot: 'A' | 'B' | 'C';
	direction: 'raise' | 'lower' | 'none';
	turn: Turn;
	heightMm: number;
	turns: number;
}

/** Which foot of a three-footed stand, which way, and what part of a turn. */
export const levelStand = defineCalculation({
	id: 'balance.level-stand',
	worse: { toleranceMmPerM: 'down' },
	title: 'Level the stand',
	about:
		'First the side with two feet, then the single foot, which tips the frame about the line through the other two. The level is turned end for end: half the difference is its own fault.',
	source: 'Plane geometry; the tolerance is a guideline.',
	formulas: [
		'slope = (forward + reversed)/2',
		"level's own fault = (forward - reversed)/2",
		'height = |slope| span/1000',
		'after the first foot: slope to C = slope - 1000 height/(2 depth)',
		'turns = height/pitch'
	],
	fields: [
		{ ...slope('xForwardMmPerM', '+ when the B end is high'), required: true, label: 'Along A to B' },
		{ ...slope('yForwardMmPerM', '+ when the C end is high'), required: true, label: 'Towards C' },
		{
			...slope('xReversedMmPerM', 'Same spot, level turned end for end'),
			label: 'A to B, level turned'
		},
		{
			...slope('yReversedMmPerM', 'Same spot, level turned end for end'),
			label: 'Towards C, level turned'
		},
		{
			...slope('levelErrorMmPerM', 'Used only without turned readings'),
			label: 'Known fault of the level'
		},
		span('footSpacingMm', 'A to B'),
		span('footDepthMm', 'C from the line A to B'),
		mm('screwPitchMm', 'Of the foot screws', { ...between(0.1, 10), required: true }),
		mmPerM('toleranceMmPerM', 'Guideline', {
			...from0(10),
			guideline: true,
			default: 0.05,
			label: 'Level within'
		}),
		choice('raiseTurn', 'Seen from above', ['clockwise', 'counter-clockwise'], {
			default: 'clockwise',
			label: 'Lifting turn'
		}),
		choice('rollsAlong', 'x from A to B, y towards C', ['x', 'y'], {
			default: 'y',
			label: 'Wheel rolls along'
		})
	],
	outputs: [
		{ name: 'adjustments', about: 'In this order', main: true },
		{ name: 'slopeXMmPerM', unit: 'mm/m', about: 'Slope A to B' },
		{ name: 'slopeYMmPerM', unit: 'mm/m', about: 'Slope towards C' },
		{ name: 'levelErrorMmPerM', unit: 'mm/m', about: 'Fault of the level' },
		{ name: 'rollSlopeMmPerM', unit: 'mm/m', about: 'Along the roll' },
		{ name: 'crossSlopeMmPerM', unit: 'mm/m', about: 'Across the roll' }
	],
	example: {
		xForwardMmPerM: 0.42,
		xReversedMmPerM: 0.18,
		yForwardMmPerM: -0.05,
		yReversedMmPerM: -0.29,
		footSpacingMm: 420,
		footDepthMm: 310,
		screwPitchMm: 1.5
	},
	compute(values) {
		const own = (
			[
				[values.xForwardMmPerM, values.xReversedMmPerM],
				[values.yForwardMmPerM, values.yReversedMmPerM]
			] as const
		).map(([f, r]) => (r === null ? null : (f - r) / 2));
		const found = own.filter((e) => e !== null);
		const levelErrorMmPerM = found.length
			? found.reduce((s, e) => s + e, 0) / found.length
			: (values.levelErrorMmPerM ?? 0);
		const slopeOf = (forward: number, reversed: number | null) =>
			reversed === null ? forward - levelErrorMmPerM : (forward + reversed) / 2;
		const slopeXMmPerM = slopeOf(values.xForwardMmPerM, values.xReversedMmPerM);
		const slopeYMmPerM = slopeOf(values.yForwardMmPerM, values.yReversedMmPerM);
		const off = (slopeMmPerM: number) => Math.abs(slopeMmPerM) > values.toleranceMmPerM;
		const other = values.raiseTurn === 'clockwise' ? 'counter-clockwise' : 'clockwise';
		const adjust = (
			foot: Adjustment['foot'],
			slopeMmPerM: number,
			spanMm: number,
			direction: 'raise' | 'lower'
		): Adjustment => {
			if (!off(slopeMmPerM)) return { foot, direction: 'none', turn: 'none', heightMm: 0, turns: 0 };
			const heightMm = (Math.abs(slopeMmPerM) * spanMm) / 1000;
			return {
				foot,
				direction,
				turn: direction === 'raise' ? values.raiseTurn : other,
				heightMm,
				turns: heightMm / values.screwPitchMm
			};
		};
		const first = adjust(slopeXMmPerM > 0 ? 'A' : 'B', slopeXMmPerM, values.footSpacingMm, 'raise');
		// C stands opposite the middle of A and B: lifting either of them tips the middle of their side by half of it.
		const slopeLeftMmPerM = slopeYMmPerM - (1000 * first.heightMm) / (2 * values.footDepthMm);
		const findings = new Findings()
			.caution(
				'not-level',
				off(slopeXMmPerM) || off(slopeYMmPerM),
				'The stand is not level yet: a leaning stand marks the wrong heavy side.'
			)
			.caution(
				'level-itself-off',
				found.length > 0 && off(levelErrorMmPerM),
				`The level itself is off by ${Math.abs(levelErrorMmPerM).toFixed(2)} mm/m. It is taken out here; have it set.`
			)
			.caution(
				'level-readings-disagree',
				found.length === 2 && Math.abs(found[0]! - found[1]!) > values.toleranceMmPerM,
				'The two pairs of readings do not agree about the level. Clean its foot and the rails, read again.'
			)
			.caution(
				'level-not-checked',
				!found.length && values.levelErrorMmPerM === null,
				'The level was not turned end for end: its own fault is in these readings.'
			);
		return {
			slopeXMmPerM,
			slopeYMmPerM,
			levelErrorMmPerM,
			rollSlopeMmPerM: values.rollsAlong === 'y' ? slopeYMmPerM : slopeXMmPerM,
			crossSlopeMmPerM: values.rollsAlong === 'y' ? slopeXMmPerM : slopeYMmPerM,
			adjustments: [
				first,
				adjust('C', slopeLeftMmPerM, values.footDepthMm, slopeLeftMmPerM < 0 ? 'raise' : 'lower')
			],
			...findings.judged()
		};
	}
});
