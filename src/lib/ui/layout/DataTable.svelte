<script lang="ts" generics="Row">
	import { resolve } from '$app/paths';
	import type { Snippet } from 'svelte';
	import { columnsOf, type Column } from './data-table';

	interface Props {
		columns: readonly Column<Row>[];
		rows: readonly Row[];
		sort?: string;
		down?: boolean;
		/** Where a heading leads: the page with its rows in that order. */
		href?: (sort: string, down: boolean) => '/rack' | `/rack?${string}`;
		cell?: Snippet<[string, Row]>;
		label: string;
		empty?: string;
	}
	/** A table whose order the address decides: every heading that sorts is a link, so it works before any script has run. */
	let {
		columns,
		rows,
		sort = '',
		down = false,
		href,
		cell,
		label,
		empty = 'Nothing here.'
	}: Props = $props();
	const model = $derived(columnsOf(columns, rows, sort, down));
</script>

<div class="scroll" role="region" aria-label={label} tabindex="-1">
	<table aria-label={label}>
		<thead
			><tr
				>{#each model.heads as h (h.id)}<th
						class={h.align}
						aria-sort={h.sorted === 'asc' ? 'ascending' : h.sorted === 'desc' ? 'descending' : undefined}
						>{#if h.sortable && href}<a
								href={resolve(href(h.id, h.sorted === 'asc'))}
								data-sveltekit-keepfocus
								data-sveltekit-noscroll
								>{h.title}<i aria-hidden="true"
									>{h.sorted === 'asc' ? ' ▲' : h.sorted === 'desc' ? ' ▼' : ''}</i
								></a
							>{:else}{h.title}{/if}</th
					>{/each}</tr
			></thead
		>
		<tbody>
			{#each model.rows as r (r.id)}<tr
					>{#each r.cells as c (c.id)}<td class={c.align}
							>{#if cell}{@render cell(c.id, r.original)}{:else}{c.value}{/if}</td
						>{/each}</tr
				>
			{:else}<tr><td colspan={columns.length} class="none">{empty}</td></tr>{/each}
		</tbody>
	</table>
</div>

<style>
	.scroll {
		overflow-x: auto;
		background: var(--sheet);
		border: 1px solid var(--rule);
		border-top: 3px solid var(--ink);
	}
	th {
		position: sticky;
		top: 0;
		background: var(--sheet);
		white-space: nowrap;
	}
	th a {
		color: var(--ink2);
		text-decoration: none;
		display: inline-flex;
		align-items: center;
		min-height: 30px;
	}
	th a:hover {
		text-decoration: underline;
	}
	th i {
		font-style: normal;
		font-size: var(--type-fine);
		margin-left: var(--s-4);
	}
	td {
		padding: var(--s-8) var(--s-12);
		font-size: var(--type-label);
	}
	tbody tr:hover {
		background: var(--well);
	}
	.right {
		text-align: right;
	}
	.none {
		color: var(--ink2);
		padding: var(--s-16);
	}
</style>
