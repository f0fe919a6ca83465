import type { QueuedSubmission } from '$core/route/queued-submission';
import type { Fault } from '$lib/ui/feedback/sender.svelte';
import { asWhom, userScopedKey } from '$lib/ui/fields/user-scoped-key';
import { KeptList, type Said, notNow, post } from './kept-list.svelte';
import { readQueue } from './read-queue';

/** One record that waits in this browser, as it will be sent. */
export interface Kept extends QueuedSubmission {
	setupId: number;
	/** Of the setup, as it was then, with what waited before it. */
	version: number;
	/** What it is called, and what was typed, for whoever has to look at it again. */
	title: string;
	typed: { label: string; value: string }[];
	/** Where it was typed, and how, to be entered again. */
	draft: { name: string; key: string; text: string } | null;
	/** Why the server did not take it; what came after it for the same setup waits with it. */
	refused: Fault | null;
}

const NAME = 'uncinus-waiting';
const ASIDE = 'uncinus-waiting-aside';

/** What waits for the network, of the person whose screen it is. */
class Outbox extends KeptList<Kept> {
	/** The last try did not reach the server. */
	away = $state(false);
	/** Why nothing goes out although the server answers: signed out, locked. */
	held = $state<Fault | null>(null);
	/** How many there were that could not be read. */
	unreadable = $state(0);

	protected name(): string {
		return userScopedKey(NAME);
	}
	protected read(): readonly Kept[] {
		return read();
	}
	override look(): void {
		super.look();
		this.unreadable = unreadable().length;
	}
	/** What still stands a chance, in order: up to the first of a setup that was refused. */
	due(setupId: number): readonly Kept[] {
		const all = this.of(setupId);
		const first = all.findIndex((w) => w.refused);
		return first === -1 ? all : all.slice(0, first);
	}

	protected async send(): Promise<boolean> {
		let answered = false;
		for (const kept of this.list) {
			if (!this.due(kept.setupId).some((w) => w.key === kept.key)) continue;
			const said = await recorded(kept);
			this.away = said === 'away';
			this.held = typeof said === 'object' && notNow(said) ? said : null;
			if (notNow(said)) break;
			answered = true;
			this.answered(kept.key, said);
		}
		return answered;
	}
}
export const outbox = new Outbox();

/** What waits here; what cannot be read as a record is put aside, kept and said. */
function read(): readonly Kept[] {
	try {
		const { good, bad } = readQueue(localStorage.getItem(userScopedKey(NAME)) ?? '[]');
		if (bad.length) {
			localStorage.setItem(userScopedKey(ASIDE), JSON.stringify([...unreadable(), ...bad]));
			localStorage.setItem(userScopedKey(NAME), JSON.stringify(good));
		}
		return good;
	} catch {
		return [];
	}
}
/** What was put aside as it could not be read, as text. */
function unreadable(): string[] {
	try {
		const kept: unknown = JSON.parse(localStorage.getItem(userScopedKey(ASIDE)) ?? '[]');
		return Array.isArray(kept) ? kept.map(String) : [];
	} catch {
		return [];
	}
}

/** The draft the server may still hold of what it has now taken. */
const forget = (name: string): Promise<unknown> =>
	fetch(`/api/drafts/${encodeURIComponent(name)}`, { method: 'DELETE', headers: asWhom() })
		.then((response) => response.text())
		.catch(() => undefined);

async function recorded(kept: Kept): Promise<Said> {
	const { setupId, station, step, values, reason, version, key, atMs } = kept;
	const body = { station, step, values, reason: reason ?? null, version, key, enteredAtMs: atMs };
	const said = await post(`/api/setups/${setupId}/records`, body);
	if (said === 'taken' && kept.draft) await forget(kept.draft.name);
	return said;
}
