<script lang="ts">
	import { figure, symbolOf } from '$core/quantity/format';
	import { pencilStep } from '$core/route/stations/true/steps';
	import { runoutLimitUm } from '$core/route/stations/true/readings';
	import Face from '$lib/drawing/Face.svelte';
	import { arcPath, polar } from '$lib/drawing/polar';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Run-out from the length of a pencil line. */
	let { desk, ondone }: Props = $props();
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<StepForm {desk} step={pencilStep} action="Book the line" {ondone}>
	{#snippet drawing(out, v)}
		{@const from = num(v.fromAngleDeg)}{@const to = num(v.toAngleDeg)}
		<Face
			label={out
				? `Pencil line from ${from} to ${to} degrees, high spot at ${out.highSpotAngleDeg.toFixed(0)}`
				: 'Face, for the pencil line'}
		>
			{#snippet over(c)}
				{#if from !== null && to !== null}<path
						d={arcPath(c, c, 184, from, from + ((((to - from) % 360) + 360) % 360))}
						fill="none"
						stroke="var(--ink)"
						stroke-width="7"
					/>{/if}
				{#if out}{@const [x, y] = polar(c, c, 158, out.highSpotAngleDeg)}<path
						d="M0 -12L11 8H-11z"
						fill="var(--stop)"
						transform="translate({x} {y}) rotate({out.highSpotAngleDeg})"
					/>{/if}
			{/snippet}
		</Face>
		<p class="num big">
			{out ? figure(out.tirUm, 'um', desk.facts.units) : '-'}<span
				>&nbsp;{symbolOf('um', desk.facts.units)} run-out</span
			>
		</p>
		<Strip
			value={out ? out.tirUm : null}
			limit={runoutLimitUm(desk.facts)}
			state={found(out, 'runout-above-limit', 'touch-nearly-all-round')}
			label="Run-out"
			show={(x) => figure(x, 'um', desk.facts.units)}
		/>
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	.big span {
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
</style>
