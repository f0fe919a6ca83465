<script lang="ts">
	import Gauge from '@lucide/svelte/icons/gauge';
	import { onDestroy } from 'svelte';
	import { INSTRUMENT_UNITS, INSTRUMENT_WORDS, type InstrumentKind } from '$core/instrument/kinds';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		kind: InstrumentKind;
		system: System;
		turn?: boolean;
		/** One word on the button where there are many. */ short?: boolean;
		ontake: (value: number) => void;
	}
	/** Reads an instrument of a kind; only a good reading can be taken. With `turn` the difference between highest and lowest over a turn is what is taken. */
	let { kind, system, turn = false, short = false, ontake }: Props = $props();
	let listening = $state('');
	let said = $state('');
	let value = $state<number | null>(null);
	let low = $state(Infinity);
	let high = $state(-Infinity);
	let turned = $state(0);
	let last: number | null = null;
	let source: EventSource | null = null;
	const unit = $derived(INSTRUMENT_UNITS[kind]);
	const result = $derived(turn ? (high >= low && turned >= 350 ? high - low : null) : value);
	function stop() {
		source?.close();
		source = null;
		listening = '';
	}
	onDestroy(() => source?.close());
	function hear(code: string) {
		stop();
		said = '';
		value = null;
		low = Infinity;
		high = -Infinity;
		turned = 0;
		last = null;
		listening = code;
		source = new EventSource(`/api/instruments/${encodeURIComponent(code)}/stream`);
		source.onmessage = ({ data }) => {
			const t = JSON.parse(String(data)) as {
				state: string;
				value: number | null;
				angleDeg: number | null;
				says: string;
			};
			value = t.state === 'reading' ? t.value : null;
			said = t.says;
			if (value !== null) {
				low = Math.min(low, value);
				high = Math.max(high, value);
				if (t.angleDeg !== null) {
					if (last !== null) turned += Math.min(60, (t.angleDeg - last + 360) % 360);
					last = t.angleDeg;
				} else turned = 360;
			} else if (turn) {
				low = Infinity;
				high = -Infinity;
				turned = 0;
				last = null;
			}
			if (t.state === 'dropped' || t.state === 'unreachable') {
				const was = listening;
				stop();
				said = `${was} ${t.says}. Nothing was taken.`;
			}
		};
		source.onerror = () => {
			// What was shown before the line was lost is no reading any more.
			value = null;
			low = Infinity;
			high = -Infinity;
			turned = 0;
			last = null;
			if (source?.readyState === EventSource.CLOSED) {
				stop();
				said ||= 'The connection ended. Nothing was taken.';
			} else said = 'is not heard: the server does not answer, it is tried again';
		};
	}
	async function begin() {
		said = '';
		try {
			const r = await fetch(`/api/instruments?kind=${kind}`);
			const list = ((await r.json()) as { instruments?: { code: string }[] }).instruments ?? [];
			if (list.length) hear(list[0]!.code);
			else said = `This shop has no ${INSTRUMENT_WORDS[kind]} on record. A lead enters one under Shop.`;
		} catch {
			said = 'The server does not answer.';
		}
	}
	function take() {
		if (result === null) return;
		const taken = result;
		stop();
		said = '';
		ontake(taken);
	}
</script>

<div class="read">
	{#if listening}
		<button class="btn" onclick={take} disabled={result === null}>Take it</button><button
			class="btn"
			onclick={stop}>Leave it</button
		>
		<p class="num" role="status" aria-label="{INSTRUMENT_WORDS[kind]} {listening}">
			<b>{value === null ? '-' : quantity(value, unit, system)}</b>{#if turn}
				{turned < 350
					? `turn it, ${Math.round(Math.min(360, turned))}° of 360`
					: `swings ${quantity(high - low, unit, system)}`}{/if}
		</p>
		{#if said}<p class="fault" role="alert">{listening} {said}.</p>{/if}
	{:else}<button class="btn" onclick={begin}
			><Gauge size={16} />{#if short}<span class="sr">Read the {INSTRUMENT_WORDS[kind]}</span>{:else}Read the {INSTRUMENT_WORDS[
					kind
				]}{/if}</button
		>{#if said}<p class="fault" role="alert">{said}</p>{/if}{/if}
</div>

<style>
	.read {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		align-items: center;
	}
	/* Below its keys: a reading that grows, shrinks or wraps must not move the key under a finger. */
	p {
		flex: 1 0 100%;
	}
	b {
		font-size: var(--type-title);
	}
	.btn {
		font-size: var(--type-small);
		padding: var(--s-4) var(--s-10);
	}
</style>
