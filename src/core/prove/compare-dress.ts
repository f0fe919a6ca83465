import { choice, group, over0, roughnessUm, watts } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const side = <const N extends string>(name: N, about: string) =>
	group(
		name,
		about,
		[
			roughnessUm('raUm', 'Measured', { ...over0(1000), required: true, label: 'Ra' }),
			watts('powerW', 'By the meter, at the same cut', { ...over0(1e6), label: 'Power' })
		],
		{ required: true }
	);
/** What hand and eye say in place of a meter: towards freer or duller. */
const FEEL = { freer: -1, same: 0, duller: 1 } as const;
const PATCH = { cleaner: -1, same: 0, dirtier: 1 } as const;
const CLEAR_PCT = 5;
const ROUGHER_PCT = 10;

/** Before and after the dress: did it help? */
export const compareDress = defineCalculation({
	id: 'prove.compare-dress',
	title: 'Undressed against dressed',
	about:
		'The same cut before and after the dress: roughness, and power by the meter or, without one, what hand and eye say.',
	source: 'Ratios of two readings; the thresholds are shop guidelines.',
	formulas: [
		'change = 100 (after/before - 1)',
		'without power: freer, cleaner -1; duller, dirtier +1; the sum takes its place'
	],
	fields: [
		side('before', 'The cut undressed'),
		side('after', 'The same cut dressed'),
		choice('feel', 'Push, sound, sparks, heat in the hand', ['freer', 'same', 'duller'], {
			label: 'It cuts'
		}),
		choice('patch', 'The two trial patches side by side', ['cleaner', 'same', 'dirtier'], {
			label: 'The patch is'
		})
	],
	outputs: [
		{ name: 'conclusion', about: 'The dress left it', main: true },
		{ name: 'raChangePct', unit: '%', about: 'Ra changed by' },
		{ name: 'powerChangePct', unit: '%', about: 'Power changed by' },
		{ name: 'basis', about: 'Judged by' }
	],
	example: { before: { raUm: 0.6, powerW: 1400 }, after: { raUm: 0.57, powerW: 1120 } },
	compute({ before, after, feel, patch }) {
		if ((before.powerW === null) !== (after.powerW === null)) {
			const missing = before.powerW === null ? 'before' : 'after';
			throw new InputFault(
				`${missing}.powerW`,
				'missing',
				`Power ${missing} the dress is missing. Enter both, or neither.`
			);
		}
		const raChangePct = 100 * (after.raUm / before.raUm - 1);
		const powerChangePct =
			before.powerW === null || after.powerW === null ? null : 100 * (after.powerW / before.powerW - 1);
		const hand = feel === null ? 0 : FEEL[feel];
		const eye = patch === null ? 0 : PATCH[patch];
		const basis =
			powerChangePct !== null
				? ('power' as const)
				: feel !== null || patch !== null
					? ('feel' as const)
					: ('ra-only' as const);
		const p = powerChangePct ?? CLEAR_PCT * Math.sign(hand + eye);
		const findings = new Findings()
			.caution(
				'ra-only',
				basis === 'ra-only',
				'Roughness alone says little of how the wheel cuts. Say how it feels, or read the power.'
			)
			.caution(
				'signs-disagree',
				hand * eye < 0,
				'Hand and eye say opposite things. Cut the two patches once more, side by side.'
			);
		return {
			raChangePct,
			powerChangePct,
			basis,
			conclusion: concluded(p, raChangePct),
			...findings.judged()
		};
	}
});

function concluded(p: number, r: number) {
	const freer = p <= -CLEAR_PCT + SLACK;
	const duller = p >= CLEAR_PCT - SLACK;
	if (freer) return r <= ROUGHER_PCT + SLACK ? 'better' : 'freer-but-rougher';
	if (!duller && r < -ROUGHER_PCT - SLACK) return 'finer';
	if (duller) return r < 0 ? 'finer-but-duller' : 'worse';
	return Math.abs(r) <= ROUGHER_PCT + SLACK ? 'little-change' : 'worse';
}
