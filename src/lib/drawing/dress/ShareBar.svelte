<script lang="ts">
	interface Props {
		/** Parts of one whole, each with its name and what it amounts to in words. */
		parts: readonly { name: string; value: number; says: string }[];
		label: string;
	}
	/** One whole and what it is made of, on one line. */
	let { parts, label }: Props = $props();
	const W = 340;
	const sum = $derived(parts.reduce((s, p) => s + p.value, 0) || 1);
	const placed = $derived.by(() => {
		let x = 0;
		return parts.map((p) => {
			const w = (p.value / sum) * W;
			const at = { ...p, x, w };
			x += w;
			return at;
		});
	});
</script>

<svg
	viewBox="0 0 {W} 28"
	width="100%"
	role="img"
	aria-label="{label}: {parts.map((p) => `${p.name} ${p.says}`).join(', ')}"
>
	{#each placed as p, i (i)}<rect
			x={p.x}
			y="2"
			width={Math.max(0, p.w - 1.5)}
			height="24"
			fill="var(--act)"
			opacity={1 - 0.35 * i}
		/>{/each}
</svg>
<p class="key">
	{#each placed as p, at (at)}<span>{p.name} <b class="num">{p.says}</b></span>{/each}
</p>

<style>
	.key {
		display: flex;
		gap: var(--s-16);
		flex-wrap: wrap;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	b {
		color: var(--ink);
	}
</style>
