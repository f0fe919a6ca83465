<script lang="ts">
	import { resolve } from '$app/paths';
	let { data } = $props();
	const mineStand = $derived(data.stand.find((b) => b.name === data.me) ?? null);
	const mine = $derived(data.scores.find((s) => s.name === data.me) ?? null);
</script>

<svelte:head><title>Practice - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Practice</h1>
		<p class="lead">Nothing here is recorded against a wheel or a setup. Only your score is kept.</p>
	</div>
	<div class="cols">
		<section class="sheet">
			<h2>Ear trainer</h2>
			<p>
				Wheels are rung for you: sound, cracked, damp, organic, held badly. Say what you hear, then see where
				it shows.
			</p>
			<p class="num big">{mine ? `${mine.right} of ${mine.rounds}` : '0'}</p>
			<p class="quiet">{mine ? `right; ${mine.missed} damaged let through` : 'rounds so far'}</p>
			<a class="btn act" href={resolve('/practice/ring')}>Start listening</a>
		</section>
		<section class="sheet">
			<h2>Practice stand</h2>
			<p>
				A wheel with a hidden unbalance rolls, swings and settles. Find it by feel or computed, with as few
				rolls as you can.
			</p>
			<p class="num big">{mineStand ? mineStand.spins : '-'}</p>
			<p class="quiet">
				{mineStand ? `rolls at best, ${mineStand.how === 'computed' ? 'computed' : 'by feel'}` : 'no run yet'}
			</p>
			<a class="btn act" href={resolve('/practice/stand')}>To the stand</a>
		</section>
		{#if data.scores.length}<section class="sheet">
				<h2>The shop</h2>
				<table aria-label="Scores at the ear trainer">
					<thead
						><tr
							><th>Who</th><th class="r">Right</th><th class="r">Rounds</th><th class="r"
								>Damaged let through</th
							></tr
						></thead
					><tbody
						>{#each data.scores as s (s.name)}<tr
								><td>{s.name}</td><td class="num r">{Math.round((100 * s.right) / s.rounds)} %</td><td
									class="num r">{s.rounds}</td
								><td class="num r">{s.missed}</td></tr
							>{/each}</tbody
					>
				</table>
			</section>{/if}
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: 320px 320px minmax(0, 1fr);
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-8);
		justify-items: start;
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1;
	}
	.r {
		text-align: right;
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
