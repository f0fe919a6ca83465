import type { SetupFacts } from '../../../core/facts/setup.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { type Runner, row, write } from '../storage/pool.js';
import { Refused } from '../refused.js';

export interface SetupChange {
	state?: SetupFacts['state'];
	wheelId?: number | null;
	units?: 'mm' | 'inch';
	/** Whether its wheel stands on the spindle from now on. */
	onSpindle?: boolean;
	givenUp?: string;
	mountId?: number;
}

/** Raises the version and applies a change; the caller holds the lock. */
export async function changeSetup(
	id: number,
	userId: number,
	change: SetupChange,
	on: Runner
): Promise<void> {
	const sets = ['version = version + 1', 'changed_by = ?', 'changed_at = UTC_TIMESTAMP(3)'];
	const values: (string | number | null)[] = [userId];
	if (change.state) {
		sets.push('state = ?');
		values.push(change.state);
	}
	if (change.wheelId !== undefined) {
		sets.push('wheel_id = ?');
		values.push(change.wheelId);
	}
	if (change.onSpindle !== undefined) {
		sets.push('on_spindle = ?');
		values.push(change.onSpindle ? 1 : 0);
	}
	if (change.mountId !== undefined) {
		sets.push('mount_id = ?');
		values.push(change.mountId);
	}
	if (change.givenUp !== undefined) {
		sets.push('given_up = ?');
		values.push(change.givenUp);
	}
	if (change.units) {
		sets.push('units = ?');
		values.push(change.units);
	}
	await write(`UPDATE setups SET ${sets.join(', ')} WHERE id = ?`, [...values, id], on);
}

/** mm or inch is the setup's, not the page's. @throws Refused 403 for a viewer, 404 */
export async function switchUnits(setupId: number, units: 'mm' | 'inch', user: User): Promise<void> {
	mayWrite(user);
	if (!(await row('SELECT id FROM setups WHERE id = ?', [setupId])))
		throw new Refused(404, 'no-setup', `There is no setup ${setupId}.`);
	await write('UPDATE setups SET units = ? WHERE id = ?', [units, setupId]);
}
