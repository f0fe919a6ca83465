<script lang="ts">
	import { version } from '../../../../package.json';
	import { CORE_VERSION } from '$core/version';
</script>

<svelte:head><title>About - Uncinus</title></svelte:head>
<main class="page">
	<h1>Uncinus</h1>
	<p class="lead">From the brief to a wheel released to grind. Release {version}, core {CORE_VERSION}.</p>
	<p>
		It computes, draws and keeps the evidence. It does not replace the wheel's and the machine's own
		instructions, local rules, or the judgement of trained people. Where they differ from it, follow them.
	</p>
	<p>Set in Atkinson Hyperlegible Next and Mono, under the SIL Open Font License.</p>
</main>

<style>
	main {
		display: grid;
		gap: var(--s-12);
		max-width: 760px;
	}
</style>
