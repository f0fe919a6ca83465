<script lang="ts">
	import RadioKey from '$lib/ui/fields/RadioKey.svelte';
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import type { Alternative, Marking } from '$core/spec/marking';
	import { DIALECT_WORDS } from '$core/spec/marking-words';
	import { readingInWords, withReading } from '$core/spec/marking-pick';
	import { parseMarking } from '$core/spec/parse-marking';
	import { writeMarking, type MarkingForm } from '$core/spec/write-marking';
	import MarkingLine from '$lib/features/rack/MarkingLine.svelte';
	import MarkingShape from '$lib/features/rack/MarkingShape.svelte';
	import MarkingTiles from '$lib/features/rack/MarkingTiles.svelte';
	import BenchPage from './BenchPage.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';

	interface Props {
		draft: Record<string, unknown> | null;
	}
	/** The marking reader: every token lights up with what it means as it is typed; what can be read two ways is offered, never guessed. */
	let { draft }: Props = $props();
	const entry = new Entry({
		fields: parseMarking.fields,
		key: 'bench-spec.parse-marking',
		draft: untrack(() => draft)
	});
	const text = $derived(String(entry.at('text') ?? ''));
	let picks = $state<Record<string, number>>({});
	const answer = $derived(
		text.trim() ? attempt(() => parseMarking.run({ text })) : { output: null, fault: null }
	);
	const reading = $derived(answer.output);
	const picked = $derived.by(() => {
		if (!reading) return null;
		let m: Marking = reading;
		for (const a of reading.alternatives as Alternative[]) {
			const i = picks[`${text}|${a.code}|${a.token}`];
			if (i !== undefined) m = withReading(m, a.readings[i]!);
		}
		return m;
	});
	const asked = $derived((reading?.alternatives ?? []) as Alternative[]);
	const open = $derived(asked.filter((a) => picks[`${text}|${a.code}|${a.token}`] === undefined).length);
	const write = (to: MarkingForm) => {
		try {
			return picked && picked.kind !== 'unknown' && picked.abrasive && picked.grit
				? writeMarking(picked, to)
				: '';
		} catch {
			return '';
		}
	};
	const forms = $derived(
		picked?.kind === 'superabrasive'
			? ([
					['As read', write('same')],
					['In micrometre sizes', write('fepa')],
					['In mesh names', write('us-mesh')]
				] as const)
			: ([['In standard order', write('same')]] as const)
	);
	let copied = $state('');
	async function copy(t: string) {
		try {
			await navigator.clipboard.writeText(t);
			copied = t;
		} catch {
			copied = '';
		}
	}
	const TRY = [
		'72A54-K9VDR',
		'1-300x40x76.2 WA 80 J 7 V 40 m/s',
		'1V1 160-9-20-5 B181 N V V200',
		'SD 120 M 80 B - 5/32',
		'D 220 C60',
		'C30N41V'
	];
</script>

<BenchPage
	title="Read a marking"
	lead="Type, paste or scan what is printed. Nothing is guessed, nothing is dropped."
	columns="1.25fr minmax(360px, 1fr)"
	given="The marking"
>
	{#snippet left()}
		<TextField {entry} name="text" label="Marking" mono autofocus />
		{#if answer.fault}<p class="fault">{answer.fault.message}</p>{/if}
		{#if reading && picked}
			<MarkingLine typed={text} reading={picked} />
			<MarkingTiles reading={picked} />
			<p>Read as: <b>{DIALECT_WORDS[picked.dialect]}</b>.</p>
			{#each asked as a, at (at)}
				<fieldset>
					<legend
						>{a.token
							? `${a.token} can be read ${a.readings.length === 2 ? 'two' : String(a.readings.length)} ways`
							: 'Which is it?'}</legend
					>
					<div class="row">
						{#each a.readings as r, i (i)}<RadioKey
								name={a.code + a.token}
								checked={picks[`${text}|${a.code}|${a.token}`] === i}
								onpick={() => (picks[`${text}|${a.code}|${a.token}`] = i)}>{readingInWords(a, r)}</RadioKey
							>{/each}
					</div>
				</fieldset>
			{/each}
			<Reasons reasons={reading.reasons} most={6} />
		{:else}
			<p class="quiet">
				Conventional, old letter orders, diamond and boron nitride with shape code, mesh sizes. Try:
			</p>
			<div class="row">
				{#each TRY as t, at (at)}<button class="btn num" onclick={() => entry.set('text', t)}>{t}</button
					>{/each}
			</div>
		{/if}
	{/snippet}
	{#snippet right()}
		{#if picked && reading}
			{#each forms as [name, t] (name)}<div>
					<p class="quiet">{name}</p>
					<p class="num big">
						{t || 'not until the letters are known'}{#if t}<button class="link" onclick={() => copy(t)}
								>{copied === t ? 'Copied' : 'Copy'}</button
							>{/if}
					</p>
				</div>{/each}
			{#if open}<p class="open">{open} still to pick: look at the wheel.</p>{/if}
			<MarkingShape reading={picked} />
			<ShowWorking
				computed={[{ calculation: parseMarking.id, input: { text }, output: reading }]}
				system="mm"
			/>
		{:else}<h2>Waiting for a marking</h2>{/if}
	{/snippet}
</BenchPage>

<style>
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	.big {
		font-size: var(--type-title);
		font-weight: 700;
		overflow-wrap: anywhere;
		display: flex;
		gap: var(--s-14);
		align-items: baseline;
		flex-wrap: wrap;
	}
	.open {
		color: var(--caution);
		font-weight: 650;
	}
	fieldset {
		border: 0;
		padding: 0;
	}
	legend {
		font-weight: 650;
		margin-bottom: var(--s-6);
		padding: 0;
	}
</style>
