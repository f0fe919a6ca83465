<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import type { Field } from '$core/calculation/fields';
	import { figure, quantity } from '$core/quantity/format';
	import { shownLimit } from '$core/spec/limit-rpm';
	import { mpsOf, rpmForSpeed, sfpmOf, surfaceSpeedMps } from '$core/spec/speed';
	import { surfaceSpeed } from '$core/spec/surface-speed';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import QuotedSpeed from '$lib/features/speed/QuotedSpeed.svelte';
	import WornSpeed from '$lib/features/speed/WornSpeed.svelte';
	import BenchButtons from './BenchButtons.svelte';
	import BenchPage from './BenchPage.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';

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
	const answer = $derived(attempt(() => surfaceSpeed.run(input)));
	const out = $derived(answer.output);
</script>

<BenchPage
	title="Speeds"
	lead="Diameter, rpm, m/s and ft/min are one thing. Change any of them."
	columns="1fr 1fr"
	given="Speeds"
>
	{#snippet left()}
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
		<BenchButtons
			{entry}
			example={() => {
				entry.fill({ ...surfaceSpeed.example });
				leading = 'speedRpm';
			}}
		/>
	{/snippet}
	{#snippet right()}
		{#if out}
			<p class="num big">{quantity(out.speedMps, 'm/s', entry.system)}</p>
			<p class="num mid">
				{quantity(out.speedRpm, 'rpm')} · {quantity(out.speedSfpm, 'sfpm')} · {quantity(out.speedMps, 'm/s')}
			</p>
			{#if out.maxAllowedRpm !== null}<Strip
					value={out.speedRpm}
					limit={out.maxAllowedRpm}
					state={found(out, 'over-rated-speed', 'over-rated-rpm')}
					label="Spindle speed against the limit"
					unit="rpm"
					show={(x) => (x === out.maxAllowedRpm ? shownLimit(x) : x).toFixed(0)}
				/>{/if}
			<Reasons reasons={out.reasons} />
			{#if v.newDiameterMm && v.diameterMm}<WornSpeed
					newMm={v.newDiameterMm}
					nowMm={v.diameterMm}
					rpm={out.speedRpm}
					ratedMps={v.ratedSpeedMps ?? null}
					ratedRpm={v.ratedSpeedRpm ?? null}
					machineRpm={v.machineMaxRpm ?? null}
					system={entry.system}
				/>{/if}
			<ShowWorking
				computed={[{ calculation: surfaceSpeed.id, input: input, output: out }]}
				system={entry.system}
			/>
		{:else}<h2>Waiting for numbers</h2>
			<p>{answer.fault?.message}</p>{/if}
	{/snippet}
	{#snippet below()}
		<section class="sheet wide" aria-label="A quoted speed">
			<QuotedSpeed system={entry.system} autofocus={quoted} />
		</section>
	{/snippet}
</BenchPage>

<style>
	.wide {
		grid-column: 1 / -1;
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-10);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: var(--s-4) var(--s-14);
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
</style>
