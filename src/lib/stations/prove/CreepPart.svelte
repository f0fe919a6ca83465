<script lang="ts">
	import { untrack } from 'svelte';
	import { duration } from '$core/quantity/format';
	import { redressInterval } from '$core/keep/redress-interval';
	import { Evidence, partOf } from '$core/route/evidence';
	import { intervalStep } from '$core/route/stations/keep/interval';
	import { creepStep } from '$core/route/stations/prove/trial';
	import CreepSection from '$lib/drawing/prove/CreepSection.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The whole depth in one slow pass: load, redresses inside the part, and the time against many light passes. */
	let { desk, ondone }: Props = $props();
	const f = untrack(() => desk.facts);
	const known = partOf(Evidence.of(f).step(intervalStep), redressInterval);
	const start = {
		depthMm: f.brief.depthUm === null ? undefined : f.brief.depthUm / 1000,
		tableSpeedMmPerMin: f.brief.workSpeedMps === null ? undefined : 60_000 * f.brief.workSpeedMps,
		widthMm: f.wheel!.rimWidthMm ?? f.wheel!.widthMm,
		partDepthMm: f.brief.stockMm ?? undefined,
		redressIntervalMm: known?.output.intervalMm
	};
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<p class="quiet">
	Load, jet and redresses inside the part decide, not the depth. Figures compare set-ups; the machine's own
	instructions come first.
</p>
<StepForm {desk} step={creepStep} action="Planned like this" {start} {ondone}>
	{#snippet drawing(out, v)}
		{#if out}
			<p class="num big" role="status">{Math.round(100 * out.load)} %</p>
			<p class="quiet">of what the spindle gives, {(out.powerW / 1000).toFixed(1)} kW</p>
			<Strip
				value={out.load}
				limit={1}
				state={found(out, 'over-spindle-power', 'near-spindle-power')}
				label="Load of the spindle"
				show={(x) => `${Math.round(100 * x)} %`}
			/>
			<CreepSection
				partMm={num(v.partDepthMm) ?? 1}
				depthMm={num(v.depthMm) ?? 1}
				finishMm={num(v.finishDepthMm) ?? 0}
				redressAtMm={out.redressAtMm}
			/>
			<p>
				A part takes <b class="num">{duration(out.timeS)}</b>; in {out.reciprocating.passes} light passes
				<b class="num">{duration(out.reciprocating.timeS)}</b>.
			</p>
			<p class="quiet">Coolant {out.coolantNeedLPerMin.toFixed(0)} l/min or more.</p>
		{:else}<p class="quiet">Depth, table and spindle: then load and redresses stand here.</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
