<script lang="ts">
	interface Props {
		/** It is booked already. */
		booked: boolean;
	}
	/** The roll is inside the grade: nothing is moved any more. The figure stands beside it, once. */
	let { booked }: Props = $props();
</script>

<h2>Inside the grade</h2>
<p>
	Leave the weights where they are. {booked ? 'The last roll proves it.' : 'Book this roll: it proves it.'}
</p>

<style>
	h2 {
		color: var(--ok);
	}
	p {
		max-width: 60ch;
	}
</style>
