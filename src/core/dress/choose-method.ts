import { choice, list, whole, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { isSuperabrasive } from './dress-infeed.js';
import { BOND_FIELD, bondOf } from './bonds.js';
import { METHODS, type Method, PURPOSES, excluded, scored } from './methods.js';
import { ABRASIVE_GROUP } from './overlap.js';

/** Which of the shop's devices dresses this wheel best, why the others are out, and what must follow. */
export const chooseMethod = defineCalculation({
	id: 'dress.choose-method',
	title: 'Way of dressing',
	about:
		'From wheel, form, machine and the dressers this shop has: the ways ranked, each other one with its reason, and what must follow.',
	source: 'Workshop practice; the scores are guidelines.',
	formulas: ['score by purpose, adjusted for grain, form and batch; ties in the order of the table'],
	fields: [
		BOND_FIELD,
		{ ...ABRASIVE_GROUP, default: undefined, required: true },
		choice('purpose', 'What it is for', PURPOSES, { required: true }),
		choice('form', 'Of the rim', ['flat', 'radius', 'profile'], { default: 'flat' }),
		choice('machine', 'It is dressed on', ['surface', 'cylindrical', 'tool', 'internal', 'bench'], {
			required: true
		}),
		choice('axisControl', 'How the axes move', ['manual', 'cnc'], { default: 'manual' }),
		yesNo('radiusFixture', 'A fixture that swings', { default: false }),
		yesNo('hybridConducts', 'Measured: the hybrid bond conducts', { default: false }),
		yesNo('onShank', 'A mounted point', { default: false, label: 'On its own shank' }),
		whole('batchSize', 'Parts', { min: 1, default: 1, label: 'Batch' }),
		list('devices', 'That the shop has', choice('device', 'A way of dressing', METHODS, { required: true }), {
			required: true,
			maxItems: 50
		})
	],
	outputs: [
		{ name: 'best', about: 'Dress it with', main: true },
		{ name: 'then', about: 'Afterwards' },
		{ name: 'ranked', about: 'Would serve, best first' },
		{ name: 'excluded', about: 'Out, and why' }
	],
	example: {
		bond: 'vitrified',
		abrasive: 'cbn',
		purpose: 'true',
		machine: 'internal',
		axisControl: 'cnc',
		devices: ['rotary-disc', 'single-point', 'truing-wheel', 'stick']
	},
	compute(values) {
		const { bond, crushable, plated } = bondOf(values.bond);
		const job = { ...values, bond, crushable, cnc: values.axisControl === 'cnc' };
		const judged = METHODS.map((method) => ({ method, code: excluded(method, job) }));
		const ranked = judged
			.filter((m) => m.code === null)
			.map(({ method }) => ({ method, score: scored(method, job) }))
			.sort((a, b) => b.score - a.score);
		const best = ranked[0]?.method ?? null;
		const wrong = plated && values.purpose !== 'clean';
		const findings = new Findings()
			.stop('single-layer', wrong, 'A single layer is never trued or dressed: it would be gone.')
			.caution(
				'no-method-available',
				!wrong && best === null,
				'Nothing this shop has dresses this wheel for that. Each reason says what is missing.'
			);
		return {
			best,
			then: followUp(values.purpose, best, values.abrasive),
			ranked,
			excluded: judged.filter((m) => m.code !== null),
			...findings.judged()
		};
	}
});

/** What must be done after it: truing leaves grains flush with the bond. */
function followUp(purpose: string, best: Method | null, abrasive: string): string | null {
	if (best === null || (purpose !== 'true' && purpose !== 'form')) return null;
	if (best === 'wire-edm') return 'check-protrusion';
	if (isSuperabrasive(abrasive)) return 'stick';
	return purpose === 'true' ? 'opening-dress' : null;
}
