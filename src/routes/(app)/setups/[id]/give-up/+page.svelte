<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { getContext } from 'svelte';
	import { giveUpStep, mayGiveUp, wheelComesOff } from '$core/route/stations/keep/give-up';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	let { data } = $props();
	const desk = getContext<SetupSession>('desk');
	const entry = new Entry({
		fields: giveUpStep.fields,
		key: `setup-${desk.facts.id}-give-up`,
		draft: data.draft
	});
	const facts = $derived(desk.facts);
	const refusal = $derived(mayGiveUp(facts));
	const WHEEL = {
		sound: 'sound, back to the rack',
		'not-sure': 'not sure: set aside, inspect again',
		'worn-out': 'worn out: scrap it'
	};
	async function giveUp() {
		if (await desk.record('keep', 'give-up', entry)) await goto(resolve('/setups'));
	}
</script>

<svelte:head><title>Give it up, setup {facts.id} - Uncinus</title></svelte:head>
<h1>Give this setup up</h1>
{#if facts.state === 'finished'}<p class="lead">
		This setup is {facts.givenUp ? 'given up' : 'finished'} already.
	</p>
{:else if refusal}<p class="lead">{refusal.message}</p>
{:else}
	<p class="lead">
		Nobody goes on with it. What was recorded stays; {facts.machine.code}{facts.wheel
			? `, its mount and wheel ${facts.wheel.number} are`
			: ' is'} free for the next setup.
	</p>
	<div class="form">
		<TextField {entry} name="reason" />
		{#if facts.wheel && wheelComesOff(facts)}<div>
				<p>
					<b>Wheel {facts.wheel.number} is on the spindle.</b> Stop, isolate, wait until it stands, take it off
					and look at it.
				</p>
				<ChoiceField {entry} name="wheelIs" words={WHEEL} label="As it comes off the wheel is" />
			</div>{/if}
	</div>
{/if}
{#if refusal || facts.state === 'finished'}<ActionBar
		label="Back to the setup"
		forward
		onact={() => void goto(resolve(`/setups/${facts.id}`))}
	/>
{:else}<ActionBar label="Give it up" onact={giveUp} busy={desk.busy} key={false}>
		<a class="btn" href={resolve(`/setups/${facts.id}`)}>Back, it goes on</a>
		<a class="btn stop" href={resolve(`/setups/${facts.id}/wrong`)}>Something is wrong with the wheel</a>
	</ActionBar>{/if}

<style>
	.form {
		display: grid;
		gap: var(--s-16);
		margin: var(--s-16) 0;
		max-width: 640px;
	}
</style>
