<script lang="ts">
	import { holds, lineOf } from '$core/route/decision';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import LookPart from './LookPart.svelte';
	import RingPart from './RingPart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** Looked over first; once that holds at the gate, rung, where it can ring. */
	let { desk }: Props = $props();
	let again = $state(false);
	const looked = $derived(
		lineOf(desk.decision, 'inspect', 'look') !== null && holds(desk.decision, 'inspect', ['look'])
	);
	const rung = $derived(lineOf(desk.decision, 'inspect', 'ring') !== null);
</script>

{#if rung && looked && !again}<RingPart {desk} onagain={() => (again = true)} />{:else}<LookPart
		{desk}
		ondone={() => (rung ? (again = false) : desk.onward())}
	/>{/if}
