import { yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { nameplateSpeed } from '../../../run-in/nameplate-speed.js';
import { foundBy } from '../../basis.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { single } from '../../result.js';
import { turningLimit } from '../mount/turning.js';

/** Whether the plate of the motor says how fast this spindle can turn: the wheel sits on its shaft, on the mains. */
export const plateTells = ({ machine }: Pick<SetupFacts, 'machine'>): boolean =>
	machine.drive === 'induction-direct' && machine.plateRpm !== null && machine.mainsHz !== null;

/** The speed as the plate of the motor bounds it, where the shop has no tachometer; nothing of it is a reading. */
export const plateStep = defineStep({
	station: 'run-in',
	step: 'plate',
	title: 'Speed by the plate of the motor',
	basis: () => foundBy('plate of the motor'),
	fields: [
		yesNo('unchanged', 'Motor, wiring and mains are as they were when the plate was entered', {
			required: true,
			label: 'Nothing was changed since'
		}),
		yesNo('noInverter', 'The motor runs straight off the mains', {
			required: true,
			label: 'No inverter'
		})
	],
	compute(facts, { unchanged, noInverter }) {
		const { plateRpm, mainsHz } = facts.machine;
		if (!plateTells(facts))
			throw new InputFault(
				'plate',
				'missing',
				`Enter under Shop how ${facts.machine.code} is driven, the speed on the plate of its motor and the mains. Without them read a tachometer.`
			);
		for (const [field, answer] of Object.entries({ unchanged, noInverter }))
			if (!answer)
				throw new InputFault(
					field,
					'inconsistent',
					'Then the plate does not say how fast it turns. Read a tachometer, or borrow one.'
				);
		return single(
			compute(facts, nameplateSpeed, { plateRpm, mainsHz, limitRpm: turningLimit(facts)?.rpm ?? null })
		);
	}
});
