<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Field } from '$core/calculation/fields';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import { forecastStep } from '$core/route/stations/keep/forecast';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import WheelLife from '$lib/drawing/keep/WheelLife.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import { LEDGER_WORDS, dayWords } from '$lib/words';
	import { lifeOf } from './life';
	import OursNote from '$lib/desk/OursNote.svelte';
	import { ownTimes } from '$core/shop/begin-with-ours';
	import Fold from '$lib/ui/layout/Fold.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The wheel's book: its diameters and trend, when it ends, by when the next is ordered, what a part costs. */
	let { desk, ondone }: Props = $props();
	const { q, f: bare, told } = useUnits();
	const facts = $derived(desk.facts);
	const w = $derived(facts.wheel!);
	const entry = stepEntry(desk, forecastStep, {
		start: { ...ownTimes(desk.ours), redressUm: desk.facts.sums.lastTakenUm ?? undefined }
	});
	const p = $derived(preview(forecastStep, facts, entry));
	const out = $derived(p.main);
	const asked: readonly Field[] = forecastStep.fields;
	const [first, later] = [asked.filter((x) => !x.advanced), asked.filter((x) => x.advanced)];
	const life = $derived(lifeOf(facts, desk.book));
	const LISTED = 30;
	const lines = $derived([...(desk.book?.lines ?? [])].reverse().slice(0, LISTED));
	const finished = $derived(facts.state === 'finished');
	const lost = $derived(life.says?.radialLossUm ?? null);
	async function act() {
		if (await desk.record('keep', 'forecast', entry)) ondone();
	}
</script>

<WheelLife
	events={life.events}
	newMm={w.newDiameterMm}
	nowMm={w.diameterMm}
	minMm={w.minDiameterMm}
	today={facts.today}
	endDate={out?.lastDate ?? life.endDate}
	orderBy={out?.orderBy ?? life.orderBy}
	band={life.band}
/>
<TwoSides narrow="neither">
	{#snippet one()}
		<Decisive
			what="Parts left in the wheel"
			figure={out ? String(out.partsLeft) : '-'}
			means={out ? `order by ${dayWords(out.orderBy)}, last dress ${dayWords(out.lastDate)}` : ''}
			meansTone={out?.verdict === 'caution' ? 'caution' : 'plain'}
		/>
		<div class="grid" class:inch={desk.facts.units === 'inch'}>
			{#each first as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
		</div>
		{#if desk.ours}<OursNote what="a part takes" ours={desk.ours.cycleS} />
			<OursNote what="a dress takes" ours={desk.ours.redressS} />
			<OursNote what="changing over takes" ours={desk.ours.changeoverS} />{/if}
		<Fold title="Working days">
			{#each later as field (field.name)}<FieldInput {entry} {field} />{/each}
		</Fold>
		{#if out}<Reasons reasons={out.reasons ?? []} />
			<p>
				A part costs <b class="num">{out.costPerPart.toFixed(2)}</b>:
				<span class="num">{out.wheelCostPerPart.toFixed(2)}</span> wheel,
				<span class="num">{out.labourCostPerPart.toFixed(2)}</span> redressing.
			</p>{:else if p.fault && p.fault.code !== 'missing'}<p class="fault">{told(p.fault.message)}</p>
		{:else if p.fault?.field === 'redressAfterParts'}<p class="fault">{told(p.fault.message)}</p>{/if}
	{/snippet}
	{#snippet other()}
		{#if life.says}<p>
				{#if life.says.endDate}The diameters say it is used up on <b>{dayWords(life.says.endDate)}</b
					>{#if life.band}, between {dayWords(life.band.early)} and {dayWords(life.band.late)}{/if}.{/if}
				{#if lost}Off the radius: {q(lost.trued, 'um')} trued, {q(lost.dressed + lost.redressed, 'um')} dressed,
					{q(lost.crashed, 'um')} crashes.{/if}
			</p>
			<Reasons reasons={life.says.reasons} most={2} />{/if}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="book" tabindex="0" role="region" aria-label="Lines of the book">
			<table>
				<thead><tr><th>Day</th><th>What</th><th>⌀</th><th>Where, who</th></tr></thead>
				<tbody
					>{#each lines as l (l.id)}<tr class:crash={l.incident}
							><td>{dayWords(l.date)}</td><td
								>{l.incident ? 'Crash' : LEDGER_WORDS[l.kind]}{#if l.note}<small>{told(l.note)}</small
									>{/if}</td
							><td class="num">{l.diameterMm === null ? '' : bare(l.diameterMm, 'mm')}</td><td
								>{l.machine ?? 'rack'}{#if l.setupId && l.setupId !== facts.id}, <a
										href={resolve(`/setups/${l.setupId}`)}>setup {l.setupId}</a
									>{/if}, {l.by}</td
							></tr
						>{/each}</tbody
				>
			</table>
		</div>
		<p class="quiet">
			<a href={resolve(`/rack/${encodeURIComponent(w.number)}`)}>The whole book of {w.number}</a>, rim speed
			today
			{q(surfaceSpeedMps(w.diameterMm, facts.machine.spindleRpm), 'm/s')}.
			<a href={resolve('/api/setups/[id]/export.[kind]', { id: String(facts.id), kind: 'json' })} download
				>JSON</a
			>
			<a href={resolve('/api/setups/[id]/export.[kind]', { id: String(facts.id), kind: 'csv' })} download
				>CSV</a
			>
		</p>
	{/snippet}
</TwoSides>
<ActionBar
	label={finished ? 'To the floor' : 'Keep this forecast'}
	onact={() => (finished ? void (location.href = '/') : act())}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: var(--s-4) var(--s-12);
	}
	/* A length in inches has five decimals. */
	.grid.inch {
		grid-template-columns: repeat(2, 1fr);
	}
	.book {
		max-height: 300px;
		overflow: auto;
	}
	td,
	th {
		padding: var(--s-4) var(--s-6);
		font-size: var(--type-small);
		vertical-align: top;
		text-align: left;
	}
	small {
		display: block;
		color: var(--ink2);
	}
	.crash td {
		background: var(--caution-soft);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
