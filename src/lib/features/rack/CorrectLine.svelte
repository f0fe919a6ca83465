<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { CORRECTION_FIELDS } from '$core/shop/ledger';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		number: string;
		/** What stands there now. */
		diameterMm: number;
	}
	/** The last measured line of the book put right by a new one; the old one stays, struck out. */
	let { number, diameterMm }: Props = $props();
	const { q } = useUnits();
	let open = $state(false);
	const entry = new Entry({ fields: CORRECTION_FIELDS, key: `correct-${number}` });
	const sender = new Sender();
	async function correct() {
		if (await sender.submitEntry(`/api/wheels/${encodeURIComponent(number)}/ledger`, entry)) {
			open = false;
			entry.fill({});
			await entry.recorded();
		}
	}
</script>

<button class="link" aria-expanded={open} onclick={() => (open = !open)}
	>{open ? 'Leave it as it is' : `Correct the last diameter, ${q(diameterMm, 'mm')}`}</button
>
{#if open}<div class="form">
		<QuantityField {entry} name="diameterAfterMm" /><TextField {entry} name="reason" /><button
			class="btn act"
			disabled={sender.busy}
			onclick={correct}>Write the correction</button
		>
		{#if sender.trouble && !sender.trouble.field}<p class="fault" role="alert">
				{sender.trouble.message}
			</p>{/if}
	</div>{/if}

<style>
	.link {
		justify-self: start;
	}
	.form {
		display: grid;
		gap: var(--s-6);
		max-width: 420px;
	}
	.form .btn {
		justify-self: start;
	}
</style>
