<script lang="ts">
	import type { Marking } from '$core/spec/marking';
	import { markingSpans } from '$core/spec/marking-spans';

	interface Props {
		typed: string;
		reading: Marking;
	}
	/** What was typed, every stretch marked with the field it was put in; what could not be placed stands out. */
	let { typed, reading }: Props = $props();
	const spans = $derived(markingSpans(typed, reading));
</script>

<p class="num" aria-hidden="true">
	{#each spans as s, i (i)}<span class={s.field}>{s.text}</span>{/each}
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
	.abrasive {
		border-color: var(--part-abrasive);
	}
	.grit {
		border-color: var(--part-grit);
	}
	.grade,
	.concentration {
		border-color: var(--part-grade);
	}
	.structure {
		border-color: var(--part-structure);
	}
	.bond {
		border-color: var(--part-bond);
	}
	.speed {
		border-color: var(--ok);
	}
	.shape,
	.size,
	.rim {
		border-color: var(--steel);
	}
	.maker {
		border-color: var(--rule);
		color: var(--ink2);
	}
	.unknown {
		border-bottom-style: double;
		border-color: var(--stop);
		color: var(--stop);
	}
	.gap {
		color: var(--ink3);
		font-weight: 500;
	}
</style>
