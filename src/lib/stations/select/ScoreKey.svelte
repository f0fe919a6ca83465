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
		gap: 4px 18px;
		font-size: 13px;
		color: var(--ink2);
		margin: 10px 0 6px;
	}
	li {
		display: flex;
		gap: 6px;
		align-items: center;
	}
	i {
		width: 11px;
		height: 11px;
	}
</style>
