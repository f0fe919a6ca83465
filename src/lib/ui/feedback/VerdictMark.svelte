<script lang="ts">
	interface Props {
		state: 'ok' | 'now' | 'open' | 'caution' | 'stop';
		size?: number;
		label?: string;
	}
	/** The sign of a state: told apart by shape and weight, never by colour alone. */
	let { state, size = 20, label = '' }: Props = $props();
	const words = { ok: 'holds', now: 'now', open: 'open', caution: 'caution', stop: 'stop' };
</script>

<svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={label || words[state]}>
	{#if state === 'ok'}<circle cx="10" cy="10" r="9" fill="var(--ok)" /><path
			d="M5.5 10.5l3 3 6-7"
			stroke="var(--sheet)"
			stroke-width="2.2"
			fill="none"
		/>
	{:else if state === 'now'}<circle
			cx="10"
			cy="10"
			r="8"
			fill="none"
			stroke="var(--act)"
			stroke-width="3"
		/><circle cx="10" cy="10" r="3.5" fill="var(--act)" />
	{:else if state === 'open'}<circle
			cx="10"
			cy="10"
			r="8"
			fill="none"
			stroke="var(--edge)"
			stroke-width="2"
			stroke-dasharray="3 3"
		/>
	{:else if state === 'caution'}<path d="M10 1.5L19 18H1z" fill="var(--caution)" /><path
			d="M10 7v5M10 14v2"
			stroke="var(--sheet)"
			stroke-width="2"
		/>
	{:else}<path d="M6 1h8l5 5v8l-5 5H6l-5-5V6z" fill="var(--stop)" /><path
			d="M6 10h8"
			stroke="var(--sheet)"
			stroke-width="2.6"
		/>{/if}
</svg>
