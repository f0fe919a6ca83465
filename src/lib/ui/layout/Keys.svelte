<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';

	interface Props {
		stations?: { key: string; name: string; href: `/setups/${number}/${string}` }[];
		extra?: [string, string][];
	}
	/** Keys that work everywhere, and the list of them under `?`. */
	let { stations = [], extra = [] }: Props = $props();
	let open = $state(false);
	const typing = (e: KeyboardEvent) =>
		e.target instanceof HTMLElement &&
		(e.target.matches('input:not([type=radio]):not([type=checkbox]), textarea, select') ||
			e.target.isContentEditable);
	function keys(e: KeyboardEvent) {
		if (e.ctrlKey || e.metaKey || e.altKey || typing(e)) return;
		const station = stations.find((s) => s.key === e.key);
		if (e.key === '?') {
			open = !open;
			e.preventDefault();
		} else if (e.key === 'Escape') open = false;
		else if (e.key === '/') {
			const find = document.querySelector<HTMLElement>('[data-find]');
			e.preventDefault();
			if (find) find.focus();
			else void goto(resolve('/find'));
		} else if (e.key === 'n' || e.key === 'N') {
			e.preventDefault();
			void goto(resolve('/setups/new'));
		} else if (station) {
			e.preventDefault();
			void goto(resolve(station.href));
		}
	}
</script>

<svelte:window onkeydown={keys} />
{#if open}
	<aside aria-label="Keys" class="sheet">
		<h2>Keys</h2>
		<dl>
			{#each [['?', 'this list'], ['/', 'find'], ['N', 'new setup'], ['Enter', 'take the value and move on'], ...extra] as [k, what] (k)}<div
				>
					<dt><kbd>{k}</kbd></dt>
					<dd>{what}</dd>
				</div>{/each}
			{#each stations as s (s.key)}<div>
					<dt><kbd>{s.key}</kbd></dt>
					<dd>{s.name}</dd>
				</div>{/each}
		</dl>
		<button class="btn" onclick={() => (open = false)}>Close</button>
	</aside>
{/if}

<style>
	aside {
		position: fixed;
		right: 20px;
		bottom: 20px;
		z-index: 20;
		padding: var(--s-14) var(--s-16);
		min-width: 240px;
		display: grid;
		gap: var(--s-10);
	}
	dl div {
		display: grid;
		grid-template-columns: 60px 1fr;
		padding: var(--s-4) 0;
	}
</style>
