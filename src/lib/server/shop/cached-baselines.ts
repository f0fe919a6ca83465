import type { ShopBaselines } from '../../../core/shop/ours.js';
import type { Helped } from '../../../core/route/stations/keep/trouble.js';
import { row } from '../storage/pool.js';
import { oncePerRequest } from '../storage/this-request.js';
import { helpedOn, shopBaselines } from './shop-baselines.js';

interface Held {
	last: number;
	atMs: number;
	value: Promise<unknown>;
}
const held = new Map<string, Held>();
const MAX_HELD = 200;
/** What was measured in wheels of the same marking on another machine shows after so long at most. */
const AT_MOST_MS = 60_000;

const lastOn = (machineId: number): Promise<number> =>
	oncePerRequest(`last record on ${machineId}`, async () =>
		Number(
			(
				await row<{ id: number | null }>('SELECT MAX(id) AS id FROM records WHERE machine_id = ?', [
					machineId
				])
			)?.id ?? 0
		)
	);

/** What is worked out from the records of a machine, held until there is another one. */
async function untilNextRecord<T>(machineId: number, name: string, read: () => Promise<T>): Promise<T> {
	const last = await lastOn(machineId);
	const key = `${machineId} ${name}`;
	const found = held.get(key);
	// One name is always the same work.
	if (found?.last === last && Date.now() - found.atMs < AT_MOST_MS) return found.value as Promise<T>;
	const value = read();
	const mine = { last, atMs: Date.now(), value };
	held.delete(key);
	held.set(key, mine);
	value.catch(() => held.get(key) === mine && held.delete(key));
	if (held.size > MAX_HELD) held.delete(held.keys().next().value!);
	return value;
}

/** What the records of a machine have taught the shop. */
export const cachedShopBaselines = (machineId: number, marking: string | null): Promise<ShopBaselines> =>
	untilNextRecord(machineId, `ours ${marking ?? ''}`, () => shopBaselines(machineId, marking));
/** What once cured a trouble on this machine, the newest first. */
export const cachedHelped = (machineId: number): Promise<Helped[]> =>
	untilNextRecord(machineId, 'helped', () => helpedOn(machineId));
