<script lang="ts">
	import { unitsHere } from '$lib/ui/units-here';
	import { resolve } from '$app/paths';
	import { figure, quantity } from '$core/quantity/format';
	import { dressPlan } from '$core/dress/plan';
	import { untrack } from 'svelte';
	import { redressInterval } from '$core/keep/redress-interval';
	import { Evidence, partOf } from '$core/route/evidence';
	import { intervalWords } from '$core/route/stations/keep/gate';
	import { intervalStep } from '$core/route/stations/keep/interval';
	import { redressDue } from '$core/route/stations/keep/due';
	import { keepStep } from '$core/route/stations/keep/steps';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';

	interface Props {
		desk: Desk;
	}
	let { desk }: Props = $props();
	const { told } = unitsHere();
	const f = $derived(desk.facts);
	/** In place of the book: when the form is due, or what is wrong while it grinds. */
	let sheet = $state<'form' | 'trouble' | null>(null);
	const interval = $derived(partOf(Evidence.of(f).step(intervalStep), redressInterval));
	const entry = stepEntry(desk, keepStep, {
		anew: true,
		start: {
			targetMps: Math.min(
				surfaceSpeedMps(desk.facts.wheel!.newDiameterMm, desk.facts.machine.spindleRpm),
				desk.facts.wheel!.ratedMps ?? 500
			),
			what: 'ground-on',
			redressAfterParts: untrack(() => {
				const due = partOf(Evidence.of(desk.facts).step(intervalStep), redressInterval)?.output;
				return due?.mode === 'between-parts' ? due.partsPerRedress : undefined;
			})
		}
	});
	const p = $derived(preview(keepStep, f, entry));
	const out = $derived(p.main);
	const plan = $derived(Evidence.of(f).of(dressPlan, 'dress', ['settings']));
	const perDressMm = $derived(plan ? (2 * plan.output.totalDepthUm) / 1000 : null);
	const diameter = $derived(entry.result.values.diameterAfterMm ?? f.wheel!.diameterMm);
	const left = $derived(
		perDressMm ? Math.max(0, Math.floor((diameter - f.wheel!.minDiameterMm) / perDressMm + 1e-9)) : null
	);
	const every = $derived(entry.result.values.redressAfterParts);
	const due = $derived(redressDue(f));
	const entries = $derived(f.records.filter((r) => r.station === 'keep' && r.step === 'entry'));
	const q = (v: number | null | undefined, u: 'mm' | 'm/s' | 'rpm') => quantity(v ?? null, u, f.units);
	const open = (which: 'form' | 'trouble') => (sheet = sheet === which ? null : which);
	async function act() {
		if (await desk.record('keep', 'entry', entry)) {
			entry.set('diameterAfterMm', '');
			entry.set('partsGround', '');
			// Said of this one figure only: the next slip is asked about again.
			entry.set('sure', false);
			entry.touched = {};
			entry.recorded();
		}
	}
</script>

<header>
	<h1>Keep</h1>
	{#if f.stations.includes('form') && f.state !== 'finished'}<button
			class="link"
			aria-pressed={sheet === 'form'}
			onclick={() => open('form')}>When to redress the form</button
		>{/if}
	{#if f.state !== 'finished'}<button
			class="link"
			aria-pressed={sheet === 'trouble'}
			onclick={() => open('trouble')}>Find the trouble</button
		>{/if}
</header>
<p class="lead">
	{f.state === 'finished'
		? 'This setup is finished; the wheel is back in the rack.'
		: 'Write the diameter down each time. The book says how much wheel is left.'}
</p>
{#if sheet === 'trouble'}{#await import('../prove/TroublePart.svelte') then { default: Trouble }}<Trouble
			{desk}
		/>{/await}
{:else if sheet === 'form'}{#await import('./IntervalPart.svelte') then { default: Interval }}<Interval
			{desk}
			ondone={() => (sheet = null)}
		/>{/await}{:else}
	<div class="cols">
		<div class="form">
			<ChoiceField
				{entry}
				name="what"
				words={{ 'ground-on': 'ground on', redressed: 'redressed', 'taken-off': 'taken off' }}
			/>
			{#if entry.at('what') === 'taken-off' && f.mount && !f.companions.length}<YesNo
					{entry}
					name="staysOnMount"
					label="Stays on {f.mount.code}, balanced"
					compact
				/>{/if}
			<QuantityField
				{entry}
				name="diameterAfterMm"
				note="last {q(f.wheel!.diameterMm, 'mm')}"
			/>{#if p.fault?.code === 'really' || entry.at('sure') === true}<p class="fault">
					{told(p.fault?.message ?? '')}
				</p>
				<YesNo {entry} name="sure" compact />{/if}<QuantityField {entry} name="partsGround" /><QuantityField
				{entry}
				name="redressAfterParts"
				note="parts between dresses"
			/><QuantityField {entry} name="targetMps" label="Speed wanted at the rim" />
		</div>
		<div>
			<p class="lab">Dresses left</p>
			<p class="num huge">{left ?? '-'}</p>
			<p class="quiet">
				{perDressMm
					? `at ${q(perDressMm, 'mm')} of diameter each, down to ${q(f.wheel!.minDiameterMm, 'mm')}`
					: 'no dressing plan yet'}{left !== null && every ? `; about ${left * every} parts` : ''}
			</p>
			<LifeBar
				newMm={f.wheel!.newDiameterMm}
				nowMm={diameter}
				minMm={f.wheel!.minDiameterMm}
				units={f.units}
			/>
			<p class="lab">Next redress</p>
			{#if due}<p class="due" role="status">
					<b>Due now.</b>
					{due.parts} parts ground since the last dress, due after {due.after}.
				</p>{/if}
			<p class="num mid">
				{interval
					? intervalWords(interval.output)
					: every
						? `after ${every} parts`
						: 'say after how many parts'}
			</p>
			{#if out}
				<p class="lab">Set the spindle to</p>
				<p class="num mid">{q(out.speedRpm, 'rpm')} <span>{q(out.speedMps, 'm/s')}</span></p>
				<table>
					<thead><tr><th>⌀</th><th>rpm</th><th>speed</th></tr></thead><tbody
						>{#each out.rows as r, at (at)}<tr
								><td class="num">{figure(r.diameterMm, 'mm', f.units)}</td><td class="num"
									>{r.speedRpm.toFixed(0)}</td
								><td class="num">{q(r.speedMps, 'm/s')}</td></tr
							>{/each}</tbody
					>
				</table>
				<Reasons reasons={out.reasons} />
			{/if}
		</div>
	</div>
	{#if entries.length}<h3>Booked</h3>
		<ul>
			{#each entries as r (r.id)}<li>
					<span class="num">{figure(Number(r.entered.diameterAfterMm), 'mm', f.units)}</span>
					{String(r.entered.what).replace('-', ' ')}, {String(r.entered.partsGround)} parts, {r.by}
				</li>{/each}
		</ul>{/if}
	<ActionBar
		forward={f.state === 'finished'}
		label={f.state === 'finished' ? 'To the floor' : 'Book it'}
		onact={() => (f.state === 'finished' ? void (location.href = '/') : act())}
		busy={desk.busy}
	>
		{#if f.state === 'released' && desk.decision.blocked.length}<a
				class="btn stop"
				href={resolve(`/setups/${f.id}/give-up`)}>Take it off</a
			>{/if}<a class="btn" href={resolve(`/rack/${f.wheel!.number}`)}>The wheel's book</a><a
			class="btn"
			href={resolve('/api/setups/[id]/export.[kind]', { id: String(f.id), kind: 'json' })}
			download>JSON</a
		><a
			class="btn"
			href={resolve('/api/setups/[id]/export.[kind]', { id: String(f.id), kind: 'csv' })}
			download>CSV</a
		>
		{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
	</ActionBar>
{/if}

<style>
	header {
		display: flex;
		gap: var(--s-16);
		align-items: baseline;
	}
	h1 {
		flex: 1;
	}
	.cols {
		display: grid;
		grid-template-columns: 300px 1fr;
		gap: var(--s-32);
		margin: var(--s-12) 0;
	}
	.form {
		display: grid;
		gap: var(--s-6);
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
		margin-top: var(--s-6);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
	.due {
		background: var(--caution-soft);
		border-left: 4px solid var(--caution);
		padding: var(--s-6) var(--s-10);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
	}
	.mid {
		font-size: var(--type-title);
		font-weight: 650;
	}
	.mid span {
		color: var(--ink2);
		font-size: var(--type-text);
		font-weight: 500;
	}
	td,
	th {
		padding: var(--s-4) var(--s-8);
		font-size: var(--type-small);
	}
	ul {
		list-style: none;
		padding: 0;
		margin-bottom: var(--s-10);
	}
	li {
		padding: var(--s-4) 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--type-label);
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
