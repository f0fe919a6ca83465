<script lang="ts">
	import { PARTS, type Part, WEIGHTS } from '$core/spec/rank-score';

	interface Props {
		parts: Record<string, number>;
	}
	/** One wheel's score in its seven parts, each as wide as it counts. */
	let { parts }: Props = $props();
	const tones: Record<Part, string> = {
		abrasive: '#0d5a63',
		grit: '#3e8189',
		grade: '#82abaf',
		bond: '#c7a46c',
		life: '#8a9194',
		structure: '#b7b0a3',
		size: '#d5c8b1'
	};
	const said = $derived(PARTS.map((p) => `${p} ${Math.round(parts[p]! * 100)} %`).join(', '));
</script>

<span class="bar" role="img" aria-label={said}
	>{#each PARTS as p (p)}<i
			style="width:{WEIGHTS[p] * parts[p]! * 100}%;background:{tones[p]}"
			title="{p} {Math.round(parts[p]! * 100)} %"
		></i>{/each}</span
>

<style>
	.bar {
		display: flex;
		gap: var(--s-2);
		height: 14px;
		width: 100%;
	}
	i {
		display: block;
		height: 14px;
	}
</style>
