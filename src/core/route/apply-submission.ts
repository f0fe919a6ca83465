import { checkInput } from '../calculation/check.js';
import type { Field, Values } from '../calculation/fields.js';
import { checkedReason } from '../calculation/reason.js';
import { inShop } from '../calculation/limits.js';
import type { Effect } from './effect.js';
import { Evidence } from './evidence.js';
import { refuse } from './engine.js';
import type { Refusal } from './hard-stops.js';
import type { RecordFacts } from '../facts/records.js';
import type { SetupFacts } from '../facts/setup.js';
import type { StationId } from './station-names.js';
import { setAside } from './set-aside.js';
import { type Result, all, findingsOf } from './result.js';
import type { Step } from './define-step.js';
import { computeStep, forbidden } from './compute-step.js';
import { stepOf } from './steps.js';

/** What somebody wants recorded. */
export interface Submission {
	station: string;
	step: string;
	values: unknown;
	/** Why it goes on with a caution, if it does. */
	reason?: string | null;
}

/** A record as it is to be kept; its number, person and time are given by whoever keeps it. */
export type NewRecord = Omit<RecordFacts, 'id' | 'by' | 'atMs' | 'together'>;

/** Either why not, or everything that is to be kept and changed. The result stands first among the records. */
export type SubmissionOutcome = { refusal: Refusal } | { records: NewRecord[]; effects: Effect[] };

/** A submission that may be made and whose values are right: what is left is to compute it. */
export interface CheckedSubmission {
	step: Step;
	values: Values<readonly Field[]>;
	reason: string | null;
}

/** Asked whether it may be, and checked: each of them here and nowhere else. @throws InputFault for the first value that is wrong */
export function checkSubmission(
	facts: SetupFacts,
	submission: Submission
): { refusal: Refusal } | CheckedSubmission {
	const step = stepOf(submission.station, submission.step);
	const refusal = mayNot(facts, step);
	if (refusal) return { refusal };
	const fields = inShop(step.fields, facts.guidelines.limits, facts.units);
	return {
		step,
		values: checkInput(fields, submission.values),
		reason: submission.reason?.trim() ? checkedReason(submission.reason) : null
	};
}

/** A checked submission computed: as data, what to keep and to change. Nothing is written here. @throws InputFault */
export function applyChecked(
	facts: SetupFacts,
	{ step, values, reason }: CheckedSubmission
): SubmissionOutcome {
	const result = computeStep(step, facts, values);
	const never = forbidden(step, result);
	if (never) return { refusal: { code: never.code, message: `Not recorded. ${never.message}` } };
	const own = step.effects?.(facts, values, result) ?? [];
	const wheelId = own.find((effect) => effect.kind === 'take-wheel')?.wheelId ?? facts.wheel?.id ?? null;
	const records = recordsFrom(step, values, result, wheelId, reason);
	const stops = findingsOf(result).filter((finding) => finding.severity === 'stop');
	const unfit = typeof step.quarantines === 'function' ? step.quarantines(values) : step.quarantines;
	const fatal = stops.find((stop) => unfit?.includes(stop.code));
	if (fatal) return { records, effects: [...own, ...unfitWheel(facts, step, fatal.message)] };
	if (stops.length) return { records, effects: own };
	const event = step.event?.(facts, values) ?? null;
	const booked: Effect[] =
		event && wheelId !== null
			? [
					{
						kind: 'ledger',
						wheelId,
						event: event.kind,
						diameterAfterMm: event.diameterAfterMm,
						note: event.note
					}
				]
			: [];
	return {
		records,
		effects: [...own, ...booked, ...(step.effectsUnlessStopped?.(facts, values, result) ?? [])]
	};
}

/** One submission asked, checked and computed on these facts. @throws InputFault for the first value that is wrong */
export function applySubmission(facts: SetupFacts, submission: Submission): SubmissionOutcome {
	const ready = checkSubmission(facts, submission);
	return 'refusal' in ready ? ready : applyChecked(facts, ready);
}

/** What a step came to, as records: its result first, a caution with the reason it was recorded with. */
export function recordsFrom(
	step: Pick<Step, 'station' | 'step'>,
	entered: Record<string, unknown>,
	result: Result,
	wheelId: number | null,
	reason: string | null
): NewRecord[] {
	return all(result).map((c) => ({
		station: step.station,
		step: step.step,
		calculation: c.calculation,
		entered,
		input: c.input,
		// What comes out is kept as it is written down; only its shape as a type is given up here.
		output: c.output as Record<string, unknown>,
		verdict: c.output.verdict ?? 'ok',
		overrideReason: c.output.verdict === 'caution' ? reason : null,
		wheelId
	}));
}

function mayNot(facts: SetupFacts, step: Step): Refusal | null {
	if (step.station === 'brief' && step.step === 'brief' && facts.records.length)
		return { code: 'brief-told', message: 'The brief is told when the setup starts.' };
	return refuse(facts, step.station, step.step);
}

/** A wheel that was found unfit: out of use until a lead clears it; beyond Inspect the setup stops with it. */
function unfitWheel(facts: SetupFacts, step: Step, why: string): Effect[] {
	if (!facts.wheel) return [];
	const effects = setAside(facts.wheel.id, why);
	return step.station === 'inspect' ? effects : [...effects, { kind: 'state', state: 'stopped' }];
}

/** What somebody accepts: one recorded step with a caution, and why it may go on. */
export interface Acceptance {
	recordId: number;
	reason: string;
}
export type Accepted = { refusal: Refusal } | { records: (NewRecord & { replacesId: number })[] };

/** A caution is accepted by writing down why: the step is recorded again with the reason. A stop never is. */
export function accept(facts: SetupFacts, { recordId, reason }: Acceptance): Accepted {
	const old = facts.records.find((record) => record.id === recordId);
	const no = (code: string, message: string): Accepted => ({ refusal: { code, message } });
	if (!old) return no('no-record', `Record ${recordId} does not belong to this setup.`);
	// What was recorded anew since, or has lost its standing, is history: accepting it would bring it back over what came after.
	const standing = Evidence.of(facts).standingWith(recordId);
	if (!standing)
		return no(
			'not-standing',
			'This was recorded anew since, or no longer counts. Look at what stands there now, or record the step again.'
		);
	const together = standing.parts;
	if (standing.verdict === 'stop')
		return no('stop-stays', 'A stop is never overridden. Change what causes it, then record the step again.');
	if (!together.some((record) => record.verdict === 'caution'))
		return no('nothing-to-accept', 'There is no caution on this record.');
	const refusal = refuse(facts, old.station as StationId, old.step);
	if (refusal) return { refusal };
	return {
		records: together.map(({ id, by: _by, atMs: _at, together: _key, ...r }) => ({
			...r,
			overrideReason: r.verdict === 'caution' ? reason : null,
			replacesId: id
		}))
	};
}
