/** Fetched only where something waits: it knows every step of every station. */
export { decide } from '$core/route/engine';
export { withQueued as withWaiting } from '$core/route/queued-submission';
