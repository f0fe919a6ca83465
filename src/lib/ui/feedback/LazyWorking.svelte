<script lang="ts">
	import type { System } from '$core/quantity/parse';

	interface Props {
		id: string;
		input: Readonly<Record<string, unknown>>;
		output: object;
		version: string;
		system: System;
	}
	/** Fetches the register and the sheet only when somebody wants to see a working. */
	let { id, input, output, version, system }: Props = $props();
	const parts = Promise.all([import('./WorkingSheet.svelte'), import('$core/calculations')]);
</script>

{#await parts then [sheet, register]}<sheet.default
		calculation={register.calculation(id)}
		{input}
		{output}
		version={`${register.CORE_VERSION}${version}`}
		{system}
	/>{/await}
