<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { dressCompensation } from '$core/set/dress-compensation';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { againStep } from '$core/route/stations/dress/again';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { dressesLeft, runOf } from '$core/route/stations/dress/run';
	import { outputOf } from '$core/route/result';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import SizesAfter from './SizesAfter.svelte';

	interface Props {
		desk: SetupSession;
		even: string;
		ondone: () => void;
	}
	/** A released wheel dressed again as it was: dress, zero, a look at the next part, the book; a minute's typing. */
	let { desk, even, ondone }: Props = $props();
	const { told } = useUnits();
	const f = $derived(desk.facts);
	const w = $derived(f.wheel!);
	const chosen = $derived(chosenMethod(f, Evidence.of(f)));
	const run = $derived(chosen ? runOf(f, Evidence.of(f), chosen) : null);
	const last = Evidence.of(desk.facts).step(againStep)?.entered;
	const entry = stepEntry(desk, againStep, {
		anew: true,
		start: {
			takenUm: last?.takenUm ?? undefined,
			contactSide: last?.contactSide ?? 'x-plus',
			...(desk.facts.wheel?.rimWidthMm ? { diameterAfterMm: desk.facts.wheel.diameterMm } : {})
		}
	});
	const v = $derived(entry.result.values);
	const p = $derived(preview(againStep, f, entry));
	const zero = $derived(outputOf(p.result, dressCompensation));
	const taken = $derived(v.takenUm ?? run?.takenUm ?? null);
	/** What it measures if what was fed came off. */
	const after = $derived(
		taken === null ? null : w.rimWidthMm === null ? w.diameterMm - (2 * taken) / 1000 : w.diameterMm
	);
	const asked = $derived(
		run && taken !== null && after !== null ? { ...run, takenUm: taken, diameterAfterMm: after } : null
	);
	const left = $derived(taken === null ? null : dressesLeft(w, taken));
	const q = (x: number | null | undefined, u: 'mm' | 'um') => quantity(x ?? null, u, f.units);
	function asLast() {
		if (run) entry.fillOne('takenUm', run.takenUm);
	}
	async function act() {
		if (!(await desk.record('dress', 'again', entry))) return;
		// Nothing else is due: back to grinding.
		if (desk.decision.current === 'keep') await desk.onward();
		else ondone();
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<h3>1 Dress</h3>
		<div class="row">
			<QuantityField
				{entry}
				name="takenUm"
				autofocus
				note={run ? `the plan takes ${q(run.takenUm, 'um')}` : ''}
			/>
			{#if run}<button class="btn" onclick={asLast}>As planned</button>{/if}
		</div>
		<YesNo {entry} name="soundEven" compact label={even} />
		<SizesAfter facts={f} {entry} run={asked} dresser={chosen?.dresser ?? null} />
		<QuantityField {entry} name="partsGround" label="Parts since the last dress" />
		{#if w.rimWidthMm === null}<LifeBar
				newMm={w.newDiameterMm}
				nowMm={v.diameterAfterMm ?? w.diameterMm}
				minMm={w.minDiameterMm}
				units={f.units}
			/>{/if}
	{/snippet}
	{#snippet other()}
		<h3>2 Zero</h3>
		<p class="num huge" role="status">{zero ? q(zero.newZeroMm, 'mm') : '-'} <span>new zero</span></p>
		<div class="row two">
			<QuantityField {entry} name="zeroBeforeMm" /><QuantityField
				{entry}
				name="touchMm"
				note="a fresh touch shows the sign"
			/>
		</div>
		<ChoiceField
			{entry}
			name="contactSide"
			label="Cuts on its side"
			words={{ 'x-plus': 'x+', 'x-minus': 'x−' }}
		/>
		<h3>3 The next part</h3>
		<YesNo {entry} name="burnSeen" compact />
		<YesNo {entry} name="chatterSeen" compact />
		<YesNo {entry} name="soundNormal" compact />
		<QuantityField {entry} name="raUm" />
		{#if left !== null}<p>Such dresses left: <b class="num">{left}</b></p>{/if}
		{#if zero}<Reasons reasons={zero.reasons} most={2} />{:else if p.fault && p.fault.code !== 'missing'}<p
				class="fault"
			>
				{told(p.fault.message)}
			</p>{/if}
	{/snippet}
</TwoSides>
<ActionBar
	label="Dressed, back to grinding"
	onact={act}
	busy={desk.busy}
	stop={zero?.verdict === 'stop'}
	forward
	key={false}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.row {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: var(--s-10);
		align-items: center;
	}
	.two {
		grid-template-columns: 1fr 1fr;
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.05;
	}
	.huge span {
		font: 500 var(--type-text) var(--text);
		color: var(--ink2);
	}
</style>
