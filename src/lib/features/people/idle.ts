import { asWhom } from '$lib/ui/fields/user-scoped-key';

/** When anybody last touched any window of this browser, so that a second window keeps the first one awake. */
const KEY = 'uncinus-touched';
const TOLD_EVERY_MS = 240_000;

let here = 0;
/** The last touch in this window or, where the browser keeps it, in any. */
function lastTouch(): number {
	try {
		return Math.max(here, Number(localStorage.getItem(KEY) ?? 0));
	} catch {
		return here;
	}
}
function touchedAt(now: number): void {
	here = now;
	try {
		localStorage.setItem(KEY, String(now));
	} catch {
		/* no storage: this window counts alone */
	}
}

/** Watches for a touch, a key, a turn of the wheel; calls `left` after so long without any. Gives back how to stop. */
export function watchIdle(idleS: number, left: () => void): () => void {
	let told = Date.now();
	const touched = () => {
		const now = Date.now();
		touchedAt(now);
		// Whoever works without recording anything is not asleep for the server either.
		if (now - told > TOLD_EVERY_MS) {
			told = now;
			void fetch('/api/seen', { method: 'POST', headers: asWhom() })
				.then((response) => response.text())
				.catch(() => undefined);
		}
	};
	const kinds = ['pointerdown', 'keydown', 'wheel'] as const;
	for (const kind of kinds) addEventListener(kind, touched, { passive: true });
	touched();
	const timer = setInterval(() => {
		if (Date.now() - lastTouch() > 1000 * idleS) left();
	}, 5000);
	return () => {
		clearInterval(timer);
		for (const kind of kinds) removeEventListener(kind, touched);
	};
}
