import { page } from '$app/state';
import { InputFault } from '$core/calculation/fault';
import { labelOf } from '$core/calculation/fields';
import { quantity } from '$core/quantity/format';
import type { Submission } from '$core/route/apply-submission';
import { stepOf } from '$core/route/steps';
import { simulateOffline } from '$core/route/queued-submission';
import type { Fault } from '$lib/ui/feedback/sender.svelte';
import type { Entry } from '$lib/ui/fields/entry.svelte';
import type { SetupSession } from '$lib/desk/setup-session.svelte';
import { outbox } from './outbox.svelte';

const NOWHERE: Fault = {
	field: '',
	code: 'no-answer',
	message:
		'The server does not answer, and this browser keeps nothing more. Leave the page open and try again in a moment.'
};

/** Lets one record wait for the network, after asking here what the server would have asked. Why it cannot wait, or null. */
export async function waitHere(
	desk: SetupSession,
	submission: Submission,
	key: string,
	entry: Entry | null
): Promise<Fault | null> {
	const { facts } = desk;
	const step = stepOf(submission.station, submission.step);
	try {
		const done = simulateOffline(facts, submission);
		if ('refusal' in done) return { field: '', ...done.refusal };
	} catch (error) {
		if (error instanceof InputFault) return { field: error.field, code: error.code, message: error.message };
		throw error;
	}
	const values = submission.values as Record<string, unknown>;
	const kept = outbox.add({
		...submission,
		key,
		setupId: facts.id,
		version: facts.version,
		atMs: desk.nowMs(),
		by: (page.data.user as { name: string } | undefined)?.name ?? '',
		title: step.title,
		typed: step.fields.flatMap((field) => {
			const v = values[field.name];
			if (v === undefined || v === null || (Array.isArray(v) && !v.length)) return [];
			const value =
				typeof v === 'number'
					? quantity(v, 'unit' in field ? field.unit : undefined, facts.units)
					: typeof v === 'boolean'
						? v
							? 'yes'
							: 'no'
						: typeof v === 'object'
							? JSON.stringify(v)
							: String(v);
			return [{ label: labelOf(field), value }];
		}),
		draft: entry?.draft ?? null,
		refused: null
	});
	if (!kept) return NOWHERE;
	outbox.away = true;
	// The server hears of it with the record itself.
	void entry?.recorded();
	desk.drafts = Object.fromEntries(
		Object.entries(desk.drafts).filter(([n]) => n !== `${step.station}-${step.step}`)
	);
	await desk.withWhatWaits();
	return null;
}
