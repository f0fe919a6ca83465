import { between, deg, from0, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';

const SHORTEST_DEG = 1;
const end = <const N extends string>(name: N, label: string) =>
	deg(name, 'Face angle, going clockwise', { ...between(-36000, 36000), required: true, label });

/** Run-out without an indicator: how long a pencil line becomes when the pencil goes on a known way after the first touch. */
export const pencilTouch = defineCalculation({
	id: 'true.pencil-touch',
	worse: { fromAngleDeg: 'none', toAngleDeg: 'none', advanceUm: 'up', limitTirUm: 'down' },
	title: 'Run-out from a pencil line',
	about:
		'The pencil just touches, then goes on a known way: the longer the line, the less the rim runs out. The middle of the line is the high spot.',
	source: 'First principles; a purely eccentric rim is assumed.',
	formulas: [
		'arc = (to - from) mod 360',
		'off centre = advance/(1 - cos(arc/2))',
		'high spot = from + arc/2',
		'run-out = 2 off centre'
	],
	fields: [
		end('fromAngleDeg', 'Line begins'),
		end('toAngleDeg', 'Line ends'),
		um('advanceUm', 'After the very first touch', {
			...over0(5000),
			required: true,
			label: 'Pencil went on'
		}),
		um('limitTirUm', 'Run-out allowed', { ...from0(10000), default: 25, label: 'Limit' })
	],
	outputs: [
		{ name: 'tirUm', unit: 'um', about: 'Run-out', main: true },
		{ name: 'eccentricityUm', unit: 'um', about: 'Off centre' },
		{ name: 'highSpotAngleDeg', unit: 'deg', about: 'High spot' },
		{ name: 'arcDeg', unit: 'deg', about: 'Length of the line' }
	],
	example: { fromAngleDeg: 305, toAngleDeg: 25, advanceUm: 40 },
	compute(values) {
		const arcDeg = fold360(values.toAngleDeg - values.fromAngleDeg);
		if (arcDeg < SHORTEST_DEG)
			throw new InputFault(
				'toAngleDeg',
				'arc-too-short',
				'The line is shorter than a degree. Let the pencil go on a little further.'
			);
		const eccentricityUm = values.advanceUm / (1 - Math.cos((arcDeg / 2) * DEG));
		const tirUm = 2 * eccentricityUm;
		const findings = new Findings()
			.caution(
				'touch-nearly-all-round',
				arcDeg > 300,
				'The line goes nearly all round: it says little about where the high spot is. Draw it again with less advance.'
			)
			.caution(
				'touch-too-short',
				arcDeg < 20,
				'The line is short: a small error of its ends is a large one of the run-out. Let the pencil go on further.'
			)
			.caution(
				'runout-above-limit',
				tirUm > values.limitTirUm,
				`Runs out ${tirUm.toFixed(0)} µm, limit ${values.limitTirUm} µm.`
			);
		return {
			arcDeg,
			highSpotAngleDeg: fold360(values.fromAngleDeg + arcDeg / 2),
			eccentricityUm,
			tirUm,
			...findings.judged()
		};
	}
});
