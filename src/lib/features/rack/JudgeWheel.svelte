<script lang="ts">
	import { text } from '$core/calculation/field';
	import type { WheelFacts } from '$core/facts/wheel';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	interface Props {
		wheel: WheelFacts;
		lead: boolean;
		draft: Record<string, unknown> | null;
	}
	/** Set a wheel aside, or (a lead) clear or scrap it, always with a reason. */
	let { wheel, lead, draft }: Props = $props();
	const entry = new Entry({
		fields: [text('reason', 'For the ledger', { required: true, maxLength: 180, label: 'Reason' })],
		key: `wheel-${wheel.number}`,
		draft
	});
	const sender = new Sender();
	const act = (action: string) =>
		sender.submit(
			`/api/wheels/${encodeURIComponent(wheel.number)}`,
			{ action, reason: String(entry.at('reason') ?? '') },
			entry
		);
</script>

<h3>Change where it stands</h3>
<TextField {entry} name="reason" />
{#if sender.trouble && sender.trouble.field !== 'reason'}<p class="fault" role="alert">
		{sender.trouble.message}
	</p>{/if}
<div class="row">
	{#if wheel.state !== 'quarantined'}<button
			class="btn stop"
			disabled={sender.busy}
			onclick={() => act('quarantine')}>Quarantine</button
		>{/if}
	{#if wheel.keptOn && wheel.heldBy === null}<button
			class="btn"
			disabled={sender.busy}
			onclick={() => act('off-mount')}>Taken off {wheel.keptOn}</button
		>{/if}
	{#if lead && wheel.state === 'quarantined'}<button
			class="btn"
			disabled={sender.busy}
			onclick={() => act('clear')}>Clear for use</button
		>{/if}
	{#if lead}<button class="btn stop" disabled={sender.busy} onclick={() => act('scrap')}>Scrap it</button
		>{/if}
</div>
<p class="quiet">
	{lead
		? 'A wheel set aside is cleared after it was looked over, and rung where it rings, since then. After a burst, a hard crash, too much speed, a fall or a dull ring it never comes back.'
		: 'A lead clears or scraps a wheel.'}
</p>

<style>
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
</style>
