<script lang="ts">
	import type { Marking } from '$core/spec/marking';
	import { markingSpans } from '$core/spec/marking-spans';
	import { partColour } from './part-colour';

	interface Props {
		typed: string;
		reading: Marking;
	}
	/** What was typed, every stretch marked with the field it was put in; what could not be placed stands out. */
	let { typed, reading }: Props = $props();
	const spans = $derived(markingSpans(typed, reading));
</script>

<p class="num" aria-hidden="true">
	{#each spans as s, i (i)}<span class={s.field} style:border-color={partColour(s.field)}>{s.text}</span
		>{/each}
</p>

<style>
	p {
		font-size: var(--type-figure);
		font-weight: 700;
		white-space: pre-wrap;
		overflow-wrap: anywhere;
		max-width: none;
		line-height: 1.5;
	}
	span {
		border-bottom: 4px solid transparent;
	}
	.maker {
		color: var(--ink2);
	}
	.unknown {
		border-bottom-style: double;
		color: var(--stop);
	}
	.gap {
		color: var(--ink3);
		font-weight: 500;
	}
</style>
