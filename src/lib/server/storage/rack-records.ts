import { type Verdict, worst } from '../../../core/calculation/verdict.js';
import { type Runner, type Value, places, queryRows, row } from './pool.js';
import { type FullRecord, recordsWhere } from './records.js';
import { stored } from './stored.js';

/** The last look at a wheel made at the rack, its verdict and when; what counts for ringing it there. */
export const rackLook = async (wheelId: number, on?: Runner): Promise<FullRecord | undefined> =>
	(
		await recordsWhere(
			`WHERE r.wheel_id = ? AND r.setup_id IS NULL AND r.station = 'inspect' AND r.step = 'look' ORDER BY r.id DESC LIMIT 1`,
			[wheelId],
			on
		)
	)[0];
/** Chips that the last look at a wheel found, wherever it was made; a later look begins with them. */
export async function chipsSeen(wheelId: number, on?: Runner): Promise<unknown[]> {
	return (await chipsSeenOn([wheelId], on)).get(wheelId) ?? [];
}
/** The same of several wheels. */
export async function chipsSeenOn(wheelIds: readonly number[], on?: Runner): Promise<Map<number, unknown[]>> {
	if (!wheelIds.length) return new Map();
	const looks = await queryRows<{ id: number; entered: string | null }>(
		`SELECT w.id, (SELECT r.entered FROM records r WHERE r.wheel_id = w.id AND r.station = 'inspect' AND r.step = 'look' ORDER BY r.id DESC LIMIT 1) AS entered FROM wheels w WHERE w.id IN (${places(wheelIds)})`,
		[...wheelIds],
		on
	);
	return new Map(
		looks.map((look) => {
			const chips = look.entered === null ? null : stored<{ chips?: unknown }>(look.entered)?.chips;
			return [look.id, Array.isArray(chips) ? chips : []];
		})
	);
}
/** A look or ring made at the rack: judged as a whole. */
export interface AtRack {
	wheelId: number;
	step: string;
	id: number;
	verdict: Verdict;
	mayProceed: boolean;
}
/** Of each wheel the newest look and the newest ring made at the rack, not before its `sinceMs`. */
export async function latestAtRack(
	wheels: readonly { wheelId: number; sinceMs: number }[],
	on?: Runner
): Promise<AtRack[]> {
	if (!wheels.length) return [];
	const asked = wheels.flatMap(({ wheelId, sinceMs }) =>
		['look', 'ring'].map((step): Value[] => [wheelId, step, new Date(sinceMs)])
	);
	const newest = `(SELECT request_key, wheel_id, step FROM records WHERE wheel_id = ? AND setup_id IS NULL AND station = 'inspect' AND step = ? AND at >= ? ORDER BY id DESC LIMIT 1)`;
	const parts = await recordsWhere(
		`JOIN (${asked.map(() => newest).join(' UNION ALL ')}) n ON n.request_key = r.request_key AND n.wheel_id = r.wheel_id AND n.step = r.step ORDER BY r.id`,
		asked.flat(),
		on
	);
	const by = new Map<string, FullRecord[]>();
	for (const part of parts)
		by.set(`${part.wheelId} ${part.step}`, [...(by.get(`${part.wheelId} ${part.step}`) ?? []), part]);
	return [...by.values()].map((of) => ({
		wheelId: of[0]!.wheelId!,
		step: of[0]!.step,
		id: of[0]!.id,
		verdict: worst(of.map((r) => r.verdict)),
		mayProceed: of.some((r) => r.output.mayProceed === true)
	}));
}
/** When a wheel was last rung at the rack; 0 when never. */
export async function rackRungAtMs(wheelId: number, on?: Runner): Promise<number> {
	return (
		(
			await row<{ at: Date | null }>(
				"SELECT MAX(at) AS at FROM records WHERE wheel_id = ? AND setup_id IS NULL AND station = 'inspect' AND step = 'ring'",
				[wheelId],
				on
			)
		)?.at?.getTime() ?? 0
	);
}
