<script lang="ts">
	import { excludedWords } from '$core/route/stations/dress/words';
	import {
		FORM_WAYS,
		FORM_WAY_NAMES,
		type FormWay,
		dressersForWay,
		whyNotDresser,
		whyNotWay
	} from '$core/route/stations/form/way';
	import { carries } from '$core/route/stations/form/carries';
	import { cannotMake } from '$core/route/stations/form/shape';
	import type { Segment } from '$core/form/profile/segment';
	import type { DresserFacts } from '$core/route/facts';
	import { quantity } from '$core/quantity/format';
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		desk: Desk;
		entry: Entry;
		chain: readonly Segment[] | null;
		way: FormWay;
		dresser: DresserFacts | null;
	}
	/** Its name and tolerance, and what of this shop makes it; each way that does not serve with its reason. */
	let { desk, entry, chain, way, dresser }: Props = $props();
	const f = $derived(desk.facts);
	const id = $props.id();
	const ohm = $derived((entry.result.values as { rimResistanceOhm?: number }).rimResistanceOhm ?? null);
	const ways = $derived(
		FORM_WAY_NAMES.map((w) => ({
			w,
			not: whyNotWay(f, w, ohm) ?? (chain ? cannotMake(chain, w) : null)
		}))
	);
	const out = $derived(ways.filter((o) => o.not));
	const codes = $derived(dressersForWay(f, way, String(entry.typed.name ?? '')));
	function says(d: DresserFacts): string {
		const why = whyNotDresser(f, d, ohm);
		if (why) return excludedWords(why);
		if (way === 'roll') {
			const own = carries(d.carriesForm, String(entry.typed.name ?? ''));
			return own
				? 'carries this form'
				: d.carriesForm
					? `carries ${d.carriesForm}`
					: 'carries no form on record';
		}
		if (d.tipRadiusUm)
			return `tip ${quantity(d.tipRadiusUm, 'um', f.units)}${d.tipAngleDeg ? `, ${d.tipAngleDeg}°` : ''}`;
		return d.wireMm ? `wire ${quantity(d.wireMm, 'mm', f.units)}` : '';
	}
</script>

<div class="grid">
	<TextField {entry} name="name" />
	<QuantityField {entry} name="toleranceUm" />
	<QuantityField {entry} name="mayLeaveUm" />
	{#if f.wheel?.bondFamily === 'hybrid'}<QuantityField {entry} name="rimResistanceOhm" />{/if}
</div>
<fieldset>
	<legend>Made by</legend>
	{#each ways.filter((o) => !o.not) as { w } (w)}<label class="seg" class:on={w === way}
			><input
				type="radio"
				name="{id}-way"
				data-field="way"
				checked={w === way}
				onchange={() => {
					entry.set('way', w);
					entry.set('dresserCode', '');
				}}
			/>{FORM_WAYS[w].words}</label
		>{/each}
</fieldset>
{#if entry.faultAt('way')}<p class="fault">{entry.faultAt('way')}</p>{/if}
{#if codes.length}<fieldset>
		<legend>Dresser</legend>
		{#each codes as d (d.code)}<label class="seg" class:on={d.code === dresser?.code}
				><input
					type="radio"
					name="{id}-dresser"
					data-field="dresserCode"
					checked={d.code === dresser?.code}
					disabled={whyNotDresser(f, d, ohm) !== null}
					onchange={() => entry.set('dresserCode', d.code)}
				/>{d.code} <span>{says(d)}</span></label
			>{/each}
	</fieldset>{/if}
{#if out.length}<details>
		<summary>{out.length} ways do not serve here</summary>
		<ul>
			{#each out as { w, not } (w)}<li><b>{FORM_WAYS[w].words}</b> {not}</li>{/each}
		</ul>
	</details>{/if}

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
		padding: 0;
	}
	.seg {
		position: relative;
		display: inline-flex;
		gap: var(--s-6);
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-4) var(--s-12);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		background: var(--sheet);
		font-weight: 600;
		font-size: var(--type-label);
		cursor: pointer;
	}
	.seg.on {
		background: var(--ink);
		color: var(--sheet);
		border-color: var(--ink);
	}
	.seg span {
		font-weight: 500;
		font-size: var(--type-small);
	}
	.seg input {
		position: absolute;
		opacity: 0;
		inset: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	.seg:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		font-size: var(--type-small);
	}
	ul {
		margin: 0;
		padding-left: var(--s-16);
		font-size: var(--type-small);
	}
</style>
