<script lang="ts">
	import { trackOf, trackStep } from '$core/route/stations/balance/track';
	import WeightFace from '$lib/drawing/WeightFace.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ListTable from '$lib/ui/fields/ListTable.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The weights as they are: how heavy each, where it stands, and where none may stop. */
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, trackStep, { anew: true, start: trackOf(desk.facts) ?? {} });
	const v = $derived(entry.result.values);
	const angles = $derived((v.weights ?? []).map((w) => w.angleDeg ?? 0));
	async function act() {
		if (await desk.record('balance', 'track', entry)) ondone();
	}
</script>

<div class="cols">
	<WeightFace
		heavyDeg={null}
		from={angles}
		to={angles}
		masses={(v.weights ?? []).map((w) => w.massG ?? 1)}
		forbidden={(v.forbidden ?? []).filter((z) => z.fromAngleDeg !== undefined && z.toAngleDeg !== undefined)}
	/>
	<div class="side">
		<p class="quiet">
			Weigh them; two that should be equal seldom are. Rolls already made count with the weights that were on
			then.
		</p>
		<h3>Weights</h3>
		<ListTable {entry} name="weights" one="weight" least={2} />
		<h3>Where none may stop, clockwise</h3>
		<ListTable {entry} name="forbidden" one="stretch" />
		<div class="two"><QuantityField {entry} name="minGapDeg" /><YesNo {entry} name="mayPass" /></div>
	</div>
</div>
<ActionBar label="These are the weights" onact={act} busy={desk.busy} />

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(240px, 340px) 1fr;
		gap: var(--s-24);
		margin: var(--s-10) 0;
		align-items: start;
	}
	.side {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-12);
	}
	h3 {
		margin-top: var(--s-6);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
