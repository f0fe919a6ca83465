<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { resolve } from '$app/paths';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import { when } from '$lib/words';
	import TheShop from '$lib/features/shop/TheShop.svelte';
	import { thingInWords } from '$lib/features/shop/thing-words';

	let { data } = $props();
	const { q } = useUnits();
	const own = $derived(Object.values(data.limits).reduce((n, figures) => n + Object.keys(figures).length, 0));
</script>

<svelte:head><title>Shop - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Shop</h1>
		<p class="lead">
			{data.lead
				? 'What every calculation takes as given. Measure before you type.'
				: 'What every calculation takes as given. A lead changes it.'}
		</p>
	</div>
	<div class="cols">
		{#key data.shop.name}<TheShop shop={data.shop} lead={data.lead} />{/key}
		{#each data.kinds as k (k.id)}
			<section class="sheet" aria-label={k.many}>
				<header>
					<h2>{k.many}</h2>
					{#if data.lead}<a class="btn" href={resolve(`/shop/${k.id}/new`)}
							>Add<span class="sr"> {'aeiou'.includes(k.one[0]!) ? 'an' : 'a'} {k.one}</span></a
						>{/if}
				</header>
				<ul>
					{#each k.things.filter((t) => !t.retired) as t (t.id)}<li>
							<a href={resolve(`/shop/${k.id}/${encodeURIComponent(String(t[k.key]))}`)}>{t[k.key]}</a><span
								>{thingInWords(k.id, t)}</span
							>
						</li>{:else}<li>none yet</li>{/each}
				</ul>
				{#if k.things.some((t) => t.retired)}<details>
						<summary>Out of use: {k.things.filter((t) => t.retired).length}</summary>
						<ul>
							{#each k.things.filter((t) => t.retired) as t (t.id)}<li>
									<a href={resolve(`/shop/${k.id}/${encodeURIComponent(String(t[k.key]))}`)}>{t[k.key]}</a
									><span>{thingInWords(k.id, t)}</span>
								</li>{/each}
						</ul>
					</details>{/if}
			</section>
		{/each}
		<section class="sheet" aria-label="Guideline figures">
			<header>
				<h2>Guideline figures</h2>
				<a class="btn" href={resolve('/shop/guidelines')}>Open</a>
			</header>
			<p class="quiet">Base grades, usual grits and what counts when the rack is ranked: {data.tables}.</p>
		</section>
		<section class="sheet" aria-label="Trouble finder">
			<header>
				<h2>Trouble finder</h2>
				<a class="btn" href={resolve('/shop/trouble')}>Open<span class="sr"> points of troubles</span></a>
			</header>
			<p class="quiet">
				What speaks for which trouble: {data.points ? `${data.points} weighed otherwise here` : 'as shipped'}.
			</p>
		</section>
		<section class="sheet" aria-label="Limits and usual values">
			<header>
				<h2>Limits and usual values</h2>
				<a class="btn" href={resolve('/shop/limits')}>Open</a>
			</header>
			<p class="quiet">
				Run-out, play, infeeds, free-running time, vibration: {own
					? `${own} of the shop's own`
					: 'as shipped'}.
			</p>
		</section>
		<section class="sheet" aria-label="Forms">
			<header><h2>Forms</h2></header>
			<ul>
				{#each data.forms as form (form.id)}<li>
						<a href={resolve(`/shop/forms/${encodeURIComponent(form.name)}`)}>{form.name}</a><span
							>version {form.version}, within {q(form.toleranceUm, 'um')}, {form.by}, {when(form.at)}</span
						>
					</li>{:else}<li>none yet: the first one is kept at the station Form</li>{/each}
			</ul>
		</section>
		<section class="sheet" aria-label="Routes">
			<header><h2>Routes</h2></header>
			<ul>
				{#each data.routes as r (r.code)}<li>
						<a href={resolve(`/shop/routes/${r.code}`)}>{r.name}</a><span
							>{r.stations.map((s) => STATION_NAMES[s as StationId]).join(', ')}. {r.why}</span
						>
					</li>{/each}
			</ul>
		</section>
	</div>
</main>

<style>
	.cols {
		columns: 2;
		column-gap: var(--s-16);
	}
	section {
		break-inside: avoid;
		padding: var(--s-10) var(--s-16) var(--s-12);
		margin-bottom: var(--s-16);
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: var(--hit);
	}
	ul {
		list-style: none;
		padding: 0;
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		padding: 0 var(--s-16);
		color: var(--ink2);
	}
	li {
		display: grid;
		grid-template-columns: 110px 1fr;
		gap: var(--s-12);
		padding: var(--s-8) 0;
		border-top: 1px solid var(--rule);
		font-size: var(--type-label);
		align-items: baseline;
	}
	li a {
		font-weight: 650;
		overflow-wrap: anywhere;
	}
	li span {
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.cols {
			columns: 1;
		}
	}
</style>
