import { type Fault, UNEXPECTED } from '$lib/ui/feedback/sender.svelte';
import { asWhom } from '$lib/ui/fields/whose';
import { NOT_NOW } from './not-now';

/** Something is wrong, pressed where the network was away. */
export interface Wrong {
	key: string;
	setupId: number;
	values: unknown;
	by: { id: number; name: string };
	/** By the clock of this browser, put right by the server's as far as it was known. */
	atMs: number;
	/** Why the server did not take it. */
	refused: Fault | null;
}
const NAME = 'uncinus-wrong';

/**
 * What is wrong does not wait for the person who saw it: kept for the whole browser, handed in by whoever connects next, under the
 * name of who pressed it.
 */
class WrongBox {
	list = $state.raw<readonly Wrong[]>([]);
	private sending = false;

	look(): void {
		this.list = read();
	}
	of(setupId: number): readonly Wrong[] {
		return this.list.filter((w) => w.setupId === setupId);
	}
	/** False where the browser keeps nothing. */
	add(wrong: Wrong): boolean {
		return this.change((list) => [...list, wrong]);
	}
	remove(key: string): void {
		this.change((list) => list.filter((w) => w.key !== key));
	}
	private change(how: (list: readonly Wrong[]) => readonly Wrong[]): boolean {
		const list = how(read());
		try {
			localStorage.setItem(NAME, JSON.stringify(list));
		} catch {
			return false;
		}
		this.list = list;
		return true;
	}

	/** Hands in what waits. Resolves with whether the server took or refused any of it. */
	async flush(): Promise<boolean> {
		if (this.sending) return false;
		this.sending = true;
		let answered = false;
		try {
			this.look();
			for (const wrong of this.list.filter((w) => !w.refused)) {
				const said = await handIn(wrong);
				if (said === 'away' || (said !== 'taken' && NOT_NOW.has(said.code))) break;
				answered = true;
				if (said === 'taken') this.remove(wrong.key);
				else this.change((list) => list.map((w) => (w.key === wrong.key ? { ...w, refused: said } : w)));
			}
			return answered;
		} finally {
			this.sending = false;
		}
	}
}
export const wrongBox = new WrongBox();

function read(): readonly Wrong[] {
	try {
		const kept: unknown = JSON.parse(localStorage.getItem(NAME) ?? '[]');
		return Array.isArray(kept) ? kept.filter((w): w is Wrong => !!(w as Wrong | null)?.by?.id) : [];
	} catch {
		return [];
	}
}

async function handIn({ setupId, values, key, by, atMs }: Wrong): Promise<'taken' | 'away' | Fault> {
	try {
		const r = await fetch(`/api/setups/${setupId}/incidents`, {
			method: 'POST',
			headers: asWhom({ 'content-type': 'application/json' }),
			body: JSON.stringify({ values, key, pressedBy: by.id, enteredAtMs: atMs })
		});
		const said = (await r.json().catch(() => null)) as { error?: Fault } | null;
		if (r.ok && said) return 'taken';
		return said ? (said.error ?? UNEXPECTED) : 'away';
	} catch {
		return 'away';
	}
}
