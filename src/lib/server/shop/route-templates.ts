import type { StationId } from '../../../core/route/station-names.js';
import {
	type ExtraCheck,
	type Mounting,
	type RouteFacts,
	TEMPLATE_FIELDS,
	checkRoute
} from '../../../core/route/templates.js';
import { checked } from '../http/joi-schema.js';
import { type Runner, isDuplicate, row, rows, transaction, write } from '../storage/pool.js';
import { InputFault, Refused } from '../refused.js';
import { mayLead } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

export interface RouteLine {
	code: string;
	version: number;
	name: string;
	why: string;
	mounting: Mounting;
	machineAsks: RouteFacts['machineAsks'];
	stations: StationId[];
	checks: ExtraCheck[];
	note: string | null;
	by: string | null;
	at: Date;
}
type Raw = Omit<RouteLine, 'stations' | 'checks'> & { stations: string; checks: string };
const SELECT =
	'SELECT t.code, t.version, t.name, t.why, t.mounting, t.machine_asks AS machineAsks, t.stations, t.checks, t.note, u.name AS `by`, t.at FROM route_templates t LEFT JOIN users u ON u.id = t.user_id';
const line = (r: Raw): RouteLine => ({
	...r,
	stations: JSON.parse(r.stations) as StationId[],
	checks: JSON.parse(r.checks) as ExtraCheck[]
});

/** The newest version of every route. */
export async function routes(): Promise<RouteLine[]> {
	return (
		await rows<Raw>(
			`${SELECT} WHERE t.version = (SELECT MAX(x.version) FROM route_templates x WHERE x.code = t.code) ORDER BY t.code <> 'toolroom', t.name`
		)
	).map(line);
}
/** All versions of one route, newest first. */
export async function routeHistory(code: string, on?: Runner): Promise<RouteLine[]> {
	return (await rows<Raw>(`${SELECT} WHERE t.code = ? ORDER BY t.version DESC`, [code], on)).map(line);
}

/** Adds a version of a route, or a route; setups under way keep theirs. @throws InputFault, Refused */
export async function keepRoute(
	code: string,
	given: unknown,
	seenVersion: unknown,
	user: User
): Promise<number> {
	mayLead(user, 'A lead changes the routes.');
	if (!/^[a-z0-9-]{2,30}$/.test(code))
		throw new InputFault('code', 'not-allowed', 'A route is called by small letters, digits and dashes.');
	const values = checked(TEMPLATE_FIELDS, given);
	checkRoute(values.stations, values.checks);
	return transaction(async (on) => {
		const last = Number(
			(
				await row<{ v: number | null }>(
					'SELECT MAX(version) AS v FROM route_templates WHERE code = ? FOR UPDATE',
					[code],
					on
				)
			)?.v ?? 0
		);
		const meanwhile = new Refused(
			409,
			'changed-meanwhile',
			'Somebody changed this route meanwhile. It is shown as it is now; yours is kept, look at it and keep it again.'
		);
		if (seenVersion !== last) throw meanwhile;
		await write(
			'INSERT INTO route_templates (code, version, name, why, mounting, machine_asks, stations, checks, note, user_id, at) VALUES (?,?,?,?,?,?,?,?,?,?,UTC_TIMESTAMP(3))',
			[
				code,
				last + 1,
				values.name,
				values.why,
				values.mounting,
				values.machineAsks,
				JSON.stringify(values.stations),
				JSON.stringify(values.checks),
				values.note,
				user.id
			],
			on
		).catch((e: unknown) => {
			throw isDuplicate(e) ? meanwhile : e;
		});
		return last + 1;
	});
}
