<script lang="ts">
	import type { Calculation } from '$core/calculation/define';
	import { labelOf } from '$core/calculation/fields';
	import type { System } from '$core/quantity/parse';
	import { useUnits } from '$lib/ui/use-units';
	import ResultValue from './ResultValue.svelte';

	/** What a working shows of a calculation. */
	type Sheet = Pick<Calculation, 'id' | 'title' | 'source' | 'formulas' | 'limits' | 'fields' | 'outputs'>;
	interface Props {
		calculation: Sheet;
		input: Readonly<Record<string, unknown>>;
		output: object;
		version: string;
		system?: System;
	}
	const here = useUnits();
	/** How a result came about: formula, inputs, results, units, source and version, in place. */
	let { calculation, input, output, version, system = here.system() }: Props = $props();
	const at = (path: string) =>
		path.split('.').reduce<unknown>((v, k) => (isGroup(v) ? v[k] : undefined), output);
	const isGroup = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;
</script>

<section aria-label="Working of {calculation.title}">
	<h3>{calculation.title}</h3>
	<ul class="formulas">
		{#each calculation.formulas as f, at (at)}<li class="num">{f}</li>{/each}
	</ul>
	<div class="two">
		<dl aria-label="Inputs">
			{#each calculation.fields as f (f.name)}{@const v =
					input[f.name] ?? ('default' in f ? f.default : null)}
				{#if v !== null && v !== undefined}<div>
						<dt>{labelOf(f)}</dt>
						<dd><ResultValue value={v} unit={'unit' in f ? f.unit : undefined} {system} /></dd>
					</div>{/if}
			{/each}
		</dl>
		<dl aria-label="Results">
			<!-- What is too long for a page stands in the log. -->
			{#each calculation.outputs.filter((o) => at(o.name) !== undefined) as o (o.name)}<div>
					<dt>{o.about}</dt>
					<dd class:main={o.main}><ResultValue value={at(o.name)} unit={o.unit} {system} /></dd>
				</div>{/each}
		</dl>
	</div>
	<p class="quiet">{calculation.source} Core {version}.</p>
	{#if calculation.limits}<details>
			<summary>How far it can be trusted</summary>
			<ul>
				{#each calculation.limits as l, at (at)}<li>{l}</li>{/each}
			</ul>
		</details>{/if}
</section>

<style>
	section {
		background: var(--well);
		border: 1px solid var(--rule);
		border-left: 3px solid var(--act);
		padding: var(--s-12) var(--s-14);
		font-size: var(--type-small);
		display: grid;
		gap: var(--s-8);
		overflow-wrap: anywhere;
	}
	summary {
		cursor: pointer;
		min-height: 26px;
		font-weight: 600;
	}
	.formulas {
		list-style: none;
		padding: 0;
		font-size: var(--type-small);
	}
	.two {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
		gap: var(--s-4) var(--s-24);
	}
	dl div {
		display: flex;
		justify-content: space-between;
		gap: var(--s-12);
		border-bottom: 1px solid var(--rule);
		padding: var(--s-2) 0;
	}
	dt {
		color: var(--ink2);
	}
	dd {
		text-align: right;
		max-width: 72%;
		min-width: 0;
	}
	dd.main {
		font-weight: 700;
	}
</style>
