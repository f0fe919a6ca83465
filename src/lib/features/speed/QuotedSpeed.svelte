<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { speedStatement } from '$core/spec/speed-statement';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	interface Props {
		system: System;
		autofocus?: boolean;
		key?: string;
		start?: Record<string, unknown>;
		onkeep?: (values: Record<string, unknown>) => void;
	}
	/** What somebody quotes, and whether it can be true. */
	let { system, autofocus = false, key = 'bench-spec.speed-statement', start = {}, onkeep }: Props = $props();
	const entry = new Entry({
		fields: speedStatement.fields,
		key: untrack(() => key),
		system: untrack(() => system),
		start: untrack(() => start)
	});
	$effect(() => entry.switchTo(system));
	const answer = $derived.by(() => {
		if (entry.result.fault) return { fault: entry.result.fault, output: null };
		return attempt(() => speedStatement.run(entry.result.values));
	});
	const out = $derived(answer.output);
	const SLIP: Record<string, string> = {
		'radius-for-diameter': 'the radius was taken for the diameter',
		'diameter-doubled': 'the diameter was counted twice, or the tachometer saw two marks',
		'pi-left-out': 'pi was left out',
		'per-minute-read-as-per-second': 'minutes were taken for seconds',
		'per-second-read-as-per-minute': 'seconds were taken for minutes',
		'feet-read-as-metres': 'feet were taken for metres',
		'metres-read-as-feet': 'metres were taken for feet',
		'metres-per-second-read-as-feet-per-minute': 'm/s were written for ft/min',
		'feet-per-minute-read-as-metres-per-second': 'ft/min were written for m/s',
		'inches-read-as-feet': 'inches were taken for feet',
		'divided-by-twelve-twice': 'it was divided by twelve twice',
		'millimetre-diameter-read-as-inches': 'a diameter in millimetres was taken for inches',
		'inch-diameter-read-as-millimetres': 'a diameter in inches was taken for millimetres'
	};
	const agrees = $derived(out !== null && !out.reasons.some((r) => r.code === 'speed-statement-mismatch'));
</script>

<h2>Somebody quotes a speed</h2>
<div class="grid">
	<QuantityField {entry} name="diameterMm" {autofocus} label="Diameter quoted" /><QuantityField
		{entry}
		name="statedRpm"
	/><QuantityField {entry} name="statedSpeedMps" /><QuantityField
		{entry}
		name="statedSpeedSfpm"
	/><QuantityField {entry} name="ratedSpeedMps" />
</div>
{#if out}
	<p class="say" class:bad={!agrees}>
		{agrees
			? 'They agree.'
			: `They cannot all be true: the speed is off by ${out.mismatchPercent > 0 ? '+' : ''}${out.mismatchPercent.toFixed(1)} %.`}
	</p>
	<p>
		That diameter and rpm give <b class="num">{quantity(out.computedSpeedMps, 'm/s')}</b>,
		<b class="num">{quantity(out.computedSpeedSfpm, 'sfpm')}</b>. The quoted speed would need
		<b class="num">{quantity(out.impliedRpm, 'rpm')}</b>, or a wheel of
		<b class="num">{quantity(out.impliedDiameterMm, 'mm', system)}</b>.{out.likelySlip
			? ` Likely ${SLIP[out.likelySlip]}.`
			: ''}
	</p>
	<Reasons reasons={out.reasons.filter((r) => r.severity === 'stop')} />
	{#if onkeep}{@const { diameterMm, statedRpm, statedSpeedMps, statedSpeedSfpm } = entry.result.values}<button
			class="btn"
			onclick={() => onkeep({ diameterMm, statedRpm, statedSpeedMps, statedSpeedSfpm })}
			>Keep what was quoted</button
		>{/if}
{:else}<p class="quiet">
		{answer.fault?.code === 'missing'
			? 'Enter what was quoted: 14 in, 1600 rpm, 6500 ft/min.'
			: answer.fault?.message}
	</p>{/if}

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
		gap: var(--s-4) var(--s-14);
	}
	.say {
		font: 700 var(--type-title) var(--text);
		color: var(--ok);
	}
	.bad {
		color: var(--stop);
	}
	@media (max-width: 1000px) {
		.grid {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
