<script lang="ts">
	import { resolve } from '$app/paths';
	import { summaryOf } from '$core/form/profile/chain';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import FormFiles from '$lib/drawing/form/FormFiles.svelte';
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
			<dl>
				<dt>Wide, deep</dt>
				<dd>{q(s.widthMm)}, {q(s.depthMm)}</dd>
				<dt>Along the profile</dt>
				<dd>{q(s.lengthMm)}</dd>
				<dt>Lines, arcs</dt>
				<dd>{s.counts.lines}, {s.counts.arcs}</dd>
				<dt>Smallest hollow, smallest round</dt>
				<dd>{q(s.minConcaveRadiusMm)}, {q(s.minConvexRadiusMm)}</dd>
				<dt>Steepest flank</dt>
				<dd>{Number(s.maxFlankDeg.toFixed(2))}°</dd>
			</dl>
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
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px var(--s-16);
		margin: 0 0 var(--s-16);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		margin: 0;
		font: 600 var(--type-label) var(--mono);
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
