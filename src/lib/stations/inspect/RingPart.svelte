<script lang="ts">
	import { ringSetting, ringStep, worstHeard } from '$core/route/steps/inspect';
	import { Evidence } from '$core/route/evidence';
	import { clockPosition } from '$core/quantity/format';
	import Face from '$lib/drawing/Face.svelte';
	import { polar } from '$lib/drawing/polar';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import { Entry, type Typed } from '$lib/ui/entry.svelte';
	import Reasons from '$lib/ui/Reasons.svelte';
	import ShowWorking from '$lib/ui/ShowWorking.svelte';
	import VerdictMark from '$lib/ui/VerdictMark.svelte';
	import type { Desk } from '../desk.svelte';
	import { outputOf, preview } from '../preview';

	let { desk, draft, onagain }: { desk: Desk; draft: Record<string, unknown> | null; onagain: () => void } = $props();
	const entry = new Entry({ fields: ringStep.fields, key: `setup-${desk.facts.id}-inspect-ring`, draft, system: desk.facts.units, start: { taps: new Evidence(desk.facts).latest('inspect', 'ring')?.entered.taps } });
	const setting = $derived(ringSetting(desk.facts));
	const heard = $derived((entry.typed.taps ?? []) as string[]);
	let at = $state(0);
	const tap = $derived(setting.taps[Math.min(at, setting.taps.length - 1)]!);
	const worst = $derived(worstHeard(heard.filter(Boolean)));
	const p = $derived(preview(ringStep, desk.facts, entry));
	const out = $derived(outputOf(p, 'inspect.ring-decision'));
	const tone: Record<string, string> = { clear: 'var(--ok)', doubtful: 'var(--caution)', dull: 'var(--stop)' };
	const R = $derived((184 * setting.tapRadiusMm) / (desk.facts.wheel!.diameterMm / 2));
	function hear(what: 'clear' | 'doubtful' | 'dull') {
		const list = [...heard];
		list[at] = what;
		entry.set('taps', list as unknown as Typed);
		if (at < setting.taps.length - 1) at += 1;
	}
	const keys = (e: KeyboardEvent) => { const k = { c: 'clear', u: 'doubtful', d: 'dull' }[e.key] as 'clear' | undefined; if (k && !(e.target instanceof HTMLInputElement && e.target.type !== 'radio')) { e.preventDefault(); hear(k); } };
	const head = $derived(worst === 'dull' ? 'Dull. Do not mount.' : heard.length < setting.taps.length ? `Tap place ${at + 1}` : worst === 'doubtful' ? 'Not sure. Ring it again.' : 'Clear at every place.');
</script>

<svelte:window onkeydown={keys} />
<h1>Inspect: ring</h1>
{#if setting.applicability === 'no'}
	<p class="lead">This wheel cannot be rung: too small, or a core or bond that does not sing. It is looked at closely and run in guarded.</p>
	<Reasons reasons={(out?.reasons ?? []) as never} />
{:else}
	<p class="lead">{setting.method === 'stand' ? 'Standing on a clean hard floor' : 'Hung from a pin'}, dry, no flanges. Tap with wood or plastic. Turn the wheel an eighth between the sets.</p>
	<div class="cols">
		<Face label="Tap places: {setting.taps.map((t, i) => `${i + 1} at ${t.wheelAngleDeg} degrees ${heard[i] ?? 'open'}`).join(', ')}" size={400} bore={58} flange={0} numbers={false}>
			{#snippet over(c)}
				<text x={c} y={c + 5} text-anchor="middle" class="pin">pin</text>
				{#each setting.taps as t, i (t.order)}
					{@const [x, y] = polar(c, c, R, t.wheelAngleDeg)}
					<g role="presentation" onclick={() => (at = i)} style="cursor:pointer">
						{#if i === at && worst !== 'dull'}<circle cx={x} cy={y} r="22" fill="none" stroke="var(--act)" stroke-width="3" />{/if}
						<circle cx={x} cy={y} r="16" fill={tone[heard[i] ?? ''] ?? 'var(--sheet)'} stroke="var(--wheel-ink)" />
						<text x={x} y={y + 5} text-anchor="middle" class="n" fill={heard[i] ? 'var(--sheet)' : 'var(--ink)'}>{i + 1}</text>
					</g>
				{/each}
			{/snippet}
		</Face>
		<div class="say">
			<p class="head" class:dull={worst === 'dull'} role="status">{#if worst === 'dull'}<VerdictMark state="stop" size={32} />{/if}{head}</p>
			{#if worst !== 'dull'}<p>Place {at + 1} of {setting.taps.length}: <b class="num">{tap.wheelAngleDeg}°</b> from the mark, about {clockPosition(tap.wheelAngleDeg)} with the mark up.{tap.rotationDeg ? ' Turned an eighth, so it hangs where the last set did.' : ''}</p>{/if}
			<fieldset><legend>What you heard</legend>
				<button class="btn" class:on={heard[at] === 'clear'} onclick={() => hear('clear')}>Clear <kbd>C</kbd></button><button class="btn" class:on={heard[at] === 'doubtful'} onclick={() => hear('doubtful')}>Not sure <kbd>U</kbd></button><button class="btn" class:on={heard[at] === 'dull'} onclick={() => hear('dull')}>Dull <kbd>D</kbd></button>
			</fieldset>
			<p class="quiet">{heard.filter(Boolean).length} of {setting.taps.length} places heard, taps {Math.round(desk.facts.wheel!.diameterMm / 2 - setting.tapRadiusMm)} mm in from the rim. A clear sound never releases a wheel; a dull one always ends it.</p>
			{#if worst === 'doubtful' && out}<Reasons reasons={out.reasons as never} />{/if}
			<button class="link" onclick={() => { entry.set('taps', []); at = 0; }}>Start the taps again</button>
		</div>
	</div>
{/if}
<ActionBar label={worst === 'dull' ? 'Quarantine the wheel' : setting.applicability === 'no' ? 'Go on without a ring' : 'Rung'} onact={() => desk.record('inspect', 'ring', entry)} busy={desk.busy} stop={worst === 'dull'}>
	<button class="btn" onclick={onagain}>Look it over again</button>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols { display: grid; grid-template-columns: 380px 1fr; gap: 26px; margin: 12px 0; align-items: start; } .say { display: grid; gap: 12px; }
	.head { font: 700 30px/1.15 var(--text); display: flex; gap: 10px; align-items: center; } .dull { color: var(--stop); } fieldset { border: 0; padding: 0; display: flex; gap: 8px; flex-wrap: wrap; } legend { font-weight: 650; margin-bottom: 5px; }
	.pin { font: 500 13px var(--text); fill: var(--ink2); } .n { font: 700 15px var(--text); }
	@media (max-width: 1000px) { .cols { grid-template-columns: 1fr; } }
</style>
