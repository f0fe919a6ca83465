import { rotaryPlunge } from '../../../dress/rotary-plunge.js';
import { formPasses } from '../../../form/passes.js';
import { type Evidence, partOf } from '../../evidence.js';
import type { Run } from '../dress/run.js';
import { type Form, sinceForm } from './made.js';
import { formPassesStep } from './passes.js';
import { formRollStep } from './roll.js';

/** The passes that bring the form into the wheel, as they are run; null while none are planned. */
export function formRun(evidence: Evidence, form: Form, diameterMm: number): Run | null {
	if (form.way === 'roll') {
		const roll = partOf(sinceForm(form, evidence.step(formRollStep)), rotaryPlunge);
		if (!roll) return null;
		const biteUm = Number(roll.input.totalDepthUm);
		return {
			legs: [{ kind: 'fine', passes: 1, biteUm }],
			takenUm: biteUm,
			diameterAfterMm: roll.output.diameterAfterMm,
			timeS: roll.output.totalTimeS
		};
	}
	const planned = partOf(sinceForm(form, evidence.step(formPassesStep)), formPasses);
	if (!planned) return null;
	const output = planned.output;
	return {
		legs: [
			{ kind: 'rough' as const, passes: output.roughCount, biteUm: output.roughEachUm },
			{ kind: 'fine' as const, passes: output.finishCount, biteUm: output.finishEachUm },
			{ kind: 'no feed' as const, passes: output.sparkOutCount, biteUm: 0 }
		].filter((l) => l.passes > 0),
		// A form takes nothing off its crest but what lies over it.
		takenUm: 1000 * Math.max(0, output.crestUsedMm),
		diameterAfterMm: output.largestDiameterMm ?? diameterMm,
		timeS: output.timeS
	};
}
