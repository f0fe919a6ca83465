<script lang="ts">
	import type { MachineFacts } from '$core/route/facts';
	import { quantity } from '$core/quantity/format';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { STATE_WORDS } from '$lib/words';

	interface Props {
		entry: Entry;
		machines: (MachineFacts & { live: { id: number; part: string; state: string } | null })[];
	}
	/** The machines to choose from, with what is on each of them. */
	let { entry, machines }: Props = $props();
	const fault = $derived(entry.faultAt('machineId'));
</script>

<fieldset data-field="machineId" tabindex="-1">
	<legend>Machine</legend>
	<div class="row">
		{#each machines as m (m.id)}
			<label class:on={entry.at('machineId') === String(m.id)} class:locked={m.lockedOut}>
				<input
					type="radio"
					name="machine"
					checked={entry.at('machineId') === String(m.id)}
					onchange={() => entry.set('machineId', String(m.id))}
				/>
				<b>{m.code}</b><span>{m.name}</span><small class="num"
					>{quantity(m.spindleRpm, 'rpm')}, up to ⌀ {m.maxDiameterMm}</small
				><small class="num">seat {m.seatMm} mm</small>
				<small
					>{m.lockedOut
						? 'locked out'
						: m.live
							? `setup ${m.live.id}: ${STATE_WORDS[m.live.state]?.toLowerCase()}`
							: 'free'}</small
				>
			</label>
		{/each}
	</div>
	{#if fault}<p class="fault">Pick a machine.</p>{/if}
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		min-width: 0;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		padding: 0;
		margin-bottom: var(--s-4);
	}
	.row {
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		gap: var(--s-8);
	}
	label {
		position: relative;
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		padding: var(--s-8) var(--s-10);
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0 var(--s-8);
		cursor: pointer;
		min-height: var(--hit);
	}
	label small {
		grid-column: 1 / -1;
		font-size: var(--type-fine);
		color: var(--ink2);
	}
	.on {
		border-color: var(--act);
		background: var(--act-soft);
	}
	.locked small:last-child {
		color: var(--stop);
		font-weight: 600;
	}
	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	label:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	@media (max-width: 900px) {
		.row {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
