<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import { chatterSpeed } from '$core/prove/chatter-speed';
	import { quantity } from '$core/quantity/format';
	import { turningLimit } from '$core/route/stations/mount/turning';
	import WaveDial from '$lib/drawing/prove/WaveDial.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	interface Props {
		desk: SetupSession;
		/** As the ruler found it. */
		chatterHz: number;
		wheelRpm: number;
		workRpm: number | null;
	}
	/** The smallest change of speed at which the next turn meets the waves of the one before the other way round. */
	let { desk, chatterHz, wheelRpm, workRpm }: Props = $props();
	const machine = untrack(() => desk.facts.machine);
	const ASKED = untrack(() => (workRpm === null ? [] : ['workRpmMin', 'workRpmMax'])).concat('wheelRpmMin');
	const entry = new Entry({
		fields: chatterSpeed.fields.filter((f) => ASKED.includes(f.name)),
		system: untrack(() => desk.facts.units),
		start: { wheelRpmMin: machine.spindleRpmMin || undefined }
	});
	/** Never above what is mounted allows, whatever the spindle can do. */
	const wheelMaxRpm = $derived(
		Math.max(wheelRpm, Math.min(machine.spindleRpmMax, turningLimit(desk.facts)?.rpm ?? wheelRpm))
	);
	const answer = $derived(
		attempt(() => chatterSpeed.run({ ...entry.result.values, chatterHz, wheelRpm, workRpm, wheelMaxRpm }))
	);
	const out = $derived(entry.result.fault ? null : answer.output);
	/** A slow work drive is set by tenths. */
	const rpm = (v: number) =>
		v < 200 ? `${v.toFixed(1)} rpm` : quantity(Math.round(v), 'rpm', desk.facts.units);
	/** Less than a drive holds (guideline). */
	const SMALL_PCT = 1;
	const propose = $derived(
		!out
			? null
			: out.proposeWorkRpm !== null
				? { what: 'the work', rpm: out.proposeWorkRpm }
				: out.proposeWheelRpm !== null
					? { what: 'the wheel', rpm: out.proposeWheelRpm }
					: null
	);
	const needles = $derived([
		...(out?.fractionWork === null || !out ? [] : [{ name: 'work', fraction: out.fractionWork }]),
		...(out ? [{ name: 'wheel', fraction: out.fractionWheel }] : [])
	]);
</script>

<div class="cols">
	<div>
		{#if propose}<p class="lab">Turn {propose.what} at</p>
			<p class="num big" role="status">{rpm(propose.rpm)}</p>
			<p class="quiet">
				{Math.abs(out!.changePct!).toFixed(1)} % {out!.changePct! < 0 ? 'slower' : 'faster'}. The note moves
				with the speed: try it, then listen again.{Math.abs(out!.changePct!) < SMALL_PCT
					? ' So little is less than most drives hold: any change of some per cent tells as much.'
					: ''}
			</p>{/if}
		<div class="form">
			{#each entry.fields as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
		</div>
		{#if out}<Reasons reasons={out.reasons} />{:else if answer.fault}<p class="fault">
				{answer.fault.message}
			</p>{/if}
	</div>
	{#if out}<WaveDial {needles} />{/if}
</div>

<style>
	/* In a narrow column beneath the ruler: the figure first, the dial under it. */
	.cols {
		display: grid;
		gap: var(--s-8);
	}
	.form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
		gap: var(--s-8) var(--s-12);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
</style>
