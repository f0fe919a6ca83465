<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import StopsDrawing from './StopsDrawing.svelte';

	type Position = number | null;
	interface Props {
		/** Where the work lies and the stops stand, as far as that is told. */
		checks: Partial<Record<'workStartMm' | 'workEndMm' | 'stopLeftMm' | 'stopRightMm', Position>> | undefined;
		/** Where the stops belong. */
		out: { stopLeftMm: Position; stopRightMm: Position } | null;
	}
	/** Where the table's stops belong for today's job, drawn and as positions to set. */
	let { checks, out }: Props = $props();
	const { q } = useUnits();
</script>

<h2>Stops for today's job</h2>
<StopsDrawing
	workStart={checks?.workStartMm ?? null}
	workEnd={checks?.workEndMm ?? null}
	stopLeft={out?.stopLeftMm ?? null}
	stopRight={out?.stopRightMm ?? null}
	leftIs={checks?.stopLeftMm ?? null}
	rightIs={checks?.stopRightMm ?? null}
/>
{#if out && out.stopLeftMm !== null}<p>
		Set the left stop to <b class="num">{q(out.stopLeftMm, 'mm')}</b>, the right one to
		<b class="num">{q(out.stopRightMm, 'mm')}</b>.
	</p>{/if}

<style>
	h2 {
		font-size: var(--type-text);
	}
</style>
