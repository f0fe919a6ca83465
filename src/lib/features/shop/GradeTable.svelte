<script lang="ts">
	import { SHIPPED, type MaterialRow, type OperationRow } from '$core/spec/guidelines';
	import { OPERATIONS } from '$core/spec/recommend-tables';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/words';

	interface Props {
		materials: MaterialRow[];
		operations: OperationRow[];
		lead: boolean;
	}
	/** The guideline matrix: a letter for each material and operation, with the usual grits beneath. What differs from the shipped figure is marked. */
	let { materials = $bindable(), operations = $bindable(), lead }: Props = $props();
	const differs = (m: number, o: number) => materials[m]!.grades[o] !== SHIPPED.materials[m]!.grades[o];
	function put(m: number, o: number, text: string) {
		const letter = text.toUpperCase().slice(-1);
		if (!/^[D-S]$/.test(letter)) return;
		materials[m] = {
			...materials[m]!,
			grades: materials[m]!.grades.slice(0, o) + letter + materials[m]!.grades.slice(o + 1)
		};
	}
	const FIGURES = [
		['grit', 'Usual grit'],
		['coarsest', 'Coarsest'],
		['finest', 'Finest'],
		['structure', 'Structure']
	] as const;
</script>

<div class="scroll">
	<table aria-label="Base grades">
		<thead
			><tr
				><th>Material</th>{#each OPERATIONS as o (o)}<th>{OPERATION_WORDS[o]}</th>{/each}<th>structure</th
				></tr
			></thead
		>
		<tbody>
			{#each materials as row, m (row.material)}<tr
					><th scope="row">{MATERIAL_WORDS[row.material]}</th>{#each OPERATIONS as o, i (o)}<td
							><input
								class="num"
								class:own={differs(m, i)}
								aria-label="Grade for {MATERIAL_WORDS[row.material]}, {OPERATION_WORDS[o]}{differs(m, i)
									? `, shipped ${SHIPPED.materials[m]!.grades[i]}`
									: ''}"
								title={differs(m, i) ? `shipped ${SHIPPED.materials[m]!.grades[i]}` : ''}
								disabled={!lead}
								value={row.grades[i]}
								maxlength="2"
								oninput={(e) => {
									put(m, i, e.currentTarget.value);
									e.currentTarget.value = materials[m]!.grades[i]!;
								}}
							/></td
						>{/each}<td class="num">{row.open > 0 ? `+${row.open}` : row.open}</td></tr
				>{/each}
			{#each FIGURES as [field, name] (field)}<tr class="fig"
					><th scope="row">{name}</th>{#each operations as row, i (row.operation)}<td
							><input
								class="num"
								class:own={row[field] !== SHIPPED.operations[i]![field]}
								aria-label="{name} for {OPERATION_WORDS[row.operation]}"
								disabled={!lead}
								value={row[field]}
								inputmode="numeric"
								maxlength="4"
								onchange={(e) => {
									const n = Number(e.currentTarget.value);
									if (Number.isInteger(n) && n > 0) operations[i] = { ...row, [field]: n };
									else e.currentTarget.value = String(row[field]);
								}}
							/></td
						>{/each}<td></td></tr
				>{/each}
		</tbody>
	</table>
</div>

<style>
	.scroll {
		overflow-x: auto;
	}
	th,
	td {
		padding: var(--s-2) var(--s-8);
		font-size: var(--type-small);
	}
	thead th {
		vertical-align: bottom;
	}
	tbody th {
		border-bottom: 1px solid var(--rule);
		color: var(--ink);
	}
	input {
		width: 54px;
		height: 32px;
		text-align: center;
		border: 1.5px solid var(--rule);
		background: var(--paper);
		border-radius: 3px;
		font-weight: 600;
	}
	input:focus {
		border-color: var(--act);
	}
	.own {
		border-color: var(--act);
		background: var(--act-soft);
	}
	.fig th,
	.fig td {
		background: var(--well);
	}
</style>
