<script lang="ts">
	import Face from './Face.svelte';
	import { polar } from './polar';

	interface Props {
		places: readonly number[];
		radius: number;
		diameter: number;
		at: number | null;
		states: readonly ('clear' | 'doubtful' | 'dull' | '')[];
		held: string;
		onpick?: (i: number) => void;
	}
	/** The face of a wheel as it hangs, with the places to tap in their order; a place is told by shape and word as well as by colour. */
	let { places, radius, diameter, at, states, held, onpick }: Props = $props();
	const R = $derived((184 * radius) / (diameter / 2));
	const fill: Record<string, string> = {
		clear: 'var(--ok)',
		doubtful: 'var(--caution)',
		dull: 'var(--stop)'
	};
	const words = $derived(
		`Tap places, clockwise from the mark: ${places.map((a, i) => `${i + 1} at ${a} degrees, ${states[i] || 'open'}`).join('; ')}`
	);
	const octagon = (x: number, y: number, r: number) =>
		Array.from({ length: 8 }, (_, k) => polar(x, y, r, 22.5 + 45 * k).join(',')).join(' ');
</script>

<Face label={words} size={400} bore={58} flange={0} numbers={false}>
	{#snippet over(c)}
		<text x={c} y={c + 5} text-anchor="middle" class="pin">{held}</text>
		{#each places as a, i (i)}
			{@const [x, y] = polar(c, c, R, a)}
			<g role="presentation" onclick={() => onpick?.(i)} style={onpick ? 'cursor:pointer' : ''}>
				{#if i === at}<circle cx={x} cy={y} r="23" fill="none" stroke="var(--act)" stroke-width="3" />{/if}
				{#if states[i] === 'dull'}<polygon
						points={octagon(x, y, 18)}
						fill="var(--stop)"
						stroke="var(--wheel-ink)"
					/>
				{:else if states[i] === 'doubtful'}<path
						d="M{x} {y - 20}l19 33h-38z"
						fill="var(--caution)"
						stroke="var(--wheel-ink)"
					/>
				{:else}<circle
						cx={x}
						cy={y}
						r="16"
						fill={fill[states[i] ?? ''] ?? 'var(--sheet)'}
						stroke="var(--wheel-ink)"
					/>{/if}
				<text {x} y={y + 5} text-anchor="middle" class="n" fill={states[i] ? 'var(--sheet)' : 'var(--ink)'}
					>{i + 1}</text
				>
			</g>
		{/each}
	{/snippet}
</Face>

<style>
	.pin {
		font: 500 13px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 700 15px var(--text);
		pointer-events: none;
	}
</style>
