import type { SetupFacts } from '../../../core/facts/setup.js';
import { type HistorySnapshot, snapshotOf } from '../../../core/route/history-snapshot.js';
import { type Sums, sumsOf } from '../../../core/route/sums.js';
import { type FullRecord, recordsOfHistories } from '../storage/records.js';
import { type Runner, write } from '../storage/pool.js';
import { stored } from '../storage/stored.js';
import { corePrint } from './core-print.js';

/** Of a setup's records those that still count, with the sums over all of them. */
export interface History {
	records: FullRecord[];
	/** Records that cannot be read any more. */
	unreadable: number[];
	sums: Sums;
	/** How many came since it was summed up last. */
	since: number;
}
interface Of {
	id: number;
	wheel_id: number | null;
	so_far: string | null;
}

/** The sum that was kept, where it was made by these rules and for this wheel. */
function kept(s: Of): HistorySnapshot | null {
	const found = s.so_far === null ? null : stored<HistorySnapshot & { unreadable?: number[] }>(s.so_far);
	return found && found.core === corePrint() && found.wheelId === s.wheel_id ? found : null;
}

/** What counts of the history of these setups: what was summed up, and what came since. One statement, however many there are. */
export async function historiesOf(setups: readonly Of[], on?: Runner): Promise<Map<number, History>> {
	const sums = new Map(setups.map((setup) => [setup.id, kept(setup)]));
	const all = await recordsOfHistories(
		setups.map((setup) => ({
			setupId: setup.id,
			ids: sums.get(setup.id)?.ids ?? [],
			after: sums.get(setup.id)?.upTo ?? 0
		})),
		on
	);
	const bySetup = new Map(setups.map((setup) => [setup.id, [] as FullRecord[]]));
	for (const r of all) bySetup.get(r.setupId ?? 0)?.push(r);
	return new Map(
		setups.map((setup) => {
			const all = bySetup.get(setup.id) ?? [];
			const upTo = sums.get(setup.id)?.upTo ?? 0;
			const since = all.filter((r) => r.id > upTo);
			return [
				setup.id,
				{
					records: all.filter((r) => r.readable),
					// What cannot be read any more proves nothing: its step is open again, and the page says which record it was.
					unreadable: all.filter((r) => !r.readable).map((r) => r.id),
					sums: sumsOf(
						since.filter((r) => r.readable),
						setup.wheel_id,
						sums.get(setup.id)?.sums
					),
					since: since.length
				}
			];
		})
	);
}

/** So many records are read beside what was summed up, before it is summed up again. */
const MAX_SINCE = 40;

/** Sums a setup up where much came since; it is locked, so nothing comes meanwhile. */
export async function sumUp(facts: SetupFacts, { since, unreadable }: History, on: Runner): Promise<void> {
	if (since <= MAX_SINCE) return;
	const so = snapshotOf(facts, corePrint());
	const body = { ...so, upTo: Math.max(so.upTo, ...unreadable), ids: [...so.ids, ...unreadable] };
	await write('UPDATE setups SET so_far = ? WHERE id = ?', [JSON.stringify(body), facts.id], on);
}
