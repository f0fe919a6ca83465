import {
	between,
	choice,
	list,
	mm,
	mm2,
	newtonMetres,
	number,
	over0,
	percent as percentField,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { judgePressure } from './contact-pressure.js';
import { SCREW_CLASSES, coarsePitchMm, proofStressMPa, stressAreaMm2 } from './screw-strength.js';

/** Share of the proof load: from where a screw is stretched hard, and from where it may yield (guideline). */
const HIGH = 0.75;
const YIELDS = 0.9;

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
	worse: {
		finalTorqueNm: 'up',
		screwDiameterMm: 'down',
		nutFactor: 'down',
		screwPitchMm: 'up',
		contactAreaMm2: 'down'
	},
	title: 'Tightening order',
	about:
		"By hand first, then crosswise in rising steps, then once round. The torque is the machine's figure; the order keeps the flange flat.",
	source:
		'T = K F d (standard fastener relation); stress area and proof stress of ISO 898-1; order from geometry.',
	formulas: [
		'screw force = T/(K d)',
		'clamp force = screws x screw force',
		'share = screw force/(pi/4 (d - 0.9382 p)^2 x proof stress)'
	],
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
		}),
		choice('screwClass', 'Stamped on its head', SCREW_CLASSES, {
			default: '8.8',
			label: 'Class of the screws',
			advanced: true
		}),
		mm('screwPitchMm', 'Coarse thread when empty', { ...between(0.1, 10), label: 'Pitch', advanced: true }),
		mm2('contactAreaMm2', 'The smaller ring of the two flanges', {
			...over0(1e8),
			label: 'Contact area',
			advanced: true
		})
	],
	outputs: [
		{ name: 'sequence', about: 'Order of the screws', main: true },
		{ name: 'anglesDeg', unit: 'deg', about: 'Where they are' },
		{ name: 'passes', about: 'Rounds with their torque' },
		{ name: 'operationCount', about: 'Times a screw is touched' },
		{ name: 'screwForceN', unit: 'N', about: 'Pull of one screw' },
		{ name: 'clampForceN', unit: 'N', about: 'Pull of all' },
		{ name: 'proofShare', about: 'Share of what a screw is proved to' },
		{ name: 'contactPressureMPa', unit: 'MPa', about: 'Pressure on the contact ring' }
	],
	example: { screwCount: 4, finalTorqueNm: 7.5, screwDiameterMm: 6 },
	compute(values) {
		values.stepPercents.forEach((stepPercent, i) => {
			if (i > 0 && stepPercent <= values.stepPercents[i - 1]!)
				throw new InputFault(
					`stepPercents.${i}`,
					'inconsistent',
					`Step ${stepPercent} % does not rise above the one before. Use rising steps such as 30, 60, 100.`
				);
		});
		if (values.stepPercents.at(-1) !== 100)
			throw new InputFault('stepPercents', 'inconsistent', 'The last step must be 100 %.');
		const n = values.screwCount;
		const sequence = n % 2 ? oddSequence(n) : evenSequence(n);
		const round = Array.from({ length: n }, (_, i) => i + 1);
		const passes = [
			{ kind: 'hand-tight', percent: 0, torqueNm: 0, sequence },
			...values.stepPercents.map((percent) => ({
				kind: 'step',
				percent,
				torqueNm: (values.finalTorqueNm * percent) / 100,
				sequence
			})),
			{ kind: 'round-check', percent: 100, torqueNm: values.finalTorqueNm, sequence: round }
		];
		const d = values.screwDiameterMm;
		const pitch = d === null ? null : (values.screwPitchMm ?? coarsePitchMm(d));
		if (d !== null && pitch! >= d)
			throw new InputFault(
				'screwPitchMm',
				'above-maximum',
				`A pitch of ${pitch} mm leaves nothing of a screw of ${d} mm. Enter the pitch of its thread.`
			);
		const screwForceN = d === null ? null : values.finalTorqueNm / (values.nutFactor * (d / 1000));
		const clampForceN = screwForceN === null ? null : screwForceN * n;
		const proofShare =
			screwForceN === null
				? null
				: screwForceN / (stressAreaMm2(d!, pitch!) * proofStressMPa(values.screwClass, d!));
		const contactPressureMPa =
			clampForceN === null || values.contactAreaMm2 === null ? null : clampForceN / values.contactAreaMm2;
		const yields = proofShare !== null && proofShare > YIELDS + 1e-9;
		const share = `${(100 * (proofShare ?? 0)).toFixed(0)} % of what a ${values.screwClass} screw is proved to`;
		const findings = new Findings()
			.stop('screw-yields', yields, `${share}: it may stretch or break. Check torque and screws.`)
			.caution(
				'screw-high',
				!yields && proofShare !== null && proofShare > HIGH + 1e-9,
				`${share}: near the end of what it holds.`
			);
		judgePressure(findings, contactPressureMPa);
		return {
			sequence,
			anglesDeg: sequence.map((s) => ((s - 1) * 360) / n),
			passes,
			operationCount: n * passes.length,
			screwForceN,
			clampForceN,
			forcePerScrewN: screwForceN,
			totalForceN: clampForceN,
			proofShare,
			contactPressureMPa,
			...findings.judged()
		};
	}
});
