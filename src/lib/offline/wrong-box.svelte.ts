import { KeptList, type Waits, notNow, post } from './kept-list.svelte';

/** Something is wrong, pressed where the network was away. */
export interface Wrong extends Waits {
	values: unknown;
	by: { id: number; name: string };
	/** By the clock of this browser, put right by the server's as far as it was known. */
	atMs: number;
}
const NAME = 'uncinus-wrong';

/**
 * What is wrong does not wait for the person who saw it: kept for the whole browser, handed in by whoever connects next, under the
 * name of who pressed it.
 */
class WrongBox extends KeptList<Wrong> {
	protected name(): string {
		return NAME;
	}
	protected read(): readonly Wrong[] {
		try {
			const kept: unknown = JSON.parse(localStorage.getItem(NAME) ?? '[]');
			return Array.isArray(kept) ? kept.filter((w): w is Wrong => !!(w as Wrong | null)?.by?.id) : [];
		} catch {
			return [];
		}
	}
	/** What still goes out by itself. */
	get due(): readonly Wrong[] {
		return this.list.filter((w) => !w.refused);
	}
	protected async send(): Promise<boolean> {
		let answered = false;
		for (const { key, setupId, values, by, atMs } of this.due) {
			const said = await post(`/api/setups/${setupId}/incidents`, {
				values,
				key,
				pressedBy: by.id,
				enteredAtMs: atMs
			});
			if (notNow(said)) break;
			answered = true;
			this.answered(key, said);
		}
		return answered;
	}
}
export const wrongBox = new WrongBox();
