<script lang="ts">
	import VerdictMark from './VerdictMark.svelte';

	interface Props {
		verdict: 'ok' | 'caution' | 'stop';
		/** The verdict in words, when they are not the usual ones. */
		word?: string;
	}
	/** What a result comes to, in one line. */
	let { verdict, word }: Props = $props();
	const WORDS = { ok: 'Good', caution: 'With care', stop: 'Stop' };
</script>

<p class={verdict}>
	<VerdictMark state={verdict} size={26} />{word ?? WORDS[verdict]}
</p>

<style>
	p {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		font: 700 var(--type-title) var(--text);
	}
	.stop {
		color: var(--stop);
	}
	.caution {
		color: var(--caution);
	}
	.ok {
		color: var(--ok);
	}
</style>
