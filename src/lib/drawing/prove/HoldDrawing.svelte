<script lang="ts">
	interface Props {
		method: 'magnet' | 'vise' | 'centres';
		heightMm: number | null;
		lengthMm: number | null;
		stopMm: number;
		blocking: 'none' | 'stop' | 'blocked-in';
		/** Share of the part over poles. */
		coverage: number;
		verdict: string | null;
		words: string;
	}
	/** The work as it is held, from the side: poles under it, stops against it, and the push of the wheel at the height of the cut. */
	let { method, heightMm, lengthMm, stopMm, blocking, coverage, verdict, words }: Props = $props();
	const [W, FLOOR] = [264, 168];
	const h = $derived(heightMm ?? 30);
	const l = $derived(lengthMm ?? 60);
	/** To scale, as large as there is room. */
	const k = $derived(Math.min(110 / h, 150 / l));
	const x0 = $derived(W / 2 - (l * k) / 2);
	const top = $derived(FLOOR - h * k);
	const colour = $derived(
		verdict === 'stop' ? 'var(--stop)' : verdict === 'caution' ? 'var(--caution)' : 'var(--act)'
	);
	const stopH = $derived(Math.max(3, Math.min(h, stopMm) * k));
</script>

<svg
	viewBox="0 0 {W} 214"
	width="100%"
	role="img"
	aria-label="The work as it is held, from the side. {words}"
>
	<rect x={x0} y={top} width={l * k} height={h * k} fill="var(--steel)" stroke="var(--edge)" />
	{#if method === 'magnet'}
		<rect x="8" y={FLOOR} width={W - 16} height="34" fill="var(--flange)" stroke="var(--edge)" />
		{#each { length: 14 }, i (i)}
			{@const x = 14 + i * 18}
			<rect
				{x}
				y={FLOOR}
				width="8"
				height="34"
				fill={x + 8 > x0 && x < x0 + l * k * coverage ? 'var(--act)' : 'var(--track)'}
			/>
		{/each}
		{#if blocking === 'blocked-in'}<rect
				x={x0 - 13}
				y={FLOOR - stopH}
				width="12"
				height={stopH}
				fill="var(--ink2)"
			/>{/if}
		{#if blocking !== 'none'}<rect
				x={x0 + l * k + 1}
				y={FLOOR - stopH}
				width="12"
				height={stopH}
				fill="var(--ink2)"
			/>{/if}
	{:else if method === 'vise'}
		<rect x={x0 - 24} y={FLOOR - h * k * 0.6} width="23" height={h * k * 0.6 + 26} fill="var(--flange)" />
		<rect
			x={x0 + l * k + 1}
			y={FLOOR - h * k * 0.6}
			width="23"
			height={h * k * 0.6 + 26}
			fill="var(--flange)"
		/>
		<rect x={x0 - 24} y={FLOOR} width={l * k + 48} height="26" fill="var(--flange)" stroke="var(--edge)" />
	{:else}
		<path d="M{x0} {FLOOR - (h * k) / 2}l-30 -14v28z" fill="var(--flange)" stroke="var(--edge)" />
		<path d="M{x0 + l * k} {FLOOR - (h * k) / 2}l30 -14v28z" fill="var(--flange)" stroke="var(--edge)" />
	{/if}
	<path
		d="M{W / 2 - 58} {top - 42}A86 86 0 0 0 {W / 2 + 58} {top - 42}"
		fill="var(--wheel-fill)"
		stroke="var(--wheel-edge)"
	/>
	<path d="M{W / 2 + 18} {top - 3}h44m-9 -6l9 6l-9 6" fill="none" stroke={colour} stroke-width="3" />
	<text x={Math.min(W - 8, W / 2 + 68)} y={top - 8} text-anchor="end">push</text>
</svg>

<style>
	text {
		font: 600 12.5px var(--text);
		fill: var(--ink2);
	}
</style>
