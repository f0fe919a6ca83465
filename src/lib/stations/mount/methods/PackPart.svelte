<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { onMount } from 'svelte';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { packStep } from '$core/route/stations/mount/methods/pack';
	import type { FreeWheel } from '$core/shop/wheel';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import PackSection from '$lib/drawing/PackSection.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import PackArbor from './PackArbor.svelte';
	import PackCompanions from './PackCompanions.svelte';
	import PackFigures from './PackFigures.svelte';
	import PackItem from './PackItem.svelte';
	import PackOrder from './PackOrder.svelte';
	import { PackStack, nameOf } from './pack-stack.svelte';
	import { freeWheels } from '../rack-wheels';

	interface Props {
		desk: SetupSession;
	}
	/** The stack on its arbor: built in order, drawn to scale, measured, and stood for; any edit takes the last away. */
	let { desk }: Props = $props();
	const { told } = useUnits();
	const stack = new PackStack(desk);
	const { entry } = stack;
	let rack = $state<FreeWheel[]>([]);
	onMount(async () => {
		rack = await freeWheels(desk.facts.mount?.seatMm ?? desk.facts.machine.seatMm);
	});
	const p = $derived(preview(packStep, desk.facts, entry));
	const out = $derived(p.main);
	const { arbor, items: sized } = $derived(entry.result.values);
	const current = $derived(out && arbor && sized ? { out, arbor, sized } : null);
	/** While a part just added has no sizes yet, the stack stays drawn as it last was. */
	let before = $state.raw<NonNullable<typeof current> | null>(null);
	$effect(() => {
		if (current) before = current;
	});
	const drawn = $derived(current ?? before);
	const recorded = $derived(Evidence.of(desk.facts).step(packStep) !== null);
	const mm = (v: number) => quantity(v, 'mm', desk.facts.units);
	/** Where each wheel meets the work: middle of its rim from the shoulder, and its radius. */
	const nozzles = $derived(
		(current?.out.positions ?? []).flatMap((x, i) => {
			if (x.rimBackMm === undefined || x.rimFrontMm === undefined) return [];
			const name = String(stack.items[i]?.name || `part ${i + 1}`);
			const radius = mm((current?.sized[i]?.diameterMm ?? 0) / 2);
			return [`${name} at ${mm((x.rimBackMm + x.rimFrontMm) / 2)} from the shoulder, radius ${radius}`];
		})
	);
	const ready = $derived(stack.measured && out?.verdict !== 'stop');
</script>

<PackArbor {entry} open={!current && !recorded} />
<div class="cols">
	<div>
		{#if drawn}<PackSection
				positions={drawn.out.positions}
				seatMm={drawn.arbor.seatDiameterMm}
				seatLengthMm={drawn.arbor.seatLengthMm}
				threadEndMm={drawn.arbor.threadEndMm}
				nutMm={drawn.arbor.nutThicknessMm}
				parts={drawn.sized.map((i, n) => ({
					kind: i.kind,
					diameterMm: i.diameterMm ?? null,
					boreMm: i.boreMm,
					label: nameOf(stack.items[n] ?? {}),
					measured: i.measured ? { back: i.measured.rimBackMm, front: i.measured.rimFrontMm } : null,
					bad: i.boreMm <= drawn.arbor.seatDiameterMm
				}))}
			/>{/if}
		{#if !out}<p class="quiet">
				{told(p.fault?.message ?? 'Enter the arbor and the parts; the stack is drawn to scale as they come.')}
			</p>{/if}
		<PackOrder {stack} />
		<PackCompanions companions={desk.facts.companions} />
	</div>
	<div>
		{#if out}<PackFigures pack={out} units={desk.facts.units} />{/if}
		{#if stack.open < stack.items.length}<PackItem
				{entry}
				index={stack.open}
				{rack}
				onchanged={() => stack.edited()}
			/>{/if}
		{#if nozzles.length}<p class="quiet">Aim the nozzles: {nozzles.join('; ')}.</p>{/if}
	</div>
</div>
<ActionBar
	label={ready ? 'Stand for it as it is now' : 'Keep the stack'}
	onact={ready ? stack.stand : stack.keep}
	busy={desk.busy}
	stop={out?.verdict === 'stop'}
>
	{#if ready}<button class="btn" onclick={stack.keep} disabled={desk.busy}>Keep the stack</button>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: 318px minmax(0, 1fr);
		gap: var(--s-24);
		margin-bottom: var(--s-10);
		align-items: start;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
