<script lang="ts">
	import { figure, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { arcPath, polar, toneOf } from '../polar';

	interface Props {
		family: string | null;
		wheelMm: number;
		rollMm: number;
		wheelMps: number | null;
		rollMps: number | null;
		/** Roll over wheel surface, minus against each other; null while unknown. */
		ratio: number | null;
		/** The wheel as the machine turns it, as seen from its front. */
		clockwise: boolean;
		what: string;
		units: System;
	}
	/** Wheel and roll to scale where they meet, their surface speeds as arrows to one scale, and which way each turns. */
	let { family, wheelMm, rollMm, wheelMps, rollMps, ratio, clockwise, what, units }: Props = $props();
	const t = $derived(toneOf(family));
	const [CX, Y] = [196, 158];
	const k = $derived(Math.min(140 / rollMm, 330 / wheelMm, 2.4));
	const R = $derived((wheelMm / 2) * k);
	const r = $derived((rollMm / 2) * k);
	const top = $derived(Math.max(Math.abs(wheelMps ?? 1), Math.abs(rollMps ?? 0), 1e-6));
	/** At the contact on its right side a wheel that turns clockwise moves down. */
	const down = $derived(clockwise ? 1 : -1);
	const vw = $derived((down * 120 * (wheelMps ?? 0)) / top);
	const vr = $derived(((ratio ?? 0) < 0 ? -1 : 1) * ((down * 120 * (rollMps ?? 0)) / top));
	/** On its left side, a roll whose surface moves down turns the other way. */
	const rollCw = $derived(vr < 0);
	const head = (x: number, y: number, v: number) => `M${x} ${y}l-8 ${v > 0 ? -15 : 15}h16z`;
	const turn = (cx: number, cy: number, rad: number, cw: boolean, side: number) => {
		const [a, b] = cw ? [side - 24, side + 24] : [side + 24, side - 24];
		const [x, y] = polar(cx, cy, rad, b);
		return { path: arcPath(cx, cy, rad, a, b), x, y, deg: cw ? b + 90 : b - 90 };
	};
	const ofWheel = $derived(turn(CX - R, Y, R - 34, clockwise, 90));
	const ofRoll = $derived(turn(CX + r, Y, r * 0.68, rollCw, 90));
	const speed = (v: number | null) =>
		v === null ? '-' : `${figure(v, 'm/s', units)} ${symbolOf('m/s', units)}`;
	const sense = $derived(
		ratio === null || ratio === 0
			? `${what} stands`
			: `surfaces move ${ratio > 0 ? 'together' : 'against each other'}, spindles turn in ${ratio > 0 ? 'opposite senses' : 'the same sense'}`
	);
</script>

<svg
	viewBox="0 0 340 318"
	width="100%"
	role="img"
	aria-label="Wheel surface {speed(wheelMps)}, {what} surface {speed(rollMps)}: {sense}"
>
	<defs><clipPath id="roll-sheet"><rect width="340" height="290" /></clipPath></defs>
	<g clip-path="url(#roll-sheet)">
		<circle cx={CX - R} cy={Y} r={R} fill={t.main} stroke={t.edge} stroke-width="1.5" />
		<circle
			cx={CX + r}
			cy={Y}
			r={Math.max(3, r)}
			fill="var(--steel)"
			stroke="var(--ink)"
			stroke-width="3"
			stroke-dasharray="3 2"
		/><circle cx={CX + r} cy={Y} r={Math.max(2, r * 0.34)} fill="var(--sheet)" />
		{#if R > 60}<path d={ofWheel.path} fill="none" stroke={t.ink} stroke-width="3" /><path
				d="M0 -9L7 6H-7z"
				fill={t.ink}
				transform="translate({ofWheel.x} {ofWheel.y}) rotate({ofWheel.deg})"
			/>{/if}
		{#if ratio && r > 24}<path d={ofRoll.path} fill="none" stroke="var(--sheet)" stroke-width="2.5" /><path
				d="M0 -8L6 5H-6z"
				fill="var(--sheet)"
				transform="translate({ofRoll.x} {ofRoll.y}) rotate({ofRoll.deg})"
			/>{/if}
	</g>
	<line x1={CX} x2={CX} y1="14" y2="296" stroke="var(--ink2)" stroke-dasharray="6 3 1 3" /><text
		x={CX + 6}
		y="22">contact</text
	>
	{#if wheelMps}<line
			x1={CX - 24}
			x2={CX - 24}
			y1={Y - vw / 2}
			y2={Y + vw / 2 - 10 * Math.sign(vw)}
			stroke={t.ink}
			stroke-width="5"
		/><path d={head(CX - 24, Y + vw / 2 + 3 * Math.sign(vw), vw)} fill={t.ink} />{/if}
	{#if vr}<line
			x1={CX + 22}
			x2={CX + 22}
			y1={Y - vr / 2}
			y2={Y + vr / 2 - 10 * Math.sign(vr)}
			stroke="var(--act)"
			stroke-width="5"
		/><path d={head(CX + 22, Y + vr / 2 + 3 * Math.sign(vr), vr)} fill="var(--act)" />{/if}
	<rect x={CX - 96} y="248" width="88" height="38" fill="var(--sheet)" /><text
		x={CX - 14}
		y="263"
		text-anchor="end">wheel</text
	><text x={CX - 14} y="281" text-anchor="end" class="v">{speed(wheelMps)}</text>
	<rect x={CX + 8} y="248" width="90" height="38" fill="var(--sheet)" /><text x={CX + 14} y="263">{what}</text
	><text x={CX + 14} y="281" class="v on">{speed(rollMps)}</text>
	<text x="170" y="312" text-anchor="middle" class="say">{sense}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.v {
		font: 700 15px var(--mono);
		fill: var(--ink);
	}
	.on {
		fill: var(--act);
	}
	.say {
		fill: var(--ink);
		font-weight: 600;
		font-size: 12px;
	}
</style>
