import type { WheelFacts } from '../../../core/facts/wheel.js';
import { type WheelState, movedTo } from '../../../core/shop/wheel-state.js';
import { type Runner, row, rows, write } from '../storage/pool.js';

export interface LedgerLine {
	id: number;
	kind: string;
	diameterAfterMm: number | null;
	widthAfterMm: number | null;
	rimDepthAfterMm: number | null;
	note: string | null;
	setupId: number | null;
	machine: string | null;
	/** The line it stands for, where it corrects one. */
	correctsId: number | null;
	by: string;
	at: Date;
}

export function ledger(wheelId: number, on?: Runner): Promise<LedgerLine[]> {
	return rows(
		'SELECT e.id, e.kind, e.diameter_after_mm AS diameterAfterMm, e.width_after_mm AS widthAfterMm, e.rim_depth_after_mm AS rimDepthAfterMm, e.note, e.corrects_id AS correctsId, e.setup_id AS setupId, m.code AS machine, u.name AS `by`, e.at FROM wheel_events e JOIN users u ON u.id = e.user_id LEFT JOIN setups s ON s.id = e.setup_id LEFT JOIN machines m ON m.id = s.machine_id WHERE e.wheel_id = ? ORDER BY e.id',
		[wheelId],
		on
	);
}

export interface WheelEvent {
	wheelId: number;
	kind: string;
	diameterAfterMm: number | null;
	widthAfterMm?: number | null;
	rimDepthAfterMm?: number | null;
	setupId: number | null;
	recordId: number | null;
	note: string | null;
	correctsId?: number;
	userId: number;
	at?: Date;
}

export async function addEvent(e: WheelEvent, on?: Runner): Promise<void> {
	await write(
		'INSERT INTO wheel_events (wheel_id, kind, diameter_after_mm, width_after_mm, rim_depth_after_mm, setup_id, record_id, note, corrects_id, user_id, at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, COALESCE(?, UTC_TIMESTAMP(3)))',
		[
			e.wheelId,
			e.kind,
			e.diameterAfterMm,
			e.widthAfterMm ?? null,
			e.rimDepthAfterMm ?? null,
			e.setupId,
			e.recordId,
			e.note,
			e.correctsId ?? null,
			e.userId,
			e.at ?? null
		],
		on
	);
}

/** A wheel stays on this mount in the rack, or comes off the one it was kept on. */
export async function keepOnMount(wheelId: number, mountId: number | null, on: Runner): Promise<void> {
	await write('UPDATE wheels SET kept_on_mount_id = ? WHERE id = ?', [mountId, wheelId], on);
}

/** Changes where a wheel stands, where the move is allowed; says whether it was. Every writer comes through here. */
export async function setWheelState(
	wheelId: number,
	state: WheelFacts['state'],
	reason: string | null,
	on: Runner,
	cleared = false
): Promise<boolean> {
	const now = await row<{ state: WheelState }>(
		'SELECT state FROM wheels WHERE id = ? FOR UPDATE',
		[wheelId],
		on
	);
	if (!now || movedTo(now.state, state, cleared) !== state) return false;
	await write(
		"UPDATE wheels SET state = ?, state_reason = ?, kept_on_mount_id = IF(? = 'scrapped', NULL, kept_on_mount_id) WHERE id = ?",
		[state, reason?.slice(0, 200) ?? null, state, wheelId],
		on
	);
	return true;
}

/** Whether a wheel was on a machine before and went back to the rack. */
export async function wasParked(wheelId: number, on?: Runner): Promise<boolean> {
	return !!(await row(
		"SELECT 1 AS yes FROM wheel_events WHERE wheel_id = ? AND kind = 'parked' LIMIT 1",
		[wheelId],
		on
	));
}
