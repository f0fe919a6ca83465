import { withLimits } from '../../../core/calculation/limits.js';
import { incidentPlan } from '../../../core/keep/incident-plan.js';
import { inShopPlan } from '../../../core/keep/incident-work.js';
import { setAside } from '../../../core/route/set-aside.js';
import { REPORT_FIELDS } from '../../../core/keep/incident-report.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { lockMachine } from '../shop/machines.js';
import { type Runner, row, transaction, write } from '../storage/pool.js';
import { claim, settle } from '../storage/requests.js';
import { applyWheelEffects } from '../wheels/apply-wheel-effects.js';
import { signedIn } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { changeSetup } from './change-setup.js';
import { keepIncidentRecord } from './keep-incident-record.js';
import { openIncidentOf } from './incidents.js';
import { loadSetup } from './setups.js';

interface Report {
	event: string;
	injury: boolean;
	madeSafe: boolean;
	seen: string;
}
/** Pressed without the network: by whom, and when by the clock of that browser. Whoever connects next hands it in. */
export interface Pressed {
	by: number;
	atMs: number | null;
}

/**
 * Stops the setup, takes the wheel out of use, locks the machine and opens the plan. A finished setup stays as it is: what is told of
 * it later is of the machine and the wheel. What is locked already stays with its one incident, which keeps what else is told.
 * @throws Refused 403 for a viewer of what does not run any more, 404; InputFault on the report
 */
export async function openIncident(
	setupId: number,
	given: unknown,
	key: string,
	user: User,
	pressed: Pressed | null = null
): Promise<number> {
	// Whoever sees it says so, also who may only look.
	signedIn(user);
	const report: Report = checked(REPORT_FIELDS, given);
	return transaction(async (on) => {
		const loaded = await loadSetup(setupId, on, true);
		if (!loaded) throw new Refused(404, 'no-setup', `There is no setup ${setupId}.`);
		const by = await whoPressed(pressed, user, on);
		const before = await claim(key, `incident ${setupId}`, by.id, on);
		if (before) return Number(before.id);
		const { facts } = loaded;
		const afterEnd = facts.state === 'finished';
		// In whoever's name: who hands it in may do no more by it than they may themselves.
		const onlyLooks = by.role === 'viewer' || user.role === 'viewer';
		if (afterEnd && onlyLooks)
			throw new Refused(
				403,
				'viewer',
				`Setup ${setupId} is finished: nothing of it runs any more. Tell a machinist or a lead what you saw.`
			);
		const told = { facts, afterEnd, report, by, sentBy: by.id === user.id ? null : user, pressed, key };
		const under = await openIncidentOf(setupId, on);
		const id =
			under && (onlyLooks || under.event === report.event)
				? await alsoTold(under.id, told, on)
				: await opened(told, on);
		await settle(key, { id }, on);
		return id;
	});
}

interface Told {
	facts: SetupFacts;
	afterEnd: boolean;
	report: Report;
	by: User;
	/** Who handed in what another one had pressed. */
	sentBy: User | null;
	pressed: Pressed | null;
	key: string;
}

async function whoPressed(pressed: Pressed | null, user: User, on: Runner): Promise<User> {
	if (!pressed || pressed.by === user.id) return user;
	const by = await row<User>('SELECT id, name, role FROM users WHERE id = ?', [pressed.by], on);
	if (!by) throw new Refused(404, 'nobody', 'Whoever pressed this is not known here.');
	return by;
}

/** The plan a report begins with. */
const inputOf = ({ facts, report }: Told) =>
	inShopPlan(
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
const evidence = (incident: number, t: Told, on: Runner): Promise<number> =>
	keepIncidentRecord(
		{ incident, facts: t.facts, afterEnd: t.afterEnd, userId: t.by.id },
		{ entered: t.sentBy ? { ...t.report, sentBy: t.sentBy.name } : t.report, input: inputOf(t) },
		{ key: t.key, enteredAtMs: t.pressed?.atMs },
		on
	);

/** What else was seen of what is stopped and locked already. */
async function alsoTold(incident: number, told: Told, on: Runner): Promise<number> {
	await evidence(incident, told, on);
	if (!told.afterEnd) await changeSetup(told.facts.id, told.by.id, {}, on);
	return incident;
}

async function opened(told: Told, on: Runner): Promise<number> {
	const { facts, report, by } = told;
	const plan = incidentPlan.run(inputOf(told));
	const { insertId: incident } = await write(
		'INSERT INTO incidents (setup_id, wheel_id, machine_id, event, seen, facts, opened_by, sent_by, entered_at, after_end) VALUES (?,?,?,?,?,?,?,?,?,?)',
		[
			facts.id,
			facts.wheel?.id ?? null,
			facts.machine.id,
			report.event,
			report.seen,
			JSON.stringify(inputOf(told)),
			by.id,
			told.sentBy?.id ?? null,
			told.pressed?.atMs ? new Date(told.pressed.atMs) : null,
			told.afterEnd
		],
		on
	);
	const recordId = await evidence(incident, told, on);
	const hit = [
		...(facts.wheel ? [facts.wheel] : []),
		...facts.companions.map((companion) => companion.wheel)
	];
	const state = plan.wheelDisposition === 'scrap' ? 'scrapped' : 'quarantined';
	await applyWheelEffects(
		hit.flatMap((wheel) => setAside(wheel.id, `incident ${incident}: ${report.seen}`, state)),
		{ setupId: facts.id, recordId, userId: by.id },
		on
	);
	if (plan.machineState === 'locked-out') await lockMachine(facts.machine.id, true, on);
	if (!told.afterEnd) await changeSetup(facts.id, by.id, { state: 'stopped' }, on);
	return incident;
}
