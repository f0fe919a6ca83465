<script lang="ts">
	import { onDestroy } from 'svelte';
	import { tighteningOrder } from '$core/mount/tightening-order';
	import { quantity } from '$core/quantity/format';
	import { holds } from '$core/route/decision';
	import { threadStep } from '$core/route/stations/mount/tightening';
	import ThreadDrawing from '$lib/drawing/ThreadDrawing.svelte';
	import Face from '$lib/drawing/Face.svelte';
	import { polar } from '$lib/drawing/polar';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';

	interface Props {
		desk: SetupSession;
	}
	let { desk }: Props = $props();
	const entry = stepEntry(desk, threadStep);
	const m = $derived(desk.facts.mount!);
	const p = $derived(preview(threadStep, desk.facts, entry));
	const thread = $derived(p.main);
	const threadDone = $derived(holds(desk.decision, 'mount', ['thread']));
	const screws = $derived(m.retention === 'flange-screws');
	const order = $derived(
		screws && m.screwCount && m.torqueNm
			? tighteningOrder.run({
					screwCount: m.screwCount,
					finalTorqueNm: m.torqueNm,
					screwDiameterMm: m.screwDiameterMm
				})
			: null
	);
	/** The whole work as one row of touches: pass by pass, screw by screw. */
	const touches = $derived(
		order ? order.passes.flatMap((pass) => pass.sequence.map((screw) => ({ pass, screw }))) : []
	);
	let step = $state(0);
	let playing = $state(false);
	const now = $derived(touches[Math.min(step, Math.max(0, touches.length - 1))]);
	const KIND: Record<string, string> = {
		'hand-tight': 'by hand',
		step: 'with the wrench',
		'round-check': 'once round'
	};
	const timer = setInterval(() => {
		if (playing) {
			if (step < touches.length - 1) step += 1;
			else playing = false;
		}
	}, 700);
	onDestroy(() => clearInterval(timer));
	async function go() {
		if (!threadDone) return void (await desk.record('mount', 'thread', entry));
		await desk.record('mount', 'tighten', null, { done: true });
	}
</script>

<div class="cols">
	{#if screws && order}
		<Face
			label="Flange with {m.screwCount} screws; order {order.sequence.join(', ')}; now screw {now?.screw}"
			size={400}
			bore={40}
			flange={126}
		>
			{#snippet over(c)}
				{#each Array.from({ length: m.screwCount! }, (_, i) => i + 1) as s (s)}
					{@const [x, y] = polar(c, c, 92, ((s - 1) * 360) / m.screwCount!)}
					{@const turn = touches.findIndex((t) => t.pass === now?.pass && t.screw === s)}
					{@const tight = turn < step}
					<circle
						cx={x}
						cy={y}
						r="19"
						fill={now?.screw === s ? 'var(--act)' : tight ? 'var(--ok)' : 'var(--sheet)'}
						stroke="var(--steel)"
						stroke-width="2"
					/>
					<text
						{x}
						y={y + 6}
						text-anchor="middle"
						fill={now?.screw === s ? 'var(--on-act)' : tight ? 'var(--sheet)' : 'var(--ink)'}>{s}</text
					>
				{/each}
			{/snippet}
		</Face>
		<div class="say">
			<p class="quiet">{KIND[now?.pass.kind ?? 'step']}, touch {step + 1} of {touches.length}</p>
			<p class="head">
				Screw <span class="num">{now?.screw}</span>{#if now?.pass.torqueNm}<span>
						to <span class="num">{quantity(now.pass.torqueNm, 'Nm', desk.facts.units)}</span></span
					>{/if}
			</p>
			<div class="row">
				<button class="btn" onclick={() => (step = Math.max(0, step - 1))} disabled={step === 0}>Back</button
				><button class="btn" onclick={() => (step = Math.min(touches.length - 1, step + 1))}
					>Next screw</button
				><button
					class="btn"
					aria-pressed={playing}
					onclick={() => {
						if (step >= touches.length - 1) step = 0;
						playing = !playing;
					}}>{playing ? 'Hold' : 'Show the order'}</button
				>
			</div>
			<ol>
				{#each order.passes as pass, i (i)}<li class:now={pass === now?.pass}>
						<b>{pass.kind === 'hand-tight' ? 'By hand' : quantity(pass.torqueNm, 'Nm', desk.facts.units)}</b>
						<span class="num">{pass.sequence.join(' ')}</span>
					</li>{/each}
			</ol>
			{#if order.clampForceN}<p class="quiet">
					Together they clamp with about {quantity(order.clampForceN, 'N', desk.facts.units)}, give or take 30
					%. The torque is the mount's figure.
				</p>{/if}
		</div>
	{:else}
		<ThreadDrawing
			rotation={desk.facts.machine.rotation}
			tightens={thread?.tightens ?? true}
			hand={m.threadHand}
		/>
		<div class="say">
			<p class="head">One nut, snug.</p>
			<p>Over-tightening breaks wheels. The machine's figure if there is one, otherwise by feel.</p>
		</div>
	{/if}
</div>
<div class="thread">
	<h3>Hand of the thread</h3>
	<p>
		{thread?.checked
			? `Seen facing the nut the spindle turns ${thread.rotationFacingNut === 'cw' ? 'clockwise' : 'anticlockwise'}; drag urges the nut ${thread.dragOnNut === 'cw' ? 'clockwise' : 'anticlockwise'}. It needs a ${thread.requiredThreadHand}-hand thread and has a ${m.threadHand}-hand one.`
			: 'Held by screws through the flange: running cannot unwind it.'}
	</p>
	<div class="row">
		<YesNo {entry} name="reversible" /><YesNo {entry} name="hardBrake" /><YesNo {entry} name="positiveLock" />
	</div>
	{#if thread}<Reasons reasons={thread.reasons} />{/if}
</div>
<ActionBar
	label={threadDone ? 'Tightened in this order' : 'Thread is right'}
	onact={go}
	busy={desk.busy}
	stop={thread?.verdict === 'stop'}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: 290px 1fr;
		gap: var(--s-24);
		align-items: start;
	}
	.say {
		display: grid;
		gap: var(--s-8);
	}
	.head {
		font: 700 var(--type-large)/1.15 var(--text);
	}
	.row {
		display: flex;
		gap: var(--s-12);
		flex-wrap: wrap;
	}
	text {
		font: 700 var(--type-head) var(--text);
	}
	ol {
		list-style: none;
		padding: 0;
		font-size: var(--type-label);
	}
	li {
		display: grid;
		grid-template-columns: 90px 1fr;
		padding: var(--s-4) var(--s-8);
	}
	li.now {
		background: var(--act-soft);
	}
	.thread {
		display: grid;
		gap: var(--s-6);
		border-top: 1px solid var(--rule);
		padding: var(--s-8) 0 var(--s-10);
		margin-top: var(--s-8);
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
