<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { InputFault } from '$core/calculation/fault';
	import type { Alternative, Marking } from '$core/spec/marking';
	import { DIALECT_WORDS } from '$core/spec/marking-words';
	import { readingInWords, withReading } from '$core/spec/marking-pick';
	import { parseMarking } from '$core/spec/parse-marking';
	import { writeMarking, type MarkingForm } from '$core/spec/write-marking';
	import MarkingLine from '$lib/features/rack/MarkingLine.svelte';
	import MarkingShape from '$lib/features/rack/MarkingShape.svelte';
	import MarkingTiles from '$lib/features/rack/MarkingTiles.svelte';
	import { CORE_VERSION } from '$core/version';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';

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
	const answer = $derived.by(() => {
		if (!text.trim()) return { reading: null, fault: null };
		try {
			return { reading: parseMarking.run({ text }), fault: null };
		} catch (e) {
			if (e instanceof InputFault) return { reading: null, fault: e };
			throw e;
		}
	});
	const picked = $derived.by(() => {
		if (!answer.reading) return null;
		let m: Marking = answer.reading;
		for (const a of answer.reading.alternatives as Alternative[]) {
			const i = picks[`${text}|${a.code}|${a.token}`];
			if (i !== undefined) m = withReading(m, a.readings[i]!);
		}
		return m;
	});
	const asked = $derived((answer.reading?.alternatives ?? []) as Alternative[]);
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
	let working = $state(false);
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>Read a marking</h1>
	<p class="lead">Type, paste or scan what is printed. Nothing is guessed, nothing is dropped.</p>
</div>
<div class="cols">
	<section class="sheet" aria-label="The marking">
		<TextField {entry} name="text" label="Marking" mono autofocus />
		{#if answer.fault}<p class="fault">{answer.fault.message}</p>{/if}
		{#if answer.reading && picked}
			<MarkingLine typed={text} reading={picked} />
			<MarkingTiles reading={picked} />
			<p>Read as: <b>{DIALECT_WORDS[picked.dialect]}</b>.</p>
			{#each asked as a (a.code + a.token)}
				<fieldset>
					<legend
						>{a.token
							? `${a.token} can be read ${a.readings.length === 2 ? 'two' : String(a.readings.length)} ways`
							: 'Which is it?'}</legend
					>
					<div class="row">
						{#each a.readings as r, i (i)}<label class:on={picks[`${text}|${a.code}|${a.token}`] === i}
								><input
									type="radio"
									name={a.code + a.token}
									checked={picks[`${text}|${a.code}|${a.token}`] === i}
									onchange={() => (picks[`${text}|${a.code}|${a.token}`] = i)}
								/>{readingInWords(a, r)}</label
							>{/each}
					</div>
				</fieldset>
			{/each}
			<Reasons reasons={answer.reading.reasons} most={6} />
		{:else}
			<p class="quiet">
				Conventional, old letter orders, diamond and boron nitride with shape code, mesh sizes. Try:
			</p>
			<div class="row">
				{#each TRY as t (t)}<button class="btn num" onclick={() => entry.set('text', t)}>{t}</button>{/each}
			</div>
		{/if}
	</section>
	<section class="sheet" aria-label="Result" aria-live="polite">
		{#if picked && answer.reading}
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
			<button class="link" aria-expanded={working} onclick={() => (working = !working)}
				>{working ? 'Hide the working' : 'Show the working'}</button
			>
			{#if working}<WorkingSheet
					calculation={parseMarking}
					input={{ text }}
					output={answer.reading}
					version={CORE_VERSION}
				/>{/if}
		{:else}<h2>Waiting for a marking</h2>{/if}
	</section>
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		display: grid;
		grid-template-columns: 1.25fr minmax(360px, 1fr);
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-12);
		min-width: 0;
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	.big {
		font-size: var(--type-figure);
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
	.link {
		justify-self: start;
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
	label {
		position: relative;
		display: inline-flex;
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-6) var(--s-14);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		font-weight: 600;
		font-size: var(--type-label);
		cursor: pointer;
	}
	.on {
		background: var(--ink);
		color: var(--sheet);
	}
	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	label:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
