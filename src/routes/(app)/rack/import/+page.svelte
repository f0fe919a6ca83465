<script lang="ts">
	import { resolve } from '$app/paths';
	import ColumnMatch from '$lib/features/rack/import/ColumnMatch.svelte';
	import { Importer } from '$lib/features/rack/import/importer.svelte';
	import LinePreview from '$lib/features/rack/import/LinePreview.svelte';
	import Progress from '$lib/ui/feedback/Progress.svelte';

	const it = new Importer();
	let over = $state(false);
	const pick = (files: FileList | null | undefined) => {
		if (files?.[0]) void it.open(files[0]);
	};
</script>

<svelte:head><title>Take in a list - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/rack')}>Rack</a></p>
	<div class="head">
		<h1>Take in a list of wheels</h1>
		<p class="lead">CSV or JSON. All that is chosen goes on the rack, or nothing does.</p>
	</div>
	{#if it.trouble}<p class="fault" role="alert">{it.trouble}</p>{/if}
	{#if it.stage === 'pick'}
		<label
			class="drop sheet"
			class:over
			ondragover={(e) => {
				e.preventDefault();
				over = true;
			}}
			ondragleave={() => (over = false)}
			ondrop={(e) => {
				e.preventDefault();
				over = false;
				pick(e.dataTransfer?.files);
			}}
		>
			<b>Drop a file here, or pick one</b><span class="quiet"
				>First line: headings. Comma, semicolon or tab; sizes in mm, or with their unit. Any common text
				encoding.</span
			>
			<input
				type="file"
				accept=".csv,.txt,.tsv,.json,text/csv,application/json"
				onchange={(e) => {
					pick(e.currentTarget.files);
					e.currentTarget.value = '';
				}}
			/>
		</label>
	{:else if it.stage === 'reading'}<Progress label="Reading {it.name}" />
	{:else if it.stage === 'match'}<ColumnMatch {it} />
	{:else if it.stage === 'judging'}<Progress
			label="Looking at every line"
			done={it.done}
			of={it.count}
			oncancel={() => it.cancel()}
		/>
	{:else if it.stage === 'preview'}<LinePreview {it} />
	{:else if it.stage === 'taking'}<Progress
			label="Putting {it.chosen.length} wheels on the rack"
			done={it.done}
			of={it.chosen.length}
			oncancel={() => it.cancel()}
		/>
	{:else}<p class="big" role="status">
			{it.taken === 1 ? '1 wheel is' : `${it.taken} wheels are`} on the rack.
		</p>
		<p><a class="btn act" href={resolve('/rack')}>To the rack</a></p>{/if}
</main>

<style>
	main {
		display: grid;
		gap: var(--s-12);
	}
	.drop {
		display: grid;
		gap: var(--s-8);
		justify-items: center;
		padding: var(--s-40) var(--s-20);
		border-style: dashed;
		cursor: pointer;
	}
	.over {
		background: var(--act-soft);
	}
	.drop:focus-within {
		outline: 3px solid var(--act);
	}
	.big {
		font: 700 var(--type-figure) var(--text);
	}
	input {
		max-width: 100%;
	}
</style>
