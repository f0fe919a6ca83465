<script lang="ts">
	import { resolve } from '$app/paths';
	import { invalidateAll } from '$app/navigation';
	import { tryOrNull } from '$core/calculation/attempt';
	import { completed } from '$core/calculation/complete';
	import { inShop } from '$core/calculation/limits';
	import { MORNING_FIELDS, morningOf } from '$core/route/morning';
	import ItemRow from '$lib/features/morning/ItemRow.svelte';
	import JobStops from '$lib/features/morning/JobStops.svelte';
	import MayStart from '$lib/features/morning/MayStart.svelte';
	import { ITEMS, isWanting, protects, remembered, startOf } from '$lib/features/morning/items';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import { when } from '$lib/words';

	let { data } = $props();
	const { system } = useUnits();
	const fields = inShop(MORNING_FIELDS, data.limits);
	const entry = new Entry({
		fields,
		key: `morning-${data.machine.code}`,
		draft: data.draft,
		system: system(),
		start: { shift: data.shift, ...startOf(data.machine), ...remembered(data.last) }
	});
	const sender = new Sender();
	const v = $derived(entry.result.values);
	const done = $derived(
		tryOrNull(() =>
			morningOf({ guidelines: { limits: data.limits } }, completed(fields, entry.result.values))
		)
	);
	const out = $derived(done?.main.output ?? null);
	const left = $derived((v.notOnMachine ?? []) as readonly string[]);
	const dry = $derived(v.dry === true);
	const shown = $derived(ITEMS.filter((i) => !left.includes(i.name) && !(dry && i.wet)));
	const stateOf = (name: string) => out?.items.find((i) => i.name === name) ?? null;
	const open = $derived(shown.filter((i) => stateOf(i.name)?.state !== 'pass'));
	/** What protects people was found wanting, not only not looked at yet. */
	const bad = $derived(open.some((i) => protects(stateOf(i.name)) && isWanting(stateOf(i.name))));
	const todays = $derived(data.newest?.day === data.today ? data.newest : null);
	const has = (name: string, on: boolean) =>
		entry.set('notOnMachine', on ? left.filter((n) => n !== name) : [...left, name]);
	async function save() {
		const kept = await sender.submitEntry(`/api/morning/${encodeURIComponent(data.machine.code)}`, entry, {});
		if (kept) await invalidateAll();
	}
	const more = fields.filter((x) => 'advanced' in x && x.advanced);
</script>

<svelte:head><title>Morning sheet {data.machine.code} - Uncinus</title></svelte:head>
<main class="page">
	<p class="back"><a href={resolve('/')}>Floor</a></p>
	<header>
		<h1>Morning sheet, {data.machine.code}</h1>
		<p class="lead">
			{data.machine.name}. {todays
				? `Filled in at ${when(todays.atMs)} by ${todays.by}, ${todays.shift} shift${todays.mayStart ? '' : ': it does not start'}.`
				: 'Not filled in today.'}
		</p>
		<div class="day">
			<ChoiceField {entry} name="shift" />
			<label class="dry"
				><input
					type="checkbox"
					checked={dry}
					onchange={(e) => entry.set('dry', e.currentTarget.checked)}
				/>Ground dry today</label
			>
		</div>
	</header>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="sheet">
		<div class="cols">
			<div class="items">
				{#each shown as item (item.name)}<ItemRow
						{entry}
						{item}
						state={stateOf(item.name)}
						onnone={() => has(item.name, false)}
					/>{/each}
			</div>
			<div class="side">
				<MayStart {open} {stateOf} {bad} />
				{#if !left.includes('tableStops')}<JobStops checks={v.checks} {out} />{/if}
				{#if left.length}<p class="quiet none">
						Not on this machine:
						{#each ITEMS.filter((i) => left.includes(i.name)) as i (i.name)}<button
								class="link"
								onclick={() => has(i.name, true)}>{i.title}</button
							>{/each}
					</p>{/if}
				<details open={more.some((f) => entry.faultAt(f.name))}>
					<summary>Limits of this machine</summary>
					<div class="grid">
						{#each more as field (field.name)}{#if field.kind === 'number'}<QuantityField
									{entry}
									name={field.name}
								/>{:else}<FieldInput {entry} {field} />{/if}{/each}
					</div>
				</details>
			</div>
		</div>
		<p class="quiet">
			The machine's own instructions and local rules come first; who is not trained on it does not start it.
		</p>
		<ActionBar
			label={bad
				? 'Keep it: do not start'
				: open.length
					? 'Keep it with what is open'
					: 'Keep it, start the day'}
			onact={save}
			busy={sender.busy}
			stop={bad}
			>{#snippet aside()}<ShowWorking
					computed={done ? [done.main] : []}
					system={system()}
				/>{/snippet}</ActionBar
		>
	</div>
</main>

<style>
	header {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: end;
	}
	header h1,
	header .lead {
		grid-column: 1;
	}
	.day {
		grid-column: 2;
		grid-row: 1 / span 2;
		display: flex;
		gap: var(--s-20);
		align-items: end;
	}
	.sheet {
		padding: var(--s-8) var(--s-20) 0;
		margin-top: var(--s-8);
	}
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
		gap: var(--s-24);
		align-items: start;
	}
	.items {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 0 var(--s-24);
		align-items: stretch;
	}
	.items > :global(:last-child) {
		grid-column: 1 / -1;
	}
	.side {
		display: grid;
		gap: var(--s-8);
		position: sticky;
		top: var(--s-8);
	}
	.none {
		display: flex;
		flex-wrap: wrap;
		gap: 0 var(--s-12);
		align-items: center;
	}
	.dry {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		min-height: 44px;
	}
	.dry input {
		width: 22px;
		height: 22px;
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-12);
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 44px;
		padding-top: var(--s-10);
	}
	@media (max-width: 900px) {
		.cols,
		.items {
			grid-template-columns: 1fr;
		}
		.side {
			position: static;
		}
	}
</style>
