<script lang="ts">
	import { untrack } from 'svelte';
	import type { Method } from '$core/dress/methods';
	import { dressersFor, methodStep, waysFor } from '$core/route/stations/dress/method';
	import { METHOD_WORDS, SEEN_WORDS, THEN_WORDS } from '$core/route/stations/dress/words';
	import { formToKeep } from '$core/route/stations/form/for-dress';
	import { dresserWords } from '$core/shop/dresser';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import RankedWays from './RankedWays.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** What is seen, heard or felt, and from it the ways that serve here, best first; each other one with its reason. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const kept = untrack(() => formToKeep(desk.facts));
	const entry = stepEntry(desk, methodStep, {
		start: { seen: 'just-trued', ...(kept && { form: kept.form }) }
	});
	const v = $derived(entry.result.values);
	const ways = $derived.by(() => {
		try {
			return waysFor(f, {
				seen: v.seen ?? 'just-trued',
				form: v.form ?? 'flat',
				rimResistanceOhm: v.rimResistanceOhm ?? null
			});
		} catch (e) {
			return { fault: e instanceof Error ? e.message : '' };
		}
	});
	const out = $derived('output' in ways ? ways.output : null);
	/** What is taken: chosen by hand where that still serves, the best one otherwise. */
	const taken = $derived(
		out?.ranked.some((r) => r.method === entry.typed.method)
			? (entry.typed.method as Method)
			: (out?.best ?? null)
	);
	const codes = $derived(taken ? dressersFor(f, taken) : []);
	const code = $derived(
		codes.some((d) => d.code === entry.typed.dresserCode)
			? String(entry.typed.dresserCode)
			: (codes[0]?.code ?? '')
	);
	const p = $derived(preview(methodStep, f, null, { ...v, method: taken, dresserCode: code || null }));
	const take = (method: Method) => {
		entry.set('method', method);
		entry.set('dresserCode', '');
	};
	async function act() {
		entry.set('method', taken ?? '');
		entry.set('dresserCode', code);
		if (await desk.record('dress', 'method', entry)) ondone();
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<ChoiceField {entry} name="seen" words={SEEN_WORDS} list />
		<ChoiceField
			{entry}
			name="form"
			words={{ flat: 'straight face', radius: 'a radius', profile: 'a profile' }}
		/>
		{#if f.wheel?.bondFamily === 'hybrid'}<QuantityField
				{entry}
				name="rimResistanceOhm"
				note="a hybrid bond conducts only when measured"
			/>{/if}
		<p class="lab">Dress it with</p>
		<p class="huge" role="status">{taken ? METHOD_WORDS[taken] : 'nothing here'}</p>
		{#if out?.then}<p><b>{THEN_WORDS[out.then] ?? out.then}.</b></p>{/if}
		{#if codes.length > 1}<PickOne
				legend="Which one"
				options={codes.map((d) => ({
					id: d.code,
					text: d.code,
					note: `${dresserWords(d.kind)}${d.place ? `, ${d.place}` : ''}`
				}))}
				picked={code}
				onpick={(c) => entry.set('dresserCode', c)}
			/>{:else if codes[0]}<p class="quiet">
				{codes[0].code}, {dresserWords(codes[0].kind)}{codes[0].place ? `, ${codes[0].place}` : ''}.
			</p>{/if}
		{#if 'fault' in ways}<p class="fault">{ways.fault}</p>{/if}
	{/snippet}
	{#snippet other()}
		{#if out}<RankedWays facts={f} ways={out} {taken} ontake={take} />{/if}
	{/snippet}
</TwoSides>
<ActionBar
	label={taken ? `Dress it with ${METHOD_WORDS[taken]}` : 'Nothing to take'}
	onact={act}
	busy={desk.busy}
	disabled={!taken}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
