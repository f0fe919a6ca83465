import { type Fault, UNEXPECTED } from '$lib/ui/feedback/sender.svelte';
import { asWhom } from '$lib/ui/fields/user-scoped-key';

/** Something that waits in this browser for the network. */
export interface Waits {
	key: string;
	setupId: number;
	/** Why the server did not take it. */
	refused: Fault | null;
}
/** Answers that say nothing of what was sent itself: it is sent again later. */
const NOT_NOW: ReadonlySet<string> = new Set([
	'signed-out',
	'locked',
	'database-down',
	'cannot-keep',
	'change-pin',
	'busy',
	'another-person'
]);
/** What the server said of it. */
export type Said = 'taken' | 'away' | Fault;
/** Whether it has to wait on: nothing came back, or nothing that is about it. */
export const notNow = (said: Said): boolean =>
	said === 'away' || (typeof said === 'object' && NOT_NOW.has(said.code));

/** A list kept in this browser at once, in order, that other tabs may change too; sent when it can be. */
export abstract class KeptList<T extends Waits> {
	list = $state.raw<readonly T[]>([]);
	private sending = false;

	/** The name it is kept under, which may be that of a person. */
	protected abstract name(): string;
	protected abstract read(): readonly T[];
	/** Sends what waits. Resolves with whether the server took or refused any of it. */
	protected abstract send(): Promise<boolean>;

	/** Reads what waits here; another tab may have changed it. */
	look(): void {
		this.list = this.read();
	}
	of(setupId: number): readonly T[] {
		return this.list.filter((w) => w.setupId === setupId);
	}
	/** Keeps one more, once. False where the browser keeps nothing. */
	add(one: T): boolean {
		return this.change((list) => [...list.filter((w) => w.key !== one.key), one]);
	}
	remove(key: string): void {
		this.change((list) => list.filter((w) => w.key !== key));
	}
	/** Takes what was said of one: gone where it was taken, else kept with why not. */
	protected answered(key: string, said: Said): void {
		if (said === 'taken') this.remove(key);
		else if (said !== 'away')
			this.change((list) => list.map((w) => (w.key === key ? { ...w, refused: said } : w)));
	}
	private change(how: (list: readonly T[]) => readonly T[]): boolean {
		const list = how(this.read());
		try {
			localStorage.setItem(this.name(), JSON.stringify(list));
		} catch {
			return false;
		}
		this.list = list;
		return true;
	}

	/** As `send`, once at a time. */
	async flush(): Promise<boolean> {
		if (this.sending) return false;
		this.sending = true;
		try {
			this.look();
			return await this.send();
		} finally {
			this.sending = false;
		}
	}
}

/** Sends one thing that waited, under the name of whose page this is. */
export async function post(path: string, body: object): Promise<Said> {
	try {
		const response = await fetch(path, {
			method: 'POST',
			headers: asWhom({ 'content-type': 'application/json' }),
			body: JSON.stringify(body)
		});
		const said = (await response.json().catch(() => null)) as { error?: Fault } | null;
		if (response.ok && said) return 'taken';
		// A proxy that reaches no server answers with a page of its own.
		return said ? (said.error ?? UNEXPECTED) : 'away';
	} catch {
		return 'away';
	}
}
