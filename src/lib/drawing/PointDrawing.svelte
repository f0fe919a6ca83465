<script lang="ts">
	import type { Verdict } from '$core/calculation/verdict';

	interface Props {
		headMm: number;
		longMm: number;
		shankMm: number;
		/** Null while it is not measured. */
		overhangMm: number | null;
		gripMm: number | null;
		/** Share of the speed at which the shank whirls. */
		share: number | null;
		/** As it was found: a drawing never judges. */
		grip: Verdict | null;
		whirl: Verdict | null;
		show: (mm: number) => string;
	}
	/** A mounted point in its collet, to scale: what is held, what hangs out, and how far its speed is from the whirl of its shank. */
	let { headMm, longMm, shankMm, overhangMm, gripMm, share, grip, whirl, show }: Props = $props();
	const [W, H, NOSE, AXIS, SIZES] = [300, 204, 104, 70, 134];
	const hangs = $derived(overhangMm ?? 13);
	const held = $derived(Math.max(0, gripMm ?? 25));
	const s = $derived(
		Math.min((W - NOSE - 16) / Math.max(1, hangs + longMm), (NOSE - 8) / Math.max(1, held), 112 / headMm)
	);
	const back = $derived(NOSE + hangs * s);
	const COLOUR = { ok: 'var(--ok)', caution: 'var(--caution)', stop: 'var(--stop)' } as const;
	const of = (state: Verdict | null) => (state === null ? 'var(--ink2)' : COLOUR[state]);
	/** The bar ends at the whirl itself. */
	const bar = $derived(share === null ? null : Math.min(1, share));
	const words = $derived(
		overhangMm === null
			? 'not measured yet'
			: `${gripMm === null ? '' : `${show(gripMm)} held, `}${show(overhangMm)} overhang${share === null ? '' : `, ${Math.round(100 * share)} per cent of its whirl`}`
	);
</script>

{#snippet size(from: number, to: number, text: string, colour: string)}
	<path
		d="M{from} {SIZES}H{to}M{from} {SIZES - 5}v10M{to} {SIZES - 5}v10"
		stroke={colour}
		stroke-width="1.5"
		fill="none"
	/>
	<text
		x={from < NOSE ? NOSE - 5 : NOSE + 5}
		y={SIZES + 18}
		text-anchor={from < NOSE ? 'end' : 'start'}
		fill={colour}
		class="num">{text}</text
	>
{/snippet}

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Mounted point in its collet, to scale: {words}"
>
	<path
		d="M0 {AXIS - 46}H{NOSE - 34}L{NOSE} {AXIS - 22}V{AXIS + 22}L{NOSE - 34} {AXIS + 46}H0Z"
		fill="var(--steel)"
	/>
	<rect
		x={NOSE - held * s}
		y={AXIS - (shankMm * s) / 2}
		width={back - NOSE + held * s + Math.min(longMm * s * 0.5, 14)}
		height={shankMm * s}
		fill="var(--flange)"
		stroke="var(--edge)"
	/>
	<path d="M{NOSE} {AXIS - 22}V{AXIS + 22}" stroke="var(--ink)" stroke-width="1.5" />
	<rect
		x={back}
		y={AXIS - (headMm * s) / 2}
		width={longMm * s}
		height={headMm * s}
		rx="3"
		fill="var(--wheel-fill)"
		stroke="var(--wheel-edge)"
	/>
	{#if overhangMm !== null}{@render size(NOSE, Math.max(NOSE + 2, back), show(overhangMm), 'var(--ink)')}{/if}
	{#if gripMm !== null}{@render size(NOSE - held * s, NOSE, show(gripMm), of(grip))}{/if}
	{#if bar !== null}
		<rect x="8" y={H - 30} width={W - 16} height="12" fill="var(--bar)" />
		<rect x="8" y={H - 30} width={(W - 16) * bar} height="12" fill={of(whirl)} />
		<text x="8" y={H - 4} fill="var(--ink2)">speed</text>
		<text x={W - 8} y={H - 4} text-anchor="end" fill="var(--ink2)">its shank whirls</text>
	{/if}
</svg>

<style>
	/* On a tablet it leaves the fields in sight. */
	svg {
		max-width: 420px;
	}
	text {
		font: 500 13.5px var(--text);
	}
	.num {
		font: 700 14px var(--mono);
	}
</style>
