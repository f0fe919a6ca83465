<script lang="ts">
	interface Props {
		/** Why it cannot be measured this way where the wheel is. */
		says: string;
		label: string;
		onway: () => void;
	}
	/** The wheel is elsewhere: what comes first, and the way there. */
	let { says, label, onway }: Props = $props();
</script>

<div class="not">
	<p>{says}</p>
	<button class="btn" onclick={onway}>{label}</button>
</div>

<style>
	.not {
		border-left: 4px solid var(--act);
		background: var(--act-soft);
		padding: var(--s-10) var(--s-12);
		display: grid;
		gap: var(--s-10);
		justify-items: start;
	}
	p {
		margin: 0;
		font-weight: 600;
	}
</style>
