/** When anybody last touched any window of this browser, so that a second window keeps the first one awake. */
const KEY = 'uncinus-touched';
const TOLD_EVERY_MS = 240_000;

/** Watches for a touch, a key, a turn of the wheel; calls `left` after so long without any. Gives back how to stop. */
export function watchIdle(idleS: number, left: () => void): () => void {
	let told = Date.now();
	const touched = () => {
		const now = Date.now();
		localStorage.setItem(KEY, String(now));
		// Whoever works without recording anything is not asleep for the server either.
		if (now - told > TOLD_EVERY_MS) {
			told = now;
			void fetch('/api/seen', { method: 'POST' })
				.then((r) => r.text())
				.catch(() => undefined);
		}
	};
	const kinds = ['pointerdown', 'keydown', 'wheel'] as const;
	for (const k of kinds) addEventListener(k, touched, { passive: true });
	touched();
	const timer = setInterval(() => {
		if (Date.now() - Number(localStorage.getItem(KEY) ?? 0) > 1000 * idleS) left();
	}, 5000);
	return () => {
		clearInterval(timer);
		for (const k of kinds) removeEventListener(k, touched);
	};
}
