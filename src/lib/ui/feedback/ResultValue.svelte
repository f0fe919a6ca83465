<script lang="ts">
	import { labelOf, unitOfName, type Unit } from '$core/calculation/fields';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import Self from './ResultValue.svelte';

	interface Props {
		value: unknown;
		unit?: Unit;
		system: System;
		fine?: boolean;
	}
	/** Any output value: a number with its unit, a word, a list or a group. */
	let { value, unit, system, fine = false }: Props = $props();
	const show = $derived(fine ? fineQuantity : quantity);
	/** Longer text is folded: a program, a table, a drawing. */
	const LONG = 160;
	const isGroup = (v: unknown): v is Record<string, unknown> =>
		typeof v === 'object' && v !== null && !Array.isArray(v);
	const groups = $derived(
		Array.isArray(value) && value.some(isGroup) ? (value as Record<string, unknown>[]) : null
	);
	const heads = $derived(groups ? [...new Set(groups.flatMap((g) => Object.keys(g)))] : []);
	const MAX = 40;
	/** A word of the code loses its dashes; a date, a marking or the code of a thing keeps them. */
	const inWords = (text: string) => (/^[a-z]+(-[a-z0-9]+)+$/.test(text) ? text.replace(/-/g, ' ') : text);
</script>

{#if value === null || value === undefined || value === ''}<span class="quiet">none</span>
{:else if typeof value === 'number'}<span class="num b">{show(value, unit, system)}</span>
{:else if typeof value === 'boolean'}<b>{value ? 'yes' : 'no'}</b>
{:else if typeof value === 'string' && value.length > LONG}<details>
		<summary>{value.split('\n').length} lines</summary>
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<pre tabindex="0">{value}</pre>
	</details>
{:else if typeof value === 'string'}<b>{inWords(value)}</b>
{:else if groups}
	<!-- What is longer than its place is reached by keyboard too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="scroll" tabindex="0" role="region" aria-label="Values">
		<table>
			<thead
				><tr
					>{#each heads as h, at (at)}<th>{labelOf({ name: h })}</th>{/each}</tr
				></thead
			><tbody
				>{#each groups.slice(0, MAX) as g, i (i)}<tr
						>{#each heads as h, at (at)}<td><Self value={g[h]} unit={unitOfName(h)} {fine} {system} /></td
							>{/each}</tr
					>{/each}</tbody
			>
		</table>
	</div>
	{#if groups.length > MAX}<span class="quiet">and {groups.length - MAX} more</span>{/if}
{:else if Array.isArray(value)}{#if value.length}<span class="num"
			>{value
				.map((v) =>
					typeof v === 'number'
						? show(v, unit, system)
						: typeof v === 'string' && unitOfName(v)
							? labelOf({ name: v }).toLowerCase()
							: String(v)
				)
				.slice(0, 200)
				.join(', ')}</span
		>{:else}<span class="quiet">none</span>{/if}
{:else if isGroup(value)}<dl>
		{#each Object.entries(value) as [k, v] (k)}<div>
				<dt>{labelOf({ name: k })}</dt>
				<dd><Self value={v} unit={unitOfName(k)} {fine} {system} /></dd>
			</div>{/each}
	</dl>{/if}

<style>
	pre {
		overflow: auto;
		max-height: 320px;
		text-align: left;
		font: 500 var(--type-small) var(--mono);
	}
	.b {
		font-weight: 650;
	}
	.scroll {
		overflow: auto;
		max-height: 320px;
	}
	td,
	th {
		padding: var(--s-4) var(--s-8);
		font-size: var(--type-small);
		text-align: left;
	}
	dl div {
		display: flex;
		justify-content: space-between;
		gap: var(--s-12);
		font-size: var(--type-small);
	}
	dt {
		color: var(--ink2);
	}
</style>
