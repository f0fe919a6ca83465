<script lang="ts">
	import { duration, figure, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import {
		dressedStep,
		dresserSetup,
		positionStep,
		settingsStep,
		turns
	} from '$core/route/stations/dress/steps';
	import { naturalRaUm } from '$core/spec/natural-finish';
	import DresserDrawing from '$lib/drawing/DresserDrawing.svelte';
	import OverlapStrip from '$lib/drawing/OverlapStrip.svelte';
	import RidgeDrawing from '$lib/drawing/RidgeDrawing.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const f = $derived(desk.facts);
	const e = $derived(new Evidence(f));
	const make = (fields: never, part: string, start: Record<string, unknown>) =>
		new Entry({
			fields,
			key: `setup-${desk.facts.id}-dress${part}`,
			draft: drafts[`dress${part}`] ?? null,
			system: desk.facts.units,
			start
		});
	const booked = (step: string) => new Evidence(desk.facts).latest('dress', step)?.entered ?? {};
	const position = make(positionStep.fields as never, '-position', {
		surfaceMotion: 'down',
		...booked('position')
	});
	const settings = make(settingsStep.fields as never, '', {
		depthUm: 20,
		passes: 4,
		dryPasses: 1,
		coolant: desk.facts.machine.wet ? 'continuous' : 'none',
		...booked('settings')
	});
	const done = make(dressedStep.fields as never, '-done', {});
	$effect(() => {
		for (const en of [position, settings, done]) en.switchTo(f.units);
	});
	const ok = (step: string) => {
		const r = e.latest('dress', step);
		return r !== null && r.verdict !== 'stop' && (r.verdict === 'ok' || r.overrideReason !== null);
	};
	const phase = $derived(
		!ok('position') ? 'position' : !e.latest('dress', 'settings') || !ok('settings') ? 'settings' : 'done'
	);
	let chosen = $state<string | null>(null);
	const part = $derived(chosen ?? phase);
	const pp = $derived(preview(positionStep, f, position));
	const where = $derived(
		outputOf(pp, 'dress.dresser-position') as {
			pastCentreMm: number;
			side: string;
			recommendedOffsetMm: number;
			recommendedMinMm: number;
			recommendedMaxMm: number;
			verdict: string;
			reasons: never[];
		} | null
	);
	const ps = $derived(preview(settingsStep, f, settings));
	const point = $derived(
		outputOf(ps, 'dress.single-point') as {
			surfaceSpeedMps: number;
			leadUm: number;
			overlap: {
				overlapRatio: number;
				dressClass: string;
				scallopHeightUm: number;
				activeWidthUm: number;
				leads: Record<string, number>;
			};
			reasons: never[];
		} | null
	);
	const plan = $derived(
		outputOf(ps, 'dress.plan') as {
			timeS: number;
			totalDepthUm: number;
			dressesLeft: number;
			diameterAfterMm: number;
			steps: string[];
			reasons: never[];
		} | null
	);
	const natural = $derived(f.wheel?.gritMeanUm ? naturalRaUm(f.wheel.gritMeanUm) : null);
	const q = (v: number | null | undefined, u: 'mm' | 'um' | 'mm/min' | 'm/s') =>
		quantity(v ?? null, u, f.units);
	const aim = (name: string) => {
		const lead = point?.overlap.leads[name];
		if (lead)
			settings.set('traverseMmPerMin', figure((lead * f.machine.spindleRpm) / 1000, 'mm/min', f.units));
	};
	async function act() {
		const step = part as 'position' | 'settings' | 'done';
		if (await desk.record('dress', step, { position, settings, done }[step])) chosen = null;
	}
	const parts = [
		['position', 'Place the diamond'],
		['settings', 'Set the dress'],
		['done', 'Dress and listen']
	] as const;
</script>

<h1>Dress</h1>
<p class="lead">
	Single point, diamond {f.dresser?.code ?? '-'}, tip radius {q(f.dresser?.tipRadiusUm, 'um')}{f.dresser
		?.flatWidthUm
		? `, flat ${q(f.dresser.flatWidthUm, 'um')}`
		: ''}. {point
		? `${point.overlap.dressClass.charAt(0).toUpperCase()}${point.overlap.dressClass.slice(1).replace('-', ' and ')}.`
		: ''}
</p>
<div class="tabs" role="group" aria-label="Part of dressing">
	{#each parts as [id, name] (id)}<button
			class="btn"
			class:on={part === id}
			aria-pressed={part === id}
			onclick={() => (chosen = id)}>{name}{ok(id) ? ' ✓' : ''}</button
		>{/each}
</div>
<div class="cols">
	<DresserDrawing
		setup={dresserSetup(f)}
		rotation={turns(f)}
		motion={String(position.typed.surfaceMotion ?? 'down')}
		family={f.wheel?.family ?? null}
		diameterMm={f.wheel!.diameterMm}
		offsetMm={(position.result.values.offsetMm as number | undefined) ?? null}
		dragDeg={(position.result.values.dragAngleDeg as number | undefined) ?? 12}
		min={where?.recommendedMinMm ?? 3}
		max={where?.recommendedMaxMm ?? 20}
		stop={where?.verdict === 'stop'}
		units={f.units}
	/>
	<div class="side">
		{#if part === 'position'}
			<QuantityField
				entry={position}
				name="offsetMm"
				label={dresserSetup(f) === 'surface-below'
					? 'Diamond from bottom centre, right is +'
					: 'Diamond above the spindle centre'}
				note={where
					? `aim for ${figure(where.recommendedOffsetMm, 'mm', f.units)}`
					: `leaving side is ${turns(f) === 'clockwise' ? 'left, so minus' : 'right, so plus'}`}
				autofocus
			/>
			<QuantityField entry={position} name="dragAngleDeg" label="Lean, tip the way the rim moves" />
			{#if dresserSetup(f) === 'cylindrical-side'}<ChoiceField
					entry={position}
					name="surfaceMotion"
					label="At the diamond the rim moves"
				/>{/if}
			{#if where}<p class="lab">Past centre</p>
				<p class="num huge" class:bad={where.verdict === 'stop'}>
					{q(where.pastCentreMm, 'mm')} <span>{where.side} side</span>
				</p>
				<Reasons reasons={where.reasons} />{/if}
		{:else if part === 'settings'}
			<div class="grid">
				<QuantityField entry={settings} name="depthUm" autofocus /><QuantityField
					entry={settings}
					name="traverseMmPerMin"
					note={point ? `${q(point.leadUm, 'um')} per turn` : ''}
				/><QuantityField
					entry={settings}
					name="passes"
					note={plan ? `${q(plan.totalDepthUm, 'um')} off, ${duration(plan.timeS)}` : ''}
				/><QuantityField entry={settings} name="dryPasses" note="smooth and dull" />
			</div>
			<ChoiceField entry={settings} name="coolant" words={{ continuous: 'full flow', none: 'dry' }} />
			{#if settings.typed.coolant === 'none'}<YesNo
					entry={settings}
					name="dustExtraction"
					compact
					label="Dust is drawn off"
				/>{/if}
			<p class="ov">
				Overlap <b class="num">{point ? point.overlap.overlapRatio.toFixed(1) : '-'}</b>
				<strong class:dull={point?.overlap.dressClass === 'dull'}
					>{point?.overlap.dressClass.replace('-', ' and ') ?? ''}</strong
				>
			</p>
			<OverlapStrip value={point?.overlap.overlapRatio ?? null} />
			{#if point}<Reasons reasons={[...point.reasons, ...(plan?.reasons ?? [])]} most={3} />{/if}
		{:else}
			<ol>
				{#each plan?.steps ?? [] as s (s)}<li>{s}</li>{/each}
			</ol>
			<YesNo entry={done} name="soundEven" compact /><YesNo entry={done} name="diamondTurned" compact />
			<QuantityField
				entry={done}
				name="diameterAfterMm"
				note={plan ? `the plan says ${q(plan.diameterAfterMm, 'mm')}` : ''}
			/>
			<p class="quiet">
				{f.dresser
					? `${f.dresser.dressesSinceTurn} dresses since the diamond was turned, turn at ${f.dresser.turnEvery}.`
					: ''}
			</p>
		{/if}
	</div>
</div>
{#if part === 'settings' && point}
	<div class="low">
		<section>
			<h3>What the diamond leaves on the wheel</h3>
			<RidgeDrawing
				leadUm={point.leadUm}
				activeUm={point.overlap.activeWidthUm}
				depthUm={Number(settings.result.values.depthUm ?? 0)}
				tipUm={f.dresser?.tipRadiusUm ?? null}
				ridgeUm={point.overlap.scallopHeightUm}
			/>
		</section>
		<section>
			<h3>What follows</h3>
			<p class="num mid">{plan?.dressesLeft ?? '-'} <span>such dresses left</span></p>
			<p class="quiet">
				{natural === null
					? ''
					: `This grit gives about Ra ${natural.toFixed(2)} ± 30 % when dressed sharp; ${f.targetRaUm} asked.`}
				Runs {q(point.surfaceSpeedMps, 'm/s')}.
			</p>
		</section>
	</div>
{/if}
<ActionBar
	label={part === 'position'
		? 'Diamond stands here'
		: part === 'settings'
			? 'Set like this'
			: done.typed.soundEven === false
				? 'Dressed, not even'
				: 'Dressed, sounds even'}
	onact={act}
	busy={desk.busy}
>
	{#if part === 'settings' && point}<button class="btn" onclick={() => aim('finishUm')}>Finer finish</button
		><button class="btn" onclick={() => aim('roughUm')}>Cooler cut</button>{/if}
	{#snippet aside()}<ShowWorking
			computed={part === 'position' ? pp.computed : ps.computed}
			system={f.units}
		/>{/snippet}
</ActionBar>

<style>
	.tabs {
		display: flex;
		gap: 6px;
		margin: 6px 0;
		flex-wrap: wrap;
	}
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 320px;
		gap: 22px;
		align-items: start;
	}
	.side {
		display: grid;
		gap: 7px;
		align-content: start;
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 3px 14px;
	}
	.lab {
		color: var(--ink2);
		font-size: 13.5px;
	}
	.huge {
		font-size: 36px;
		font-weight: 700;
		line-height: 1.1;
	}
	.huge span {
		font: 500 15px var(--text);
		color: var(--ink2);
	}
	.bad {
		color: var(--stop);
	}
	.ov {
		font-weight: 600;
	}
	.ov b {
		font-size: 26px;
		margin: 0 8px;
	}
	.ov strong {
		color: var(--ok);
	}
	.ov .dull {
		color: var(--stop);
	}
	.low {
		display: grid;
		grid-template-columns: 1fr 320px;
		gap: 22px;
		margin: 0 0 4px;
	}
	.mid {
		font-size: 24px;
		font-weight: 700;
	}
	.mid span {
		font: 500 14px var(--text);
		color: var(--ink2);
	}
	ol {
		padding-left: 20px;
		display: grid;
		gap: 4px;
	}
	@media (max-width: 1000px) {
		.cols,
		.low {
			grid-template-columns: 1fr;
		}
	}
</style>
