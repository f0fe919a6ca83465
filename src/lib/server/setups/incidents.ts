import { CORE_VERSION } from '../../../core/calculations.js';
import { withLimits } from '../../../core/calculation/limits.js';
import { incidentPlan } from '../../../core/keep/incident-plan.js';
import { REMEASURE, causeAsked, inShopPlan } from '../../../core/keep/incident-work.js';
import { asRecorded } from '../../../core/route/as-recorded.js';
import { REPORT_FIELDS } from '../../../core/keep/incident-report.js';
import { checked } from '../door/joi-schema.js';
import { lockMachine } from '../shop/machines.js';
import { type Runner, row, rows, transaction, write } from '../db/pool.js';
import { addRecord } from '../db/records.js';
import { claim, settle } from '../db/requests.js';
import { InputFault, Refused } from '../door/refused.js';
import { stored } from '../db/stored.js';
import { changeSetup } from './change-setup.js';
import { finishSetup } from './finish.js';
import { keepFacts } from './kept-facts.js';
import { loadSetup } from './setups.js';
import type { User } from '../people/sign-in.js';
import { addEvent, setWheelState } from '../wheels/ledger.js';
import { mayLead, mayWrite, signedIn } from '../people/permission.js';

export interface Report {
	event: string;
	injury: boolean;
	madeSafe: boolean;
	seen: string;
}

/** Stops the setup, takes the wheel out of use, locks the machine and opens the plan. @throws Refused 403 for a viewer, 404; InputFault on the report */
export async function openIncident(
	setupId: number,
	given: unknown,
	key: string,
	user: User
): Promise<number> {
	// Whoever sees it says so, also who may only look.
	signedIn(user);
	const report = checked(REPORT_FIELDS, given);
	return transaction(async (on) => {
		const loaded = await loadSetup(setupId, on, true);
		if (!loaded) throw new Refused(404, 'no-setup', `There is no setup ${setupId}.`);
		const before = await claim(key, `incident ${setupId}`, user.id, on);
		if (before) return Number(before.id);
		const { facts } = loaded;
		const input = inShopPlan(
			withLimits(
				facts.guidelines.limits,
				incidentPlan,
				{
					event: report.event,
					injury: report.injury,
					madeSafe: report.madeSafe,
					done: report.madeSafe ? ['make-safe'] : []
				},
				facts.units
			)
		);
		const plan = incidentPlan.run(input);
		const recordId = await addRecord(
			{
				setupId,
				wheelId: facts.wheel?.id ?? null,
				machineId: facts.machine.id,
				station: 'keep',
				step: 'incident',
				calculation: incidentPlan.id,
				coreVersion: CORE_VERSION,
				entered: report,
				input,
				output: plan,
				verdict: plan.verdict,
				overrideReason: null,
				replacesId: null,
				facts: await keepFacts(asRecorded(facts), on),
				userId: user.id,
				key,
				ordinal: 0
			},
			on
		);
		const done = await write(
			'INSERT INTO incidents (setup_id, wheel_id, machine_id, event, seen, facts, opened_by) VALUES (?,?,?,?,?,?,?)',
			[
				setupId,
				facts.wheel?.id ?? null,
				facts.machine.id,
				report.event,
				report.seen,
				JSON.stringify(input),
				user.id
			],
			on
		);
		const hit = [...(facts.wheel ? [facts.wheel] : []), ...facts.companions.map((c) => c.wheel)];
		for (const w of hit) {
			const reason = `incident ${done.insertId}: ${report.seen}`;
			const state = plan.wheelDisposition === 'scrap' ? 'scrapped' : 'quarantined';
			// One that was scrapped before stays scrapped, and its book says no more of it.
			if (!(await setWheelState(w.id, state, reason, on))) continue;
			await addEvent(
				{
					wheelId: w.id,
					kind: state,
					diameterAfterMm: null,
					setupId,
					recordId,
					note: reason.slice(0, 200),
					userId: user.id
				},
				on
			);
		}
		if (plan.machineState === 'locked-out') await lockMachine(facts.machine.id, true, on);
		await changeSetup(setupId, user.id, { state: 'stopped' }, on);
		await settle(key, { id: done.insertId }, on);
		return done.insertId;
	});
}

interface Raw {
	id: number;
	setup_id: number;
	wheel_id: number | null;
	machine_id: number;
	event: string;
	seen: string;
	facts: string;
	version: number;
	opened_at: Date;
	closed_at: Date | null;
	by: string;
	part: string;
	machine: string;
	wheel: string | null;
	closed_by_name: string | null;
}
const SELECT =
	'SELECT i.*, u.name AS `by`, c.name AS closed_by_name, s.part, m.code AS machine, w.number AS wheel FROM incidents i JOIN users u ON u.id = i.opened_by LEFT JOIN users c ON c.id = i.closed_by JOIN setups s ON s.id = i.setup_id JOIN machines m ON m.id = i.machine_id LEFT JOIN wheels w ON w.id = i.wheel_id';
export interface Incident {
	id: number;
	setupId: number;
	machineId: number;
	event: string;
	seen: string;
	input: Record<string, unknown>;
	version: number;
	openedAt: Date;
	closedAt: Date | null;
	by: string;
	closedBy: string | null;
	part: string;
	machine: string;
	wheel: string | null;
}
const incident = (r: Raw): Incident => ({
	id: r.id,
	setupId: r.setup_id,
	machineId: r.machine_id,
	event: r.event,
	seen: r.seen,
	// A plan that cannot be read any more starts again from what happened: nothing of it is taken as done.
	input: inShopPlan(
		stored<Record<string, unknown>>(r.facts) ?? {
			event: r.event,
			injury: false,
			madeSafe: false,
			done: []
		}
	),
	version: r.version,
	openedAt: r.opened_at,
	closedAt: r.closed_at,
	by: r.by,
	closedBy: r.closed_by_name,
	part: r.part,
	machine: r.machine,
	wheel: r.wheel
});

export async function incidentById(id: number, on?: Runner): Promise<Incident | undefined> {
	const r = await row<Raw>(`${SELECT} WHERE i.id = ?`, [id], on);
	return r && incident(r);
}
export async function openIncidents(): Promise<Incident[]> {
	return (await rows<Raw>(`${SELECT} WHERE i.closed_at IS NULL ORDER BY i.id`)).map(incident);
}

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
					`Not finished: ${plan.reasons.find((r) => r.severity === 'stop')?.message ?? ''}`
				);
			const asked = causeAsked(i.event, input.findings);
			if (asked) throw new Refused(409, 'cause-open', asked);
		}
		await write(
			'UPDATE incidents SET facts = ?, version = version + 1, closed_by = ?, closed_at = IF(?, UTC_TIMESTAMP(3), NULL) WHERE id = ?',
			[JSON.stringify(input), change.close ? user.id : null, !!change.close, id],
			on
		);
		const loaded = (await loadSetup(i.setupId, on))!;
		await addRecord(
			{
				setupId: i.setupId,
				wheelId: loaded.facts.wheel?.id ?? null,
				machineId: i.machineId,
				station: 'keep',
				step: 'incident',
				calculation: incidentPlan.id,
				coreVersion: CORE_VERSION,
				entered: change.close ? { closed: true } : input,
				input,
				output: plan,
				verdict: plan.verdict,
				overrideReason: null,
				replacesId: null,
				facts: await keepFacts(asRecorded(loaded.facts), on),
				userId: user.id,
				key: change.key,
				ordinal: 0
			},
			on
		);
		if (!change.close) return;
		const others = await row<{ n: number }>(
			'SELECT COUNT(*) AS n FROM incidents WHERE machine_id = ? AND closed_at IS NULL',
			[i.machineId],
			on
		);
		if (!others?.n) await lockMachine(i.machineId, false, on);
		await finishSetup(i.setupId, user.id, {}, on);
	});
}
export { InputFault };
