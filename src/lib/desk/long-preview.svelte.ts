import { onDestroy } from 'svelte';
import { completed } from '$core/calculation/complete';
import { InputFault } from '$core/calculation/fault';
import type { Field } from '$core/calculation/fields';
import { inShop } from '$core/calculation/limits';
import { type Result, all } from '$core/route/result';
import type { Step } from '$core/route/define-step';
import type { StepAnswer, StepAsked } from '$lib/workers/step-runner';
import type { Entry } from '$lib/ui/fields/entry.svelte';
import type { SetupSession } from './setup-session.svelte';
import { type Preview, preview } from './preview';

const AFTER_MS = 150;

/**
 * What a step would record, computed off the page where it would hold it up; the last answer stays until the next one is there. Called
 * while a component is made.
 */
export class LongPreview<L extends readonly Field[], O extends object> {
	private answered = $state.raw<Preview<O> | null>(null);
	computing = $state(false);
	private worker: Worker | null = null;
	private asked = 0;
	private timer: ReturnType<typeof setTimeout> | undefined;

	constructor(
		private readonly desk: SetupSession,
		private readonly step: Step<L, O>,
		private readonly entry: Entry<L>,
		private readonly isLong: () => boolean,
		/** What is taken instead of what is typed: chosen for the person, not by them. */
		private readonly instead: () => Readonly<Record<string, unknown>> = () => ({})
	) {
		onDestroy(() => {
			clearTimeout(this.timer);
			this.worker?.terminate();
		});
		$effect(() => {
			const { values, fault: typed } = entry.result;
			const instead = this.instead();
			const fault = typed && typed.field in instead ? null : typed;
			const { facts } = desk;
			if (!this.isLong()) return;
			clearTimeout(this.timer);
			if (fault) {
				this.answered = { result: null, main: null, computed: [], fault };
				this.computing = false;
				return;
			}
			this.computing = true;
			const plain = JSON.parse(JSON.stringify({ ...values, ...instead })) as Record<string, unknown>;
			this.timer = setTimeout(() => this.ask(facts, plain), AFTER_MS);
		});
	}

	/** Null while the first answer is still on its way. */
	get now(): Preview<O> {
		if (!this.isLong())
			return preview(this.step, this.desk.facts, null, { ...this.entry.result.values, ...this.instead() });
		return this.answered ?? { result: null, main: null, computed: [], fault: null };
	}

	private ask(facts: SetupSession['facts'], values: Record<string, unknown>): void {
		this.worker ??= new Worker(new URL('../workers/step-runner.ts', import.meta.url), { type: 'module' });
		this.worker.onmessage = ({ data }: MessageEvent<StepAnswer>) => {
			if (data.id !== this.asked) return;
			this.computing = false;
			this.answered = 'fault' in data ? failed(data.fault) : shown(data.result as Result<O>);
		};
		const { station, step } = this.step;
		const fields = inShop(this.step.fields, facts.guidelines.limits, facts.units);
		const full = completed(fields, values) as Record<string, unknown>;
		this.worker.postMessage({ id: ++this.asked, station, step, facts, values: full } satisfies StepAsked);
	}
}

const failed = ({ field, code, message }: { field: string; code: string; message: string }) => ({
	result: null,
	main: null,
	computed: [],
	fault: new InputFault(field, code, message)
});
const shown = <O extends object>(result: Result<O>): Preview<O> => ({
	result,
	main: result.main.output,
	computed: all(result),
	fault: null
});
