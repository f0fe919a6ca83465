<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		partMm: number;
		depthMm: number;
		finishMm: number;
		redressAtMm: readonly number[];
	}
	/** The part cut down, pass under pass, with the redresses between them. */
	let { partMm, depthMm, finishMm, redressAtMm }: Props = $props();
	const { q } = useUnits();
	const [W, TOP, H] = [300, 8, 190];
	const MAX = 40;
	const y = (mm: number) => TOP + (mm / partMm) * H;
	const ends = $derived.by(() => {
		const list: number[] = [];
		for (let at = depthMm; at < partMm - finishMm - 1e-9 && list.length < MAX; at += depthMm) list.push(at);
		return [...list, partMm - finishMm, ...(finishMm > 0 ? [partMm] : [])];
	});
</script>

<svg
	viewBox="0 0 {W} 214"
	width="100%"
	role="img"
	aria-label="Part {q(partMm, 'mm')} deep in {ends.length} passes; {redressAtMm.length
		? `redress at ${redressAtMm.map((mm) => q(mm, 'mm')).join(', ')}`
		: 'no redress inside it'}"
>
	<rect x="30" y={TOP} width={W - 40} height={H} fill="var(--bar)" stroke="var(--edge)" />
	{#each ends as end, i (i)}<line x1="30" x2={W - 10} y1={y(end)} y2={y(end)} stroke="var(--edge)" />{/each}
	{#each redressAtMm as at, i (i)}
		<line x1="30" x2={W - 10} y1={y(at)} y2={y(at)} stroke="var(--act)" stroke-width="3" />
		<path d="M18 {y(at) - 6}l10 6l-10 6z" fill="var(--act)" />
		<text x="38" y={y(at) - 5}>redress at {q(at, 'mm')}</text>
	{/each}
</svg>

<style>
	text {
		font: 600 12.5px var(--text);
		fill: var(--act);
	}
</style>
