<script lang="ts">
	import { storageRules } from '$core/inspect/storage-rules';
	import type { SetupFacts } from '$core/facts/setup';
	import { dayWords } from '$lib/words';

	interface Props {
		facts: SetupFacts;
		what: 'taken-off' | 'worn-out';
	}
	/** What a wheel needs that comes off: one that goes to the rack and comes back, and one that never turns again. */
	let { facts, what }: Props = $props();
	const w = $derived(facts.wheel!);
</script>

{#if what === 'taken-off'}<h2>Back to the rack, {w.place}</h2>
	<ul>
		<li>Spin it dry before it stands: coolant in the rim puts it out of balance.</li>
		{#each storageRules({ ...w, shape: w.shape }) as rule (rule)}<li>{rule}</li>{/each}
		{#if w.expiresOn}<li>Use by <b>{dayWords(w.expiresOn)}</b>; the day itself still counts.</li>{/if}
	</ul>
	<h2>When it comes back</h2>
	<ul>
		<li>Looked over, rung and run free again, whatever it was before.</li>
		<li>
			On its own mount it comes back balanced; on another it is trued and balanced anew. Its book goes on.
		</li>
	</ul>
{:else}<h2>Never to turn again</h2>
	<ul>
		<li>Break or saw through its bore side so that nobody mounts it, and take its tag off.</li>
		<li>It leaves the rack; its book stays.</li>
	</ul>{/if}
<p class="quiet">The wheel's own instructions and local rules come first.</p>

<style>
	h2 {
		font-size: var(--type-text);
	}
	ul {
		margin: 0;
		padding-left: var(--s-20);
		display: grid;
		gap: var(--s-4);
	}
</style>
