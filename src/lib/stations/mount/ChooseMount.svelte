<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { chooseStep, mountsFor } from '$core/route/stations/mount/choose';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Which mount carries the wheel; another one, with the reason. */
	let { desk, ondone }: Props = $props();
	const id = $props.id();
	const facts = $derived(desk.facts);
	const others = $derived(mountsFor(facts).filter((m) => m.id !== facts.mount?.id));
	const entry = stepEntry(desk, chooseStep, { anew: true });
	const p = $derived(preview(chooseStep, facts, entry));
	const words = (m: (typeof others)[number]) =>
		`${m.code}, seat ${quantity(m.seatMm, 'mm', facts.units)}, flange ⌀ ${quantity(m.flangeMm, 'mm', facts.units)}`;
	async function choose() {
		if (await desk.record('mount', 'choose', entry)) ondone();
	}
</script>

<details>
	<summary
		>{facts.mount ? `On mount ${words(facts.mount)}` : 'This machine has no mount on record'}{others.length
			? '; take another'
			: ''}</summary
	>
	{#if others.length}<div class="row">
			<label for={id}
				>Mount
				<select
					{id}
					class="plain-input"
					data-field="mountCode"
					bind:value={() => String(entry.at('mountCode') ?? ''), (v) => entry.set('mountCode', v)}
					><option value="">pick one</option>{#each others as m (m.id)}<option value={m.code}
							>{words(m)}</option
						>{/each}</select
				></label
			>
			<div class="why"><TextField {entry} name="reason" label="Why another one" /></div>
			<button class="btn" onclick={choose} disabled={desk.busy}>Put it on this one</button>
		</div>
		{#if p.main}<Reasons reasons={p.main.reasons} />{/if}
		<p class="quiet">What was measured and tightened on the one before has to be done again.</p>
	{:else}<p class="quiet">
			No other mount of the shop has a seat for this bore. A lead enters one under Shop.
		</p>{/if}
</details>

<style>
	summary {
		cursor: pointer;
		color: var(--ink2);
		min-height: 30px;
		font-size: var(--type-small);
	}
	.row {
		display: flex;
		gap: var(--s-12);
		flex-wrap: wrap;
		align-items: end;
		margin: var(--s-6) 0;
	}
	label {
		display: grid;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.why {
		flex: 1 1 220px;
	}
</style>
