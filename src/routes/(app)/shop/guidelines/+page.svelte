<script lang="ts">
	import { resolve } from '$app/paths';
	import { SHIPPED } from '$core/spec/guidelines';
	import { PARTS } from '$core/spec/rank-score';
	import GradeTable from '$lib/features/shop/GradeTable.svelte';
	import History from '$lib/features/shop/History.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const sender = new Sender();
	const merged = <R extends object>(
		shipped: readonly R[],
		own: readonly R[] | undefined,
		key: keyof R
	): R[] => shipped.map((r) => ({ ...(own?.find((o) => o[key] === r[key]) ?? r) }));
	let materials = $state(merged(SHIPPED.materials, data.now.tables?.materials, 'material'));
	let operations = $state(merged(SHIPPED.operations, data.now.tables?.operations, 'operation'));
	let weights = $state(
		Object.fromEntries(PARTS.map((p) => [p, String((data.now.weights ?? SHIPPED.weights)[p])]))
	);
	let note = $state('');
	const differs = <R extends object>(list: R[], shipped: R[]) =>
		list.filter((r, i) => JSON.stringify(r) !== JSON.stringify(shipped[i]));
	const changed = $derived(
		differs(materials, SHIPPED.materials).length + differs(operations, SHIPPED.operations).length
	);
	const sum = $derived(Object.values(weights).reduce((a, t) => a + Number(t.replace(',', '.')), 0));
	const numbers = () =>
		Object.fromEntries(Object.entries(weights).map(([k, t]) => [k, Number(t.replace(',', '.'))]));
	async function keep(topic: 'recommend' | 'rank', body: object | null) {
		const done = await sender.submit(`/api/guidelines/${topic}`, {
			body,
			note: body === null && !note.trim() ? 'back to the shipped figures' : note,
			basedOn: data.versions[topic]
		});
		if (!done) return;
		note = '';
		if (body === null && topic === 'recommend') {
			materials = merged(SHIPPED.materials, undefined, 'material');
			operations = merged(SHIPPED.operations, undefined, 'operation');
		}
		if (body === null && topic === 'rank')
			weights = Object.fromEntries(PARTS.map((p) => [p, String(SHIPPED.weights[p])]));
	}
</script>

<svelte:head><title>Guideline figures - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/shop')}>Shop</a></p>
	<div class="head">
		<h1>Guideline figures</h1>
		<p class="lead">Shop habit, not a standard. Records keep the figures they were made with.</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	{#if data.lead}<label class="note"
			>Why the figures change <input
				class="plain-input"
				bind:value={note}
				maxlength="200"
				placeholder="what was seen at the machine"
			/></label
		>{/if}
	<section class="sheet" aria-label="Base grades">
		<header>
			<h2>Base grade for each material and operation</h2>
			<span class="quiet"
				>{data.now.tables ? `version ${data.now.tables.version}` : 'as shipped'}; {changed} rows differ from the
				shipped ones</span
			>
		</header>
		<GradeTable bind:materials bind:operations lead={data.lead} />
		{#if data.lead}<div class="row">
				<button
					class="btn act"
					disabled={sender.busy}
					onclick={() =>
						keep('recommend', {
							materials: differs(materials, SHIPPED.materials),
							operations: differs(operations, SHIPPED.operations)
						})}>Keep these figures</button
				><button
					class="btn"
					disabled={sender.busy || !data.now.tables}
					onclick={() => keep('recommend', null)}>Back to the shipped ones</button
				>
			</div>{/if}
	</section>
	<section class="sheet" aria-label="Score weights">
		<header>
			<h2>What counts when the rack is ranked</h2>
			<span class="quiet"
				>{data.now.weights ? `version ${data.now.weightsVersion}` : 'as shipped'}; together
				<b class="num" class:fault={Math.abs(sum - 1) > 1e-6}>{sum.toFixed(2)}</b>, must be 1</span
			>
		</header>
		<div class="weights">
			{#each PARTS as p (p)}<label
					>{p}<input
						class="plain-input num"
						bind:value={weights[p]}
						disabled={!data.lead}
						inputmode="decimal"
						maxlength="8"
					/></label
				>{/each}
		</div>
		{#if data.lead}<div class="row">
				<button class="btn act" disabled={sender.busy} onclick={() => keep('rank', numbers())}
					>Keep these weights</button
				><button class="btn" disabled={sender.busy || !data.now.weights} onclick={() => keep('rank', null)}
					>Back to the shipped weights</button
				>
			</div>{/if}
	</section>
	<History
		versions={data.history.map((h) => ({
			...h,
			name: `${h.topic === 'rank' ? 'Weights' : 'Grades'}, version ${h.version}`,
			text: `${h.shipped ? 'back to the shipped ones. ' : ''}${h.note}`
		}))}
	/>
</main>

<style>
	main {
		display: grid;
		gap: var(--s-14);
		grid-template-columns: minmax(0, 1fr);
	}
	section {
		min-width: 0;
		padding: var(--s-12) var(--s-16) var(--s-14);
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: var(--s-10);
	}
	header {
		display: flex;
		gap: var(--s-16);
		align-items: baseline;
		flex-wrap: wrap;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-10);
	}
	.note {
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
		max-width: 620px;
	}
	.weights {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
		gap: var(--s-10);
	}
	.weights label {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		font-size: var(--type-small);
		color: var(--ink2);
	}
</style>
