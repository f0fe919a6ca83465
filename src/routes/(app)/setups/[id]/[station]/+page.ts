import type { Component } from 'svelte';
import type { SetupSession } from '$lib/desk/setup-session.svelte';

/** Each bench is fetched when its station is opened. */
const BENCHES: Record<string, () => Promise<{ default: Component<{ desk: SetupSession }> }>> = {
	machine: () => import('$lib/stations/machine/MachineBench.svelte'),
	brief: () => import('$lib/stations/brief/BriefBench.svelte'),
	select: () => import('$lib/stations/select/SelectBench.svelte'),
	inspect: () => import('$lib/stations/inspect/InspectBench.svelte'),
	mount: () => import('$lib/stations/mount/MountBench.svelte'),
	'run-in': () => import('$lib/stations/run-in/RunInBench.svelte'),
	true: () => import('$lib/stations/true/TrueBench.svelte'),
	balance: () => import('$lib/stations/balance/BalanceBench.svelte'),
	form: () => import('$lib/stations/form/FormBench.svelte'),
	dress: () => import('$lib/stations/dress/DressBench.svelte'),
	prove: () => import('$lib/stations/prove/ProveBench.svelte'),
	keep: () => import('$lib/stations/keep/KeepBench.svelte')
};

export async function load({ data }) {
	return { ...data, Bench: (await BENCHES[data.station]!()).default };
}
