<script lang="ts">
	const key = [
		['abrasive', '#0d5a63'],
		['grit', '#3e8189'],
		['grade', '#82abaf'],
		['bond', '#c7a46c'],
		['life', '#8a9194'],
		['structure', '#b7b0a3'],
		['size', '#d5c8b1']
	] as const;
</script>

<ul aria-hidden="true">
	{#each key as [name, tone] (name)}<li><i style="background:{tone}"></i>{name}</li>{/each}
</ul>

<style>
	ul {
		list-style: none;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-4) var(--s-16);
		font-size: var(--type-small);
		color: var(--ink2);
		margin: var(--s-10) 0 var(--s-6);
	}
	li {
		display: flex;
		gap: var(--s-6);
		align-items: center;
	}
	i {
		width: 11px;
		height: 11px;
	}
</style>
