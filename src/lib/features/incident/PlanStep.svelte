<script lang="ts">
	interface Props {
		/** Who ticked it and when. */ signed?: string | null;
		/** Who has to stand for it, where not everybody may. */ by?: string;
		step: { order: number; code: string; done: boolean };
		word: string;
		now: boolean;
		writes: boolean;
		ontick: (on: boolean) => Promise<boolean>;
	}
	/** One step of an incident plan, ticked when it has been done. */
	let { step, word, now, writes, signed = null, by = '', ontick }: Props = $props();
	/** What was ticked stands here until the server has answered, whatever else is refreshed meanwhile. */
	let wanted = $state<boolean | null>(null);
	async function tick(on: boolean) {
		wanted = on;
		await ontick(on);
		wanted = null;
	}
</script>

<li class:now class:done={step.done}>
	<label
		><input type="checkbox" bind:checked={() => wanted ?? step.done, tick} disabled={!writes} /><span
			class="num">{step.order}</span
		><span
			>{word}{#if signed}<small>{signed}</small>{:else if by}<small>stood for by {by}</small>{/if}</span
		></label
	>
</li>

<style>
	small {
		display: block;
		font-weight: 400;
		color: var(--ink2);
		font-size: var(--type-fine);
	}
	li {
		border-top: 1px solid var(--rule);
		/* Rows keep their place when the next step moves on or a signature comes: nobody ticks the wrong one. */
		border-left: 4px solid transparent;
		padding-left: var(--s-8);
	}
	label {
		display: grid;
		grid-template-columns: 26px 26px 1fr;
		align-items: center;
		min-height: 48px;
		cursor: pointer;
	}
	input {
		width: 20px;
		height: 20px;
		accent-color: var(--ok);
	}
	.num {
		color: var(--ink2);
	}
	.now {
		background: var(--act-soft);
		border-left-color: var(--act);
		font-weight: 650;
	}
	.done {
		color: var(--ink2);
	}
</style>
