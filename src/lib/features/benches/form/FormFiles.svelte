<script lang="ts">
	import { writeDxf } from '$core/form/dxf/write';
	import { summaryOf } from '$core/form/profile/chain';
	import type { Segment } from '$core/form/profile/segment';
	import { pointsOf, svgPathOf } from '$core/form/sample';

	interface Props {
		chain: readonly Segment[];
	}
	/** The form as files that others read: a drawing, a picture, a table. */
	let { chain }: Props = $props();
	const CHORD_MM = 0.001;
	const link = (type: string, text: string): string =>
		`data:${type};charset=utf-8,${encodeURIComponent(text)}`;
	function picture(): string {
		const s = summaryOf(chain);
		const [edge, z] = [0.5, Math.min(s.start.zMm, s.end.zMm)];
		const box = `${z - edge} ${s.minXMm - edge} ${s.widthMm + 2 * edge} ${s.depthMm + 2 * edge}`;
		return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" width="${s.widthMm + 2 * edge}mm" height="${s.depthMm + 2 * edge}mm"><path d="${svgPathOf(chain)}" fill="none" stroke="#000" stroke-width="0.05"/></svg>`;
	}
	const table = (): string =>
		`zMm,xMm\n${pointsOf(chain, CHORD_MM)
			.map((p) => `${p.zMm.toFixed(6)},${p.xMm.toFixed(6)}`)
			.join('\n')}\n`;
	const files = $derived([
		['DXF', 'form.dxf', link('application/dxf', writeDxf(chain, 'PROFILE'))],
		['SVG', 'form.svg', link('image/svg+xml', picture())],
		['CSV', 'form.csv', link('text/csv', table())]
	] as const);
</script>

<p class="files">
	<span class="quiet">Take the form out:</span>
	<!-- The files are made in the page: there is no address to resolve. -->
	<!-- eslint-disable svelte/no-navigation-without-resolve -->
	{#each files as [name, file, href] (name)}<a class="btn" {href} download={file}>{name}</a>{/each}
	<!-- eslint-enable svelte/no-navigation-without-resolve -->
</p>

<style>
	.files {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		flex-wrap: wrap;
	}
</style>
