<script lang="ts">
	type Side = 'x-plus' | 'x-minus';
	interface Props {
		/** In a bore the wheel is inside of the work, outside it stands beside it. */
		bore: boolean;
		wheelOn: Side | null;
		grinds: Side | null;
		dressed: Side | null;
		bites: Side | null;
		expected: Side | null;
	}
	/** Work and wheel seen along their axes: where they meet, where the dresser touches, which way it bites, and where it should. */
	let { bore, wheelOn, grinds, dressed, bites, expected }: Props = $props();
	const NAMES = { 'x-plus': 'x+', 'x-minus': 'x−' };
	const sign = (s: Side | null): number => (s === 'x-plus' ? 1 : s === 'x-minus' ? -1 : 0);
	const [WORK, WORK_AT] = [62, 170];
	const r = $derived(bore ? 34 : 50);
	const wheelAt = $derived(WORK_AT + sign(wheelOn) * (bore ? WORK - r : WORK * 0.62 + r));
	const wrong = $derived(
		dressed !== null && expected !== null && (dressed !== expected || bites === dressed)
	);
	const dresserAt = $derived(wheelAt + sign(dressed) * r);
	const said = $derived(
		expected
			? `It should meet work and dresser on ${NAMES[expected]}${wrong ? '; as entered it does not' : ''}`
			: 'Work and wheel: enter on which side the wheel lies'
	);
</script>

<svg viewBox="0 0 340 210" width="100%" role="img" aria-label={said}>
	<line x1="14" x2="326" y1="196" y2="196" stroke="var(--ink2)" /><path
		d="M326 196l-10 -4v8z"
		fill="var(--ink2)"
	/><text x="14" y="188">x−</text><text x="326" y="188" text-anchor="end">x+</text>
	<circle
		cx={WORK_AT}
		cy="96"
		r={bore ? WORK + 14 : WORK * 0.62}
		fill="var(--steel)"
		stroke="var(--edge)"
	/>{#if bore}<circle cx={WORK_AT} cy="96" r={WORK} fill="var(--sheet)" stroke="var(--edge)" />{/if}
	{#if wheelOn}
		<circle cx={wheelAt} cy="96" {r} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" />
		{#if expected}<circle
				cx={wheelAt + sign(expected) * r}
				cy="96"
				r="9"
				fill="none"
				stroke="var(--act)"
				stroke-width="3"
			/>{/if}
		{#if grinds}<circle
				cx={wheelAt + sign(grinds) * r}
				cy="96"
				r="4.5"
				fill={expected === null || grinds === expected ? 'var(--ink)' : 'var(--stop)'}
			/>{/if}
		{#if dressed}<path
				d="M{dresserAt} 110l-7 26h14z"
				fill={wrong ? 'var(--stop)' : 'var(--ink)'}
			/>{#if bites}<path
					d="M{dresserAt} 150h{sign(bites) * 34}m{-sign(bites) * 9} -5l{sign(bites) * 9} 5l{-sign(bites) *
						9} 5"
					fill="none"
					stroke={wrong ? 'var(--stop)' : 'var(--act)'}
					stroke-width="3"
				/>{/if}{/if}
	{/if}
	<text x={WORK_AT} y="14" text-anchor="middle">{bore ? 'bore' : 'work'}</text>
</svg>

<style>
	text {
		font: 600 12px var(--text);
		fill: var(--ink2);
	}
</style>
