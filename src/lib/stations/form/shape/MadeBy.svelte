<script lang="ts">
	import { excludedWords } from '$core/route/stations/dress/words';
	import {
		FORMING_METHODS,
		FORMING_METHOD_NAMES,
		type FormingMethod,
		dressersForMethod,
		whyNotDresser,
		whyNotMethod
	} from '$core/route/stations/form/forming-method';
	import { carries } from '$core/route/stations/form/carries';
	import { cannotMake } from '$core/route/stations/form/shape';
	import type { Segment } from '$core/form/profile/segment';
	import type { DresserFacts } from '$core/facts/shop';
	import { quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry;
		chain: readonly Segment[] | null;
		way: FormingMethod;
		dresser: DresserFacts | null;
	}
	/** Its name and tolerance, and what of this shop makes it; each way that does not serve with its reason. */
	let { desk, entry, chain, way, dresser }: Props = $props();
	const facts = $derived(desk.facts);
	const ohm = $derived((entry.result.values as { rimResistanceOhm?: number }).rimResistanceOhm ?? null);
	const ways = $derived(
		FORMING_METHOD_NAMES.map((w) => ({
			w,
			not: whyNotMethod(facts, w, ohm) ?? (chain ? cannotMake(chain, w) : null)
		}))
	);
	const out = $derived(ways.filter((o) => o.not));
	const codes = $derived(dressersForMethod(facts, way, String(entry.typed.name ?? '')));
	function says(d: DresserFacts): string {
		const why = whyNotDresser(facts, d, ohm);
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
			return `tip ${quantity(d.tipRadiusUm, 'um', facts.units)}${d.tipAngleDeg ? `, ${d.tipAngleDeg}°` : ''}`;
		return d.wireMm ? `wire ${quantity(d.wireMm, 'mm', facts.units)}` : '';
	}
</script>

<div class="grid">
	<TextField {entry} name="name" />
	<QuantityField {entry} name="toleranceUm" />
	<QuantityField {entry} name="mayLeaveUm" />
	{#if facts.wheel?.bondFamily === 'hybrid'}<QuantityField {entry} name="rimResistanceOhm" />{/if}
</div>
<PickOne
	legend="Made by"
	options={ways.filter((o) => !o.not).map(({ w }) => ({ id: w, text: FORMING_METHODS[w].words }))}
	picked={way}
	field="way"
	onpick={(w) => {
		entry.set('way', w);
		entry.set('dresserCode', '');
	}}
/>
{#if entry.faultAt('way')}<p class="fault">{entry.faultAt('way')}</p>{/if}
{#if codes.length}<PickOne
		legend="Dresser"
		options={codes.map((d) => ({
			id: d.code,
			text: d.code,
			note: says(d),
			disabled: whyNotDresser(facts, d, ohm) !== null
		}))}
		picked={dresser?.code ?? null}
		field="dresserCode"
		onpick={(code) => entry.set('dresserCode', code)}
	/>{/if}
{#if out.length}<details>
		<summary>{out.length} ways do not serve here</summary>
		<ul>
			{#each out as { w, not } (w)}<li><b>{FORMING_METHODS[w].words}</b> {not}</li>{/each}
		</ul>
	</details>{/if}

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
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
