import { createHash } from 'node:crypto';

/** What the hash of a record is made of, in this order; JSON as the text it is kept as. */
export interface Chained {
	setupId: number | null;
	wheelId: number | null;
	machineId: number | null;
	station: string;
	step: string;
	calculation: string;
	coreVersion: string;
	entered: string;
	input: string;
	output: string;
	verdict: string;
	overrideReason: string | null;
	replacesId: number | null;
	facts: string | null;
	userId: number;
	enteredAt: Date | null;
	at: Date;
	requestKey: string;
	ordinal: number;
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');
/** As the database writes a time. */
const time = (at: Date): string => at.toISOString().replace('T', ' ').slice(0, 23);

/** Hash of what a record holds, as the database makes it when the record is kept. */
export const ownHash = (r: Chained): string =>
	sha256(
		[
			r.setupId ?? '-',
			r.wheelId ?? '-',
			r.machineId ?? '-',
			r.station,
			r.step,
			r.calculation,
			r.coreVersion,
			sha256(r.entered),
			sha256(r.input),
			sha256(r.output),
			r.verdict,
			r.overrideReason === null ? '-' : sha256(r.overrideReason),
			r.replacesId ?? '-',
			r.facts ?? '-',
			r.userId,
			r.enteredAt ? time(r.enteredAt) : '-',
			time(r.at),
			r.requestKey,
			r.ordinal
		].join('\n')
	);

/** One link of a chain: the hash up to the record before, and what this one holds. */
export const linked = (before: string, own: string): string => sha256(`${before}\n${own}`);

/** The chain a record belongs to. @example chainName({ setupId: 12, wheelId: 3, machineId: 1 }) // "setup 12" */
export const chainName = (r: Pick<Chained, 'setupId' | 'wheelId' | 'machineId'>): string =>
	r.setupId !== null
		? `setup ${r.setupId}`
		: r.wheelId !== null
			? `wheel ${r.wheelId}`
			: `machine ${r.machineId ?? 0}`;
