<script lang="ts">
	interface Props {
		/** What the flange sits on: the spindle's nose, or the balancing arbor. */
		on: 'spindle' | 'arbor';
	}
	/** A wheel in its flange about to slide onto a taper; the two faces that have to be clean are marked. */
	let { on }: Props = $props();
	const name = $derived(on === 'spindle' ? 'spindle' : 'balancing arbor');
</script>

<svg
	viewBox="0 0 260 190"
	role="img"
	aria-label="The taper of the {name} and the taper in the flange, both to be wiped"
>
	<line class="axis" x1="6" x2="254" y1="95" y2="95" />
	<path
		class="body"
		d={on === 'spindle' ? 'M6 60H62V70L124 80V110L62 120V130H6Z' : 'M6 87H62V74L124 82V108L62 116V103H6Z'}
	/>
	<path class="wipe" d={on === 'spindle' ? 'M62 70L124 80M124 110L62 120' : 'M62 74L124 82M124 108L62 116'} />
	<path class="body" d="M146 42H164V58H206V72L146 62ZM146 148H164V132H206V118L146 128Z" />
	<path class="wheel" d="M164 8H188V58H164ZM164 132H188V182H164Z" />
	<path class="wipe" d="M146 62L206 72M206 118L146 128" />
	<path class="arrow" d="M222 95H140m9 -5l-9 5l9 5" />
	<text x="6" y="152">wipe the taper</text>
	<text x="6" y="166">of the {name}</text>
	<text x="206" y="84" class="end">and of the flange</text>
</svg>

<style>
	svg {
		width: 100%;
		max-width: 300px;
		display: block;
	}
	.axis {
		stroke: var(--ink3);
		stroke-dasharray: 9 3 2 3;
	}
	.body {
		fill: var(--flange);
		stroke: var(--edge);
		stroke-width: 1.5;
	}
	.wheel {
		fill: var(--wheel-fill);
		stroke: var(--wheel-edge);
		stroke-width: 1.2;
	}
	.wipe {
		stroke: var(--act);
		stroke-width: 4;
		fill: none;
	}
	.arrow {
		stroke: var(--ink2);
		stroke-width: 1.6;
		fill: none;
	}
	text {
		font: 600 12px var(--text);
		fill: var(--ink2);
	}
	.end {
		text-anchor: middle;
	}
</style>
