<script lang="ts">
	import type { Calculation } from '$core/calculation/define';
	import { labelOf } from '$core/calculation/fields';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	/** How a result came about: formula, inputs, results, units, source and version, in place. */
	let { calculation, input, output, version, system = 'mm' }: { calculation: Calculation; input: Record<string, unknown>; output: Record<string, unknown>; version: string; system?: System } = $props();
	const at = (path: string) => path.split('.').reduce<unknown>((v, k) => (v as Record<string, unknown> | null)?.[k], output);
	const show = (v: unknown, unit?: never) => (v === null || v === undefined ? '-' : typeof v === 'number' ? quantity(v, unit, system) : typeof v === 'boolean' ? (v ? 'yes' : 'no') : typeof v === 'string' ? v : Array.isArray(v) && v.every((x) => typeof x === 'number') ? v.map((x) => quantity(x, unit, system)).join(', ') : JSON.stringify(v));
</script>

<section aria-label="Working of {calculation.title}">
	<h3>{calculation.title} <span class="quiet num">{calculation.id}</span></h3>
	<ul class="formulas">{#each calculation.formulas as f (f)}<li class="num">{f}</li>{/each}</ul>
	<div class="two">
		<dl aria-label="Inputs">
			{#each calculation.fields as f (f.name)}{@const v = input[f.name] ?? ('default' in f ? f.default : null)}
				{#if v !== null && v !== undefined}<div><dt>{labelOf(f)}</dt><dd class="num">{show(v, ('unit' in f ? f.unit : undefined) as never)}</dd></div>{/if}
			{/each}
		</dl>
		<dl aria-label="Results">
			{#each calculation.outputs as o (o.name)}<div><dt>{o.about}</dt><dd class="num" class:main={o.main}>{show(at(o.name), o.unit as never)}</dd></div>{/each}
		</dl>
	</div>
	<p class="quiet">{calculation.source} Core {version}.</p>
</section>

<style>
	section { background: var(--well); border: 1px solid var(--rule); border-left: 3px solid var(--act); padding: 12px 14px; font-size: 13.5px; display: grid; gap: 8px; overflow-wrap: anywhere; }
	.formulas { list-style: none; padding: 0; font-size: 13px; }
	.two { display: grid; grid-template-columns: repeat(auto-fit, minmax(220px, 1fr)); gap: 4px 24px; max-height: 300px; overflow: auto; }
	dl div { display: flex; justify-content: space-between; gap: 12px; border-bottom: 1px solid var(--rule); padding: 2px 0; }
	dt { color: var(--ink2); } dd { text-align: right; max-width: 60%; } dd.main { font-weight: 700; }
</style>
