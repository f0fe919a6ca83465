import type { Waiting } from '$core/route/waiting';
import { type Fault, UNEXPECTED } from '$lib/ui/feedback/sender.svelte';
import { asWhom, own } from '$lib/ui/fields/whose';
import { NOT_NOW } from './not-now';
import { sorted } from './sorted';

/** One record that waits in this browser, as it will be sent. */
export interface Kept extends Waiting {
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

/** What waits for the network, of the person whose screen it is: kept in the browser at once, in order, sent when it can be. */
class Outbox {
	list = $state.raw<readonly Kept[]>([]);
	/** The last try did not reach the server. */
	away = $state(false);
	/** Why nothing goes out although the server answers: signed out, locked. */
	held = $state<Fault | null>(null);
	/** How many there were that could not be read. */
	unreadable = $state(0);
	private sending = false;

	/** Reads what waits here; another tab may have changed it. */
	look(): void {
		this.list = read();
		this.unreadable = unreadable().length;
	}
	of(setupId: number): readonly Kept[] {
		return this.list.filter((w) => w.setupId === setupId);
	}
	/** What still stands a chance, in order: up to the first of a setup that was refused. */
	due(setupId: number): readonly Kept[] {
		const all = this.of(setupId);
		const first = all.findIndex((w) => w.refused);
		return first === -1 ? all : all.slice(0, first);
	}
	/** Keeps one more. False where the browser keeps nothing. */
	add(kept: Kept): boolean {
		return this.change((list) => [...list, kept]);
	}
	remove(key: string): void {
		this.change((list) => list.filter((w) => w.key !== key));
	}
	private change(how: (list: readonly Kept[]) => readonly Kept[]): boolean {
		const list = how(read());
		try {
			localStorage.setItem(own(NAME), JSON.stringify(list));
		} catch {
			return false;
		}
		this.list = list;
		return true;
	}

	/** Sends what waits, in order. Resolves with whether the server took or refused any of it. */
	async flush(): Promise<boolean> {
		if (this.sending) return false;
		this.sending = true;
		let answered = false;
		try {
			this.look();
			for (const kept of this.list) {
				if (!this.due(kept.setupId).some((w) => w.key === kept.key)) continue;
				const said = await send(kept);
				this.away = said === 'away';
				this.held = typeof said === 'object' && NOT_NOW.has(said.code) ? said : null;
				if (this.away || this.held) break;
				answered = true;
				if (said === 'taken') this.remove(kept.key);
				else
					this.change((list) => list.map((w) => (w.key === kept.key ? { ...w, refused: said as Fault } : w)));
			}
			return answered;
		} finally {
			this.sending = false;
		}
	}
}
export const outbox = new Outbox();

/** What waits here; what cannot be read as a record is put aside, kept and said. */
function read(): readonly Kept[] {
	try {
		const text = localStorage.getItem(own(NAME)) ?? '[]';
		const { good, bad } = sorted(text);
		if (bad.length) {
			localStorage.setItem(own(ASIDE), JSON.stringify([...unreadable(), ...bad]));
			localStorage.setItem(own(NAME), JSON.stringify(good));
		}
		return good;
	} catch {
		return [];
	}
}
/** What was put aside as it could not be read, as text. */
export function unreadable(): string[] {
	try {
		const kept: unknown = JSON.parse(localStorage.getItem(own(ASIDE)) ?? '[]');
		return Array.isArray(kept) ? kept.map(String) : [];
	} catch {
		return [];
	}
}

/** The draft the server may still hold of what it has now taken. */
const forget = (name: string): Promise<unknown> =>
	fetch(`/api/drafts/${encodeURIComponent(name)}`, { method: 'DELETE', headers: asWhom() })
		.then((r) => r.text())
		.catch(() => undefined);

/** What the server said of it. */
async function send(kept: Kept): Promise<'taken' | 'away' | Fault> {
	const { setupId, station, step, values, reason, version, key, atMs } = kept;
	try {
		const r = await fetch(`/api/setups/${setupId}/records`, {
			method: 'POST',
			headers: asWhom({ 'content-type': 'application/json' }),
			body: JSON.stringify({ station, step, values, reason: reason ?? null, version, key, enteredAtMs: atMs })
		});
		const said = (await r.json().catch(() => null)) as { error?: Fault } | null;
		if (r.ok && said) {
			if (kept.draft) await forget(kept.draft.name);
			return 'taken';
		}
		// A proxy that reaches no server answers with a page of its own.
		return said ? (said.error ?? UNEXPECTED) : 'away';
	} catch {
		return 'away';
	}
}
