<script lang="ts">
	import { resolve } from '$app/paths';
	import { completed } from '$core/calculation/complete';
	import { all } from '$core/route/result';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { tryOrNull } from '$core/calculation/attempt';
	import { storageRules } from '$core/inspect/storage-rules';
	import { LOOK_FIELDS, lookOf } from '$core/route/stations/inspect/look';
	import { isOrganic } from '$core/spec/families';
	import { parseMarking } from '$core/spec/parse-marking';
	import { WHEEL_FIELDS } from '$core/shop/wheel';
	import { intake } from '$core/shop/wheel-intake';
	import WheelSection from '$lib/drawing/WheelSection.svelte';
	import { toneOf } from '$lib/drawing/polar';
	import LookForm from '$lib/stations/inspect/LookForm.svelte';
	import LabelPart from '$lib/features/rack/LabelPart.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	const entry = new Entry({
		fields: WHEEL_FIELDS,
		key: 'wheel-new',
		draft: data.draft,
		system: data.shop.units
	});
	const look = new Entry({ fields: LOOK_FIELDS, key: 'wheel-new-look', draft: data.look });
	const sender = new Sender();
	const read = $derived.by(() => {
		const text = String(entry.at('marking') ?? '');
		return text.trim() ? tryOrNull(() => parseMarking.run({ text })) : null;
	});
	const v = $derived(entry.result.values as Record<string, number>);
	const drawn = $derived(
		v.newDiameterMm && v.widthMm && v.boreMm && v.boreMm < v.newDiameterMm
			? {
					shape: String(entry.at('shape') ?? '1'),
					family: read?.abrasive?.family ?? null,
					diameterMm: v.diameterMm ?? v.newDiameterMm,
					newDiameterMm: v.newDiameterMm,
					minDiameterMm: v.minDiameterMm ?? v.boreMm,
					boreMm: v.boreMm,
					widthMm: v.widthMm
				}
			: null
	);
	const bondFamily = $derived(read?.bond?.family ?? null);
	const shown = $derived({
		diameterMm: drawn?.diameterMm ?? 250,
		boreMm: drawn?.boreMm ?? 76,
		bondFamily,
		expiresOn: (entry.at('expiresOn') || entry.at('madeOn') || null) as string | null
	});
	const taken = $derived(
		entry.result.fault ? null : tryOrNull(() => intake(completed(WHEEL_FIELDS, entry.result.values)))
	);
	const looked = $derived(
		tryOrNull(() =>
			lookOf(
				{
					bondFamily,
					ratedMps: taken?.ratedMps ?? v.ratedMps ?? read?.maxSpeedMps ?? null,
					ratedRpm: taken?.ratedRpm ?? v.ratedRpm ?? read?.maxSpeedRpm ?? null,
					expiresOn: taken?.wheel.expiresOn ?? null
				},
				data.today,
				completed(LOOK_FIELDS, look.result.values),
				data.limits
			)
		)
	);
	const seen = $derived(looked?.main.output ?? null);
	const stop = $derived(seen?.verdict === 'stop' || taken?.state === 'quarantined');
	const why = $derived(
		seen?.reasons.find((r) => r.severity === 'stop')?.message ??
			(taken?.reason ? `Set it aside: ${taken.reason}.` : '')
	);
	const rules = $derived(
		drawn
			? storageRules({
					shape: String(taken?.shape ?? entry.at('shape') ?? '1'),
					bondFamily,
					diameterMm: drawn.diameterMm,
					widthMm: drawn.widthMm
				})
			: []
	);
	const tone = $derived(toneOf(read?.abrasive?.family));
	async function save() {
		look.touchAll();
		const done = await sender.submitEntry('/api/wheels/receive', entry, { look: look.result.values });
		if (!done) {
			if (sender.trouble && look.fieldAt(sender.trouble.field)) look.blame(sender.trouble);
			return;
		}
		await look.recorded();
		const setup = /^\d{1,9}$/.exec(page.url.searchParams.get('setup') ?? '')?.[0];
		await goto(
			setup
				? resolve(`/setups/${setup}/select`)
				: resolve(`/rack/${encodeURIComponent(String(done.number))}?received`)
		);
	}
</script>

<svelte:head><title>Receive a wheel - Uncinus</title></svelte:head>
<main class="page" style="--wheel-fill:{tone.light};--wheel-edge:{tone.edge};--wheel-ink:{tone.ink}">
	<div class="head">
		<h1>Receive a wheel</h1>
		<p class="lead">
			Unpack it onto wood or rubber; carry it, never roll it. <a href={resolve('/rack')}>Rack</a>
		</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<section class="sheet" aria-label="What it says">
			<h2>What it says</h2>
			<LabelPart {entry} {read} organic={isOrganic(bondFamily ?? '')} />
		</section>
		<section class="sheet" aria-label="What you see">
			<h2>What you see</h2>
			<LookForm entry={look} wheel={shown} place="wheel-new" askMade={false} />
			{#if seen}<p class="verdict" class:stop role="status">
					<VerdictMark
						state={stop ? 'stop' : seen.verdict === 'caution' ? 'caution' : 'ok'}
						size={26}
						label=""
					/>{stop
						? 'Set it aside'
						: seen.nextStep === 'clean-dry-recheck'
							? 'Clean and dry it, then look again'
							: 'Sound to look at: ring it next'}
				</p>
				<Reasons reasons={seen.reasons} />{#if stop && !seen.reasons.some((r) => r.severity === 'stop')}<p>
						{why}
					</p>{/if}{/if}
			{#if drawn || rules.length}<details>
					<summary>Section and how to keep it</summary>{#if drawn}<WheelSection
							wheel={drawn}
							height={150}
						/>{/if}
					<ul>
						{#each rules as r, at (at)}<li>{r}</li>{/each}
					</ul>
					<p class="quiet">What its maker says goes before this.</p>
				</details>{/if}
		</section>
	</div>
	<div class="sheet foot">
		<ActionBar
			label={stop ? 'Set it aside, quarantined' : 'Accept it onto the rack'}
			onact={save}
			busy={sender.busy}
			{stop}
			><span class="quiet"
				>{stop
					? why
					: 'It is booked with this look, its pictures and your name. Its tag is printed next.'}</span
			>{#snippet aside()}<ShowWorking computed={looked ? all(looked) : []} system="mm" />{/snippet}</ActionBar
		>
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(330px, 5fr) 7fr;
		gap: var(--s-16);
		margin-top: var(--s-10);
		align-items: start;
	}
	section {
		padding: var(--s-12) var(--s-16) var(--s-14);
		display: grid;
		gap: var(--s-8);
		min-width: 0;
	}
	.foot {
		padding: 0 var(--s-16);
		position: sticky;
		bottom: 0;
		border-top-width: 1px;
	}
	.verdict {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		font: 700 var(--type-title)/1.2 var(--text);
	}
	.verdict.stop {
		color: var(--stop);
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		font-weight: 600;
	}
	ul {
		padding-left: var(--s-20);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
