<script lang="ts">
	interface Props {
		placements: { weight: number; angleDeg: number; travelDeg: number }[];
		from: readonly number[];
	}
	/** Where each weight goes, in words and degrees. */
	let { placements, from }: Props = $props();
	const name = (n: number) => 'ABCD'[n - 1]!;
	const said = (travel: number) =>
		Math.abs(travel) < 0.5
			? 'leave it'
			: `${travel > 0 ? 'forward' : 'back'} ${Math.abs(travel).toFixed(0)}°`;
</script>

<ul>
	{#each placements as x, at (at)}
		{@const stays = Math.abs(x.travelDeg) < 0.5}
		<li class:stays>
			<b>{name(x.weight)}</b><span>to <strong class="num">{x.angleDeg.toFixed(0)}°</strong></span><span
				class="how"
				>{said(x.travelDeg)}<span class="sr"> from {(from[x.weight - 1] ?? 0).toFixed(0)} degrees</span></span
			>
		</li>
	{/each}
</ul>

<style>
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-6);
	}
	li {
		display: grid;
		grid-template-columns: 26px 1fr auto;
		gap: var(--s-12);
		align-items: center;
		background: var(--act-soft);
		padding: var(--s-4) var(--s-12) var(--s-4) var(--s-8);
		border-radius: 3px;
		min-height: 34px;
	}
	b {
		width: 24px;
		height: 24px;
		border-radius: 50%;
		background: var(--act);
		color: var(--on-act);
		display: grid;
		place-items: center;
		font-size: var(--type-label);
	}
	strong {
		font-size: var(--type-title);
		margin-left: var(--s-6);
	}
	.how {
		color: var(--ink2);
	}
	.stays {
		background: var(--well);
	}
	.stays b {
		background: var(--ink3);
		color: var(--sheet);
	}
</style>
