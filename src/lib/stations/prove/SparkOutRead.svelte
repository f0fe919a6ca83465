<script lang="ts">
	import { untrack } from 'svelte';
	import { figure, symbolOf } from '$core/quantity/format';
	import { MIN_POINTS } from '$core/prove/system-stiffness';
	import { sparkOutStep } from '$core/route/stations/prove/spark-out';
	import SpringBack from '$lib/drawing/prove/SpringBack.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import ListTable from '$lib/ui/fields/ListTable.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		desk: SetupSession;
	}
	/** Sizes read a few times after the feed stopped: how quickly this machine springs back, kept for the next trial. */
	let { desk }: Props = $props();
	const { told } = useUnits();
	const EMPTY = Array.from({ length: MIN_POINTS }, () => ({ tS: '', sizeUm: '' }));
	const entry = stepEntry(desk, sparkOutStep, { anew: true, start: { sizes: untrack(() => EMPTY) } });
	const p = $derived(preview(sparkOutStep, desk.facts, entry));
	const field = (name: string) => sparkOutStep.fields.find((f) => f.name === name)!;
	const points = $derived(
		(p.main ? (entry.result.values.sizes ?? []) : []).map((r) => [r.tS, r.sizeUm] as const)
	);
	const size = (v: number) => `${figure(v, 'um', desk.facts.units)} ${symbolOf('um', desk.facts.units)}`;
	async function keep() {
		if (await desk.record('prove', 'spark-out', entry)) entry.set('sizes', EMPTY);
	}
</script>

<p class="quiet">
	Stop the feed, read the size a few times while it sparks out, with a gauge that stands clear of the wheel:
	at once, after a second, two, four, seven. Nobody has to; it makes the passes of the next trial fit this
	machine.
</p>
<TwoSides
	>{#snippet one()}
		<ListTable {entry} name="sizes" one="reading" least={MIN_POINTS} />
		<button
			class="link"
			type="button"
			onclick={() => entry.set('sizes', [...((entry.at('sizes') ?? []) as []), { tS: '', sizeUm: '' }])}
			>One more reading</button
		>
		<div class="form">
			<FieldInput {entry} field={field('infeedUmPerS')} /><FieldInput {entry} field={field('withinUm')} />
		</div>
	{/snippet}{#snippet other()}
		{#if p.main}<p class="num big" role="status">{p.main.tauS.toFixed(2)} s</p>
			<p class="quiet">
				and what is bent away is down to a third{p.main.toleranceTimeS === null
					? ''
					: `; ${p.main.toleranceTimeS.toFixed(1)} s of spark-out are enough`}{p.main.equilibriumLagUm ===
				null
					? ''
					: `; ${size(p.main.equilibriumLagUm)} bent away while feeding`}.
			</p>
			<SpringBack
				{points}
				fit={{ tauS: p.main.tauS, c: p.main.cUm }}
				enoughS={p.main.toleranceTimeS}
				show={size}
			/>
			<Reasons reasons={p.main.reasons} />
			<button class="btn" type="button" onclick={keep} disabled={desk.busy}>Keep these readings</button>
			<ShowWorking computed={p.computed} system={desk.facts.units} />
		{:else if p.fault && p.fault.code !== 'missing'}<p class="fault">{told(p.fault.message)}</p>
		{:else}<p class="quiet">Four readings or more, then the curve stands here.</p>{/if}
	{/snippet}</TwoSides
>

<style>
	.form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
		gap: var(--s-8) var(--s-12);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	@media (max-width: 1000px) {
	}
</style>
