<script lang="ts">
	import { isWaiting } from '$core/route/waiting-number';
	import { basisText } from '$core/route/basis';
	import type { GateLine } from '$core/route/gate';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import LazyWorking from '$lib/ui/feedback/LazyWorking.svelte';

	interface Props {
		line: GateLine;
		desk: SetupSession;
	}
	let { line, desk }: Props = $props();
	let open = $state(false);
	let reason = $state('');
	let fault = $state('');
	const id = $props.id();
	const record = $derived(
		line.recordId === null ? null : (desk.facts.records.find((r) => r.id === line.recordId) ?? null)
	);
	async function accept() {
		const said = await desk.accept(line.recordId!, reason);
		fault = said?.message ?? '';
		if (!said) reason = '';
	}
</script>

<div class="line {line.state}">
	<VerdictMark state={line.state} />
	<div>
		<div class="t">{line.title}</div>
		<div class="v">{line.value}</div>
		{#if line.basis}<div class="basis {line.basis.kind}">{basisText(line.basis, desk.facts.units)}</div>{/if}
		{#if record && isWaiting(record.id)}<div class="v">waits for the network</div>{/if}
		{#if line.reason}<div class="v">Accepted: {line.reason}</div>{/if}
		{#if line.needsReason}
			<label for="{id}-r" class="quiet">Why may it go on?</label>
			<textarea id="{id}-r" class="plain-input" rows="2" maxlength="500" bind:value={reason}></textarea>
			{#if fault}<div class="fault">{fault}</div>{/if}
			<button class="btn" onclick={accept} disabled={desk.busy}>Go on with this reason</button>
		{/if}
		{#if record}<button class="link" aria-expanded={open} onclick={() => (open = !open)}
				>{open ? 'Hide the working' : 'Show the working'}<span class="sr"> of {line.title}</span></button
			>{/if}
	</div>
	{#if open && record}<div class="sheet-row">
			<LazyWorking
				id={record.calculation}
				input={record.input}
				output={record.output}
				version={isWaiting(record.id)
					? `, waits for the network, by ${record.by}`
					: `, record ${record.id} by ${record.by}`}
				system={desk.facts.units}
			/>
		</div>{/if}
</div>

<style>
	.line {
		border-top: 1px solid var(--rule);
		padding: var(--s-10) 0 var(--s-8);
		display: grid;
		grid-template-columns: 24px 1fr;
		gap: 0 var(--s-8);
	}
	.t {
		font-weight: 600;
	}
	.v {
		font: 500 var(--type-small)/1.35 var(--mono);
		color: var(--ink2);
		overflow-wrap: anywhere;
	}
	.basis {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.not-known {
		font-weight: 600;
	}
	.stop .v {
		color: var(--stop);
		font-family: var(--text);
		font-weight: 600;
		font-size: var(--type-label);
	}
	textarea {
		width: 100%;
		margin: var(--s-4) 0 var(--s-6);
	}
	.fault {
		color: var(--stop);
		font-size: var(--type-small);
		font-weight: 600;
		margin-bottom: var(--s-6);
	}
	.sheet-row {
		grid-column: 1 / -1;
		margin-top: var(--s-6);
	}
</style>
