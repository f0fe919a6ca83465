<script lang="ts">
	import { leftByPass } from '$core/prove/system-stiffness';
	import type { Ours } from '$core/shop/ours';
	import OursNote from '$lib/desk/OursNote.svelte';

	interface Props {
		tauS: Ours | null;
		/** A pass of this trial takes so long; null while it is not known. */
		passTimeS: number | null;
		ontake: (share: number) => void;
	}
	/** How quickly this machine springs back, as read here, and what one pass of this trial then leaves behind. */
	let { tauS, passTimeS, ontake }: Props = $props();
	const MAX = 0.95;
	const share = $derived(
		tauS?.enough && passTimeS !== null ? Math.min(MAX, leftByPass(tauS.median, passTimeS)) : null
	);
</script>

{#if tauS}<OursNote
		what="what is bent away is down to a third in"
		ours={tauS}
		show={(v) => `${v.toFixed(1)} s`}
	/>
	{#if share !== null}<button class="link" type="button" onclick={() => ontake(share)}
			>Use ours: a pass of {passTimeS!.toFixed(1)} s leaves {Math.round(100 * share)} % behind</button
		>{/if}{/if}
