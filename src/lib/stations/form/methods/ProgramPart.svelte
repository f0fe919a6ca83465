<script lang="ts">
	import { untrack } from 'svelte';
	import { tryOrNull } from '$core/calculation/attempt';
	import { summaryOf } from '$core/form/profile/chain';
	import { offsetPath } from '$core/form/profile/offset-path';
	import { offsetOf } from '$core/form/tool';
	import { programLines } from '$core/form/program/lines';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { formOf } from '$core/route/stations/form/made';
	import { programStep, remainingOf, toolOfProgram } from '$core/route/stations/form/program';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { LongPreview } from '$lib/desk/long-preview.svelte';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import ProgramText from '$lib/drawing/form/ProgramText.svelte';
	import { LONG } from '$lib/drawing/form/form-drawn';
	import PlayPasses from './PlayPasses.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The program that moves the dresser along the form, beside its picture, played pass by pass. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts))!);
	/** The form in the middle of the wheel, until somebody says where it lies; the dresser comes in clear of the wheel. */
	function whereItLies() {
		const wheelMm = desk.facts.wheel!.rimWidthMm ?? desk.facts.wheel!.widthMm;
		const { widthMm, start, end } = summaryOf(form.chain);
		const beside = Math.max(0, (wheelMm - widthMm) / 2);
		const noseMm = tryOrNull(() => offsetOf(toolOfProgram(form, 0))) ?? 0;
		return {
			faceFromMm: Number((start.zMm - beside).toFixed(3)),
			faceToMm: Number((end.zMm + beside).toFixed(3)),
			leadMm: Number((beside + noseMm + CLEAR_MM).toFixed(2))
		};
	}
	const CLEAR_MM = 2;
	const entry = stepEntry(desk, programStep, { start: { feedMmPerMin: 100, ...untrack(whereItLies) } });
	const v = $derived(entry.result.values);
	const long = new LongPreview(desk, programStep, entry, () => form.chain.length > LONG);
	const p = $derived(long.now);
	const out = $derived(p.main);
	const rho = $derived(tryOrNull(() => offsetOf(toolOfProgram(form, v.noseCorrectionUm ?? 0))) ?? 0);
	const path = $derived(tryOrNull(() => offsetPath(form.chain, rho))?.segments ?? []);
	const lines = $derived(
		out
			? programLines(out.text, path.length ? path : form.chain, {
					direction: v.direction === 'minus-z' ? 'minus-z' : 'plus-z',
					arcFormat: v.arcFormat === 'R' ? 'R' : 'IK'
				})
			: []
	);
	const remaining = $derived(tryOrNull(() => remainingOf(facts)) ?? [0]);
	let picked = $state(0);
	/** The last pass lies on the form itself; played it begins with the first. */
	let pass = $state(untrack(() => remaining.length - 1));
	let share = $state(0.4);
	/** The path of the pass that is looked at lies outside of the form by what it still leaves. */
	const lifted = $derived.by(() => {
		const by = (remaining[Math.min(pass, remaining.length - 1)] ?? 0) / 1000;
		return path.map((s) => ({ ...s, x0Mm: s.x0Mm - by, x1Mm: s.x1Mm - by }));
	});
	const q = (value: number | null | undefined) =>
		quantity(value ?? null, out?.unit === 'inch' ? undefined : 'mm', 'mm');
</script>

<SettingSheet
	{desk}
	step={programStep}
	{entry}
	{p}
	what={long.computing ? 'Being computed …' : 'Passes in the program'}
	figure={out ? String(out.passCount) : '-'}
	means={out ? `X by the ${out.xZero === 'nose' ? 'nose' : 'centre of the nose'}` : ''}
	action="Keep this program"
	words={{
		radius: 'radius',
		diameter: 'diameter',
		centre: 'centre of the nose',
		nose: 'foremost of the nose',
		'plus-z': 'towards +Z',
		'minus-z': 'towards -Z',
		IK: 'I and K',
		R: 'R'
	}}
	later={['safeClearanceMm', 'noseCorrectionUm', 'dressRadialUm']}
	{ondone}
>
	{#snippet board()}<FormBoard
			chain={form.chain}
			path={lifted}
			{rho}
			stoneDeg={form.dresser?.tipAngleDeg ?? null}
			toolShare={share}
			family={facts.wheel?.family ?? null}
			lit={lines[picked]?.move ?? null}
			units={facts.units}
		/>
		<PlayPasses {remaining} bind:pass bind:share reversed={v.direction === 'minus-z'} units={facts.units} />
	{/snippet}
	{#snippet beneath(o)}<ProgramText text={o.text} {lines} bind:picked name="form" />{/snippet}
	{#snippet follows(o)}<p class="quiet">
			Safe X {q(o.safeX)}; within X {q(o.bounds.xMin)} to {q(o.bounds.xMax)}, Z {q(o.bounds.zMin)} to {q(
				o.bounds.zMax
			)}{o.unit === 'inch' ? ', inch' : ''}. It comes in beside the wheel, never down onto it.
		</p>{/snippet}
</SettingSheet>
