<script lang="ts">
	interface Props {
		taper: { text: string; state: string } | null;
		flange: { text: string; state: string } | null;
		words: string;
	}
	/** The bare spindle nose: where the dial stands for the taper and for the flange's face, each with what it read. */
	let { taper, flange, words }: Props = $props();
	const tint = (s: string | undefined) =>
		s === 'stop'
			? 'var(--stop)'
			: s === 'caution'
				? 'var(--caution)'
				: s === 'ok'
					? 'var(--ok)'
					: 'var(--ink2)';
</script>

{#snippet dial(
	x: number,
	y: number,
	dx: number,
	dy: number,
	name: string,
	read: { text: string; state: string } | null
)}
	<line x1={x} y1={y} x2={x + dx} y2={y + dy} stroke="var(--ink)" stroke-width="3" />
	<circle
		cx={x + dx * 1.9}
		cy={y + dy * 1.9}
		r="25"
		fill="var(--paper)"
		stroke={tint(read?.state)}
		stroke-width="3"
	/><line
		x1={x + dx * 1.9}
		y1={y + dy * 1.9}
		x2={x + dx * 1.9 + 12}
		y2={y + dy * 1.9 - 12}
		stroke="var(--act)"
		stroke-width="2.5"
	/>
	<text x={x + dx * 1.9 + 33} y={y + dy * 1.9 - 2}>{name}</text><text
		x={x + dx * 1.9 + 33}
		y={y + dy * 1.9 + 14}
		class="n"
		style:fill={tint(read?.state)}>{read?.text ?? '?'}</text
	>
{/snippet}

<svg
	viewBox="0 0 300 236"
	width="100%"
	role="img"
	aria-label="Spindle nose with the two places of the dial. {words}"
>
	<rect x="4" y="112" width="56" height="96" fill="var(--steel)" /><path
		d="M60 132h16v56h-16z"
		fill="var(--flange)"
		stroke="var(--edge)"
	/>
	<path d="M76 138L196 148V172L76 182z" fill="var(--bar)" stroke="var(--edge)" stroke-width="1.5" /><path
		d="M196 152h34v16h-34z"
		fill="var(--flange)"
		stroke="var(--edge)"
		stroke-dasharray="3 2"
	/>
	<line x1="0" x2="250" y1="160" y2="160" stroke="var(--edge)" stroke-dasharray="8 4 2 4" />
	<path d="M250 144a16 16 0 1 1 0 32" fill="none" stroke="var(--act)" stroke-width="2.5" /><path
		d="M250 176l8 -8 2 11z"
		fill="var(--act)"
	/>
	{@render dial(150, 144, 4, -26, 'taper', taper)}
	{@render dial(70, 132, -10, -44, 'flange', flange)}
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 700 15px var(--mono);
	}
</style>
