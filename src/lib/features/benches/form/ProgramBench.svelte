<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { gcode } from '$core/form/gcode';
	import { type ProgramLine, programLines } from '$core/form/program/lines';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '../output-as';
	import { formDrawn, isLong } from './form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** The program beside its picture: the block that is picked lights its move. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	let picked = $state(0);
	const step = (lines: readonly ProgramLine[]) => (e: KeyboardEvent) => {
		const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
		if (!by) return;
		e.preventDefault();
		picked = Math.max(0, Math.min(lines.length - 1, picked + by));
	};
	/** As a file: what it is, is said in its first lines. */
	const file = (text: string) =>
		`data:text/plain;charset=utf-8,${encodeURIComponent(`(DRAFT - DRY RUN FIRST, AWAY FROM THE WHEEL, A HAND ON THE STOP)\n${text}`)}`;
</script>

<CalculationBench calculation={c} draft={d} long={isLong}>
	{#snippet drawing(values, system, output)}
		{@const f = output ? formDrawn(values.segments, values.tool) : null}
		{#if f && output}
			{@const out = outputAs(gcode, output)}
			{@const lines = programLines(out.text, f.path.length ? f.path : f.chain, {
				direction: values.direction === 'minus-z' ? 'minus-z' : 'plus-z',
				arcFormat: values.arcFormat === 'R' ? 'R' : 'IK'
			})}
			{@const lit = lines[picked]?.move ?? null}
			<FormBoard chain={f.chain} path={f.path} rho={f.rho} stoneDeg={f.stoneDeg} {lit} units={system} />
			<div
				class="text num"
				role="listbox"
				aria-label="Program, block by block"
				tabindex="0"
				onkeydown={step(lines)}
			>
				{#each lines as l, i (i)}<div
						role="option"
						tabindex="-1"
						aria-selected={i === picked}
						class:on={i === picked}
						onclick={() => (picked = i)}
						onkeydown={step(lines)}
					>
						{l.text}
					</div>{/each}
			</div>
			<!-- The file is made in the page: there is no address to resolve. -->
			<!-- eslint-disable svelte/no-navigation-without-resolve -->
			<p><a class="btn" href={file(out.text)} download="form.nc">Take it out as a draft</a></p>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
			<p class="quiet">
				A draft: run it dry first, away from the wheel, at low feed, with a hand on the stop.
			</p>
		{/if}
	{/snippet}
</CalculationBench>

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
