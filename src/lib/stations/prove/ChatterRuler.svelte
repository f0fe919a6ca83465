<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import { chatterPitch } from '$core/prove/chatter-pitch';
	import MarksRuler from '$lib/drawing/prove/MarksRuler.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import OutOfChatter from './OutOfChatter.svelte';

	interface Props {
		desk: SetupSession;
		/** Whether the marks come once a turn of the wheel or a whole part of it. */
		onfound: (atWheel: boolean) => void;
	}
	/** Marks counted on the work: their pitch names a frequency, the frequency names the culprit. */
	let { desk, onfound }: Props = $props();
	const facts = $derived(desk.facts);
	const ASKED = ['markedLengthMm', 'markCount', 'workSpeedMPerMin', 'wheelRpm', 'rollRpm', 'workRpm'];
	const fields = chatterPitch.fields.filter((x) => ASKED.includes(x.name));
	/** What the dressing roll turned at the last dress, where one is used. */
	const roll = untrack(
		() => desk.facts.records.findLast((r) => typeof r.output.rollSpeedRpm === 'number')?.output.rollSpeedRpm
	);
	const entry = new Entry({
		fields,
		system: untrack(() => desk.facts.units),
		start: untrack(() => ({
			wheelRpm: facts.machine.spindleRpm,
			workSpeedMPerMin: facts.brief.workSpeedMps === null ? undefined : 60 * facts.brief.workSpeedMps,
			rollRpm: roll
		}))
	});
	const WORDS = {
		'wheel-rpm': 'once a turn of the wheel',
		'wheel-harmonic': 'a multiple of the wheel',
		'roll-lobes': 'lobes left by the roll',
		'roll-beat': 'the beat of the roll',
		'work-rpm': 'once a turn of the work',
		known: 'something else that hums'
	} as const;
	/** What would prove it. */
	const TEST = {
		'wheel-rpm': 'Change the rpm: the pitch follows. Then balance and true.',
		'wheel-harmonic': 'Change the rpm: the pitch follows. Look for a wheel out of round.',
		'roll-lobes': 'Dress at another ratio: the marks change or go.',
		'roll-beat': 'Dress once more with the roll off a whole ratio: the marks go.',
		'work-rpm': 'Change the work’s rpm: the pitch follows it.',
		known: 'Switch it off for one pass, guard shut.'
	} as const;
	const answer = $derived(
		attempt(() => chatterPitch.run({ workSpeedMPerMin: null, wheelRpm: null, ...entry.result.values }))
	);
	const out = $derived(entry.result.fault ? null : answer.output);
	const atWheel = $derived(out?.likely === 'wheel-rpm' || out?.likely === 'wheel-harmonic');
</script>

<section aria-label="Chatter ruler">
	<p class="quiet">
		Wheel stopped, guard open only then. Count over ten marks or more; one alone is 10 % wrong.
	</p>
	<div class="grid">
		{#each fields as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
	</div>
	{#if out}
		<MarksRuler
			pitchMm={out.pitchMm}
			frequencyHz={out.frequencyHz}
			sources={out.candidates.map((c) => ({
				words: c.name ?? `${WORDS[c.code]}${c.order > 1 ? `, ${c.order} times` : ''}`,
				frequencyHz: c.frequencyHz,
				likely: c.likely
			}))}
		/>
		{#if out.likely}<p role="status" aria-label="Likely from">
				Likely <b
					>{out.likelyName ?? WORDS[out.likely]}{out.likelyOrder! > 1 ? `, ${out.likelyOrder} times` : ''}</b
				>.
				{TEST[out.likely]}
			</p>
			<button class="btn" type="button" onclick={() => onfound(atWheel)}>Take it into what is known</button
			>{/if}
		<Reasons reasons={out.reasons} />
		<Fold title="A speed at which it dies out"
			>{#key out.frequencyHz}<OutOfChatter
					{desk}
					chatterHz={out.frequencyHz}
					wheelRpm={entry.result.values.wheelRpm ?? facts.machine.spindleRpm}
					workRpm={entry.result.values.workRpm ?? null}
				/>{/key}</Fold
		>
	{/if}
</section>

<style>
	section {
		border: 1px solid var(--rule);
		padding: var(--s-10) var(--s-12);
		display: grid;
		gap: var(--s-8);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
		gap: var(--s-8) var(--s-12);
	}
	.btn {
		justify-self: start;
	}
</style>
