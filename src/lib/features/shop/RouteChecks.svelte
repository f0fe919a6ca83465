<script lang="ts">
	import Trash from '@lucide/svelte/icons/trash-2';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		entry: Entry;
		stations: readonly StationId[];
		disabled?: boolean;
	}
	/** Checks a lead adds to a route, each at its station: a question, or a value with its limit. */
	let { entry, stations, disabled = false }: Props = $props();
	type Check = { id: string; station: string; text: string; kind: string; unit: string; atMost: string };
	const checks = $derived((entry.typed.checks ?? []) as Check[]);
	const set = (list: Check[]) => entry.set('checks', list);
	const change = (i: number, part: Partial<Check>) =>
		set(checks.map((c, k) => (k === i ? { ...c, ...part } : c)));
	/** A name that no check of this route has had. */
	const nextId = () => {
		let n = checks.length + 1;
		while (checks.some((c) => c.id === `c${n}`)) n++;
		return `c${n}`;
	};
</script>

{#each checks as c, i (c.id)}
	<div class="check">
		<select
			class="plain-input"
			aria-label="Station of check {i + 1}"
			value={c.station}
			{disabled}
			onchange={(e) => change(i, { station: e.currentTarget.value })}
			>{#each stations as s (s)}<option value={s}>{STATION_NAMES[s]}</option>{/each}</select
		>
		<input
			class="plain-input"
			aria-label="What check {i + 1} asks"
			value={c.text}
			maxlength="80"
			{disabled}
			oninput={(e) => change(i, { text: e.currentTarget.value })}
		/>
		<select
			class="plain-input"
			aria-label="How check {i + 1} is answered"
			value={c.kind}
			{disabled}
			onchange={(e) => change(i, { kind: e.currentTarget.value })}
			><option value="yes">by yes</option><option value="number">by a value</option></select
		>
		{#if c.kind === 'number'}<input
				class="plain-input num"
				aria-label="Limit of check {i + 1}"
				placeholder="at most"
				value={c.atMost}
				maxlength="12"
				{disabled}
				oninput={(e) => change(i, { atMost: e.currentTarget.value })}
			/><input
				class="plain-input"
				aria-label="Unit of check {i + 1}"
				placeholder="unit"
				value={c.unit}
				maxlength="10"
				{disabled}
				oninput={(e) => change(i, { unit: e.currentTarget.value })}
			/>{/if}
		{#if !disabled}<button
				class="btn"
				aria-label="Take check {i + 1} away"
				onclick={() => set(checks.filter((_, k) => k !== i))}><Trash size={16} /></button
			>{/if}
	</div>
{:else}<p class="quiet">None.</p>{/each}
{#if !disabled}<button
		class="btn"
		onclick={() =>
			set([
				...checks,
				{ id: nextId(), station: stations[1] ?? 'select', text: '', kind: 'yes', unit: '', atMost: '' }
			])}>Add a check</button
	>{/if}
{#if entry.faultAt('checks')}<p class="fault">{entry.faultAt('checks')}</p>{/if}

<style>
	.check {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		align-items: center;
	}
	.check input {
		flex: 1;
		min-width: 90px;
	}
	.btn {
		justify-self: start;
	}
</style>
