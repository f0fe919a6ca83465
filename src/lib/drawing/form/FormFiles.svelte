<script lang="ts">
	import { FORM_FILES, FORM_FILE_TYPES, type FormFile, formFile } from '$core/form/files';
	import type { Segment } from '$core/form/profile/segment';

	interface Props {
		chain: readonly Segment[];
		/** What the files are called. */
		name?: string;
	}
	/** The form as files that others read: a drawing, a picture, a table. */
	let { chain, name = 'form' }: Props = $props();
	const plain = $derived(
		name
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'form'
	);
	const link = (kind: FormFile, of: readonly Segment[]): string =>
		`data:${FORM_FILE_TYPES[kind]};charset=utf-8,${encodeURIComponent(formFile(kind, of))}`;
	/** Made once the form rests, one after the other: none of them is wanted while it is being typed. */
	let made = $state.raw<Partial<Record<FormFile, string>>>({});
	const RESTS_MS = 200;
	$effect(() => {
		const of = chain;
		made = {};
		const timers = FORM_FILES.map((kind, i) =>
			setTimeout(() => (made = { ...made, [kind]: link(kind, of) }), RESTS_MS + 20 * i)
		);
		return () => timers.forEach(clearTimeout);
	});
</script>

<p class="files">
	<span class="quiet">Take the form out:</span>
	<!-- The files are made in the page: there is no address to resolve. -->
	<!-- eslint-disable svelte/no-navigation-without-resolve -->
	{#each FORM_FILES as kind (kind)}<a
			class="btn"
			href={made[kind]}
			aria-disabled={made[kind] ? undefined : 'true'}
			download="{plain}.{kind}">{kind.toUpperCase()}</a
		>{/each}
	<!-- eslint-enable svelte/no-navigation-without-resolve -->
</p>

<style>
	.files {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		flex-wrap: wrap;
	}
</style>
