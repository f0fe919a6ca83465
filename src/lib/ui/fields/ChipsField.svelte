<script lang="ts">
	interface Props {
		legend: string;
		choices: readonly { id: string; text: string; known?: boolean }[];
		picked: readonly string[];
		ontoggle: (id: string) => void;
	}
	/** Several of many, each a key that stays down; what the records know is marked. */
	let { legend, choices, picked, ontoggle }: Props = $props();
</script>

<fieldset>
	<legend>{legend}</legend>
	<div class="chips">
		{#each choices as c (c.id)}<button
				type="button"
				class="btn"
				class:on={picked.includes(c.id)}
				aria-pressed={picked.includes(c.id)}
				onclick={() => ontoggle(c.id)}
				>{c.text}{#if c.known}<small>&nbsp;by the records</small>{/if}</button
			>{/each}
	</div>
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		min-width: 0;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		padding: 0;
		margin-bottom: var(--s-4);
	}
	.chips {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-4);
	}
	.btn {
		padding-inline: var(--s-10);
		min-height: 36px;
		font-size: var(--type-small);
	}
	small {
		font-weight: 500;
		font-size: var(--type-fine);
	}
</style>
