<script lang="ts">
	import { untrack } from 'svelte';
	import { askedForHolding, holdStep, usualHolding } from '$core/route/stations/prove/hold';
	import { type TriedCut, triedCut } from '$core/set/stand-ins/magnet';
	import HeldBars from '$lib/drawing/prove/HeldBars.svelte';
	import HoldDrawing from '$lib/drawing/prove/HoldDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The work on the machine: does it stay where it is when the wheel pushes? */
	let { desk, ondone }: Props = $props();
	const { q } = useUnits();
	const f = untrack(() => desk.facts);
	const start = {
		method: usualHolding(f),
		depthUm: f.brief.depthUm ?? undefined,
		workSpeedMPerMin: f.brief.workSpeedMps === null ? undefined : 60 * f.brief.workSpeedMps,
		widthMm: f.wheel!.rimWidthMm ?? f.wheel!.widthMm,
		workDiameterMm: f.brief.workDiameterMm ?? undefined
	};
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
	/** The stand-in's next cut; the same number plays the same cut. */
	let tries = $state(0);
	let tried = $state<TriedCut | null>(null);
</script>

<p class="quiet">
	Wheel stopped. Push the work hard by hand before the first cut; try the magnet first. The chuck's and the
	machine's own instructions come before this.
</p>
<StepForm
	{desk}
	step={holdStep}
	action="Held like this"
	{start}
	forget={['holdingConfirmed']}
	{ondone}
	words={{ 'blocked-in': 'blocked in', none: 'not blocked', stop: 'a stop' }}
	asked={(name, typed) => askedForHolding(name, typed.method)}
>
	{#snippet drawing(out, v)}
		<HoldDrawing
			method={v.method ?? 'magnet'}
			heightMm={num(v.partHeightMm)}
			lengthMm={num(v.baseLengthMm)}
			stopMm={num(v.stopHeightMm) ?? 0}
			blocking={v.blocking ?? 'none'}
			coverage={num(v.poleCoverage) ?? 1}
			verdict={out?.verdict ?? null}
			words={out ? `The cut pushes with ${q(Math.round(out.tangentialForceN), 'N')}.` : ''}
		/>
		{#if out}
			<p class="num big" role="status">{out.ratio === null ? 'blocked in' : `${out.ratio.toFixed(1)} ×`}</p>
			<p class="quiet">
				held against the push of the cut, {q(Math.round(out.tangentialForceN), 'N')}.{out.maxDepthUm === null
					? ''
					: ` Care begins at ${q(out.maxDepthUm, 'um')} deep.`}
			</p>
			<HeldBars
				slide={out.slideRatio}
				tip={out.tipRatio}
				cautionAt={num(v.cautionRatio) ?? 3}
				stopAt={num(v.stopRatio) ?? 1.5}
			/>
			<Simulated
				><button class="btn" type="button" onclick={() => (tried = triedCut(out.ratio, (tries += 1)))}
					>First cut on the stand-in</button
				>
				{#if tried}<p class:bad={tried.thrown} role="status" aria-label="Stand-in">
						{tried.thrown
							? `Thrown: it really held only ${tried.ratio.toFixed(2)} times. The magnet was thin and the wheel dull.`
							: 'It stayed where it was.'} Simulated.
					</p>{/if}</Simulated
			>
		{:else}<p class="quiet">Enter what holds it; the answer stands here.</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
	.bad {
		color: var(--stop);
		font-weight: 600;
	}
</style>
