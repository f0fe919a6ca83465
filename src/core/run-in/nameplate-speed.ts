import { choice, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { shownLimit } from '../spec/limit-rpm.js';

export const MAINS_HZ = ['50', '60'] as const;
/** Poles of the motors that drive grinding spindles. */
const POLES = [2, 4, 6, 8, 10, 12] as const;
/** An induction motor under load slips by no more than this share of its synchronous speed. */
const MOST_SLIP = 0.15;

/** The fastest a wheel can turn that sits on the shaft of an induction motor: never more than the field, whatever the load. */
export const nameplateSpeed = defineCalculation({
	id: 'run-in.nameplate-speed',
	worse: { plateRpm: 'up', limitRpm: 'down' },
	title: 'Speed from the plate of the motor',
	about:
		'An induction motor on the mains never passes the speed of its field. Only where the wheel sits on its shaft, without belt or inverter; never a universal or an air motor.',
	source:
		'Synchronous speed of an induction motor (first principles); the slip of a sound motor is a guideline.',
	formulas: ['synchronous = 120 f/poles, the least at or above the plate', 'slip = 1 - plate/synchronous'],
	fields: [
		rpm('plateRpm', 'Of the motor, at its load', { ...over0(4000), required: true, label: 'On the plate' }),
		choice('mainsHz', 'Frequency in Hz, in use', MAINS_HZ, { required: true, label: 'Mains frequency' }),
		rpm('limitRpm', 'Of everything that turns', { ...over0(500000), required: true, label: 'Never over' })
	],
	outputs: [
		{ name: 'synchronousRpm', unit: 'rpm', about: 'Never faster than', main: true },
		{ name: 'poles', about: 'Poles' },
		{ name: 'slipPct', unit: '%', about: 'Slip at its load' }
	],
	example: { plateRpm: 1420, mainsHz: '50', limitRpm: 1910 },
	compute({ plateRpm, mainsHz, limitRpm }) {
		const fields = POLES.map((poles) => ({ poles, rpm: (120 * Number(mainsHz)) / poles }));
		const field = fields.findLast(({ rpm }) => rpm >= plateRpm);
		const slip = field ? 1 - plateRpm / field.rpm : 1;
		if (!field || slip > MOST_SLIP)
			throw new InputFault(
				'plateRpm',
				'inconsistent',
				`${plateRpm} rpm is not the plate of an induction motor at ${mainsHz} Hz. Read plate and mains again; if they are so, read a tachometer.`
			);
		const findings = new Findings().stop(
			'synchronous-over-limit',
			field.rpm > limitRpm * (1 + SLACK),
			`The motor may turn up to ${field.rpm} rpm, and ${shownLimit(limitRpm)} rpm is the limit. Take a wheel that is marked for ${field.rpm} rpm or more.`
		);
		return {
			synchronousRpm: field.rpm,
			poles: field.poles,
			slipPct: 100 * slip,
			...findings.judged()
		};
	}
});
