import { expect } from 'chai';
import { RACK_COLUMNS } from '../../src/core/shop/rack-file.js';
import { WHEEL_FIELDS } from '../../src/core/shop/wheel.js';
import { rows } from '../../src/lib/server/storage/pool.js';
import { CORRECTED_COLUMNS, WHEEL_COLUMNS } from '../../src/lib/server/wheels/wheel-columns.js';

/** What other parts keep beside a wheel: its book, its baseline, the mount it stays on. */
const KEPT_BY_OTHERS = ['id', 'diameter_mm', 'kept_on_mount_id', 'received_at'];

describe('the columns of a wheel', () => {
	it('are all in the one map by which wheels are added, read and corrected', async () => {
		const found = await rows<{ name: string }>(
			"SELECT COLUMN_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = 'wheels' AND COALESCE(GENERATION_EXPRESSION, '') = ''"
		);
		const mapped = WHEEL_COLUMNS.split(', ');
		expect(
			found.map((c) => c.name).filter((n) => !mapped.includes(n) && !KEPT_BY_OTHERS.includes(n))
		).to.deep.equal([]);
		expect(mapped.filter((n) => !found.some((c) => c.name === n))).to.deep.equal([]);
	});
	it('that are read off a wheel can be corrected; its number, state and rim cannot', () => {
		const corrected = CORRECTED_COLUMNS.split(', ').map((c) => c.replace(' = ?', ''));
		expect(WHEEL_COLUMNS.split(', ').filter((n) => !corrected.includes(n))).to.deep.equal([
			'number',
			'rim_depth_mm',
			'rim_width_mm',
			'state',
			'state_reason'
		]);
	});
	it('that are asked for stand in the file a rack is exported to and taken in from', () => {
		const inFile: readonly string[] = RACK_COLUMNS.map((c) => c.field);
		expect(WHEEL_FIELDS.map((f) => f.name).filter((n) => !inFile.includes(n))).to.deep.equal([]);
	});
});
