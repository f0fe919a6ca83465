<script lang="ts">
	import { untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { Evidence } from '$core/route/evidence';
	import { keepStep } from '$core/route/stations/keep/booking';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { runOf } from '$core/route/stations/dress/run';
	import { redressCycle } from '$core/route/stations/keep/redress-cycle';
	import { redressDue } from '$core/route/stations/keep/due';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import PartUnderWay from '$lib/drawing/keep/PartUnderWay.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import BookingFields from './BookingFields.svelte';
	import ComesOff from './ComesOff.svelte';
	import LifeLine from './LifeLine.svelte';
	import SinceDress from './SinceDress.svelte';
	import { type What, ACTIONS, suggested } from './suggested';

	interface Props {
		desk: SetupSession;
		onbook: () => void;
	}
	/** What is ground since the last dress, when the next one falls, and one press to book either. */
	let { desk, onbook }: Props = $props();
	const { q, f: bare } = useUnits();
	/** What comes with a smaller wheel is told under its speed. */
	const LATER = 'speed-not-held-to-the-end';
	const f = $derived(desk.facts);
	const loop = $derived(redressCycle(f));
	const due = $derived(redressDue(f));
	const run = $derived.by(() => {
		const way = chosenMethod(f, Evidence.of(f));
		return way ? runOf(f, Evidence.of(f), way) : null;
	});
	const suggests = (what: What) => suggested(desk.facts, loop, run?.takenUm ?? null, what, bare);
	const first: What = untrack(() => (redressDue(desk.facts) ? 'redressed' : 'ground-on'));
	const last = Evidence.of(untrack(() => desk.facts)).step(keepStep)?.entered;
	const entry = stepEntry(desk, keepStep, {
		anew: true,
		start: untrack(() => ({
			what: first,
			targetMps: last?.targetMps ?? suggested(desk.facts, loop, null, first, bare).targetMps
		}))
	});
	const what = $derived((entry.at('what') ?? 'ground-on') as What);
	/** What stands in a field because it was suggested is replaced by the next suggestion; what was typed is not. */
	let stood: Record<string, string> = {};
	function fill(now: What) {
		const next = suggests(now).fields;
		for (const [name, value] of Object.entries(next)) {
			const at = String(entry.at(name as 'inPartMm') ?? '');
			if (at === '' || at === stood[name]) entry.set(name as 'inPartMm', value);
		}
		stood = next;
	}
	$effect(() => {
		const now = what;
		void f.version;
		untrack(() => fill(now));
	});
	const p = $derived(preview(keepStep, f, entry));
	const out = $derived(p.main);
	async function act() {
		if (!(await desk.record('keep', 'entry', entry))) return;
		for (const name of [
			'diameterAfterMm',
			'partsGround',
			'inPartMm',
			'takenUm',
			'why',
			'redressAfterParts',
			'redressAfterMm'
		] as const)
			entry.set(name, '');
		// Said of this one figure only: the next slip is asked about again.
		entry.set('sure', false);
		entry.set('what', redressDue(desk.facts) ? 'redressed' : 'ground-on');
		entry.touched = {};
		entry.recorded();
		fill((entry.at('what') ?? 'ground-on') as What);
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<SinceDress {loop} {due} />
		{#if out}<Reasons reasons={(out.reasons ?? []).filter((r) => r.code !== LATER)} most={1} />{/if}
	{/snippet}
	{#snippet other()}
		{#if what === 'taken-off' || what === 'worn-out'}<ComesOff facts={f} {what} />
		{:else if loop.partMm !== null}<PartUnderWay
				part={loop.part}
				partMm={loop.partMm}
				passMm={loop.passMm}
				atMm={loop.inPartMm}
				redressAtMm={loop.insideMm}
				doneToMm={loop.sinceParts === 0 ? f.sums.dressedAtMm : 0}
			/>{:else}<p class="quiet">
				Say under Brief how much is ground off a part; then the part and its redresses are drawn here.
			</p>{/if}
		{#if out}<p class="set">
				Set the spindle to <b class="num">{q(out.speedRpm, 'rpm')}</b>, {q(out.speedMps, 'm/s')}
			</p>{/if}
	{/snippet}
</TwoSides>
<div class="booking">
	<ChoiceField
		{entry}
		name="what"
		quiet
		words={{
			'ground-on': 'ground on',
			redressed: 'redressed',
			'taken-off': 'taken off',
			'worn-out': 'worn out'
		}}
	/>
	<BookingFields {entry} {what} {loop} facts={f} fault={p.fault} />
</div>
<LifeLine {desk} {onbook} />
<ActionBar label={ACTIONS[what]} onact={act} busy={desk.busy} stop={out?.verdict === 'stop'}>
	{#if f.state === 'released' && desk.decision.blocked.length}<a
			class="btn stop"
			href={resolve(`/setups/${f.id}/give-up`)}>Take it off</a
		>{/if}
	{#if f.state === 'released' && f.stations.includes('dress')}<a
			class="btn"
			href={resolve(`/setups/${f.id}/dress`)}>Dress with a look at the next part</a
		>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.booking {
		border-top: 1px solid var(--rule);
		padding: var(--s-8) 0;
		display: grid;
		gap: var(--s-6);
	}
	.set {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.set b {
		color: var(--ink);
		font-size: var(--type-text);
	}
</style>
