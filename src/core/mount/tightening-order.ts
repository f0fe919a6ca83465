import {
	between,
	list,
	mm,
	newtonMetres,
	number,
	over0,
	percent as percentField,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';

function oddSequence(n: number): number[] {
	return Array.from({ length: n }, (_, k) => ((k * ((n - 1) / 2)) % n) + 1);
}

/** Even counts: each next pair of opposite screws lies as far as possible from those already taken. */
function evenSequence(n: number): number[] {
	const half = n / 2;
	const taken = [0];
	const circular = (a: number, b: number) => Math.min(Math.abs(a - b), half - Math.abs(a - b));
	while (taken.length < half) {
		let best = -1;
		let bestDistance = -1;
		for (let p = 0; p < half; p++) {
			if (taken.includes(p)) continue;
			const d = Math.min(...taken.map((t) => circular(p, t)));
			if (d > bestDistance) {
				best = p;
				bestDistance = d;
			}
		}
		taken.push(best);
	}
	return taken.flatMap((p) => [p + 1, p + 1 + half]);
}

/** In which order and with which torque the flange screws are tightened. */
export const tighteningOrder = defineCalculation({
	id: 'mount.tightening-order',
	title: 'Tightening order',
	about:
		"By hand first, then crosswise in rising steps, then once round. The torque is the machine's figure; the order keeps the flange flat.",
	source: 'T = K F d (standard fastener relation); order from geometry.',
	formulas: ['screw force = T/(K d)', 'clamp force = screws x screw force'],
	fields: [
		whole('screwCount', 'Numbered clockwise from 1', { ...between(2, 24), required: true, label: 'Screws' }),
		newtonMetres('finalTorqueNm', "The machine's figure", {
			...over0(1000),
			required: true,
			label: 'Full torque'
		}),
		list(
			'stepPercents',
			'Rising steps, the last 100',
			percentField('percent', 'Share of the full torque', { ...over0(100), required: true }),
			{ default: [30, 60, 100], minItems: 1, maxItems: 10 }
		),
		mm('screwDiameterMm', 'Thread diameter, for the clamp force', over0(100)),
		number('nutFactor', 'Dry steel 0.2, scatter 30 %', {
			...over0(1),
			guideline: true,
			default: 0.2,
			advanced: true
		})
	],
	outputs: [
		{ name: 'sequence', about: 'Order of the screws', main: true },
		{ name: 'anglesDeg', unit: 'deg', about: 'Where they are' },
		{ name: 'passes', about: 'Rounds with their torque' },
		{ name: 'operationCount', about: 'Times a screw is touched' },
		{ name: 'screwForceN', unit: 'N', about: 'Pull of one screw' },
		{ name: 'clampForceN', unit: 'N', about: 'Pull of all' }
	],
	example: { screwCount: 4, finalTorqueNm: 7.5, screwDiameterMm: 6 },
	compute(v) {
		v.stepPercents.forEach((p, i) => {
			if (i > 0 && p <= v.stepPercents[i - 1]!)
				throw new InputFault(
					`stepPercents.${i}`,
					'inconsistent',
					`Step ${p} % does not rise above the one before. Use rising steps such as 30, 60, 100.`
				);
		});
		if (v.stepPercents.at(-1) !== 100)
			throw new InputFault('stepPercents', 'inconsistent', 'The last step must be 100 %.');
		const n = v.screwCount;
		const sequence = n % 2 ? oddSequence(n) : evenSequence(n);
		const round = Array.from({ length: n }, (_, i) => i + 1);
		const passes = [
			{ kind: 'hand-tight', percent: 0, torqueNm: 0, sequence },
			...v.stepPercents.map((percent) => ({
				kind: 'step',
				percent,
				torqueNm: (v.finalTorqueNm * percent) / 100,
				sequence
			})),
			{ kind: 'round-check', percent: 100, torqueNm: v.finalTorqueNm, sequence: round }
		];
		const screwForceN =
			v.screwDiameterMm === null ? null : v.finalTorqueNm / (v.nutFactor * (v.screwDiameterMm / 1000));
		return {
			sequence,
			anglesDeg: sequence.map((s) => ((s - 1) * 360) / n),
			passes,
			operationCount: n * passes.length,
			screwForceN,
			clampForceN: screwForceN === null ? null : screwForceN * n
		};
	}
});
