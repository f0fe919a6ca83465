import type { PoolConnection } from 'mysql2/promise';
import {
	type Submission,
	type SubmissionOutcome,
	applyChecked,
	checkSubmission
} from '../../../core/route/apply-submission.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { stepOf } from '../../../core/route/steps.js';
import { row, transaction } from '../storage/pool.js';
import { Refused } from '../refused.js';
import { runJobNow } from '../jobs/run-job.js';
import { mayLead, mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { wheelByNumber } from '../wheels/wheels.js';
import { keepRecords } from '../storage/keep-records.js';
import { ofSetup } from './of-setup.js';
import { loadLockedSetup } from './locked-setup.js';
import { applyEffects } from './apply-effects.js';

/** A submission with what makes it safe to send twice and to send late. */
export interface Sent extends Submission {
	version: number;
	key: string;
	/** When it was entered, where it waited for the network. */
	enteredAtMs?: number | null;
}

/**
 * Records one step: checks it, asks the route engine, computes, keeps the evidence and does what follows, all or nothing.
 * @throws Refused 403 for a viewer, 404, 409 with the reason; InputFault for the first value that is wrong
 */
export async function record(setupId: number, sent: Sent, user: User): Promise<void> {
	mayWrite(user);
	const { leadOnly } = stepOf(sent.station, sent.step);
	if (leadOnly) mayLead(user, leadOnly);
	await transaction(async (on) => {
		const facts = await loadLockedSetup(setupId, sent.version, sent.key, user, on, sent.step);
		if (!facts) return;
		const done = await outcomeOf(facts, sent, on);
		if ('refusal' in done) throw new Refused(409, done.refusal.code, done.refusal.message);
		const recordId = await keepRecords(done.records, await ofSetup(facts, user, sent, on), on);
		await applyEffects(facts, done.effects, recordId, user, on);
	});
}

/** So much was sent that working it out may take a while: a coupon of thousands of points. */
const LARGE = 12_000;
const large = (values: unknown): boolean => JSON.stringify(values ?? null).length > LARGE;

/** Worked out with the wheels it names as they stand at this moment; what may take a while in a thread. */
async function outcomeOf(facts: SetupFacts, sent: Sent, on: PoolConnection): Promise<SubmissionOutcome> {
	if (!stepOf(sent.station, sent.step).names && large(sent.values))
		return runJobNow('carry-out', { facts, sent: { ...sent } });
	const ready = checkSubmission(facts, sent);
	if ('refusal' in ready) return ready;
	const named = await onTheRack(ready.step.names?.(ready.values) ?? [], on);
	return applyChecked({ ...facts, named }, ready);
}

/** Wheels of the rack by number, as they stand now; nobody else can take them until the transaction ends. */
async function onTheRack(numbers: readonly string[], on: PoolConnection): Promise<WheelFacts[]> {
	const found: WheelFacts[] = [];
	// Always in the same order, so that two packs that share wheels wait for each other instead of locking each other out.
	for (const number of [...new Set(numbers)].sort()) {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (w) found.push(w);
	}
	return found;
}
