import { onDestroy } from 'svelte';

/** So long a key that books another thing does not answer after it came where the last one was pressed, ms. */
const APART_MS = 1000;
/** A key that stays with the same words hears no second press so soon after its answer, ms. */
const AGAIN_MS = 300;
/** A press so long ago has nothing to do with the key that comes now, ms; a slow answer does. */
const FORGOTTEN_MS = 6000;
let last: { label: string; at: number } | null = null;

/**
 * Keeps the second tap of a hurried hand from booking what nobody has read: after a key was pressed by finger or mouse, the one that takes
 * its place with other words waits a second. The keyboard is not held up: it says what it stands on.
 */
export class SecondTap {
	/** The key waits; whoever taps it is not heard. */
	waits = $state(false);
	/** Until when it waits. */
	private until = 0;
	private timer: ReturnType<typeof setTimeout> | undefined;

	constructor(label: () => string, busy: () => boolean) {
		let worked = false;
		$effect(() => {
			if (worked && !busy()) this.hold(AGAIN_MS);
			worked = busy();
		});
		$effect(() => {
			const another = last !== null && last.label !== label();
			if (another && performance.now() - last!.at < FORGOTTEN_MS) this.hold(APART_MS);
		});
		onDestroy(() => clearTimeout(this.timer));
	}
	private hold(ms: number): void {
		this.until = Math.max(this.until, performance.now() + ms);
		this.waits = true;
		clearTimeout(this.timer);
		this.timer = setTimeout(() => (this.waits = false), this.until - performance.now());
	}

	/** Whether a press counts; one that does is remembered. A press by keyboard has no place (`detail` 0). */
	hears(event: MouseEvent, label: string): boolean {
		if (event.detail === 0) return true;
		if (this.waits) return false;
		last = { label, at: performance.now() };
		return true;
	}
}
