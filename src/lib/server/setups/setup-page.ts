import type { Decision } from '../../../core/route/decision.js';
import { decide } from '../../../core/route/engine.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { toClientFacts } from '../../../core/route/client-facts.js';
import { clockAheadMs, row } from '../storage/pool.js';
import { today } from '../storage/today.js';
import { stampsInOne } from '../storage/cache.js';
import { loadSetup } from './setups.js';

/** A setup as its page is sent it. */
export interface SetupPage {
	facts: SetupFacts;
	decision: Decision;
	unreadable: number[];
	asOfToday: boolean;
}

/** Everything by which it shows that what was read before still stands, and the time. */
interface Now {
	state: SetupFacts['state'];
	onSpindle: number;
	mounting: string | null;
	nowMs: string;
	key: string;
}
const NOW = `SELECT s.state, s.on_spindle AS onSpindle, t.mounting, UNIX_TIMESTAMP(UTC_TIMESTAMP(3)) * 1000 AS nowMs,
	CONCAT_WS(' ', s.version, s.state, s.on_spindle, s.units, s.wheel_id, s.mount_id, s.dresser_id, s.changed_at, (SELECT MAX(o.stamp) FROM wheels o),
		COALESCE((SELECT w.stamp FROM wheels w WHERE w.id = s.wheel_id), '-'),
		COALESCE((SELECT MAX(r.id) FROM records r WHERE r.setup_id = s.id), '-'),
		COALESCE((SELECT MAX(r.id) FROM records r WHERE r.wheel_id = s.wheel_id), '-'),
		COALESCE((SELECT MAX(r.id) FROM records r WHERE r.machine_id = s.machine_id AND r.station = 'machine'), '-'),
		COALESCE((SELECT MAX(i.id) FROM incidents i WHERE i.setup_id = s.id AND i.closed_at IS NULL), '-'),
		(SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(b.id), 0)) FROM blocks_in_use b JOIN setups o ON o.id = b.setup_id WHERE o.state IN ('under-way', 'released'))) AS \`key\`
	FROM setups s LEFT JOIN route_templates t ON t.code = s.route_code AND t.version = s.route_version WHERE s.id = ?`;

const held = new Map<number, { key: string; page: SetupPage }>();
const MAX_HELD = 300;

/** What others do may stand in the way of one that is not mounted, and companions of a pack stand in rows of their own: those are read anew. */
const canBeCached = (n: Now): boolean => n.mounting !== 'pack' && (!!n.onSpindle || n.state === 'finished');

/** What the page of a setup shows; what nothing has changed about since it was read last is not read again. */
export async function setupPage(id: number): Promise<SetupPage | null> {
	const [stamps, now] = [await stampsInOne(), await row<Now>(NOW, [id])];
	if (!now) return null;
	// Another wheel of the same marking brings its trial cuts and its stiffness: any wheel that changed counts.
	const key = `${now.key} ${stamps} ${await today()}`;
	const found = held.get(id);
	if (found?.key === key && canBeCached(now)) {
		const facts = { ...found.page.facts, nowMs: Number(now.nowMs) + clockAheadMs() };
		// A timer that has run out changes what is decided, and nothing that is kept.
		const decision = facts.state === 'under-way' ? decide(facts) : found.page.decision;
		return { ...found.page, facts, decision };
	}
	const loaded = await loadSetup(id);
	if (!loaded) return null;
	const page = {
		facts: toClientFacts(loaded.facts),
		decision: decide(loaded.facts),
		unreadable: loaded.unreadable,
		asOfToday: loaded.asOfToday
	};
	held.delete(id);
	if (canBeCached(now)) held.set(id, { key, page });
	// The one that was read longest ago goes first.
	if (held.size > MAX_HELD) held.delete(held.keys().next().value!);
	return page;
}
