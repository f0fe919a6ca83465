<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import CorrectLine from '$lib/features/rack/CorrectLine.svelte';
	import { resolve } from '$app/paths';
	import { FAMILY_NAMES } from '$core/spec/families';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import WheelSection from '$lib/drawing/WheelSection.svelte';
	import { LEDGER_WORDS, STATE_WORDS, when } from '$lib/words';
	import { storageRules } from '$core/inspect/storage-rules';
	import { page } from '$app/state';
	import RingTrend from '$lib/stations/inspect/RingTrend.svelte';
	import JudgeWheel from '$lib/features/rack/JudgeWheel.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	const { system, q, f, sign, told } = useUnits();
	const w = $derived(data.wheel);
	const limit = $derived(limitRpm(w));
	const here = $derived(`/rack/${encodeURIComponent(w.number)}` as const);
	/** It has just arrived: its tag comes next. */
	const received = $derived(page.url.searchParams.has('received'));
	const mark = { available: 'ok', mounted: 'now', quarantined: 'stop', scrapped: 'stop' } as const;
	const facts = $derived([
		['Abrasive', w.family ? (FAMILY_NAMES[w.family as keyof typeof FAMILY_NAMES] ?? w.family) : 'not known'],
		['Grain', w.gritMeanUm ? `${w.gritNumber ?? ''} about ${q(w.gritMeanUm, 'um')}` : 'not known'],
		['Grade, structure', `${w.grade ?? '-'}, ${w.structure ?? '-'}`],
		['Bond', w.bondFamily ?? 'not known'],
		['Printed', w.marking],
		...(w.rimWidthMm === null
			? []
			: [
					[
						'Rim',
						`${q(w.rimWidthMm, 'mm')} wide, ${w.rimDepthMm === null ? 'depth not known' : `${q(w.rimDepthMm, 'mm')} deep`}`
					] as const
				]),
		['Mass when new', `${q(w.massKg, 'kg')}${w.massComputed ? ', computed, not weighed' : ''}`],
		['Use by', w.expiresOn ?? 'does not age'],
		['Place', w.keptOn ? `${w.place}, on its mount ${w.keptOn}` : w.place]
	] as const);
	/** Lines that a later one stands for. */
	const corrected = $derived(new Set(data.ledger.map((l) => l.correctsId)));
	const lastMeasured = $derived(
		data.ledger.findLast((l) => l.diameterAfterMm !== null && !corrected.has(l.id))?.diameterAfterMm ?? null
	);
	/** What the ledger says it measured: across, and where they were measured, its width and the depth of its rim. */
	const measured = (l: (typeof data.ledger)[number]) =>
		[
			l.diameterAfterMm === null ? '' : `⌀ ${f(l.diameterAfterMm, 'mm')}`,
			l.widthAfterMm === null ? '' : `${f(l.widthAfterMm, 'mm')} wide`,
			l.rimDepthAfterMm === null ? '' : `rim ${f(l.rimDepthAfterMm, 'mm')}`
		]
			.filter(Boolean)
			.join(', ');
</script>

<svelte:head><title>Wheel {w.number} - Uncinus</title></svelte:head>
<main class="page">
	<p class="back"><a href={resolve('/rack')}>Rack</a></p>
	<div class="head">
		<h1>Wheel {w.number}</h1>
		<p class="num mk">{w.canonical || w.marking}</p>
		<p class="st">
			<VerdictMark state={mark[w.state]} label="" />{STATE_WORDS[w.state]}{w.stateReason
				? `: ${w.stateReason}`
				: ''}{#if w.heldBy}, <a href={resolve(`/setups/${w.heldBy}`)}>setup {w.heldBy}</a>{/if}
		</p>
		<span class="sp"></span>{#if data.lead && w.state !== 'scrapped'}<a
				class="btn"
				href={resolve(`${here}/correct`)}>Correct it</a
			>{/if}{#if data.mayWrite && w.state !== 'scrapped' && (w.heldBy === null || w.inPack)}<a
				class="btn"
				href={resolve(`${here}/look`)}>Look it over</a
			><a class="btn" href={resolve(`${here}/ring`)}>Ring it</a>{/if}<a
			class="btn"
			class:act={received}
			href={resolve(`/api/rack/tags?n=${encodeURIComponent(w.number)}`)}
			target="_blank">Print its tag</a
		>
	</div>
	{#if received}<p class="got" role="status">
			<VerdictMark state={w.state === 'quarantined' ? 'stop' : 'ok'} label="" />{w.state === 'quarantined'
				? 'Set aside. Print its tag, hang it on, keep it apart from the others.'
				: 'On the rack. Print its tag and hang it on, then ring it.'}
		</p>{/if}
	<div class="cols">
		<section class="sheet" aria-label="Size and limits">
			<WheelSection wheel={w} height={220} />
			<h2>Limits</h2>
			<p class="num big">{limit === null ? 'no speed' : q(shownLimit(limit), 'rpm')}</p>
			<p class="quiet">
				{limit === null
					? 'No speed is marked. It must not run.'
					: `never faster, however worn${w.ratedMps !== null ? `; marked ${q(w.ratedMps, 'm/s')}, at this rpm the rim now runs ${q(surfaceSpeedMps(w.diameterMm, limit), 'm/s')}` : ''}`}
			</p>
			{#if w.rimDepthMm !== null}<p>Depth of rim left: <b class="num">{q(w.rimDepthMm, 'mm')}</b></p>
			{:else}<LifeBar
					newMm={w.newDiameterMm}
					nowMm={w.diameterMm}
					minMm={w.minDiameterMm}
					units={system()}
				/>{/if}
		</section>
		<section class="sheet" aria-label="What it is">
			{#if data.pictures.length}<div class="pics">
					{#each data.pictures as p, i (p.id)}<a href={resolve(`/api/pictures/${p.id}`)} target="_blank"
							><img
								src="/api/pictures/{p.id}?small"
								alt="Picture {i + 1} of wheel {w.number}, {when(p.at)}"
								loading="lazy"
							/></a
						>{/each}
				</div>{/if}
			<dl>
				{#each facts as [k, v], at (at)}<div>
						<dt>{k}</dt>
						<dd class="num">{v}</dd>
					</div>{/each}
			</dl>
			<h3>How it is kept</h3>
			<ul>
				{#each storageRules(w) as r, at (at)}<li>{r}</li>{/each}
			</ul>
			{#if data.mayWrite && w.state !== 'scrapped'}<JudgeWheel
					wheel={w}
					lead={data.lead}
					draft={data.draft}
				/>{/if}
		</section>
		<section class="sheet ledger" aria-label="Ledger">
			<h2>Ledger</h2>
			{#if data.mayWrite && w.state !== 'scrapped' && lastMeasured}<CorrectLine
					number={w.number}
					diameterMm={lastMeasured}
				/>{/if}
			<table>
				<thead
					><tr><th>When</th><th>What</th><th class="r">After, {sign('mm')}</th><th>Note</th><th>Who</th></tr
					></thead
				>
				<tbody
					>{#each [...data.ledger].reverse() as l (l.id)}<tr class:gone={corrected.has(l.id)}
							><td>{when(l.at)}</td><td
								>{LEDGER_WORDS[l.kind] ?? l.kind}{#if l.setupId}, <a href={resolve(`/setups/${l.setupId}`)}
										>{l.setupId}</a
									>{#if l.machine}&nbsp;on {l.machine}{/if}{/if}</td
							><td class="num r">{measured(l)}</td><td>{told(l.note ?? '')}</td><td>{l.by}</td></tr
						>{/each}</tbody
				>
			</table>
			{#if data.past.some((p) => p.frequencyHz !== null)}<h2>Its ring over its life</h2>
				<RingTrend past={data.past} wheel={w} />{/if}
			{#if data.versions.length}<h2>Corrected</h2>
				<ul>
					{#each data.versions as v (v.id)}<li>
							{v.changes}. {v.why} <span class="quiet">{v.by}, {when(v.at)}</span>
						</li>{/each}
				</ul>{/if}
			<p><a href={resolve(`/log?wheel=${encodeURIComponent(w.number)}`)}>Every record of this wheel</a></p>
		</section>
	</div>
</main>

<style>
	.pics {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	.pics img {
		height: 64px;
		display: block;
		border: 1px solid var(--rule);
	}
	.got {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		font-weight: 650;
		margin-bottom: var(--s-10);
	}
	ul {
		padding-left: var(--s-16);
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.back {
		margin-bottom: var(--s-6);
	}
	.mk {
		font-size: var(--type-title);
		font-weight: 680;
	}
	.st {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		font-weight: 600;
	}
	.cols {
		display: grid;
		grid-template-columns: 350px minmax(260px, 340px) 1fr;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-14) var(--s-16);
		display: grid;
		gap: var(--s-8);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1;
	}
	dl div {
		display: flex;
		justify-content: space-between;
		gap: var(--s-12);
		padding: var(--s-6) 0;
		border-bottom: 1px solid var(--rule);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		text-align: right;
		font-weight: 600;
		overflow-wrap: anywhere;
	}
	td,
	th {
		padding: var(--s-6) var(--s-8);
		font-size: var(--type-small);
	}
	.r {
		text-align: right;
	}
	.gone td:nth-child(3) {
		text-decoration: line-through;
		color: var(--ink2);
	}
	.ledger {
		overflow-x: auto;
	}
	@media (max-width: 1180px) {
		.cols {
			grid-template-columns: 1fr 1fr;
		}
		.ledger {
			grid-column: 1 / -1;
		}
	}
	@media (max-width: 760px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
