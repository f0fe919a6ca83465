import { answer } from '../../../core/answer.js';
import { CALCULATIONS } from '../../../core/calculations.js';
import { Refused } from '../refused.js';

const MAX_RELEASES = 12_000;
const DEFAULTS = { wheels: 200, maxSpins: 60 };
const count = (value: unknown, usual: number): number =>
	typeof value === 'number' && value > 0 ? value : usual;

/** A calculation's answer, written out: a long one is not turned into text where requests are answered. */
export interface Calculated {
	ok: boolean;
	json: Uint8Array;
}

/** @throws Refused when so many made-up wheels are for the command, which nobody else waits for */
export function calculated(id: string, input: Record<string, unknown>): Calculated {
	const asked = count(input.wheels, DEFAULTS.wheels) * count(input.maxSpins, DEFAULTS.maxSpins);
	const manyWheels = CALCULATIONS.some(
		(calculation) =>
			calculation.id === id &&
			calculation.heavy &&
			calculation.fields.some((field) => field.name === 'wheels')
	);
	if (manyWheels && asked > MAX_RELEASES)
		throw new Refused(
			413,
			'too-heavy',
			`Wheels times releases are ${asked}; over ${MAX_RELEASES} take too long here. Use the bench, or the command on the machine.`,
			'wheels'
		);
	const told = answer(id, input);
	return { ok: 'output' in told, json: new TextEncoder().encode(JSON.stringify(told)) };
}
