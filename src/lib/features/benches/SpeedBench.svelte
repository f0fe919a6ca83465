<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { InputFault } from '$core/calculation/fault';
	import type { Field } from '$core/calculation/fields';
	import { figure, quantity } from '$core/quantity/format';
	import { mpsOf, rpmForSpeed, sfpmOf, surfaceSpeedMps } from '$core/spec/speed';
	import { surfaceSpeed } from '$core/spec/surface-speed';
	import { CORE_VERSION } from '$core/version';
	import Strip from '$lib/drawing/Strip.svelte';
	import QuotedSpeed from '$lib/features/speed/QuotedSpeed.svelte';
	import WornSpeed from '$lib/features/speed/WornSpeed.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';

	interface Props {
		draft: Record<string, unknown> | null;
		quoted?: boolean;
	}
	/** rpm, m/s, ft/min and diameter tied together: change any, the others follow, against what wheel and machine allow. */
	let { draft, quoted = false }: Props = $props();
	const fields: Field[] = surfaceSpeed.fields.filter((f) => f.name !== 'purpose').map((f) => ({ ...f }));
	const entry = new Entry({ fields, key: 'bench-spec.surface-speed', draft: untrack(() => draft) });
	const SPEEDS = ['speedRpm', 'speedMps', 'speedSfpm'] as const;
	/** The speed typed last leads; the other two are worked out and shown in their places. */
	let leading = $state<(typeof SPEEDS)[number]>(
		SPEEDS.find((n) => String(entry.at(n) ?? '') !== '') ?? 'speedRpm'
	);
	const v = $derived(entry.result.values as Record<string, number | undefined>);
	function follow(from: (typeof SPEEDS)[number]) {
		leading = from;
		const d = v.diameterMm;
		const x = v[from];
		for (const n of SPEEDS) {
			if (n === from) continue;
			const mps =
				d === undefined || x === undefined
					? null
					: from === 'speedRpm'
						? surfaceSpeedMps(d, x)
						: from === 'speedMps'
							? x
							: mpsOf(x);
			const to =
				mps === null || d === undefined
					? ''
					: n === 'speedRpm'
						? figure(rpmForSpeed(mps, d), 'rpm', entry.system)
						: n === 'speedMps'
							? figure(mps, 'm/s', entry.system)
							: figure(sfpmOf(mps), 'sfpm', entry.system);
			if (String(entry.at(n) ?? '') !== to) entry.set(n, to);
		}
	}
	$effect(() => {
		void [v.diameterMm, entry.at(leading), entry.system];
		untrack(() => follow(leading));
	});
	const input = $derived({
		...Object.fromEntries(fields.map((f) => [f.name, v[f.name]])),
		...Object.fromEntries(SPEEDS.filter((n) => n !== leading).map((n) => [n, undefined])),
		purpose: v.ratedSpeedMps === undefined && v.ratedSpeedRpm === undefined ? 'convert' : 'run'
	});
	const answer = $derived.by(() => {
		try {
			return { fault: null, output: surfaceSpeed.run(input) };
		} catch (e) {
			if (e instanceof InputFault) return { fault: e, output: null };
			throw e;
		}
	});
	const out = $derived(answer.output);
	let working = $state(false);
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>Speeds</h1>
	<p class="lead">Diameter, rpm, m/s and ft/min are one thing. Change any of them.</p>
</div>
<div class="cols">
	<section class="sheet" aria-label="Speeds">
		<div class="grid">
			<QuantityField {entry} name="diameterMm" label="Diameter today" autofocus={!quoted} />
			{#each SPEEDS as n (n)}<div oninputcapture={() => (leading = n)}>
					<QuantityField
						{entry}
						name={n}
						label={n === 'speedRpm' ? 'Spindle, rpm' : n === 'speedMps' ? 'Rim speed' : 'Rim, feet a minute'}
						note={n === leading ? 'leads' : 'follows'}
					/>
				</div>{/each}
		</div>
		<h2>What limits it</h2>
		<div class="grid">
			<QuantityField {entry} name="ratedSpeedMps" label="Marked speed" /><QuantityField
				{entry}
				name="ratedSpeedRpm"
				label="Marked rpm"
			/><QuantityField {entry} name="machineMaxRpm" label="Machine at most" /><QuantityField
				{entry}
				name="newDiameterMm"
				label="Diameter when new"
			/><QuantityField {entry} name="targetSpeedMps" label="Speed wanted" />
		</div>
		<div class="row">
			<button
				class="btn"
				onclick={() => {
					entry.fill({ ...surfaceSpeed.example });
					leading = 'speedRpm';
				}}>Fill in an example</button
			><button class="btn" onclick={() => entry.fill({})}>Empty it</button><button
				class="btn"
				aria-pressed={entry.system === 'inch'}
				onclick={() => entry.switchTo(entry.system === 'mm' ? 'inch' : 'mm')}
				>{entry.system === 'mm' ? 'Inches' : 'Millimetres'}</button
			>
		</div>
	</section>
	<section class="sheet" aria-label="Result" aria-live="polite">
		{#if out}
			<p class="num big">{quantity(out.speedMps, 'm/s', entry.system)}</p>
			<p class="num mid">
				{quantity(out.speedRpm, 'rpm')} · {quantity(out.speedSfpm, 'sfpm')} · {quantity(out.speedMps, 'm/s')}
			</p>
			{#if out.maxAllowedRpm !== null}<Strip
					value={out.speedRpm}
					limit={out.maxAllowedRpm}
					label="Spindle speed against the limit"
					unit="rpm"
					show={(x) => x.toFixed(0)}
				/>{/if}
			<Reasons reasons={out.reasons} />
			{#if v.newDiameterMm && v.diameterMm}<WornSpeed
					newMm={v.newDiameterMm}
					nowMm={v.diameterMm}
					rpm={out.speedRpm}
					limitRpm={out.maxAllowedRpm}
					ratedMps={v.ratedSpeedMps ?? null}
					ratedRpm={v.ratedSpeedRpm ?? null}
					machineRpm={v.machineMaxRpm ?? null}
					system={entry.system}
				/>{/if}
			<button class="link" aria-expanded={working} onclick={() => (working = !working)}
				>{working ? 'Hide the working' : 'Show the working'}</button
			>
			{#if working}<WorkingSheet
					calculation={surfaceSpeed}
					{input}
					output={out}
					version={CORE_VERSION}
					system={entry.system}
				/>{/if}
		{:else}<h2>Waiting for numbers</h2>
			<p>{answer.fault?.message}</p>{/if}
	</section>
	<section class="sheet wide" aria-label="A quoted speed">
		<QuotedSpeed system={entry.system} autofocus={quoted} />
	</section>
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-10);
		min-width: 0;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: var(--s-4) var(--s-14);
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1;
	}
	.mid {
		font-size: var(--type-head);
		color: var(--ink2);
	}
	.link {
		justify-self: start;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
