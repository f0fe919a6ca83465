<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import type { ExtraCheck } from '$core/route/templates';
	import type { StationId } from '$core/route/station-names';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		station: StationId;
		checks: readonly ExtraCheck[];
	}
	/** The checks this shop has added to a station, answered here. */
	let { desk, station, checks }: Props = $props();
	const e = $derived(Evidence.of(desk.facts));
	let typed = $state<Record<string, string>>({});
	const book = (c: ExtraCheck, values: object) =>
		desk.record(station, 'check', null, { checkId: c.id, ...values });
	const number = (t: string | undefined) => {
		const n = Number(
			String(t ?? '')
				.trim()
				.replace(',', '.')
		);
		return String(t ?? '').trim() !== '' && Number.isFinite(n) ? n : null;
	};
</script>

<section aria-label="Checks of this shop">
	{#each checks as c (c.id)}
		{@const r = e.keyed({ station, step: 'check' }, c.id)}
		<div>
			<b>{c.text}</b>
			{#if c.kind === 'yes'}<button
					class="btn"
					class:on={r?.entered.yes === true}
					aria-label="{c.text}: yes"
					onclick={() => book(c, { yes: true })}
					disabled={desk.busy}>Yes</button
				><button
					class="btn"
					class:on={r?.entered.yes === false}
					aria-label="{c.text}: no"
					onclick={() => book(c, { yes: false })}
					disabled={desk.busy}>No</button
				>
			{:else}<input
					class="plain-input num"
					aria-label={c.text}
					placeholder="{c.unit}, at most {c.atMost}"
					bind:value={() => typed[c.id] ?? String(r?.entered.value ?? ''), (v) => (typed[c.id] = v)}
					maxlength="16"
				/><button
					class="btn"
					onclick={() => book(c, { value: number(typed[c.id]) })}
					disabled={desk.busy || number(typed[c.id]) === null}>Book it</button
				>{/if}
		</div>
	{/each}
</section>

<style>
	section {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-8) var(--s-20);
		background: var(--well);
		border-left: 3px solid var(--act);
		padding: var(--s-8) var(--s-12);
		margin-bottom: var(--s-10);
	}
	div {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		flex-wrap: wrap;
	}
	input {
		width: 150px;
	}
</style>
