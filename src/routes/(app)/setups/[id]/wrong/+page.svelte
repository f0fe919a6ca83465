<script lang="ts">
	import { resolve } from '$app/paths';
	import { getContext } from 'svelte';
	import { goto } from '$app/navigation';
	import { incidentPlan } from '$core/keep/incident-plan';
	import { REPORT_FIELDS } from '$core/keep/incident-report';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { EVENT_WORDS, RESTART_WORDS, STEP_WORDS } from '$lib/words';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import { wrongBox } from '$lib/offline/wrong-box.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	let { data } = $props();
	const desk = getContext<SetupSession>('desk');
	const entry = new Entry({ fields: REPORT_FIELDS, key: `setup-${desk.facts.id}-wrong`, draft: data.draft });
	const sender = new Sender();
	const facts = $derived(desk.facts);
	/** What would follow, as far as it is told. */
	const plan = $derived.by(() => {
		const event = entry.at('event');
		return event
			? incidentPlan.run({
					...facts.guidelines.limits[incidentPlan.id],
					event: String(event),
					injury: entry.at('injury') === true,
					madeSafe: entry.at('madeSafe') === true
				})
			: null;
	});
	const finished = $derived(facts.state === 'finished');
	const waits = $derived(wrongBox.of(facts.id).some((w) => !w.refused));
	async function stop() {
		const done = await sender.submitEntry(`/api/setups/${facts.id}/incidents`, entry);
		if (done) return goto(resolve(`/incidents/${String(done.id)}`));
		const key = sender.unanswered;
		if (!key) return;
		const { values } = entry.result;
		const wrong = { key, setupId: facts.id, values, by: data.user, atMs: desk.nowMs(), refused: null };
		if (!wrongBox.add(wrong)) return;
		// It waits: it stops this setup here, and is handed in by whoever connects next.
		sender.trouble = null;
		await entry.recorded();
		await desk.withWhatWaits();
	}
</script>

<svelte:head><title>Something is wrong, setup {facts.id} - Uncinus</title></svelte:head>
<h1>Something is wrong</h1>
<p class="lead">
	First stop it, step out of the plane of the rim, isolate it.{waits ? '' : ' Then say what happened.'} People before
	machines.
</p>
{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
{#if waits}
	<section class="sheet" aria-label="Do this now">
		<p class="now">Lock and tag {facts.machine.code} by hand, and tell a lead.</p>
		<p>
			What you saw is kept in this browser. Nothing more of setup {facts.id} goes on here; the server hears of it
			with whoever connects next, under the name of who pressed it.
		</p>
		<a class="btn" href={resolve(`/setups/${facts.id}`)}>Back to the setup</a>
	</section>
{:else}
	<div class="cols">
		<div class="form">
			<ChoiceField {entry} name="event" words={EVENT_WORDS} />
			<div class="two">
				<YesNo {entry} name="injury" /><YesNo
					{entry}
					name="madeSafe"
					label="Made safe: stopped, isolated, locked"
				/>
			</div>
			<TextField {entry} name="seen" />
			<p>
				{#if finished}Setup {facts.id} is finished and stays as it is. This{facts.wheel
						? ` takes wheel ${facts.wheel.number} out of use and`
						: ''}{:else}This stops setup {facts.id}{facts.wheel
						? `, takes wheel ${facts.wheel.number} out of use`
						: ''} and{/if}
				locks {facts.machine.code} until the plan is finished.
			</p>
		</div>
		{#if plan}<section aria-label="What follows">
				<h2>What follows</h2>
				<p>
					<b
						>The wheel is {plan.wheelDisposition === 'scrap'
							? 'scrap, even if it rings'
							: 'set aside and inspected again'}.</b
					>
					{RESTART_WORDS[plan.restartStation] ?? ''}
				</p>
				<ol>
					{#each plan.steps as s (s.code)}<li class:done={s.done}>{STEP_WORDS[s.code] ?? s.code}</li>{/each}
				</ol>
			</section>{/if}
	</div>
	<ActionBar
		label={finished ? `Lock ${facts.machine.code}` : 'Stop everything here'}
		onact={stop}
		busy={sender.busy}
		stop
		anyone
		key={false}
	>
		<a class="btn" href={resolve(`/setups/${facts.id}`)}>Back, nothing is wrong</a>
		{#if !finished}<a class="btn" href={resolve(`/setups/${facts.id}/give-up`)}
				>Nothing is wrong, but it is given up</a
			>{/if}
	</ActionBar>
{/if}

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 300px;
		gap: var(--s-28);
		align-items: start;
	}
	.sheet {
		display: grid;
		gap: var(--s-12);
		justify-items: start;
		margin-top: var(--s-16);
		border-left: 6px solid var(--stop);
		padding: var(--s-16) var(--s-20);
	}
	.now {
		font-size: var(--type-figure);
		font-weight: 700;
	}
	.cols section {
		margin-top: var(--s-16);
		border-left: 3px solid var(--edge);
		padding-left: var(--s-14);
	}
	ol {
		padding-left: var(--s-20);
		font-size: var(--type-label);
	}
	.done {
		color: var(--ink2);
		text-decoration: line-through;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
	.form {
		display: grid;
		gap: var(--s-16);
		margin: var(--s-16) 0;
		max-width: 640px;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-20);
	}
</style>
