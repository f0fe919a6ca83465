<script lang="ts">
	import { RACK_COLUMNS } from '$core/shop/rack-file';
	import type { Field } from '$core/calculation/fields';
	import { labelOf } from '$core/calculation/fields';
	import { WHEEL_FIELDS } from '$core/shop/wheel';
	import RadioKey from '$lib/ui/fields/RadioKey.svelte';
	import type { Importer } from './importer.svelte';

	interface Props {
		it: Importer;
	}
	/** Which column of the file is which; what was recognised is filled in. */
	let { it }: Props = $props();
	const id = $props.id();
	const called = (field: string) => {
		const f = (WHEEL_FIELDS as readonly Field[]).find((x) => x.name === field);
		return f ? labelOf(f) : field === 'state' ? 'State' : 'Reason';
	};
	const missing = $derived(
		RACK_COLUMNS.filter((c) => c.required && c.field !== 'diameterMm' && it.match[c.field] === undefined)
	);
</script>

<section class="sheet" aria-label="Columns">
	<p><b>{it.name}</b>: {it.count} lines, {it.encoding}. Say which column is which.</p>
	<div class="grid">
		{#each RACK_COLUMNS as c (c.field)}
			<label
				>{called(c.field)}{#if c.required && c.field !== 'diameterMm'}<b
						class="req"
						class:ok={it.match[c.field] !== undefined}
					>
						{it.match[c.field] === undefined ? 'needed' : ''}</b
					>{/if}
				<select
					class="plain-input"
					value={it.match[c.field] ?? ''}
					onchange={(e) => {
						const v = e.currentTarget.value;
						if (v === '') delete it.match[c.field];
						else it.match[c.field] = Number(v);
					}}
					><option value="">not in this file</option>{#each it.headings as h, i (i)}<option value={i}
							>{h}{it.sample[0]?.[i] ? `: ${it.sample[0][i]!.slice(0, 24)}` : ''}</option
						>{/each}</select
				>
			</label>
		{/each}
	</div>
	{#if it.unsaid.length}<fieldset>
			<legend
				>No unit is said for {it.unsaid.map((l) => l.toLowerCase()).join(', ')}. These numbers are</legend
			>
			{#each [['mm', 'millimetres, kg, m/s'], ['inch', 'inches, pounds, ft/min']] as const as [system, words] (system)}<RadioKey
					name={id}
					checked={it.system === system}
					onpick={() => (it.system = system)}>{words}</RadioKey
				>{/each}
		</fieldset>{/if}
	{#if missing.length}<p class="fault">
			Needed and not matched: {missing.map((c) => called(c.field).toLowerCase()).join(', ')}.
		</p>{/if}
	<div class="row">
		<button
			class="btn act"
			onclick={() => it.judge()}
			disabled={missing.length > 0 || (it.unsaid.length > 0 && it.system === null)}>Look at every line</button
		><button class="btn" onclick={() => it.cancel()}>Another file</button>
	</div>
</section>

<style>
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-12);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
		gap: var(--s-10) var(--s-16);
	}
	label {
		font-size: var(--type-small);
		color: var(--ink2);
		display: grid;
		grid-template-columns: auto auto;
		justify-content: space-between;
		gap: var(--s-4);
	}
	select {
		grid-column: 1 / -1;
		width: 100%;
	}
	.req {
		color: var(--stop);
	}
	fieldset {
		border: 0;
		padding: 0;
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	legend {
		font-weight: 600;
		margin-bottom: var(--s-6);
	}
	.row {
		display: flex;
		gap: var(--s-10);
	}
</style>
