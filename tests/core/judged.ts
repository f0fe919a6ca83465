import { calculation } from '../../src/core/calculations.js';

export interface Judged {
	verdict: string;
	reasons: { code: string }[];
}
/** Runs a calculation for what a test expects of its result. */
export const run = <T>(id: string, input: object): T & Judged => calculation(id).run(input) as never;
/** The codes of its findings, in their order. */
export const codes = (o: Judged): string[] => o.reasons.map((r) => r.code);
