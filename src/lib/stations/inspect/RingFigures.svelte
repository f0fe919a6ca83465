<script lang="ts">
	import type { RingResult } from '$core/inspect/ring/listen';
	import type { RingContext } from '$core/route/wheel-ring';
	import { figure } from '$core/quantity/format';

	interface Props {
		result: RingResult;
		context: RingContext;
		stiff: { modulusGPa: number; batchMedianGPa: number | null; deviationPct: number | null } | null;
	}
	/** The numbers of a ring, each beside what it is held against. */
	let { result, context, stiff }: Props = $props();
	const s = $derived(context.settings);
	const hz = (v: number) => v.toFixed(v < 1000 ? 1 : 0);
	const expected = $derived(
		s.expectedFrequencyHz
			? `${hz(s.expectedFrequencyHz)} ${context.expectedFrom === 'own' ? 'at its first ring' : 'from its batch'}`
			: context.usualHz
				? `usually ${hz(context.usualHz[0])} to ${hz(context.usualHz[1])}`
				: ''
	);
	const list = $derived([
		['Note', result.mainFrequencyHz === null ? '-' : hz(result.mainFrequencyHz), 'Hz', expected],
		[
			'Rings for',
			result.decayTimeS === null
				? '-'
				: figure(1000 * result.decayTimeS, undefined).replace(/(\.\d)\d*$/, '$1'),
			'ms',
			result.q === null ? '' : `Q ${result.q.toFixed(0)}, clear from ${s.clearQ}`
		],
		[
			'Split',
			result.splitPct === null ? '-' : result.splitPct.toFixed(1),
			'%',
			`limit ${Math.max(1, result.splitResolvablePct ?? 0).toFixed(1)}`
		],
		...(stiff
			? [
					[
						'Stiffness',
						stiff.modulusGPa.toFixed(1),
						'GPa',
						stiff.batchMedianGPa === null
							? `${context.batchGPa.length} of its batch rung`
							: `batch ${stiff.batchMedianGPa.toFixed(1)}`
					] as const
				]
			: [])
	] as const);
</script>

<dl>
	{#each list as [name, value, unit, beside] (name)}<div>
			<dt>{name}</dt>
			<dd>
				<b class="num">{value}</b> <span class="num">{unit}</span><span class="num beside">{beside}</span>
			</dd>
		</div>{/each}
</dl>

<style>
	dl {
		display: grid;
		grid-template-columns: repeat(4, auto);
		gap: var(--s-4) var(--s-16);
	}
	dt {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	dd {
		margin: 0;
	}
	b {
		font-size: var(--type-title);
		font-weight: 700;
	}
	span {
		font-size: var(--type-fine);
		color: var(--ink2);
	}
	.beside {
		display: block;
	}
</style>
