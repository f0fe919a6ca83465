<script lang="ts">
	import type { Unit } from '$core/calculation/fields';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		title: string;
		unit?: Unit;
		before: number | null;
		after: number | null;
		changePct: number;
	}
	/** One reading before and after, as two bars on one scale. */
	let { title, unit, before, after, changePct }: Props = $props();
	const { q } = useUnits();
	const most = $derived(Math.max(before ?? 0, after ?? 0, 1e-9));
	const tell = (v: number | null) => (v === null ? '-' : unit ? q(v, unit) : v.toFixed(0));
	const bars = $derived([
		{ y: 18, v: before, fill: 'var(--steel)' },
		{ y: 40, v: after, fill: 'var(--act)' }
	]);
	const change = $derived(`${changePct > 0 ? '+' : ''}${changePct.toFixed(0)} %`);
</script>

<svg
	viewBox="0 0 260 60"
	width="100%"
	role="img"
	aria-label="{title}: {tell(before)} before, {tell(after)} after, {change}"
>
	<text x="0" y="12">{title}</text><text x="260" y="12" text-anchor="end" class="b">{change}</text>
	{#each bars as b (b.y)}<rect x="0" y={b.y} width={(170 * (b.v ?? 0)) / most} height="16" fill={b.fill} />
		<text x="260" y={b.y + 13} text-anchor="end" class="num">{tell(b.v)}</text>{/each}
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.num {
		font-family: var(--mono);
	}
	.b {
		font-weight: 700;
		fill: var(--ink);
	}
</style>
