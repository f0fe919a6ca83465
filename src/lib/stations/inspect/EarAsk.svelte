<script lang="ts">
	interface Props {
		heard: readonly string[];
		at: number;
		count: number;
		shown: boolean;
		onhear: (what: 'clear' | 'doubtful' | 'dull') => void;
		onrest: (what: 'clear') => void;
	}
	/** The ear is asked before any answer is shown, place by place or all at once. */
	let { heard, at, count, shown, onhear, onrest }: Props = $props();
	const choices = [
		['clear', 'Clear', 'C'],
		['doubtful', 'Not sure', 'U'],
		['dull', 'Dull', 'D']
	] as const;
	const left = $derived(count - heard.filter(Boolean).length);
	const keys = (e: KeyboardEvent) => {
		const k = { c: 'clear', u: 'doubtful', d: 'dull' }[e.key.toLowerCase()] as 'clear' | undefined;
		if (
			!k ||
			e.ctrlKey ||
			e.metaKey ||
			e.altKey ||
			(e.target instanceof HTMLElement && e.target.matches('input:not([type=radio]), select, textarea'))
		)
			return;
		e.preventDefault();
		onhear(k);
	};
</script>

<svelte:window onkeydown={keys} />
<fieldset>
	<legend>What you heard{shown ? '' : ', before the answer is shown'}</legend>
	{#each choices as [value, text, key] (value)}<button
			class="btn"
			class:on={heard[at] === value}
			aria-pressed={heard[at] === value}
			onclick={() => onhear(value)}>{text} <kbd>{key}</kbd></button
		>{/each}
	{#if left > 1 && !heard.includes('dull')}<button class="link" onclick={() => onrest('clear')}
			>Clear at all {left === count ? count : `${left} left`}</button
		>{/if}
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		align-items: center;
	}
	legend {
		font-weight: 650;
		margin-bottom: var(--s-6);
		padding: 0;
	}
</style>
