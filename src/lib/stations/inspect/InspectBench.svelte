<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import type { Desk } from '$lib/desk/desk.svelte';
	import LookPart from './LookPart.svelte';
	import RingPart from './RingPart.svelte';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const look = $derived(new Evidence(desk.facts).latest('inspect', 'look'));
	let again = $state(false);
	const ringing = $derived(
		!again &&
			look !== null &&
			look.verdict !== 'stop' &&
			(look.verdict === 'ok' || look.overrideReason !== null)
	);
</script>

{#if ringing}<RingPart
		{desk}
		draft={drafts['inspect-ring'] ?? null}
		onagain={() => (again = true)}
	/>{:else}<LookPart {desk} draft={drafts.inspect ?? null} ondone={() => (again = false)} />{/if}
