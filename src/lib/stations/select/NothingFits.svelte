<script lang="ts">
	import type { Excluded } from '$core/spec/rank-many';
	import { resolve } from '$app/paths';
	import type { SetupFacts } from '$core/facts/setup';
	import type { WheelFacts } from '$core/facts/wheel';
	import { EXCLUSION_WORDS } from '$core/route/stations/select/steps';
	import { WHAT_WOULD } from '$core/spec/nearest-excluded';
	import { orderLine } from '$core/spec/order-line';

	interface Props {
		facts: SetupFacts;
		wanted: string;
		near: readonly Excluded[];
		wheels: ReadonlyMap<string, WheelFacts>;
	}
	/** When nothing fits: the nearest wheels with what would have to change, and a line to order the right one by. */
	let { facts, wanted, near, wheels }: Props = $props();
	const m = $derived(facts.machine);
	let quantity = $state(1);
	const line = $derived(
		orderLine({
			marking: wanted,
			diameterMm: m.maxDiameterMm,
			widthMm: Math.min(m.maxWidthMm, facts.brief.minWidthMm ?? m.maxWidthMm),
			boreMm: facts.mount?.seatMm ?? m.seatMm,
			spindleRpm: m.spindleRpm,
			quantity: Math.max(1, Math.min(99, Math.round(quantity) || 1))
		})
	);
	let copied = $state(false);
	async function copy() {
		try {
			await navigator.clipboard.writeText(line);
			copied = true;
		} catch {
			copied = false;
		}
	}
	const file = $derived(`data:text/plain;charset=utf-8,${encodeURIComponent(`${line}\r\n`)}`);
</script>

<section aria-label="Nothing fits">
	{#if near.length}
		<h3>Nearest of those ruled out</h3>
		<ul>
			{#each near as x (x.id)}<li>
					<b class="num">{x.id}</b> <span class="num">{wheels.get(x.id)?.canonical}</span><span
						>{x.codes
							.map((c) => `${EXCLUSION_WORDS[c] ?? c}: would take ${WHAT_WOULD[c] ?? 'something else'}`)
							.join('; ')}</span
					>
				</li>{/each}
		</ul>
	{/if}
	<p>
		<a class="btn" href={resolve(`/rack/new?setup=${facts.id}`)}>Receive a wheel, then come back here</a>
	</p>
	<h3>Order the right one</h3>
	<!-- The link to the text is a file made here, not a page. -->
	<!-- eslint-disable svelte/no-navigation-without-resolve -->
	<p class="num line">{line}</p>
	<div class="row">
		<label
			>How many <input class="plain-input num" type="number" min="1" max="99" bind:value={quantity} /></label
		><button class="btn" onclick={copy}>{copied ? 'Copied' : 'Copy the line'}</button><a
			class="btn"
			href={file}
			download="order-setup-{facts.id}.txt">Save as text</a
		>
	</div>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-6);
		padding: var(--s-10) 0;
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 60px 170px 1fr;
		gap: var(--s-10);
		padding: var(--s-4) 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--type-label);
	}
	.line {
		font-size: var(--type-head);
		font-weight: 650;
		background: var(--well);
		padding: var(--s-8) var(--s-12);
		max-width: none;
	}
	.row {
		display: flex;
		gap: var(--s-10);
		align-items: end;
		flex-wrap: wrap;
	}
	label {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	input {
		width: 76px;
	}
</style>
