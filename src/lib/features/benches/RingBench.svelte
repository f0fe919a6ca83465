<script lang="ts">
	import { resolve } from '$app/paths';
	import { onMount, untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { qLimits } from '$core/inspect/ring/listen';
	import { tapWords } from '$core/inspect/ring/tap-words';
	import type { RingContext } from '$core/route/wheel-ring';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';
	import { CORE_VERSION } from '$core/calculations';
	import { Listening } from '$lib/stations/inspect/listening.svelte';
	import RingHeard from '$lib/stations/inspect/RingHeard.svelte';
	import SoundSource from '$lib/stations/inspect/SoundSource.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A ring on its own: record it, load it or make it up, and see what is in it. Nothing is recorded against a wheel. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const ANGLES = [45, 135, 225, 315, 0, 90, 180, 270];
	const FIELDS = c.fields.filter(
		(f) => f.name === 'bond' || f.name === 'expectedFrequencyHz' || f.name === 'minTaps'
	);
	const entry = new Entry({ fields: FIELDS, key: `bench-${c.id}`, draft: untrack(() => draft) });
	const v = $derived(
		entry.result.values as { bond?: string; expectedFrequencyHz?: number; minTaps?: number }
	);
	const settings = $derived({
		bond: v.bond ?? 'vitrified',
		minTaps: v.minTaps ?? 4,
		bandLowHz: 150,
		...qLimits(v.bond ?? 'vitrified'),
		tapAnglesDeg: ANGLES,
		expectedFrequencyHz: v.expectedFrequencyHz ?? null,
		baseline: null
	});
	const context = $derived({
		applicability: 'yes',
		method: 'hang',
		expectedSound: 'clear',
		cannot: null,
		taps: [],
		tapRadiusMm: 0,
		insetMm: 0,
		settings,
		usualHz: null,
		expectedFrom: v.expectedFrequencyHz ? 'own' : null,
		batchGPa: []
	} as RingContext);
	const ears = new Listening(() => settings);
	const words = {
		clear: 'Clear',
		doubtful: 'Doubtful',
		dull: 'Dull',
		'unusable-recording': 'Not to be judged'
	} as const;
	const mark = { clear: 'ok', doubtful: 'caution', dull: 'stop', 'unusable-recording': 'caution' } as const;
	let working = $state(false);
	onMount(() => () => ears.close());
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>{c.title}</h1>
	<p class="lead">{c.about}</p>
</div>
<div class="cols">
	<section class="sheet" aria-label="What goes in">
		<SoundSource {ears} planned={8} frequencyHz={v.expectedFrequencyHz ?? 1060} tapAnglesDeg={ANGLES} />
		<ChoiceField {entry} name="bond" list /><QuantityField {entry} name="expectedFrequencyHz" /><QuantityField
			{entry}
			name="minTaps"
			label="Taps needed"
		/>
		<div class="row">
			<button
				class="btn"
				onclick={() =>
					ears.simulate({
						condition: 'clear',
						seed: 77,
						frequencyHz: v.expectedFrequencyHz ?? 1060,
						tapAnglesDeg: ANGLES
					})}>Fill in an example</button
			>
		</div>
		<p class="quiet">
			Eight taps: four places, then an eighth of a turn and four again. A change here counts for the next
			ring.
		</p>
	</section>
	<section class="sheet" aria-label="Result" aria-live="polite">
		{#if ears.result}
			<p class="verdict {mark[ears.result.ring]}">
				<VerdictMark state={mark[ears.result.ring]} size={26} label="" />{words[ears.result.ring]}
			</p>
			<p>{tapWords(ears.result)}</p>
			<Reasons reasons={ears.result.reasons} most={8} /><RingHeard {ears} result={ears.result} {context} />
			<button class="link" aria-expanded={working} onclick={() => (working = !working)}
				>{working ? 'Hide the working' : 'Show the working'}</button
			>
			{#if working}<WorkingSheet
					calculation={c}
					input={{ ...settings }}
					output={{ ...ears.result }}
					version={CORE_VERSION}
				/>{/if}
			<p class="quiet">It can condemn a wheel; it never releases one.</p>
		{:else}<h2>Waiting for a ring</h2>
			<p>Record one, load a WAV, or let the simulator ring.</p>{/if}
	</section>
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		display: grid;
		grid-template-columns: minmax(320px, 2fr) 3fr;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-12);
		min-width: 0;
	}
	.link {
		justify-self: start;
	}
	.verdict {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		font: 700 var(--type-figure) var(--text);
	}
	.stop {
		color: var(--stop);
	}
	.caution {
		color: var(--caution);
	}
	.ok {
		color: var(--ok);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
