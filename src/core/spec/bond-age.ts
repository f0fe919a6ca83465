import type { Findings, Verdict } from '../calculation/verdict.js';
import { addMonths } from '../numeric/calendar.js';
import { coarseBond, isOrganic } from './families.js';

/** Months a bond keeps (guideline); the date on the wheel and what its maker says go before this. */
export const SHELF_MONTHS = { organic: 36, magnesia: 12 } as const;

/** What is known of the age of a wheel. Dates are yyyy-mm-dd. */
export interface Aged {
	/** Bond family. */
	bond: string;
	/** For a hand-held machine: the rule is stricter there. */
	handHeld: boolean;
	printedDate: string | null;
	madeOn: string | null;
	/** The shop's own shelf life; never more than what the bond keeps. */
	shelfMonths?: number | null;
}
type AgeCode = 'expired' | 'past-its-date' | 'no-date';
export interface Age {
	/** The last day of use; the day itself still counts. */
	expiresOn: string | null;
	finding: { code: AgeCode; severity: Exclude<Verdict, 'ok'> } | null;
}

/** The day after which the date of manufacture speaks against it; null for a bond that does not age, or without that date. */
function madePlusShelf(w: Aged): string | null {
	const keeps =
		coarseBond(w.bond) === 'magnesia'
			? SHELF_MONTHS.magnesia
			: isOrganic(w.bond)
				? SHELF_MONTHS.organic
				: null;
	if (keeps === null || w.madeOn === null) return null;
	return addMonths(w.madeOn, Math.floor(Math.min(keeps, w.shelfMonths ?? keeps)));
}
const earlier = (a: string | null, b: string | null): string | null =>
	a === null ? b : b === null ? a : a < b ? a : b;

/**
 * Whether a bond is too old to be used on a day, for the look, the store and the choice alike. Magnesia, and organic bonds for hand-held
 * machines, end at the earlier of the printed date and made + shelf life, and without a date they are not used. On a fixed machine the
 * printed date ends an organic bond; past made + 36 months without one, its maker is asked. Other bonds end at a printed date only.
 */
export function bondAge(w: Aged, today: string): Age {
	const made = madePlusShelf(w);
	const magnesia = coarseBond(w.bond) === 'magnesia';
	const strict = magnesia || (w.handHeld && isOrganic(w.bond));
	const expiresOn = strict ? earlier(w.printedDate, made) : (w.printedDate ?? made);
	const found = (code: AgeCode, severity: 'caution' | 'stop'): Age => ({
		expiresOn,
		finding: { code, severity }
	});
	if (expiresOn === null && (magnesia || isOrganic(w.bond)))
		return found('no-date', strict ? 'stop' : 'caution');
	if (expiresOn === null || expiresOn >= today) return { expiresOn, finding: null };
	return strict || w.printedDate !== null ? found('expired', 'stop') : found('past-its-date', 'caution');
}

/** What the age of a bond says for a verdict. */
export function judgeAge(findings: Findings, { expiresOn, finding }: Age): Findings {
	const is = (code: AgeCode, severity: Verdict) => finding?.code === code && finding.severity === severity;
	const NO_DATE = 'A bond that ages, without a date. Ask its maker before it runs.';
	return findings
		.stop(
			'expired',
			is('expired', 'stop'),
			`It was to be used by ${expiresOn ?? ''}. It is not used any more; hand it to the person in charge.`
		)
		.caution(
			'past-its-date',
			is('past-its-date', 'caution'),
			`Older than such a bond is usually kept (${expiresOn ?? ''}). Ask its maker before it runs.`
		)
		.stop('no-date', is('no-date', 'stop'), NO_DATE)
		.caution('no-date', is('no-date', 'caution'), NO_DATE);
}
