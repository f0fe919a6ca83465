<script lang="ts">
	interface Props {
		/** What the number is, the number itself, and what it means. */
		what: string;
		figure: string;
		means?: string;
		tone?: 'plain' | 'caution' | 'stop';
		/** Of what it means, where that is judged apart. */
		meansTone?: 'plain' | 'ok' | 'caution' | 'stop';
	}
	/** The one number that decides a sheet, larger than everything else on it. */
	let { what, figure, means = '', tone = 'plain', meansTone = 'plain' }: Props = $props();
</script>

<p class="lab">{what}</p>
<p class="num huge {tone}" role="status">{figure} <span class={meansTone}>{means}</span></p>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
		display: flex;
		flex-wrap: wrap;
		gap: 0 var(--s-12);
		align-items: baseline;
	}
	span {
		font: 500 var(--type-text) / 1.2 var(--text);
		color: var(--ink2);
	}
	.ok {
		color: var(--ok);
	}
	.caution {
		color: var(--caution);
	}
	.stop {
		color: var(--stop);
	}
</style>
