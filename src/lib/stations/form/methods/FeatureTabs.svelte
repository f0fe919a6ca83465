<script lang="ts">
	import { lineOf } from '$core/route/decision';
	import type { Feature } from '$core/route/stations/form/features';
	import { featureWords } from '$core/route/stations/form/features';
	import { fineQuantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		features: readonly Feature[];
		picked: number;
		onpick: (index: number) => void;
	}
	/** Which flank or arc the fixture is being set for; a tick where it is done. */
	let { desk, features, picked, onpick }: Props = $props();
	const done = (f: Feature) => lineOf(desk.decision, 'form', `set-${f.index}`)?.state === 'ok';
</script>

{#if features.length > 1}<div class="row" role="group" aria-label="Set for">
		{#each features as f (f.index)}<button
				class="btn"
				class:on={f.index === picked}
				aria-pressed={f.index === picked}
				onclick={() => onpick(f.index)}
				>{featureWords(f, (mm) => fineQuantity(mm, 'mm', desk.facts.units))}{f.count > 1
					? `, ${f.count} alike`
					: ''}{done(f) ? ' ✓' : ''}</button
			>{/each}
	</div>{/if}

<style>
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		margin-bottom: var(--s-8);
	}
	.row .btn {
		font-size: var(--type-small);
	}
</style>
