<script lang="ts">
	import type { ProgramLine } from '$core/form/program/lines';

	interface Props {
		text: string;
		lines: readonly ProgramLine[];
		/** The block that is looked at. */
		picked: number;
		/** What the file is called. */
		name?: string;
	}
	/** A program block by block, gone through by keyboard, and the way to take it out: always as a draft. */
	let { text, lines, picked = $bindable(), name = 'form' }: Props = $props();
	let list: HTMLElement | null = $state(null);
	function step(e: KeyboardEvent) {
		const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
		if (!by) return;
		e.preventDefault();
		picked = Math.max(0, Math.min(lines.length - 1, picked + by));
	}
	/** Not more lines than can be looked at; the whole of it is in the file. */
	const MAX = 400;
	const from = $derived(Math.max(0, Math.min(lines.length - MAX, picked - MAX / 2)));
	const shown = $derived(lines.slice(from, from + MAX));
	$effect(() => {
		const row = list?.children[picked - from] as HTMLElement | undefined;
		if (list && row) list.scrollTop = Math.max(0, row.offsetTop - list.offsetTop - list.clientHeight / 2);
	});
	/** As a file: what it is, is said in its first lines. */
	const file = $derived(
		`data:text/plain;charset=utf-8,${encodeURIComponent(`(DRAFT - DRY RUN FIRST, AWAY FROM THE WHEEL, A HAND ON THE STOP)\n${text}`)}`
	);
</script>

<div
	bind:this={list}
	class="text num"
	role="listbox"
	aria-label="Program, block by block"
	tabindex="0"
	onkeydown={step}
>
	{#each shown as l, i (from + i)}<div
			role="option"
			tabindex="-1"
			aria-selected={from + i === picked}
			class:on={from + i === picked}
			onclick={() => (picked = from + i)}
			onkeydown={step}
		>
			{l.text}
		</div>{/each}
</div>
<!-- The file is made in the page: there is no address to resolve. -->
<!-- eslint-disable svelte/no-navigation-without-resolve -->
<p><a class="btn" href={file} download="{name}.nc">Take it out as a draft</a></p>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
<p class="quiet">A draft: run it dry first, away from the wheel, at low feed, with a hand on the stop.</p>

<style>
	.text {
		max-height: 220px;
		overflow: auto;
		border: 1px solid var(--rule);
		background: var(--well);
		padding: var(--s-6);
		font-size: var(--type-small);
	}
	.text div {
		white-space: pre;
		padding: 0 var(--s-6);
		cursor: pointer;
	}
	.on {
		background: var(--act-soft);
		font-weight: 700;
	}
</style>
