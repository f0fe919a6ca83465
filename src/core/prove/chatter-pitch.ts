import {
	between,
	group,
	list,
	mm,
	number,
	over0,
	rpm,
	text,
	whole,
	hertz,
	metresPerMin
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { mmPerSecond } from '../set/stroke-count.js';

const MARKS = [
	mm('markedLengthMm', 'Over several marks', { ...over0(10000), label: 'Marks reach over' }),
	whole('markCount', 'In that length', { ...between(1, 10000), label: 'Marks' })
] as const;
/** A higher order has to fit this much better. */
const ORDER_COST = 0.002;
const ALIKE = 0.01;

type ChatterSource = 'wheel-rpm' | 'wheel-harmonic' | 'roll-lobes' | 'roll-beat' | 'work-rpm' | 'known';
interface Source {
	code: ChatterSource;
	name: string | null;
	order: number;
	frequencyHz: number;
}

/** The pitch of the marks names a frequency, and the frequency names the culprit. */
export const chatterPitch = defineCalculation({
	id: 'prove.chatter-pitch',
	worse: {
		pitchMm: 'none',
		markedLengthMm: 'none',
		markCount: 'none',
		workSpeedMPerMin: 'none',
		wheelRpm: 'none',
		maxOrder: 'down',
		tolerance: 'down'
	},
	title: 'Chatter ruler',
	about:
		'Marks counted over a length, and the speed of the work: their frequency against wheel, dressing roll, work and everything else that hums.',
	source: 'Kinematics (first principles). Measure over ten marks: one pitch is 10 % wrong at once.',
	formulas: [
		'frequency = work speed/pitch',
		'beat of the roll = |n_roll - round(n_roll/n_dress) n_dress|/60 x n/n_dress',
		'score = mismatch + 0.002 (order - 1)'
	],
	fields: [
		mm('pitchMm', 'Mark to mark', { ...over0(10000), label: 'Pitch' }),
		...MARKS,
		metresPerMin('workSpeedMPerMin', 'Of table or work', {
			...over0(1000),
			required: true,
			label: 'Work speed'
		}),
		rpm('wheelRpm', 'While it was ground', { ...over0(500000), required: true, label: 'Wheel' }),
		whole('maxOrder', 'Of the wheel, looked at', {
			...between(1, 20),
			default: 6,
			label: 'Orders',
			advanced: true
		}),
		number('tolerance', 'Frequencies alike within', {
			...over0(0.5),
			default: 0.05,
			label: 'Alike within',
			advanced: true
		}),
		rpm('rollRpm', 'Of the dressing roll', { ...over0(500000), label: 'Roll' }),
		rpm('wheelRpmAtDress', 'The same when empty', { ...over0(500000), label: 'Wheel at the dress' }),
		rpm('workRpm', 'Of round work', { ...over0(100000), label: 'Work' }),
		list(
			'known',
			'Pumps, motors, neighbours',
			group(
				'source',
				'One of them',
				[
					text('name', 'What it is', { required: true, maxLength: 60 }),
					hertz('frequencyHz', 'Hums at', { ...over0(100000), required: true, label: 'Frequency' })
				],
				{ required: true }
			),
			{ default: [] as { name: string; frequencyHz: number }[], maxItems: 40, label: 'What else hums' }
		)
	],
	outputs: [
		{ name: 'frequencyHz', unit: 'Hz', about: 'Frequency of the marks', main: true },
		{ name: 'likely', about: 'Likely from' },
		{ name: 'likelyName', about: 'Its name' },
		{ name: 'likelyOrder', about: 'Its order' },
		{ name: 'likelyCount', about: 'Likely ones' },
		{ name: 'pitchMm', unit: 'mm', about: 'Pitch' },
		{ name: 'perWheelTurn', about: 'Marks a turn of the wheel' },
		{ name: 'pitchAtWheelRpmMm', unit: 'mm', about: 'Once a turn would leave' },
		{ name: 'candidates', about: 'All sources' }
	],
	example: {
		markedLengthMm: 52,
		markCount: 8,
		workSpeedMPerMin: 11.5,
		wheelRpm: 1760,
		known: [{ name: 'pump', frequencyHz: 24.5 }]
	},
	compute(values) {
		if (values.pitchMm === null)
			needed(values, MARKS, 'Count the marks over a length, or enter their pitch.');
		const pitchMm = values.pitchMm ?? values.markedLengthMm! / values.markCount!;
		const speed = mmPerSecond(values.workSpeedMPerMin);
		const frequencyHz = speed / pitchMm;
		const candidates = sources(values)
			.map((source) => {
				const mismatch = Math.abs(frequencyHz / source.frequencyHz - 1);
				return {
					...source,
					mismatch,
					score: mismatch + ORDER_COST * (source.order - 1),
					likely: mismatch <= values.tolerance + SLACK
				};
			})
			.sort((a, b) => a.score - b.score);
		const likely = candidates.filter((candidate) => candidate.likely);
		const [first, second] = likely;
		const findings = new Findings()
			.caution(
				'no-match',
				!first,
				'None of these hums like that. Look for what else turns nearby: pumps, motors, belts, a neighbour.'
			)
			.caution(
				'several-match',
				!!first && !!second && second.score - first.score <= ALIKE + SLACK,
				"Two sources fit. Change the wheel's rpm a little and see whether the pitch follows."
			);
		return {
			pitchMm,
			frequencyHz,
			perWheelTurn: (60 * frequencyHz) / values.wheelRpm,
			pitchAtWheelRpmMm: (60 * speed) / values.wheelRpm,
			likely: first?.code ?? null,
			likelyName: first?.name ?? null,
			likelyOrder: first?.order ?? null,
			likelyCount: likely.length,
			candidates,
			...findings.judged()
		};
	}
});

/** Everything that may leave such marks, with its frequency. */
function sources(values: {
	wheelRpm: number;
	maxOrder: number;
	rollRpm: number | null;
	wheelRpmAtDress: number | null;
	workRpm: number | null;
	known: readonly { name: string; frequencyHz: number }[];
}): Source[] {
	const turn = values.wheelRpm / 60;
	const one = (code: Source['code'], frequencyHz: number, order = 1, name: string | null = null): Source => ({
		code,
		name,
		order,
		frequencyHz
	});
	const all = [one('wheel-rpm', turn)];
	for (let k = 2; k <= values.maxOrder; k++) all.push(one('wheel-harmonic', k * turn, k));
	if (values.rollRpm !== null) {
		const dressed = values.wheelRpmAtDress ?? values.wheelRpm;
		const lobes = values.rollRpm / dressed;
		all.push(one('roll-lobes', lobes * turn));
		const beat = (Math.abs(values.rollRpm - Math.round(lobes) * dressed) / 60) * (values.wheelRpm / dressed);
		if (beat > SLACK) all.push(one('roll-beat', beat));
	}
	if (values.workRpm !== null) all.push(one('work-rpm', values.workRpm / 60));
	for (const k of values.known) all.push(one('known', k.frequencyHz, 1, k.name));
	return all;
}
