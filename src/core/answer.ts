import { attempt } from './calculation/attempt.js';
import { refuseUnknownFields } from './calculation/unknown-field.js';
import { calculation } from './calculations.js';

export type CalcAnswer =
	{ output: Record<string, unknown> } | { error: { field: string; code: string; message: string } };

/** Runs one calculation and turns a fault into data: the one answer that command, batch and API all give. */
export function answer(id: unknown, input: unknown): CalcAnswer {
	const { output, fault } = attempt(() => {
		const found = calculation(id);
		refuseUnknownFields(found.fields, input);
		return found.run(input);
	});
	return fault ? { error: fault.toJSON() } : { output };
}
