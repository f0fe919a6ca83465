import { goto, invalidateAll } from '$app/navigation';
import type { Decision } from '$core/route/engine';
import type { SetupFacts, StationId } from '$core/route/facts';
import type { Entry } from '$lib/ui/entry.svelte';

export interface Fault { field: string; code: string; message: string }

/** One setup in front of one person: its facts, what was decided, and the way to record. */
export class Desk {
	facts = $state.raw<SetupFacts>(null as never);
	decision = $state.raw<Decision>(null as never);
	busy = $state(false);
	/** What went wrong with the whole submit, said above the bench. */
	trouble = $state<Fault | null>(null);
	/** Server clock minus this browser's, so that timers run by the server's. */
	skewMs = 0;
	private readonly keys = new Map<string, string>();

	constructor(facts: SetupFacts, decision: Decision) { this.update(facts, decision); }
	update(facts: SetupFacts, decision: Decision): void {
		this.facts = facts;
		this.decision = decision;
		this.skewMs = facts.nowMs - Date.now();
	}

	/** Sends once: the same content keeps its key until the server has taken it, so a repeated submit is harmless. */
	private async send(path: string, body: Record<string, unknown>): Promise<Fault | null> {
		if (this.busy) return { field: '', code: 'busy', message: 'Still recording the last one.' };
		const same = path + JSON.stringify(body);
		const key = this.keys.get(same) ?? crypto.randomUUID();
		this.keys.set(same, key);
		this.busy = true;
		this.trouble = null;
		try {
			const response = await fetch(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ ...body, key }) });
			const said = (await response.json().catch(() => null)) as { error?: Fault } | null;
			if (response.ok) { this.keys.delete(same); await invalidateAll(); return null; }
			const fault = said?.error ?? { field: '', code: 'unexpected', message: 'Something went wrong here, not with you. Nothing was recorded; try again.' };
			if (fault.code === 'changed-meanwhile') await invalidateAll();
			if (fault.code === 'signed-out') await goto(`/sign-in?to=${encodeURIComponent(location.pathname)}`);
			return fault;
		} catch {
			return { field: '', code: 'no-answer', message: 'The server does not answer. What you typed is kept here; try again in a moment.' };
		} finally {
			this.busy = false;
		}
	}

	/** Records what an entry holds; faults go beside their fields, nothing typed is lost. True when it was recorded. */
	async record(station: StationId, step: string, entry: Entry | null, values?: Record<string, unknown>): Promise<boolean> {
		if (entry) {
			entry.touchAll();
			const { fault } = entry.result;
			if (fault && !values) { entry.blame(fault); this.trouble = { field: fault.field, code: fault.code, message: fault.message }; return false; }
		}
		const fault = await this.send(`/api/setups/${this.facts.id}/records`, { station, step, values: values ?? entry?.result.values ?? {}, version: this.facts.version });
		if (!fault) { entry?.recorded(); return true; }
		this.trouble = fault;
		if (entry && fault.field && entry.fields.some((f) => f.name === fault.field.split('.')[0])) entry.blame(fault);
		return false;
	}

	async accept(recordId: number, reason: string): Promise<Fault | null> {
		const fault = await this.send(`/api/setups/${this.facts.id}/accept`, { recordId, reason, version: this.facts.version });
		if (fault && fault.field !== 'reason') this.trouble = fault;
		return fault;
	}

	async units(units: 'mm' | 'inch'): Promise<void> {
		const fault = await this.send(`/api/setups/${this.facts.id}/units`, { units });
		this.trouble = fault;
	}

	/** To the station that is open now. */
	async onward(): Promise<void> {
		await goto(`/setups/${this.facts.id}/${this.decision.current}`);
	}
	nowMs(): number { return Date.now() + this.skewMs; }
}
