<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import type { Intake } from '$core/shop/wheel-intake';
	import type { LineVerdict } from '$lib/workers/rack-reader';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import type { Importer } from './importer.svelte';

	interface Props {
		it: Importer;
	}
	/** Every line with its verdict; good ones can be left out, the others say why they stay out. */
	let { it }: Props = $props();
	const { q } = useUnits();
	const MAX = 200;
	let only = $state<'' | LineVerdict['verdict']>('');
	const shown = $derived(it.lines.filter((l) => !only || l.verdict === only));
	const kinds = [
		['', 'All'],
		['good', 'Good'],
		['duplicate', 'Duplicate'],
		['unreadable', 'Cannot read']
	] as const;
	const sizes = (w: Intake['wheel']) =>
		`${q(w.diameterMm, 'mm')} × ${q(w.widthMm, 'mm')} × ${q(w.boreMm, 'mm')}${w.diameterMm < w.newDiameterMm ? `, new ${q(w.newDiameterMm, 'mm')}` : ''}`;
	const speed = ({ wheel, ratedMps, ratedRpm }: Intake) => {
		const rpm = limitRpm({ ratedMps, ratedRpm, newDiameterMm: wheel.newDiameterMm });
		return rpm === null ? '-' : `${shownLimit(rpm)} rpm`;
	};
	const mark = { good: 'ok', duplicate: 'caution', unreadable: 'stop' } as const;
	const all = (leave: boolean) =>
		(it.left = leave ? Object.fromEntries(it.lines.map((l) => [l.line, true])) : {});
</script>

<section class="sheet" aria-label="Lines">
	<div class="row">
		{#each kinds as [k, name] (k)}<button
				class="btn"
				class:on={only === k}
				aria-pressed={only === k}
				onclick={() => (only = k)}
				>{name} <span class="num">{k === '' ? it.lines.length : it.countOf(k)}</span></button
			>{/each}
		<span class="sp"></span><button class="link" onclick={() => all(false)}>Choose all good</button><button
			class="link"
			onclick={() => all(true)}>Choose none</button
		>
	</div>
	<div class="scroll">
		<table aria-label="Lines of the file">
			<thead
				><tr
					><th>Take</th><th>Line</th><th>Wheel</th><th>Marking</th><th>Size it is booked with</th><th
						>Never over</th
					><th>Verdict</th></tr
				></thead
			>
			<tbody
				>{#each shown.slice(0, MAX) as l, at (at)}<tr
						><td
							>{#if l.verdict === 'good'}<input
									type="checkbox"
									aria-label="Take line {l.line}, wheel {l.number}"
									checked={!it.left[l.line]}
									onchange={(e) => (it.left[l.line] = !e.currentTarget.checked)}
								/>{/if}</td
						><td class="num">{l.line}</td><td class="num">{l.number}</td><td class="num"
							>{l.intake?.canonical || l.marking}</td
						><td class="num">{l.intake ? sizes(l.intake.wheel) : ''}</td><td class="num"
							>{l.intake ? speed(l.intake) : ''}</td
						><td
							><span class="v"
								><VerdictMark state={mark[l.verdict]} size={16} label="" />{l.verdict === 'good'
									? l.intake?.state === 'available'
										? 'good'
										: `good, ${l.intake?.state}: ${l.reason}`
									: l.reason}</span
							></td
						></tr
					>{/each}</tbody
			>
		</table>
	</div>
	{#if shown.length > MAX}<p class="quiet">
			The first {MAX} of {shown.length} are shown; all are taken.
		</p>{/if}
	<div class="row">
		<button class="btn act" disabled={!it.chosen.length} onclick={() => it.take()}
			>Put {it.chosen.length} on the rack</button
		><button class="btn" onclick={() => (it.stage = 'match')}>Back to the columns</button><button
			class="btn"
			onclick={() => it.cancel()}>Another file</button
		>
	</div>
</section>

<style>
	section {
		padding: var(--s-14) var(--s-16);
		display: grid;
		gap: var(--s-10);
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		align-items: center;
	}
	.sp {
		flex: 1;
	}
	.scroll {
		max-height: 46vh;
		overflow: auto;
	}
	th {
		position: sticky;
		top: 0;
		background: var(--sheet);
	}
	td {
		padding: var(--s-6) var(--s-10);
		font-size: var(--type-label);
	}
	.v {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
	}
	input {
		width: 20px;
		height: 20px;
		accent-color: var(--act);
	}
</style>
