import { resolve } from '$app/paths';
import { goto, invalidateAll } from '$app/navigation';
import { screenLock } from './screen-lock.svelte';
import type { Entry } from '../fields/entry.svelte';
import { asWhom } from '../fields/user-scoped-key';

export interface Fault {
	field: string;
	code: string;
	message: string;
}
export type Sent =
	| { fault: Fault; /** What it was sent with, where it was sent. */ key?: string }
	| { answer: Record<string, unknown> };

/** What is said where the server failed. */
export const UNEXPECTED: Fault = {
	field: '',
	code: 'unexpected',
	message: 'Something went wrong here, not with you. Nothing was recorded; try again.'
};
/** What is said where nothing came back. */
export const SILENT: Fault = {
	field: '',
	code: 'no-answer',
	message: 'The server does not answer. What you typed is kept here; try again in a moment.'
};

/** Sends what a person submits. The same content keeps its key until the server has taken it, so a repeated submit is harmless. */
export class Sender {
	busy = $state(false);
	trouble = $state<Fault | null>(null);
	/** The key of the last one, where nothing came back: it may wait with it. */
	unanswered: string | null = null;
	private readonly keys = new Map<string, string>();

	/** Sends; when it was taken the draft is forgotten and the page shows what is now, before anything else may be sent. */
	async send(path: string, body: Record<string, unknown>, entry: Entry | null = null): Promise<Sent> {
		if (this.busy) return { fault: { field: '', code: 'busy', message: 'Still recording the last one.' } };
		const same = path + JSON.stringify(body);
		const key = this.keys.get(same) ?? crypto.randomUUID();
		this.keys.set(same, key);
		this.busy = true;
		this.trouble = this.unanswered = null;
		try {
			const response = await fetch(path, {
				method: 'POST',
				headers: asWhom({ 'content-type': 'application/json' }),
				body: JSON.stringify({ ...body, key })
			});
			const said = (await response.json().catch(() => null)) as
				(Record<string, unknown> & { error?: Fault }) | null;
			if (response.ok && said) {
				this.keys.delete(same);
				await entry?.recorded();
				await invalidateAll();
				return { answer: said };
			}
			const fault = said?.error ?? UNEXPECTED;
			if (fault.code === 'changed-meanwhile') await invalidateAll();
			if (fault.code === 'locked') screenLock.on = true;
			if (fault.code === 'another-person') screenLock.left();
			if (fault.code === 'signed-out')
				await goto(resolve(`/sign-in?to=${encodeURIComponent(location.pathname)}`));
			this.trouble = fault;
			return { fault };
		} catch {
			this.trouble = SILENT;
			this.unanswered = key;
			return { fault: SILENT, key };
		} finally {
			this.busy = false;
		}
	}

	/** Sends and puts a fault beside its field. The answer, or null. */
	async submit(
		path: string,
		body: Record<string, unknown>,
		entry: Entry | null = null
	): Promise<Record<string, unknown> | null> {
		const sent = await this.send(path, body, entry);
		if ('fault' in sent) {
			if (entry && sent.fault.field && entry.fieldAt(sent.fault.field)) entry.blame(sent.fault);
			return null;
		}
		return sent.answer;
	}

	/** As `submit`, with what an entry holds; what is wrong already here is said without asking the server. */
	async submitEntry(
		path: string,
		entry: Entry,
		more: Record<string, unknown> = {}
	): Promise<Record<string, unknown> | null> {
		entry.touchAll();
		const { fault, values } = entry.result;
		if (fault) {
			entry.blame(fault);
			this.trouble = { field: fault.field, code: fault.code, message: fault.message };
			this.unanswered = null;
			return null;
		}
		return this.submit(path, { values, ...more }, entry);
	}
}
