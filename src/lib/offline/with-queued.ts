/** Fetched only where something waits: it knows every step of every station. */
export { decide } from '$core/route/engine';
export { withQueued } from '$core/route/queued-submission';
