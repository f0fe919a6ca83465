<script lang="ts">
	import { resolve } from '$app/paths';
	import { onDestroy, untrack } from 'svelte';
	import StandScore from '$lib/features/practice/StandScore.svelte';
	import { StandGame } from '$lib/features/practice/stand-game.svelte';
	import StandView from '$lib/features/practice/StandView.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const game = untrack(() => new StandGame(data.seed));
	const sender = new Sender();
	onDestroy(() => game.close());
	let push = $state(true);
	async function finish() {
		game.finish();
		if (game.result)
			await sender.submit('/api/practice/stand', {
				seed: game.seed,
				how: game.used ? 'computed' : 'feel',
				spins: game.spins,
				weights: [...game.weights]
			});
	}
	function next() {
		game.begin(Math.floor(Math.random() * 4294967296));
		sender.trouble = null;
	}
	function keys(e: KeyboardEvent) {
		if (e.repeat && e.code !== 'ArrowLeft' && e.code !== 'ArrowRight') return;
		const t = e.target as HTMLElement;
		if (t.matches('input, select, textarea')) return;
		const onButton = t.matches('button, a, summary');
		if (e.code === 'Space' && game.rolling) {
			e.preventDefault();
			game.chalk(performance.now());
		} else if (e.code === 'Enter' && !onButton && !game.rolling) {
			e.preventDefault();
			if (game.result) next();
			else game.letGo(push);
		} else if (e.code === 'KeyC' && !game.rolling && !game.result) game.compute();
		else if (e.code === 'KeyR' && game.rolling) game.wait();
		else if (e.code === 'KeyG' && !game.rolling && game.spins && !game.result) void finish();
	}
	const toleranceGmm = $derived(game.wheel.toleranceGmm);
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>Practice stand - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/practice')}>Practice</a></p>
	<div class="head">
		<h1>Practice stand</h1>
		<p class="lead">
			A hidden unbalance on level edges. Find it with as few rolls as you can; allowed is {toleranceGmm.toFixed(
				0
			)} g mm.
		</p>
	</div>
	<div class="cols">
		<section class="sheet view"><StandView {game} /></section>
		<section class="sheet">
			<p class="lab">Rolls so far</p>
			<p class="num big" role="status">{game.spins}</p>
			{#if game.result}<StandScore result={game.result} how={game.used ? 'computed' : 'feel'} /><button
					class="btn act"
					onclick={next}>Next wheel <kbd>Enter</kbd></button
				>{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
			{:else if game.rolling}
				<p>Chalk the bottom where it turns round.</p>
				<div class="row">
					<button class="btn act" onclick={() => game.chalk(performance.now())}
						>Chalk it <kbd>Space</kbd></button
					><button class="btn" onclick={() => game.wait()}>Let it come to rest <kbd>R</kbd></button>
				</div>
				<p class="num">{game.marks.map((m) => `${m.deg}°`).join('  ') || 'no marks yet'}</p>
				{#if game.marks.length}<button class="link" onclick={() => game.rubOut()}
						>Rub out the last mark</button
					>{/if}
				<label class="sp"
					>Time goes <select class="plain-input" bind:value={game.speed}
						>{#each [1, 2, 4, 8] as s (s)}<option value={s}
								>{s === 1 ? 'as it does' : `${s} times as fast`}</option
							>{/each}</select
					></label
				>
			{:else}
				<p>
					{game.restDeg === null
						? 'Hold it, then let it go.'
						: `It rests with ${game.restDeg.toFixed(0)}° at the bottom${game.track && game.track.turningS.length === 0 ? '; it did not move' : ''}.`}
				</p>
				<div class="row">
					<button class="btn act" onclick={() => game.letGo(push)}
						>{push ? 'Give it a gentle push' : 'Let it go'} <kbd>Enter</kbd></button
					><label class="check"><input type="checkbox" bind:checked={push} />with a push</label>
				</div>
				<h2>Weights</h2>
				<div class="w">
					{#each [0, 1] as const as i (i)}<label
							>{'AB'[i]}, degrees<input
								class="plain-input num"
								type="number"
								min="0"
								max="359"
								step="1"
								value={Math.round(game.weights[i])}
								onchange={(e) => game.move(i, Number(e.currentTarget.value) || 0)}
							/></label
						>{/each}
				</div>
				{#if game.spins}<div class="row">
						<button class="btn" onclick={() => game.compute()}>Compute it <kbd>C</kbd></button><button
							class="btn"
							onclick={finish}>It is good <kbd>G</kbd></button
						>
					</div>{/if}
			{/if}
			{#if game.said}<p role="status">{game.said}</p>{/if}
		</section>
		<section class="sheet">
			<h2>Best runs</h2>
			{#if data.best.length}<table aria-label="Best runs at the practice stand">
					<thead><tr><th>Who</th><th>How</th><th class="r">Rolls</th><th class="r">Left</th></tr></thead
					><tbody
						>{#each data.best as b (b.id)}<tr class:me={b.name === data.me}
								><td>{b.name}</td><td>{b.how === 'computed' ? 'computed' : 'by feel'}</td><td class="num r"
									>{b.spins}</td
								><td class="num r">{Math.round((100 * b.residualGmm) / b.toleranceGmm)} %</td></tr
							>{/each}</tbody
					>
				</table>{:else}<p class="quiet">None yet. Only runs inside the tolerance count.</p>{/if}
		</section>
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(320px, 470px) minmax(260px, 1fr) 290px;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-14) var(--s-16);
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		align-items: center;
	}
	.w {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-12);
		max-width: 260px;
	}
	.w input {
		width: 100%;
	}
	.w label,
	.sp {
		font-size: var(--type-small);
		color: var(--ink2);
		display: block;
	}
	.check {
		display: flex;
		gap: var(--s-6);
		align-items: center;
		min-height: var(--hit);
	}
	.r {
		text-align: right;
	}
	.me {
		font-weight: 700;
	}
	@media (max-width: 1100px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
