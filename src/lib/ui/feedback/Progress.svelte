<script lang="ts">
	interface Props {
		label: string;
		done?: number;
		of?: number;
		oncancel?: () => void;
	}
	/** How far something long has come, and the way to stop it. */
	let { label, done = 0, of = 0, oncancel }: Props = $props();
</script>

<div class="sheet" role="status">
	<p>
		<b>{label}</b>
		{#if of}<span class="num">{done} of {of}</span>{/if}
	</p>
	<progress aria-label={label} max={of || undefined} value={of ? done : undefined}></progress>
	{#if oncancel}<button class="btn" onclick={oncancel}>Cancel</button>{/if}
</div>

<style>
	div {
		padding: var(--s-16);
		display: grid;
		gap: var(--s-10);
		justify-items: start;
	}
	progress {
		width: 100%;
		height: 16px;
		accent-color: var(--act);
	}
</style>
