import { InputFault } from './fault.js';

/** What came of it, or the fault of the input that kept it from coming to anything. */
export type Attempt<T> = { output: T; fault: null } | { output: null; fault: InputFault };

/** Tries a calculation on values that may be incomplete or wrong. @throws whatever is no fault of the input */
export function attempt<T>(work: () => T): Attempt<T> {
	try {
		return { output: work(), fault: null };
	} catch (fault) {
		if (fault instanceof InputFault) return { output: null, fault };
		throw fault;
	}
}

/** The same for who needs no reason: null while the input is not right. @throws whatever is no fault of the input */
export const tryOrNull = <T>(work: () => T): T | null => attempt(work).output;
