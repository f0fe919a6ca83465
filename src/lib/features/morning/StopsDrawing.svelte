<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		workStart: number | null;
		workEnd: number | null;
		/** Where the stops belong, and where they stand. */
		stopLeft: number | null;
		stopRight: number | null;
		leftIs: number | null;
		rightIs: number | null;
	}
	/** The work on the table, where the two stops belong and where they stand. */
	let { workStart, workEnd, stopLeft, stopRight, leftIs, rightIs }: Props = $props();
	const { q, f } = useUnits();
	const [W, LEFT] = [320, 12];
	const known = $derived(stopLeft !== null && stopRight !== null && workStart !== null && workEnd !== null);
	const ends = $derived.by(() => {
		const all = [stopLeft, stopRight, leftIs, rightIs].filter((v) => v !== null);
		return { from: Math.min(...all), to: Math.max(...all) };
	});
	const x = (mm: number) => LEFT + ((mm - ends.from) / Math.max(1e-9, ends.to - ends.from)) * (W - 2 * LEFT);
</script>

{#if known}<svg
		viewBox="0 0 {W} 78"
		width="100%"
		role="img"
		aria-label="Work from {q(workStart, 'mm')} to {q(workEnd, 'mm')}; stops belong at {q(
			stopLeft,
			'mm'
		)} and {q(stopRight, 'mm')}"
	>
		<path d="M{LEFT} 50H{W - LEFT}" stroke="var(--ink2)" stroke-width="3" />
		<rect
			x={x(workStart!)}
			y="28"
			width={Math.max(2, x(workEnd!) - x(workStart!))}
			height="22"
			fill="var(--steel)"
		/>
		{#each [stopLeft!, stopRight!] as at, i (i)}<path
				d="M{x(at)} 20V56"
				stroke="var(--act)"
				stroke-width="3"
			/><text x={x(at)} y="14" text-anchor={i ? 'end' : 'start'} class="b">{f(at, 'mm')}</text>{/each}
		{#each [leftIs, rightIs] as at, i (i)}{#if at !== null}<path
					d="M{x(at)} 54l-7 10h14z"
					fill="var(--ink)"
				/><text x={x(at)} y="76" text-anchor={i ? 'end' : 'start'}>{f(at, 'mm')}</text>{/if}{/each}
	</svg>{:else}<p class="quiet">
		Where the work begins and ends on the table: then the stops stand here.
	</p>{/if}

<style>
	text {
		font: 500 12.5px var(--mono);
		fill: var(--ink2);
	}
	.b {
		font-weight: 700;
		fill: var(--act);
	}
</style>
