import { invalidateAll } from '$app/navigation';
import type { Keep } from './listening.svelte';

/** Where recordings of a wheel are kept: the server judges them again; the page then shows what is now. */
export function keepFor(wheelNumber: string, setupId: number | null): Keep {
	return {
		path: (source, key) =>
			`/api/wheels/${encodeURIComponent(wheelNumber)}/recordings?${new URLSearchParams({ source, key, ...(setupId === null ? {} : { setup: String(setupId) }) })}`,
		kept: () => invalidateAll()
	};
}
