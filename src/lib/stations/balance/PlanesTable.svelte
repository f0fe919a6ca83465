<script lang="ts">
	import { symbolOf } from '$core/quantity/format';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		entry: Entry;
		/** Only as it is: what a trial does is known already. */
		known: boolean;
	}
	/** Both planes read as it is, with the trial in the first, with the trial in the second. */
	let { entry, known }: Props = $props();
	const RUNS = [
		['initial', 'As it is'],
		['afterTrial1', 'Trial in plane 1'],
		['afterTrial2', 'Trial in plane 2']
	] as const;
	const runs = $derived(known ? RUNS.slice(0, 1) : RUNS);
	const unit = $derived(symbolOf('mm/s', entry.system));
	const CELLS = [
		['0.ampMmPerS', 'plane 1, vibration'],
		['0.phaseDeg', 'plane 1, phase'],
		['1.ampMmPerS', 'plane 2, vibration'],
		['1.phaseDeg', 'plane 2, phase']
	] as const;
</script>

<table>
	<thead>
		<tr><th></th><th colspan="2">Plane 1, back</th><th colspan="2">Plane 2, front</th></tr>
		<tr><th>Run</th><th>{unit}</th><th>°</th><th>{unit}</th><th>°</th></tr>
	</thead>
	<tbody>
		{#each runs as [name, said] (name)}<tr>
				<th scope="row">{said}</th>
				{#each CELLS as [path, what] (path)}<td
						><input
							class="plain-input num"
							aria-label="{said}: {what}"
							data-field="{name}.{path}"
							maxlength="12"
							autocomplete="off"
							inputmode="decimal"
							bind:value={
								() => String(entry.at(`${name}.${path}`) ?? ''), (v) => entry.set(`${name}.${path}`, v)
							}
						/></td
					>{/each}
			</tr>{/each}
	</tbody>
</table>

<style>
	table {
		border-collapse: collapse;
		width: 100%;
	}
	th {
		font-weight: 500;
		font-size: var(--type-small);
		color: var(--ink2);
		text-align: left;
		padding: var(--s-4);
		white-space: nowrap;
	}
	td {
		padding: var(--s-2);
	}
	input {
		width: 100%;
		min-width: 44px;
		padding-inline: var(--s-6);
	}
</style>
