<script lang="ts">
	import Gauge from '@lucide/svelte/icons/gauge';
	import { onDestroy } from 'svelte';
	import { quantity, typedFigure } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		places: number;
		turned: string;
		system: System;
		onread: (list: string[]) => void;
	}
	/** Fills the places from the dial while the wheel is turned by hand: by the angle it sends, or one place at each press of a key. */
	let { places, turned, system, onread }: Props = $props();
	let source: EventSource | null = null;
	let code = $state('');
	let said = $state('');
	let now = $state<number | null>(null);
	let got = $state<(number | null)[]>([]);
	let angled = $state(true);
	/** Total way turned, so that a turn begun anywhere is a whole one. */
	let turnedDeg = 0;
	let last: number | null = null;
	const count = $derived(got.filter((g) => g !== null).length);
	function stop() {
		source?.close();
		source = null;
		code = '';
	}
	onDestroy(() => source?.close());
	function put(i: number, value: number) {
		if (got[i] !== null && got[i] !== undefined) return;
		got = got.map((g, k) => (k === i ? value : g));
		onread(got.map((g) => (g === null ? '' : typedFigure(g, 'um-dial', system))));
		if (got.every((g) => g !== null)) {
			stop();
			said = '';
		}
	}
	function hear(name: string) {
		code = name;
		said = '';
		now = null;
		turnedDeg = 0;
		last = null;
		got = Array.from({ length: places }, () => null);
		let before: { deg: number; um: number } | null = null;
		source = new EventSource(`/api/instruments/${encodeURIComponent(name)}/stream`);
		source.onmessage = ({ data }) => {
			const t = JSON.parse(String(data)) as {
				state: string;
				value: number | null;
				angleDeg: number | null;
				says: string;
			};
			said = t.state === 'reading' ? '' : t.says;
			if (t.state === 'dropped' || t.state === 'unreachable') {
				stop();
				said = `${name} ${t.says}. What was read is kept.`;
				return;
			}
			if (t.state !== 'reading' || t.value === null) return;
			now = t.value;
			angled = t.angleDeg !== null;
			if (t.angleDeg === null) return;
			if (last !== null) turnedDeg += (t.angleDeg - last + 360) % 360;
			last = t.angleDeg;
			// The reading at a place lies between the two on either side of it.
			const step = 360 / places;
			if (before)
				for (let i = Math.ceil(before.deg / step - 1e-9); i * step <= turnedDeg + 1e-9 && i < places; i++)
					if (turnedDeg > before.deg)
						put(i, before.um + ((t.value - before.um) * (i * step - before.deg)) / (turnedDeg - before.deg));
			before = { deg: turnedDeg, um: t.value };
		};
		source.onerror = () => {
			now = null;
			if (source?.readyState === EventSource.CLOSED) {
				stop();
				said ||= 'The connection ended. What was read is kept.';
			}
		};
	}
	async function begin() {
		try {
			const list =
				((await (await fetch('/api/instruments?kind=dial')).json()) as { instruments?: { code: string }[] })
					.instruments ?? [];
			if (list.length) hear(list[0]!.code);
			else said = 'This shop has no dial indicator on record. A lead enters one under Shop.';
		} catch {
			said = 'The server does not answer.';
		}
	}
	function keys(e: KeyboardEvent) {
		if (
			!code ||
			angled ||
			e.code !== 'Space' ||
			now === null ||
			(e.target as HTMLElement).matches('input, textarea, select')
		)
			return;
		e.preventDefault();
		put(count, now);
	}
</script>

<svelte:window onkeydown={keys} />
<div class="stream">
	{#if code}<p class="num" role="status" aria-label="Dial {code}">
			<b>{now === null ? '-' : quantity(now, 'um', system)}</b>
			{count} of {places}
		</p>
		<p class="quiet">
			{angled
				? `Turn it slowly ${turned === 'clockwise' ? 'clockwise' : 'anticlockwise'} from the mark.`
				: 'Space takes the reading at the next place.'}
		</p>
		<button class="btn" onclick={stop}>Stop reading</button>
	{:else}<button class="btn" onclick={begin}><Gauge size={16} />Read while turning</button>{/if}
	{#if said}<p class="fault" role="alert">{said}</p>{/if}
</div>

<style>
	.stream {
		display: grid;
		gap: var(--s-4);
		max-width: 230px;
		justify-items: start;
	}
	b {
		font-size: var(--type-title);
		margin-right: var(--s-8);
	}
	.btn {
		font-size: var(--type-small);
		padding: var(--s-4) var(--s-10);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
