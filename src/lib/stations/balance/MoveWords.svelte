<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import { amountKnown } from '$core/route/stations/balance/conclude';
	import type { Reason } from '$core/calculation/verdict';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import MoveList from './MoveList.svelte';
	import type { Estimate, Move } from './standing';

	interface Props {
		desk: SetupSession;
		estimate: Estimate | null;
		move: Move;
		from: readonly number[];
		title?: string;
		reasons?: readonly Reason[];
	}
	/** Where the weights go in words, or what else would do when they cannot. */
	let { desk, estimate, move, from, title = 'Move the weights', reasons = [] }: Props = $props();
	const q = (v: number) => quantity(v, 'gmm', desk.facts.units);
	const cannot = $derived(move.reasons.some((r) => r.code === 'capacity-exceeded'));
	const unknown = $derived(estimate !== null && !amountKnown(desk.facts, estimate));
	const heavier = $derived(
		((move.placements[0]?.massG ?? 0) * move.bareUnbalanceGmm) /
			Math.max(1e-9, move.bareUnbalanceGmm - move.residualGmm)
	);
</script>

<h2>{title}</h2>
{#if unknown}<p>
		The direction is known, the amount not yet. These places pull aside by a known amount: where it rests then
		tells the rest.
	</p>
{:else if estimate}<p>
		The heavy side is at <b class="num">{figure(estimate.presentHeavyAngleDeg, 'deg')}°</b>, {q(
			estimate.presentUnbalanceGmm
		)} too much. Set these, tighten their screws, roll again.
	</p>{/if}
<MoveList placements={move.placements} {from} />
{#if cannot}<p>
		What would do: weights of at least <b class="num">{quantity(heavier * 1.02, 'g', desk.facts.units)}</b> each;
		or the wheel turned half round on its flange, read again; or trued again.
	</p>{/if}
<Reasons
	reasons={[...move.reasons.filter((r) => r.severity !== 'ok'), ...reasons, ...(estimate?.reasons ?? [])]}
	most={3}
/>

<style>
	h2 {
		font-size: var(--type-head);
	}
	p {
		max-width: 60ch;
	}
</style>
