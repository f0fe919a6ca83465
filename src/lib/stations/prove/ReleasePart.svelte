<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { isWaiting } from '$core/route/waiting-number';
	import { resolve } from '$app/paths';
	import { figure, quantity, symbolOf } from '$core/quantity/format';
	import { releaseSheet } from '$core/route/stations/prove/sheet';
	import { basisText } from '$core/route/basis';
	import { Evidence } from '$core/route/evidence';
	import { finishAtMostUm } from '$core/route/stations/prove/finish';
	import { shownBefore } from '$core/route/stations/prove/shown-before';
	import { judgedByFinish, provenSoFar, releaseStep } from '$core/route/stations/prove/steps';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import Strip from '$lib/drawing/Strip.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';

	interface Props {
		desk: SetupSession;
		/** To the part on which the work is held. */
		onhold: () => void;
	}
	/** The release sheet: every value with its limit and where it came from, what is missing standing out. */
	let { desk, onhold }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, releaseStep);
	const p = $derived(preview(releaseStep, facts, entry));
	const out = $derived(p.main);
	const known = $derived(provenSoFar(facts));
	const shown = $derived(shownBefore(Evidence.of(facts)));
	/** A bound is called one. */
	const atMost = (name: string) => (shown[name]?.atMost ? 'at most ' : '');
	const rows = $derived([
		['runInDone', 'Run in', known.runInDone ? 'free run made' : 'missing'],
		[
			'speedRpm',
			'Speed',
			`${atMost('speedRpm')}${quantity(known.speedRpm, 'rpm')} of ${quantity(known.maxRpm, 'rpm')}`
		],
		[
			'balanceResidualGmm',
			'Balance',
			facts.stations.includes('balance')
				? `${atMost('balanceResidualGmm')}${quantity(known.balanceResidualGmm, 'gmm', facts.units)} of ${quantity(known.balanceLimitGmm, 'gmm', facts.units)}`
				: judgedByFinish(facts)
					? 'not measured, judged by finish'
					: 'not asked on this route'
		],
		[
			'runOutUm',
			'Run-out',
			`${atMost('runOutUm')}${quantity(known.runOutUm, 'um', facts.units)} of ${quantity(known.runOutLimitUm, 'um', facts.units)}`
		],
		['dressSoundEven', 'Dress', known.dressSoundEven ? 'sounded even' : 'not even or missing'],
		...(facts.stations.includes('form')
			? ([
					[
						'formErrorUm',
						'Form',
						`${quantity(known.formErrorUm, 'um', facts.units)} of ${quantity(known.formToleranceUm, 'um', facts.units)}`
					]
				] as const)
			: []),
		[
			'workHoldingConfirmed',
			'Work held',
			known.workHoldingConfirmed === null
				? 'not looked at'
				: known.workHoldingConfirmed
					? 'pushed by hand, it holds'
					: 'it does not hold'
		]
	] as const);
	const stateOf = (name: string) => {
		const c = out?.checks.find((x) => x.name === name);
		return c?.state === 'pass'
			? ('ok' as const)
			: c?.state === 'fail'
				? ('caution' as const)
				: ('open' as const);
	};
	const finish = $derived(stateOf('raUm'));
	const alsoAsked = releaseStep.fields.filter((x) => 'advanced' in x);
	const ra = $derived(
		finishAtMostUm({ raUm: entry.result.values.raUm ?? null, raBy: entry.result.values.raBy })
	);
	const BY = { meter: 'meter', plate: 'plate', finger: 'fingernail' };
	/** At its worse end, where it was compared. */
	const upTo = $derived(
		ra !== null && ra !== entry.result.values.raUm
			? `At most ${figure(ra, 'um-Ra', facts.units)}, against`
			: 'Against'
	);
	const asks = $derived(out?.verdict === 'caution');
	/** As it was signed, each line with the record it comes from. */
	const sheet = $derived(releaseSheet(facts));
	const source = (name: string) => sheet?.find((r) => r.name === name)?.from ?? null;
	const released = $derived(facts.state === 'released' || facts.state === 'finished');
</script>

<div class="cols">
	<div class="form">
		<QuantityField {entry} name="raUm" autofocus />
		<ChoiceField {entry} name="raBy" words={BY} />
		<p class="lab">{upTo} Ra {figure(facts.brief.targetRaUm, 'um-Ra', facts.units)} asked</p>
		<Strip
			value={ra}
			limit={facts.brief.targetRaUm}
			state={finish === 'open' ? null : finish}
			label="Roughness"
			unit={symbolOf('um-Ra', facts.units)}
			show={(v) => figure(v, 'um-Ra', facts.units)}
		/>
		<YesNo {entry} name="burnSeen" compact label="Burn on the trial cut" /><YesNo
			{entry}
			name="chatterSeen"
			compact
			label="Chatter on the trial cut"
		/><YesNo {entry} name="soundNormal" compact label="Sounded normal while cutting" /><YesNo
			{entry}
			name="crackSeen"
			compact
			label="A crack on the wheel"
		/><YesNo {entry} name="guardClosed" compact label="Guard closed and latched" />
		<details open={alsoAsked.some((a) => entry.at(a.name))}>
			<summary>Size, flatness, taper</summary>
			<div class="two">
				{#each alsoAsked as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
			</div>
		</details>
	</div>
	<div class="sheet-box">
		<h2>Already shown</h2>
		<ul>
			{#each rows as [name, title, value] (name)}<li>
					<VerdictMark state={stateOf(name)} size={18} /><span
						>{title}{#if source(name) && !isWaiting(source(name)!.recordId)}<a
								class="from"
								href={resolve(`/log/${source(name)!.recordId}`)}>record {source(name)!.recordId}</a
							>{/if}</span
					><span class="num"
						>{value}{#if shown[name]?.basis}<span class="from"
								>{basisText(shown[name].basis, facts.units)}</span
							>{/if}</span
					>
				</li>{/each}
		</ul>
		<p class="word" class:go={out?.released === 'yes' || out?.released === 'with-reason'} role="status">
			{released
				? facts.state === 'released' && desk.decision.blocked.length
					? 'Released once; stopped now.'
					: 'Released to grind.'
				: out === null
					? 'Not yet.'
					: out.released === 'yes'
						? 'May be released.'
						: out.released === 'with-reason'
							? 'May be released, with your reason.'
							: out.verdict === 'stop'
								? 'Not released.'
								: 'Needs a written reason.'}
		</p>
		{#if out}<Reasons reasons={out.reasons} />{/if}
		{#if asks}<TextField
				{entry}
				name="overrideReason"
				label="Why may it grind?"
				note="10 letters or more; it is kept with your name"
			/>{/if}
	</div>
</div>
{#if entry.at('burnSeen') === true || entry.at('chatterSeen') === true || (ra !== null && ra > facts.brief.targetRaUm)}<Lazy
		load={() => import('./FinishPanel.svelte')}
		given={{ desk, entry }}
	/>{/if}
<ActionBar
	forward={released}
	label={released ? 'On to keeping' : 'Release to grind'}
	onact={() => (released ? desk.onward() : desk.record('prove', 'release', entry))}
	busy={desk.busy}
	stop={out?.verdict === 'stop' && !released}
>
	{#if sheet}<a class="btn" href={resolve(`/api/setups/${facts.id}/release-sheet`)} target="_blank"
			>Print the sheet</a
		>{/if}{#if !released && known.workHoldingConfirmed !== true}<button class="btn" onclick={onhold}
			>Hold the work</button
		>{/if}{#if !released}<a class="btn" href={resolve(`/setups/${facts.id}/dress`)}>Dress again</a>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: 1fr 320px;
		gap: var(--s-32);
		margin: var(--s-14) 0;
	}
	.form {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 34px;
		padding-top: var(--s-6);
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-8) var(--s-12);
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.sheet-box {
		display: grid;
		gap: var(--s-10);
		align-content: start;
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 22px 80px 1fr;
		gap: var(--s-6);
		align-items: center;
		border-bottom: 1px solid var(--rule);
		padding: var(--s-6) 0;
		font-size: var(--type-label);
	}
	.from {
		display: block;
		font-size: var(--type-fine);
	}
	li .num {
		font-size: var(--type-small);
		color: var(--ink2);
		text-align: right;
	}
	.word {
		font: 700 var(--type-figure)/1.15 var(--text);
	}
	.go {
		color: var(--ok);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
