<script lang="ts">
	import { onMount } from 'svelte';
	import { Evidence } from '$core/route/evidence';
	import { duration, quantity } from '$core/quantity/format';
	import { formOf } from '$core/route/stations/form/made';
	import { carries } from '$core/route/stations/form/carries';
	import { formRollStep } from '$core/route/stations/form/roll';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import { RATIO_BANDS, ratioMeans, signed } from '$lib/drawing/dress/ratio-bands';
	import CouponTrend from '$lib/drawing/form/CouponTrend.svelte';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A driven roll that is the mirror of the form: whether it carries this form, how it runs against the wheel, and what its coupons showed. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts))!);
	const d = $derived(form.dresser);
	const entry = stepEntry(desk, formRollStep, {
		start: { contactDirection: 'with', feedUmPerRev: 0.5, totalDepthUm: 30, dwellRevs: 10 }
	});
	const p = $derived(preview(formRollStep, facts, entry));
	const out = $derived(p.main);
	interface Coupon {
		maxAbsUm: number;
		toleranceUm: number;
	}
	let coupons = $state.raw<Coupon[]>([]);
	onMount(async () => {
		try {
			const r = await fetch(`/api/forms/trend?dresser=${encodeURIComponent(d?.code ?? '')}`);
			if (r.ok) coupons = ((await r.json()) as { coupons: Coupon[] }).coupons.reverse();
		} catch {
			// The trend is beside the work: without it the roll is set all the same.
		}
	});
	const own = $derived(carries(d?.carriesForm, form.name));
</script>

<SettingSheet
	{desk}
	step={formRollStep}
	{entry}
	{p}
	what="Roll against wheel, speed ratio"
	figure={out ? signed(out.speedRatio) : '-'}
	means={out ? ratioMeans(out.speedRatio) : ''}
	words={{ with: 'together', against: 'against each other' }}
	labels={{
		rollSpeedRpm: 'Roll speed',
		totalDepthUm: 'In all',
		dwellRevs: 'Stand still after, turns',
		feedUmPerRev: 'Infeed per turn'
	}}
	notes={{
		rollSpeedRpm: d?.mostRpm ? `at most ${quantity(d.mostRpm, 'rpm')}` : '',
		totalDepthUm: out ? `${out.feedRevs.toFixed(0)} turns, ${duration(out.feedTimeS)}` : ''
	}}
	{ondone}
>
	{#snippet board()}<FormBoard
			chain={form.chain}
			family={facts.wheel?.family ?? null}
			beneath="roll {d?.code ?? ''}, the mirror of the form"
			units={facts.units}
		/>
	{/snippet}
	{#snippet drawing()}<p class:warn={!own}>
			{d?.code}
			{d?.carriesForm ? `carries "${d.carriesForm}"` : 'carries no form on record'}; this form is "{form.name}".
		</p>
		{#if coupons.length}<p class="lab">What coupons of this roll showed</p>
			<CouponTrend {coupons} units={facts.units} />{/if}{/snippet}
	{#snippet strip(o)}<BandStrip
			value={o.speedRatio}
			bands={RATIO_BANDS}
			label="Speed ratio"
			at={0}
		/>{/snippet}
</SettingSheet>

<style>
	.warn {
		color: var(--caution);
		font-weight: 650;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
</style>
