import { toClientFacts } from '../../../core/route/client-facts.js';
import type { Decision } from '../../../core/route/decision.js';
import { decide } from '../../../core/route/engine.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { loadSetup } from './setups.js';

/** A setup as its page is sent it. */
export interface SetupPage {
	facts: SetupFacts;
	decision: Decision;
	unreadable: number[];
	asOfToday: boolean;
}

/** What the page of a setup shows. */
export async function setupPage(id: number): Promise<SetupPage | null> {
	const loaded = await loadSetup(id);
	if (!loaded) return null;
	const { facts, unreadable, asOfToday } = loaded;
	return { facts: toClientFacts(facts), decision: decide(facts), unreadable, asOfToday };
}
