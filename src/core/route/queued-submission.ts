import { type SubmissionOutcome, type Submission, applySubmission } from './apply-submission.js';
import type { Effect } from './effect.js';
import type { SetupFacts } from '../facts/setup.js';
import { applyEffect } from './apply-effect.js';
import type { Refusal } from './hard-stops.js';
import { stepOf } from './steps.js';
import { sumsOf } from './sums.js';
import { FIRST_WAITING } from './waiting-number.js';

/** Something recorded where the network was away: it goes to the server by itself as soon as there is one. */
export interface QueuedSubmission extends Submission {
	/** The same as it was sent with, so that the server takes it once. */
	key: string;
	/** When it was recorded, by the server's clock as far as it is known here. */
	atMs: number;
	by: string;
}

/** What may wait adds to the evidence or takes something out of use. What gives, frees or promises something is the server's to decide. */
function mayFollow(effect: Effect): boolean {
	switch (effect.kind) {
		case 'ledger':
		case 'count-dress':
		case 'keep-cut':
		case 'leave-cut':
		case 'keep-pictures':
			return true;
		case 'wheel-state':
			return effect.state === 'quarantined' || effect.state === 'scrapped';
		case 'state':
			return effect.state === 'stopped';
		default:
			return false;
	}
}
const WHY: Partial<Record<Effect['kind'], string>> = {
	state: 'what it releases or ends is decided there',
	'take-wheel': 'whether somebody else has that wheel is known there',
	'wheel-state': 'whether the spindle and the wheel are free is known there',
	'use-mount': 'whether the mount is free is known there'
};
const OTHERWISE = 'what others have and use is known there';

/**
 * One submission on these facts without the server: refused as the server would, refused because only the server can decide it, or what
 * it comes to, to be shown until the server has taken it.
 * @throws InputFault for the first value that is wrong
 */
export function simulateOffline(facts: SetupFacts, submission: Submission): SubmissionOutcome {
	const step = stepOf(submission.station, submission.step);
	const needs = (why: string): SubmissionOutcome => ({
		refusal: {
			code: 'needs-server',
			message: `${step.title} needs the server, which does not answer: ${why}. Nothing was recorded; what you typed is kept.`
		} satisfies Refusal
	});
	if (step.online) return needs(step.online);
	if (step.leadOnly) return needs('it is a decision for all');
	if (step.names) return needs(OTHERWISE);
	const done = applySubmission(facts, submission);
	if ('refusal' in done) return done;
	const not = done.effects.find((effect) => !mayFollow(effect));
	return not ? needs(WHY[not.kind] ?? OTHERWISE) : done;
}

/**
 * The setup as it is here: what the server knows, and on top of it what waits, in order. It stops at the first that can no longer be
 * carried out, because somebody changed the setup meanwhile; the server will say so. Waiting records are numbered
 * from a number no kept one has, so that they are the newest.
 */
export function withQueued(facts: SetupFacts, waiting: readonly QueuedSubmission[]): SetupFacts {
	let f = facts;
	let id = FIRST_WAITING;
	for (const w of waiting) {
		const done = attempted(f, w);
		if (!done || 'refusal' in done) return f;
		const records = done.records.map((record) => ({
			...record,
			id: id++,
			by: w.by,
			atMs: w.atMs,
			together: w.key
		}));
		const after = { ...f, records: [...f.records, ...records], version: f.version + 1 };
		f = done.effects.reduce(applyEffect, after);
		f = { ...f, sums: sumsOf(records, f.wheel?.id ?? null, f.sums) };
	}
	return f;
}

/** Null where its values no longer fit. */
function attempted(facts: SetupFacts, queued: QueuedSubmission): SubmissionOutcome | null {
	try {
		return simulateOffline(facts, queued);
	} catch {
		return null;
	}
}
