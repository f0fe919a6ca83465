<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { quantity } from '$core/quantity/format';
	import { type PlannedDress, predictDress } from '$core/route/stations/dress/predict-dress';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		leadUm: number;
		depthUm: number;
		sharpness: number;
		dressClass: string;
		dressesLeft: number | null;
		/** Another dress to stand beside this one: as it was recorded last. */
		beside?: PlannedDress | null;
	}
	/** What will come of this dress: finish with its band against the asked, burning with what makes it, and what is left. */
	let { desk, leadUm, depthUm, sharpness, dressClass, dressesLeft, beside = null }: Props = $props();
	const facts = $derived(desk.facts);
	const seen = $derived(predictDress(facts, { leadUm, depthUm, sharpnessIndex: sharpness, dressClass }));
	const fin = $derived(seen?.finish.output ?? null);
	const burn = $derived(seen?.burn.output ?? null);
	const other = $derived(beside ? predictDress(facts, beside) : null);
	const of = (x: NonNullable<ReturnType<typeof predictDress>>) => ({
		...x.finish.output,
		burnIndex: x.burn.output.burnIndex
	});
	const sides = $derived(
		other && seen
			? [
					{ name: 'Set last', ...of(other) },
					{ name: 'This one', ...of(seen) }
				]
			: null
	);
	const um = (v: number) => quantity(v, 'um', facts.units);
	const MEETS: Record<string, string> = {
		yes: 'as asked',
		likely: 'likely as asked',
		unlikely: 'hardly as asked',
		no: 'not as asked'
	};
</script>

<section aria-label="What follows">
	<h3>What follows</h3>
	<div class="row">
		{#if fin}<div>
				<p class="lab">Ra, asked {um(facts.brief.targetRaUm)}</p>
				<p class="num mid" class:bad={fin.meetsTarget === 'no'}>{um(fin.raUm)}</p>
				<p class="quiet">
					{um(fin.lowUm)} to {um(fin.highUm)}, {MEETS[fin.meetsTarget ?? ''] ?? ''}; {seen!.cuts
						? `from ${seen!.cuts} trial cuts`
						: 'no trial cut yet'}
				</p>
			</div>{/if}
		{#if burn}<div>
				<p class="lab">Burning</p>
				<p class="num mid" class:bad={burn.risk === 'burn' || burn.risk === 'high'}>
					{burn.risk === 'unknown' ? '-' : burn.risk}
				</p>
				<p class="quiet">
					{burn.burnIndex === null
						? 'outside of what the model knows'
						: `${burn.burnIndex.toFixed(2)} of its limit: chip ${(burn.specificEnergyJPerMm3 - burn.slidingEnergyJPerMm3).toFixed(0)} and flats ${burn.slidingEnergyJPerMm3.toFixed(0)} against ${burn.thresholdJPerMm3?.toFixed(0)} J/mm³`}{seen!
						.cut.known
						? ''
						: ', at a usual cut'}
				</p>
			</div>{/if}
		{#if dressesLeft !== null}<div>
				<p class="lab">Such dresses left</p>
				<p class="num mid">{dressesLeft}</p>
			</div>{/if}
	</div>
	{#if sides}<Lazy
			load={() => import('$lib/drawing/dress/TwoDresses.svelte')}
			given={{ dresses: sides, targetUm: facts.brief.targetRaUm, units: facts.units }}
		/>{/if}
</section>

<style>
	.row {
		display: flex;
		gap: var(--s-16);
		flex-wrap: wrap;
	}
	.row > div {
		flex: 1 1 132px;
		min-width: 0;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.mid {
		font-size: var(--type-title);
		font-weight: 700;
		line-height: 1.1;
	}
	.bad {
		color: var(--stop);
	}
</style>
