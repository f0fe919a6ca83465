<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Way {
		partsPerWheel: number;
		redressesPerPart: number;
		redressHoursPerWheel: number;
		costPerPart: number | null;
		lossAtRedressUm: number | null;
	}
	interface Props {
		a: Way;
		b: Way;
		better: string;
		saving: number | null;
	}
	/** Two ways beside each other: parts from the wheel as bars, cost of a part as the number. */
	let { a, b, better, saving }: Props = $props();
	const { q } = useUnits();
	const most = $derived(Math.max(1, a.partsPerWheel, b.partsPerWheel));
	const money = (v: number | null) => (v === null ? '-' : v.toFixed(3));
	const ways = $derived([
		{ name: 'One way', of: a, best: better === 'a' },
		{ name: 'The other way', of: b, best: better === 'b' }
	]);
</script>

<p class="num big" role="status">
	{better === 'equal' ? 'No difference' : better === 'a' ? 'One way' : 'The other way'}
</p>
{#if better !== 'equal' && saving !== null}<p>saves <b class="num">{money(saving)}</b> a part</p>{/if}
{#each ways as { name, of, best } (name)}
	<section class:best aria-label={name}>
		<h3>{name}{best ? ' ✓' : ''}</h3>
		<svg viewBox="0 0 240 16" width="100%" role="img" aria-label="{of.partsPerWheel} parts from the wheel"
			><rect width="240" height="14" fill="var(--bar)" /><rect
				width={(240 * of.partsPerWheel) / most}
				height="14"
				fill={best ? 'var(--act)' : 'var(--steel)'}
			/></svg
		>
		<p>
			<b class="num">{of.partsPerWheel}</b> parts, a part costs <b class="num">{money(of.costPerPart)}</b>
		</p>
		<p class="quiet">
			{of.redressHoursPerWheel.toFixed(1)} h of redressing{of.lossAtRedressUm === null
				? ''
				: `, ${q(of.lossAtRedressUm, 'um')} worn by then`}
		</p>
	</section>
{/each}

<style>
	.big {
		font-size: var(--type-title);
		font-weight: 700;
	}
	section {
		border-left: 3px solid var(--rule);
		padding-left: var(--s-10);
	}
	.best {
		border-color: var(--act);
	}
	h3 {
		font-size: var(--type-text);
	}
	p {
		font-size: var(--type-small);
	}
	.big + p {
		font-size: var(--type-text);
	}
</style>
