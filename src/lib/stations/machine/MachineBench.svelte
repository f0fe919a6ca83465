<script lang="ts">
	import { limitOf } from '$core/calculation/limits';
	import type { Verdict } from '$core/calculation/verdict';
	import { spindleRunout } from '$core/mount/spindle-runout';
	import { recommissionStep, spindleStep } from '$core/route/stations/machine/steps';
	import { quantity } from '$core/quantity/format';
	import SpindleDrawing from '$lib/drawing/SpindleDrawing.svelte';
	import Strip from '$lib/drawing/Strip.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import { WAKE_WORDS } from '$lib/words';

	interface Props {
		desk: SetupSession;
	}
	/** The machine itself, before any wheel: woken after a long stand, or measured after a crash. */
	let { desk }: Props = $props();
	const waking = $derived(desk.facts.route.machineAsks === 'wake');
	/** A reading with its mark, as it was found. */
	const seen = (v: unknown, state: Verdict | undefined) =>
		typeof v === 'number' && state ? { text: q(v), state } : null;
	const figure = (name: string) =>
		limitOf(desk.facts.guidelines.limits, spindleRunout, name, desk.facts.units);
	/** Asked of a table that is moved by oil. */
	const OIL = ['pumpRunS', 'pressureBar', 'pressureRequiredBar', 'tableMoves'];
	const wakeWords = (code: string | null) => WAKE_WORDS[code ?? ''] ?? code ?? '';
	const q = (v: number) => quantity(v, 'um', desk.facts.units);
</script>

{#if waking}
	<h1>Machine: wake it</h1>
	<p class="lead">
		{desk.facts.machine.code} has stood. Power locked off until it says otherwise; no wheel on.
	</p>
	<StepForm
		{desk}
		step={recommissionStep}
		action="Book the checks"
		words={{ 'not-fully': 'not its full stroke' }}
		asked={(name, typed) => !OIL.includes(name) || typed.hydraulic === true}
	>
		{#snippet drawing(out)}
			<p class="lab">Do this now</p>
			<p class="now">
				{out ? wakeWords(out.next) : 'Answer what you have looked at'}
			</p>
			{#if out}<ol>
					{#each out.steps as s (s.code)}<li>
							<VerdictMark
								state={s.done ? 'ok' : s.code === out.next ? 'now' : 'open'}
								size={18}
								label=""
							/>{WAKE_WORDS[s.code] ?? s.code}
						</li>{/each}
				</ol>{/if}
		{/snippet}
	</StepForm>
{:else}
	<h1>Machine: spindle</h1>
	<p class="lead">
		No wheel on, spindle turned by hand. Dial on the taper, then on the flange; full reading.
	</p>
	<StepForm
		{desk}
		step={spindleStep}
		action="Book the readings"
		instruments={{ taperRunoutUm: 'dial', flangeRunoutUm: 'dial' }}
	>
		{#snippet drawing(out, v)}<SpindleDrawing
				taper={seen(v.taperRunoutUm, out?.taperState)}
				flange={seen(v.flangeRunoutUm, out?.flangeState)}
				words={out ? `The worse of the two ${q(out.worstUm)}` : ''}
			/>
			<p class="lab">The worse of the two</p>
			<p class="num big">{out ? q(out.worstUm) : '-'}</p>
			<Strip
				value={out ? out.worstUm : null}
				limit={figure('runoutLimitUm')}
				state={out?.verdict ?? null}
				label="Run-out"
				show={q}
			/>
			<p class="quiet">
				Aim {q(figure('runoutAimUm'))}; from {q(figure('runoutLimitUm'))} on the spindle is looked at by people
				trained for it.
			</p>{/snippet}
	</StepForm>
{/if}

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.now {
		font: 700 var(--type-figure)/1.15 var(--text);
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
	ol {
		list-style: none;
		padding: 0;
	}
	li {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		padding: var(--s-4) 0;
		font-size: var(--type-label);
	}
</style>
