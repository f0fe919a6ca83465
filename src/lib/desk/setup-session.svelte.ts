import { resolve } from '$app/paths';
import { goto } from '$app/navigation';
import type { Decision } from '$core/route/decision';
import type { SetupFacts } from '$core/facts/setup';
import type { StationId } from '$core/route/station-names';
import type { ShopBaselines } from '$core/shop/ours';
import type { WheelBook } from '$core/keep/wheel-book';
import type { Helped } from '$core/route/stations/keep/trouble';
import type { SelectView } from '$core/route/stations/select/view';
import type { Entry } from '$lib/ui/fields/entry.svelte';
import { type Fault, SILENT, Sender } from '$lib/ui/feedback/sender.svelte';
import { wrongBox } from '$lib/offline/wrong-box.svelte';
import { outbox } from '$lib/offline/outbox.svelte';

/** One setup in front of one person: its facts, what was decided, and the way to record. */
export class SetupSession {
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
	ours = $state.raw<ShopBaselines | null>(null);
	/** What once cured a trouble on this machine, where its finder can be opened. */
	helped = $state.raw<readonly Helped[]>([]);
	/** What this person has typed at the open station and not recorded, by station and step. */
	drafts: Readonly<Record<string, Record<string, unknown>>> = {};
	/** Server clock minus this browser's, so that timers run by the server's. */
	skewMs = 0;

	constructor(facts: SetupFacts, decision: Decision) {
		this.facts = $state.raw(facts);
		this.decision = $state.raw(decision);
		this.lastServerState = { facts, decision };
		this.shown.of = String(facts.version);
		this.skewMs = facts.nowMs - Date.now();
	}
	update(facts: SetupFacts, decision: Decision): void {
		// What this browser has kept for a bad network may be older than what is shown.
		if (facts.id === this.lastServerState.facts.id && facts.version < this.lastServerState.facts.version)
			return;
		this.skewMs = facts.nowMs - Date.now();
		this.lastServerState = { facts, decision };
		this.shown.of = '';
		void this.withWhatWaits();
	}
	/** What the server said last, without what waits. */
	lastServerState: { facts: SetupFacts; decision: Decision };
	/** What is being shown, so that nothing is made anew for nothing. */
	private shown = { of: '', done: Promise.resolve() };
	/** Shows what waits in this browser on top of what the server said. */
	withWhatWaits(): Promise<void> {
		const told = this.lastServerState;
		const waiting = outbox.due(told.facts.id);
		const wrong = wrongBox.of(told.facts.id);
		const of = [told.facts.version, ...[...waiting, ...wrong].map((w) => w.key)].join();
		if (this.shown.of !== of)
			this.shown = { of, done: waiting.length || wrong.length ? this.show(told, of) : this.plain(told) };
		return this.shown.done;
	}
	private plain(told: SetupSession['lastServerState']): Promise<void> {
		[this.facts, this.decision] = [told.facts, told.decision];
		return Promise.resolve();
	}
	private async show(told: SetupSession['lastServerState'], of: string): Promise<void> {
		const { decide, withQueued } = await import('$lib/offline/with-queued');
		if (this.shown.of !== of) return;
		const facts = withQueued(told.facts, outbox.due(told.facts.id));
		// What is wrong stops it here too, before the server has heard of it.
		this.facts =
			wrongBox.of(facts.id).length && facts.state !== 'finished' ? { ...facts, state: 'stopped' } : facts;
		this.decision = this.facts === told.facts ? told.decision : decide(this.facts);
	}

	private async send(path: string, body: Record<string, unknown>): Promise<Fault | null> {
		this.trouble = null;
		const sent = await this.sender.send(path, body);
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
		this.trouble = null;
		const submission = { station, step, values: values ?? entry?.result.values ?? {} };
		const { version } = this.facts;
		// What waits goes first; what comes after it waits behind it.
		const sent = outbox.due(this.facts.id).length
			? { fault: SILENT, key: crypto.randomUUID() }
			: await this.sender.send(`/api/setups/${this.facts.id}/records`, { ...submission, version }, entry);
		if (!('fault' in sent)) return true;
		const fault =
			sent.fault.code === SILENT.code && sent.key
				? await import('$lib/offline/wait-here').then(
						(m) => m.waitHere(this, submission, sent.key!, entry),
						// Not kept in this browser: then nothing waits here.
						() => sent.fault
					)
				: sent.fault;
		if (!fault) return true;
		this.trouble = fault;
		if (entry && fault.field && entry.fields.some((field) => field.name === fault.field.split('.')[0]))
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
