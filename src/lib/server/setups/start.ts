import { recordsFrom } from '../../../core/route/apply-submission.js';
import { type Brief, briefStep } from '../../../core/route/stations/brief/steps.js';
import { claim, settle } from '../storage/requests.js';
import { transaction } from '../storage/pool.js';
import { InputFault } from '../refused.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { machineById } from '../shop/machines.js';
import { keepRecords } from '../storage/keep-records.js';
import { ofSetup } from './of-setup.js';
import { insertSetup } from './insert-setup.js';
import { loadSetup } from './setups.js';

/**
 * Starts a setup from its brief; the same key twice starts it once.
 * @throws Refused 403 for a viewer, InputFault when there is no such machine or route
 */
export async function startSetup(brief: Brief, user: User, key: string): Promise<number> {
	mayWrite(user);
	return transaction(async (on) => {
		const before = await claim(key, 'setup', user.id, on);
		if (before) return Number(before.id);
		const machine = await machineById(brief.machineId, on);
		if (!machine || machine.retired)
			throw new InputFault('machineId', 'unknown-choice', 'Pick one of the machines.');
		const id = await insertSetup(brief, machine.mountId, machine.dresserId, user.id, on);
		const { facts } = (await loadSetup(id, on))!;
		// A brief may be told whatever state the machine is in; what stops it shows at the stations.
		const told = briefStep.compute(facts, {});
		await keepRecords(
			recordsFrom(briefStep, brief, told, null, null),
			await ofSetup(facts, user, { key }, on),
			on
		);
		await settle(key, { id }, on);
		return id;
	});
}
