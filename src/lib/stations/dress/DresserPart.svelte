<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { dialFactor } from '$core/set/dial';
	import { calibrateStep, registerStep, sideStep, zeroStep } from '$core/route/stations/dress/set-dresser';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import RegisterDrawing from '$lib/drawing/dress/RegisterDrawing.svelte';
	import SideDrawing from '$lib/drawing/dress/SideDrawing.svelte';
	import TouchScatter from '$lib/drawing/dress/TouchScatter.svelte';
	import ZeroDrawing from '$lib/drawing/dress/ZeroDrawing.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The dresser set to the machine: registered by four touches, its side, the wheel on a reference, and the zero after the dress. */
	let { desk }: Props = $props();
	const TASKS = [
		['register', 'Register'],
		['side', 'Contact side'],
		['calibrate', 'Calibrate the wheel'],
		['zero', 'Zero after the dress']
	] as const;
	let open = $state<(typeof TASKS)[number][0]>('register');
	const SIDES = { 'x-plus': 'x+', 'x-minus': 'x−' };
	/** Of the dial for one of the radius. */
	const dial = $derived(dialFactor(desk.facts.machine.dialReads));
	const q = (v: number | null | undefined, u: 'um' | 'mm') => quantity(v ?? null, u, desk.facts.units);
</script>

<div class="tabs" role="group" aria-label="Part of setting the dresser">
	{#each TASKS as [id, title] (id)}<button
			class="btn"
			class:on={open === id}
			aria-pressed={open === id}
			onclick={() => (open = id)}>{title}</button
		>{/each}
</div>
{#key open}
	{#if open === 'register'}<StepForm {desk} step={registerStep} action="Registered">
			{#snippet drawing(out, v)}<RegisterDrawing
					taperUm={out?.taperUm ?? null}
					allowedUm={v.toleranceUm ?? 5}
					startMm={out?.suggestedStartZMm ?? null}
					endMm={out?.suggestedEndZMm ?? null}
					units={desk.facts.units}
				/>{/snippet}
		</StepForm>
	{:else if open === 'side'}<StepForm {desk} step={sideStep} action="Sides agree" words={SIDES}>
			{#snippet drawing(out, v)}<p class="lab">It should be</p>
				<p class="huge">{out ? SIDES[out.expectedSide] : '-'}</p>
				<SideDrawing
					bore={v.kind === 'internal'}
					wheelOn={v.wheelSideOfWork ?? null}
					grinds={v.grindSide ?? null}
					dressed={v.dressSide ?? null}
					bites={v.dressBites ?? null}
					expected={out?.expectedSide ?? null}
				/>
				<p class="quiet">The side as the slide counts it, not the sense of rotation.</p>{/snippet}
		</StepForm>
	{:else if open === 'calibrate'}<StepForm {desk} step={calibrateStep} action="Calibrated">
			{#snippet drawing(out, v)}<p class="lab">Offset across, along</p>
				<p class="num huge">{q(out?.offsetXMm, 'mm')}</p>
				<p class="num mid">{q(out?.offsetZMm, 'mm')}</p>
				<TouchScatter
					rows={[
						{ name: 'Wheel across', readings: v.touchXMm ?? [], dial },
						{ name: 'Probe across', readings: v.probeXMm ?? [], dial },
						{ name: 'Wheel along', readings: v.touchZMm ?? [], dial: 1 },
						{ name: 'Probe along', readings: v.probeZMm ?? [], dial: 1 }
					]}
					limitUm={v.scatterLimitUm ?? 10}
					units={desk.facts.units}
				/>
				<p class="quiet">
					Scatter {q(out?.scatterUm, 'um')}; touched again after a remount, a dress or another dresser.
				</p>{/snippet}
		</StepForm>
	{:else}<StepForm {desk} step={zeroStep} action="Zero moved" words={SIDES}>
			{#snippet drawing(out, v)}<p class="lab">New zero</p>
				<p class="num huge">{q(out?.newZeroMm, 'mm')}</p>
				<ZeroDrawing
					beforeMm={v.previousZeroMm ?? null}
					newMm={out?.newZeroMm ?? null}
					touchMm={v.touchZeroMm ?? null}
					limitMm={(dial * (v.verifyLimitUm ?? 10)) / 1000}
					reversed={out?.looksLike === 'sign-reversed'}
					units={desk.facts.units}
				/>
				<p class="quiet">
					moves by {q(out?.shiftMm, 'mm')}; touch once to see that it went the right way.
				</p>{/snippet}
		</StepForm>{/if}
{/key}

<style>
	.tabs {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
	}
	.mid {
		font-size: var(--type-title);
		font-weight: 650;
	}
</style>
