<script lang="ts">
	import { onDestroy } from 'svelte';

	interface Props {
		onstop: (seconds: number) => void;
	}
	/** A stopwatch on the page: the space bar or the button starts and stops it. */
	let { onstop }: Props = $props();
	let began = $state<number | null>(null);
	let shown = $state(0);
	let frame = 0;
	const tick = () => {
		if (began !== null) {
			shown = (performance.now() - began) / 1000;
			frame = requestAnimationFrame(tick);
		}
	};
	function press() {
		if (began === null) {
			began = performance.now();
			shown = 0;
			frame = requestAnimationFrame(tick);
			return;
		}
		const seconds = (performance.now() - began) / 1000;
		began = null;
		shown = seconds;
		onstop(seconds);
	}
	function keys(e: KeyboardEvent) {
		const t = e.target as HTMLElement;
		if (e.code !== 'Space' || e.repeat || t.matches('input, textarea, select, button, a, summary')) return;
		e.preventDefault();
		press();
	}
	onDestroy(() => {
		if (typeof cancelAnimationFrame !== 'undefined') cancelAnimationFrame(frame);
	});
</script>

<svelte:window onkeydown={keys} />
<div class="watch">
	<button
		class="btn"
		class:on={began !== null}
		onclick={press}
		aria-label={began === null ? 'Start the stopwatch' : 'Stop the stopwatch'}
		><span class="num">{began !== null || shown ? shown.toFixed(2) : began === null ? 'Start' : ''}</span><kbd
			>Space</kbd
		></button
	>
</div>

<style>
	.watch {
		padding-top: var(--s-20);
	}
	button {
		min-width: 128px;
	}
</style>
