import { InputFault } from '../../core/calculation/fault.js';

/** A request that must not be carried out: says why in words, with the status that fits. */
export class Refused extends Error {
	constructor(
		readonly status: 401 | 403 | 404 | 408 | 409 | 413 | 423 | 429,
		readonly code: string,
		message: string,
		readonly field: string = ''
	) {
		super(message);
		this.name = 'Refused';
	}
	toJSON(): { field: string; code: string; message: string } {
		return { field: this.field, code: this.code, message: this.message };
	}
}
export { InputFault };
