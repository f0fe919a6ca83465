<script lang="ts">
	import { onMount } from 'svelte';
	import DoorSheet from '$lib/features/people/DoorSheet.svelte';
	import PinInput from '$lib/features/people/PinInput.svelte';
	let { form } = $props();
	/** As this browser has it: most likely it stands in the shop. */
	let zone = $state('UTC');
	let zones = $state<string[]>([]);
	onMount(() => {
		zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
		zones = Intl.supportedValuesOf('timeZone');
	});
	const says = (field: string) => (form?.field === field ? form.message : '');
</script>

<svelte:head><title>First start - Uncinus</title></svelte:head>
<DoorSheet title="This shop has nobody yet" action="Open the shop">
	<p class="quiet">
		You become its first lead: you add the others, the machines and the wheels. The code was printed where the
		server was started; it serves once.
	</p>
	<PinInput
		name="code"
		label="Code from the window of the server"
		fault={says('code')}
		autocomplete="one-time-code"
		shown
	/>
	<div class="field">
		<label for="shop">Name of the shop</label>
		<input
			id="shop"
			name="shop"
			class="plain-input"
			autocomplete="organization"
			value={form?.shop ?? ''}
			maxlength="60"
			aria-invalid={says('shop') ? 'true' : undefined}
			aria-describedby="shop-fault"
		/>
		<p id="shop-fault" class="fault" role={says('shop') ? 'alert' : undefined}>{says('shop')}</p>
	</div>
	<fieldset>
		<legend>Numbers in</legend>
		{#each [['mm', 'millimetres'], ['inch', 'inches']] as const as [value, words] (value)}<label class="unit"
				><input type="radio" name="units" {value} checked={(form?.units ?? 'mm') === value} />{words}</label
			>{/each}
	</fieldset>
	<div class="field">
		<label for="zone">Time zone of the shop</label>
		<input
			id="zone"
			name="timeZone"
			class="plain-input"
			value={form?.timeZone ?? zone}
			list="zones"
			maxlength="64"
			aria-invalid={says('timeZone') ? 'true' : undefined}
			aria-describedby="zone-fault"
		/>
		<datalist id="zones"
			>{#each zones as z (z)}<option value={z}></option>{/each}</datalist
		>
		<p id="zone-fault" class="fault" role={says('timeZone') ? 'alert' : undefined}>{says('timeZone')}</p>
	</div>
	<div class="field">
		<label for="name">Your name</label>
		<input
			id="name"
			name="name"
			class="plain-input"
			autocomplete="name"
			value={form?.name ?? ''}
			maxlength="60"
			aria-invalid={says('name') ? 'true' : undefined}
			aria-describedby="name-fault"
		/>
		<p id="name-fault" class="fault" role={says('name') ? 'alert' : undefined}>{says('name')}</p>
	</div>
	<PinInput name="pin" label="A PIN of six digits or more" fault={says('pin')} />
	<PinInput name="again" label="The PIN once more" fault={says('again')} />
	{#if form && !form.field}<p class="fault" role="alert">{form.message}</p>{/if}
</DoorSheet>

<style>
	fieldset {
		border: 0;
		padding: 0;
		display: flex;
		gap: var(--s-16);
	}
	.unit {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		min-height: var(--hit);
	}
	.unit input {
		width: 20px;
		height: 20px;
		accent-color: var(--act);
	}
	.field {
		display: grid;
		gap: var(--s-4);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
	}
</style>
