import { dressPlan } from '../../../core/dress/plan.js';
import { decide } from '../../../core/route/engine.js';
import { Evidence } from '../../../core/route/evidence.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { StationId } from '../../../core/route/station-names.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import type { Morning } from '../../../core/route/morning.js';
import { type SetupStatus, setupStatus } from '../../../core/route/setup-status.js';
import { places, queryRows, serverNowMs } from '../storage/pool.js';
import { stampsInOne } from '../storage/cache.js';
import { machines } from '../shop/machines.js';
import { wheelsByIds } from '../wheels/wheels.js';
import { occupying } from './occupying.js';
import { type SetupRow, setupRows } from './setup-row.js';
import { loadSetups } from './setups.js';

/** A setup as its card on the Floor shows it. */
export interface FloorCard extends SetupStatus {
	id: number;
	machineId: number;
	part: string;
	quantity: number;
	wheel: WheelFacts | null;
	station: StationId;
	dressesLeft: number | null;
}

const cardOf = (facts: SetupFacts): FloorCard => {
	const d = decide(facts);
	return {
		id: facts.id,
		machineId: facts.machine.id,
		part: facts.brief.part,
		quantity: facts.brief.quantity,
		wheel: facts.wheel,
		station: d.current,
		...setupStatus(facts, d),
		dressesLeft: Evidence.of(facts).of(dressPlan, 'dress', ['settings'])?.output.dressesLeft ?? null
	};
};

interface Held {
	/** Everything the card was worked out from, by what changes with it. */
	key: string;
	atMs: number;
	card: FloorCard;
}
const held = new Map<number, Held>();
/** A setup under way has timers, which change nothing that is kept. */
const TIMERS_MS = 5000;
const MAX_HELD = 2000;

/** Newest recording of each of these wheels. */
async function lastRings(wheelIds: readonly number[]): Promise<Map<number, number>> {
	if (!wheelIds.length) return new Map();
	const list = await queryRows<{ wheelId: number; id: number }>(
		`SELECT wheel_id AS wheelId, MAX(id) AS id FROM recordings WHERE wheel_id IN (${places(wheelIds)}) GROUP BY wheel_id`,
		[...wheelIds]
	);
	return new Map(list.map((r) => [r.wheelId, r.id]));
}

/** What changes whenever a card may: the row with its version, its wheel, its machine's morning, what is in its way, and the shop's own. */
async function keysOf(
	rows: readonly SetupRow[],
	mornings: ReadonlyMap<number, Morning>
): Promise<Map<number, string>> {
	const wheelIds = rows.flatMap((s) => (s.wheel_id === null ? [] : [s.wheel_id]));
	const codes = new Map((await machines()).map((m) => [m.id, m.code]));
	const [shop, wheels, rings, inTheWay] = await Promise.all([
		stampsInOne(),
		wheelsByIds(wheelIds).then((all) => new Map(all.map((w) => [w.id, w]))),
		lastRings(wheelIds),
		occupying(
			rows.filter((s) => !s.on_spindle).map((s) => ({ ...s, machine: codes.get(s.machine_id) ?? '' }))
		)
	]);
	return new Map(
		rows.map(({ so_far: _, now_ms: __, ...s }) => [
			s.id,
			JSON.stringify([
				s,
				shop,
				s.wheel_id && [wheels.get(s.wheel_id), rings.get(s.wheel_id)],
				mornings.get(s.machine_id)?.recordId,
				inTheWay.get(s.id)
			])
		])
	);
}

/** A wheel of a pack has companions, which stand in no row of its own. */
const canBeCached = (setup: SetupRow, h: Held, nowMs: number): boolean =>
	setup.mounting !== 'pack' && (setup.state === 'released' || nowMs - h.atMs < TIMERS_MS);

/** The cards of these setups; what nothing has changed about is not worked out again. */
export async function floorCards(
	ids: readonly number[],
	mornings: ReadonlyMap<number, Morning>
): Promise<FloorCard[]> {
	const rows = await setupRows(ids);
	const keys = await keysOf(rows, mornings);
	const nowMs = serverNowMs();
	const stale = rows.filter((s) => {
		const h = held.get(s.id);
		return !h || h.key !== keys.get(s.id) || !canBeCached(s, h, nowMs);
	});
	if (held.size + stale.length > MAX_HELD) held.clear();
	for (const { facts } of await loadSetups(stale.map((s) => s.id)))
		held.set(facts.id, { key: keys.get(facts.id)!, atMs: nowMs, card: cardOf(facts) });
	// One that was cleared away meanwhile comes with the next look.
	return rows.flatMap((s) => held.get(s.id)?.card ?? []);
}
