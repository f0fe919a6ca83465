import { resolve } from '$app/paths';
import { goto } from '$app/navigation';
import type { Decision } from '$core/route/decision';
import type { SetupFacts, StationId } from '$core/route/facts';
import type { OursOf } from '$core/shop/ours';
import type { WheelBook } from '$core/keep/wheel-book';
import type { Helped } from '$core/route/stations/keep/trouble';
import type { SelectView } from '$core/route/stations/select/view';
import type { Entry } from '$lib/ui/fields/entry.svelte';
import { type Fault, Sender } from '$lib/ui/feedback/sender.svelte';

/** One setup in front of one person: its facts, what was decided, and the way to record. */
export class Desk {
	facts: SetupFacts;
	decision: Decision;
	private readonly sender = new Sender();
	get busy(): boolean {
		return this.sender.busy;
	}
	/** What went wrong with the whole submit, said above the bench. */
	trouble = $state<Fault | null>(null);
	/** The rack ranked for this setup, where Select is open. */
	rack = $state.raw<SelectView | null>(null);
	/** The wheel's book, where Keep is open. */
	book = $state.raw<WheelBook | null>(null);
	/** What the shop's own records say of this machine, where Keep is open. */
	ours = $state.raw<OursOf | null>(null);
	/** What once cured a trouble on this machine, where its finder can be opened. */
	helped = $state.raw<readonly Helped[]>([]);
	/** What this person has typed at the open station and not recorded, by station and step. */
	drafts: Readonly<Record<string, Record<string, unknown>>> = {};
	/** Server clock minus this browser's, so that timers run by the server's. */
	skewMs = 0;

	constructor(facts: SetupFacts, decision: Decision) {
		this.facts = $state.raw(facts);
		this.decision = $state.raw(decision);
		this.skewMs = facts.nowMs - Date.now();
	}
	update(facts: SetupFacts, decision: Decision): void {
		this.facts = facts;
		this.decision = decision;
		this.skewMs = facts.nowMs - Date.now();
	}

	private async send(
		path: string,
		body: Record<string, unknown>,
		entry: Entry | null = null
	): Promise<Fault | null> {
		this.trouble = null;
		const sent = await this.sender.send(path, body, entry);
		return 'fault' in sent ? sent.fault : null;
	}

	/** Records what an entry holds; faults go beside their fields, nothing typed is lost. True when it was recorded. */
	async record(
		station: StationId,
		step: string,
		entry: Entry | null,
		values?: Record<string, unknown>
	): Promise<boolean> {
		if (entry) {
			entry.touchAll();
			const { fault } = entry.result;
			if (fault && !values) {
				entry.blame(fault);
				this.trouble = { field: fault.field, code: fault.code, message: fault.message };
				return false;
			}
		}
		const fault = await this.send(
			`/api/setups/${this.facts.id}/records`,
			{ station, step, values: values ?? entry?.result.values ?? {}, version: this.facts.version },
			entry
		);
		if (!fault) return true;
		this.trouble = fault;
		if (entry && fault.field && entry.fields.some((f) => f.name === fault.field.split('.')[0]))
			entry.blame(fault);
		return false;
	}

	async accept(recordId: number, reason: string): Promise<Fault | null> {
		const fault = await this.send(`/api/setups/${this.facts.id}/accept`, {
			recordId,
			reason,
			version: this.facts.version
		});
		if (fault && fault.field !== 'reason') this.trouble = fault;
		return fault;
	}

	async units(units: 'mm' | 'inch'): Promise<void> {
		const fault = await this.send(`/api/setups/${this.facts.id}/units`, { units });
		this.trouble = fault;
	}

	/** To the station that is open now. */
	async onward(): Promise<void> {
		await goto(resolve(`/setups/${this.facts.id}/${this.decision.current}`));
	}
	nowMs(): number {
		return Date.now() + this.skewMs;
	}
}
