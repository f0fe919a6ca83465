import { InputFault } from './fault.js';

/** A reason in fewer letters than these says nothing to whoever reads it later. */
export const MIN_REASON = 10;
const LONGEST_REASON = 500;

/** Letters and figures of a text; dots and blanks say nothing. @example lettersIn('no. 4 is off') // 8 */
export const lettersIn = (text: string): number => text.replace(/[^\p{L}\p{N}]/gu, '').length;

/** Whether something was really given as a reason. */
export const isReason = (text: string | null | undefined): text is string =>
	lettersIn(text ?? '') >= MIN_REASON;

/** A reason as it is kept, read in this one place wherever one is asked. @throws InputFault on the field: too short, or too long */
export function checkedReason(text: string, most = LONGEST_REASON, field = 'reason'): string {
	const reason = text.trim();
	if (!isReason(reason))
		throw new InputFault(
			field,
			'below-minimum',
			`Write a reason of at least ${MIN_REASON} letters: why may it go on?`
		);
	if (reason.length > most)
		throw new InputFault(field, 'above-maximum', `Keep the reason to ${most} characters.`);
	return reason;
}
