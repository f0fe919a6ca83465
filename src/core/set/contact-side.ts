import { choice } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { SIDES, opposite, senseOf } from './dial.js';

const side = <const N extends string>(name: N, label: string, about: string) =>
	choice(name, about, SIDES, { required: true, label });

/** On which side the wheel cuts and on which it is dressed: it must be one side, and the dresser must bite into it. */
export const contactSide = defineCalculation({
	id: 'set.contact-side',
	title: 'Contact side',
	about:
		'The side on which the wheel meets work and dresser, as the slide counts it. Dressed on the other side the next cut is twice as deep.',
	source: 'First principles. It is the side on the slide, not the sense of rotation.',
	formulas: [
		'in a bore the wheel cuts on its own side of the axis, outside on the opposite one',
		'the dresser bites away from its side, into the wheel'
	],
	fields: [
		choice('kind', 'Outside or a bore', ['external', 'internal'], { required: true, label: 'Ground' }),
		side('wheelSideOfWork', "Wheel's centre lies", "Seen from the work's axis"),
		side('grindSide', 'Wheel meets the work on', 'Its side'),
		side('dressSide', 'Wheel meets the dresser on', 'Its side'),
		side('dressBites', 'Dresser bites towards', 'How it moves against the wheel')
	],
	outputs: [
		{ name: 'sidesAgree', about: 'Sides agree', main: true },
		{ name: 'expectedSide', about: 'Side that is right' },
		{ name: 'expectedDressBites', about: 'The dresser should bite towards' },
		{ name: 'compensationSign', about: 'Sign of the compensation' }
	],
	example: {
		kind: 'internal',
		wheelSideOfWork: 'x-minus',
		grindSide: 'x-minus',
		dressSide: 'x-plus',
		dressBites: 'x-minus'
	},
	compute(values) {
		const expectedSide =
			values.kind === 'internal' ? values.wheelSideOfWork : opposite(values.wheelSideOfWork);
		const findings = new Findings()
			.stop(
				'grind-side-wrong',
				values.grindSide !== expectedSide,
				`${values.kind === 'internal' ? 'In a bore' : 'Outside'} this wheel cuts on ${expectedSide}, not on ${values.grindSide}.`
			)
			.stop(
				'dress-side-differs',
				values.dressSide !== values.grindSide,
				'The wheel would be dressed on another side than it cuts: the next cut would be twice as deep.'
			)
			.stop(
				'dress-sense-wrong',
				values.dressBites === values.dressSide,
				'The dresser would draw away from the side it stands on. It bites into the wheel.'
			);
		return {
			expectedSide,
			expectedDressBites: opposite(expectedSide),
			compensationSign: senseOf(expectedSide),
			sidesAgree: findings.verdict !== 'stop',
			...findings.judged()
		};
	}
});
