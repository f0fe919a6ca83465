<script lang="ts">
	import { holds, lineOf } from '$core/route/decision';
	import type { Desk } from '$lib/desk/desk.svelte';
	import LookPart from './LookPart.svelte';
	import RingPart from './RingPart.svelte';

	interface Props {
		desk: Desk;
	}
	/** Looked over first; once that holds at the gate, rung. */
	let { desk }: Props = $props();
	let again = $state(false);
	const looked = $derived(
		lineOf(desk.decision, 'inspect', 'look') !== null && holds(desk.decision, 'inspect', ['look'])
	);
</script>

{#if looked && !again}<RingPart {desk} onagain={() => (again = true)} />{:else}<LookPart
		{desk}
		ondone={() => (again = false)}
	/>{/if}
