import { choice, from0, over0, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

/** Share of the last bite that stays on the rim after spark-out. */
const AFTER_SPARK_OUT = 0.25;
/** Where the spindle was never measured, a way by hand is not enough for limits under this, in micrometres. */
const FINE_LIMIT_UM = 10;

export const RIM_BY_HAND_WAYS = ['dressed-all-round', 'line-held', 'line-clamped'] as const;

/** Run-out of a rim without an indicator, as a band: what it is at most by the way it was found. */
export const rimByHand = defineCalculation({
	id: 'true.rim-by-hand',
	worse: {
		lastBiteUm: 'up',
		spindleErrorUm: 'up',
		heldBandUm: 'up',
		clampedBandUm: 'up',
		limitTirUm: 'down'
	},
	title: 'Run-out without an indicator',
	about:
		'A rim dressed until no untouched spot is left runs as true as its last bite and its spindle; a pencil line that closes all round says as much as the pencil is steady.',
	source: 'First principles; the bands of a pencil and the share left after spark-out are guidelines.',
	formulas: [
		'dressed: at most last bite (a quarter of it after spark-out) + error motion of the spindle',
		'pencil line closed all round: at most the band of the pencil, held or clamped'
	],
	fields: [
		choice('way', 'How it was found', RIM_BY_HAND_WAYS, { required: true, label: 'Found by' }),
		um('lastBiteUm', 'On the radius, once it touched all round', {
			...over0(1000),
			label: 'Last bite'
		}),
		yesNo('sparkedOut', 'Passes without feed until nothing was heard', {
			default: false,
			label: 'Sparked out'
		}),
		um('spindleErrorUm', 'Full reading at the taper or seat; empty where nobody measured it', {
			...from0(1000),
			label: 'Spindle runs out'
		}),
		um('heldBandUm', 'Pencil held on the rest', {
			...over0(1000),
			guideline: true,
			default: 100,
			label: 'A held pencil tells',
			advanced: true
		}),
		um('clampedBandUm', 'Pencil clamped', {
			...over0(1000),
			guideline: true,
			default: 30,
			label: 'A clamped pencil tells',
			advanced: true
		}),
		um('limitTirUm', 'Run-out allowed', { ...from0(10000), default: 25, label: 'Limit', advanced: true })
	],
	outputs: [
		{ name: 'tirUm', unit: 'um', about: 'Run-out, at most', main: true },
		{ name: 'spindleKnown', about: 'Spindle measured' }
	],
	example: { way: 'dressed-all-round', lastBiteUm: 10, sparkedOut: true, spindleErrorUm: 4 },
	compute(values) {
		const dressed = values.way === 'dressed-all-round';
		if (dressed && values.lastBiteUm === null)
			throw new InputFault(
				'lastBiteUm',
				'missing',
				'The last bite is missing. Read off the dial how far it was fed in for the pass that touched all round.'
			);
		const spindleKnown = values.spindleErrorUm !== null;
		const tirUm = dressed
			? values.lastBiteUm! * (values.sparkedOut ? AFTER_SPARK_OUT : 1) + (values.spindleErrorUm ?? 0)
			: values.way === 'line-held'
				? values.heldBandUm
				: values.clampedBandUm;
		const findings = new Findings()
			.caution(
				'runout-above-limit',
				tirUm > values.limitTirUm + SLACK,
				`By hand it is known to run out by at most ${tirUm.toFixed(0)} µm, and ${values.limitTirUm} µm is the limit. ${dressed ? 'Take a finer last bite, spark out' : 'Dress it all round'}, or read it with an indicator.`
			)
			.caution(
				'spindle-not-measured',
				dressed && !spindleKnown && values.limitTirUm < FINE_LIMIT_UM,
				`The spindle was not measured, and its own error comes on top: not enough for a limit of ${values.limitTirUm} µm.`
			);
		return { tirUm, spindleKnown, ...findings.judged() };
	}
});
