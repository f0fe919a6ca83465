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
	const o = planned.output;
	return {
		legs: [
			{ kind: 'rough' as const, passes: o.roughCount, biteUm: o.roughEachUm },
			{ kind: 'fine' as const, passes: o.finishCount, biteUm: o.finishEachUm },
			{ kind: 'no feed' as const, passes: o.sparkOutCount, biteUm: 0 }
		].filter((l) => l.passes > 0),
		// A form takes nothing off its crest but what lies over it.
		takenUm: 1000 * Math.max(0, o.crestUsedMm),
		diameterAfterMm: o.largestDiameterMm ?? diameterMm,
		timeS: o.timeS
	};
}
