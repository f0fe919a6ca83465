<script lang="ts">
	import Mic from '@lucide/svelte/icons/mic';
	import Play from '@lucide/svelte/icons/play';
	import Square from '@lucide/svelte/icons/square';
	import { CONDITIONS, CONDITION_WORDS, type Condition } from '$core/inspect/ring/conditions';
	import Progress from '$lib/ui/feedback/Progress.svelte';
	import type { Listening } from './listening.svelte';

	interface Props {
		ears: Listening;
		planned: number;
		frequencyHz: number;
		tapAnglesDeg: readonly number[];
		/** A made-up ring is offered: never where a real shop keeps evidence. */ simulator?: boolean;
		/** Another ring begins: what was said of the last one no longer counts. */ onnew?: () => void;
	}
	/** Where the sound comes from: the microphone, a WAV, or the stand-in; with what is heard while it is recorded. */
	let { ears, planned, frequencyHz, tapAnglesDeg, simulator = true, onnew }: Props = $props();
	const id = $props.id();
	let open = $state(false);
	let condition = $state<Condition>('clear');
	let seed = $state('1');
	const seedNumber = $derived(/^\d{1,9}$/.test(seed.trim()) ? Number(seed) : null);
	const bar = $derived(
		Math.min(100, Math.max(0, 100 + 20 * Math.log10(Math.max(ears.mic.level, 1e-4)) * (100 / 60)))
	);
	const hint = $derived(
		ears.mic.tooLoud
			? 'Too loud: move the microphone back and begin again.'
			: ears.mic.taps === 0 && ears.mic.seconds > 3
				? 'No tap heard yet. Come closer, or strike a little harder.'
				: ears.mic.taps === 0
					? 'A moment of quiet first, then tap.'
					: ears.mic.taps === planned / 2
						? 'Turn the wheel an eighth, then the other four.'
						: 'Wait until it has rung out before the next tap.'
	);
	let file = $state<HTMLInputElement | null>(null);
	const pick = () => {
		const f = file?.files?.[0];
		if (f) {
			onnew?.();
			void ears.open(f);
		}
		if (file) file.value = '';
	};
	const record = () => {
		onnew?.();
		void ears.record(planned);
	};
	const ring = () => {
		if (seedNumber !== null) {
			open = false;
			onnew?.();
			ears.simulate({ condition, seed: seedNumber, frequencyHz, tapAnglesDeg });
		}
	};
	const words: Record<string, string> = { microphone: 'Microphone', file: 'WAV', simulator: 'Simulator' };
</script>

{#if ears.mic.recording}
	<div class="live" role="status">
		<p><b class="num big">{ears.mic.taps}</b> of {planned} taps, {ears.mic.seconds.toFixed(0)} s</p>
		<div
			class="meter"
			class:loud={ears.mic.tooLoud}
			role="meter"
			aria-label="Loudness"
			aria-valuemin="0"
			aria-valuemax="100"
			aria-valuenow={Math.round(bar)}
		>
			<i style="width: {bar}%"></i>
		</div>
		<p class:warn={ears.mic.tooLoud}>{hint}</p>
		<button class="btn" onclick={() => ears.mic.stop()}><Square size={16} />Stop <kbd>R</kbd></button>
	</div>
{:else if ears.stage === 'reading' || ears.stage === 'listening'}
	<Progress
		label={ears.stage === 'reading' ? 'Reading the recording' : 'Listening to it'}
		done={Math.round(ears.share * 100)}
		of={ears.stage === 'reading' ? 0 : 100}
		oncancel={() => ears.cancel()}
	/>
{:else}
	<div class="row">
		<button class="btn" onclick={record}
			><Mic size={16} />{ears.stage === 'heard' ? 'Record again' : 'Record the ring'} <kbd>R</kbd></button
		>
		<button class="btn" onclick={() => file?.click()}>Load a WAV</button>
		{#if simulator}<button class="btn" aria-expanded={open} onclick={() => (open = !open)}>Simulator</button
			>{/if}
		<input
			bind:this={file}
			type="file"
			accept=".wav,audio/wav,audio/x-wav"
			class="sr"
			aria-label="A WAV recording of the ring"
			tabindex="-1"
			onchange={pick}
		/>
	</div>
	{#if open && simulator}
		<div class="sim">
			<label for="{id}-c"
				>Condition<select id="{id}-c" class="plain-input" bind:value={condition}
					>{#each CONDITIONS as c (c)}<option value={c}>{CONDITION_WORDS[c]}</option>{/each}</select
				></label
			>
			<label for="{id}-s"
				>Seed<input
					id="{id}-s"
					class="plain-input num"
					bind:value={seed}
					maxlength="12"
					inputmode="numeric"
					aria-invalid={seedNumber === null}
					onkeydown={(e) => {
						if (e.key === 'Enter') {
							e.preventDefault();
							ring();
						}
					}}
				/></label
			>
			<button class="btn" disabled={seedNumber === null} onclick={ring}>Ring the simulator</button>
			{#if seedNumber === null}<p class="fault">Seed: a whole number, up to nine digits.</p>{/if}
		</div>
	{/if}
	{#if ears.stage === 'heard' && ears.source}<p class="quiet">
			<button class="link" onclick={() => (ears.playing >= 0 ? ears.stopPlaying() : ears.listenTo())}
				>{#if ears.playing >= 0}<Square size={13} /> Stop{:else}<Play size={13} /> Play all{/if}</button
			>
			{words[ears.source]}{ears.about ? `, ${ears.about}` : ''}
		</p>{/if}
{/if}
{#if ears.trouble}<p class="fault" role="alert">{ears.trouble}</p>{/if}
{#if ears.unsent}<p class="fault" role="alert">
		{ears.unsent} <button class="link" onclick={() => ears.send()}>Send it again</button>
	</p>{/if}

<style>
	.row .btn {
		padding: var(--s-6) var(--s-12);
	}
	.quiet .link {
		margin-right: var(--s-6);
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	.row :global(svg),
	.live :global(svg) {
		flex: none;
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
	}
	.live {
		display: grid;
		gap: var(--s-6);
		justify-items: start;
	}
	.warn {
		color: var(--stop);
		font-weight: 600;
	}
	.meter {
		width: 100%;
		height: 14px;
		background: var(--bar);
	}
	.meter i {
		display: block;
		height: 100%;
		background: var(--act);
	}
	.meter.loud i {
		background: var(--stop);
	}
	.sim {
		display: grid;
		grid-template-columns: 1fr 96px auto;
		gap: var(--s-8);
		align-items: end;
	}
	.sim label {
		display: grid;
		font-size: var(--type-small);
		color: var(--ink2);
		gap: var(--s-2);
		min-width: 0;
	}
	.sim select,
	.sim input {
		width: 100%;
		color: var(--ink);
	}
	.sim .fault {
		grid-column: 1 / -1;
	}
</style>
