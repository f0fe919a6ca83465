import { isAwake } from './sessions.js';

const ASKED_EVERY_MS = 5000;

/** Calls `over` once a session has ended or is locked: what runs on after its request must not outlive it. Gives back how to stop watching. */
export function watchSession(token: string, over: () => void): () => void {
	const timer = setInterval(() => {
		// A database that does not answer ends nothing; the next question will.
		isAwake(token).then(
			(awake) => {
				if (!awake) {
					clearInterval(timer);
					over();
				}
			},
			() => undefined
		);
	}, ASKED_EVERY_MS);
	timer.unref();
	return () => clearInterval(timer);
}
