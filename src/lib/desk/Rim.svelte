<script lang="ts">
	import { resolve } from '$app/paths';
	import type { StationView } from '$core/route/decision';
	import type { System } from '$core/quantity/parse';
	import type { WheelFacts } from '$core/facts/wheel';
	import RimWheel from '$lib/drawing/RimWheel.svelte';
	import Brand from '$lib/ui/layout/Brand.svelte';
	import { sizeOf } from '$lib/words';

	interface Props {
		stations: StationView[];
		here: string;
		setupId: number;
		wheel: WheelFacts | null;
		mount: string | null;
		wanted: string;
		units: System;
	}
	/** The rim of the wheel is the way through a setup: stations in the order of its route. */
	let { stations, here, setupId, wheel, mount, wanted, units }: Props = $props();
	const CX = -210,
		R = 352,
		FROM = 52,
		TO = 128;
	const place = (i: number) => {
		const a = ((FROM + ((TO - FROM) * i) / Math.max(1, stations.length - 1)) * Math.PI) / 180;
		return { x: CX + R * Math.sin(a), y: -R * Math.cos(a), tilt: (a * 180) / Math.PI - 90 };
	};
	const marks = { done: '✓', current: '●', waiting: '', blocked: '■' } as const;
	const says = { done: 'done', current: 'now', waiting: 'waiting', blocked: 'stopped' };
</script>

<div class="rim">
	<div class="brand"><Brand /></div>
	<div class="wheel">
		<RimWheel
			family={wheel?.family ?? null}
			share={wheel ? wheel.diameterMm / wheel.newDiameterMm : 1}
			known={wheel !== null}
		/>
	</div>
	<nav aria-label="Stations">
		<ol>
			{#each stations as s, i (s.id)}
				{@const p = place(i)}
				<li class={s.state} class:here={s.id === here} style="--x:{p.x}px;--y:{p.y}px;--tilt:{p.tilt}deg">
					<i aria-hidden="true"></i>
					<a
						href={resolve(`/setups/${setupId}/${s.id}`)}
						aria-current={s.id === here ? 'step' : undefined}
						aria-label="{s.name}, {says[s.state]}"><b aria-hidden="true">{marks[s.state]}</b>{s.name}</a
					>
				</li>
			{/each}
		</ol>
	</nav>
	<div class="tag">
		{#if wheel}<span>Wheel {wheel.number}{mount ? ` on ${mount}` : ''}</span><strong class="num"
				>{wheel.canonical}</strong
			><span class="num">{sizeOf(wheel, units)}</span>
		{:else}<span>Nothing chosen yet</span><strong class="num">{wanted}</strong><span>wanted</span>{/if}
	</div>
</div>

<style>
	.rim {
		position: sticky;
		top: 0;
		align-self: start;
		width: 250px;
		height: 100vh;
		overflow: hidden;
	}
	.brand {
		position: absolute;
		left: 16px;
		top: 4px;
		z-index: 2;
	}
	.wheel {
		position: absolute;
		left: 0;
		top: calc(50% + 8px - 400px);
	}
	ol {
		list-style: none;
		padding: 0;
	}
	li {
		position: absolute;
		left: 0;
		top: calc(50% + 8px + var(--y));
		height: 0;
	}
	li i {
		position: absolute;
		left: calc(var(--x) - 13px);
		top: -1.5px;
		width: 13px;
		height: 3px;
		background: var(--ink3);
		transform: rotate(var(--tilt));
		transform-origin: right center;
	}
	li.done i {
		background: var(--ok);
	}
	li.blocked i {
		background: var(--stop);
	}
	li.here i {
		width: 27px;
		left: calc(var(--x) - 27px);
		height: 5px;
		top: -2.5px;
		background: var(--act);
	}
	li a {
		position: absolute;
		left: calc(var(--x) + 9px);
		top: -22px;
		width: calc(250px - var(--x) - 9px);
		height: 44px;
		padding-left: var(--s-8);
		display: flex;
		align-items: center;
		gap: var(--s-6);
		color: var(--ink2);
		text-decoration: none;
		font-size: var(--type-label);
		white-space: nowrap;
	}
	li b {
		font-size: var(--type-small);
		width: 13px;
		font-weight: 700;
	}
	li.done b {
		color: var(--ok);
	}
	li.blocked b {
		color: var(--stop);
	}
	li.current b {
		color: var(--act);
		font-size: var(--type-fine);
	}
	li.done a {
		color: var(--ink);
		font-weight: 560;
	}
	li.current a,
	li.blocked a {
		color: var(--ink);
		font-weight: 600;
	}
	li.here a {
		background: var(--sheet);
		border-left: 4px solid var(--act);
		color: var(--act);
		font: 700 var(--type-strong) var(--text);
		height: 38px;
		top: -19px;
	}
	.tag {
		position: absolute;
		left: 14px;
		bottom: 14px;
		right: 6px;
		display: grid;
		gap: var(--s-2);
		font-size: var(--type-small);
		color: var(--ink2);
		overflow-wrap: anywhere;
	}
	.tag strong {
		color: var(--ink);
		font-size: var(--type-strong);
		font-weight: 680;
	}
	@media (max-height: 700px) {
		.tag span:last-child {
			display: none;
		}
	}
	@media (max-width: 900px) {
		.rim {
			position: static;
			width: auto;
			height: auto;
			overflow: visible;
			padding: var(--s-4) var(--s-12);
		}
		.wheel,
		li i {
			display: none;
		}
		.brand {
			position: static;
		}
		.tag {
			position: static;
			display: flex;
			flex-wrap: wrap;
			gap: var(--s-10);
			align-items: baseline;
		}
		ol {
			display: flex;
			flex-wrap: wrap;
			gap: var(--s-2);
		}
		li {
			position: static;
			height: auto;
		}
		li a,
		li.here a {
			position: static;
			width: auto;
			height: 44px;
			padding: 0 var(--s-10);
			border-left: 0;
			border-bottom: 3px solid transparent;
			font-size: var(--type-label);
		}
		li.here a {
			border-bottom-color: var(--act);
		}
	}
</style>
