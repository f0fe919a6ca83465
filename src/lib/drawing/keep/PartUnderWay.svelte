<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		part: number;
		partMm: number;
		passMm: number | null;
		/** Ground of it so far. */
		atMm: number;
		/** Where it is redressed inside the part, and down to which depth that is done. */
		redressAtMm: readonly number[];
		doneToMm: number;
	}
	/** The part under way, cut down pass under pass, with the redresses that fall inside it. */
	let { part, partMm, passMm, atMm, redressAtMm, doneToMm }: Props = $props();
	const { q } = useUnits();
	const [W, TOP, H, LEFT] = [330, 4, 128, 26];
	const MAX = 30;
	const y = (mm: number) => TOP + (Math.min(mm, partMm) / partMm) * H;
	const passes = $derived.by(() => {
		if (!passMm || partMm / passMm > MAX) return [];
		const list: number[] = [];
		for (let at = passMm; at < partMm - 1e-9; at += passMm) list.push(at);
		return list;
	});
	const made = (at: number) => at <= doneToMm + 1e-9;
	const words = $derived(
		redressAtMm.map((at) => `${q(at, 'mm')}${made(at) ? ', done' : at <= atMm ? ', missed' : ''}`).join('; ')
	);
	const last = $derived(redressAtMm.at(-1));
	/** Words stand above their line, and under it where there is no room above. */
	const wordsY = (at: number) => (y(at) - TOP < 18 ? y(at) + 14 : y(at) - 5);
</script>

<svg
	viewBox="0 0 {W} 154"
	width="100%"
	role="img"
	aria-label="Part {part}, {q(partMm, 'mm')} deep, ground {q(atMm, 'mm')}; {words
		? `redress at ${words}`
		: 'no redress inside it'}"
>
	<rect x={LEFT} y={TOP} width={W - LEFT - 4} height={H} fill="var(--bar)" stroke="var(--edge)" />
	<rect x={LEFT} y={TOP} width={W - LEFT - 4} height={y(atMm) - TOP} fill="var(--act-soft)" />
	{#each passes as at, i (i)}<line x1={LEFT} x2={W - 4} y1={y(at)} y2={y(at)} stroke="var(--edge)" />{/each}
	{#if atMm > 0}<line x1={LEFT} x2={W - 4} y1={y(atMm)} y2={y(atMm)} stroke="var(--ink)" stroke-width="2" />
		<text class="num" x={W - 10} y={y(atMm) - TOP < 18 ? y(atMm) + 14 : y(atMm) - 5} text-anchor="end"
			>{q(atMm, 'mm')}</text
		>{/if}
	{#each redressAtMm as at, i (i)}
		<g class={made(at) ? 'done' : at <= atMm + 1e-9 ? 'missed' : 'ahead'}>
			<line x1={LEFT} x2={W - 4} y1={y(at)} y2={y(at)} stroke-width="3" />
			<path d="M{LEFT - 14} {y(at) - 6}l12 6l-12 6z" />
			<text x={LEFT + 8} y={wordsY(at)}
				>{made(at) ? 'redressed ✓' : at === last ? 'redress, then the finish cut' : 'redress'}</text
			>
		</g>
	{/each}
	<text class="quiet" x={LEFT} y={H + TOP + 18}
		>part {part}, {q(partMm, 'mm')} deep{passes.length ? ` in ${passes.length + 1} passes` : ''}</text
	>
</svg>

<style>
	text {
		font: 600 12.5px var(--text);
	}
	.num {
		font-family: var(--mono);
		fill: var(--ink);
	}
	.quiet {
		font-weight: 500;
		fill: var(--ink2);
	}
	line,
	path {
		stroke-linecap: butt;
	}
	.ahead line {
		stroke: var(--act);
	}
	.ahead path,
	.ahead text {
		fill: var(--act);
	}
	.done line {
		stroke: var(--ok);
	}
	.done path,
	.done text {
		fill: var(--ok);
	}
	.missed line {
		stroke: var(--caution);
	}
	.missed path,
	.missed text {
		fill: var(--caution);
	}
</style>
