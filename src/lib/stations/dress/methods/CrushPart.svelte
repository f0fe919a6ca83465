<script lang="ts">
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { crushStep } from '$core/route/stations/dress/methods/crush';
	import { turns } from '$core/route/stations/dress/turns';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import { BAD, GOOD, PLAIN, WATCH } from '$lib/drawing/dress/bands';
	import RollDrawing from '$lib/drawing/dress/RollDrawing.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A hard roll pressed in: who drives whom, how slowly, with what force, and whether they really run together. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const roll = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, crushStep, { start: { feedUmPerRev: 5, totalDepthUm: 100 } });
	const p = $derived(preview(crushStep, facts, entry));
	const out = $derived(p.main);
	const v = $derived(entry.result.values);
	const q = (x: number | null | undefined, u: 'rpm' | 'mm' | 'N' | 'm/s') =>
		quantity(x ?? null, u, facts.units);
	const speed = $derived(v.crushSpeedMps ?? 1.5);
	const BANDS = [
		{ from: 0, to: 1, name: 'slow', fill: PLAIN },
		{ from: 1, to: 2, name: 'usual', fill: GOOD },
		{ from: 2, to: 2.5, name: '', fill: PLAIN },
		{ from: 2.5, to: 10, name: 'quick', fill: WATCH },
		{ from: 10, to: 12, name: 'no', fill: BAD }
	];
	const byRoll = $derived(v.drive === 'roll');
</script>

<SettingSheet
	{desk}
	step={crushStep}
	{entry}
	{p}
	what={byRoll ? 'The roll turns, and the wheel with it' : 'The wheel turns, and the roll with it'}
	figure={q(out?.drivenSpeedRpm, 'rpm')}
	means={out ? `${q(speed, 'm/s')} at the rim` : ''}
	words={{ wheel: 'wheel drives', roll: 'roll drives' }}
	labels={{ drive: 'Who drives', specificForceNPerMm: 'Force a mm, N' }}
	later={['dwellRevs', 'rollMeasuredRpm', 'wheelMeasuredRpm']}
	hidden={byRoll ? ['rollMeasuredRpm'] : ['wheelMeasuredRpm']}
	notes={{
		totalDepthUm: out ? `${out.feedRevs.toFixed(0)} turns, ${duration(out.timeS)}` : '',
		crushSpeedMps: `machine turns ${q(facts.machine.spindleRpmMin, 'rpm')} at least`
	}}
	{ondone}
>
	{#snippet drawing(o)}<RollDrawing
			family={facts.wheel?.family ?? null}
			wheelMm={facts.wheel!.diameterMm}
			rollMm={roll?.bodyDiameterMm ?? 100}
			wheelMps={o ? speed : null}
			rollMps={o ? speed * (o.speedRatio ?? 1) : null}
			ratio={o?.speedRatio ?? null}
			clockwise={turns(facts) === 'clockwise'}
			what="roll"
			units={facts.units}
		/>{/snippet}
	{#snippet strip()}<BandStrip value={speed} bands={BANDS} label="Rim speed while crushing" />{/snippet}
	{#snippet beneath(o)}{#if o.normalForceN !== null && v.spindleLimitN}<h3>Force against the spindle</h3>
			<Strip
				value={o.normalForceN}
				limit={v.spindleLimitN}
				state={found(o, 'force-above-spindle-limit')}
				label="Force on the spindle"
				unit="N"
				show={(x) => x.toFixed(0)}
			/>{:else}<p class="quiet">
				Enter the force a millimetre and what the spindle takes: then they stand against each other here.
			</p>{/if}
		<p>
			Roll {q(o.rollSpeedRpm, 'rpm')}, wheel {q(o.wheelSpeedRpm, 'rpm')}; diameter after {q(
				o.diameterAfterMm,
				'mm'
			)}.
		</p>
	{/snippet}
</SettingSheet>
