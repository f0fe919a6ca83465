<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { qLimits } from '$core/inspect/ring/listen';
	import { tapWords } from '$core/inspect/ring/tap-words';
	import type { RingContext } from '$core/route/wheel-ring';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import BenchPage from './BenchPage.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictLine from '$lib/ui/feedback/VerdictLine.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
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
	onMount(() => () => ears.close());
</script>

<BenchPage title={c.title} lead={c.about} columns="minmax(320px, 2fr) 3fr">
	{#snippet left()}
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
	{/snippet}
	{#snippet right()}
		{#if ears.result}
			<VerdictLine verdict={mark[ears.result.ring]} word={words[ears.result.ring]} />
			<p>{tapWords(ears.result)}</p>
			<Reasons reasons={ears.result.reasons} most={8} /><RingHeard {ears} result={ears.result} {context} />
			<ShowWorking computed={[{ calculation: c.id, input: settings, output: ears.result }]} system="mm" />
			<p class="quiet">It can condemn a wheel; it never releases one.</p>
		{:else}<h2>Waiting for a ring</h2>
			<p>Record one, load a WAV, or let the simulator ring.</p>{/if}
	{/snippet}
</BenchPage>
