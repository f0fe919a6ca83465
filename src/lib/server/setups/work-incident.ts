import { incidentPlan } from '../../../core/keep/incident-plan.js';
import { REMEASURE, causeAsked } from '../../../core/keep/incident-work.js';
import { row, transaction, write } from '../storage/pool.js';
import { claim } from '../storage/requests.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { mayLead, mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { lockMachine } from '../shop/machines.js';
import { finishSetup } from './finish.js';
import { keepIncidentRecord } from './keep-incident-record.js';
import { incidentById } from './incidents.js';
import { loadSetup } from './setups.js';

/** Books steps done and findings; a lead closes the plan once nothing in it stops. @throws Refused 403, 404, 409 with the reason; InputFault on the findings */
export async function workIncident(
	id: number,
	change: { done?: unknown; findings?: unknown; close?: boolean; version: number; key: string },
	user: User
): Promise<void> {
	mayWrite(user);
	await transaction(async (on) => {
		await row('SELECT id FROM incidents WHERE id = ? FOR UPDATE', [id], on);
		const i = await incidentById(id, on);
		if (!i) throw new Refused(404, 'no-incident', `There is no incident ${id}.`);
		if (await claim(change.key, `plan of incident ${id}`, user.id, on)) return;
		if (i.closedAt) throw new Refused(409, 'closed', 'This incident is closed.');
		if (i.version !== change.version)
			throw new Refused(
				409,
				'changed-meanwhile',
				'Somebody worked on this plan meanwhile. It is shown as it is now; yours is kept, record it again.'
			);
		const input = checked(incidentPlan.fields, {
			...i.input,
			...(change.done === undefined ? {} : { done: change.done }),
			...(change.findings === undefined ? {} : { findings: change.findings })
		});
		// Whatever is ticked: cleaning is shown by the reading after it.
		input.done = input.done.filter((code) => code !== REMEASURE);
		if (input.done.includes('make-safe')) input.madeSafe = true;
		const plan = incidentPlan.run(input);
		if (change.close) {
			mayLead(user, 'A lead closes an incident.');
			if (plan.verdict === 'stop')
				throw new Refused(
					409,
					'plan-open',
					`Not finished: ${plan.reasons.find((reason) => reason.severity === 'stop')?.message ?? ''}`
				);
			const asked = causeAsked(i.event, input.findings);
			if (asked) throw new Refused(409, 'cause-open', asked);
		}
		await write(
			'UPDATE incidents SET facts = ?, version = version + 1, closed_by = ?, closed_at = IF(?, UTC_TIMESTAMP(3), NULL) WHERE id = ?',
			[JSON.stringify(input), change.close ? user.id : null, !!change.close, id],
			on
		);
		const { facts } = (await loadSetup(i.setupId, on))!;
		await keepIncidentRecord(
			{ incident: id, facts, afterEnd: i.afterEnd, userId: user.id },
			{ entered: change.close ? { closed: true } : input, input },
			change,
			on
		);
		if (!change.close) return;
		const others = await row<{ n: number }>(
			'SELECT COUNT(*) AS n FROM incidents WHERE machine_id = ? AND closed_at IS NULL',
			[i.machineId],
			on
		);
		if (!others?.n) await lockMachine(i.machineId, false, on);
		if (!i.afterEnd) await finishSetup(i.setupId, user.id, {}, on);
	});
}
