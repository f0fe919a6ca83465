/** The worker that keeps an open setup, where this browser has one: only behind TLS or on the machine itself. */
const worker = async (): Promise<ServiceWorker | null> =>
	typeof navigator !== 'undefined' && 'serviceWorker' in navigator
		? ((await navigator.serviceWorker.getRegistration())?.active ?? null)
		: null;

let told = 0;
/** A setup is open here: its stations are kept for when the network is away. Once for each setup somebody goes to. */
export function keepOpen(id: number, stations: readonly string[]): void {
	if (told === id) return;
	told = id;
	// Where no worker keeps parts of the application, the one that lets records wait is fetched while there is a network.
	if (!('serviceWorker' in navigator)) void import('./wait-here').catch(() => undefined);
	// After everything the page itself needs.
	setTimeout(
		() =>
			void worker().then((w) =>
				w?.postMessage({ keep: id, here: location.pathname, stations: [...stations] })
			),
		KEEP_AFTER_MS
	);
}
const KEEP_AFTER_MS = 1500;

/** The screen was locked: nothing of a setup can be opened without the server any more. */
export function forgetOpen(): void {
	told = 0;
	void worker().then((w) => w?.postMessage({ forget: true }));
}
