<script lang="ts">
	import { symbolOf } from '$core/quantity/format';
	import { type System, parseQuantity } from '$core/quantity/parse';

	interface Props {
		list: string[];
		turned: string;
		onchange: (list: string[]) => void;
		fault: string | null;
		system: System;
		key: string;
	}
	/** One reading a place, entered one by one; a dial that types like a keyboard just works. Pasting a column fills them all. */
	let { list, turned, onchange, fault, system, key }: Props = $props();
	const at = (i: number) =>
		Math.round((((turned === 'clockwise' ? -1 : 1) * i * 360) / list.length + 360) % 360);
	const bad = (text: string) => text.trim() !== '' && 'problem' in parseQuantity(text, 'um-dial', system);
	function put(i: number, text: string) {
		const several = text.split(/[\s;]+/).filter(Boolean);
		if (several.length > 2 && several.every((s) => !Number.isNaN(Number(s.replace(',', '.')))))
			onchange(
				i === 0 && several.length > list.length
					? several.slice(0, 720)
					: list.map((old, k) => several[k - i] ?? old)
			);
		else onchange(list.map((old, k) => (k === i ? text : old)));
	}
	function keys(e: KeyboardEvent, i: number) {
		const to = e.key === 'Enter' || e.key === 'ArrowDown' ? i + 1 : e.key === 'ArrowUp' ? i - 1 : null;
		if (to === null) return;
		e.preventDefault();
		const next =
			document.getElementById(`${key}-r${to}`) ?? document.querySelector<HTMLElement>('main .btn.act');
		next?.focus();
	}
</script>

<table data-field="readingsUm" tabindex="-1">
	<thead><tr><th>at</th><th>reads {symbolOf('um-dial', system)}</th></tr></thead>
	<tbody>
		{#each list as text, i (i)}<tr
				><td><label for="{key}-r{i}">{at(i)}°</label></td><td
					><input
						id="{key}-r{i}"
						class:bad={bad(text)}
						bind:value={() => text, (v) => put(i, v)}
						inputmode="text"
						maxlength="20"
						autocomplete="off"
						aria-label="Reading at {at(i)} degrees"
						onpaste={(e) => {
							const t = e.clipboardData?.getData('text') ?? '';
							if (/[\s;]/.test(t.trim())) {
								e.preventDefault();
								put(i, t);
							}
						}}
						onkeydown={(e) => keys(e, i)}
					/></td
				></tr
			>{/each}
	</tbody>
</table>
{#if fault}<p>{fault}</p>{/if}

<style>
	table {
		align-self: start;
	}
	th {
		border: 0;
		padding: 0 var(--s-4) var(--s-2);
		text-align: right;
		font-size: var(--type-fine);
	}
	td {
		border: 0;
		padding: 0;
		text-align: right;
		font: 500 var(--type-label) var(--mono);
	}
	label {
		padding: 0 var(--s-6);
		display: block;
	}
	input {
		width: 78px;
		height: 27px;
		border: 1.5px solid transparent;
		border-bottom-color: var(--rule);
		background: transparent;
		text-align: right;
		font: 600 var(--type-text) var(--mono);
		padding: 0 var(--s-8);
		color: var(--ink);
	}
	input:hover {
		border-color: var(--rule);
	}
	input:focus {
		border-color: var(--act);
		background: var(--act-soft);
		outline: none;
		box-shadow: 0 0 0 2px var(--act-soft);
	}
	.bad {
		border-color: var(--stop);
		color: var(--stop);
	}
	p {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
