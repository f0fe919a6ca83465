<script lang="ts">
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import ReadingsTable from '$lib/ui/layout/ReadingsTable.svelte';
	import { readingsOf, turnedOf } from './runout-view';
	import StreamTurn from './StreamTurn.svelte';

	interface Props {
		entry: Entry;
		key: string;
	}
	/** Readings once round: typed, pasted, or read off the dial while the wheel is turned; one that stands out is asked about. */
	let { entry, key }: Props = $props();
	const list = $derived(readingsOf(entry));
	const turned = $derived(turnedOf(entry));
	const set = (l: string[]) => {
		entry.set('readingsUm', l);
		if (entry.at('oddKept') === true) entry.set('oddKept', false);
	};
</script>

<div class="reader">
	{#if list.length <= 24}<ReadingsTable
			{list}
			{turned}
			onchange={set}
			fault={entry.faultAt('readingsUm')}
			system={entry.system}
			{key}
		/>
	{:else}<p class="num">{list.length} readings</p>
		<button class="btn" onclick={() => set(Array.from({ length: 12 }, () => ''))}>Begin again with 12</button
		>{/if}
	<StreamTurn places={list.length} {turned} system={entry.system} onread={(l) => set(l)} />
	<details>
		<summary>How it is read</summary>
		<fieldset class="seg">
			<legend>Places</legend>
			<div>
				{#each [8, 12, 24] as n (n)}<button
						class="btn"
						class:on={list.length === n}
						onclick={() => set([...list, ...Array.from({ length: 24 }, () => '')].slice(0, n))}>{n}</button
					>{/each}
			</div>
		</fieldset>
		<ChoiceField
			{entry}
			name="wheelTurned"
			label="Turned, from the front"
			words={{ 'counter-clockwise': 'anticlockwise' }}
		/><ChoiceField {entry} name="dialCounts" words={{ up: 'up when it comes nearer', down: 'down' }} />
	</details>
</div>

<style>
	.reader {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	summary {
		cursor: pointer;
		color: var(--act);
		font-weight: 600;
		font-size: var(--type-small);
	}
	details {
		display: grid;
		gap: var(--s-6);
		max-width: 230px;
	}
	.seg {
		border: 0;
		padding: 0;
	}
	.seg legend {
		font-size: var(--type-small);
		color: var(--ink2);
		padding: 0;
	}
	.seg div {
		display: flex;
		gap: var(--s-6);
	}
</style>
