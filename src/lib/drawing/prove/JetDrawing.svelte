<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		rimMps: number;
		jetMps: number;
	}
	/** The rim and the jet, each as an arrow as long as it is fast. */
	let { rimMps, jetMps }: Props = $props();
	const { q } = useUnits();
	const LONG = 210;
	const most = $derived(Math.max(rimMps, jetMps, 1e-9));
	const rows = $derived([
		{ y: 24, name: 'rim', v: rimMps, ink: 'var(--steel)' },
		{ y: 62, name: 'jet', v: jetMps, ink: 'var(--act)' }
	]);
</script>

<svg
	viewBox="0 0 264 80"
	width="100%"
	role="img"
	aria-label="Rim {q(rimMps, 'm/s')}, jet {q(jetMps, 'm/s')}, {Math.round((100 * jetMps) / rimMps)} % of it"
>
	{#each rows as r (r.name)}{@const end = 30 + (LONG * r.v) / most}<text x="0" y={r.y + 5}>{r.name}</text
		><path d="M30 {r.y}H{end}m-9 -6l9 6l-9 6" stroke={r.ink} stroke-width="4" fill="none" /><text
			x="30"
			y={r.y - 9}
			class="num">{q(r.v, 'm/s')}</text
		>{/each}
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.num {
		font-family: var(--mono);
		font-weight: 700;
		fill: var(--ink);
	}
</style>
