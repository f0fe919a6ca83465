import { choice, text, yesNo } from '../calculation/field/index.js';
import { MIN_REASON } from '../calculation/reason.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const GOES = { sound: 'back to the rack', 'not-sure': 'set aside', 'worn-out': 'scrapped' } as const;

/** A setup that is not gone on with: why, and what becomes of its wheel. */
export const givenUp = defineCalculation({
	id: 'route.given-up',
	title: 'Setup given up',
	about:
		'A setup that nobody goes on with: machine, mount and wheel are free again, or the wheel is set aside.',
	source: "The shop's own practice: who takes a wheel off says what state it is in.",
	formulas: ['a wheel that was on the spindle goes back when sound, is set aside otherwise'],
	fields: [
		text('reason', 'For whoever looks later', {
			required: true,
			minLetters: MIN_REASON,
			maxLength: 300,
			label: 'Why'
		}),
		yesNo('wheelOn', 'On the spindle or its mount', { required: true, label: 'A wheel is mounted' }),
		choice('wheelIs', 'As it comes off', ['sound', 'not-sure', 'worn-out'], { label: 'The wheel is' })
	],
	outputs: [{ name: 'wheelGoes', about: 'The wheel', main: true }],
	example: { reason: 'The job went to another shop', wheelOn: true, wheelIs: 'sound' },
	compute(values) {
		if (values.wheelOn && values.wheelIs === null)
			throw new InputFault(
				'wheelIs',
				'missing',
				'Say whether the wheel that comes off is sound; when in doubt it is set aside and inspected again.'
			);
		const wheelGoes = values.wheelOn ? GOES[values.wheelIs!] : 'was not mounted';
		return { wheelGoes, ...new Findings().judged() };
	}
});
