import { between, choice, from0, number, text, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

/** A check the shop has added to a route, answered. */
export const extraCheck = defineCalculation({
	id: 'route.extra-check',
	worse: { value: 'none', atMost: 'down' },
	title: 'Check of this shop',
	about:
		'A question that must be answered yes, or a value against its limit, as a lead has put it on the route.',
	source: "The shop's own route.",
	formulas: ['holds when answered yes, or value at most the limit'],
	fields: [
		text('text', 'As it is asked', { required: true, maxLength: 80, label: 'Check' }),
		choice('kind', 'Yes, or a value', ['yes', 'number'], { required: true, label: 'Answered by' }),
		yesNo('yes', 'Yes or no', { label: 'Answer' }),
		number('value', 'Measured', between(-1e9, 1e9)),
		number('atMost', 'Limit', from0(1_000_000)),
		text('unit', 'Of the value', { maxLength: 10, default: '' })
	],
	outputs: [{ name: 'holds', about: 'Holds', main: true }],
	example: { text: 'Coolant concentration', kind: 'number', value: 5, atMost: 8, unit: '%' },
	compute(values) {
		if (values.kind === 'yes' && values.yes === null)
			throw new InputFault('yes', 'missing', `${values.text}: say yes or no.`);
		if (values.kind === 'number' && values.value === null)
			throw new InputFault('value', 'missing', `${values.text}: enter what was measured.`);
		if (values.kind === 'number' && values.atMost === null)
			throw new InputFault('atMost', 'missing', `${values.text} has no limit.`);
		const holds =
			values.kind === 'yes' ? values.yes === true : Math.abs(values.value!) <= values.atMost! + 1e-9;
		return {
			holds,
			...new Findings()
				.stop(
					'check-fails',
					!holds,
					values.kind === 'yes'
						? `${values.text}: no.`
						: `${values.text}: ${values.value} ${values.unit}, at most ${values.atMost}.`
				)
				.judged()
		};
	}
});
