<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { resolve } from '$app/paths';
	import type { MachineFacts } from '$core/facts/shop';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { STATE_WORDS } from '$lib/words';

	interface OpenSetup {
		id: number;
		part: string;
		state: string;
		onSpindle: boolean;
		wheel: string | null;
	}
	interface Props {
		entry: Entry;
		machines: (MachineFacts & { open: OpenSetup[] })[];
	}
	/** The machines to choose from, with what is on each of them. */
	let { entry, machines }: Props = $props();
	const { q } = useUnits();
	const fault = $derived(entry.faultAt('machineId'));
	const chosen = $derived(machines.find((m) => entry.at('machineId') === String(m.id)) ?? null);
	/** What stands on the spindle of the machine that is chosen. */
	const mounted = $derived(chosen?.open.find((s) => s.onSpindle) ?? null);
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
					>{q(m.spindleRpm, 'rpm')}, up to ⌀ {q(m.maxDiameterMm, 'mm')}</small
				><small class="num">seat {q(m.seatMm, 'mm')}</small>
				<small
					>{m.lockedOut
						? 'locked out'
						: m.open.length
							? `setup ${m.open.map((s) => `${s.id}: ${STATE_WORDS[s.state]?.toLowerCase()}`).join(', ')}`
							: 'free'}</small
				>
			</label>
		{/each}
	</div>
	{#if fault}<p class="fault">Pick a machine.</p>{/if}
	{#if mounted}<p class="taken">
			<b>Wheel {mounted.wheel} of setup {mounted.id} ({mounted.part}) is on {chosen!.code}.</b>
			<a href={resolve(mounted.state === 'released' ? `/setups/${mounted.id}/keep` : `/setups/${mounted.id}`)}
				>Take it off there</a
			>, or start: this setup waits at Mount until the spindle is free.
		</p>{/if}
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
	.taken {
		background: var(--caution-soft);
		border-left: 4px solid var(--caution);
		padding: var(--s-8) var(--s-12);
		margin-top: var(--s-8);
		max-width: none;
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
