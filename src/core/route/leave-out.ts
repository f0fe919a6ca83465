import type { RecordValues } from './define-step.js';

const without = <T extends object>(from: T, names: readonly string[]): T =>
	// Only what nobody on a page asks for is left out, so what is left is used as what it was.
	Object.fromEntries(Object.entries(from).filter(([name]) => !names.includes(name))) as T;

/** A record without these values, wherever they stand in it. */
export const leaveOut = (record: RecordValues, names: readonly string[]): RecordValues => ({
	entered: without(record.entered, names),
	input: without(record.input, names),
	output: without(record.output, names)
});
