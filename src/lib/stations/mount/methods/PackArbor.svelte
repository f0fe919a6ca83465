<script lang="ts">
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';

	interface Props {
		entry: Entry;
		open: boolean;
	}
	/** The arbor of a pack: asked once, folded away afterwards. */
	let { entry, open }: Props = $props();
</script>

<details {open}>
	<summary>Arbor</summary>
	<div class="arbor">
		<QuantityField {entry} name="arbor.seatDiameterMm" />
		<QuantityField {entry} name="arbor.seatLengthMm" />
		<QuantityField {entry} name="arbor.threadEndMm" />
		<QuantityField {entry} name="arbor.nutThicknessMm" />
		<QuantityField {entry} name="arbor.maxSpeedRpm" label="Arbor, limit" />
	</div>
</details>

<style>
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 30px;
	}
	.arbor {
		display: grid;
		grid-template-columns: repeat(5, 1fr);
		gap: var(--s-4) var(--s-12);
		margin: var(--s-6) 0;
	}
	@media (max-width: 1000px) {
		.arbor {
			grid-template-columns: 1fr;
		}
	}
</style>
