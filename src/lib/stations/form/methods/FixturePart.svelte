<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { holds } from '$core/route/decision';
	import { Evidence } from '$core/route/evidence';
	import { featuresOf } from '$core/route/stations/form/features';
	import { formOf } from '$core/route/stations/form/made';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import FeatureTabs from './FeatureTabs.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A sine or radius dresser, set for one flank or arc of the form after the other. */
	let { desk, ondone }: Props = $props();
	const form = $derived(formOf(desk.facts, Evidence.of(desk.facts))!);
	const features = $derived(featuresOf(form.chain, form.way));
	let chosen = $state<number | null>(null);
	const open = $derived(
		features.find((f) => !holds(desk.decision, 'form', [`set-${f.index}`])) ?? features[0]!
	);
	const feature = $derived(features.find((f) => f.index === chosen) ?? open);
	function done() {
		chosen = null;
		ondone();
	}
	const SHEETS = {
		sine: () => import('./SineSheet.svelte'),
		radius: () => import('./RadiusSheet.svelte')
	};
	const load = $derived(SHEETS[form.way === 'sine' ? 'sine' : 'radius']);
</script>

<FeatureTabs {desk} {features} picked={feature.index} onpick={(i) => (chosen = i)} />
{#key feature.index}<Lazy {load} given={{ desk, form, feature, ondone: done }} />{/key}
