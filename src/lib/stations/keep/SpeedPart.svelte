<script lang="ts">
	import { page } from '$app/state';
	import { Evidence } from '$core/route/evidence';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { keepStep } from '$core/route/stations/keep/booking';
	import { manufacturerApprovalStep, mayRunAbove } from '$core/route/stations/keep/manufacturer-approval';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import SpeedCurve from '$lib/drawing/keep/SpeedCurve.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import { suggested } from './suggested';
	import { redressCycle } from '$core/route/stations/keep/redress-cycle';
	import Fold from '$lib/ui/layout/Fold.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The spindle speed that holds the rim speed as the wheel shrinks, down to scrap; never above what is marked. */
	let { desk }: Props = $props();
	const { q, f: bare } = useUnits();
	const facts = $derived(desk.facts);
	const e = $derived(Evidence.of(facts));
	const lead = $derived((page.data.user as { role?: string } | undefined)?.role === 'lead');
	const wanted = stepEntry(desk, keepStep, {
		start: {
			...suggested(desk.facts, redressCycle(desk.facts), null, 'ground-on', bare),
			what: 'ground-on',
			partsGround: 0
		},
		forget: ['diameterAfterMm', 'inPartMm', 'takenUm', 'why']
	});
	const target = $derived(wanted.result.values.targetMps);
	const p = $derived(
		preview(keepStep, facts, null, { what: 'ground-on', partsGround: 0, targetMps: target ?? null })
	);
	const out = $derived(p.main);
	const word = stepEntry(desk, manufacturerApprovalStep);
	const said = $derived(e.step(manufacturerApprovalStep));
	const above = $derived(facts.wheel ? mayRunAbove(facts) : false);
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<Decisive
			what="Set the spindle to"
			figure={out ? q(out.speedRpm, 'rpm') : '-'}
			means={out ? `${q(out.speedMps, 'm/s')} at ${q(facts.wheel?.diameterMm, 'mm')}` : ''}
			tone={out?.verdict === 'stop' ? 'stop' : 'plain'}
		/>
		<QuantityField entry={wanted} name="targetMps" label="Speed wanted at the rim" />
		{#if out}<Reasons reasons={out.reasons ?? []} />
			<table>
				<thead><tr><th>Diameter</th><th>Set to</th><th>At the rim</th></tr></thead>
				<tbody
					>{#each out.rows as r (r.diameterMm)}<tr
							><td class="num">{q(r.diameterMm, 'mm')}</td><td class="num">{q(r.speedRpm, 'rpm')}</td><td
								class="num">{q(r.speedMps, 'm/s')}</td
							></tr
						>{/each}</tbody
				>
			</table>{/if}
	{/snippet}
	{#snippet other()}
		{#if out}<SpeedCurve
				rows={out.rows}
				targetMps={Number(target)}
				heldToMm={out.heldToDiameterMm}
				nowMm={facts.wheel!.diameterMm}
			/>{/if}
		<p>
			{above
				? `The maker's word is recorded: it may turn above its marked ${q(facts.wheel!.ratedRpm, 'rpm')}, never over its m/s.`
				: `Never above the marked ${q(shownLimit(limitRpm(facts.wheel!) ?? 0), 'rpm')}, however small it gets.`}
			{#if said}<br /><q>{said.entered.word}</q>, {said.by}{/if}
		</p>
		{#if lead && facts.state !== 'finished' && facts.wheel?.ratedRpm && facts.wheel.ratedMps}<Fold
				title="Record the maker's word"
			>
				{#each manufacturerApprovalStep.fields as field (field.name)}<FieldInput
						entry={word}
						{field}
					/>{/each}
				<button class="btn" disabled={desk.busy} onclick={() => desk.record('keep', 'makers-word', word)}
					>It is written there</button
				>
			</Fold>{/if}
	{/snippet}
</TwoSides>
<ActionBar label="To the floor" key={false} onact={() => void (location.href = '/')} busy={desk.busy} anyone>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	td,
	th {
		padding: var(--s-4) var(--s-10);
		font-size: var(--type-small);
		text-align: left;
	}
</style>
