import type { PoolConnection } from 'mysql2/promise';
import type { TrayFacts } from '../../../core/facts/shop.js';
import { type Runner, row, rows, write } from '../storage/pool.js';
import { blockSets } from './machines.js';

/** Every tray of gauge blocks, with the blocks that stand in a stack of a setup that is still open. */
export async function traysNow(on?: Runner): Promise<TrayFacts[]> {
	const [sets, used] = await Promise.all([
		blockSets(on),
		rows<{ trayId: number; blockMm: number; setupId: number }>(
			`SELECT b.tray_id AS trayId, b.block_mm AS blockMm, b.setup_id AS setupId FROM blocks_in_use b JOIN setups s ON s.id = b.setup_id
			 WHERE s.state IN ('under-way','released') ORDER BY b.id`,
			[],
			on
		)
	]);
	return sets.map(({ id, code, blocks }) => ({
		code,
		blocksMm: JSON.parse(blocks) as number[],
		inUse: used.filter((u) => u.trayId === id).map(({ blockMm, setupId }) => ({ blockMm, setupId }))
	}));
}

/** The blocks of one setting of a setup from now on, and no others; none: they are back in their tray. */
export async function wringBlocks(
	setupId: number,
	setting: number,
	trayCode: string,
	blocksMm: readonly number[],
	on: PoolConnection
): Promise<void> {
	await write('DELETE FROM blocks_in_use WHERE setup_id = ? AND setting = ?', [setupId, setting], on);
	const tray = await row<{ id: number }>('SELECT id FROM block_sets WHERE code = ?', [trayCode], on);
	for (const mm of tray ? blocksMm : [])
		await write(
			'INSERT INTO blocks_in_use (tray_id, setup_id, setting, block_mm) VALUES (?, ?, ?, ?)',
			[tray!.id, setupId, setting, mm],
			on
		);
}
