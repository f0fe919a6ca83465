<script lang="ts">
	import type { Method } from '$core/dress/methods';
	import { dressersFor, methodStep, waysFor } from '$core/route/stations/dress/method';
	import {
		METHOD_WORDS,
		NEVER,
		SEEN_WORDS,
		THEN_WORDS,
		excludedWords
	} from '$core/route/stations/dress/words';
	import { dresserWords } from '$core/shop/dresser';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	interface Props {
		desk: Desk;
		ondone: () => void;
	}
	/** What is seen, heard or felt, and from it the ways that serve here, best first; each other one with its reason. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const entry = stepEntry(desk, methodStep, { start: { seen: 'just-trued' } });
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

<div class="cols">
	<div class="part">
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
		{#if codes.length > 1}<fieldset>
				<legend>Which one</legend>
				{#each codes as d (d.code)}<label class="seg" class:on={d.code === code}
						><input
							type="radio"
							name="dresser"
							checked={d.code === code}
							onchange={() => entry.set('dresserCode', d.code)}
						/>{d.code} <span>{dresserWords(d.kind)}{d.place ? `, ${d.place}` : ''}</span></label
					>{/each}
			</fieldset>{:else if codes[0]}<p class="quiet">
				{codes[0].code}, {dresserWords(codes[0].kind)}{codes[0].place ? `, ${codes[0].place}` : ''}.
			</p>{/if}
		{#if 'fault' in ways}<p class="fault">{ways.fault}</p>{/if}
	</div>
	<div class="part">
		{#if out}
			<h3>Serves here, best first</h3>
			<div class="list" role="radiogroup" aria-label="Ways that serve here">
				{#each out.ranked as r (r.method)}<button
						type="button"
						role="radio"
						aria-checked={r.method === taken}
						class:on={r.method === taken}
						onclick={() => take(r.method as Method)}
						><b>{METHOD_WORDS[r.method as Method]}</b>
						<span
							>{dressersFor(f, r.method as Method)
								.map((d) => d.code)
								.join(', ')}</span
						><i><s style="width:{r.score}%"></s></i><em class="num">{r.score}</em></button
					>{:else}<p class="fault">
						Nothing this shop has dresses this wheel for that. Each reason says what is missing.
					</p>{/each}
			</div>
			<h3>Out, and why</h3>
			<ul>
				{#each out.excluded as e (e.method)}<li class:never={NEVER.includes(e.code!)}>
						<VerdictMark state={NEVER.includes(e.code!) ? 'stop' : 'open'} size={16} /><span
							><b>{METHOD_WORDS[e.method as Method]}.</b> {excludedWords(e.code!, f)}</span
						>
					</li>{/each}
			</ul>
		{/if}
	</div>
</div>
<ActionBar
	label={taken ? `Dress it with ${METHOD_WORDS[taken]}` : 'Nothing to take'}
	onact={act}
	busy={desk.busy}
	disabled={!taken}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: var(--s-24);
		align-items: start;
		margin-bottom: var(--s-10);
	}
	.part,
	.list {
		display: grid;
		gap: var(--s-8);
		align-content: start;
		min-width: 0;
	}
	.list {
		gap: var(--s-4);
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	.list button {
		display: grid;
		grid-template-columns: 1fr auto 70px 30px;
		gap: var(--s-8);
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-4) var(--s-10);
		text-align: left;
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		background: var(--sheet);
		color: var(--ink);
		font: inherit;
		cursor: pointer;
	}
	.list button.on {
		border-color: var(--act);
		background: var(--act-soft);
	}
	.list span {
		font: 500 var(--type-small) var(--mono);
		color: var(--ink2);
	}
	.list i {
		height: 8px;
		background: var(--bar);
	}
	.list s {
		display: block;
		height: 8px;
		background: var(--steel);
	}
	.list em {
		font-style: normal;
		text-align: right;
	}
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
	}
	li {
		display: grid;
		grid-template-columns: 18px 1fr;
		gap: var(--s-6);
	}
	.never b {
		color: var(--stop);
	}
	fieldset {
		border: 0;
		padding: 0;
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
	}
	.seg {
		position: relative;
		display: inline-flex;
		gap: var(--s-6);
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-6) var(--s-12);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		font-weight: 600;
		cursor: pointer;
	}
	.seg.on {
		border-color: var(--act);
		background: var(--act-soft);
	}
	.seg span {
		font-weight: 400;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.seg input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	.seg:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
