<script lang="ts">
	import { figure } from '$core/quantity/format';
	import { oddReading } from '$core/true/odd-reading';
	import { anglesOf } from '$core/route/stations/true/readings';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import { filledOf, placesOf, turnedOf } from './runout-view';

	interface Props {
		entry: Entry;
	}
	/** A reading that does not go with the others is asked about: read it again, or say that it is right. It is never dropped. */
	let { entry }: Props = $props();
	const readingsUm = $derived(entry.result.values.readingsUm as number[] | undefined);
	const how = $derived({
		wheelTurned: turnedOf(entry),
		startAngleDeg: Number(entry.result.values.startAngleDeg ?? 0)
	});
	const full = $derived(filledOf(entry) === placesOf(entry) && readingsUm?.length === placesOf(entry));
	const odd = $derived(full ? oddReading(readingsUm!, anglesOf(how, readingsUm!.length)) : null);
	const at = $derived(odd ? Math.round((anglesOf(how, readingsUm!.length)[odd.index]! + 720) % 360) : 0);
</script>

{#if odd}<div class="odd" role="alert">
		<p>
			<b>{figure(odd.readUm, 'um', entry.system)} at {at}°</b> does not go with the others; they say about {figure(
				odd.expectedUm,
				'um',
				entry.system
			)}. Read it again there, or:
		</p>
		<YesNo {entry} name="oddKept" />
	</div>{/if}

<style>
	.odd {
		border-left: 4px solid var(--caution);
		background: var(--caution-soft);
		padding: var(--s-6) var(--s-10);
		font-size: var(--type-small);
		margin-bottom: var(--s-6);
	}
</style>
