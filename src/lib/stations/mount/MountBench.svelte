<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import type { Desk } from '../desk.svelte';
	import FitPart from './FitPart.svelte';
	import FlangePart from './FlangePart.svelte';
	import TightenPart from './TightenPart.svelte';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const e = $derived(new Evidence(desk.facts));
	const passed = (step: string) => { const r = e.latest('mount', step); return r !== null && (r.verdict === 'ok' || (r.verdict === 'caution' && r.overrideReason !== null)); };
	let chosen = $state<string | null>(null);
	const part = $derived(chosen ?? (!passed('fit') ? 'fit' : !passed('flange') ? 'flange' : 'tighten'));
	const parts = [['fit', 'Fit'], ['flange', 'Flanges'], ['tighten', 'Thread and tightening']] as const;
</script>

<h1>Mount</h1>
<p class="lead">Spindle locked out. The wheel slides on by hand; nothing is forced.</p>
<div class="tabs" role="group" aria-label="Part of mounting">{#each parts as [id, name] (id)}<button class="btn" class:on={part === id} aria-pressed={part === id} onclick={() => (chosen = id)}>{name}{passed(id === 'tighten' ? 'tighten' : id) ? ' ✓' : ''}</button>{/each}</div>
{#if part === 'fit'}<FitPart {desk} draft={drafts['mount-fit'] ?? null} ondone={() => (chosen = null)} />
{:else if part === 'flange'}<FlangePart {desk} draft={drafts.mount ?? null} ondone={() => (chosen = null)} />
{:else}<TightenPart {desk} draft={drafts['mount-thread'] ?? null} />{/if}

<style>.tabs { display: flex; gap: 6px; margin: 12px 0; flex-wrap: wrap; }</style>
