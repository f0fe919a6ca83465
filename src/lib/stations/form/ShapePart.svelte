<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { untrack } from 'svelte';
	import { checkProfile } from '$core/form/check-profile';
	import { MIN_BITE } from '$core/form/flank-bite';
	import { toolPath } from '$core/form/tool-path';
	import type { RawSegment } from '$core/form/profile/chain';
	import type { Segment } from '$core/form/profile/segment';
	import { dresserWords } from '$core/shop/dresser';
	import { findingsOf, outputOf } from '$core/route/result';
	import { shapeStep, waysThatServe } from '$core/route/stations/form/shape';
	import { toolFor } from '$core/route/stations/form/tool-for';
	import {
		FORMING_METHODS,
		dressersForMethod,
		whyNotDresser
	} from '$core/route/stations/form/forming-method';
	import { tryOrNull } from '$core/calculation/attempt';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { LongPreview } from '$lib/desk/long-preview.svelte';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import FormFiles from '$lib/drawing/form/FormFiles.svelte';
	import type { BoardScale } from '$lib/drawing/form/board-scale';
	import { LONG, formDrawn } from '$lib/drawing/form/form-drawn';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import MadeBy from './shape/MadeBy.svelte';
	import SegmentTable from './shape/SegmentTable.svelte';
	import ShapeFigures from './shape/ShapeFigures.svelte';
	import TakeIn from './shape/TakeIn.svelte';
	import VertexHandles from './shape/VertexHandles.svelte';
	import { Outline } from './shape/outline.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The form of the wheel: taken in or drawn, edited segment by segment, and what wheel and tip allow of it. */
	let { desk, ondone }: Props = $props();
	const { told } = useUnits();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, shapeStep, {
		start: {
			name: untrack(() => desk.facts.brief.part),
			toleranceUm: 10
		}
	});
	const outline = new Outline(entry);
	const v = $derived(entry.result.values);
	const serving = $derived(
		waysThatServe(facts, outline.chain, v.name ?? facts.brief.part, v.rimResistanceOhm ?? null)
	);
	/** What is taken: chosen by hand where that still serves, the likeliest otherwise. */
	const way = $derived(v.way && serving.includes(v.way) ? v.way : (serving[0] ?? v.way ?? 'radius'));
	const dresser = $derived.by(() => {
		const all = dressersForMethod(facts, way, v.name);
		return (
			all.find((d) => d.code === v.dresserCode) ?? all.find((d) => !whyNotDresser(facts, d)) ?? all[0] ?? null
		);
	});
	/** A bite straight in gives a flank its cosine; beyond this it gets less than a fifth and is rubbed dull. */
	const DULL_DEG = (Math.acos(MIN_BITE) * 180) / Math.PI;
	const preview = new LongPreview(
		desk,
		shapeStep,
		entry,
		() => outline.rows.length > LONG,
		() => ({
			way,
			dresserCode: dresser?.code ?? null
		})
	);
	const p = $derived(preview.now);
	const fits = $derived(outputOf(p.result, checkProfile));
	const path = $derived(outputOf(p.result, toolPath));
	/** What is looked at in a panel, before it is taken. */
	let seen = $state.raw<Segment[] | null>(null);
	let frozen = $state.raw<BoardScale | null>(null);
	const tool = $derived(tryOrNull(() => toolFor(way, dresser)));
	const drawn = $derived(seen ? formDrawn(seen, tool) : formDrawn(outline.raw, tool));
	function taken(segments: readonly Partial<RawSegment>[], name = '', toleranceUm: number | null = null) {
		outline.take(segments);
		if (name) entry.set('name', name);
		if (toleranceUm !== null) entry.fillOne('toleranceUm', toleranceUm);
		seen = null;
	}
	async function act() {
		// What is chosen for the person is chosen for a form that can be read.
		if (outline.chain) {
			entry.set('way', way);
			entry.set('dresserCode', dresser?.code ?? '');
		}
		if (await desk.record('form', 'shape', entry)) ondone();
	}
	/** A figure that cannot be read comes before what the form as a whole comes to. */
	const unread = $derived(
		entry.result.fault?.field.startsWith('segments') && outline.rows.length ? entry.result.fault : null
	);
	const fault = $derived(unread ?? (p.fault && p.fault.code !== 'missing' ? p.fault : null));
</script>

<TakeIn {desk} {outline} onseen={(s) => (seen = s)} ontake={taken} />
{#if drawn}<div class="board">
		<FormBoard
			chain={drawn.chain}
			path={drawn.path}
			rho={drawn.rho}
			stoneDeg={drawn.stoneDeg}
			left={drawn.left}
			mayLeaveUm={v.mayLeaveUm ?? 1}
			steepestDeg={seen ? null : (fits?.allowedFlankDeg ?? null)}
			dullFromDeg={way === 'roll' ? null : DULL_DEG}
			stockMm={seen ? null : (fits?.usableStockMm ?? null)}
			family={facts.wheel?.family ?? null}
			lit={seen ? null : (outline.chain?.[outline.picked] ?? null)}
			{frozen}
			units={facts.units}
		>
			{#snippet handles(scale)}{#if !seen && outline.chain && outline.chain.length <= LONG}<VertexHandles
						chain={outline.chain}
						{scale}
						picked={outline.picked}
						onhold={(k) => {
							outline.remember();
							outline.picked = Math.max(0, k - 1);
							frozen = scale;
						}}
						onmove={(k, z, x) => outline.drag(k, z, x)}
						onleave={() => (frozen = null)}
					/>{/if}{/snippet}
		</FormBoard>
	</div>{:else if !outline.rows.length}<p class="empty">
		No form yet. Take one in: from its measures, from points, from a drawing, or from the library.
	</p>{/if}
{#if outline.rows.length}
	<div class="sides">
		<div>
			<SegmentTable {entry} {outline} {fault} />
			{#if outline.chain}<FormFiles chain={outline.chain} name={String(entry.typed.name || 'form')} />{/if}
		</div>
		<div>
			<ShapeFigures
				{fits}
				{path}
				mayLeaveUm={v.mayLeaveUm ?? 1}
				{way}
				units={facts.units}
				busy={preview.computing}
			/>
			{#if p.result}<Reasons reasons={findingsOf(p.result)} most={4} />{:else if fault}<p class="fault">
					{told(fault.message)}
				</p>{/if}
			<MadeBy {desk} {entry} chain={outline.chain} {way} {dresser} />
		</div>
	</div>
{/if}
<ActionBar
	label="Keep this shape"
	onact={act}
	busy={desk.busy}
	stop={p.main?.verdict === 'stop'}
	disabled={!outline.rows.length || seen !== null}
>
	{#if dresser}<span class="quiet"
			>{FORMING_METHODS[way].words}, {dresser.code} {dresserWords(dresser.kind)}</span
		>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.board {
		border: 1px solid var(--rule);
		background: var(--sheet);
		margin-bottom: var(--s-10);
	}
	.sides {
		display: grid;
		grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
		gap: var(--s-20);
		align-items: start;
		margin-bottom: var(--s-10);
	}
	.sides > div {
		display: grid;
		gap: var(--s-8);
		min-width: 0;
	}
	.empty {
		padding: var(--s-24) 0;
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.sides {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
