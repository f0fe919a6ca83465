<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
	import { chainOf } from '$core/form/profile/chain';
	import type { Typed } from '$lib/ui/fields/entry.svelte';
	import type { Outline } from './outline.svelte';
	import { segmentWords } from './segment-words';

	interface Props {
		outline: Outline;
		row: Record<string, Typed>;
		index: number;
		fault: string | null;
	}
	/** One segment of the outline: straight, round or hollow, and where it ends. */
	let { outline, row, index, fault }: Props = $props();
	const kind = $derived(row.kind === 'arc' ? String(row.side || 'convex') : 'line');
	const words = $derived.by(() => {
		const own = outline.raw?.[index];
		const chain = own && tryOrNull(() => chainOf([own]));
		return chain ? segmentWords(chain[0]!) : '';
	});
	const n = $derived(index + 1);
	const pick = () => (outline.picked = index);
</script>

<tr class:on={outline.picked === index}>
	<td class="num">{n}</td>
	<td class="kind"
		><select
			class="plain-input"
			aria-label="Segment {n} is"
			value={kind}
			onfocus={pick}
			onchange={(e) => outline.setKind(index, e.currentTarget.value as 'line' | 'convex' | 'concave')}
			><option value="line">{kind === 'line' && words ? words : 'straight'}</option><option value="convex"
				>round</option
			><option value="concave">hollow</option></select
		></td
	>
	{#each ['z', 'x'] as const as axis (axis)}<td
			><input
				class="plain-input num"
				class:bad={fault}
				aria-label="Segment {n} ends at {axis}"
				data-field="segments.{index}.{axis}1Mm"
				value={String(row[`${axis}1Mm`] ?? '')}
				onfocus={pick}
				oninput={(e) => outline.typeVertex(index + 1, axis, e.currentTarget.value)}
			/></td
		>{/each}
	<td
		>{#if kind !== 'line'}<input
				class="plain-input num"
				class:bad={fault}
				aria-label="Radius of segment {n}"
				data-field="segments.{index}.radiusMm"
				value={String(row.radiusMm ?? '')}
				onfocus={pick}
				oninput={(e) => outline.typeRadius(index, e.currentTarget.value)}
			/>{/if}</td
	>
</tr>
{#if fault}<tr><td></td><td colspan="4" class="fault">{fault}</td></tr>{/if}

<style>
	td {
		padding: 2px var(--s-4);
	}
	.on {
		background: var(--act-soft);
	}
	.kind {
		min-width: 124px;
	}
	input,
	select {
		width: 100%;
		min-height: 36px;
		font-size: var(--type-small);
		padding-inline: var(--s-6);
	}
	input {
		min-width: 60px;
	}
	.bad {
		border-color: var(--stop);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
