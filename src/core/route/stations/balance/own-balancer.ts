import { SIMULATED, measuredWith } from '../../basis.js';
import { countRoll } from '../../sums.js';
import { auto } from '../../../balance/auto.js';
import type { tolerance } from '../../../balance/tolerance.js';
import type { OutputOf } from '../../../calculation/define.js';
import { from0, mmPerS, over0, yesNo, unbalanceResponse } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { mulberry32 } from '../../../numeric/random.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type Result, single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { permissibleGmm, toleranceFor } from './tolerance.js';

/** What the stand-in of the machine's balancer hides: made up from the setup's number, so that everybody sees the same wheel. */
export function hiddenFromHead(facts: SetupFacts): {
	unbalanceGmm: number;
	heavyAngleDeg: number;
	massGmm: number;
	sensitivityMmPerSPerGmm: number;
	seed: number;
} {
	const rng = mulberry32(facts.id);
	const permissible = permissibleGmm(facts);
	return {
		unbalanceGmm: permissible * (3 + 4 * rng()),
		heavyAngleDeg: 360 * rng(),
		massGmm: 5 * permissible,
		sensitivityMmPerSPerGmm: 0.5 / permissible,
		seed: facts.id
	};
}
const HEAD_BALANCES_NOTHING = 'A simulated head balances nothing. Read the figures off the machine.';

/** The machine's own balancer: what it reports, or its stand-in run to the end. */
export const autoStep = defineStep({
	station: 'balance',
	step: 'auto',
	title: "The machine's own balancer",
	basis: (entered) => (entered.standIn ? SIMULATED : measuredWith("the machine's own balancer")),
	turnsSpindle: true,
	sumsInto: countRoll,
	fields: [
		yesNo('standIn', 'The stand-in, not a machine', { required: true, label: 'Simulated' }),
		mmPerS('residualMmPerS', 'As the machine shows it', { ...from0(1000), label: 'Shakes still' }),
		unbalanceResponse('sensitivityMmPerSPerGmm', 'From an earlier trial on this machine', {
			...over0(10),
			label: 'A gram millimetre shakes it by'
		})
	] as const,
	compute(facts, values): Result<OutputOf<typeof tolerance>> {
		if (values.standIn && !facts.simulators)
			throw new InputFault('standIn', 'simulated', HEAD_BALANCES_NOTHING);
		if (values.standIn) {
			const head = compute(facts, auto, hiddenFromHead(facts));
			return { main: toleranceFor(facts, head.output.residualGmm), secondary: [head] };
		}
		if (values.residualMmPerS === null)
			throw new InputFault(
				'residualMmPerS',
				'missing',
				'Shakes still is missing. Read it off the machine when it has finished.'
			);
		if (values.sensitivityMmPerSPerGmm === null)
			throw new InputFault(
				'sensitivityMmPerSPerGmm',
				'missing',
				'What a gram millimetre does here is missing. One run with a trial weight tells it.'
			);
		return single(toleranceFor(facts, values.residualMmPerS / values.sensitivityMmPerSPerGmm));
	}
});
