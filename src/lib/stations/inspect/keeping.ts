import { invalidateAll } from '$app/navigation';
import type { Keep } from './listening.svelte';

/** Sends recordings of a wheel to the server, where they are judged again and kept. */
export function keepFor(wheelNumber: string, setupId: number | null): Keep {
	return async (wav, source, key) => {
		try {
			const query = new URLSearchParams({ source, key, ...(setupId === null ? {} : { setup: String(setupId) }) });
			const answer = await fetch(`/api/wheels/${encodeURIComponent(wheelNumber)}/recordings?${query}`, { method: 'POST', headers: { 'content-type': 'audio/wav' }, body: wav });
			const said = (await answer.json().catch(() => null)) as { error?: { message: string } } | null;
			if (!answer.ok) return said?.error?.message ?? 'The server could not keep the recording. It waits here.';
			await invalidateAll();
			return null;
		} catch { return 'The server does not answer. The recording waits here.'; }
	};
}
