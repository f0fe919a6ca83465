<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { dresserWords } from '$core/shop/dresser';
	import FactList from '$lib/ui/feedback/FactList.svelte';
	import type { RecordContext } from '$core/route/record-context';

	interface Props {
		then: RecordContext;
	}
	/** Wheel, mount, machine and dresser as they were when a record was made, whatever became of them since. */
	let { then }: Props = $props();
	const { q } = useUnits();
	const wheels = $derived([then.wheel, ...then.others].filter((w) => w !== null));
	const size = (w: (typeof wheels)[number]) =>
		`${w.number} ${w.canonical}, ${q(w.diameterMm, 'mm')} × ${q(w.widthMm, 'mm')} × ${q(w.boreMm, 'mm')}, never over ${shownLimit(limitRpm(w) ?? 0)} rpm`;
</script>

<section aria-labelledby="as-it-was">
	<h2 id="as-it-was">As it was then</h2>
	<FactList
		facts={[
			...wheels.map((w) => ['Wheel', size(w)] as const),
			[
				'Machine',
				`${then.machine.code} ${then.machine.name}, ${q(then.machine.spindleRpm, 'rpm')}, seat ${q(then.machine.seatMm, 'mm')}`
			],
			then.mount && [
				'Mount',
				`${then.mount.code}, flange ⌀ ${q(then.mount.flangeMm, 'mm')}, seat ${q(then.mount.seatMm, 'mm')}`
			],
			then.dresser && [
				'Dresser',
				`${then.dresser.code}, ${dresserWords(then.dresser.kind)}${then.dresser.dressesSinceTurn === undefined ? '' : `, ${then.dresser.dressesSinceTurn} ${then.dresser.dressesSinceTurn === 1 ? 'dress' : 'dresses'} before`}`
			]
		]}
	/>
</section>

<style>
	h2 {
		margin: 0 0 var(--s-4);
		font-size: var(--type-label);
	}
</style>
