<script lang="ts">
	import { resolve } from '$app/paths';
	import { FINDING_FIELDS } from '$core/keep/incident-fields';
	import { REMEASURE, causeAsked } from '$core/keep/incident-work';
	import { figure, quantity } from '$core/quantity/format';
	import ReadInstrument from '$lib/desk/ReadInstrument.svelte';
	import { CAUSE_WORDS, EVENT_WORDS, RESTART_WORDS, STEP_SIGNED_BY, STEP_WORDS, when } from '$lib/words';
	import PlanStep from '$lib/features/incident/PlanStep.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import LazyWorking from '$lib/ui/feedback/LazyWorking.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const i = $derived(data.incident);
	const plan = $derived(data.plan);
	const entry = new Entry({
		fields: FINDING_FIELDS,
		key: `incident-${data.incident.id}`,
		draft: data.draft,
		start: (data.incident.input.findings ?? {}) as Record<string, unknown>
	});
	const sender = new Sender();
	/** Pressed without the network: who handed it in, and when it was pressed by the clock of that browser. */
	const handedIn = $derived(
		(i.sentBy ? `, sent by ${i.sentBy}` : '') + (i.enteredAt ? ` (pressed ${when(i.enteredAt)})` : '')
	);
	const open = $derived(i.closedAt === null);
	const writes = $derived(open && data.role !== 'viewer');
	const mechanical = $derived(plan.steps.some((s) => s.code === 'inspect-guard'));
	const looks = $derived(mechanical || plan.steps.some((s) => s.code === 'listen-to-spindle'));
	/** The reading after cleaning is asked where the first one was over the aim; both stay, side by side. */
	const AGAIN: Record<string, string> = {
		taperRunoutAgainUm: 'taperRunoutUm',
		flangeRunoutAgainUm: 'flangeRunoutUm'
	};
	const first = $derived(entry.result.values as Record<string, unknown>);
	const overAim = (name: string) => Number(first[name] ?? 0) > Number(i.input.runoutAimUm ?? 5);
	const applies = (name: string) =>
		name in AGAIN ? overAim(AGAIN[name]!) : name !== 'causeNote' || entry.at('cause') === 'other';
	const asked = $derived(
		FINDING_FIELDS.filter((f) => (mechanical ? applies(f.name) : f.name === 'spindleNoise'))
	);
	const signedBy = (code: string) => {
		const s = data.signed[code];
		return s ? `${s.by}, ${when(s.atMs)}` : null;
	};
	const um = (v: unknown) => quantity(Number(v), 'um');
	const aim = $derived(um(data.incident.input.runoutAimUm ?? 5));
	const taper = $derived(`Aim ${aim}, limit ${um(data.incident.input.taperLimitUm)}`);
	const flange = $derived(`Aim ${aim}, limit ${um(data.incident.input.runoutLimitUm ?? 25)}`);
	const LIMITS = $derived<Record<string, string>>({
		taperRunoutUm: taper,
		taperRunoutAgainUm: taper,
		flangeRunoutUm: flange,
		flangeRunoutAgainUm: flange
	});
	const unsaid = $derived(causeAsked(i.event, (i.input.findings ?? null) as Record<string, unknown> | null));
	let working = $state(false);
	const path = $derived(`/api/incidents/${i.id}`);
	const done = $derived((i.input.done ?? []) as string[]);
	/** Ticks are sent one after the other, each on what the one before has left, however fast they come. */
	let last: Promise<unknown> = Promise.resolve();
	function tick(code: string, on: boolean): Promise<boolean> {
		const sent = last
			.then(() =>
				sender.submit(path, {
					done: on ? [...new Set([...done, code])] : done.filter((c) => c !== code),
					version: i.version
				})
			)
			.then((answer) => answer !== null);
		last = sent;
		return sent;
	}
	async function findings() {
		entry.touchAll();
		const { fault, values } = entry.result;
		if (fault) return entry.blame(fault);
		// Behind the ticks that are still under way, and before those that follow: none is lost, however fast they come.
		const sent = last.then(() => sender.submit(path, { findings: values, version: i.version }, entry));
		last = sent;
		await sent;
	}
</script>

<svelte:head><title>Incident {i.id} - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Incident {i.id}: {(EVENT_WORDS[i.event] ?? i.event).toLowerCase()} on {i.machine}</h1>
		<p class="lead">
			{i.seen}. Told by {i.by}, {when(i.openedAt)}{handedIn};
			<a href={resolve(`/setups/${i.setupId}`)}>setup {i.setupId}, {i.part}</a>{#if i.wheel}, wheel <a
					href={resolve(`/rack/${encodeURIComponent(i.wheel)}`)}>{i.wheel}</a
				>{/if}.
		</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<section class="sheet" aria-label="The plan">
			{#if open && plan.next}<p class="quiet">Do this now</p>
				<p class="now">{STEP_WORDS[plan.next] ?? plan.next}</p>{:else if !open}<p class="now">
					Closed by {i.closedBy}, {when(i.closedAt!)}
				</p>{:else}<p class="now">All steps done</p>{/if}
			<ol>
				{#each plan.steps as s (s.code)}<PlanStep
						step={s}
						word={STEP_WORDS[s.code] ?? s.code}
						signed={s.done ? signedBy(s.code) : null}
						by={STEP_SIGNED_BY[s.code] ?? ''}
						now={open && s.code === plan.next}
						writes={writes && s.code !== REMEASURE}
						ontick={(on) => tick(s.code, on)}
					/>{/each}
			</ol>
		</section>
		<div class="right">
			{#if looks}
				<section class="sheet" aria-label="What was found">
					<h2>What was found</h2>
					<div class="grid">
						{#each asked as f (f.name)}<div>
								<FieldInput
									{entry}
									field={f}
									label={f.about}
									words={f.name === 'cause' ? CAUSE_WORDS : undefined}
								/>{#if LIMITS[f.name]}<p class="quiet">
										{LIMITS[f.name]}
									</p>{/if}{#if writes && /Runout(Again)?Um$/.test(f.name)}<ReadInstrument
										kind="dial"
										system="mm"
										turn
										ontake={(v) => entry.set(f.name, figure(v, 'um'))}
									/>{/if}
							</div>{/each}
					</div>
					{#if writes}<button class="btn" onclick={findings} disabled={sender.busy}>Keep the findings</button
						>{/if}
				</section>
			{/if}
			<section class="sheet" aria-label="Where it stands">
				<h2>
					{i.machine} is {plan.machineState === 'not-involved'
						? 'not involved'
						: open
							? 'locked out'
							: 'free again'}; the wheel is {plan.wheelDisposition === 'scrap' ? 'scrap' : 'quarantined'}
				</h2>
				<Reasons reasons={plan.reasons} most={8} />
				{#if open && plan.verdict !== 'stop' && unsaid}<p class="fault">{unsaid}</p>{/if}
				<p>
					{RESTART_WORDS[plan.restartStation] ?? ''}{#if !open && data.role !== 'viewer'}
						<a href={resolve(`/setups/new?machine=${i.machineId}&route=crash-recovery`)}
							>Start the recovery setup</a
						>.{/if}
				</p>
				{#if open}
					<p class="quiet">
						A stop is closed by looking again, never by overriding. {data.role === 'lead'
							? ''
							: 'A lead closes the plan.'} Follow the machine's and wheel's own instructions and local rules; spindle
						work belongs to trained people.
					</p>
					{#if data.role === 'lead'}<button
							class="btn act"
							disabled={sender.busy || plan.verdict === 'stop' || unsaid !== null}
							onclick={() => sender.submit(path, { close: true, version: i.version })}
							>Close the incident</button
						>{/if}
				{/if}
				<button class="link" aria-expanded={working} onclick={() => (working = !working)}
					>{working ? 'Hide the working' : 'Show the working'}</button
				>
				{#if working}<LazyWorking
						id="keep.incident-plan"
						input={i.input}
						output={plan}
						version=""
						system="mm"
					/>{/if}
			</section>
		</div>
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(340px, 1fr) 1.1fr;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-10);
	}
	.right {
		display: grid;
		gap: var(--s-16);
	}
	.now {
		font: 700 var(--type-figure)/1.15 var(--text);
		max-width: none;
		min-height: 1.15em;
	}
	ol {
		list-style: none;
		padding: 0;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
		gap: var(--s-8) var(--s-16);
	}
	section > .btn,
	section > .link {
		justify-self: start;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
