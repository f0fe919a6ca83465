<script lang="ts">
	interface Props {
		result: {
			residualGmm: number;
			toleranceGmm: number;
			inside: boolean;
			spins: number;
			computed: number;
			feel: number;
		};
		how: 'feel' | 'computed';
	}
	/** How a round came out: what is left, and how many rolls it takes others on this very wheel. */
	let { result, how }: Props = $props();
</script>

<p class="now" class:bad={!result.inside}>{result.inside ? 'Inside the tolerance' : 'Not yet inside'}</p>
<p>
	{result.residualGmm.toFixed(0)} g mm are left, allowed {result.toleranceGmm.toFixed(0)}. {result.spins}
	{result.spins === 1 ? 'roll' : 'rolls'}
	{how === 'computed' ? 'with computing' : 'by feel'}.
</p>
<p class="quiet">
	This wheel takes the computed way {result.computed} rolls, and {result.feel} when one weight at a time is nudged
	by feel. A run outside the tolerance is not kept.
</p>

<style>
	.now {
		font: 700 var(--type-figure)/1.15 var(--text);
		color: var(--ok);
	}
	.bad {
		color: var(--stop);
	}
</style>
