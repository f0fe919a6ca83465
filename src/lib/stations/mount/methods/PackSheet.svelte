<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The pack of wheels on one arbor, fetched only where there is one. */
	let { desk }: Props = $props();
</script>

<Lazy load={() => import('./PackPart.svelte')} given={{ desk }} />
