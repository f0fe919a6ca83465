<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { quantity } from '$core/quantity/format';
	import type { PackPosition } from '$core/mount/pack';
	import { Evidence } from '$core/route/evidence';
	import { packStep } from '$core/route/stations/mount/special';
	import PackSection from '$lib/drawing/PackSection.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry, type Typed } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import SortList from '$lib/ui/fields/SortList.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';
	import PackCompanions from './PackCompanions.svelte';
	import PackItem from './PackItem.svelte';
	import type { FreeWheel } from '$core/shop/wheel';
	import { freeWheels } from './rack-wheels';

	/** The stack on its arbor: built in order, drawn to scale, measured, and stood for; any edit takes the last away. */
	let { desk, draft }: { desk: Desk; draft: Record<string, unknown> | null } = $props();
	const w = untrack(() => desk.facts.wheel!);
	const seat = untrack(() => desk.facts.mount?.seatMm ?? desk.facts.machine.seatMm);
	const lead = {
		kind: 'wheel',
		name: w.number,
		thicknessMm: w.widthMm,
		boreMm: w.boreMm,
		diameterMm: w.diameterMm,
		maxSpeedRpm: w.ratedRpm,
		maxSpeedMps: w.ratedMps,
		rimBackOffsetMm: 0
	};
	const entry = untrack(
		() =>
			new Entry({
				fields: packStep.fields,
				key: `setup-${desk.facts.id}-mount-pack`,
				draft,
				system: desk.facts.units,
				start: (new Evidence(desk.facts).latest('mount', 'pack')?.entered ?? {
					arbor: { seatDiameterMm: seat - 0.01, maxSpeedRpm: desk.facts.machine.spindleRpmMax },
					items: [lead]
				}) as never
			})
	);
	$effect(() => entry.switchTo(desk.facts.units));
	let rack = $state<FreeWheel[]>([]);
	onMount(async () => {
		rack = await freeWheels(seat);
	});
	type Item = Record<string, Typed>;
	const items = $derived((entry.typed.items ?? []) as Item[]);
	let open = $state(0);
	/** What was measured belongs to the stack it was measured on: a change raises its revision, so that somebody has to stand for it again. */
	const raised = (list: Item[]): Item[] =>
		list.map((i) => {
			const m = i.measured as Item | null;
			return m && String(m.rimBackMm ?? '') !== ''
				? { ...i, measured: { ...m, revision: String(Number(m.revision || 0) + 1) } }
				: i;
		});
	function set(list: Item[]) {
		entry.set('items', raised(list) as unknown as Typed);
		entry.set('stage', 'assembled');
	}
	const blank = (kind: string): Item => ({
		kind,
		thicknessMm: '',
		boreMm: '',
		name: '',
		diameterMm: '',
		maxSpeedRpm: '',
		maxSpeedMps: '',
		rimBackOffsetMm: '0',
		rimWidthMm: '',
		cornerRadiusBackMm: '',
		cornerRadiusFrontMm: '',
		fingerRadialUm: '',
		fingerAxialUm: '',
		measured: {}
	});
	const ids = $derived(items.map((_, i) => String(i)));
	const nameOf = (i: Item) =>
		i.kind === 'wheel' ? `Wheel ${String(i.name || '')}` : i.kind === 'washer' ? 'Tanged washer' : 'Spacer';
	const p = $derived(preview(packStep, desk.facts, entry));
	const out = $derived(
		outputOf(p, 'mount.pack') as {
			positions: PackPosition[];
			stackLengthMm: number;
			nutEngagementMm: number;
			maxSpeedRpm: number;
			limitedBy: string;
			qualified: boolean;
			verdict: string;
			reasons: never[];
			differences: ({ backDiffMm: number; frontDiffMm: number } | null)[];
		} | null
	);
	const input = $derived(
		(p.computed[0]?.input ?? null) as {
			arbor: { seatDiameterMm: number; seatLengthMm: number; threadEndMm: number; nutThicknessMm: number };
			items: {
				kind: string;
				boreMm: number;
				diameterMm: number | null;
				measured: { rimBackMm: number; rimFrontMm: number } | null;
			}[];
		} | null
	);
	/** While a part just added has no sizes yet, the stack stays drawn as it last was. */
	let before = $state.raw<{ input: NonNullable<typeof input>; out: NonNullable<typeof out> } | null>(null);
	$effect(() => {
		if (input && out) before = { input, out };
	});
	const drawn = $derived(input && out ? { input, out } : before);
	const q = (v: number | null | undefined, u: 'mm' | 'rpm') => quantity(v ?? null, u, desk.facts.units);
	/** Where each wheel meets the work: middle of its rim from the shoulder, and its radius. */
	const nozzles = $derived(
		(out?.positions ?? []).flatMap((x, i) =>
			x.kind === 'wheel' && input
				? [
						`${String(items[i]?.name || `part ${i + 1}`)} at ${q((x.rimBackMm! + x.rimFrontMm!) / 2, 'mm')} from the shoulder, radius ${q((input.items[i]?.diameterMm ?? 0) / 2, 'mm')}`
					]
				: []
		)
	);
	const measured = $derived(
		items
			.filter((i) => i.kind === 'wheel')
			.every((i) => String((i.measured as Item | null)?.rimBackMm ?? '') !== '')
	);
	async function stand() {
		entry.set(
			'items',
			items.map((i) => {
				const m = i.measured as Item | null;
				return i.kind === 'wheel' && m
					? {
							...i,
							measured: {
								...m,
								revision: String(m.revision || 0),
								confirmedRevision: String(m.revision || 0)
							}
						}
					: i;
			}) as unknown as Typed
		);
		entry.set('stage', 'release');
		await desk.record('mount', 'pack', entry);
	}
</script>

<details open={!input && !desk.facts.records.some((r) => r.step === 'pack')}>
	<summary>Arbor</summary>
	<div class="arbor">
		<QuantityField {entry} name="arbor.seatDiameterMm" /><QuantityField
			{entry}
			name="arbor.seatLengthMm"
		/><QuantityField {entry} name="arbor.threadEndMm" /><QuantityField
			{entry}
			name="arbor.nutThicknessMm"
		/><QuantityField {entry} name="arbor.maxSpeedRpm" label="Arbor, limit" />
	</div>
</details>
<div class="cols">
	<div>
		{#if drawn}<PackSection
				positions={drawn.out.positions}
				seatMm={drawn.input.arbor.seatDiameterMm}
				seatLengthMm={drawn.input.arbor.seatLengthMm}
				threadEndMm={drawn.input.arbor.threadEndMm}
				nutMm={drawn.input.arbor.nutThicknessMm}
				parts={drawn.input.items.map((i, n) => ({
					kind: i.kind,
					diameterMm: i.diameterMm,
					boreMm: i.boreMm,
					label: nameOf(items[n] ?? {}),
					measured: i.measured ? { back: i.measured.rimBackMm, front: i.measured.rimFrontMm } : null,
					bad: i.boreMm <= drawn.input.arbor.seatDiameterMm
				}))}
			/>{/if}
		{#if !out}<p class="quiet">
				{p.fault?.message ?? 'Enter the arbor and the parts; the stack is drawn to scale as they come.'}
			</p>{/if}
		<h3>From the shoulder</h3>
		<SortList
			items={items.map((i, n) => ({
				id: String(n),
				text: `${nameOf(i)}${String(i.thicknessMm ?? '') ? `, ${String(i.thicknessMm)}` : ''}`
			}))}
			label="Stack from the shoulder"
			onsort={(order) => {
				set(order.map((id) => items[Number(id)]!));
				open = Math.max(0, order.indexOf(String(open)));
			}}
			onremove={(id) => {
				set(items.filter((_, n) => String(n) !== id));
				open = 0;
			}}
		>
			{#snippet more(_item, n)}<button
					class="btn"
					class:on={open === n}
					aria-pressed={open === n}
					onclick={() => (open = n)}>Sizes<span class="sr"> of part {n + 1}</span></button
				>{/snippet}
		</SortList>
		<div class="row">
			{#each [['wheel', 'wheel'], ['spacer', 'spacer'], ['washer', 'washer']] as [k, name] (k)}<button
					class="btn"
					onclick={() => {
						set([...items, blank(k!)]);
						open = items.length - 1;
					}}><span class="sr">Add a </span><span aria-hidden="true">+ </span>{name}</button
				>{/each}
		</div>
		<PackCompanions companions={desk.facts.companions} />
	</div>
	<div>
		{#if out}<div class="facts">
				<p>
					<b class="num big">{q(Math.floor(out.maxSpeedRpm), 'rpm')}</b> at most, because of {out.limitedBy}.
				</p>
				<p>
					Stack <b class="num">{q(out.stackLengthMm, 'mm')}</b>, nut holds on
					<b class="num">{q(out.nutEngagementMm, 'mm')}</b>. {out.qualified
						? 'Stood for as it is now.'
						: 'Not stood for.'}
				</p>
				<Reasons reasons={out.reasons} most={2} />
			</div>{/if}
		{#if ids.includes(String(open))}<PackItem
				{entry}
				index={open}
				{rack}
				onchanged={() => {
					if (entry.at('stage') === 'release') entry.set('stage', 'assembled');
				}}
			/>{/if}
		{#if nozzles.length}<p class="quiet">Aim the nozzles: {nozzles.join('; ')}.</p>{/if}
	</div>
</div>
<ActionBar
	label={measured && out?.verdict !== 'stop' ? 'Stand for it as it is now' : 'Keep the stack'}
	onact={() => (measured && out?.verdict !== 'stop' ? stand() : desk.record('mount', 'pack', entry))}
	busy={desk.busy}
	stop={out?.verdict === 'stop'}
>
	{#if measured && out?.verdict !== 'stop'}<button
			class="btn"
			onclick={() => desk.record('mount', 'pack', entry)}
			disabled={desk.busy}>Keep the stack</button
		>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.facts {
		display: grid;
		gap: 6px;
		margin-bottom: 8px;
	}
	.big {
		font-size: 30px !important;
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 30px;
	}
	.arbor {
		display: grid;
		grid-template-columns: repeat(5, 1fr);
		gap: 4px 12px;
		margin: 6px 0;
	}
	.cols {
		display: grid;
		grid-template-columns: 318px minmax(0, 1fr);
		gap: 24px;
		margin-bottom: 10px;
		align-items: start;
	}
	.row {
		display: flex;
		gap: 6px;
		flex-wrap: wrap;
		margin-top: 6px;
	}
	.facts b {
		font-size: 19px;
	}
	h3 {
		margin-bottom: 4px;
	}
	@media (max-width: 1000px) {
		.cols,
		.arbor {
			grid-template-columns: 1fr;
		}
	}
</style>
