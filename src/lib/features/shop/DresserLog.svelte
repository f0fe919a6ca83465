<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { resolve } from '$app/paths';
	import { invalidateAll } from '$app/navigation';
	import type { Reason } from '$core/calculation/verdict';
	import { readFlat } from '$core/dress/stand-ins/diamond-flat';
	import { FLAT_FIELDS } from '$core/shop/dresser';
	import FlatLine from '$lib/drawing/FlatLine.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';

	interface Props {
		code: string;
		log: {
			turned: boolean;
			flats: readonly { id: number; removedCm3: number; flatWidthUm: number; by: string; at: Date }[];
			uses: readonly { setupId: number; part: string; machine: string; at: Date }[];
			wear: {
				recommendedCarat: number;
				wear: { slopeUmPerCm3: number | null; remainingCm3: number | null; dressesLeft: number | null };
				reasons: readonly Reason[];
			} | null;
		};
		mayWrite: boolean;
	}
	/** The life of a dresser: its flat as it was measured, how fast it grows, the dresses left, and where it was used. */
	let { code, log, mayWrite }: Props = $props();
	const { q } = useUnits();
	const entry = new Entry({ fields: FLAT_FIELDS, key: `flat-${code}`.slice(0, 80) });
	const sender = new Sender();
	const LIMIT_UM = 500;
	const wear = $derived(log.wear?.wear ?? null);
	/** The microscope of the trainer: a flat that grows with what was cut away. */
	function look() {
		const removedCm3 = entry.result.values.removedCm3;
		if (removedCm3 !== undefined && removedCm3 !== null)
			entry.set(
				'flatWidthUm',
				String(readFlat({ growthUmPerCm3: 12, removedCm3, seed: log.flats.length + 1 }))
			);
	}
	async function add() {
		if (!(await sender.submitEntry(`/api/shop/dressers/${encodeURIComponent(code)}/flats`, entry))) return;
		entry.fill({});
		await entry.recorded();
		await invalidateAll();
	}
</script>

{#if log.turned}<section class="sheet" aria-label="Flat of the diamond">
		<h2>Flat of the diamond</h2>
		<div class="cols">
			<div>
				<p class="lab">Dresses left</p>
				<p class="num huge">{wear?.dressesLeft ?? '-'}</p>
				<p class="quiet">
					{wear?.slopeUmPerCm3
						? `grows ${q(wear.slopeUmPerCm3, 'um')} a cm³ of wheel; worn out at ${q(LIMIT_UM, 'um')}`
						: 'two readings tell how fast it grows'}
				</p>
				{#if log.wear}<Reasons reasons={log.wear.reasons} most={3} />{/if}
				{#if mayWrite}{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
					<div class="form">
						{#each FLAT_FIELDS as field (field.name)}<FieldInput {entry} {field} />{/each}
					</div>
					<button class="btn act" onclick={add} disabled={sender.busy}>Keep this flat</button>
					<Simulated><button class="btn" onclick={look}>Microscope stand-in</button></Simulated>{/if}
			</div>
			<FlatLine flats={log.flats} slope={wear?.slopeUmPerCm3 ?? null} limitUm={LIMIT_UM} />
		</div>
	</section>{/if}
<section class="sheet" aria-label="Where it was used">
	<h2>Where it was used</h2>
	<ul>
		{#each log.uses as u (u.setupId)}<li>
				<a href={resolve(`/setups/${u.setupId}`)}>Setup {u.setupId}</a> <span>{u.part}, {u.machine}</span>
			</li>{:else}<li class="quiet">not yet</li>{/each}
	</ul>
</section>

<style>
	section {
		padding: var(--s-12) var(--s-16);
		margin-top: var(--s-16);
	}
	.cols {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-24);
	}
	.form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-14);
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		padding: var(--s-6) 0;
		border-top: 1px solid var(--rule);
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
