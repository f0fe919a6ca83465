<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Bite {
		index: number;
		flankDeg: number;
		roughBiteUm: number;
		finishBiteUm: number;
		state: string;
		axialShiftUm: number;
	}
	interface Props {
		bites: readonly Bite[];
		units: System;
	}
	/** What each flank gets of a bite straight in, square to itself, and the shift along the axis that would give it the whole. */
	let { bites, units }: Props = $props();
	const um = (v: number) => quantity(v, 'um', units);
	const WORDS: Record<string, string> = {
		none: 'gets nothing',
		dull: 'rubbed dull',
		'partly-dull': 'dull at its end',
		even: ''
	};
	/** The steepest are looked at first; flats get all of it and need no line. */
	const MAX = 8;
	const shown = $derived(
		bites
			.filter((b) => b.flankDeg > 1)
			.sort((a, b) => b.flankDeg - a.flankDeg)
			.slice(0, MAX)
	);
</script>

{#if shown.length}<table>
		<thead
			><tr
				><th scope="col">Segment</th><th scope="col">Steepest</th><th scope="col">Bite, rough and finish</th
				><th scope="col">Shift along</th></tr
			></thead
		>
		<tbody
			>{#each shown as b, at (at)}<tr class:warn={b.state === 'none' || b.state === 'dull'}
					><td class="num">{b.index + 1}</td><td class="num">{Number(b.flankDeg.toFixed(1))}°</td><td
						class="num">{um(b.roughBiteUm)}, {um(b.finishBiteUm)} {WORDS[b.state] ?? ''}</td
					><td class="num">{b.axialShiftUm ? um(b.axialShiftUm) : '-'}</td></tr
				>{/each}</tbody
		>
	</table>{/if}

<style>
	table {
		border-collapse: collapse;
		font-size: var(--type-small);
		width: 100%;
	}
	th {
		text-align: left;
		color: var(--ink2);
		font-weight: 600;
	}
	td,
	th {
		padding: 2px var(--s-10) 2px 0;
	}
	.warn {
		color: var(--caution);
		font-weight: 650;
	}
</style>
