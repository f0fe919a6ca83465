import { between, number, text, yesNo } from '../../calculation/field/index.js';
import { InputFault, shown } from '../../calculation/fault.js';
import { extraCheck } from '../extra-check.js';
import { STATIONS } from '../station-names.js';
import { single } from '../result.js';
import { type Step, defineStep } from '../define-step.js';
import { compute } from '../compute-step.js';

/** A check of the shop at any station, named by its id. */
export const checkSteps: readonly Step[] = STATIONS.map((station) =>
	defineStep({
		station,
		step: 'check',
		title: 'Check of this shop',
		keyedBy: (entered) => String(entered.checkId),
		fields: [
			text('checkId', 'Which', { required: true, maxLength: 20 }),
			yesNo('yes', 'Answer'),
			number('value', 'Measured', between(-1e9, 1e9))
		],
		compute(facts, values) {
			const c = facts.route.checks.find((check) => check.id === values.checkId && check.station === station);
			if (!c)
				throw new InputFault(
					'checkId',
					'unknown-choice',
					`There is no check ${shown(values.checkId)} at this station.`
				);
			return single(
				compute(facts, extraCheck, {
					text: c.text,
					kind: c.kind,
					unit: c.unit,
					atMost: c.atMost,
					yes: values.yes,
					value: values.value
				})
			);
		}
	})
);
