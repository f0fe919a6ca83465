<script lang="ts">
	import { resolve } from '$app/paths';
	import { summaryOf } from '$core/form/profile/chain';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import FormFiles from '$lib/drawing/form/FormFiles.svelte';
	import FactList from '$lib/ui/feedback/FactList.svelte';
	import { when } from '$lib/words';

	let { data } = $props();
	const s = $derived(summaryOf(data.chain));
	const q = (v: number | null) => fineQuantity(v, 'mm', 'mm');
	const here = $derived(`/shop/forms/${encodeURIComponent(data.name)}`);
</script>

<svelte:head><title>{data.name} - Uncinus</title></svelte:head>
<main class="page">
	<h1>{data.name}</h1>
	<p class="lead">
		Version {data.shown.version}, kept by {data.shown.by}, {when(data.shown.at)}; within {quantity(
			data.shown.toleranceUm,
			'um'
		)}.
	</p>
	<div class="cols">
		<div class="sheet box">
			<FormBoard chain={data.chain} units="mm" />
			<FormFiles chain={data.chain} name="{data.name} {data.shown.version}" />
		</div>
		<div>
			<FactList
				facts={[
					['Wide, deep', `${q(s.widthMm)}, ${q(s.depthMm)}`],
					['Along the profile', q(s.lengthMm)],
					['Lines, arcs', `${s.counts.lines}, ${s.counts.arcs}`],
					['Smallest hollow, smallest round', `${q(s.minConcaveRadiusMm)}, ${q(s.minConvexRadiusMm)}`],
					['Steepest flank', `${Number(s.maxFlankDeg.toFixed(2))}°`]
				]}
			/>
			<h2>Versions</h2>
			<ul>
				{#each data.versions as v (v.id)}<li>
						<a
							href={resolve(`${here}?version=${v.version}` as '/')}
							aria-current={v.id === data.shown.id ? 'page' : undefined}>Version {v.version}</a
						>
						<span>{quantity(v.toleranceUm, 'um')}, {v.by}, {when(v.at)}</span>
					</li>{/each}
			</ul>
			<p class="quiet">A form is kept at the station Form of a setup; a change there is a new version.</p>
		</div>
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
		gap: var(--s-24);
		align-items: start;
	}
	.box {
		padding: var(--s-12) var(--s-16);
	}
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-6);
	}
	li span {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	[aria-current] {
		font-weight: 700;
		text-decoration: none;
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
