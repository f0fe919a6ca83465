<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence, partOf } from '$core/route/evidence';
	import { speedCheck } from '$core/run-in/speed-check';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { turningLimit } from '$core/route/stations/mount/turning';
	import { plateTells } from '$core/route/stations/run-in/plate';
	import { speedStep } from '$core/route/stations/run-in/speed';
	import PlatePart from './PlatePart.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import ReadInstrument from '$lib/desk/ReadInstrument.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import QuotedSpeed from '$lib/features/speed/QuotedSpeed.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry<typeof speedStep.fields>;
		/** Books another reading once the first one holds. */
		onagain: (() => void) | null;
	}
	/** What the tachometer says against what the wheel allows. */
	let { desk, entry, onagain }: Props = $props();
	const facts = $derived(desk.facts);
	const w = $derived(desk.facts.wheel!);
	const turning = $derived(turningLimit(facts));
	const limit = $derived(turning?.rpm ?? 0);
	/** What allows no more, where it is not this wheel. */
	const slowest = $derived(turning && turning.because !== `wheel ${w.number}` ? turning.because : null);
	const read = $derived(
		entry.result.values.measuredRpm ?? Evidence.of(facts).step(speedStep)?.entered.measuredRpm ?? null
	);
	/** Of what is typed, else of what was booked last. */
	const judged = $derived(
		preview(speedStep, facts, entry).main ??
			partOf(Evidence.of(facts).step(speedStep), speedCheck)?.output ??
			null
	);
	const marked = $derived(
		[
			w.ratedMps ? quantity(w.ratedMps, 'm/s', facts.units) : '',
			w.ratedRpm ? quantity(w.ratedRpm, 'rpm', facts.units) : ''
		]
			.filter(Boolean)
			.join(' ')
	);
	const STAGES = { 'before-wheel': 'bare spindle', 'after-wheel': 'with the wheel' };
</script>

<section class="speeds">
	<div>
		<p class="lab">Tachometer against what the wheel allows</p>
		<Strip
			value={read}
			{limit}
			state={found(judged, 'overspeed', 'near-rated')}
			label="Tachometer"
			unit="rpm"
			show={(v) => (v === limit ? shownLimit(v) : v).toFixed(0)}
			other={null}
		/>
		<p class="quiet">
			Machine set to {quantity(facts.machine.spindleRpm, 'rpm')}. Wheel {w.number}: {marked}, which is {quantity(
				shownLimit(limitRpm(w) ?? 0),
				'rpm'
			)} at its new diameter.
			{#if slowest}No faster than <b class="num">{quantity(shownLimit(limit), 'rpm')}</b>, because of {slowest}.{:else}A
				worn wheel earns no more.{/if}
		</p>
		{#if plateTells(facts)}<details>
				<summary>No tachometer: by the plate of the motor</summary>
				<PlatePart {desk} />
			</details>{/if}
		<details>
			<summary>Somebody quoted a speed for it</summary>
			<QuotedSpeed
				system={facts.units}
				key={`setup-${facts.id}-run-in-quoted`}
				start={{ diameterMm: w.diameterMm, ratedSpeedMps: w.ratedMps ?? undefined }}
				onkeep={(values) => void desk.record('run-in', 'quoted', null, values)}
			/>
		</details>
	</div>
	<div class="tach">
		<QuantityField {entry} name="measuredRpm" />
		<ReadInstrument
			kind="tachometer"
			system={facts.units}
			ontake={(rpm) => entry.fillOne('measuredRpm', rpm)}
		/>
		<ChoiceField {entry} name="stage" label="Read on" words={STAGES} />
		{#if onagain}<button class="btn" onclick={onagain} disabled={desk.busy}>Book this reading</button>{/if}
	</div>
</section>

<style>
	details {
		padding: var(--s-8) 0;
		font-size: var(--type-label);
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		min-height: 26px;
	}
	.speeds {
		display: grid;
		grid-template-columns: 1fr 270px;
		gap: var(--s-28);
		margin: var(--s-12) 0 var(--s-8);
	}
	.tach {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
		margin-bottom: var(--s-4);
	}
	@media (max-width: 1000px) {
		.speeds {
			grid-template-columns: 1fr;
		}
	}
</style>
