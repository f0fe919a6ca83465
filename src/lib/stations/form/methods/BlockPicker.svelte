<script lang="ts">
	import { onDestroy } from 'svelte';
	import { blockStack } from '$core/form/block-stack';
	import { freeOf } from '$core/route/stations/form/blocks';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StacksDrawing from '$lib/drawing/form/StacksDrawing.svelte';
	import { CalcOffPage } from '$lib/workers/calc-off-page';
	import { outputAs } from '$lib/workers/output-as';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import NumbersField from '$lib/ui/fields/NumbersField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry;
		/** Difference of height that is wanted; null while it is not known. */
		targetMm: number | null;
	}
	/** The blocks of a stack from one's own tray: chosen for the height, or put in by hand; drawn as they are wrung. */
	let { desk, entry, targetMm }: Props = $props();
	const facts = $derived(desk.facts);
	interface Stacked {
		trayCode?: string;
		blocksMm?: number[];
		baseBlocksMm?: number[];
		wearBlockMm?: number;
		wearBlockCount?: number;
		stackToleranceUm?: number;
	}
	const v = $derived(entry.result.values as Stacked);
	const tray = $derived(facts.trays.find((t) => t.code === v.trayCode) ?? null);
	const away = $derived(tray ? tray.inUse.filter((u) => u.setupId !== facts.id) : []);
	const off = new CalcOffPage();
	onDestroy(() => off.stop());
	let choosing = $state(false);
	let trouble = $state('');
	async function choose() {
		if (!tray || targetMm === null) return;
		choosing = true;
		trouble = '';
		const answer = await off.run(blockStack.id, {
			blocksMm: freeOf(facts, tray),
			targetMm,
			toleranceUm: v.stackToleranceUm ?? 2.5,
			wearBlockMm: v.wearBlockMm ?? 0,
			wearBlockCount: v.wearBlockCount ?? 0,
			...(v.baseBlocksMm?.length ? { baseBlocksMm: v.baseBlocksMm } : {})
		});
		if (!answer) return;
		choosing = false;
		if ('error' in answer) trouble = answer.error.message;
		else entry.fillOne('blocksMm', outputAs(blockStack, answer.output).blocksMm);
	}
	const q = (mm: number) => fineQuantity(mm, 'mm', facts.units);
	const sum = (list: readonly number[]) => list.reduce((s, b) => s + b, 0);
	const made = $derived(
		v.blocksMm?.length
			? sum(v.blocksMm) + (v.wearBlockMm ?? 0) * (v.wearBlockCount ?? 0) - sum(v.baseBlocksMm ?? [])
			: null
	);
	const offUm = $derived(made !== null && targetMm !== null ? 1000 * (made - targetMm) : null);
</script>

<section aria-label="Blocks">
	<div class="tray">
		<label class="field"
			>Tray
			<select
				class="plain-input"
				data-field="trayCode"
				bind:value={() => String(entry.typed.trayCode ?? ''), (t) => entry.set('trayCode', t)}
			>
				<option value="">pick one</option>
				{#each facts.trays as t (t.code)}<option value={t.code}>{t.code}, {t.blocksMm.length} blocks</option
					>{/each}
			</select></label
		>
		<button class="btn" onclick={choose} disabled={!tray || targetMm === null || choosing}
			>{choosing ? 'Choosing …' : 'Choose the blocks'}</button
		>
	</div>
	{#if away.length}<p class="quiet">
			In use elsewhere: {away.map((u) => `${q(u.blockMm)} (setup ${u.setupId})`).join(', ')}.
		</p>{/if}
	{#if trouble}<p class="fault">{trouble}</p>{/if}
	<NumbersField {entry} name="blocksMm" label="Blocks, largest first" />
	{#if v.blocksMm?.length && made !== null}<StacksDrawing
			base={v.baseBlocksMm ?? []}
			blocks={[...v.blocksMm].sort((a, b) => b - a)}
			wearMm={v.wearBlockMm ?? 0}
			wearCount={v.wearBlockCount ?? 0}
			differenceMm={made}
			units={facts.units}
			high={120}
		/>
		{#if offUm !== null}<p>
				Off by <b class="num">{offUm > 0 ? '+' : ''}{quantity(Number(offUm.toFixed(2)), 'um', facts.units)}</b
				>
			</p>{/if}{/if}
	<details>
		<summary>Wear blocks, raised lower pin</summary>
		<div class="grid">
			<QuantityField {entry} name="wearBlockMm" /><QuantityField {entry} name="wearBlockCount" />
			<QuantityField {entry} name="stackToleranceUm" />
		</div>
		<NumbersField {entry} name="baseBlocksMm" />
	</details>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-6);
		justify-items: start;
		min-width: 0;
	}
	.tray {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: var(--s-8);
		align-items: end;
	}
	section > :global(svg),
	.tray,
	section > :global(.field) {
		width: 100%;
	}
	.field {
		font-size: var(--type-small);
		color: var(--ink2);
		display: grid;
		gap: var(--s-4);
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		font-size: var(--type-small);
		font-weight: 600;
	}
</style>
