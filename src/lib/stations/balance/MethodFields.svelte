<script lang="ts">
	import { untrack } from 'svelte';
	import { clockPosition } from '$core/quantity/format';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry, Typed } from '$lib/ui/fields/entry.svelte';
	import ListTable from '$lib/ui/fields/ListTable.svelte';
	import NumbersField from '$lib/ui/fields/NumbersField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import type { Method } from './methods';
	import Stopwatch from './Stopwatch.svelte';

	interface Props {
		method: Method;
		entry: Entry;
	}
	/** What a way of measuring asks for. */
	let { method, entry }: Props = $props();
	const id = $derived(method.id);
	const turning = $derived((entry.typed.turningAnglesDeg ?? []) as string[]);
	let marks = $state(
		untrack(() => method.id === 'swing' && ((entry.typed.turningAnglesDeg ?? []) as string[]).length > 0)
	);
	const setMark = (i: number, text: string) =>
		entry.set('turningAnglesDeg', [0, 1, 2].map((k) => (k === i ? text : (turning[k] ?? ''))) as Typed[]);
	$effect(() => {
		if (id === 'swing' && !marks && turning.length && turning.every((t) => t.trim() === ''))
			entry.typed.turningAnglesDeg = [];
	});
	$effect(() => {
		if (id === 'runs' && !((entry.typed.runs ?? []) as Typed[]).length)
			untrack(() => {
				entry.typed.runs = [0, 120, 240].map((a) => ({ angleDeg: String(a), mmPerS: '' }));
			});
	});
	$effect(() => {
		if (
			id === 'mass' &&
			entry.at('method') === 'rest-angles' &&
			!((entry.typed.runs ?? []) as Typed[]).length
		)
			untrack(() => {
				entry.typed.runs = [
					{ massG: '0', radiusMm: '', angleDeg: '', restAngleDeg: '' },
					{ massG: '', radiusMm: '', angleDeg: '', restAngleDeg: '' }
				];
			});
	});
	const clock = (name: string) =>
		entry.result.values[name] === undefined
			? '° from the mark, at the bottom'
			: `about ${clockPosition(Number(entry.result.values[name]))} on the clock`;
	const RUN_WORDS = {
		massG: 'Mass',
		radiusMm: 'Radius',
		angleDeg: 'At',
		restAngleDeg: 'Rested at',
		mmPerS: 'Vibration'
	};
</script>

{#if id === 'swing'}
	<div class="time">
		<QuantityField {entry} name="timeS" autofocus /><Stopwatch
			onstop={(t) => entry.set('timeS', t.toFixed(2))}
		/>
	</div>
	{#if marks}
		<p class="lab">Turning marks, three in a row</p>
		<div class="marks">
			{#each [0, 1, 2] as i (i)}<input
					class="plain-input num"
					aria-label="Turning mark {i + 1}, degrees"
					value={turning[i] ?? ''}
					maxlength="12"
					oninput={(ev) => setMark(i, ev.currentTarget.value)}
				/>{/each}
		</div>
		{#if entry.faultAt('turningAnglesDeg')}<p class="fault">{entry.faultAt('turningAnglesDeg')}</p>{/if}
	{:else}<QuantityField {entry} name="restAngleDeg" note={clock('restAngleDeg')} />{/if}
	<div class="small">
		<QuantityField {entry} name="swings" label="Swings timed" /><button
			class="link"
			onclick={() => {
				marks = !marks;
				entry.set('turningAnglesDeg', []);
				entry.set('restAngleDeg', '');
			}}>{marks ? 'Use where it rested' : 'Use turning marks instead'}</button
		>
	</div>
{:else if id === 'marks'}
	<p>
		Push it gently, about a turn in half a minute. Click the face at every turning point, or type them: five
		or more, nine are best.
	</p>
	<div class="time">
		<QuantityField {entry} name="timeS" /><Stopwatch onstop={(t) => entry.set('timeS', t.toFixed(2))} />
	</div>
	<NumbersField {entry} name="turningAnglesDeg" />
	{#if turning.length}<button class="link" onclick={() => entry.set('turningAnglesDeg', turning.slice(0, -1))}
			>Rub out the last mark</button
		>{/if}
{:else if id === 'mass'}
	<ChoiceField
		{entry}
		name="method"
		label="How"
		words={{ hold: 'it holds the heavy side level', 'rest-angles': 'where it rests with and without' }}
	/>
	{#if entry.at('method') === 'hold'}<div class="two">
			<QuantityField {entry} name="heavyAngleDeg" /><QuantityField
				{entry}
				name="radiusMm"
				label="Radius of the mass"
			/><QuantityField {entry} name="holdLowMassG" /><QuantityField {entry} name="holdHighMassG" />
		</div>
	{:else if entry.at('method') === 'rest-angles'}<ListTable
			{entry}
			name="runs"
			one="roll"
			words={RUN_WORDS}
			least={2}
		/>{/if}
{:else if id === 'rest'}
	<QuantityField {entry} name="restAngleDeg" note={clock('restAngleDeg')} autofocus />
{:else if id === 'phase'}
	<div class="three">
		<QuantityField {entry} name="initialMmPerS" label="As it is" /><QuantityField
			{entry}
			name="initialPhaseAngleDeg"
			label="Its phase"
		/><ChoiceField
			{entry}
			name="phaseSense"
			label="Phase grows"
			words={{ with: 'with', against: 'against' }}
			list
		/><QuantityField {entry} name="trialMassG" /><QuantityField
			{entry}
			name="trialRadiusMm"
			label="At radius"
		/><QuantityField {entry} name="trialAngleDeg" /><QuantityField
			{entry}
			name="trialMmPerS"
			label="With the trial"
		/><QuantityField {entry} name="trialPhaseAngleDeg" label="Its phase then" />
	</div>
{:else}
	<div class="three">
		<QuantityField {entry} name="initialMmPerS" label="As it is" /><QuantityField
			{entry}
			name="trialMassG"
		/><QuantityField {entry} name="trialRadiusMm" />
	</div>
	<ListTable {entry} name="runs" one="run" words={RUN_WORDS} least={3} />
{/if}

<style>
	.time {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: var(--s-10);
		align-items: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
	.marks {
		display: grid;
		grid-template-columns: 1fr 1fr 1fr;
		gap: var(--s-8);
	}
	.marks input {
		width: 100%;
	}
	.small {
		display: grid;
		grid-template-columns: 130px 1fr;
		gap: var(--s-12);
		align-items: center;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 var(--s-12);
	}
	.three {
		display: grid;
		grid-template-columns: 1.45fr 1fr 1.1fr;
		gap: 0 var(--s-8);
	}
</style>
